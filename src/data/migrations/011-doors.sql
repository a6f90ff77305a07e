-- Where each observation stands among all that the firm recorded, whatever a clock said (core/walk/registers, orderOf).
DROP TRIGGER observation_is_never_changed;
ALTER TABLE observation ADD COLUMN ordering INTEGER NOT NULL DEFAULT 0;
UPDATE observation SET ordering = COALESCE(CAST(ROUND(unixepoch(seen_at, 'subsec') * 1000) AS INTEGER), 0);
CREATE TRIGGER observation_is_never_changed BEFORE UPDATE ON observation
BEGIN
  SELECT RAISE (ABORT, 'observations are append-only');
END;
DROP INDEX observation_by_site;
CREATE INDEX observation_by_site ON observation (site_id, ordering);
CREATE INDEX observation_by_subject ON observation (site_id, subject, subject_id, facet);
ALTER TABLE register ADD COLUMN ordering INTEGER NOT NULL DEFAULT 0;
UPDATE register SET ordering = (SELECT o.ordering FROM observation o WHERE o.id = register.observation_id);

-- What phones know a firm by, the address that its links carry, and hosts of its own network that calendars may be read from.
ALTER TABLE firm ADD COLUMN key TEXT NOT NULL DEFAULT '';
UPDATE firm SET key = lower(hex(randomblob(16)));
ALTER TABLE firm ADD COLUMN address TEXT NOT NULL DEFAULT '';
ALTER TABLE firm ADD COLUMN allowed_hosts TEXT NOT NULL DEFAULT '[]';

-- A link's token is made from the folder's link secret, its id and its generation; the database holds none. Links of
-- before are found by the hash of theirs until they expire.
CREATE TABLE link_next (
  id TEXT PRIMARY KEY,
  token_hash TEXT UNIQUE,
  generation INTEGER NOT NULL DEFAULT 1,
  site_id TEXT REFERENCES site (id),
  audience TEXT NOT NULL CHECK (audience IN ('client', 'trade', 'other', 'calendar')),
  -- The visit, party or crew that it shows.
  subject TEXT NOT NULL DEFAULT '',
  created_by TEXT NOT NULL,
  created_at TEXT NOT NULL,
  expires_at TEXT NOT NULL,
  revoked_at TEXT,
  first_viewed_at TEXT,
  last_viewed_at TEXT
) STRICT;
INSERT INTO link_next
SELECT id, token_hash, 1, site_id, audience, subject, created_by, created_at, expires_at, revoked_at, first_viewed_at, last_viewed_at
FROM link;
CREATE TABLE receipt_next (
  id TEXT PRIMARY KEY,
  site_id TEXT NOT NULL REFERENCES site (id),
  link_id TEXT NOT NULL REFERENCES link_next (id),
  kind TEXT NOT NULL CHECK (kind IN ('decision', 'selection', 'extra', 'question', 'late', 'done', 'heard')),
  subject TEXT NOT NULL,
  words TEXT NOT NULL,
  name TEXT NOT NULL,
  at TEXT NOT NULL
) STRICT;
INSERT INTO receipt_next SELECT * FROM receipt;
DROP TABLE receipt;
DROP TABLE link;
ALTER TABLE link_next RENAME TO link;
ALTER TABLE receipt_next RENAME TO receipt;
CREATE INDEX link_by_site ON link (site_id, audience);
CREATE INDEX receipt_by_site ON receipt (site_id, at);
CREATE INDEX receipt_by_link ON receipt (link_id);

-- A message whose link was withdrawn before it went is not sent any more.
ALTER TABLE message ADD COLUMN dropped_at TEXT;

-- Who is signed in where: a cookie holds a session's key, the folder its hash.
CREATE TABLE session (
  key_hash TEXT PRIMARY KEY,
  person_id TEXT NOT NULL REFERENCES person (id) ON DELETE CASCADE,
  -- Sessions that came one from another by renewal have one root and end together.
  root TEXT NOT NULL,
  device TEXT NOT NULL,
  began_at TEXT NOT NULL,
  seen_at TEXT NOT NULL,
  -- Set when a newer key took its place: requests under way may still come with this one for a moment.
  replaced_at TEXT
) STRICT, WITHOUT ROWID;
CREATE INDEX session_by_person ON session (person_id);
CREATE INDEX session_by_root ON session (root);
ALTER TABLE person DROP COLUMN session_generation;
ALTER TABLE person ADD COLUMN put_away_at TEXT;
ALTER TABLE sign_in_attempt ADD COLUMN address TEXT NOT NULL DEFAULT '';
CREATE INDEX sign_in_attempt_by_address ON sign_in_attempt (address, at);

-- Who came in by which door, and what left the house.
CREATE TABLE door_log (
  id INTEGER PRIMARY KEY,
  at TEXT NOT NULL,
  what TEXT NOT NULL,
  who TEXT NOT NULL,
  detail TEXT NOT NULL DEFAULT ''
) STRICT;
