/** What was told becomes a demonstration of one’s own, with the things that weren’t in the store yet. */
import { blankDemo, blankItem } from '../../core/repertoire/blank';
import { plainName } from '../../core/repertoire/plainName';
import type { Demo, Item } from '../../core/repertoire/types';
import { readTold } from '../../core/told/read';
import type { Knows, Told, ToldThing } from '../../core/told/types';
import { weave } from '../../core/told/weave';
import { newId, send } from '../app/api';

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

/**
 * Keeps it: puts the new things into the store, then the demonstration. `old` is null for a new one. Throws ApiError
 * where the server refuses; things that were put in by then stay, and are found by their names the next time.
 */
export async function keepTold(
  text: string,
  knows: Knows,
  old: (Demo & { version: number }) | null,
): Promise<Demo> {
  const things = [...knows.things];
  for (const thing of newThings(readTold(text, knows)))
    things.push(await send<Item>('POST', '/items', itemOf(thing)));
  const told = readTold(text, { ...knows, things });
  const base = old ?? blankDemo(newId(), 'New demo', []);
  const demo: Demo = { ...weave(told, base, newId), told: text };
  return old
    ? send<Demo>('PUT', `/demos/${demo.id}`, { ...demo, version: old.version })
    : send<Demo>('POST', '/demos', demo);
}
