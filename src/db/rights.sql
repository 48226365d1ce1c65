-- What the application's role may do: everything with the rows that its policies show it, and nothing with accounts,
-- secrets or migrations. Given anew after each migration, since a backup that is put back brings no rights with it.
DO $$ BEGIN
  CREATE ROLE pip_row_app NOLOGIN NOBYPASSRLS;
EXCEPTION WHEN duplicate_object OR unique_violation THEN NULL;
END $$;
DO $$ BEGIN
  EXECUTE format('GRANT pip_row_app TO %I', current_user);
END $$;
GRANT USAGE ON SCHEMA public TO pip_row_app;
GRANT SELECT, INSERT, UPDATE, DELETE ON ALL TABLES IN SCHEMA public TO pip_row_app;
GRANT USAGE ON ALL SEQUENCES IN SCHEMA public TO pip_row_app;
REVOKE ALL ON pgmigrations, auth_user, auth_session, auth_account, auth_verification, auth_secret, auth_tries FROM pip_row_app;
