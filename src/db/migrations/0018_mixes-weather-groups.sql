-- Up Migration

-- What a programme measured of its barrows, buckets and cans, L, and how its simulated weather service behaves.
ALTER TABLE programme ADD COLUMN barrow_l double precision NOT NULL DEFAULT 65 CHECK (barrow_l > 0);
ALTER TABLE programme ADD COLUMN bucket_l double precision NOT NULL DEFAULT 10 CHECK (bucket_l > 0);
ALTER TABLE programme ADD COLUMN can_l double precision NOT NULL DEFAULT 10 CHECK (can_l > 0);
ALTER TABLE programme ADD COLUMN weather_mode text NOT NULL DEFAULT 'usual'
  CHECK (weather_mode IN ('usual', 'cold-spring', 'heat-wave', 'wet-month', 'failing'));

-- Recipes of a programme's own, and what a litre of a shipped mix weighs by its scale.
CREATE TABLE mix (
  programme_id uuid NOT NULL REFERENCES programme,
  id text NOT NULL,
  mix jsonb NOT NULL,
  author text NOT NULL,
  changed_at timestamptz NOT NULL DEFAULT now(),
  PRIMARY KEY (programme_id, id)
);

-- What a bag is filled with, where that is not the programme's mix.
ALTER TABLE plan_row ADD COLUMN mix_id text;

-- The weather as the service last told it; no days before it ever answered.
CREATE TABLE weather (
  programme_id uuid PRIMARY KEY REFERENCES programme,
  days jsonb NOT NULL,
  asked_on date,
  asked_at timestamptz,
  tried_at timestamptz NOT NULL
);

-- Households that are taught together, and the days on which they meet.
CREATE TABLE household_group (
  programme_id uuid NOT NULL REFERENCES programme,
  id uuid NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  meets_on date[] NOT NULL DEFAULT '{}',
  PRIMARY KEY (programme_id, id),
  UNIQUE (programme_id, name)
);
ALTER TABLE household ADD COLUMN group_id uuid;
ALTER TABLE household ADD FOREIGN KEY (programme_id, group_id) REFERENCES household_group (programme_id, id);
CREATE INDEX household_by_group ON household (programme_id, group_id) WHERE group_id IS NOT NULL;

-- What the programme has in store, in the unit of the item: it is handed out before anything is bought.
CREATE TABLE stock (
  programme_id uuid NOT NULL REFERENCES programme,
  item text NOT NULL,
  amount double precision NOT NULL CHECK (amount >= 0),
  author text NOT NULL,
  changed_at timestamptz NOT NULL DEFAULT now(),
  PRIMARY KEY (programme_id, item)
);

-- What each household has to do in the weeks to come, kept as its plan and records have it; watering is left out, since it goes by the day.
CREATE TABLE due_task (
  programme_id uuid NOT NULL,
  household_id uuid NOT NULL,
  id text NOT NULL,
  kind text NOT NULL,
  from_day date NOT NULL,
  until_day date NOT NULL,
  task jsonb NOT NULL,
  PRIMARY KEY (household_id, id)
);
CREATE INDEX due_task_by_day ON due_task (programme_id, until_day);
ALTER TABLE due_task ADD FOREIGN KEY (household_id) REFERENCES household ON DELETE CASCADE;

-- Seedlings that plans ask for, raised at home, in one place for all, or bought; kept until they stand in their bag.
CREATE TABLE seedling (
  programme_id uuid NOT NULL,
  household_id uuid NOT NULL REFERENCES household ON DELETE CASCADE,
  planting_id uuid NOT NULL PRIMARY KEY,
  goal_id text NOT NULL,
  method text NOT NULL,
  plants integer NOT NULL,
  sow_on date NOT NULL,
  move_on date NOT NULL,
  hold_until date NOT NULL,
  is_sown boolean NOT NULL,
  cells integer NOT NULL,
  each_comes_up double precision NOT NULL
);
CREATE INDEX seedling_by_day ON seedling (programme_id, sow_on);

-- The day on which all plans were judged last: what is due changes with the day.
ALTER TABLE programme ADD COLUMN judged_on date;

-- Down Migration

ALTER TABLE programme DROP COLUMN judged_on;
DROP TABLE seedling;
DROP TABLE due_task;
DROP TABLE stock;
ALTER TABLE household DROP COLUMN group_id;
DROP TABLE household_group;
DROP TABLE weather;
DROP TABLE mix;
ALTER TABLE plan_row DROP COLUMN mix_id;
ALTER TABLE programme DROP COLUMN barrow_l, DROP COLUMN bucket_l, DROP COLUMN can_l, DROP COLUMN weather_mode;
