/** What was told becomes a demonstration of one’s own, with the things that weren’t in the store yet. */
import { type Hinting, withTakenOn } from '../../core/ready/hazards/suggest';
import { blankDemo, blankItem } from '../../core/repertoire/blank';
import { plainName } from '../../core/repertoire/plainName';
import type { Item } from '../../core/repertoire/item';
import type { Demo } from '../../core/repertoire/types';
import { readTold } from '../../core/told/read';
import type { Knows, Told, ToldThing } from '../../core/told/types';
import { weave } from '../../core/told/weave';
import { newId, send } from '../app/api';
import type { Beside } from './draft';

/** Things that the store doesn’t have, each once. */
export function newThings({ methods }: Told): ToldThing[] {
  const seen = new Map<string, ToldThing>();
  for (const thing of methods.flatMap(({ kit }) => kit))
    if (thing.itemId === null && !seen.has(plainName(thing.name)))
      seen.set(plainName(thing.name), thing);
  return [...seen.values()];
}

/** Counted in what it was named with. */
const itemOf = ({ name, kind, unit }: ToldThing): Item => ({
  ...blankItem(newId(), name, kind),
  unit,
});

/** Things that the store doesn’t have, as they would be in it. */
const withNew = (told: Told): Item[] =>
  newThings(told).map((thing) => ({ ...itemOf(thing), id: `new-${plainName(thing.name)}` }));

/**
 * What it would be, and the things it would be made of, with nothing kept yet. Ids of what is new are of this moment.
 */
export function previewTold(
  text: string,
  knows: Knows,
  old: Demo | null,
): { demo: Demo; fresh: Item[] } {
  const fresh = withNew(readTold(text, knows));
  const told = readTold(text, { ...knows, things: [...knows.things, ...fresh] });
  let count = 0;
  return { demo: weave(told, old ?? blankDemo('new', '', []), () => `new-${count++}`), fresh };
}

/**
 * Keeps it: puts the new things into the store, then the demonstration. `old` is null for a new one. Throws ApiError
 * where the server refuses; things that were put in by then stay, and are found by their names the next time.
 */
export async function keepTold(
  text: string,
  { face, hazards }: Beside,
  { knows, items }: { knows: Knows; items: readonly Hinting[] },
  old: (Demo & { version: number }) | null,
): Promise<Demo> {
  const fresh: Item[] = [];
  for (const thing of newThings(readTold(text, knows)))
    fresh.push(await send<Item>('POST', '/items', itemOf(thing)));
  const told = readTold(text, { ...knows, things: [...knows.things, ...fresh] });
  const base = old ?? blankDemo(newId(), 'New demo', []);
  const woven: Demo = { ...weave(told, base, newId), told: text };
  const demo = withTakenOn({ ...woven, face: face ?? woven.face }, hazards, [...items, ...fresh]);
  return old
    ? send<Demo>('PUT', `/demos/${demo.id}`, { ...demo, version: old.version })
    : send<Demo>('POST', '/demos', demo);
}
