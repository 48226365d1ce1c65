-- Up Migration

-- The ways of doing in force when a planting was sown: what a household or a programme chooses later is not how it was grown.
ALTER TABLE planting ADD COLUMN sown_schools jsonb;
ALTER TABLE planting_summary ADD COLUMN schools jsonb NOT NULL DEFAULT '{}';
-- Days from sowing to the last pick; and what the whole bag holds of mix, L, and the area of its top, m², by which harvests
-- are told too.
ALTER TABLE planting_summary ADD COLUMN expected_end jsonb;
ALTER TABLE planting_summary ADD COLUMN soil_l double precision;
ALTER TABLE planting_summary ADD COLUMN top_m2 double precision;

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

-- What all got from a goal is told in two figures: read before and after one household more, or one fewer, it would tell
-- what that one picked.
CREATE OR REPLACE FUNCTION shared_goals() RETURNS TABLE (goal_id text, households integer, pick_days double precision, kg double precision)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$
    WITH house AS (
      SELECT s.goal_id, s.household_id, avg(s.first_pick_on - s.sown_on)::double precision AS days, avg(s.kg) AS kg
      FROM planting_summary s JOIN household h ON h.id = s.household_id AND h.shares_picked AND NOT h.put_away
      WHERE s.programme_id = seen_programme() AND s.sown_on IS NOT NULL AND s.first_pick_on IS NOT NULL AND s.kg > 0
      GROUP BY 1, 2
    ), ranked AS (
      SELECT house.*, row_number() OVER (PARTITION BY house.goal_id ORDER BY house.kg, house.household_id) AS place, count(*) OVER (PARTITION BY house.goal_id) AS n
      FROM house
    ), whole AS (
      SELECT ranked.goal_id, max(n)::integer AS households, avg(days) AS days, avg(ranked.kg) FILTER (WHERE n < 5 OR place BETWEEN 2 AND n - 1) AS kg
      FROM ranked GROUP BY 1 HAVING max(n) >= 3
    )
    SELECT whole.goal_id, whole.households, round(whole.days::numeric, (1 - floor(log(whole.days)))::integer)::double precision,
      round(whole.kg::numeric, (1 - floor(log(whole.kg)))::integer)::double precision
    FROM whole ORDER BY 1
  $$;

-- All plans are judged anew, which notes the ways of what stands.
UPDATE programme SET judge_asked = judge_asked + 1, judge_since = now();

-- Down Migration

DROP POLICY own_part ON side_by_side;
DROP POLICY own_pair ON side_by_side_pair;
ALTER TABLE side_by_side_pair DROP COLUMN second_household_id;
DROP TABLE kept_findings;
ALTER TABLE planting_summary DROP COLUMN schools, DROP COLUMN expected_end, DROP COLUMN soil_l, DROP COLUMN top_m2;
ALTER TABLE planting DROP COLUMN sown_schools;
