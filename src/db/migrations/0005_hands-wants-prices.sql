-- Up Migration

-- What a household eats, and what it brings to the work.
ALTER TABLE household
  ADD COLUMN wants jsonb NOT NULL DEFAULT '{"groups": {}, "must": [], "never": []}',
  ADD COLUMN skill text NOT NULL DEFAULT 'some' CHECK (skill IN ('first', 'some', 'sure')),
  -- Null where nobody asked.
  ADD COLUMN cells integer CHECK (cells >= 0),
  ADD COLUMN budget_minor integer CHECK (budget_minor >= 0),
  ADD COLUMN away jsonb NOT NULL DEFAULT '[]';
ALTER TABLE place
  ADD COLUMN water_l_day double precision CHECK (water_l_day > 0),
  ADD COLUMN water_typed text NOT NULL DEFAULT '';

ALTER TABLE plan_row ADD COLUMN rolled_to_cm double precision CHECK (rolled_to_cm > 0);
ALTER TABLE planting ADD COLUMN out_by date;

-- What a programme pays. Append-only: the newest of an item counts, a null amount takes the price away.
CREATE TABLE price (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  programme_id uuid NOT NULL REFERENCES programme,
  item text NOT NULL CHECK (item <> ''),
  minor integer CHECK (minor >= 0),
  size double precision NOT NULL CHECK (size > 0),
  author text NOT NULL,
  made_at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX ON price (programme_id, item, id DESC);
CREATE TRIGGER price_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON price FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- Down Migration

DROP TABLE price;
ALTER TABLE planting DROP COLUMN out_by;
ALTER TABLE plan_row DROP COLUMN rolled_to_cm;
ALTER TABLE place DROP COLUMN water_l_day, DROP COLUMN water_typed;
ALTER TABLE household DROP COLUMN wants, DROP COLUMN skill, DROP COLUMN cells, DROP COLUMN budget_minor, DROP COLUMN away;
