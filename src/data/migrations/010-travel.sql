-- Hours in which a crew sets up and clears away, once a coming, and hours of every day that the drive to a site takes.
ALTER TABLE crew ADD COLUMN set_up_hours REAL NOT NULL DEFAULT 0 CHECK (set_up_hours BETWEEN 0 AND 8);
ALTER TABLE site ADD COLUMN travel_hours REAL NOT NULL DEFAULT 0 CHECK (travel_hours BETWEEN 0 AND 6);
