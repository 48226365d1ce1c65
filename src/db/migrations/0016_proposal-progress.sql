-- Up Migration

-- How much of a proposal is worked out, from 0 to 1.
ALTER TABLE proposal ADD COLUMN progress real NOT NULL DEFAULT 0 CHECK (progress BETWEEN 0 AND 1);
-- Something came on record of a planting since the proposal was begun, which it could not know.
ALTER TABLE proposal ADD COLUMN overtaken boolean NOT NULL DEFAULT false;
-- A proposal says what it gives, low, likely and high, and how it looks. One that was made before that is asked for anew: nothing else knows of it.
DELETE FROM proposal WHERE result IS NOT NULL AND NOT result ?& ARRAY['harvest', 'sketch'];

-- Down Migration

ALTER TABLE proposal DROP COLUMN progress, DROP COLUMN overtaken;
