/** A show out to a file. */
import { EventNames } from '../../core/stage/event';
import {
  FILE_FORMAT,
  FILE_READINGS_MOST,
  FILE_RUNS_MOST,
  FILE_TRIALS_MOST,
  FILE_VERSION,
  type ShowFile,
} from '../../contract/showFile';
import type { AppContext } from '../context';
import type { BenchReading } from '../../contract/readings';
import { readingFault } from '../../core/repertoire/measure';
import type { Demo } from '../../core/repertoire/types';
import { type Entity, type EntityStore, readable } from '../entity';
import type { RunStore } from '../stage/runs';

export function exportShow(context: AppContext, showId: string): ShowFile {
  const { bundles, runs, boxes, ledger, packMarks } = context;
  const bundle = bundles.asStored(showId);
  const trials = trialsOf(context, bundle.demos);
  const items = withNamed(
    context.items,
    bundle.items,
    trials.flatMap(({ trial }) => trial.kit.map(({ itemId }) => itemId)),
  );
  const people = withNamed(
    context.people,
    bundle.people,
    trials.flatMap(({ trial }) => [trial.guessedBy, trial.readerId].flatMap((id) => id ?? [])),
  );
  const ids = new Set(items.map((item) => item.id));
  const boxIds = [...new Set(items.flatMap((item) => item.boxId ?? []))];
  return {
    format: FILE_FORMAT,
    version: FILE_VERSION,
    ...bundle,
    items,
    people,
    boxes: boxIds.flatMap((id) => {
      const box = boxes.find(id);
      if (!box) return [];
      const { version: _version, ...plain } = box;
      return [plain];
    }),
    lots: ledger.stocked([...ids]).map(({ version: _version, ...lot }) => lot),
    packing: packMarks.of(showId),
    runs: readableRuns(runs, showId),
    trials,
    readings: bundle.demos
      .flatMap((demo) => demo.methods.flatMap(({ id }) => context.readings.of(demo.id, id)))
      .filter((reading) => isRead(bundle.demos, reading))
      .slice(0, FILE_READINGS_MOST),
  };
}

/** What its method has read still, and could be read as it is: a result may have become another one since. */
function isRead(
  demos: readonly Demo[],
  {
    demoId,
    methodId,
    result: id,
    value,
  }: Pick<BenchReading, 'demoId' | 'methodId' | 'result' | 'value'>,
): boolean {
  const method = demos
    .find((demo) => demo.id === demoId)
    ?.methods.find((one) => one.id === methodId);
  const result = method?.results.find((one) => one.id === id);
  return result !== undefined && readingFault(result, value) === null;
}

/** The series that try these demos. One that can’t be read, or names what is gone, stays here. */
function trialsOf(
  { trials, trialGoes, items, people }: AppContext,
  demos: readonly Demo[],
): ShowFile['trials'] {
  const methodsOf = new Map(demos.map(({ id, methods }) => [id, methods.map((one) => one.id)]));
  return readable(trials.list(), ({ version: _version, ...trial }) => {
    const methods = trial.demoId === null ? undefined : methodsOf.get(trial.demoId);
    const here = methods && (trial.methodId === null || methods.includes(trial.methodId));
    const named = [trial.guessedBy, trial.readerId].flatMap((id) => id ?? []);
    const whole =
      trial.kit.every(({ itemId }) => items.findReadable(itemId) !== null) &&
      named.every((id) => people.findReadable(id) !== null);
    return here && whole ? [{ trial, goes: trialGoes.of(trial.id) }] : [];
  })
    .flat()
    .slice(0, FILE_TRIALS_MOST);
}

/** The list with what else is named, as long as it is there. */
function withNamed<T extends Entity>(
  store: EntityStore<T>,
  list: readonly T[],
  named: readonly string[],
): T[] {
  const known = new Set(list.map(({ id }) => id));
  const more = [...new Set(named)].filter((id) => !known.has(id));
  return [
    ...list,
    ...more.flatMap((id): T[] => {
      const found = store.find(id);
      if (!found) return [];
      const { version: _version, ...plain } = found;
      return [plain as unknown as T];
    }),
  ];
}

/** The latest runs of a show, without what only this server knows of them. One that can’t be read stays here. */
function readableRuns(runs: RunStore, showId: string): ShowFile['runs'] {
  const found: ShowFile['runs'] = [];
  for (const id of runs.idsOf(showId).reverse()) {
    if (found.length === FILE_RUNS_MOST) break;
    try {
      const { kind, createdAt, plan, events } = runs.get(id);
      // Runs of long ago may hold what would be refused today; it never counted for anything.
      const names = new EventNames(plan);
      const told = events
        .map(({ seq: _seq, receivedAt: _at, ...event }) => event)
        .filter((event) => names.fault(event) === null);
      found.unshift({ id, kind, createdAt, plan, events: told });
    } catch {
      continue;
    }
  }
  return found;
}
