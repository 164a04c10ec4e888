/**
 * A run on this device: what the server has stored, and what was pressed here and is still on its
 * way. Presses are kept on the device until the server has them, through reloads and breaks.
 */
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { RunRecord } from '../../contract/stage';
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
  const [run, setRun] = useState<RunRecord | null>(null);
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
  }, [runId]);

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
      setRun((known) => (known ? { ...known, events } : known));
      setError(null);
    } catch (thrown) {
      if (thrown instanceof ApiError && !isOffline(thrown)) setError(thrown.message);
    } finally {
      sending.current = false;
    }
  }, [runId]);

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
  }, [runId, refresh, deliver]);

  const events = useMemo(() => {
    const stored = new Set(run?.events.map((event) => event.id));
    return [...(run?.events ?? []), ...pending.filter((event) => !stored.has(event.id))];
  }, [run, pending]);
  const live = useMemo(() => (run ? fold(run.plan, events) : null), [run, events]);

  const press = useCallback(
    (kind: EventKind, more: Partial<RunEvent> = {}) => {
      if (!run || !live) return;
      const slot = run.plan.slots.find((s) => s.id === live.slot);
      const event: RunEvent = {
        id: newId(),
        at: Date.now(),
        kind,
        by: me,
        slot: live.slot,
        step: slot?.steps[live.step]?.task ?? null,
        go: live.go,
        cause: null,
        outcome: null,
        text: null,
        ...more,
      };
      const waiting = [...keptHere(run.id), event];
      keep(run.id, waiting);
      setPending(waiting);
      void deliver();
    },
    [run, live, me, deliver],
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
