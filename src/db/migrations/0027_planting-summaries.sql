-- Up Migration

-- What each planting came to, in one line: all figures across households are made of these, and never of the records
-- themselves. Follows each record in its transaction; what was to be expected of its harvest follows the household.
CREATE TABLE planting_summary (
  programme_id uuid NOT NULL,
  household_id uuid NOT NULL,
  planting_id uuid PRIMARY KEY REFERENCES planting,
  goal_id text NOT NULL,
  crop_id text NOT NULL,
  method text NOT NULL,
  bag_kind_id text NOT NULL,
  variety text,
  plants integer,
  sown_on date,
  up_on date,
  moved_on date,
  first_pick_on date,
  ended_on date,
  last_on date,
  seeds integer NOT NULL,
  ups integer NOT NULL,
  lost_young integer NOT NULL,
  lost_grown integer NOT NULL,
  reasons jsonb NOT NULL,
  picks integer NOT NULL,
  kg double precision NOT NULL,
  pieces double precision NOT NULL,
  bunches double precision NOT NULL,
  -- Low, likely and high: days from sowing, and kg.
  expected_up jsonb,
  expected_pick jsonb,
  expected_kg jsonb,
  packet_days integer,
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);
CREATE INDEX planting_summary_household ON planting_summary (programme_id, household_id);
CREATE INDEX planting_summary_sown ON planting_summary (programme_id, sown_on) WHERE sown_on IS NOT NULL;
ALTER TABLE planting_summary ENABLE ROW LEVEL SECURITY;
CREATE POLICY own ON planting_summary
  USING (programme_id = seen_programme() AND (seen_households() IS NULL OR household_id = ANY (seen_households())));
-- All plans are judged anew, which writes the lines of all that was planted before.
UPDATE programme SET judge_asked = judge_asked + 1, judge_since = now();

-- Down Migration

DROP TABLE planting_summary;
