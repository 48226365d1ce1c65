-- Up Migration

-- An address at which a phone fetches a household's days without signing in: one for each household, until it is withdrawn.
-- Only what the secret part of it comes to is kept, so that nobody reads addresses here.
CREATE TABLE calendar_address (
  programme_id uuid NOT NULL,
  household_id uuid PRIMARY KEY,
  token_hash text NOT NULL UNIQUE,
  author text NOT NULL,
  made_at timestamptz NOT NULL DEFAULT now(),
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);
ALTER TABLE calendar_address ENABLE ROW LEVEL SECURITY;
CREATE POLICY own ON calendar_address
  USING (programme_id = seen_programme() AND (seen_households() IS NULL OR household_id = ANY (seen_households())));

-- Down Migration

DROP TABLE calendar_address;
