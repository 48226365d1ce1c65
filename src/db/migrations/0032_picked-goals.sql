-- Up Migration

-- What was picked is summed by goal as well as by week: the goal stands beside it, so that no sum has to look up every planting.
ALTER TABLE picked_week ADD COLUMN goal_id text;
UPDATE picked_week w SET goal_id = p.goal_id FROM planting p WHERE p.id = w.planting_id;
ALTER TABLE picked_week ALTER COLUMN goal_id SET NOT NULL;

-- In time most plantings have been taken out; what waits now is counted among the others.
CREATE INDEX planting_progress_here ON planting_progress (programme_id) WHERE NOT removed;

-- Down Migration

DROP INDEX planting_progress_here;
ALTER TABLE picked_week DROP COLUMN goal_id;
