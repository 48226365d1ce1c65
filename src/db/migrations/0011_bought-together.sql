-- Up Migration

-- Groups of prices that the programme buys together and shares out.
ALTER TABLE programme ADD COLUMN bought_together text[] NOT NULL DEFAULT '{}' CHECK (bought_together <@ ARRAY['packet', 'mix']);

-- Down Migration

ALTER TABLE programme DROP COLUMN bought_together;
