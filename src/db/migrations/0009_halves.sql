-- Up Migration
ALTER TABLE planting DROP CONSTRAINT planting_surface_check;
ALTER TABLE planting ADD CONSTRAINT planting_surface_check CHECK (surface IN ('top', 'edge', 'side', 'first-half', 'second-half'));

-- Down Migration
UPDATE planting SET surface = 'top' WHERE surface IN ('first-half', 'second-half');
ALTER TABLE planting DROP CONSTRAINT planting_surface_check;
ALTER TABLE planting ADD CONSTRAINT planting_surface_check CHECK (surface IN ('top', 'edge', 'side'));
