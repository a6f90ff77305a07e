-- Crews that begin in the morning only.
ALTER TABLE crew ADD COLUMN mornings INTEGER NOT NULL DEFAULT 0 CHECK (mornings IN (0, 1));
-- What a crew's own calendar takes is kept by halves of days; a day that was taken is both of its halves.
UPDATE crew SET busy = (
  SELECT json_group_array(json_object('day', taken.value, 'half', half.value))
  FROM json_each(crew.busy) AS taken, json_each('[0,1]') AS half
);
-- What has to be recorded to take a plan back that came with facts of its own.
ALTER TABLE plan ADD COLUMN taking_back TEXT NOT NULL DEFAULT '[]';
-- What people said by a link, as they said it.
CREATE TABLE receipt (
  id TEXT PRIMARY KEY,
  site_id TEXT NOT NULL REFERENCES site (id),
  link_id TEXT NOT NULL REFERENCES link (id),
  kind TEXT NOT NULL CHECK (kind IN ('decision', 'selection', 'extra', 'question', 'late', 'done')),
  subject TEXT NOT NULL,
  words TEXT NOT NULL,
  name TEXT NOT NULL,
  at TEXT NOT NULL
) STRICT;
CREATE INDEX receipt_by_site ON receipt (site_id, at);
CREATE INDEX receipt_by_link ON receipt (link_id);
-- A message that could not be sent is tried again, later each time.
ALTER TABLE message ADD COLUMN attempts INTEGER NOT NULL DEFAULT 0;
ALTER TABLE message ADD COLUMN retry_at TEXT;
ALTER TABLE message ADD COLUMN error TEXT NOT NULL DEFAULT '';
-- The language that a crew reads.
ALTER TABLE crew ADD COLUMN language TEXT NOT NULL DEFAULT 'en';
-- The halves of the day in which a site may be worked on: its quiet hours.
ALTER TABLE site ADD COLUMN halves TEXT NOT NULL DEFAULT 'both' CHECK (halves IN ('both', 'morning', 'afternoon'));
