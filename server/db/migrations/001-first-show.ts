export const firstShow = `
CREATE TABLE person (
  id TEXT PRIMARY KEY,
  version INTEGER NOT NULL DEFAULT 1,
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1)),
  name TEXT NOT NULL CHECK (name <> ''),
  role TEXT NOT NULL,
  competences TEXT NOT NULL CHECK (json_valid(competences)),
  note TEXT NOT NULL
) STRICT;

CREATE TABLE venue (
  id TEXT PRIMARY KEY,
  version INTEGER NOT NULL DEFAULT 1,
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1)),
  name TEXT NOT NULL CHECK (name <> ''),
  address TEXT NOT NULL,
  travel TEXT NOT NULL,
  outdoors INTEGER NOT NULL CHECK (outdoors IN (0, 1)),
  length_m REAL CHECK (length_m > 0),
  width_m REAL CHECK (width_m > 0),
  ceiling_m REAL CHECK (ceiling_m > 0),
  front_row_m REAL CHECK (front_row_m >= 0),
  power_sockets INTEGER CHECK (power_sockets >= 0),
  water INTEGER NOT NULL CHECK (water IN (0, 1)),
  dark INTEGER NOT NULL CHECK (dark IN (0, 1)),
  smoke_detectors INTEGER NOT NULL CHECK (smoke_detectors IN (0, 1)),
  detectors_isolated_by TEXT NOT NULL,
  note TEXT NOT NULL
) STRICT;

CREATE TABLE item (
  id TEXT PRIMARY KEY,
  version INTEGER NOT NULL DEFAULT 1,
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1)),
  name TEXT NOT NULL CHECK (name <> ''),
  kind TEXT NOT NULL CHECK (kind IN ('equipment', 'consumable', 'gear')),
  function_test TEXT NOT NULL,
  test_holds INTEGER NOT NULL CHECK (test_holds IN (0, 1)),
  note TEXT NOT NULL
) STRICT;

CREATE TABLE demo (
  id TEXT PRIMARY KEY,
  version INTEGER NOT NULL DEFAULT 1,
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1)),
  name TEXT NOT NULL CHECK (name <> ''),
  hook TEXT NOT NULL,
  idea TEXT NOT NULL,
  keywords TEXT NOT NULL CHECK (json_valid(keywords)),
  age_from INTEGER NOT NULL CHECK (age_from >= 0),
  age_to INTEGER NOT NULL CHECK (age_to >= age_from),
  lift INTEGER NOT NULL CHECK (lift BETWEEN 1 AND 5),
  talk_pattern TEXT NOT NULL,
  volunteer_card TEXT NOT NULL,
  pinned_note TEXT NOT NULL,
  usual_position TEXT NOT NULL
) STRICT;

-- Ids of methods, tasks and kit lines are unique within their parent only.
CREATE TABLE method (
  demo_id TEXT NOT NULL REFERENCES demo (id),
  id TEXT NOT NULL,
  ord INTEGER NOT NULL,
  name TEXT NOT NULL CHECK (name <> ''),
  summary TEXT NOT NULL,
  one_shot INTEGER NOT NULL CHECK (one_shot IN (0, 1)),
  goes_allowed INTEGER NOT NULL CHECK (goes_allowed >= 1),
  volunteers INTEGER NOT NULL CHECK (volunteers >= 0),
  warning TEXT NOT NULL,
  settings TEXT NOT NULL CHECK (json_valid(settings)),
  hazards TEXT NOT NULL CHECK (json_valid(hazards)),
  prior_worked INTEGER NOT NULL CHECK (prior_worked >= 0),
  prior_failed INTEGER NOT NULL CHECK (prior_failed >= 0),
  PRIMARY KEY (demo_id, id)
) STRICT, WITHOUT ROWID;

CREATE TABLE task (
  demo_id TEXT NOT NULL,
  method_id TEXT NOT NULL,
  id TEXT NOT NULL,
  ord INTEGER NOT NULL,
  name TEXT NOT NULL CHECK (name <> ''),
  phase TEXT NOT NULL CHECK (phase IN ('prepare', 'settle', 'perform', 'reset')),
  shortest INTEGER NOT NULL CHECK (shortest >= 0),
  likely INTEGER NOT NULL CHECK (likely >= shortest),
  longest INTEGER NOT NULL CHECK (longest >= likely),
  hands TEXT NOT NULL CHECK (json_valid(hands)),
  place TEXT NOT NULL CHECK (place IN ('stage', 'wings')),
  after TEXT NOT NULL CHECK (json_valid(after)),
  each_go INTEGER NOT NULL CHECK (each_go IN (0, 1)),
  do TEXT NOT NULL,
  say TEXT NOT NULL,
  cue TEXT NOT NULL,
  gear_on TEXT NOT NULL CHECK (json_valid(gear_on)),
  gear_off TEXT NOT NULL CHECK (json_valid(gear_off)),
  mind TEXT NOT NULL,
  sign TEXT CHECK (json_valid(sign)),
  PRIMARY KEY (demo_id, method_id, id),
  FOREIGN KEY (demo_id, method_id) REFERENCES method (demo_id, id) ON DELETE CASCADE
) STRICT, WITHOUT ROWID;

CREATE TABLE kit_line (
  demo_id TEXT NOT NULL,
  method_id TEXT NOT NULL,
  id TEXT NOT NULL,
  ord INTEGER NOT NULL,
  item_id TEXT NOT NULL REFERENCES item (id),
  amount REAL NOT NULL CHECK (amount > 0),
  unit TEXT NOT NULL,
  basis TEXT NOT NULL CHECK (basis IN ('perShow', 'perGo', 'perVolunteer', 'perHead')),
  note TEXT NOT NULL,
  PRIMARY KEY (demo_id, method_id, id),
  FOREIGN KEY (demo_id, method_id) REFERENCES method (demo_id, id) ON DELETE CASCADE
) STRICT, WITHOUT ROWID;
CREATE INDEX kit_line_item ON kit_line (item_id);

CREATE TABLE show (
  id TEXT PRIMARY KEY,
  version INTEGER NOT NULL DEFAULT 1,
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1)),
  title TEXT NOT NULL CHECK (title <> ''),
  date TEXT NOT NULL,
  zone TEXT NOT NULL,
  arrival TEXT NOT NULL,
  doors TEXT NOT NULL CHECK (doors >= arrival),
  start TEXT NOT NULL CHECK (start >= doors),
  hard_finish TEXT NOT NULL CHECK (hard_finish > start),
  venue_id TEXT REFERENCES venue (id),
  audience INTEGER NOT NULL CHECK (audience >= 0),
  audience_note TEXT NOT NULL,
  agreed INTEGER NOT NULL CHECK (agreed IN (0, 1)),
  note TEXT NOT NULL
) STRICT;
CREATE INDEX show_date ON show (date, start);

CREATE TABLE show_crew (
  show_id TEXT NOT NULL REFERENCES show (id) ON DELETE CASCADE,
  ord INTEGER NOT NULL,
  person_id TEXT NOT NULL REFERENCES person (id),
  PRIMARY KEY (show_id, person_id)
) STRICT, WITHOUT ROWID;

CREATE TABLE show_position (
  show_id TEXT NOT NULL REFERENCES show (id) ON DELETE CASCADE,
  id TEXT NOT NULL,
  ord INTEGER NOT NULL,
  name TEXT NOT NULL CHECK (name <> ''),
  mark TEXT NOT NULL,
  PRIMARY KEY (show_id, id)
) STRICT, WITHOUT ROWID;

CREATE TABLE slot (
  show_id TEXT NOT NULL REFERENCES show (id) ON DELETE CASCADE,
  id TEXT NOT NULL,
  ord INTEGER NOT NULL,
  demo_id TEXT NOT NULL,
  method_id TEXT NOT NULL,
  performer_id TEXT REFERENCES person (id),
  position_id TEXT,
  goes INTEGER NOT NULL CHECK (goes >= 1),
  pinned INTEGER NOT NULL CHECK (pinned IN (0, 1)),
  may_leave_out INTEGER NOT NULL CHECK (may_leave_out IN (0, 1)),
  worth INTEGER NOT NULL CHECK (worth BETWEEN 1 AND 5),
  PRIMARY KEY (show_id, id),
  FOREIGN KEY (demo_id, method_id) REFERENCES method (demo_id, id)
) STRICT, WITHOUT ROWID;
CREATE INDEX slot_method ON slot (demo_id, method_id);

CREATE TABLE check_mark (
  show_id TEXT NOT NULL REFERENCES show (id) ON DELETE CASCADE,
  key TEXT NOT NULL,
  state TEXT NOT NULL CHECK (state IN ('done', 'waived')),
  reason TEXT NOT NULL CHECK (state = 'done' OR reason <> ''),
  by TEXT REFERENCES person (id),
  at INTEGER NOT NULL,
  PRIMARY KEY (show_id, key)
) STRICT, WITHOUT ROWID;

CREATE TABLE run (
  id TEXT PRIMARY KEY,
  show_id TEXT NOT NULL REFERENCES show (id),
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1)),
  kind TEXT NOT NULL CHECK (kind IN ('rehearsal', 'performance')),
  created_at INTEGER NOT NULL,
  plan TEXT NOT NULL CHECK (json_valid(plan))
) STRICT;
CREATE INDEX run_show ON run (show_id, created_at);

-- Append-only. seq is the server's order; id is made on the device, so a second delivery is known.
CREATE TABLE run_event (
  run_id TEXT NOT NULL REFERENCES run (id) ON DELETE CASCADE,
  seq INTEGER NOT NULL,
  id TEXT NOT NULL,
  at REAL NOT NULL,
  kind TEXT NOT NULL,
  by TEXT,
  slot TEXT,
  step TEXT,
  go INTEGER,
  cause TEXT,
  outcome TEXT CHECK (outcome IN ('worked', 'partly', 'failed')),
  text TEXT,
  PRIMARY KEY (run_id, seq),
  UNIQUE (run_id, id)
) STRICT, WITHOUT ROWID;

CREATE TABLE follow_up (
  id TEXT PRIMARY KEY,
  version INTEGER NOT NULL DEFAULT 1,
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1)),
  show_id TEXT REFERENCES show (id),
  demo_id TEXT REFERENCES demo (id),
  words TEXT NOT NULL CHECK (words <> ''),
  owner_id TEXT REFERENCES person (id),
  due TEXT,
  done INTEGER NOT NULL CHECK (done IN (0, 1))
) STRICT;
`;
