-- Up Migration

-- Codes have no ceiling, and sort as numbers.
ALTER TABLE household DROP CONSTRAINT household_code_check;
ALTER TABLE household ADD CONSTRAINT household_code_check CHECK (code ~ '^[0-9]{2,9}$');
ALTER TABLE household ADD COLUMN number integer NOT NULL GENERATED ALWAYS AS (code::integer) STORED;
CREATE INDEX ON household (programme_id, number);

-- What a planting's records come to: kept in the transaction of each record and each saved plan, and computed by the core.
CREATE TABLE planting_progress (
  planting_id uuid PRIMARY KEY,
  programme_id uuid NOT NULL,
  household_id uuid NOT NULL,
  goal_id text NOT NULL,
  crop_id text NOT NULL,
  removed boolean NOT NULL,
  is_started boolean NOT NULL,
  is_picked boolean NOT NULL,
  is_recorded boolean NOT NULL,
  ended_on date,
  over_on date,
  -- What it waits for next, and in which days that is due.
  task text CHECK (task IN ('sow', 'up', 'move', 'pick')),
  due_from date,
  due_until date,
  -- When its first pick is to be expected.
  first_from date,
  first_until date,
  kg double precision NOT NULL,
  pieces double precision NOT NULL,
  bunches double precision NOT NULL,
  seeds integer NOT NULL,
  ups integer NOT NULL,
  FOREIGN KEY (programme_id, household_id, planting_id) REFERENCES planting (programme_id, household_id, id)
);
CREATE INDEX ON planting_progress (household_id);
CREATE INDEX ON planting_progress (programme_id, due_from) WHERE task IS NOT NULL AND NOT removed;

-- How far a household is, for lists that are searched, filtered and sorted.
CREATE TABLE household_progress (
  household_id uuid PRIMARY KEY,
  programme_id uuid NOT NULL,
  stage text NOT NULL CHECK (stage IN ('new', 'surveyed', 'planned', 'sown', 'picking')),
  -- First day on which it is finished; null while something still stands.
  finished_from date,
  bags integer NOT NULL,
  sun_hours double precision NOT NULL,
  -- The earliest that its plantings wait for.
  due_from date,
  due_until date,
  kg double precision NOT NULL,
  pieces double precision NOT NULL,
  bunches double precision NOT NULL,
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);
CREATE INDEX ON household_progress (programme_id);

-- Seeds that a programme counted, and those that came up.
CREATE TABLE crop_germination (
  programme_id uuid NOT NULL REFERENCES programme,
  crop_id text NOT NULL,
  sown integer NOT NULL,
  up integer NOT NULL,
  PRIMARY KEY (programme_id, crop_id)
);

-- What a household's plan still has to buy, and in which days that holds; open ends are null.
CREATE TABLE need (
  programme_id uuid NOT NULL,
  household_id uuid NOT NULL,
  item text NOT NULL,
  amount double precision NOT NULL CHECK (amount > 0),
  from_day date,
  until_day date,
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);
CREATE INDEX ON need (household_id);
CREATE INDEX ON need (programme_id, item);

-- Changes that touch every plan (climate, library, schools, germination) are followed by a queue: how many were asked for,
-- how many are done, and since when some are open.
ALTER TABLE programme
  ADD COLUMN judge_asked integer NOT NULL DEFAULT 1,
  ADD COLUMN judge_done integer NOT NULL DEFAULT 0,
  ADD COLUMN judge_since timestamptz NOT NULL DEFAULT now();

CREATE INDEX ON record (planting_id);
CREATE INDEX ON record (programme_id, happened_on, noted_at, id);

-- The newest proposal of each household; the queue itself is kept by its package.
CREATE TABLE proposal (
  household_id uuid PRIMARY KEY,
  programme_id uuid NOT NULL,
  aim text NOT NULL CHECK (aim IN ('soon', 'value', 'ease')),
  status text NOT NULL CHECK (status IN ('waiting', 'working', 'done', 'failed')),
  asked_by text NOT NULL,
  asked_at timestamptz NOT NULL DEFAULT now(),
  -- Version of the plan that the proposal was made for.
  plan_version integer,
  result jsonb,
  -- Why it failed, for whoever looks after the server.
  error text,
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);
CREATE INDEX ON proposal (programme_id, status);
INSERT INTO proposal (household_id, programme_id, aim, status, asked_by, asked_at, plan_version, result, error)
  SELECT DISTINCT ON (household_id) household_id, programme_id, aim,
    CASE WHEN status = 'done' THEN 'done' ELSE 'failed' END, asked_by, asked_at, plan_version, result,
    CASE WHEN status = 'done' THEN NULL ELSE 'left open by an older version' END
  FROM proposal_job ORDER BY household_id, id DESC;
DROP TABLE proposal_job;

-- Down Migration

CREATE TABLE proposal_job (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  programme_id uuid NOT NULL,
  household_id uuid NOT NULL,
  aim text NOT NULL CHECK (aim IN ('soon', 'value', 'ease')),
  status text NOT NULL DEFAULT 'waiting' CHECK (status IN ('waiting', 'working', 'done', 'failed')),
  asked_by text NOT NULL,
  asked_at timestamptz NOT NULL DEFAULT now(),
  taken_at timestamptz,
  plan_version integer,
  result jsonb,
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);
CREATE INDEX ON proposal_job (programme_id, household_id, id DESC);
CREATE INDEX ON proposal_job (id) WHERE status IN ('waiting', 'working');
INSERT INTO proposal_job (programme_id, household_id, aim, status, asked_by, asked_at, plan_version, result)
  SELECT programme_id, household_id, aim, CASE WHEN status = 'done' THEN 'done' ELSE 'failed' END, asked_by, asked_at, plan_version, result FROM proposal;
DROP TABLE proposal;
DROP INDEX record_planting_id_idx;
DROP INDEX record_programme_id_happened_on_noted_at_id_idx;
ALTER TABLE programme DROP COLUMN judge_asked, DROP COLUMN judge_done, DROP COLUMN judge_since;
DROP TABLE need, crop_germination, household_progress, planting_progress;
ALTER TABLE household DROP COLUMN number;
ALTER TABLE household DROP CONSTRAINT household_code_check;
ALTER TABLE household ADD CONSTRAINT household_code_check CHECK (code ~ '^[0-9]{2,3}$') NOT VALID;
