-- Where a site is, how to get in and whom to call; sites and crews that were put away and can be brought back.
ALTER TABLE site ADD COLUMN street TEXT NOT NULL DEFAULT '';
ALTER TABLE site ADD COLUMN way_in TEXT NOT NULL DEFAULT '';
ALTER TABLE site ADD COLUMN whom_to_call TEXT NOT NULL DEFAULT '';
ALTER TABLE site ADD COLUMN put_away INTEGER NOT NULL DEFAULT 0;
ALTER TABLE crew ADD COLUMN put_away INTEGER NOT NULL DEFAULT 0;
