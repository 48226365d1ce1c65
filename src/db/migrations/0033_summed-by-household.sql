-- Up Migration

-- What all picked is summed household by household: to count distinct ones, every week of every planting had to be sorted.
CREATE OR REPLACE FUNCTION programme_picked(since date, OUT households integer, OUT kg double precision)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$
    SELECT CASE WHEN n >= 3 THEN n END, CASE WHEN n >= 3 THEN sum END
    FROM (SELECT count(*)::integer AS n, sum(own.kg) AS sum
      FROM (SELECT p.household_id, sum(p.kg) AS kg FROM picked_week p
        WHERE p.programme_id = seen_programme() AND p.week >= since AND p.kg > 0 GROUP BY 1) own
      JOIN household h ON h.id = own.household_id AND h.shares_picked) all_of_them
  $$;

-- On which day a household last wrote something down follows each record: the list asks it of every household.
ALTER TABLE household_progress ADD COLUMN last_on date;
UPDATE household_progress g SET last_on = (SELECT max(r.happened_on) FROM record r WHERE r.programme_id = g.programme_id AND r.household_id = g.household_id);

-- Down Migration

ALTER TABLE household_progress DROP COLUMN last_on;
CREATE OR REPLACE FUNCTION programme_picked(since date, OUT households integer, OUT kg double precision)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$
    SELECT CASE WHEN n >= 3 THEN n END, CASE WHEN n >= 3 THEN sum END
    FROM (SELECT count(DISTINCT p.household_id)::integer AS n, sum(p.kg) AS sum
      FROM picked_week p JOIN household h ON h.id = p.household_id AND h.shares_picked
      WHERE p.programme_id = seen_programme() AND p.week >= since AND p.kg > 0) all_of_them
  $$;
