/** A show in from a file. */
import { written } from '../db/open';
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import type { ImportAnswer } from '../../contract/api';
import { SETTINGS } from '../../contract/inventory';
import { type ShowFile } from '../../contract/showFile';
import { receive } from '../../core/inventory/ledger';
import { counted } from '../../core/words';
import type { AppContext } from '../context';
import { type Entity, type EntityStore } from '../entity';
import { movedSource } from '../trials/fromStage';

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
        handOut: {
          ...demo.handOut,
          things: demo.handOut.things.map((thing) => ({
            ...thing,
            itemId: moved(items.ids, thing.itemId),
          })),
        },
        methods: demo.methods.map((method) => ({
          ...method,
          figures: method.figures.map((figure) => ({
            ...figure,
            performerId: person(figure.performerId),
          })),
          kit: method.kit.map((line) => ({
            ...line,
            itemId: moved(items.ids, line.itemId),
            instead: line.instead.map((one) => ({ ...one, itemId: moved(items.ids, one.itemId) })),
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
      answers: file.show.answers.map((one) => ({
        ...one,
        personId: moved(people.ids, one.personId),
      })),
      filming: file.show.filming.map((one) => ({ ...one, personId: person(one.personId) })),
      classSet: file.show.classSet && {
        ...file.show.classSet,
        options: file.show.classSet.options.map((option) => ({
          ...option,
          demoId: moved(demos.ids, option.demoId),
        })),
      },
      swaps: file.show.swaps.map(({ itemId, by }) => ({
        itemId: moved(items.ids, itemId),
        by: moved(items.ids, by),
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
