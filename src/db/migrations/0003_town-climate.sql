-- Up Migration

-- The town's own climate; null as long as the library's profile named by climate_id is good enough.
ALTER TABLE programme ADD COLUMN climate jsonb;

-- Down Migration

ALTER TABLE programme DROP COLUMN climate;
