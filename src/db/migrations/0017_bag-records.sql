-- Up Migration

-- What is of a whole bag: filled, topped up, watered, covered, emptied. And of a planting: thinned, staked.
ALTER TABLE record ADD COLUMN row_id uuid;
ALTER TABLE record ADD FOREIGN KEY (programme_id, household_id, row_id) REFERENCES plan_row (programme_id, household_id, id);
ALTER TABLE record DROP CONSTRAINT record_kind_check;
ALTER TABLE record ADD CONSTRAINT record_kind_check CHECK (kind IN ('sown', 'up', 'thinned', 'moved', 'staked', 'lost', 'fed', 'picked', 'ended',
  'filled', 'topped-up', 'watered', 'covered', 'emptied', 'note', 'struck'));
ALTER TABLE record ADD CHECK (row_id IS NULL OR planting_id IS NULL);

-- Down Migration

-- Records are never deleted: what the older version does not know becomes a note.
ALTER TABLE record DISABLE TRIGGER USER;
UPDATE record SET note = trim(kind || ' ' || note), kind = 'note', measure = NULL, value = NULL
  WHERE kind IN ('thinned', 'staked', 'filled', 'topped-up', 'watered', 'covered', 'emptied');
ALTER TABLE record ENABLE TRIGGER USER;
ALTER TABLE record DROP CONSTRAINT record_kind_check;
ALTER TABLE record ADD CONSTRAINT record_kind_check CHECK (kind IN ('sown', 'up', 'moved', 'lost', 'fed', 'picked', 'ended', 'note', 'struck'));
ALTER TABLE record DROP COLUMN row_id;
