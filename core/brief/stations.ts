/** Several of one demonstration side by side in a slot: what its method is then. */
import type { Estimate, KitLine, Method, Setting } from '../repertoire/types';
import { blankLine } from '../repertoire/blank';
import { dimensionOf, fromBase, toBase, type UnitId } from '../units/units';
import { counted, listInWords } from '../words';
import type { SideBySide, Slot, Station } from './types';

/** How many are set off as one: 1 for one alone. */
export const stationsOf = ({ sideBySide }: Pick<Slot, 'sideBySide'>): number =>
  Math.max(1, sideBySide?.stations.length ?? 1);

/** One after the other by the same hands. */
const each = ({ shortest, likely, longest }: Estimate, times: number): Estimate => ({
  shortest: shortest * times,
  likely: likely * times,
  longest: longest * times,
});

interface StationTotal {
  itemId: string;
  unit: UnitId;
  /** Of all stations. */
  amount: number;
  /** Of the one that takes most. */
  most: number;
}

/** What all stations take, item by item; an amount that is none is left out. */
export function stationTotals(stations: readonly Station[]): StationTotal[] {
  const totals = new Map<string, StationTotal>();
  for (const { amounts } of stations)
    for (const { itemId, unit, amount } of amounts) {
      const key = `${itemId} ${unit}`;
      const known = totals.get(key) ?? { itemId, unit, amount: 0, most: 0 };
      totals.set(key, {
        ...known,
        amount: known.amount + amount,
        most: Math.max(known.most, amount),
      });
    }
  return [...totals.values()].filter(({ amount }) => amount > 0);
}

/**
 * The kit of all stations. What the stations say of an item stands in place of the method’s own lines of it, counted as
 * those were; what each go uses up besides is wanted at each station.
 */
function kitOf({ kit }: Pick<Method, 'kit'>, { stations, spares }: SideBySide): KitLine[] {
  const said = stationTotals(stations);
  const isSaid = ({ itemId }: KitLine): boolean => said.some((one) => one.itemId === itemId);
  const own = kit
    .filter((line) => !isSaid(line))
    .map((line) =>
      line.basis === 'perGo' ? { ...line, amount: line.amount * stations.length } : line,
    );
  const spareSets = own
    .filter(({ basis }) => spares > 0 && basis === 'perGo')
    .map(({ id, amount, ...line }): KitLine => ({
      ...line,
      id: `${id}${SPARE_ID}`,
      amount: (amount / stations.length) * spares,
      basis: 'perShow',
      note: SPARE,
    }));
  return [...own, ...spareSets, ...said.flatMap((total) => stationLines(kit, total, spares))];
}

const SPARE = 'Spare sets, kept ready';
const SPARE_ID = '.spare';

/** A line of spare sets: they come home, unless somebody says that they were used. */
export const isSpare = (
  { sideBySide }: Pick<Slot, 'sideBySide'>,
  { id }: Pick<KitLine, 'id'>,
): boolean => sideBySide !== null && id.endsWith(SPARE_ID);

function stationLines(
  kit: readonly KitLine[],
  { itemId, unit, amount, most }: StationTotal,
  spares: number,
): KitLine[] {
  const before = kit.find((line) => line.itemId === itemId);
  const id = `stations-${itemId}-${unit}`;
  const line: KitLine = { ...(before ?? blankLine(id, itemId)), id, unit };
  const basis =
    before && before.basis !== 'perVolunteer' && before.basis !== 'perVolunteerGo'
      ? before.basis
      : 'perGo';
  const all: KitLine = { ...line, amount, basis };
  if (spares === 0) return [all];
  const more: KitLine = {
    ...line,
    id: `${id}${SPARE_ID}`,
    amount: most * spares,
    basis: 'perShow',
    note: SPARE,
  };
  return [all, more];
}

/** What a level comes to in the unit of a setting; null where one can’t be turned into the other. */
export function levelIn(
  unit: UnitId,
  level: { value: number; unit: UnitId | null },
): number | null {
  if (level.unit === null || level.unit === unit) return level.value;
  if (dimensionOf(level.unit) !== dimensionOf(unit)) return null;
  return fromBase(toBase(level.value, level.unit), unit);
}

/** Of another kind, it stays what the method says: the question says so where it is asked. */
const inUnitOf = (
  { value, unit }: Pick<Setting, 'value' | 'unit'>,
  level: NonNullable<SideBySide['setting']>,
): number => levelIn(unit, level) ?? value;

/**
 * A method as it is with several side by side. Preparing and clearing are done at one station after the other; settling
 * goes on at all of them, and they are set off together. Nothing of it is done again.
 */
export function withStations(method: Method, beside: SideBySide): Method {
  const count = beside.stations.length;
  if (count === 0) return method;
  const { setting } = beside;
  return {
    ...method,
    name: `${method.name}, ${countWords(beside)}`,
    // A further go would need all stations anew: what is spare is said in sets.
    goesAllowed: 1,
    volunteers: method.volunteers * count,
    tasks: method.tasks.map((task) =>
      task.phase === 'prepare' || task.phase === 'reset'
        ? { ...task, time: each(task.time, count) }
        : task,
    ),
    leaves: method.leaves.map((left) =>
      left.hands.length > 0 ? { ...left, time: each(left.time, count) } : left,
    ),
    kit: kitOf(method, beside),
    settings: method.settings.map((one) =>
      one.id === setting?.id ? { ...one, value: inUnitOf(one, setting), most: null } : one,
    ),
  };
}

const countWords = ({
  kind,
  stations,
}: Pick<SideBySide, 'kind'> & { stations: readonly unknown[] }) =>
  `${stations.length} ${kind === 'finale' ? 'at once' : 'side by side'}`;

interface Told extends Pick<SideBySide, 'kind' | 'spares'> {
  stations: readonly Pick<Station, 'label'>[];
}

/** “5 at once, 4 teaspoons each, 1 spare set”, “6 side by side, 1 teaspoon to 6 teaspoons”. */
export function besideWords(beside: Told): string {
  const { kind, stations, spares } = beside;
  const [first, last] = [stations[0], stations.at(-1)];
  if (!first || !last) return '';
  if (kind === 'finale') {
    const alike = stations.every(({ label }) => label === first.label);
    return [
      countWords(beside),
      alike ? `${first.label} each` : listInWords(stations.map(({ label }) => label)),
      ...(spares > 0 ? [counted(spares, 'spare set')] : []),
    ].join(', ');
  }
  const range =
    stations.length < 3
      ? listInWords(stations.map(({ label }) => label))
      : `${first.label} to ${last.label}`;
  return `${countWords(beside)}, ${range}`;
}

/** The same finale with another number of stations: the first is taken as the pattern of those that are added. */
export function withCount(beside: SideBySide, count: number): SideBySide {
  const [first] = beside.stations;
  if (!first) return beside;
  const taken = new Set(beside.stations.map(({ id }) => id));
  const stations = beside.stations.slice(0, count);
  for (let n = 1; stations.length < count; n++) {
    const id = `station-${n}`;
    if (!taken.has(id)) stations.push({ ...first, id });
  }
  return { ...beside, stations };
}
