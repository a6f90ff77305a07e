-- What somebody said that the sky will do, by day; the latest word of a day stands.
CREATE TABLE forecast (
  day TEXT PRIMARY KEY,
  sky TEXT NOT NULL,
  low INTEGER NOT NULL,
  high INTEGER NOT NULL,
  told_by TEXT NOT NULL,
  told_at TEXT NOT NULL
) STRICT;
