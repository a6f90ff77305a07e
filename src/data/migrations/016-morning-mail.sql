-- Where somebody wants to read in the morning what concerns them that day; '' for nobody who asked.
ALTER TABLE person ADD COLUMN morning_address TEXT NOT NULL DEFAULT '';
-- The last day that it was written for.
ALTER TABLE person ADD COLUMN morning_written_on TEXT;
-- To one of our own, who asked for it early: it waits for no quiet hours to end.
ALTER TABLE message ADD COLUMN early INTEGER NOT NULL DEFAULT 0 CHECK (early IN (0, 1));
