/** Shows out to files and in from them. */
import { EventNames } from '../../core/stage/event';
import { written } from '../db/open';
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import type { ImportAnswer } from '../../contract/api';
import { SETTINGS } from '../../contract/inventory';
import {
  FILE_FORMAT,
  FILE_READINGS_MOST,
  FILE_RUNS_MOST,
  FILE_TRIALS_MOST,
  FILE_VERSION,
  type ShowFile,
} from '../../contract/showFile';
import { receive } from '../../core/inventory/ledger';
import { counted } from '../../core/words';
import type { AppContext } from '../context';
import type { BenchReading } from '../../contract/readings';
import { readingFault } from '../../core/repertoire/measure';
import type { Demo } from '../../core/repertoire/types';
import { type Entity, type EntityStore, readable } from '../entity';
import type { RunStore } from '../stage/runs';
import { movedSource } from '../trials/fromStage';

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

interface Taken {
  /** From the file's ids to the ids here. */
  ids: Map<string, string>;
  added: number;
}

/**
 * Takes things in: one that is here already, word for word, is used as it is; one whose id is taken
 * by something different comes in beside it under a new id, so that neither is lost.
 */
function takeIn<T extends Entity & { name: string }>(
  store: EntityStore<T>,
  values: readonly T[],
): Taken {
  const ids = new Map<string, string>();
  let added = 0;
  for (const value of values) {
    const plain = JSON.parse(JSON.stringify(value)) as T;
    const here = store.find(value.id);
    if (here) {
      const { version: _version, ...stored } = here;
      if (isDeepStrictEqual(JSON.parse(JSON.stringify(stored)), plain)) {
        ids.set(value.id, value.id);
        continue;
      }
    }
    const id = here ? randomUUID() : value.id;
    const name = here ? `${value.name.slice(0, 45)} (from file)` : value.name;
    store.add({ ...plain, id, name });
    ids.set(value.id, id);
    added++;
  }
  return { ids, added };
}

/**
 * Stock comes only with items that are new here: of the others this store knows better what it has.
 * Answers how many lots came.
 */
function takeStockIn({ lots, ledger }: AppContext, stock: ShowFile['lots']): number {
  let taken = 0;
  for (const { stock: amount, ...lot } of stock) {
    if (lots.exists(lot.id)) continue;
    lots.add(lot);
    taken++;
    if (amount > 0)
      ledger.keep(
        receive({ id: randomUUID(), lotId: lot.id, at: Date.now() }, amount, 'From a show file'),
        'lots',
      );
  }
  return taken;
}

/** A file's sizes of household words, and its steps of risk, count here as long as none are set here. */
function takeSettingsIn({ settings }: AppContext, file: ShowFile): void {
  const { version, ...here } = settings.get('own');
  const untouched = (name: 'household' | 'riskMatrix'): boolean =>
    isDeepStrictEqual({ ...here[name] }, SETTINGS[name]);
  const now = {
    ...here,
    household: untouched('household') ? { ...file.household } : here.household,
    riskMatrix: untouched('riskMatrix') ? { ...file.riskMatrix } : here.riskMatrix,
  };
  if (JSON.stringify(now) !== JSON.stringify(here)) settings.change(now, version);
}

interface Moved {
  demo: (id: string) => string;
  item: (id: string) => string;
  person: (id: string | null) => string | null;
  source: (source: string | null) => string | null;
}

/** Series that are not here yet, with what their goes came to. */
function takeTrialsIn(context: AppContext, { trials }: ShowFile, moved: Moved): Taken {
  const { ids } = takeIn(
    context.trials,
    trials.map(({ trial }) => ({
      ...trial,
      demoId: trial.demoId && moved.demo(trial.demoId),
      guessedBy: moved.person(trial.guessedBy),
      readerId: moved.person(trial.readerId),
      kit: trial.kit.map((line) => ({ ...line, itemId: moved.item(line.itemId) })),
    })),
  );
  let added = 0;
  for (const { trial, goes } of trials) {
    const id = ids.get(trial.id) ?? trial.id;
    if (context.trialGoes.of(id).length > 0) continue;
    for (const go of goes)
      context.trialGoes.keep(id, {
        ...go,
        by: moved.person(go.by),
        source: moved.source(go.source),
      });
    added++;
  }
  return { ids, added };
}

/** Stores everything of a checked file in one transaction; the show always comes in as a new one. */
export function importShow(context: AppContext, file: ShowFile): ImportAnswer {
  return written(context.db, (): ImportAnswer => {
    const moved = (ids: Map<string, string>, id: string): string => ids.get(id) ?? id;
    const boxes = takeIn(context.boxes, file.boxes);
    const here = new Set(
      file.items.flatMap((item) => (context.items.exists(item.id) ? item.id : [])),
    );
    const items = takeIn(
      context.items,
      file.items.map((item) => ({
        ...item,
        boxId: item.boxId === null ? null : moved(boxes.ids, item.boxId),
      })),
    );
    const lots = takeStockIn(
      context,
      file.lots.filter((lot) => !here.has(lot.itemId)),
    );
    takeSettingsIn(context, file);
    const people = takeIn(context.people, file.people);
    const person = (id: string | null): string | null =>
      id === null ? null : moved(people.ids, id);
    const demos = takeIn(
      context.demos,
      file.demos.map((demo) => ({
        ...demo,
        methods: demo.methods.map((method) => ({
          ...method,
          figures: method.figures.map((figure) => ({
            ...figure,
            performerId: person(figure.performerId),
          })),
          kit: method.kit.map((line) => ({
            ...line,
            itemId: moved(items.ids, line.itemId),
            instead: line.instead.map((id) => moved(items.ids, id)),
          })),
        })),
      })),
    );
    const venues = takeIn(context.venues, file.venue ? [file.venue] : []);
    const taken = context.shows.exists(file.show.id);
    const showId = taken ? randomUUID() : file.show.id;
    // A copy of a show that is here already comes without its runs: each happened once.
    const runs = taken ? [] : file.runs;
    const runIds = new Map(runs.map(({ id }) => [id, context.runs.exists(id) ? randomUUID() : id]));
    const trials = takeTrialsIn(context, file, {
      demo: (id) => moved(demos.ids, id),
      item: (id) => moved(items.ids, id),
      person,
      source: (source) => movedSource(source, runIds),
    });
    const series = (id: string | null): string | null => id && moved(trials.ids, id);
    context.shows.add({
      ...file.show,
      id: showId,
      title: taken ? `${file.show.title.slice(0, 70)} (copy)` : file.show.title,
      venueId: file.show.venueId === null ? null : moved(venues.ids, file.show.venueId),
      crew: file.show.crew.map((id) => moved(people.ids, id)),
      slots: file.show.slots.map((slot) => ({
        ...slot,
        demoId: slot.demoId && moved(demos.ids, slot.demoId),
        performerId: person(slot.performerId),
        sideBySide: slot.sideBySide && {
          ...slot.sideBySide,
          trialId: series(slot.sideBySide.trialId),
          stations: slot.sideBySide.stations.map((station) => ({
            ...station,
            amounts: station.amounts.map((one) => ({
              ...one,
              itemId: moved(items.ids, one.itemId),
            })),
          })),
        },
      })),
      cold: file.show.cold.map((plan) => ({
        ...plan,
        itemId: moved(items.ids, plan.itemId),
        vesselId: plan.vesselId && moved(items.ids, plan.vesselId),
      })),
    });
    // Who ticked need not be in the file.
    const known = (id: string | null): string | null =>
      id !== null && context.people.exists(id) ? id : null;
    // A copy is packed afresh.
    for (const mark of taken ? [] : file.packing) {
      const [itemId = '', kind = ''] = mark.key.split(/\.(?=[^.]*$)/);
      context.packMarks.set(showId, {
        ...mark,
        key: `${moved(items.ids, itemId)}.${kind}`,
        by: known(person(mark.by)),
      });
    }
    for (const run of runs) {
      const id = moved(runIds, run.id);
      const slots = run.plan.slots.map((slot) => ({
        ...slot,
        demoId: slot.demoId && moved(demos.ids, slot.demoId),
        performerId: person(slot.performerId),
        sideBySide: slot.sideBySide && {
          ...slot.sideBySide,
          trialId: series(slot.sideBySide.trialId),
        },
        claims: slot.claims.map((claim) => ({
          ...claim,
          trialId: moved(trials.ids, claim.trialId),
        })),
      }));
      context.runs.create({
        id,
        showId,
        kind: run.kind,
        createdAt: run.createdAt,
        plan: { ...run.plan, slots },
      });
      context.runs.append(
        id,
        run.events.map((event) => ({
          event: { ...event, by: person(event.by) },
          deviceAt: null,
          receivedAt: null,
        })),
      );
    }
    for (const { id, demoId, first, ...reading } of file.readings)
      // Each was read once: one that is here already stays as it is.
      if (!context.readings.exists(id))
        context.readings.put(
          moved(demos.ids, demoId),
          id,
          { ...reading, by: known(person(reading.by)) },
          first,
        );
    const added = [
      demos.added && counted(demos.added, 'demo'),
      items.added && counted(items.added, 'item'),
      lots && counted(lots, 'lot'),
      people.added && counted(people.added, 'person', 'people'),
      venues.added && counted(venues.added, 'venue'),
      runs.length && counted(runs.length, 'run'),
      trials.added && counted(trials.added, 'trial'),
    ].filter(Boolean);
    return {
      showId,
      words: added.length ? `Added the show with ${added.join(', ')}.` : 'Added the show.',
    };
  });
}
