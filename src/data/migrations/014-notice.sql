-- Working days ahead that a crew is called before it first comes to a site; none where the firm's figure holds.
ALTER TABLE crew ADD COLUMN notice_days INTEGER;
-- What a crew does beside its trade.
ALTER TABLE crew ADD COLUMN also_trades TEXT NOT NULL DEFAULT '[]';
