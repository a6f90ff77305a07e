-- Who comes to a site for a trade that several crews do, where somebody chose: crew ids by trade.
ALTER TABLE site ADD COLUMN crews TEXT NOT NULL DEFAULT '{}';
