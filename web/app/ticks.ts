/**
 * Ticks of checks and of packing, and readings of trials, on their way to the server: kept on this device until they
 * are stored, through reloads and breaks, and sent in the order they were made. What a tick says is a state, so that
 * one sent twice changes nothing more.
 */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { ShowAnswer } from '../../contract/api';
import type { GoBody, TrialAnswer } from '../../contract/trials';
import type { TrialGo } from '../../core/trials/series';
import type { PackMark } from '../../core/kit/packing';
import type { Mark } from '../../core/ready/go';
import { ApiError, isOffline, newId, send } from './api';
import { queryClient } from './data';
import { serverNow, useLine } from './live';

/** Of a check, or of a thing that is packed; null takes the tick off. */
type About =
  | { list: 'marks'; key: string; mark: Mark | null }
  | { list: 'packing'; key: string; kind: PackMark['kind']; mark: PackMark | null };

type ShowTick = { showId: string } & About;
/** What a go of a trial series came to; null takes it back. */
export interface GoTick {
  list: 'goes';
  trialId: string;
  go: number;
  mark: GoBody | null;
}

export type Tick = { id: string } & (ShowTick | GoTick);

interface Ticks {
  waiting: readonly Tick[];
}

export const useTicks = create<Ticks>()(
  persist((): Ticks => ({ waiting: [] }), { name: 'hearty-stage-ticks' }),
);

const RETRY_AFTER = 1500;

let refused: (message: string) => void = () => undefined;
/** Called with the server's words when it won't have a tick. */
export const onTickRefused = (listener: typeof refused): void => {
  refused = listener;
};

type Ticked = Pick<ShowAnswer, 'marks' | 'packing'>;

function after(now: Ticked, tick: ShowTick): Ticked {
  if (tick.list === 'marks') {
    const others = now.marks.filter(({ key }) => key !== tick.key);
    return { ...now, marks: tick.mark ? [...others, tick.mark] : others };
  }
  const others = now.packing.filter(({ key, kind }) => key !== tick.key || kind !== tick.kind);
  return { ...now, packing: tick.mark ? [...others, tick.mark] : others };
}

/** What is stored of a show, with what was ticked here and is not stored yet. */
export function withTicks<T extends Ticked>(
  stored: T,
  waiting: readonly Tick[],
  showId: string,
): T {
  const own = waiting
    .filter((tick) => tick.list !== 'goes')
    .filter((tick) => tick.showId === showId);
  return own.length === 0 ? stored : { ...stored, ...own.reduce<Ticked>(after, stored) };
}

/** The goes of a series, with what was read here and is not stored yet. */
export function withGoes(
  stored: readonly TrialGo[],
  waiting: readonly Tick[],
  trialId: string,
): TrialGo[] {
  const goes = new Map(stored.map((one) => [one.go, one]));
  for (const tick of waiting) {
    if (tick.list !== 'goes' || tick.trialId !== trialId) continue;
    const { go, mark } = tick;
    if (mark) {
      const known = goes.get(go);
      const first = known?.first ?? mark.value;
      goes.set(go, { ...mark, go, first, at: serverNow(), source: known?.source ?? null });
    } else goes.delete(go);
  }
  return [...goes.values()].sort((a, b) => a.go - b.go);
}

const queryOf = (tick: Tick): [string, string, 'all'] =>
  tick.list === 'goes' ? ['/trials', tick.trialId, 'all'] : ['/shows', tick.showId, 'all'];

/** Sends one, and puts what is stored then into what this page knows. */
async function deliver(tick: Tick): Promise<void> {
  const query = queryOf(tick);
  if (tick.list === 'goes') {
    const path = `/trials/${tick.trialId}/goes/${tick.go}`;
    const now = await (tick.mark
      ? send<TrialGo>('PUT', path, tick.mark)
      : send<null>('DELETE', path));
    await queryClient.cancelQueries({ queryKey: query });
    queryClient.setQueryData<TrialAnswer>(query, (known) => {
      if (!known) return known;
      const others = known.goes.filter(({ go }) => go !== tick.go);
      return { ...known, goes: now ? [...others, now].sort((a, b) => a.go - b.go) : others };
    });
    return;
  }
  const now = await sent(tick);
  // An answer that is on its way knows nothing of this tick yet.
  await queryClient.cancelQueries({ queryKey: query });
  queryClient.setQueryData<ShowAnswer>(query, (known) =>
    known ? { ...known, [tick.list]: now } : known,
  );
}

function sent(tick: ShowTick): Promise<Mark[] | PackMark[]> {
  const key = encodeURIComponent(tick.key);
  const path =
    tick.list === 'marks'
      ? `/shows/${tick.showId}/checks/${key}`
      : `/shows/${tick.showId}/packing/${tick.kind}/${key}`;
  if (!tick.mark) return send('DELETE', path);
  if (tick.list === 'packing') {
    // One that was kept here before amounts were ticked says all of it.
    const said: Partial<PackMark> = tick.mark;
    const { by, amount, of } = said;
    return send('PUT', path, { by, amount: amount ?? null, of: of ?? null });
  }
  const { state, reason, value, by } = tick.mark;
  return send('PUT', path, { state, reason, value, by });
}

let sending = false;

/** Sends what waits, one after the other; what can't be sent now waits on. */
export async function deliverTicks(): Promise<void> {
  if (sending) return;
  sending = true;
  try {
    for (;;) {
      const [tick] = useTicks.getState().waiting;
      if (!tick) return;
      try {
        await deliver(tick);
      } catch (error) {
        if (!(error instanceof ApiError)) throw error;
        // Not reached, no disk, or not let in: it is sent once that is over.
        if (isOffline(error) || error.status >= 500 || error.status === 401) return;
        refused(error.message);
        void queryClient.invalidateQueries({ queryKey: queryOf(tick) });
      }
      useTicks.setState(({ waiting }) => ({ waiting: waiting.filter(({ id }) => id !== tick.id) }));
    }
  } finally {
    sending = false;
  }
}

function keep(tick: ShowTick | GoTick): void {
  useTicks.setState(({ waiting }) => ({ waiting: [...waiting, { id: newId(), ...tick }] }));
  void deliverTicks();
}

export const tick = (showId: string, about: About): void => keep({ showId, ...about });

export const tickGo = (trialId: string, go: number, mark: GoBody | null): void =>
  keep({ list: 'goes', trialId, go, mark });

/** Delivers what is left from before, and whenever the server may be there again. Gives what ends it. */
export function keepDelivering(): () => void {
  void deliverTicks();
  const again = setInterval(() => {
    if (useTicks.getState().waiting.length > 0) void deliverTicks();
  }, RETRY_AFTER);
  const stop = useLine.subscribe(({ up }) => {
    if (up) void deliverTicks();
  });
  // Ticked in another tab of this device.
  const elsewhere = ({ key }: StorageEvent): void => {
    if (key === 'hearty-stage-ticks') void useTicks.persist.rehydrate();
  };
  window.addEventListener('storage', elsewhere);
  return () => {
    clearInterval(again);
    stop();
    window.removeEventListener('storage', elsewhere);
  };
}
