-- Up Migration
ALTER TABLE place
  ADD COLUMN hooks integer CHECK (hooks >= 0),
  ADD COLUMN hook_limit_kg double precision CHECK (hook_limit_kg > 0),
  ADD COLUMN hook_limit_typed text NOT NULL DEFAULT '';

-- Down Migration
ALTER TABLE place DROP COLUMN hooks, DROP COLUMN hook_limit_kg, DROP COLUMN hook_limit_typed;
