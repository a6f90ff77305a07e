-- What a firm, or one site of it, sets instead of the trade's usual figure in a calculation. '' is the firm.
CREATE TABLE standard (
  site_id TEXT NOT NULL,
  key TEXT NOT NULL,
  value TEXT NOT NULL,
  PRIMARY KEY (site_id, key)
) STRICT, WITHOUT ROWID;
