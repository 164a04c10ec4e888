/** Substances that are used: how much, how strong, and what their labels say. */
import type { ShowBundle } from '../../brief/types';
import { hazardWords } from '../../kit/ghs';
import { type KitEntry, kitList } from '../../kit/kit';
import type { KitOptions } from '../../kit/demand';
import { massShare, strengthText } from '../../kit/strength';
import type { Timeline } from '../../lineup/types';
import { labelledFrom } from '../../repertoire/mixtures';
import { SUBSTANCES } from '../../repertoire/substances';
import type { Item } from '../../repertoire/item';
import type { KitLine } from '../../repertoire/types';
import { formatTotal } from '../../units/format';
import { listInWords } from '../../words';
import { coldBudgets } from '../air/gases';
import type { SubstanceRow } from './types';

const bare = ({ label }: Item): boolean => label.signal === 'none' && label.hazards.length === 0;

/** Whether a label is to be expected; what has no strength given may be as strong as it comes. */
function wantsLabel(item: Item, strength: KitLine['strength']): boolean {
  if (item.cold !== null) return true;
  if (item.substance === null) return false;
  const from = labelledFrom(item.substance);
  if (from === null) return false;
  const written = strength ?? item.strength;
  if (written === null) return true;
  const share = massShare({ substance: item.substance, strength: written, density: item.density });
  return share === null || share >= from;
}

const SIGNAL_WORDS = { none: '', warning: 'Warning.', danger: 'Danger.' };

export interface Substances {
  rows: SubstanceRow[];
  /** Those whose label is to be expected and was never put in. */
  unlabelled: Item[];
}

/** The same amounts as on the kit list. */
export function substancesOf(
  bundle: ShowBundle,
  timeline: Timeline,
  options: KitOptions,
): Substances {
  const items = new Map(bundle.items.map((item) => [item.id, item]));
  const unlabelled = new Map<string, Item>();
  const fetched = new Map(
    coldBudgets(bundle, timeline, options).map((one) => [one.item.id, one.fetched]),
  );
  // Of a cold liquid more may be there than is needed: as much as was ordered.
  const amountOf = ({ itemId, dimension, text }: KitEntry): string => {
    const all = fetched.get(itemId);
    const there = all === undefined ? text : formatTotal(all, dimension);
    return there === text ? text : `${there} fetched, ${text} needed`;
  };
  const rows = kitList(bundle, timeline, options).flatMap((entry): SubstanceRow[] => {
    const item = items.get(entry.itemId);
    // A vessel that carries a label is told of by what is in it.
    if (!item || item.kind !== 'consumable') return [];
    const asked = entry.parts.some(({ strength }) => wantsLabel(item, strength));
    // Water and paper need not be told of.
    if (bare(item) && !asked && item.substance === null) return [];
    if (bare(item) && asked) unlabelled.set(item.id, item);
    const strengths = new Set(
      entry.parts.flatMap(({ strength }) => strength ?? item.strength ?? []).map(strengthText),
    );
    const name = item.substance && SUBSTANCES[item.substance].name;
    return [
      {
        name:
          name && !entry.name.toLowerCase().includes(name) ? `${entry.name} (${name})` : entry.name,
        amount: amountOf(entry),
        strength: listInWords([...strengths]) || (item.substance ? 'not said' : ''),
        statements: bare(item)
          ? [
              asked
                ? 'not known: copy them from the supplier’s label'
                : 'no statement at this strength',
            ]
          : [SIGNAL_WORDS[item.label.signal], ...hazardWords(item.label.hazards)].filter(Boolean),
        usedIn: listInWords([
          ...new Set(entry.parts.map(({ demoName, text }) => `${demoName} (${text})`)),
        ]),
      },
    ];
  });
  return { rows, unlabelled: [...unlabelled.values()] };
}
