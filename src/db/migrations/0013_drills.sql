-- Up Migration

-- Sown in drills, as growers call it: "rows" are the rows of a plan.
UPDATE planting SET method = 'drills' WHERE method = 'rows';
ALTER TABLE plan_version DISABLE TRIGGER plan_version_append_only;
UPDATE plan_version SET content = replace(content::text, '"method": "rows"', '"method": "drills"')::jsonb WHERE content::text LIKE '%"method": "rows"%';
ALTER TABLE plan_version ENABLE TRIGGER plan_version_append_only;
UPDATE proposal SET result = replace(result::text, '"method": "rows"', '"method": "drills"')::jsonb WHERE result::text LIKE '%"method": "rows"%';

-- Down Migration

UPDATE planting SET method = 'rows' WHERE method = 'drills';
ALTER TABLE plan_version DISABLE TRIGGER plan_version_append_only;
UPDATE plan_version SET content = replace(content::text, '"method": "drills"', '"method": "rows"')::jsonb WHERE content::text LIKE '%"method": "drills"%';
ALTER TABLE plan_version ENABLE TRIGGER plan_version_append_only;
UPDATE proposal SET result = replace(result::text, '"method": "drills"', '"method": "rows"')::jsonb WHERE result::text LIKE '%"method": "drills"%';
