-- Up Migration

-- Whether what a household picks counts in what all households of its programme are shown. It says so itself.
ALTER TABLE household ADD COLUMN shares_picked boolean NOT NULL DEFAULT true;

CREATE OR REPLACE FUNCTION programme_picked(since date, OUT households integer, OUT kg double precision)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$
    SELECT CASE WHEN n >= 3 THEN n END, CASE WHEN n >= 3 THEN sum END
    FROM (SELECT count(DISTINCT p.household_id)::integer AS n, sum(p.kg) AS sum
      FROM picked_week p JOIN household h ON h.id = p.household_id AND h.shares_picked
      WHERE p.programme_id = seen_programme() AND p.week >= since AND p.kg > 0) all_of_them
  $$;

-- Down Migration

CREATE OR REPLACE FUNCTION programme_picked(since date, OUT households integer, OUT kg double precision)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$
    SELECT CASE WHEN n >= 3 THEN n END, CASE WHEN n >= 3 THEN sum END
    FROM (SELECT count(DISTINCT household_id)::integer AS n, sum(p.kg) AS sum FROM picked_week p
      WHERE p.programme_id = seen_programme() AND p.week >= since AND p.kg > 0) all_of_them
  $$;
ALTER TABLE household DROP COLUMN shares_picked;
