-- Up Migration

-- Names that people give to kept states of a plan. Append-only: the newest of a state counts, an empty one takes it away.
CREATE TABLE plan_version_name (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  programme_id uuid NOT NULL,
  household_id uuid NOT NULL,
  plan_version_id bigint NOT NULL REFERENCES plan_version,
  name text NOT NULL CHECK (length(name) <= 80),
  author text NOT NULL,
  made_at timestamptz NOT NULL DEFAULT now(),
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);
CREATE INDEX ON plan_version_name (plan_version_id, id DESC);
CREATE TRIGGER plan_version_name_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON plan_version_name FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- Down Migration

DROP TABLE plan_version_name;
