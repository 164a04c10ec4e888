/** What stands at a place, numbered as it is drawn and told. */
import type { Show } from '../../brief/types';
import type { Check, Thing } from '../checks';
import { type Mark, settles, wrongWith } from '../go';
import type { Stop } from './stops';

export interface NumberedThing extends Thing {
  n: number;
  /** Checks that look at it; a thing that two demonstrations use stands once. */
  keys: string[];
}

export interface StandGroup {
  slotId: string;
  demoName: string;
  /** Its slot’s number in the show, from 1. */
  number: number;
  /** The place is another slot’s first: laid ready in the wings. */
  laidReady: boolean;
  things: NumberedThing[];
}

/** Things of the checks that say what stands and what is filled, by slot, in the order of the show. */
export function standGroups(stop: Pick<Stop, 'parts'>, show: Pick<Show, 'slots'>): StandGroup[] {
  const checks = stop.parts
    .filter(({ part }) => part === 'stands' || part === 'filled')
    .flatMap((part) => part.checks);
  const byItem = new Map<string, NumberedThing>();
  let n = 0;
  const groups = show.slots.flatMap((slot, i): StandGroup[] => {
    const mine = checks.filter(({ slotIds }) => slotIds[0] === slot.id);
    const things = mine.flatMap((check) =>
      check.things.flatMap((thing): NumberedThing[] => {
        const known = byItem.get(thing.itemId);
        if (known) {
          known.keys.push(check.key);
          known.count = Math.max(known.count, thing.count);
          return [];
        }
        const numbered = { ...thing, n: 0, keys: [check.key] };
        byItem.set(thing.itemId, numbered);
        return [numbered];
      }),
    );
    const firstThere = show.slots.find(({ positionId }) => positionId === slot.positionId);
    return mine.length === 0
      ? []
      : [
          {
            slotId: slot.id,
            demoName: mine[0]?.demoName ?? '',
            number: i + 1,
            laidReady: firstThere?.id !== slot.id,
            things,
          },
        ];
  });
  for (const group of groups) for (const thing of group.things) thing.n = ++n;
  return groups;
}

/** The numbers of the things that a check looks at, each with its name and amount as this check has it. */
export const numbersOf = (
  groups: readonly StandGroup[],
  check: Pick<Check, 'things'>,
): { n: number | null; thing: Thing }[] => {
  const known = new Map(
    groups.flatMap(({ things }) => things.map(({ itemId, n }) => [itemId, n] as const)),
  );
  return check.things.map((thing) => ({ n: known.get(thing.itemId) ?? null, thing }));
};

/** Looked at and as it should be; not looked at; looked at, and wrong. */
export type Seen = 'seen' | 'open' | 'wrong';

/** How what is wrong is said of one of several things. */
export const wrongThing = (thing: Pick<Thing, 'name'>, what: string): string =>
  `${thing.name}: ${what}`;

/** A thing is seen once any of its checks is; wrong where it is named so, or where its check is and names none. */
export function seenOf(
  thing: Pick<NumberedThing, 'name' | 'keys'>,
  checks: readonly Check[],
  marks: ReadonlyMap<string, Mark>,
): Seen {
  const said = checks.flatMap((check) => {
    const mark = thing.keys.includes(check.key) ? marks.get(check.key) : undefined;
    return mark ? [{ check, mark }] : [];
  });
  const isWrong = said.some(({ check, mark }) => {
    const what = wrongWith(check, mark);
    if (what === null) return false;
    const named = check.things.filter((one) => what.startsWith(wrongThing(one, '')));
    return named.length === 0 || named.some(({ name }) => name === thing.name);
  });
  return isWrong ? 'wrong' : said.some(({ check, mark }) => settles(check, mark)) ? 'seen' : 'open';
}
