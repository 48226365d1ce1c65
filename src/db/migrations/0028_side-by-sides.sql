-- Up Migration

-- One way held against another on purpose: what is asked, how many pairs of bags that takes, and the seed by which chance
-- says which bag gets which way. What was planned is never changed.
CREATE TABLE side_by_side (
  id uuid PRIMARY KEY,
  programme_id uuid NOT NULL REFERENCES programme,
  goal_id text NOT NULL,
  question text NOT NULL,
  first_way text NOT NULL,
  second_way text NOT NULL,
  -- Smallest ratio of the second way to the first that matters, and the spread of pairs that was known then.
  ratio double precision NOT NULL CHECK (ratio > 1),
  spread double precision NOT NULL CHECK (spread > 0),
  planned integer NOT NULL CHECK (planned > 0),
  seed integer NOT NULL,
  author text NOT NULL,
  begun_at timestamptz NOT NULL DEFAULT now(),
  ended_at timestamptz
);
CREATE INDEX side_by_side_programme ON side_by_side (programme_id, begun_at);

-- A pair of bags of one household: which planting goes the first way and which the second; dropped with a reason, never taken out.
CREATE TABLE side_by_side_pair (
  programme_id uuid NOT NULL,
  side_by_side_id uuid NOT NULL REFERENCES side_by_side,
  household_id uuid NOT NULL,
  first_planting_id uuid NOT NULL REFERENCES planting,
  second_planting_id uuid NOT NULL REFERENCES planting,
  position integer NOT NULL,
  dropped text,
  dropped_by text,
  PRIMARY KEY (side_by_side_id, position),
  UNIQUE (side_by_side_id, first_planting_id),
  UNIQUE (side_by_side_id, second_planting_id),
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);

-- Each time that somebody looked at the answer: how many pairs were in. Looks spend of what may be claimed falsely.
CREATE TABLE side_by_side_look (
  programme_id uuid NOT NULL,
  side_by_side_id uuid NOT NULL REFERENCES side_by_side,
  pairs integer NOT NULL,
  verdict text NOT NULL,
  author text NOT NULL,
  looked_on date NOT NULL,
  PRIMARY KEY (side_by_side_id, pairs)
);

DO $$
DECLARE name text;
BEGIN
  FOREACH name IN ARRAY ARRAY['side_by_side', 'side_by_side_pair', 'side_by_side_look']
  LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', name);
    EXECUTE format('CREATE POLICY own ON %I USING (programme_id = seen_programme() AND seen_households() IS NULL)', name);
  END LOOP;
END $$;

-- Down Migration

DROP TABLE side_by_side_look;
DROP TABLE side_by_side_pair;
DROP TABLE side_by_side;
