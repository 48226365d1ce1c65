-- Up Migration

-- A row that every proposal leaves as it is.
ALTER TABLE plan_row ADD COLUMN pinned boolean NOT NULL DEFAULT false;
-- Where a bag stands on its floor: its middle in cm from the corner, and whether it is turned; null where nobody has placed it.
ALTER TABLE bag ADD COLUMN spot jsonb;
-- What the place looks like from above: the compass bearing of its open side, its door, and the day on which its sun was seen.
ALTER TABLE place
  ADD COLUMN faces_deg integer CHECK (faces_deg BETWEEN 0 AND 359),
  ADD COLUMN door jsonb,
  ADD COLUMN sun_seen_on date;

-- Down Migration

ALTER TABLE place DROP COLUMN faces_deg, DROP COLUMN door, DROP COLUMN sun_seen_on;
ALTER TABLE bag DROP COLUMN spot;
ALTER TABLE plan_row DROP COLUMN pinned;
