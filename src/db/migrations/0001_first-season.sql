-- Up Migration

CREATE TABLE programme (
  id uuid PRIMARY KEY,
  name text NOT NULL CHECK (name <> ''),
  town text NOT NULL,
  climate_id text NOT NULL,
  mix_id text NOT NULL,
  currency char(3) NOT NULL,
  trainer text NOT NULL
);

CREATE TABLE household (
  id uuid PRIMARY KEY,
  programme_id uuid NOT NULL REFERENCES programme,
  code text NOT NULL CHECK (code ~ '^[0-9]{2,3}$'),
  name text NOT NULL CHECK (name <> ''),
  adults integer NOT NULL CHECK (adults BETWEEN 0 AND 30),
  children integer NOT NULL CHECK (children BETWEEN 0 AND 30),
  tastes text NOT NULL,
  note text NOT NULL,
  version integer NOT NULL DEFAULT 1,
  UNIQUE (programme_id, code),
  UNIQUE (programme_id, id)
);

-- One place for each household for now; quantities in the core's units beside what was typed.
CREATE TABLE place (
  household_id uuid PRIMARY KEY,
  programme_id uuid NOT NULL,
  kind text NOT NULL,
  length_cm double precision NOT NULL CHECK (length_cm > 0),
  length_typed text NOT NULL,
  width_cm double precision NOT NULL CHECK (width_cm > 0),
  width_typed text NOT NULL,
  sun jsonb NOT NULL,
  limit_kg_m2 double precision CHECK (limit_kg_m2 > 0),
  limit_typed text NOT NULL,
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);

CREATE TABLE bag (
  id uuid PRIMARY KEY,
  programme_id uuid NOT NULL,
  household_id uuid NOT NULL,
  kind_id text NOT NULL,
  -- Own measures; null where the library's are good enough.
  shape jsonb,
  at_hand boolean NOT NULL,
  first_season integer CHECK (first_season BETWEEN 1990 AND 2199),
  position integer NOT NULL,
  removed boolean NOT NULL DEFAULT false,
  UNIQUE (programme_id, household_id, id),
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);

CREATE TABLE plan (
  household_id uuid PRIMARY KEY,
  programme_id uuid NOT NULL,
  version integer NOT NULL CHECK (version > 0),
  saved_at timestamptz NOT NULL DEFAULT now(),
  saved_by text NOT NULL,
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);

CREATE TABLE plan_row (
  id uuid PRIMARY KEY,
  programme_id uuid NOT NULL,
  household_id uuid NOT NULL,
  bag_id uuid NOT NULL,
  gap_cm double precision CHECK (gap_cm >= 0),
  position integer NOT NULL,
  removed boolean NOT NULL DEFAULT false,
  UNIQUE (programme_id, household_id, id),
  FOREIGN KEY (programme_id, household_id, bag_id) REFERENCES bag (programme_id, household_id, id)
);

CREATE TABLE planting (
  id uuid PRIMARY KEY,
  programme_id uuid NOT NULL,
  household_id uuid NOT NULL,
  row_id uuid NOT NULL,
  goal_id text NOT NULL,
  surface text NOT NULL CHECK (surface IN ('top', 'edge', 'side')),
  method text NOT NULL,
  plants integer CHECK (plants BETWEEN 0 AND 5000),
  sow_on date NOT NULL,
  position integer NOT NULL,
  removed boolean NOT NULL DEFAULT false,
  UNIQUE (programme_id, household_id, id),
  FOREIGN KEY (programme_id, household_id, row_id) REFERENCES plan_row (programme_id, household_id, id)
);

-- Every saved state of a plan, and every state set aside in a conflict: nobody's work is lost.
CREATE TABLE plan_version (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  programme_id uuid NOT NULL,
  household_id uuid NOT NULL,
  version integer NOT NULL,
  set_aside boolean NOT NULL,
  saved_at timestamptz NOT NULL DEFAULT now(),
  saved_by text NOT NULL,
  content jsonb NOT NULL,
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);
CREATE INDEX ON plan_version (household_id, id DESC);

-- Append-only. The id is made on the device, so that sending twice stores once.
CREATE TABLE record (
  id uuid PRIMARY KEY,
  programme_id uuid NOT NULL,
  household_id uuid NOT NULL,
  planting_id uuid,
  kind text NOT NULL CHECK (kind IN ('sown', 'up', 'moved', 'lost', 'fed', 'picked', 'ended', 'note', 'struck')),
  happened_on date NOT NULL,
  measure text CHECK (measure IN ('count', 'pieces', 'bunches', 'mass', 'volume')),
  value double precision CHECK (value >= 0),
  typed text NOT NULL,
  unit text NOT NULL,
  note text NOT NULL,
  supersedes uuid UNIQUE,
  author text NOT NULL,
  noted_at timestamptz NOT NULL DEFAULT now(),
  CHECK ((measure IS NULL) = (value IS NULL)),
  CHECK (kind <> 'struck' OR supersedes IS NOT NULL),
  CHECK (supersedes <> id),
  UNIQUE (programme_id, household_id, id),
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id),
  FOREIGN KEY (programme_id, household_id, planting_id) REFERENCES planting (programme_id, household_id, id),
  FOREIGN KEY (programme_id, household_id, supersedes) REFERENCES record (programme_id, household_id, id)
);
CREATE INDEX ON record (programme_id, household_id, happened_on);

CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION '% is append-only', TG_TABLE_NAME USING ERRCODE = 'restrict_violation';
END $$;
CREATE TRIGGER record_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON record FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
CREATE TRIGGER plan_version_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON plan_version FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- Down Migration

DROP TABLE record, plan_version, planting, plan_row, plan, bag, place, household, programme;
DROP FUNCTION refuse_change();
