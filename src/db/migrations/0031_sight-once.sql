-- Up Migration

-- Who sees what stays the same. What a connection sees is asked once a statement, and not once a row; and whether it sees
-- all households is asked in a way that the planner takes for likely: it had expected a hundredth of the rows, and read
-- tables of a thousand households by loops within loops.
DO $$
DECLARE it record;
BEGIN
  FOR it IN SELECT tablename, policyname, qual FROM pg_policies WHERE schemaname = 'public' LOOP
    EXECUTE format('ALTER POLICY %I ON %I USING (%s)', it.policyname, it.tablename,
      replace(replace(
        regexp_replace(it.qual, '\(seen_households\(\) IS NULL\) OR \((\w+) = ANY \(seen_households\(\)\)\)',
          'CASE WHEN seen_households() IS NULL THEN true ELSE \1 = ANY (seen_households()) END'),
        'seen_programme()', '(SELECT seen_programme())'), 'seen_households()', '(SELECT seen_households())::uuid[]'));
  END LOOP;
END $$;

-- Down Migration

DO $$
DECLARE it record;
BEGIN
  FOR it IN SELECT tablename, policyname, qual FROM pg_policies WHERE schemaname = 'public' LOOP
    EXECUTE format('ALTER POLICY %I ON %I USING (%s)', it.policyname, it.tablename,
      regexp_replace(
        regexp_replace(it.qual, '\( SELECT (seen_\w+)\(\) AS \w+\)', '\1()', 'g'),
        'CASE\s+WHEN \((.+?)\) THEN true\s+ELSE \((.+)\)\s+END', '((\1) OR (\2))'));
  END LOOP;
END $$;
