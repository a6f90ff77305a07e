-- Work that is done apart from any request and goes on after a restart.
CREATE TABLE job (
  id INTEGER PRIMARY KEY,
  kind TEXT NOT NULL CHECK (kind IN ('photo-sizes')),
  subject TEXT NOT NULL,
  tries INTEGER NOT NULL DEFAULT 0,
  made_at TEXT NOT NULL,
  UNIQUE (kind, subject)
) STRICT;

-- Set where a photo turned out to be unreadable when its smaller sizes were made.
ALTER TABLE photo ADD COLUMN damaged INTEGER NOT NULL DEFAULT 0;
