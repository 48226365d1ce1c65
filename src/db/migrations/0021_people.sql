-- Up Migration

-- Tables of the sign-in library; their columns are named by it.
CREATE TABLE auth_user (
  "id" text PRIMARY KEY,
  "name" text NOT NULL,
  "email" text NOT NULL UNIQUE,
  "emailVerified" boolean NOT NULL,
  "image" text,
  "createdAt" timestamptz NOT NULL DEFAULT CURRENT_TIMESTAMP,
  "updatedAt" timestamptz NOT NULL DEFAULT CURRENT_TIMESTAMP,
  "username" text UNIQUE,
  "displayUsername" text
);
CREATE TABLE auth_session (
  "id" text PRIMARY KEY,
  "expiresAt" timestamptz NOT NULL,
  "token" text NOT NULL UNIQUE,
  "createdAt" timestamptz NOT NULL DEFAULT CURRENT_TIMESTAMP,
  "updatedAt" timestamptz NOT NULL,
  "ipAddress" text,
  "userAgent" text,
  "userId" text NOT NULL REFERENCES auth_user ON DELETE CASCADE
);
CREATE INDEX ON auth_session ("userId");
CREATE TABLE auth_account (
  "id" text PRIMARY KEY,
  "accountId" text NOT NULL,
  "providerId" text NOT NULL,
  "userId" text NOT NULL REFERENCES auth_user ON DELETE CASCADE,
  "accessToken" text,
  "refreshToken" text,
  "idToken" text,
  "accessTokenExpiresAt" timestamptz,
  "refreshTokenExpiresAt" timestamptz,
  "scope" text,
  "password" text,
  "createdAt" timestamptz NOT NULL DEFAULT CURRENT_TIMESTAMP,
  "updatedAt" timestamptz NOT NULL
);
CREATE INDEX ON auth_account ("userId");
CREATE TABLE auth_verification (
  "id" text PRIMARY KEY,
  "identifier" text NOT NULL,
  "value" text NOT NULL,
  "expiresAt" timestamptz NOT NULL,
  "createdAt" timestamptz NOT NULL DEFAULT CURRENT_TIMESTAMP,
  "updatedAt" timestamptz NOT NULL DEFAULT CURRENT_TIMESTAMP
);
CREATE INDEX ON auth_verification ("identifier");
-- What sessions are signed with: every process that serves this database needs the same.
CREATE TABLE auth_secret (
  only_one boolean PRIMARY KEY DEFAULT true CHECK (only_one),
  secret text NOT NULL
);
INSERT INTO auth_secret (secret) VALUES (replace(gen_random_uuid()::text || gen_random_uuid()::text, '-', ''));
-- Tries to sign in that failed, counted by the rate limiter; its columns are named by it.
CREATE TABLE auth_tries (
  key varchar(255) PRIMARY KEY,
  points integer NOT NULL DEFAULT 0,
  expire bigint
);

-- What somebody may do in a programme. Whoever has left stays, so that what they did keeps its author.
CREATE TABLE member (
  programme_id uuid NOT NULL REFERENCES programme,
  id uuid PRIMARY KEY,
  user_id text NOT NULL REFERENCES auth_user,
  role text NOT NULL CHECK (role IN ('organiser', 'trainer', 'helper', 'household', 'reader')),
  name text NOT NULL CHECK (name <> ''),
  -- The household whose own card this is.
  household_id uuid,
  since timestamptz NOT NULL DEFAULT now(),
  ended_at timestamptz,
  CHECK ((role = 'household') = (household_id IS NOT NULL)),
  UNIQUE (programme_id, id),
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);
CREATE UNIQUE INDEX member_once ON member (user_id, programme_id) WHERE ended_at IS NULL;
CREATE UNIQUE INDEX member_card ON member (household_id) WHERE ended_at IS NULL;

-- Households for which a helper writes.
CREATE TABLE member_household (
  programme_id uuid NOT NULL,
  member_id uuid NOT NULL,
  household_id uuid NOT NULL,
  PRIMARY KEY (member_id, household_id),
  FOREIGN KEY (programme_id, member_id) REFERENCES member (programme_id, id),
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);

-- Who changed what somebody may do, and when.
CREATE TABLE member_change (
  programme_id uuid NOT NULL REFERENCES programme,
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  at timestamptz NOT NULL DEFAULT now(),
  author text NOT NULL,
  act text NOT NULL CHECK (act IN ('invited', 'card', 'renewed', 'ended', 'given', 'signed-out', 'left')),
  about text NOT NULL
);
CREATE TRIGGER member_change_append_only BEFORE UPDATE OR DELETE ON member_change
  FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- Whose rows a connection of the application sees: it says so before each statement, and sees nothing while it has not.
CREATE FUNCTION seen_programme() RETURNS uuid LANGUAGE sql STABLE PARALLEL SAFE
  AS $$ SELECT nullif(current_setting('pip_row.programme', true), '')::uuid $$;
-- Null for those who see all households of their programme.
CREATE FUNCTION seen_households() RETURNS uuid[] LANGUAGE sql STABLE PARALLEL SAFE
  AS $$ SELECT nullif(current_setting('pip_row.households', true), '')::uuid[] $$;

-- The owner of the tables, who migrates and works off the queue, is not held by these; the application's role is.
DO $$
DECLARE name text;
BEGIN
  FOREACH name IN ARRAY ARRAY['bag', 'due_task', 'household_progress', 'member_household', 'message', 'need', 'place', 'plan', 'plan_row',
    'plan_version', 'plan_version_name', 'planting', 'planting_progress', 'proposal', 'record', 'seedling']
  LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', name);
    EXECUTE format('CREATE POLICY own ON %I USING (programme_id = seen_programme() AND (seen_households() IS NULL OR household_id = ANY (seen_households())))', name);
  END LOOP;
  -- What follows records, and the weather, is written whoever writes the record.
  FOREACH name IN ARRAY ARRAY['crop_germination', 'weather']
  LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', name);
    EXECUTE format('CREATE POLICY own ON %I USING (programme_id = seen_programme())', name);
  END LOOP;
  FOREACH name IN ARRAY ARRAY['library_override', 'mix', 'price']
  LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', name);
    EXECUTE format('CREATE POLICY see ON %I FOR SELECT USING (programme_id = seen_programme())', name);
    EXECUTE format('CREATE POLICY change ON %I USING (programme_id = seen_programme() AND seen_households() IS NULL)', name);
  END LOOP;
  FOREACH name IN ARRAY ARRAY['household_group', 'member', 'member_change', 'print', 'stock']
  LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', name);
    EXECUTE format('CREATE POLICY own ON %I USING (programme_id = seen_programme() AND seen_households() IS NULL)', name);
  END LOOP;
END $$;
ALTER TABLE household ENABLE ROW LEVEL SECURITY;
CREATE POLICY own ON household
  USING (programme_id = seen_programme() AND (seen_households() IS NULL OR id = ANY (seen_households())));
ALTER TABLE programme ENABLE ROW LEVEL SECURITY;
CREATE POLICY own ON programme USING (id = seen_programme());

-- Down Migration

DO $$
DECLARE it record;
BEGIN
  FOR it IN SELECT tablename, policyname FROM pg_policies WHERE schemaname = 'public' LOOP
    EXECUTE format('DROP POLICY %I ON %I', it.policyname, it.tablename);
    EXECUTE format('ALTER TABLE %I DISABLE ROW LEVEL SECURITY', it.tablename);
  END LOOP;
END $$;
DROP TABLE member_change, member_household, member, auth_tries, auth_secret, auth_verification, auth_account, auth_session, auth_user;
DROP FUNCTION seen_households, seen_programme;
