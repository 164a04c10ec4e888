import type { TaskRef } from './types';

export interface Busy extends TaskRef {
  start: number;
  end: number;
}

/** Index of the first entry that ends after a moment; entries are in order and never overlap. */
function firstEndingAfter(entries: readonly Busy[], moment: number): number {
  let low = 0;
  let high = entries.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((entries[middle]?.end ?? Infinity) > moment) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** When each person is busy. */
export class Availability {
  private constructor(private readonly busy: Map<string, Busy[]>) {}

  static empty(people: readonly { id: string }[]): Availability {
    return new Availability(new Map(people.map(({ id }) => [id, []])));
  }

  of(person: string): readonly Busy[] {
    return this.busy.get(person) ?? [];
  }

  add(person: string, entry: Busy): void {
    if (entry.end === entry.start) return;
    const entries = this.busy.get(person) ?? [];
    this.busy.set(person, entries);
    // Mostly it comes after all others.
    let at = entries.length;
    while (at > 0 && (entries[at - 1]?.start ?? 0) >= entry.start) at--;
    entries.splice(at, 0, entry);
  }

  /** Takes an entry out again, by its task. */
  remove(person: string, task: string): void {
    const entries = this.busy.get(person);
    const at = entries?.findIndex((entry) => entry.task === task) ?? -1;
    if (at >= 0) entries?.splice(at, 1);
  }

  isFree(person: string, start: number, end: number): boolean {
    const entries = this.of(person);
    const next = entries[firstEndingAfter(entries, start)];
    return next === undefined || next.start >= end;
  }

  overlapping(person: string, start: number, end: number): Busy[] {
    return this.of(person).filter((entry) => entry.start < end && entry.end > start);
  }
}
