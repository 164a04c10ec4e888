import { plannedGoes } from '../../core/trials/design';
import type { TrialGo, TrialSeries } from '../../core/trials/series';

type Cell = string | number | null;

/** One row a go, as `npm run trial` reads them; what was put right, or left out, with why. */
export function trialRows(trial: TrialSeries, goes: readonly TrialGo[]): Cell[][] {
  const rounds = new Map(plannedGoes(trial).map(({ go, round }) => [go, round]));
  const levels = new Map(trial.levels.map(({ id, label, value }) => [id, value ?? label]));
  const yesNo = trial.measure.quantity === 'yesNo';
  const said = (value: number | null): Cell =>
    value === null || !yesNo ? value : value === 1 ? 'yes' : 'no';
  return [
    [
      'go',
      'round',
      'level',
      'reading',
      'first reading',
      'state',
      'reason',
      'at',
      ...trial.conditions.map(({ name, unit }) => (unit === '' ? name : `${name} (${unit})`)),
    ],
    ...goes.map((one): Cell[] => [
      one.go,
      rounds.get(one.go) ?? null,
      levels.get(one.levelId) ?? one.levelId,
      one.state === 'read' ? said(one.value) : one.state === 'notRead' ? 'not read' : 'left out',
      said(one.first),
      one.state,
      one.reason,
      new Date(one.at).toISOString(),
      ...trial.conditions.map(
        ({ id }) => one.conditions.find((condition) => condition.id === id)?.value ?? null,
      ),
    ]),
  ];
}
