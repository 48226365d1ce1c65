-- Up Migration

-- A programme's own values in place of the library's. Append-only: the newest of a name counts, a null value goes back to the library.
CREATE TABLE library_override (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  programme_id uuid NOT NULL REFERENCES programme,
  name text NOT NULL CHECK (name <> ''),
  value double precision,
  reason text NOT NULL,
  author text NOT NULL,
  made_at timestamptz NOT NULL DEFAULT now(),
  CHECK (value IS NULL OR reason <> '')
);
CREATE INDEX ON library_override (programme_id, name, id DESC);
CREATE TRIGGER library_override_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON library_override FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- Down Migration

DROP TABLE library_override;
