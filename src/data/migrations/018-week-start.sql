-- Which day a firm's weeks begin with.
ALTER TABLE firm ADD COLUMN week_start TEXT NOT NULL DEFAULT 'Monday';
