-- Up Migration

-- What else a record says, by its kind; and the photo that came with it, small and without the place where it was taken.
ALTER TABLE record ADD COLUMN detail jsonb;
ALTER TABLE record DROP CONSTRAINT record_kind_check;
ALTER TABLE record ADD CONSTRAINT record_kind_check CHECK (kind IN ('sown', 'up', 'thinned', 'moved', 'staked', 'lost', 'fed', 'pest', 'picked', 'ended',
  'filled', 'topped-up', 'watered', 'covered', 'checked', 'emptied', 'weather', 'note', 'struck'));

CREATE TABLE photo (
  programme_id uuid NOT NULL,
  household_id uuid NOT NULL,
  record_id uuid PRIMARY KEY REFERENCES record,
  jpeg bytea NOT NULL CHECK (octet_length(jpeg) <= 600000),
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);
ALTER TABLE photo ENABLE ROW LEVEL SECURITY;
CREATE POLICY own ON photo
  USING (programme_id = seen_programme() AND (seen_households() IS NULL OR household_id = ANY (seen_households())));

-- Down Migration

DROP TABLE photo;
-- Records are never deleted: what the older version does not know becomes a note.
ALTER TABLE record DISABLE TRIGGER USER;
UPDATE record SET note = trim(kind || ' ' || coalesce(detail::text, '') || ' ' || note), kind = 'note', row_id = NULL
  WHERE kind IN ('pest', 'checked', 'weather');
ALTER TABLE record ENABLE TRIGGER USER;
ALTER TABLE record DROP CONSTRAINT record_kind_check;
ALTER TABLE record ADD CONSTRAINT record_kind_check CHECK (kind IN ('sown', 'up', 'thinned', 'moved', 'staked', 'lost', 'fed', 'picked', 'ended',
  'filled', 'topped-up', 'watered', 'covered', 'emptied', 'note', 'struck'));
ALTER TABLE record DROP COLUMN detail;
