/** Vessels of cold liquid or dry ice that nothing gets out of: found from the kit, the hazards and the steps. */
import type { ShowBundle } from '../brief/types';
import type { ResolvedSlot } from '../lineup/fromBundle';
import type { Item } from '../repertoire/item';
import { listInWords, lowerFirst } from '../words';

/** Names of things that close tightly, where nobody has said how they close. */
const TIGHT =
  /screw|stopper|cork\b|corked|bung|clip[- ]?top|capped|with (a )?(cap|lid)|\bcap\b|sealed|flask with lid|pressure (vessel|bottle|tank)|soda bottle|drinks? bottle|plastic bottle|jar\b/i;
/** Words of a step that close something. */
const CLOSES =
  /\b(screw|cap|cork|stopper|seal|close|shut|plug|tie)\b.{0,40}\b(on|it|tight|tightly|bottle|jar|lid|cap|flask|balloon|down|up)\b|\blid on\b|\bcap on\b/i;
/** Words that take it back: open, never closed, vented. */
const OPEN = /never closed|not closed|never close|open|vented?|loose|no lid|without a lid/i;

export interface ClosedVessel {
  /** In words, what is closed, and by what it is known. */
  because: string;
  /** Nobody has said how it closes: it may be open. */
  guessed: boolean;
}

const hasCold = ({ method }: ResolvedSlot, items: readonly Item[]): boolean =>
  method.hazards.some(({ kind }) => kind === 'cryogen') ||
  items.some(
    (item) =>
      (item.cold !== null || /dry ice|liquid nitrogen/i.test(item.name)) &&
      method.kit.some(({ itemId }) => itemId === item.id),
  );

/** A snap-on lid that is meant to pop off is calculated as such, and is another thing. */
const popsOff = ({ method }: ResolvedSlot): boolean =>
  method.calculators.some(({ calculator }) => calculator === 'popping-lid');

/**
 * What of a slot may close in cold liquid or dry ice: a vessel of its kit that closes tightly; a hazard of
 * pressure beside the cold with vessels nobody has said to be open; a step that shuts something.
 */
export function closedVessels(bundle: ShowBundle, resolved: ResolvedSlot): ClosedVessel[] {
  const { method } = resolved;
  const kit = bundle.items.filter(({ id }) => method.kit.some(({ itemId }) => itemId === id));
  if (!hasCold(resolved, kit)) return [];
  const vessels = kit.filter(({ kind, cold }) => kind !== 'gear' && cold === null);
  const tight = vessels.filter(({ lid }) => lid === 'tight');
  if (tight.length > 0)
    return [
      {
        because: `${listInWords(tight.map(({ name }) => lowerFirst(name)))} closes tightly`,
        guessed: false,
      },
    ];
  const named = vessels.filter(({ lid, name }) => lid === 'unknown' && TIGHT.test(name));
  if (named.length > 0 && !popsOff(resolved))
    return [
      {
        because: `${listInWords(named.map(({ name }) => lowerFirst(name)))} is in the kit, and nobody has said that it stays open`,
        guessed: true,
      },
    ];
  const shuts = method.tasks.find(
    ({ name, do: does }) =>
      (CLOSES.test(name) && !OPEN.test(name)) || (CLOSES.test(does) && !OPEN.test(does)),
  );
  if (shuts && !popsOff(resolved))
    return [{ because: `a step closes something: “${shuts.name}”`, guessed: true }];
  const pressed = method.hazards.find(({ kind }) => kind === 'pressure');
  const unsaid = vessels.filter(({ lid, holds }) => lid === 'unknown' && holds !== null);
  const allOpen = vessels.length > 0 && vessels.every(({ lid }) => lid !== 'unknown');
  if (pressed && !allOpen && !popsOff(resolved) && !OPEN.test(pressed.control))
    return [
      {
        because:
          unsaid.length > 0
            ? `pressure is a hazard, and nobody has said how ${listInWords(unsaid.map(({ name }) => lowerFirst(name)))} closes`
            : 'pressure is a hazard beside the cold, and nobody has said that every vessel is open',
        guessed: true,
      },
    ];
  return [];
}
