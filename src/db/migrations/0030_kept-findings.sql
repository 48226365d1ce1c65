-- Up Migration

-- The ways of doing in force when a planting was sown: what a household or a programme chooses later is not how it was grown.
ALTER TABLE planting ADD COLUMN sown_schools jsonb;
ALTER TABLE planting_summary ADD COLUMN schools jsonb NOT NULL DEFAULT '{}';

-- What the records of a large programme say, for all of them and for each part that can be asked for by itself: worked out
-- by the queue, since it takes longer than somebody waits for.
CREATE TABLE kept_findings (
  programme_id uuid NOT NULL REFERENCES programme,
  ask text NOT NULL,
  made_at timestamptz NOT NULL DEFAULT now(),
  findings jsonb NOT NULL,
  PRIMARY KEY (programme_id, ask)
);
ALTER TABLE kept_findings ENABLE ROW LEVEL SECURITY;
CREATE POLICY own ON kept_findings USING (programme_id = seen_programme() AND seen_households() IS NULL);

-- Where no household has two bags, two whose places are alike make a pair: whose the second planting is.
ALTER TABLE side_by_side_pair ADD COLUMN second_household_id uuid;
UPDATE side_by_side_pair SET second_household_id = household_id;
ALTER TABLE side_by_side_pair ALTER COLUMN second_household_id SET NOT NULL;
ALTER TABLE side_by_side_pair ADD FOREIGN KEY (programme_id, second_household_id) REFERENCES household (programme_id, id);

-- A household sees in which side-by-sides it takes part, and how: its days remind it.
CREATE POLICY own_pair ON side_by_side_pair FOR SELECT
  USING (programme_id = seen_programme() AND (household_id = ANY (seen_households()) OR second_household_id = ANY (seen_households())));
CREATE POLICY own_part ON side_by_side FOR SELECT
  USING (programme_id = seen_programme() AND EXISTS (SELECT FROM side_by_side_pair p WHERE p.side_by_side_id = side_by_side.id));

-- All plans are judged anew, which notes the ways of what stands.
UPDATE programme SET judge_asked = judge_asked + 1, judge_since = now();

-- Down Migration

DROP POLICY own_part ON side_by_side;
DROP POLICY own_pair ON side_by_side_pair;
ALTER TABLE side_by_side_pair DROP COLUMN second_household_id;
DROP TABLE kept_findings;
ALTER TABLE planting_summary DROP COLUMN schools;
ALTER TABLE planting DROP COLUMN sown_schools;
