-- How a firm measures, counts its money and writes its days, and where its day begins.
ALTER TABLE firm ADD COLUMN units TEXT NOT NULL DEFAULT 'metric';
ALTER TABLE firm ADD COLUMN currency TEXT NOT NULL DEFAULT 'EUR';
ALTER TABLE firm ADD COLUMN day_form TEXT NOT NULL DEFAULT 'day first';
ALTER TABLE firm ADD COLUMN time_zone TEXT NOT NULL DEFAULT '';
