-- What somebody on the job who is neither trade nor client was last told of the plan.
CREATE TABLE told_other (
  entry_id TEXT PRIMARY KEY,
  site_id TEXT NOT NULL REFERENCES site (id),
  facts TEXT NOT NULL,
  told_at TEXT NOT NULL
) STRICT, WITHOUT ROWID;
