-- Up Migration

-- What was picked from each planting, by the week that begins on a Monday: follows its records, and can be made from them anew.
CREATE TABLE picked_week (
  programme_id uuid NOT NULL,
  household_id uuid NOT NULL,
  planting_id uuid NOT NULL,
  week date NOT NULL,
  kg double precision NOT NULL,
  pieces double precision NOT NULL,
  bunches double precision NOT NULL,
  PRIMARY KEY (planting_id, week),
  FOREIGN KEY (programme_id, household_id, planting_id) REFERENCES planting (programme_id, household_id, id)
);
CREATE INDEX ON picked_week (programme_id, week);
CREATE INDEX ON picked_week (household_id, week);
ALTER TABLE picked_week ENABLE ROW LEVEL SECURITY;
CREATE POLICY own ON picked_week
  USING (programme_id = seen_programme() AND (seen_households() IS NULL OR household_id = ANY (seen_households())));

-- What goes wrong is asked for by the day.
CREATE INDEX record_troubles ON record (programme_id, happened_on) WHERE kind IN ('lost', 'pest');

-- What a whole programme has picked since a day. A household may see it, and only where there are three or more in it.
CREATE FUNCTION programme_picked(since date, OUT households integer, OUT kg double precision)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$
    SELECT CASE WHEN n >= 3 THEN n END, CASE WHEN n >= 3 THEN sum END
    FROM (SELECT count(DISTINCT household_id)::integer AS n, sum(p.kg) AS sum FROM picked_week p
      WHERE p.programme_id = seen_programme() AND p.week >= since AND p.kg > 0) all_of_them
  $$;

-- All plans are judged anew, so that what was picked before is in it too.
UPDATE programme SET judge_asked = judge_asked + 1;

-- Down Migration

DROP FUNCTION programme_picked;
DROP INDEX record_troubles;
DROP TABLE picked_week;
