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
import { type Answer, Asking } from './asking';
import { useClock } from './clock';
import type { StageWork } from '../workers/stage.worker';

/** Time goes on between presses: a step that runs over moves what comes after it. In ms. */
const EVERY = 1000;

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
  const asking = useRef<Asking | null>(null);
  const opened = useRef<Promise<unknown> | null>(null);
  const now = useRef(clock);
  now.current = clock;
  const { id, plan, kind } = run ?? {};
  const [bundle, records] = [open?.bundle ?? null, open?.answer.records];

  useEffect(() => {
    const started = new Worker(new URL('../workers/stage.worker.ts', import.meta.url), {
      type: 'module',
    });
    started.addEventListener('error', () => setBroken(true));
    const work = wrap<StageWork>(started);
    worker.current = work;
    asking.current = new Asking({ work, clock: () => now.current(), told: setAnswer });
    return () => {
      started.terminate();
      worker.current = null;
      asking.current = null;
      opened.current = null;
    };
  }, []);

  // Before the show is opened: what is asked then is of all that was pressed.
  useEffect(() => asking.current?.hear(events), [events]);
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
    asking.current?.open(opened.current);
  }, [id, plan, kind, bundle, records, runs, endsBy, settled]);

  useEffect(() => {
    const timer = setInterval(() => asking.current?.again(), EVERY);
    return () => clearInterval(timer);
  }, []);

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
