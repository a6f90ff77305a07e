-- Sound kept with a place, by the hash of its bytes.
CREATE TABLE memo (
  hash TEXT PRIMARY KEY,
  site_id TEXT NOT NULL REFERENCES site (id),
  type TEXT NOT NULL,
  bytes INTEGER NOT NULL,
  received_at TEXT NOT NULL
) STRICT, WITHOUT ROWID;
