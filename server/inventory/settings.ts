import { SETTINGS, SettingsBody } from '../../contract/inventory';
import type { Settings } from '../../contract/inventory';
import type { Db } from '../db/open';
import { type Row, json } from '../db/rows';
import { EntityStore } from '../entity';

/** One row, there from the start. */
export function settingsStore(db: Db): EntityStore<Settings> {
  const write = db.prepare(
    `INSERT INTO settings (id, household, currency) VALUES (@id, @household, @currency)
     ON CONFLICT (id) DO UPDATE SET household = excluded.household, currency = excluded.currency`,
  );
  const read = db.prepare('SELECT id, household, currency FROM settings WHERE id = ?');
  return new EntityStore<Settings>(db, {
    table: 'settings',
    noun: 'settings',
    type: SettingsBody,
    readyMade: { value: SETTINGS, name: 'Sizes of household words, and the currency' },
    ids: () => ['own'],
    read: (id) => {
      const row = read.get(id) as Row | undefined;
      return row
        ? ({ ...row, household: JSON.parse(String(row.household)) as unknown } as Settings)
        : null;
    },
    write: (settings) => void write.run({ ...settings, household: json(settings.household) }),
  });
}
