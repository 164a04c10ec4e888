/**
 * One list for a show: what to bring, merged over its demonstrations.
 *
 * Consumables add up. Equipment and protective gear count by the most in use at once: a slot uses
 * them from its first task to the end of its last reset, and hands them on after that. Cold liquid is
 * worked back from its last use to the supplier's counter.
 */
import { type AmountKey, amountKey } from '../keys';
import type { ShowBundle } from '../brief/types';
import type { Timeline } from '../lineup/types';
import { isPerGo } from '../repertoire/basis';
import type { Item, ItemKind } from '../repertoire/item';
import { formatBoth, formatTotal } from '../units/format';
import { type Dimension, type UnitId, dimensionOf, isApproximate } from '../units/units';
import { coldBudget } from './cold/budget';
import { coldPlanOf } from './cold/plan';
import { type InsteadOf, insteadOf, type StandIn, standInsOf } from './instead';
import { lowerFirst } from '../words';
import { vesselsOf } from './cold/vessels';
import { mostAtOnce } from './mostAtOnce';
import type { Sets } from './sets';
import { spanOf } from './span';
import { type KitOptions, type KitDemand, kitDemands, demandInWords, wholePieces } from './demand';

export interface KitPart {
  slotId: string;
  demoName: string;
  methodName: string;
  /** In the base unit of the line's kind; rehearsals included. */
  base: number;
  unit: UnitId;
  /** “120 mL” */
  text: string;
  /** “60 mL per go × 2 goes = 120 mL”. */
  sum: string;
  note: string;
  /** Seconds from the show's start; the span in which the slot has the thing. */
  from: number;
  until: number;
  /** How many sets are brought; null where the line is not counted by goes. */
  sets: Sets | null;
  /** Used only once a show, or once a day for all shows of it. */
  perDay: boolean;
  /** What may be used instead, the best first. */
  instead: StandIn[];
  strength: KitDemand['line']['strength'];
}

export interface KitEntry {
  itemId: string;
  name: string;
  kind: ItemKind;
  dimension: Dimension;
  /** In the base unit of `dimension`. */
  total: number;
  text: string;
  approximate: boolean;
  /** How the total came about, in one sentence. */
  how: string;
  parts: KitPart[];
  /** Slots that use it at the busiest moment; equipment and gear only. */
  atOnce: string[];
  /** Set when the same item is also written in units that can't be added to these. */
  clash: string | null;
  /** What may be used instead, the best first. */
  instead: InsteadOf[];
}

interface Group {
  item: Item;
  unit: UnitId;
  approximate: boolean;
  parts: KitPart[];
}

function collect(bundle: ShowBundle, timeline: Timeline, options: KitOptions): Group[] {
  const groups = new Map<AmountKey, Group>();
  const all = kitDemands(bundle, options);
  for (const wanted of all) {
    const { slot, demo, method, line, item } = wanted;
    const key = amountKey(item.id, dimensionOf(line.unit));
    const group = groups.get(key) ?? { item, unit: line.unit, approximate: false, parts: [] };
    group.approximate ||= isApproximate(line.unit);
    group.parts.push({
      slotId: slot.id,
      demoName: demo.name,
      methodName: method.name,
      base: wanted.base + wanted.rehearsing,
      unit: line.unit,
      ...demandInWords(wanted, bundle, options.system),
      note: line.note,
      sets: isPerGo(line) ? wanted.sets : null,
      perDay: line.basis === 'perDay',
      instead: standInsOf(line, bundle),
      strength: line.strength,
      ...spanOf(timeline, slot.id),
    });
    groups.set(key, group);
  }
  for (const { vessel, cold } of vesselsOf(bundle, all)) {
    const key = amountKey(vessel.id, 'count');
    const group = groups.get(key) ?? { item: vessel, unit: 'piece', approximate: false, parts: [] };
    group.parts.push({
      // No slot's own: it is away from the counter to the last draw.
      slotId: '',
      demoName: cold.name,
      methodName: 'to carry it',
      base: 1,
      unit: 'piece',
      text: '1',
      sum: `1 to carry the ${lowerFirst(cold.name)}`,
      note: '',
      from: Math.min(0, ...timeline.tasks.map((task) => task.start)),
      until: timeline.end,
      sets: null,
      perDay: false,
      instead: [],
      strength: null,
    });
    groups.set(key, group);
  }
  return [...groups.values()];
}

const KINDS: readonly ItemKind[] = ['equipment', 'consumable', 'gear'];

/** The kit list of a show, by kind, each kind by name. */
export function kitList(
  bundle: ShowBundle,
  timeline: Timeline,
  options: KitOptions = {},
): KitEntry[] {
  const groups = collect(bundle, timeline, options);
  const show = { sizes: bundle.household, system: options.system ?? 'metric' };
  return groups
    .map((group): KitEntry => {
      const { item, unit, parts } = group;
      const dimension = dimensionOf(unit);
      const others = groups.filter((other) => other.item.id === item.id && other !== group);
      const entry = {
        itemId: item.id,
        name: item.name,
        kind: item.kind,
        dimension,
        approximate: group.approximate,
        parts,
        instead: insteadOf(parts, show.system),
        clash:
          others.length > 0
            ? `${item.name} is written in units that can't be added; write every line by ${dimension === 'count' ? 'the piece' : dimension}, or make it two items`
            : null,
      };
      if (item.cold) {
        const budget = coldBudget(bundle, timeline, coldPlanOf(bundle.show, item), options);
        if (budget)
          return {
            ...entry,
            total: budget.order,
            text: formatTotal(budget.order, dimension, unit, show.system),
            how: budget.how,
            atOnce: [],
          };
      }
      const summed = parts.reduce((sum, part) => sum + part.base, 0);
      const shared = item.kind === 'consumable' ? null : mostAtOnce(parts);
      const total = wholePieces(shared ? shared.total : summed, dimension);
      const text = (base: number, as: UnitId): string => formatBoth(base, as, dimension, show);
      return {
        ...entry,
        total,
        text: parts.every((part) => part.unit === unit)
          ? text(total, unit)
          : formatTotal(total, dimension, unit, show.system),
        how: howOf(parts, shared, summed, text, formatTotal(total, dimension, unit, show.system)),
        atOnce: shared && parts.length > 1 ? shared.at.map((part) => part.demoName) : [],
      };
    })
    .sort(
      (a, b) => KINDS.indexOf(a.kind) - KINDS.indexOf(b.kind) || a.name.localeCompare(b.name, 'en'),
    );
}

function howOf(
  parts: readonly KitPart[],
  shared: { total: number; at: KitPart[] } | null,
  summed: number,
  text: (base: number, unit: UnitId) => string,
  totalText: string,
): string {
  const [only] = parts;
  if (parts.length === 1 && only) return only.sum;
  const terms = (from: readonly KitPart[]): string =>
    from.map((part) => `${text(part.base, part.unit)} ${part.demoName}`).join(' + ');
  if (!shared) return `${terms(parts)} = ${totalText}`;
  if (shared.total === summed) return `In use at once: ${terms(shared.at)}`;
  return `Most in use at once: ${terms(shared.at)}; the others use the same one before or after`;
}
