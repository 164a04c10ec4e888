/** Who takes which hand, once the times stand; or what is in whose way. */
import { Calendar } from './calendar';
import type { Graph, Seat } from './graph';

/** A seat that somebody else's work is in the way of. */
export interface Clash {
  seat: Seat;
  other: Seat;
}

export type Seating =
  | { ok: true; people: string[] }
  /** `certain` when it was shown that nobody can be found, and not only given up. */
  | { ok: false; clashes: Clash[]; certain: boolean };

/** Steps back while sharing people out, before it is given up. */
const STEPS_BACK = 100;
/** Clashes gathered for the search to choose from. */
const MOST_CLASHES = 12;

interface Placed {
  seat: number;
  start: number;
  end: number;
}

/**
 * Shares people out among the seats at these starts, by time, the most suitable first, stepping back
 * where a later seat finds nobody.
 */
export function seatEverybody(graph: Graph, starts: Float64Array): Seating {
  const { seats, input } = graph;
  const inTime = (numbers: readonly number[]): Placed[] =>
    numbers
      .map((i): Placed => {
        const seat = seats[i];
        const start = (starts[seat?.act ?? 0] ?? 0) + (seat?.offset ?? 0);
        return { seat: i, start, end: start + (seat?.duration ?? 0) };
      })
      .sort((a, b) => a.start - b.start || a.seat - b.seat);
  const calendar = Calendar.empty(input.crew);
  const people: string[] = seats.map(() => '');
  const clashes: Clash[] = [];
  const take = (entry: Placed, person: string): void => {
    people[entry.seat] = person;
    calendar.add(person, {
      slot: '',
      task: String(entry.seat),
      start: entry.start,
      end: entry.end,
    });
  };
  const fits = (entry: Placed, person: string): boolean =>
    calendar.isFree(person, entry.start, entry.end) &&
    // Hands of one task overlap, but for those that take no time at all.
    (entry.end > entry.start || !sameTask(seats, people, entry.seat, person));
  /** Other work that keeps people from this seat, or from those beside it in the same task. */
  const inTheWay = ({ seat: number, start, end }: Placed): void => {
    const wanted = seats[number];
    for (const beside of seats) {
      if (clashes.length >= MOST_CLASHES) return;
      if (beside.act !== wanted?.act || beside.offset !== wanted.offset) continue;
      for (const person of beside.people)
        for (const busy of calendar.overlapping(person, start, end)) {
          const other = seats[Number(busy.task)];
          if (other && other.act !== beside.act) clashes.push({ seat: beside, other });
        }
    }
  };

  // Seats of one person first: they leave no choice.
  for (const entry of inTime(graph.seatsOfOne)) {
    const [only] = seats[entry.seat]?.people ?? [];
    if (only === undefined) continue;
    if (fits(entry, only)) take(entry, only);
    else inTheWay(entry);
  }
  if (clashes.length > 0) return { ok: false, clashes, certain: true };

  const open = inTime(graph.seatsOfMany);
  let steps = 0;
  let deepest = -1;
  // By hand and not by recursion: a long show has more seats than a program may nest calls.
  const tried: { options: readonly string[]; next: number }[] = [];
  while (tried.length < open.length || tried.length === 0) {
    const entry = open[tried.length];
    if (!entry) return { ok: true, people };
    const options = (seats[entry.seat]?.people ?? []).filter((person) => fits(entry, person));
    if (options.length === 0 && tried.length > deepest) {
      deepest = tried.length;
      clashes.length = 0;
      inTheWay(entry);
    }
    tried.push({ options, next: 0 });
    // On with the next option of the latest seat that has one left.
    for (;;) {
      const latest = tried.at(-1);
      const seat = open[tried.length - 1];
      if (!latest || !seat) return { ok: false, clashes, certain: true };
      const held = people[seat.seat];
      if (held) {
        people[seat.seat] = '';
        calendar.remove(held, String(seat.seat));
        if (++steps > STEPS_BACK) return { ok: false, clashes, certain: false };
      }
      const person = latest.options[latest.next++];
      if (person !== undefined) {
        take(seat, person);
        break;
      }
      tried.pop();
    }
  }
  return { ok: true, people };
}

/** Two seats that overlap at these starts and could want the same person: the first so many that are wanted. */
export function overlaps(
  { seats }: Graph,
  starts: Float64Array,
  wanted: (clash: Clash) => boolean,
  most: number,
): Clash[] {
  const at = (seat: Seat): number => (starts[seat.act] ?? 0) + seat.offset;
  const inTime = seats.filter((seat) => seat.duration > 0).sort((a, b) => at(a) - at(b));
  const found: Clash[] = [];
  for (const [i, seat] of inTime.entries()) {
    for (let k = i + 1; k < inTime.length; k++) {
      const other = inTime[k];
      if (!other || at(other) >= at(seat) + seat.duration) break;
      if (other.act === seat.act || !other.people.some((id) => seat.people.includes(id))) continue;
      if (!wanted({ seat, other })) continue;
      found.push({ seat, other });
      if (found.length >= most) return found;
    }
  }
  return found;
}

/** True when the person has another hand of the same task and go already. */
function sameTask(
  seats: readonly Seat[],
  people: readonly string[],
  index: number,
  person: string,
): boolean {
  const seat = seats[index];
  return seats.some(
    (other, i) =>
      i !== index &&
      people[i] === person &&
      other.act === seat?.act &&
      other.go === seat.go &&
      other.task.task === seat.task.task,
  );
}
