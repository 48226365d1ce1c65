-- Up Migration

-- What all households of a programme got from a goal, for each of them to see: of three households and more that share, each
-- with one voice however much it grows; from five on without the least and the most. A fixed table: there is nothing to ask
-- for, so that no two answers can be held against each other to tell one household's.
CREATE FUNCTION shared_goals() RETURNS TABLE (goal_id text, households integer, pick_days double precision, kg double precision)
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
    )
    SELECT ranked.goal_id, max(n)::integer, avg(days), avg(ranked.kg) FILTER (WHERE n < 5 OR place BETWEEN 2 AND n - 1)
    FROM ranked GROUP BY 1 HAVING max(n) >= 3 ORDER BY 1
  $$;

-- A value that was taken from findings follows new records, until somebody puts another one in its place.
ALTER TABLE library_override ADD COLUMN follows boolean NOT NULL DEFAULT false;

-- Down Migration

ALTER TABLE library_override DROP COLUMN follows;
DROP FUNCTION shared_goals;
