-- Up Migration

-- Where a household raises its seedlings, which sets how warm they stand.
ALTER TABLE household ADD COLUMN trays text NOT NULL DEFAULT 'sheltered' CHECK (trays IN ('sheltered', 'sill', 'mat'));
-- An upturned tub over a bag that is laid flat.
ALTER TABLE plan_row ADD COLUMN covered boolean NOT NULL DEFAULT false;
-- A planting that somebody chose by hand: no proposal takes it out.
ALTER TABLE planting ADD COLUMN chosen boolean NOT NULL DEFAULT false;

-- Down Migration

ALTER TABLE planting DROP COLUMN chosen;
ALTER TABLE plan_row DROP COLUMN covered;
ALTER TABLE household DROP COLUMN trays;
