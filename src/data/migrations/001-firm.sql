-- One firm is one file. Lengths are tenths of a millimetre, money minor units, days site-local, instants UTC ISO 8601.
CREATE TABLE firm (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  name TEXT NOT NULL,
  demo INTEGER NOT NULL DEFAULT 0,
  created_at TEXT NOT NULL
) STRICT;

CREATE TABLE person (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  login TEXT NOT NULL UNIQUE COLLATE NOCASE,
  role TEXT NOT NULL CHECK (role IN ('owner', 'lead', 'crew')),
  password_hash TEXT NOT NULL,
  -- Raised to sign a person out everywhere.
  session_generation INTEGER NOT NULL DEFAULT 1,
  created_at TEXT NOT NULL
) STRICT;

CREATE TABLE sign_in_attempt (
  login TEXT NOT NULL COLLATE NOCASE,
  at TEXT NOT NULL
) STRICT;
CREATE INDEX sign_in_attempt_by_login ON sign_in_attempt (login, at);

CREATE TABLE site (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  built INTEGER,
  units TEXT NOT NULL CHECK (units IN ('imperial', 'metric')),
  lived_in INTEGER NOT NULL,
  weekdays TEXT NOT NULL,
  days_off TEXT NOT NULL DEFAULT '[]',
  starts_on TEXT NOT NULL,
  schools TEXT NOT NULL,
  own_relations TEXT NOT NULL DEFAULT '[]',
  client_name TEXT NOT NULL DEFAULT '',
  client_address TEXT NOT NULL DEFAULT '',
  private_note TEXT NOT NULL DEFAULT '',
  -- Raised by every observation taken in; readers keep what they derived under it.
  revision INTEGER NOT NULL DEFAULT 0,
  created_at TEXT NOT NULL
) STRICT;

CREATE TABLE person_site (
  person_id TEXT NOT NULL REFERENCES person (id) ON DELETE CASCADE,
  site_id TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
  PRIMARY KEY (person_id, site_id)
) STRICT, WITHOUT ROWID;

-- Only ever added to.
CREATE TABLE observation (
  id TEXT PRIMARY KEY,
  site_id TEXT NOT NULL REFERENCES site (id),
  walk_id TEXT,
  place_id TEXT,
  subject TEXT NOT NULL,
  subject_id TEXT NOT NULL,
  facet TEXT NOT NULL,
  value TEXT NOT NULL,
  by_person TEXT NOT NULL,
  seen_at TEXT NOT NULL,
  received_at TEXT NOT NULL
) STRICT, WITHOUT ROWID;
CREATE INDEX observation_by_site ON observation (site_id, seen_at);
CREATE TRIGGER observation_is_never_changed BEFORE UPDATE ON observation
BEGIN
  SELECT RAISE (ABORT, 'observations are append-only');
END;
CREATE TRIGGER observation_is_never_removed BEFORE DELETE ON observation
BEGIN
  SELECT RAISE (ABORT, 'observations are append-only');
END;

-- Derived: the latest observation of each subject and facet. `bin/aftermist rebuild` derives it again.
CREATE TABLE register (
  site_id TEXT NOT NULL REFERENCES site (id),
  subject TEXT NOT NULL,
  subject_id TEXT NOT NULL,
  facet TEXT NOT NULL,
  observation_id TEXT NOT NULL REFERENCES observation (id),
  seen_at TEXT NOT NULL,
  PRIMARY KEY (site_id, subject, subject_id, facet)
) STRICT, WITHOUT ROWID;

CREATE TABLE photo (
  hash TEXT PRIMARY KEY,
  site_id TEXT NOT NULL REFERENCES site (id),
  type TEXT NOT NULL,
  width INTEGER NOT NULL,
  height INTEGER NOT NULL,
  bytes INTEGER NOT NULL,
  received_at TEXT NOT NULL
) STRICT;

CREATE TABLE crew (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  trade TEXT NOT NULL,
  crews INTEGER NOT NULL CHECK (crews BETWEEN 1 AND 20),
  crew_size INTEGER NOT NULL CHECK (crew_size BETWEEN 1 AND 20),
  weekdays TEXT NOT NULL,
  days_off TEXT NOT NULL DEFAULT '[]',
  halves TEXT NOT NULL DEFAULT 'both' CHECK (halves IN ('both', 'morning', 'afternoon')),
  contact TEXT NOT NULL DEFAULT '',
  licence TEXT NOT NULL DEFAULT ''
) STRICT;

CREATE TABLE rate (
  key TEXT PRIMARY KEY,
  hours REAL NOT NULL CHECK (hours > 0)
) STRICT, WITHOUT ROWID;

-- Every plan that was ever accepted, with the bookings it stood on; the newest that was not undone is in force.
CREATE TABLE plan (
  id INTEGER PRIMARY KEY,
  body TEXT NOT NULL,
  -- Revision of every site that it was made from.
  revisions TEXT NOT NULL,
  bookings TEXT NOT NULL,
  pins TEXT NOT NULL,
  reason TEXT NOT NULL,
  by_person TEXT NOT NULL,
  made_at TEXT NOT NULL,
  undone_at TEXT
) STRICT;

CREATE TABLE booking (
  visit_key TEXT PRIMARY KEY,
  site_id TEXT NOT NULL REFERENCES site (id),
  crew_id TEXT NOT NULL REFERENCES crew (id),
  state TEXT NOT NULL CHECK (state IN ('told', 'confirmed', 'declined')),
  start_day TEXT NOT NULL,
  start_half INTEGER NOT NULL,
  end_day TEXT NOT NULL,
  end_half INTEGER NOT NULL,
  free_from TEXT,
  reason TEXT NOT NULL DEFAULT '',
  changed_at TEXT NOT NULL
) STRICT, WITHOUT ROWID;

-- A start that somebody set by hand; the planner keeps it wherever it can.
CREATE TABLE pin (
  visit_key TEXT PRIMARY KEY,
  day TEXT NOT NULL,
  half INTEGER NOT NULL CHECK (half IN (0, 1))
) STRICT, WITHOUT ROWID;

-- Outside people read through links; only a hash of the token is kept.
CREATE TABLE link (
  id TEXT PRIMARY KEY,
  token_hash TEXT NOT NULL UNIQUE,
  site_id TEXT REFERENCES site (id),
  audience TEXT NOT NULL CHECK (audience IN ('client', 'trade', 'room', 'calendar')),
  -- The visit, place or crew that it shows.
  subject TEXT NOT NULL DEFAULT '',
  created_by TEXT NOT NULL,
  created_at TEXT NOT NULL,
  expires_at TEXT NOT NULL,
  revoked_at TEXT,
  first_viewed_at TEXT,
  last_viewed_at TEXT
) STRICT;
CREATE INDEX link_by_site ON link (site_id, audience);

CREATE TABLE client_update (
  id TEXT PRIMARY KEY,
  site_id TEXT NOT NULL REFERENCES site (id),
  body TEXT NOT NULL,
  facts TEXT NOT NULL,
  by_person TEXT NOT NULL,
  published_at TEXT NOT NULL
) STRICT;
CREATE INDEX client_update_by_site ON client_update (site_id, published_at);

CREATE TABLE message (
  id TEXT PRIMARY KEY,
  site_id TEXT REFERENCES site (id),
  recipient TEXT NOT NULL,
  address TEXT NOT NULL,
  subject TEXT NOT NULL,
  body TEXT NOT NULL,
  written_at TEXT NOT NULL,
  sent_at TEXT
) STRICT;
CREATE INDEX message_by_time ON message (written_at);
