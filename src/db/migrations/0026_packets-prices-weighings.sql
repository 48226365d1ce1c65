-- Up Migration

-- The packet that a planting is sown from: its variety, the number of its lot, the days that it promises.
ALTER TABLE planting ADD COLUMN packet jsonb;

-- A price that somebody saw, in the programme's currency for a kg.
ALTER TABLE record DROP CONSTRAINT record_kind_check;
ALTER TABLE record ADD CONSTRAINT record_kind_check CHECK (kind IN ('sown', 'up', 'thinned', 'moved', 'staked', 'lost', 'fed', 'pest', 'picked', 'priced', 'ended',
  'filled', 'topped-up', 'watered', 'covered', 'checked', 'emptied', 'weather', 'note', 'struck'));
ALTER TABLE record DROP CONSTRAINT record_measure_check;
ALTER TABLE record ADD CONSTRAINT record_measure_check CHECK (measure IN ('count', 'pieces', 'bunches', 'mass', 'volume', 'price'));
CREATE INDEX record_priced ON record (programme_id, happened_on) WHERE kind = 'priced';

-- What some bunches or pieces of a programme weighed, g, each on the scale by itself; the newest list of a goal counts.
CREATE TABLE weighing (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  programme_id uuid NOT NULL REFERENCES programme,
  goal_id text NOT NULL,
  measure text NOT NULL CHECK (measure IN ('pieces', 'bunches')),
  grams double precision[] NOT NULL,
  author text NOT NULL,
  noted_at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX weighing_newest ON weighing (programme_id, goal_id, measure, id DESC);
CREATE TRIGGER weighing_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON weighing FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
ALTER TABLE weighing ENABLE ROW LEVEL SECURITY;
CREATE POLICY see ON weighing FOR SELECT USING (programme_id = seen_programme());
CREATE POLICY change ON weighing USING (programme_id = seen_programme() AND seen_households() IS NULL);

-- The code on a household's sheet: it leads to the household's log, where one signs in, until it is withdrawn.
CREATE TABLE sheet_code (
  programme_id uuid NOT NULL,
  household_id uuid PRIMARY KEY,
  code text NOT NULL UNIQUE,
  made_at timestamptz NOT NULL DEFAULT now(),
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);
ALTER TABLE sheet_code ENABLE ROW LEVEL SECURITY;
CREATE POLICY own ON sheet_code
  USING (programme_id = seen_programme() AND (seen_households() IS NULL OR household_id = ANY (seen_households())));

-- Down Migration

DROP TABLE sheet_code;
DROP TABLE weighing;
DROP INDEX record_priced;
-- Records are never deleted: what the older version does not know becomes a note.
ALTER TABLE record DISABLE TRIGGER USER;
UPDATE record SET note = trim(kind || ' ' || typed || ' ' || note), kind = 'note', measure = NULL, value = NULL WHERE kind = 'priced';
ALTER TABLE record ENABLE TRIGGER USER;
ALTER TABLE record DROP CONSTRAINT record_measure_check;
ALTER TABLE record ADD CONSTRAINT record_measure_check CHECK (measure IN ('count', 'pieces', 'bunches', 'mass', 'volume'));
ALTER TABLE record DROP CONSTRAINT record_kind_check;
ALTER TABLE record ADD CONSTRAINT record_kind_check CHECK (kind IN ('sown', 'up', 'thinned', 'moved', 'staked', 'lost', 'fed', 'pest', 'picked', 'ended',
  'filled', 'topped-up', 'watered', 'covered', 'checked', 'emptied', 'weather', 'note', 'struck'));
ALTER TABLE planting DROP COLUMN packet;
