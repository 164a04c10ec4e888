/**
 * A run on this device: what the server has stored, and what was pressed here and is still on its
 * way. The server's events come one by one, by their place in the run; a gap is asked for.
 */
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { EventsAnswer, StoredRun } from '../../contract/stage';
import { eventOf } from '../../core/stage/event';
import { settle, type Settled } from '../../core/stage/driving';
import { fold } from '../../core/stage/fold';
import type { EventKind, Live, RunEvent, StoredEvent } from '../../core/stage/types';
import { ApiError, isOffline, newId, send } from '../app/api';
import { onRunChanged } from '../app/data';
import { remember } from '../app/lastKnown';
import { clockOffset, deliverOver } from '../app/live';
import { thisDevice } from '../app/me';
import { usePreferences } from '../app/preferences';
import type { Clock } from './clock';
import { keepEvents, keptEvents } from './keptEvents';
import { lastSeq, newerRun, withEvents } from './knownRun';

const RETRY_AFTER = 1500;
/** Presses sent in one request. */
const SENT_AT_ONCE = 200;

/** The server's events, then those it has not told of yet, by the server's clock. */
function withKept(run: StoredRun, kept: readonly RunEvent[]): RunEvent[] {
  const stored = new Set(run.events.map((event) => event.id));
  const offset = clockOffset();
  return [
    ...run.events,
    ...kept
      .filter((event) => !stored.has(event.id))
      .map((event) => ({ ...event, at: event.at + offset })),
  ];
}

const NONE: readonly RunEvent[] = [];

export interface LiveRun {
  run: StoredRun | null;
  live: Live | null;
  /** All that was pressed, here and elsewhere. */
  events: readonly RunEvent[];
  /** Who drives, and what was pressed beside it; null before the run has come. */
  settled: Settled | null;
  /** It was removed while it was on this screen. */
  gone: boolean;
  /** Pressed here and not yet stored. */
  pending: number;
  /** What the server says against a press, or that the run is gone. */
  error: string | null;
  press: (kind: EventKind, more?: Partial<RunEvent>) => void;
}

export function useLiveRun(runId: string | null): LiveRun {
  const [run, showRun] = useState<StoredRun | null>(null);
  // A press is for what is on stage at that moment, which may be newer than what is drawn.
  const latest = useRef<StoredRun | null>(null);
  const [pending, setPending] = useState<RunEvent[]>([]);
  const [error, setError] = useState<string | null>(null);
  const [gone, setGone] = useState(false);
  const sending = useRef(false);
  const me = usePreferences((state) => state.me);

  const setRun = useCallback((next: StoredRun | null) => {
    const newer = newerRun(latest.current, next);
    latest.current = newer;
    showRun(newer);
    if (newer) remember(`/runs/${newer.id}`, newer);
  }, []);

  /** Something has come before the run itself, which may have been read before that. */
  const missed = useRef(false);
  /** Takes in what follows on what is known; false when something before it is missing. */
  const take = useCallback(
    (events: readonly StoredEvent[]): boolean => {
      const known = latest.current;
      const next = known && withEvents(known, events);
      if (next) setRun(next);
      else missed.current = true;
      return known === null || next !== null;
    },
    [setRun],
  );

  const refresh = useCallback(
    async (whole = false) => {
      if (!runId) return;
      try {
        if (!latest.current || whole) {
          missed.current = false;
          setRun(await send<StoredRun>('GET', `/runs/${runId}`));
          if (!missed.current) return;
        }
        for (;;) {
          const after = lastSeq(latest.current);
          const answer = await send<EventsAnswer>('GET', `/runs/${runId}/events?after=${after}`);
          take(answer.events);
          if (answer.events.length === 0 || (answer.events.at(-1)?.seq ?? 0) >= answer.seq) return;
        }
      } catch (thrown) {
        if (!(thrown instanceof ApiError) || isOffline(thrown)) return;
        setGone(thrown.status === 404);
        setError(thrown.message);
      }
    },
    [runId, setRun, take],
  );

  const deliver = useCallback(async () => {
    if (!runId || sending.current) return;
    const waiting = keptEvents(runId).slice(0, SENT_AT_ONCE);
    setPending(keptEvents(runId));
    if (waiting.length === 0) return;
    sending.current = true;
    try {
      const body = { events: waiting, sentAt: Date.now(), known: lastSeq(latest.current) };
      // Over the socket it is faster; without one, as any request.
      const answer = await (deliverOver(runId, body) ??
        send<EventsAnswer>('POST', `/runs/${runId}/events`, body));
      // Each is stored or refused now: none of them is sent again.
      const settled = new Set(waiting.map((event) => event.id));
      const left = keptEvents(runId).filter((event) => !settled.has(event.id));
      keepEvents(runId, left);
      if (!take(answer.events) || (latest.current && lastSeq(latest.current) < answer.seq))
        await refresh();
      setPending(keptEvents(runId));
      setError(answer.refused[0]?.message ?? null);
    } catch (thrown) {
      if (!(thrown instanceof ApiError) || isOffline(thrown)) return;
      setError(thrown.message);
      // A device that may press nothing keeps nothing to be sent again.
      if (thrown.code !== 'role') return;
      keepEvents(runId, []);
      setPending([]);
    } finally {
      sending.current = false;
    }
  }, [runId, take, refresh]);

  useEffect(() => {
    setRun(null);
    setError(null);
    setGone(false);
    void refresh().then(deliver);
    const stop = onRunChanged((id, event) => {
      // Without an event something else of it has changed, such as its running order.
      if (id === null || (id === runId && !event)) void refresh(true);
      else if (id === runId && event && !take([event])) void refresh();
    });
    const retry = setInterval(() => void deliver(), RETRY_AFTER);
    // Pressed in another tab of this device, and waiting in the same queue.
    const elsewhere = (): void => {
      if (runId) setPending(keptEvents(runId));
    };
    window.addEventListener('storage', elsewhere);
    return () => {
      stop();
      window.removeEventListener('storage', elsewhere);
      clearInterval(retry);
    };
  }, [runId, refresh, deliver, setRun, take]);

  const events = useMemo(() => (run ? withKept(run, pending) : NONE), [run, pending]);
  const live = useMemo(() => (run ? fold(run.plan, events) : null), [run, events]);
  const settled = useMemo(() => (run ? settle(events) : null), [run, events]);

  const press = useCallback(
    (kind: EventKind, more: Partial<RunEvent> = {}) => {
      const now = latest.current;
      if (!now) return;
      const waiting = keptEvents(now.id);
      const on = fold(now.plan, withKept(now, waiting));
      const slot = now.plan.slots.find((s) => s.id === on.slot);
      const event = eventOf({ id: newId(), at: Date.now(), by: me }, kind, {
        slot: on.slot,
        step: slot?.steps[on.step]?.task ?? null,
        go: on.go,
        onMove: on.lastMove,
        device: thisDevice(),
        ...more,
      });
      waiting.push(event);
      keepEvents(now.id, waiting);
      setPending(waiting);
      void deliver();
    },
    [me, deliver],
  );
  return { run, live, events, settled, gone, pending: pending.length, error, press };
}

/** This moment by the stage's clock, again and again. */
export function useNow(clock: Clock, every = 250): number {
  const [now, setNow] = useState(clock);
  useEffect(() => {
    const timer = setInterval(() => setNow(clock()), every);
    return () => clearInterval(timer);
  }, [clock, every]);
  return now;
}
