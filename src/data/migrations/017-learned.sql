-- What the firm has learned of itself and counts with, since somebody said so: the pace of a crew at some work.
CREATE TABLE learned (
  kind TEXT NOT NULL CHECK (kind IN ('pace')),
  key TEXT NOT NULL,
  -- Times the usual.
  times REAL NOT NULL CHECK (times > 0),
  -- How many cases it was taken from.
  cases INTEGER NOT NULL CHECK (cases > 0),
  taken_by TEXT NOT NULL,
  taken_at TEXT NOT NULL,
  PRIMARY KEY (kind, key)
) STRICT, WITHOUT ROWID;
