-- What plans are made for, and which crews are the firm's own.
ALTER TABLE firm ADD COLUMN plan_goal TEXT NOT NULL DEFAULT 'fastest';
ALTER TABLE crew ADD COLUMN own INTEGER NOT NULL DEFAULT 0 CHECK (own IN (0, 1));
-- Days on which a crew is taken elsewhere by a calendar of its own, and where that calendar is, if it has an address.
ALTER TABLE crew ADD COLUMN busy TEXT NOT NULL DEFAULT '[]';
ALTER TABLE crew ADD COLUMN busy_address TEXT NOT NULL DEFAULT '';
-- When a trade was last reminded of a visit that it knows of.
ALTER TABLE booking ADD COLUMN reminded_at TEXT;
