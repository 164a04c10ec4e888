/**
 * One list for a show: what to bring, merged over its demonstrations.
 *
 * Consumables add up. Equipment and protective gear count by the most in use at once: a slot uses
 * them from its first task to the end of its last reset, and hands them on after that.
 */
import type { ShowBundle } from '../brief/types';
import { isClearing, resolveSlots } from '../lineup/fromBundle';
import type { Timeline } from '../lineup/types';
import type { Item, ItemKind } from '../repertoire/types';
import { formatAmount, formatTotal } from '../units/format';
import {
  type Dimension,
  type UnitId,
  dimensionOf,
  fromBase,
  isApproximate,
  toBase,
} from '../units/units';
import { timesWanted } from './basis';

export interface KitPart {
  slotId: string;
  demoName: string;
  methodName: string;
  /** In the base unit of the line's kind. */
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
}

/** A total as its line was written, with the base unit behind household measures: “2 tbsp (29.6 mL)”. */
function inUnit(base: number, unit: UnitId): string {
  const dimension = dimensionOf(unit);
  const plain = formatTotal(base, dimension, unit);
  const household = dimension !== 'count' && !METRIC.includes(unit);
  return household ? `${formatAmount(fromBase(base, unit), unit)} (${plain})` : plain;
}

const METRIC: readonly UnitId[] = ['mL', 'L', 'g', 'kg', 'm', 'cm', 'mm'];

/** While a slot has its things: from its first task to its last reset, as the timeline shares them out. */
function spanOf(timeline: Timeline, slotId: string): { from: number; until: number } {
  const block = timeline.blocks.find((b) => b.slot === slotId);
  const mine = timeline.tasks.filter(
    (task) =>
      task.slot === slotId &&
      !isClearing(task.task) &&
      (task.phase !== 'settle' || task.start < (block?.start ?? Infinity)),
  );
  return {
    from: Math.min(block?.start ?? 0, ...mine.map((task) => task.start)),
    until: Math.max(block?.end ?? 0, ...mine.map((task) => task.end)),
  };
}

/** The most in use at once, and the slots that then use it. Ends hand on before starts take. */
function mostAtOnce(parts: readonly KitPart[]): { total: number; at: KitPart[] } {
  let best: { total: number; at: KitPart[] } = { total: 0, at: [] };
  for (const moment of parts) {
    const using = parts.filter(
      (part) => part === moment || (part.from <= moment.from && part.until > moment.from),
    );
    const total = using.reduce((sum, part) => sum + part.base, 0);
    if (total > best.total) best = { total, at: using };
  }
  return best;
}

interface Group {
  item: Item;
  unit: UnitId;
  approximate: boolean;
  parts: KitPart[];
}

function collect(bundle: ShowBundle, timeline: Timeline): Group[] {
  const groups = new Map<string, Group>();
  const broughtOnce = new Set<string>();
  for (const resolved of resolveSlots(bundle)) {
    const { slot, demo, method } = resolved;
    const span = spanOf(timeline, slot.id);
    for (const line of method.kit) {
      const item = bundle.items.find((candidate) => candidate.id === line.itemId);
      if (!item) continue;
      // A second slot of the same method shares what is used up once for the show; whether it can
      // share equipment depends on when both have it, which the most in use at once decides.
      const once = `${demo.id}/${method.id}/${line.id}`;
      const usedUp = line.basis === 'perShow' && item.kind === 'consumable';
      if (usedUp && broughtOnce.has(once)) continue;
      broughtOnce.add(once);
      const { factor, words } = timesWanted(line, resolved, bundle.show.audience);
      if (factor === 0) continue;
      const dimension = dimensionOf(line.unit);
      const base = toBase(line.amount, line.unit) * factor;
      const key = `${item.id}/${dimension}`;
      const group = groups.get(key) ?? { item, unit: line.unit, approximate: false, parts: [] };
      group.approximate ||= isApproximate(line.unit);
      group.parts.push({
        slotId: slot.id,
        demoName: demo.name,
        methodName: method.name,
        base,
        unit: line.unit,
        text: inUnit(base, line.unit),
        sum:
          line.basis === 'perShow'
            ? `${formatAmount(line.amount, line.unit)} ${words}`
            : `${formatAmount(line.amount, line.unit)} ${words} = ${inUnit(base, line.unit)}`,
        note: line.note,
        ...span,
      });
      groups.set(key, group);
    }
  }
  return [...groups.values()];
}

/** The kit list of a show, consumables first, each kind by name. */
export function kitList(bundle: ShowBundle, timeline: Timeline): KitEntry[] {
  const groups = collect(bundle, timeline);
  const kinds: ItemKind[] = ['equipment', 'consumable', 'gear'];
  return groups
    .map((group): KitEntry => {
      const { item, unit, parts } = group;
      const dimension = dimensionOf(unit);
      const summed = parts.reduce((sum, part) => sum + part.base, 0);
      const shared = item.kind === 'consumable' ? null : mostAtOnce(parts);
      const total = shared ? shared.total : summed;
      const others = groups.filter((other) => other.item.id === item.id && other !== group);
      return {
        itemId: item.id,
        name: item.name,
        kind: item.kind,
        dimension,
        total,
        text: parts.every((part) => part.unit === unit)
          ? inUnit(total, unit)
          : formatTotal(total, dimension, unit),
        approximate: group.approximate,
        how: howOf(parts, shared, total, summed, dimension, unit),
        parts,
        atOnce: shared && parts.length > 1 ? shared.at.map((part) => part.demoName) : [],
        clash:
          others.length > 0
            ? `${item.name} is written in units that can't be added; write every line by ${dimension === 'count' ? 'the piece' : dimension}, or make it two items`
            : null,
      };
    })
    .sort(
      (a, b) => kinds.indexOf(a.kind) - kinds.indexOf(b.kind) || a.name.localeCompare(b.name, 'en'),
    );
}

function howOf(
  parts: readonly KitPart[],
  shared: { total: number; at: KitPart[] } | null,
  total: number,
  summed: number,
  dimension: Dimension,
  unit: UnitId,
): string {
  const [only] = parts;
  if (parts.length === 1 && only) return only.sum;
  const terms = (from: readonly KitPart[]): string =>
    from.map((part) => `${inUnit(part.base, part.unit)} ${part.demoName}`).join(' + ');
  if (!shared) return `${terms(parts)} = ${formatTotal(total, dimension, unit)}`;
  if (shared.total === summed) return `In use at once: ${terms(shared.at)}`;
  return `Most in use at once: ${terms(shared.at)}; the others use the same one before or after`;
}
