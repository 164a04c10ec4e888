import { SETTINGS, SettingsBody } from '../../contract/inventory';
import type { Settings } from '../../contract/inventory';
import type { Db } from '../db/open';
import { type Row, json } from '../db/rows';
import { EntityStore } from '../entity';

/** One row, there from the start. */
export function settingsStore(db: Db): EntityStore<Settings> {
  const write = db.prepare(
    `INSERT INTO settings
       (id, household, risk_matrix, currency, ends_by, outputs, stage_signals)
     VALUES (@id, @household, @riskMatrix, @currency, @endsBy, @outputs, @stageSignals)
     ON CONFLICT (id) DO UPDATE SET household = excluded.household,
       risk_matrix = excluded.risk_matrix, currency = excluded.currency,
       ends_by = excluded.ends_by, outputs = excluded.outputs,
       stage_signals = excluded.stage_signals`,
  );
  const read = db.prepare(
    `SELECT id, household, risk_matrix, currency, ends_by AS endsBy, outputs, stage_signals
     FROM settings WHERE id = ?`,
  );
  return new EntityStore<Settings>(db, {
    table: 'settings',
    noun: 'settings',
    type: SettingsBody,
    readyMade: {
      value: SETTINGS,
      name: 'Sizes of household words, the risk matrix, the currency, and what an end is held against',
    },
    ids: () => ['own'],
    read: (id) => {
      const row = read.get(id) as Row | undefined;
      if (!row) return null;
      const { household, risk_matrix: matrix, outputs, stage_signals: signals, ...rest } = row;
      const parsed = (text: unknown): unknown => JSON.parse(String(text));
      return {
        ...rest,
        household: parsed(household),
        riskMatrix: parsed(matrix),
        outputs: parsed(outputs),
        stageSignals: parsed(signals),
      } as Settings;
    },
    write: (settings) =>
      void write.run({
        ...settings,
        household: json(settings.household),
        riskMatrix: json(settings.riskMatrix),
        outputs: json(settings.outputs),
        stageSignals: json(settings.stageSignals),
      }),
  });
}
