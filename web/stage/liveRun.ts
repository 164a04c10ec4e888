/**
 * A run on this device: what the server has stored, and what was pressed here and is still on its
 * way. Presses are kept on the device until the server has them, through reloads and breaks.
 */
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { RunRecord } from '../../contract/stage';
import { eventOf } from '../../core/stage/event';
import { fold } from '../../core/stage/fold';
import type { EventKind, Live, RunEvent } from '../../core/stage/types';
import { ApiError, isOffline, newId, send } from '../app/api';
import { onRunChanged } from '../app/data';
import { usePreferences } from '../app/preferences';

const RETRY_AFTER = 1500;

const shelf = (runId: string): string => `hearty-stage-run-${runId}`;

function keptHere(runId: string): RunEvent[] {
  try {
    return JSON.parse(localStorage.getItem(shelf(runId)) ?? '[]') as RunEvent[];
  } catch {
    return [];
  }
}

function keep(runId: string, events: readonly RunEvent[]): void {
  if (events.length === 0) localStorage.removeItem(shelf(runId));
  else localStorage.setItem(shelf(runId), JSON.stringify(events));
}

/** The server's events, then those it has not told of yet. */
function withKept(run: RunRecord, kept: readonly RunEvent[]): RunEvent[] {
  const stored = new Set(run.events.map((event) => event.id));
  return [...run.events, ...kept.filter((event) => !stored.has(event.id))];
}

export interface LiveRun {
  run: RunRecord | null;
  live: Live | null;
  /** Pressed here and not yet stored. */
  pending: number;
  /** What the server says against a press, or that the run is gone. */
  error: string | null;
  press: (kind: EventKind, more?: Partial<RunEvent>) => void;
}

export function useLiveRun(runId: string | null): LiveRun {
  const [run, showRun] = useState<RunRecord | null>(null);
  // A press is for what is on stage at that moment, which may be newer than what is drawn.
  const latest = useRef<RunRecord | null>(null);
  const setRun = useCallback((next: RunRecord | null) => {
    // Events are only ever added: an answer with fewer was overtaken on its way.
    const known = latest.current;
    if (known && next?.id === known.id && next.events.length < known.events.length) return;
    latest.current = next;
    showRun(next);
  }, []);
  const [pending, setPending] = useState<RunEvent[]>([]);
  const [error, setError] = useState<string | null>(null);
  const sending = useRef(false);
  const me = usePreferences((state) => state.me);

  const refresh = useCallback(async () => {
    if (!runId) return;
    try {
      setRun(await send<RunRecord>('GET', `/runs/${runId}`));
    } catch (thrown) {
      if (thrown instanceof ApiError && !isOffline(thrown)) setError(thrown.message);
    }
  }, [runId, setRun]);

  const deliver = useCallback(async () => {
    if (!runId || sending.current) return;
    const waiting = keptHere(runId);
    setPending(waiting);
    if (waiting.length === 0) return;
    sending.current = true;
    try {
      const { events } = await send<{ events: RunEvent[] }>('POST', `/runs/${runId}/events`, {
        events: waiting,
      });
      const stored = new Set(events.map((event) => event.id));
      const left = keptHere(runId).filter((event) => !stored.has(event.id));
      keep(runId, left);
      setPending(left);
      if (latest.current) setRun({ ...latest.current, events });
      setError(null);
    } catch (thrown) {
      if (thrown instanceof ApiError && !isOffline(thrown)) setError(thrown.message);
    } finally {
      sending.current = false;
    }
  }, [runId, setRun]);

  useEffect(() => {
    setRun(null);
    setError(null);
    void refresh().then(deliver);
    const stop = onRunChanged((id) => {
      if (id === runId) void refresh();
    });
    const retry = setInterval(() => void deliver(), RETRY_AFTER);
    return () => {
      stop();
      clearInterval(retry);
    };
  }, [runId, refresh, deliver, setRun]);

  const live = useMemo(() => (run ? fold(run.plan, withKept(run, pending)) : null), [run, pending]);

  const press = useCallback(
    (kind: EventKind, more: Partial<RunEvent> = {}) => {
      const now = latest.current;
      if (!now) return;
      const waiting = keptHere(now.id);
      const on = fold(now.plan, withKept(now, waiting));
      const slot = now.plan.slots.find((s) => s.id === on.slot);
      const event = eventOf({ id: newId(), at: Date.now(), by: me }, kind, {
        slot: on.slot,
        step: slot?.steps[on.step]?.task ?? null,
        go: on.go,
        ...more,
      });
      waiting.push(event);
      keep(now.id, waiting);
      setPending(waiting);
      void deliver();
    },
    [me, deliver],
  );
  return { run, live, pending: pending.length, error, press };
}

/** This moment, again and again. */
export function useNow(every = 250): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), every);
    return () => clearInterval(timer);
  }, [every]);
  return now;
}
