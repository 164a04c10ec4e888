/**
 * One device at a time moves the show on. What others pressed for the running order meanwhile is set
 * aside: it is kept and told, moves nothing, and can be taken instead.
 */
import { type EventKind, ORDER_KINDS, type RunEvent } from './types';

const OF_THE_ORDER: ReadonlySet<EventKind> = new Set(ORDER_KINDS);

/** Whether a press is for whoever drives; the others say what happens beside the running order. */
export const needsDriving = ({ kind }: Pick<RunEvent, 'kind'>): boolean => OF_THE_ORDER.has(kind);

/** Presses of one device that belong together, and that moved nothing. */
export interface Aside {
  /** The first of its presses. */
  id: string;
  device: string | null;
  by: string | null;
  /** In the order they were pressed. */
  events: RunEvent[];
  /** The last move they were made after; null: none since the start. */
  base: string | null;
  /** Where they came from can still be gone back to. */
  canBeTaken: boolean;
}

/** A stretch of the run in which one device drove. */
export interface Stint {
  device: string;
  /** Milliseconds since 1970. */
  from: number;
}

export interface Settled {
  /** What counts, in the order in which it does. */
  events: readonly RunEvent[];
  /** The device that drives; null while nobody does: then every press counts. */
  driver: string | null;
  stints: Stint[];
  asides: Aside[];
}

const isSamePress = (a: RunEvent, b: RunEvent): boolean =>
  a.kind === b.kind &&
  a.slot === b.slot &&
  a.step === b.step &&
  a.go === b.go &&
  (a.kind !== 'part' || a.text === b.text);

class Settling {
  events: RunEvent[] = [];
  driver: string | null = null;
  stints: Stint[] = [];
  private aside: RunEvent[] = [];
  /** The show is over: nobody drives, and only who opens it again does. */
  private over = false;

  take(event: RunEvent): void {
    const drives = this.driver === null || event.device === this.driver;
    if (event.kind === 'drive') this.drive(event.text, event.at);
    else if (event.kind === 'take') {
      if (drives) this.takeInstead(event);
    } else if (!needsDriving(event)) this.events.push(event);
    else if (!drives || (this.over && event.kind !== 'unfinish')) this.aside.push(event);
    else {
      this.drive(event.device, event.at);
      this.events.push(event);
      if (event.kind === 'finish') this.driver = null;
      this.over = event.kind === 'finish';
    }
  }

  private drive(device: string | null, at: number): void {
    if (device === null || device === this.driver) return;
    this.driver = device;
    this.stints.push({ device, from: at });
  }

  /** Place of the event that a move was made after; -1 for the start; null where that counts no more. */
  private placeOf(base: string | null): number | null {
    if (base === null) return -1;
    const at = this.events.findIndex(({ id }) => id === base);
    return at < 0 ? null : at;
  }

  asides(): Aside[] {
    const same = new Map<string, string>();
    const groups: Aside[] = [];
    for (const event of this.aside) {
      const base = event.onMove === null ? null : (same.get(event.onMove) ?? event.onMove);
      const agreed = this.events.find(
        (other) => needsDriving(other) && other.onMove === base && isSamePress(other, event),
      );
      if (agreed) {
        same.set(event.id, agreed.id);
        continue;
      }
      const group = groups.findLast(({ device }) => device === event.device);
      // From the same state, since nothing moved there, or from where its last press would have led.
      if (group && (group.base === base || group.events.some(({ id }) => id === base)))
        group.events.push(event);
      else
        groups.push({
          id: event.id,
          device: event.device,
          by: event.by,
          events: [event],
          base,
          canBeTaken: this.placeOf(base) !== null,
        });
    }
    return groups;
  }

  /** What was pressed from where the two part is exchanged for what was set aside. */
  private takeInstead({ text, device }: RunEvent): void {
    const group = this.asides().find(({ id }) => id === text);
    const at = group && this.placeOf(group.base);
    if (!group || at == null) return;
    const kept = this.events.slice(0, at + 1);
    // At the start nothing has moved yet, but somebody has started it.
    const started = at < 0 ? this.events.filter(({ kind }) => kind === 'start') : [];
    const since = this.events.slice(at + 1);
    const replaced = since.filter((event) => needsDriving(event) && !started.includes(event));
    const beside = since.filter((event) => !needsDriving(event));
    let from = kept.at(-1)?.at ?? started[0]?.at ?? -Infinity;
    const taken = group.events.map((event) => {
      from = Math.max(from, event.at);
      return { ...event, at: from };
    });
    const rest = [...started, ...beside, ...taken].sort((a, b) => a.at - b.at);
    this.events = [...kept, ...rest];
    // What that device pressed before, as the driver did, has had its answer.
    const last = this.aside.findIndex(({ id }) => id === taken.at(-1)?.id);
    const left = this.aside.filter((event, i) => i > last || event.device !== group.device);
    this.aside = [...left, ...replaced];
    this.over = this.events.findLast(needsDriving)?.kind === 'finish';
    this.driver = this.over ? null : device;
  }
}

/** What counts of a run's events, who drives, and what was set aside. */
export function settle(events: readonly RunEvent[]): Settled {
  const [first] = events;
  const alone = events.every(
    ({ device, kind }) => device === first?.device && kind !== 'drive' && kind !== 'take',
  );
  // On one device, or before devices had names, everything counts.
  if (alone) {
    const own = first?.device == null ? undefined : events.find(needsDriving);
    const over = events.findLast(needsDriving)?.kind === 'finish';
    return {
      events,
      driver: over ? null : (own?.device ?? null),
      stints: own?.device == null ? [] : [{ device: own.device, from: own.at }],
      asides: [],
    };
  }
  const settling = new Settling();
  for (const event of events) settling.take(event);
  const { driver, stints } = settling;
  return { events: settling.events, driver, stints, asides: settling.asides() };
}
