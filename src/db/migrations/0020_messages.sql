-- Up Migration

-- The number from which a household writes, digits with their country; and whether it wants to be reminded.
ALTER TABLE household ADD COLUMN phone text CHECK (phone ~ '^\+[0-9]{6,15}$');
ALTER TABLE household ADD COLUMN wants_reminders boolean NOT NULL DEFAULT true;
CREATE UNIQUE INDEX household_by_phone ON household (programme_id, phone) WHERE phone IS NOT NULL;

-- Text messages in and out. Of a number that nobody knows no word is kept.
CREATE TABLE message (
  programme_id uuid NOT NULL REFERENCES programme,
  id uuid NOT NULL PRIMARY KEY,
  household_id uuid REFERENCES household,
  phone text NOT NULL,
  direction text NOT NULL CHECK (direction IN ('in', 'out')),
  kind text NOT NULL CHECK (kind IN ('message', 'answer', 'reminder')),
  text text NOT NULL,
  -- Records that it led to; struck out together when it is taken back.
  record_ids uuid[] NOT NULL DEFAULT '{}',
  on_day date NOT NULL,
  at timestamptz NOT NULL DEFAULT now(),
  is_sent boolean NOT NULL DEFAULT true
);
CREATE INDEX message_by_time ON message (programme_id, at DESC);
CREATE INDEX message_by_household ON message (household_id, at DESC);

-- Down Migration

DROP TABLE message;
ALTER TABLE household DROP COLUMN phone, DROP COLUMN wants_reminders;
