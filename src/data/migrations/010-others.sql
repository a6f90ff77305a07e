-- Hours in which a crew sets up and clears away, once a coming, and hours of every day that the drive to a site takes.
ALTER TABLE crew ADD COLUMN set_up_hours REAL NOT NULL DEFAULT 0 CHECK (set_up_hours BETWEEN 0 AND 8);
ALTER TABLE site ADD COLUMN travel_hours REAL NOT NULL DEFAULT 0 CHECK (travel_hours BETWEEN 0 AND 6);
-- Links for those on the job who are neither trade nor client, and what they say by them.
CREATE TABLE link_next (
  id TEXT PRIMARY KEY,
  token_hash TEXT NOT NULL UNIQUE,
  site_id TEXT REFERENCES site (id),
  audience TEXT NOT NULL CHECK (audience IN ('client', 'trade', 'other', 'calendar')),
  -- The visit, party or crew that it shows.
  subject TEXT NOT NULL DEFAULT '',
  created_by TEXT NOT NULL,
  created_at TEXT NOT NULL,
  expires_at TEXT NOT NULL,
  revoked_at TEXT,
  first_viewed_at TEXT,
  last_viewed_at TEXT
) STRICT;
INSERT INTO link_next SELECT * FROM link WHERE audience IN ('client', 'trade', 'calendar');
CREATE TABLE receipt_next (
  id TEXT PRIMARY KEY,
  site_id TEXT NOT NULL REFERENCES site (id),
  link_id TEXT NOT NULL REFERENCES link_next (id),
  kind TEXT NOT NULL CHECK (kind IN ('decision', 'selection', 'extra', 'question', 'late', 'done', 'heard')),
  subject TEXT NOT NULL,
  words TEXT NOT NULL,
  name TEXT NOT NULL,
  at TEXT NOT NULL
) STRICT;
INSERT INTO receipt_next SELECT * FROM receipt;
DROP TABLE receipt;
DROP TABLE link;
ALTER TABLE link_next RENAME TO link;
ALTER TABLE receipt_next RENAME TO receipt;
CREATE INDEX link_by_site ON link (site_id, audience);
CREATE INDEX receipt_by_site ON receipt (site_id, at);
CREATE INDEX receipt_by_link ON receipt (link_id);
