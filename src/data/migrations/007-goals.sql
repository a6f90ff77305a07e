-- What plans are made for, and which crews are the firm's own.
ALTER TABLE firm ADD COLUMN plan_goal TEXT NOT NULL DEFAULT 'fastest';
ALTER TABLE crew ADD COLUMN own INTEGER NOT NULL DEFAULT 0 CHECK (own IN (0, 1));
