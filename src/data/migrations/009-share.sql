-- What somebody on the job who is neither trade nor client was last told of the plan.
CREATE TABLE told_other (
  entry_id TEXT PRIMARY KEY,
  site_id TEXT NOT NULL REFERENCES site (id),
  facts TEXT NOT NULL,
  told_at TEXT NOT NULL
) STRICT, WITHOUT ROWID;
-- What a lead made of the sentences of the next update, so that it stands when they are composed anew.
CREATE TABLE update_edits (
  site_id TEXT PRIMARY KEY REFERENCES site (id),
  edits TEXT NOT NULL
) STRICT, WITHOUT ROWID;
