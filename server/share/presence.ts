/** Which devices are here just now, by their open pages. */

interface Here {
  pages: number;
  /** Milliseconds since 1970. */
  heardAt: number;
  trip: number | null;
}

/** What one page in a burst of comings and goings waits for the others, in ms. */
const TOGETHER = 50;

export class Presence {
  private readonly devices = new Map<string, Here>();
  private readonly since: number;
  private telling: NodeJS.Timeout | null = null;
  private readonly listeners = new Set<() => void>();

  constructor(private readonly now: () => number = Date.now) {
    this.since = now();
  }

  /** Calls back, once for what comes together, when somebody came or went. */
  onChange(listener: () => void): void {
    this.listeners.add(listener);
  }

  enter(id: string): void {
    const here = this.devices.get(id);
    this.devices.set(id, {
      pages: (here?.pages ?? 0) + 1,
      heardAt: this.now(),
      trip: here?.trip ?? null,
    });
    this.changed();
  }

  leave(id: string): void {
    const here = this.devices.get(id);
    if (!here) return;
    here.pages = Math.max(0, here.pages - 1);
    here.heardAt = this.now();
    if (here.pages === 0) this.changed();
  }

  /** It answered, so many ms after it was asked. */
  heard(id: string, trip: number): void {
    const here = this.devices.get(id);
    if (!here) return;
    here.heardAt = this.now();
    here.trip = trip;
  }

  forget(id: string): void {
    if (this.devices.delete(id)) this.changed();
  }

  of(id: string): { connected: boolean; heardAt: number | null; trip: number | null } {
    const here = this.devices.get(id);
    return {
      connected: (here?.pages ?? 0) > 0,
      heardAt: here?.heardAt ?? null,
      trip: here?.trip ?? null,
    };
  }

  /** How long a device has been gone, in ms; 0 for one that is here. */
  goneFor(id: string): number {
    const { connected, heardAt } = this.of(id);
    return connected ? 0 : this.now() - (heardAt ?? this.since);
  }

  /** Ids of those that are here. */
  here(): string[] {
    return [...this.devices].flatMap(([id, { pages }]) => (pages > 0 ? [id] : []));
  }

  changed(): void {
    this.telling ??= setTimeout(() => {
      this.telling = null;
      for (const listener of this.listeners) listener();
    }, TOGETHER);
    this.telling.unref();
  }

  close(): void {
    if (this.telling) clearTimeout(this.telling);
    this.listeners.clear();
  }
}
