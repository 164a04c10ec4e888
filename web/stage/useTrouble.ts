/** A rehearsal without anything in hand: a run on this device alone, which goes by itself at any speed. */
import { type Remote, wrap } from 'comlink';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { eventOf } from '../../core/stage/event';
import { fold } from '../../core/stage/fold';
import { forecastSize } from '../../core/lineup/outlook';
import { runPlanOf } from '../../core/stage/plan';
import type { Hindsight } from '../../core/stage/trouble/hindsight';
import type { EventKind, RunEvent } from '../../core/stage/types';
import type { StoredRun } from '../../contract/stage';
import { newId } from '../app/api';
import { useHealth, useSettings } from '../app/data';
import type { OpenShow } from '../brief/useShow';
import type { TroubleWork } from '../workers/trouble.worker';
import type { Clock } from './clock';
import type { LiveRun } from './liveRun';

export const SPEEDS = [1, 4, 16] as const;
export type Speed = (typeof SPEEDS)[number];
const USUAL_SPEED: Speed = 4;

/** The rehearsal is asked how far it is this often, in ms. */
const EVERY = 250;
/** What went wrong is shown for so long, in ms. */
const SHOWN_FOR = 8000;

/** A clock that goes so many times as fast as the device’s. */
class Pace {
  private from: number;
  private since: number;

  constructor(
    now: number,
    private speed: number,
  ) {
    this.from = now;
    this.since = now;
  }

  now(): number {
    return this.from + (Date.now() - this.since) * this.speed;
  }

  begin(at: number): void {
    this.from = at;
    this.since = Date.now();
  }

  goAt(speed: number): void {
    this.begin(this.now());
    this.speed = speed;
  }
}

export interface Trouble extends LiveRun {
  clock: Clock;
  speed: Speed;
  setSpeed: (speed: Speed) => void;
  /** What has just gone wrong, in words. */
  words: string | null;
  review: Hindsight | null;
}

export function useTrouble(open: OpenShow, seed: number): Trouble {
  const runs = useHealth().data?.forecastRuns;
  const endsBy = useSettings().data?.endsBy;
  const [speed, chooseSpeed] = useState<Speed>(USUAL_SPEED);
  const [events, setEvents] = useState<RunEvent[]>([]);
  const [words, setWords] = useState<string | null>(null);
  const [review, setReview] = useState<Hindsight | null>(null);
  const worker = useRef<Remote<TroubleWork> | null>(null);
  const ready = useRef(false);
  const [pace] = useState(() => new Pace(Date.now(), USUAL_SPEED));
  const clock = useCallback((): number => pace.now(), [pace]);
  const setSpeed = useCallback(
    (next: Speed) => {
      pace.goAt(next);
      chooseSpeed(next);
    },
    [pace],
  );
  const { bundle, timeline, answer } = open;
  // As it is when the rehearsal begins: what is edited meanwhile is for the next one.
  const [plan] = useState(() => runPlanOf(bundle, timeline, Date.now()));

  useEffect(() => {
    if (runs === undefined || !endsBy) return;
    const started = new Worker(new URL('../workers/trouble.worker.ts', import.meta.url), {
      type: 'module',
    });
    const work = wrap<TroubleWork>(started);
    worker.current = work;
    pace.begin(plan.startsAt);
    void work
      .open(bundle, plan, answer.records, forecastSize(runs, endsBy), seed, plan.startsAt)
      .then((all) => {
        setEvents(all);
        ready.current = true;
      });
    return () => {
      ready.current = false;
      worker.current = null;
      started.terminate();
    };
  }, [plan, runs, endsBy, seed]);

  useEffect(() => {
    let asking = false;
    const timer = setInterval(() => {
      if (!ready.current || asking) return;
      asking = true;
      void worker.current
        ?.advance(clock())
        .then((found) => {
          if (!found) return;
          setEvents((known) => (known.length === found.events.length ? known : found.events));
          const last = found.words.at(-1);
          if (last) setWords(last);
        })
        .finally(() => {
          asking = false;
        });
    }, EVERY);
    return () => clearInterval(timer);
  }, [clock]);
  useEffect(() => {
    if (!words) return;
    const timer = setTimeout(() => setWords(null), SHOWN_FOR);
    return () => clearTimeout(timer);
  }, [words]);

  const live = useMemo(() => fold(plan, events), [plan, events]);
  const { phase } = live;
  useEffect(() => {
    if (phase !== 'curtain') return;
    const end = live.visits.at(-1)?.until ?? clock();
    void worker.current?.review(end).then(setReview);
  }, [phase, live.visits.length]);

  const press = useCallback(
    (kind: EventKind, more: Partial<RunEvent> = {}) => {
      const slot = plan.slots.find(({ id }) => id === live.slot);
      const event = eventOf({ id: newId(), at: Math.round(clock()), by: null }, kind, {
        slot: live.slot,
        step: slot?.steps[live.step]?.task ?? null,
        go: live.go,
        onMove: live.lastMove,
        ...more,
      });
      void worker.current?.press(event).then(setEvents);
    },
    [plan, live, clock],
  );
  const run = useMemo(
    (): StoredRun => ({
      id: 'trouble',
      showId: bundle.show.id,
      kind: 'performance',
      createdAt: plan.startsAt,
      plan,
      events: [],
    }),
    [bundle.show.id, plan],
  );
  return {
    run,
    live,
    events,
    settled: null,
    gone: false,
    pending: 0,
    error: null,
    press,
    clock,
    speed,
    setSpeed,
    words,
    review,
  };
}
