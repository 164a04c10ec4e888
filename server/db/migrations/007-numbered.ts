/**
 * Every change is numbered as it is stored, by the database itself, so that no way of storing can
 * forget it. What a run came to is kept beside it, and what each method came to over all runs.
 */
const told = (
  table: string,
  kind: string,
  id: string,
  events: readonly string[],
  more = '',
): string =>
  events
    .map((event) => {
      const row = event === 'DELETE' ? 'OLD' : 'NEW';
      const name = `told_${table}_${event.split(' ')[0]?.toLowerCase()}`;
      return `CREATE TRIGGER ${name} AFTER ${event} ON ${table} BEGIN
        INSERT INTO change (kind, id, seq) VALUES ('${kind}', ${row}.${id}, ${more ? `${row}.${more}` : 'NULL'});
      END;`;
    })
    .join('\n');

const ALL = ['INSERT', 'UPDATE', 'DELETE'];

export const numbered = `
CREATE TABLE house (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  epoch TEXT NOT NULL
) STRICT;
INSERT INTO house (id, epoch) VALUES (1, lower(hex(randomblob(8))));

-- A removed photo can be brought back for a while; then it goes for good.
ALTER TABLE check_photo ADD COLUMN removed_at INTEGER;
UPDATE check_photo SET removed_at = 0 WHERE removed = 1;
CREATE TABLE change (
  n INTEGER PRIMARY KEY AUTOINCREMENT,
  kind TEXT NOT NULL,
  id TEXT NOT NULL,
  -- Of a run: the event that was added; null for a change of the run as such.
  seq INTEGER
) STRICT;

${told('show', 'show', 'id', ALL)}
${told('demo', 'demo', 'id', ALL)}
${told('item', 'item', 'id', ALL)}
${told('venue', 'venue', 'id', ALL)}
${told('person', 'person', 'id', ALL)}
${told('follow_up', 'followUp', 'id', ALL)}
${told('box', 'box', 'id', ALL)}
${told('lot', 'lot', 'id', ALL)}
${told('movement', 'lot', 'lot_id', ['INSERT'])}
${told('settings', 'settings', 'id', ALL)}
${told('check_mark', 'mark', 'show_id', ALL)}
${told('check_photo', 'mark', 'show_id', ALL)}
${told('pack_mark', 'packing', 'show_id', ALL)}
${told('run', 'run', 'id', ['INSERT', 'UPDATE OF removed', 'DELETE'])}
${told('run_event', 'run', 'run_id', ['INSERT'], 'seq')}

ALTER TABLE run_event ADD COLUMN on_move TEXT;
-- The device's own clock, and the server's when it was stored; null in runs from before.
ALTER TABLE run_event ADD COLUMN device_at REAL;
ALTER TABLE run_event ADD COLUMN received_at INTEGER;

-- What the run came to has not been looked at since its last event.
ALTER TABLE run ADD COLUMN stale INTEGER NOT NULL DEFAULT 1 CHECK (stale IN (0, 1));
ALTER TABLE run ADD COLUMN finished INTEGER NOT NULL DEFAULT 0 CHECK (finished IN (0, 1));
-- Why it can't be read; null for one that can.
ALTER TABLE run ADD COLUMN trouble TEXT;
CREATE INDEX run_stale ON run (id) WHERE stale = 1;
CREATE TRIGGER run_goes_stale AFTER UPDATE OF removed, plan ON run BEGIN
  UPDATE run SET stale = 1 WHERE id = NEW.id;
END;
CREATE TRIGGER run_event_goes_stale AFTER INSERT ON run_event BEGIN
  UPDATE run SET stale = 1 WHERE id = NEW.run_id AND stale = 0;
END;

CREATE TABLE method_run (
  run_id TEXT NOT NULL REFERENCES run (id) ON DELETE CASCADE,
  slot_id TEXT NOT NULL,
  demo_id TEXT NOT NULL,
  method_id TEXT NOT NULL,
  at INTEGER NOT NULL,
  came_to TEXT NOT NULL CHECK (json_valid(came_to)),
  PRIMARY KEY (run_id, slot_id)
) STRICT, WITHOUT ROWID;
CREATE INDEX method_run_latest ON method_run (demo_id, method_id, at DESC);

CREATE TABLE method_total (
  demo_id TEXT NOT NULL,
  method_id TEXT NOT NULL,
  worked INTEGER NOT NULL,
  partly INTEGER NOT NULL,
  failed INTEGER NOT NULL,
  PRIMARY KEY (demo_id, method_id)
) STRICT, WITHOUT ROWID;

CREATE TABLE method_cause (
  demo_id TEXT NOT NULL,
  method_id TEXT NOT NULL,
  cause TEXT NOT NULL,
  count INTEGER NOT NULL,
  PRIMARY KEY (demo_id, method_id, cause)
) STRICT, WITHOUT ROWID;

CREATE INDEX change_kind ON change (kind, n);
`;
