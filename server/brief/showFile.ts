/** Shows out to files and in from them. */
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import type { ImportAnswer } from '../../contract/api';
import { FILE_FORMAT, FILE_VERSION, type ShowFile } from '../../contract/showFile';
import { counted } from '../../core/words';
import type { Area } from '../area';
import type { Entity, Store } from '../entity';

export function exportShow({ bundles, runs }: Area, showId: string): ShowFile {
  return {
    format: FILE_FORMAT,
    version: FILE_VERSION,
    ...bundles.of(showId),
    runs: runs
      .list(showId)
      .map(({ id, kind, createdAt, plan, events }) => ({ id, kind, createdAt, plan, events })),
  };
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
function takeIn<T extends Entity & { name: string }>(store: Store<T>, values: readonly T[]): Taken {
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

/** Stores everything of a checked file in one transaction; the show always comes in as a new one. */
export function importShow(area: Area, file: ShowFile): ImportAnswer {
  return area.db.transaction((): ImportAnswer => {
    const items = takeIn(area.items, file.items);
    const moved = (ids: Map<string, string>, id: string): string => ids.get(id) ?? id;
    const demos = takeIn(
      area.demos,
      file.demos.map((demo) => ({
        ...demo,
        methods: demo.methods.map((method) => ({
          ...method,
          kit: method.kit.map((line) => ({ ...line, itemId: moved(items.ids, line.itemId) })),
        })),
      })),
    );
    const people = takeIn(area.people, file.people);
    const venues = takeIn(area.venues, file.venue ? [file.venue] : []);
    const taken = area.shows.exists(file.show.id);
    const showId = taken ? randomUUID() : file.show.id;
    const person = (id: string | null): string | null =>
      id === null ? null : moved(people.ids, id);
    area.shows.add({
      ...file.show,
      id: showId,
      title: taken ? `${file.show.title.slice(0, 70)} (copy)` : file.show.title,
      venueId: file.show.venueId === null ? null : moved(venues.ids, file.show.venueId),
      crew: file.show.crew.map((id) => moved(people.ids, id)),
      slots: file.show.slots.map((slot) => ({
        ...slot,
        demoId: slot.demoId && moved(demos.ids, slot.demoId),
        performerId: person(slot.performerId),
      })),
    });
    // A copy of a show that is here already comes without its runs: each happened once.
    const runs = taken ? [] : file.runs;
    for (const run of runs) {
      const id = area.runs.exists(run.id) ? randomUUID() : run.id;
      const slots = run.plan.slots.map((slot) => ({
        ...slot,
        demoId: slot.demoId && moved(demos.ids, slot.demoId),
      }));
      area.runs.create({
        id,
        showId,
        kind: run.kind,
        createdAt: run.createdAt,
        plan: { ...run.plan, slots },
      });
      area.runs.append(
        id,
        run.events.map((event) => ({ ...event, by: person(event.by) })),
      );
    }
    const added = [
      demos.added && counted(demos.added, 'demo'),
      items.added && counted(items.added, 'item'),
      people.added && counted(people.added, 'person', 'people'),
      venues.added && counted(venues.added, 'venue'),
      runs.length && counted(runs.length, 'run'),
    ].filter(Boolean);
    return {
      showId,
      words: added.length ? `Added the show with ${added.join(', ')}.` : 'Added the show.',
    };
  })();
}
