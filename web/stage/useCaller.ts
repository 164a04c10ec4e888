/** What the show caller says of a run, worked out in a worker at every press and every second. */
import { wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { StoredRun } from '../../contract/stage';
import { forecastSize } from '../../core/lineup/outlook';
import type { Press } from '../../core/stage/replan/caller';
import type { AdviceTold, PriceTold, Telling } from '../../core/stage/replan/tell';
import type { RunEvent } from '../../core/stage/types';
import { useHealth, useSettings } from '../app/data';
import type { OpenShow } from '../brief/useShow';
import { useClock } from './clock';
import type { StageWork } from '../workers/stage.worker';

/** Time goes on between presses: a step that runs over moves what comes after it. In ms. */
const EVERY = 1000;
/**
 * Between presses it rests this many times as long as it worked, and no longer than so many ms: a device
 * that runs on its battery has a whole show to get through.
 */
const REST = { times: 3, most: 6000 };

export interface Called {
  /** The latest answer; null before the first. */
  telling: Telling | null;
  /** It knows every press that was made. */
  fresh: boolean;
  /** What had best be left out; null where nothing need be, or nothing helps, or it is not known yet. */
  advice: AdviceTold | null;
  /** It can’t be worked out on this device. */
  broken: boolean;
  /** What these presses would cost, each told before it is made; null where it is not known. */
  price: (presses: readonly Press[][]) => Promise<PriceTold[] | null>;
}

interface Answer {
  telling: Telling;
  advice: AdviceTold | null;
}

export function useCaller(
  open: OpenShow | null,
  /** The show has come, or can’t: until then nothing is said of what is ready. */
  settled: boolean,
  run: StoredRun | null,
  events: readonly RunEvent[],
): Called {
  const clock = useClock();
  const runs = useHealth().data?.forecastRuns;
  const endsBy = useSettings().data?.endsBy;
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [broken, setBroken] = useState(false);
  const worker = useRef<Remote<StageWork> | null>(null);
  const opened = useRef<Promise<unknown> | null>(null);
  const asked = useRef(false);
  const restsUntil = useRef(0);
  const latest = useRef(events);
  latest.current = events;
  const { id, plan, kind } = run ?? {};
  const [bundle, records] = [open?.bundle ?? null, open?.answer.records];

  useEffect(() => {
    const started = new Worker(new URL('../workers/stage.worker.ts', import.meta.url), {
      type: 'module',
    });
    started.addEventListener('error', () => setBroken(true));
    worker.current = wrap<StageWork>(started);
    return () => {
      started.terminate();
      worker.current = null;
      opened.current = null;
    };
  }, []);

  const ask = useCallback(async (): Promise<void> => {
    const work = worker.current;
    if (!work || !opened.current || asked.current) return;
    asked.current = true;
    let from = Date.now();
    try {
      await opened.current;
      from = Date.now();
      for (;;) {
        const of = latest.current;
        const telling = await work.tell([...of], clock());
        if (telling) setAnswer((before) => ({ telling, advice: before?.advice ?? null }));
        if (of !== latest.current) continue;
        const advice = await work.advise();
        if (advice !== undefined) setAnswer((before) => (before ? { ...before, advice } : before));
        if (of === latest.current) return;
      }
    } finally {
      asked.current = false;
      const now = Date.now();
      restsUntil.current = now + Math.min(REST.most, REST.times * (now - from));
    }
  }, [clock]);

  useEffect(() => {
    const work = worker.current;
    if (!work || !settled || !plan || !kind || runs === undefined || !endsBy) return;
    opened.current = work.open({
      bundle,
      plan,
      kind,
      records: records ?? [],
      size: forecastSize(runs, endsBy),
    });
    void ask();
  }, [id, plan, kind, bundle, records, runs, endsBy, settled, ask]);

  useEffect(() => void ask(), [events, ask]);
  useEffect(() => {
    const timer = setInterval(() => {
      if (Date.now() >= restsUntil.current) void ask();
    }, EVERY);
    return () => clearInterval(timer);
  }, [ask]);

  const price = useCallback(async (presses: readonly Press[][]) => {
    await opened.current;
    return (await worker.current?.prices(presses)) ?? null;
  }, []);
  return {
    telling: answer?.telling ?? null,
    advice: answer?.advice ?? null,
    fresh: answer?.telling.events === events.length,
    broken,
    price,
  };
}
