-- Up Migration

-- Chosen ways of doing; what is left out is as the level above has it.
ALTER TABLE programme ADD COLUMN schools jsonb NOT NULL DEFAULT '{}';
ALTER TABLE household ADD COLUMN schools jsonb NOT NULL DEFAULT '{}';
ALTER TABLE plan_row ADD COLUMN schools jsonb NOT NULL DEFAULT '{}';

-- Down Migration

ALTER TABLE programme DROP COLUMN schools;
ALTER TABLE household DROP COLUMN schools;
ALTER TABLE plan_row DROP COLUMN schools;
