-- Up Migration

-- What else a place is like: wind, animals, stairs, and whether bags can be turned after the sun.
ALTER TABLE place ADD COLUMN site jsonb NOT NULL DEFAULT '[]';
-- A household that has left: it is out of every list and sum, and its records stay.
ALTER TABLE household ADD COLUMN put_away boolean NOT NULL DEFAULT false;

-- Down Migration

ALTER TABLE household DROP COLUMN put_away;
ALTER TABLE place DROP COLUMN site;
