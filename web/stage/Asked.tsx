/** Whatever is asked on stage at the moment, over everything else. */
import type { LiveJob } from '../../core/stage/replan/jobs';
import type { PriceTold, Telling } from '../../core/stage/replan/tell';
import type { Situation } from '../../core/stage/situation';
import type { Asked as Reading } from '../../core/stage/readings';
import type { Live, RunPlan } from '../../core/stage/types';
import { peopleIn } from '../../core/ready/facts';
import type { OpenShow } from '../brief/useShow';
import { MeasureDialog, useColdBudgets } from './Cold';
import { CuesDialog } from './CuesDialog';
import { DeviceDialog } from './DeviceDialog';
import { CauseDialog, GoToDialog, JobDialog, JobsDialog, PassDialog } from './Dialogs';
import type { LiveRun } from './liveRun';
import { ReadingDialog } from './Readings';
import { ScreenDialog } from './ScreenDialog';
import { TriedDialog } from './Tried';

export type Asking =
  | null
  | 'cause'
  | 'pass'
  | 'device'
  | 'jobs'
  | 'screen'
  | 'cues'
  | 'tried'
  | { goTo: string | null }
  | { job: LiveJob }
  | { measure: string }
  | { reading: Reading };

interface Props {
  asking: Asking;
  setAsking: (asking: Asking) => void;
  open: OpenShow | null;
  plan: RunPlan;
  live: Live;
  situation: Situation;
  telling: Telling | null;
  prices: ReadonlyMap<string, PriceTold>;
  now: number;
  source: Pick<LiveRun, 'run' | 'settled' | 'press'>;
}

export function Asked({
  asking,
  setAsking,
  open,
  plan,
  live,
  situation,
  telling,
  prices,
  now,
  source,
}: Props) {
  const { run, settled, press } = source;
  const cold = useColdBudgets(open);
  const people = open?.bundle.people.filter(({ id }) => open.bundle.show.crew.includes(id)) ?? [];
  const measuring =
    asking && typeof asking === 'object' && 'measure' in asking
      ? cold.find(({ item }) => item.id === asking.measure)
      : undefined;
  return (
    <>
      {open && measuring && (
        <MeasureDialog open={open} budget={measuring} onClose={() => setAsking(null)} />
      )}
      {asking && typeof asking === 'object' && 'reading' in asking && (
        <ReadingDialog
          asked={asking.reading}
          onClose={() => setAsking(null)}
          onKeep={(value) => {
            const { slot, result, go } = asking.reading;
            press('reading', { slot: slot.id, step: null, go, text: result.id, value });
            setAsking(null);
          }}
        />
      )}
      {asking === 'tried' && run && (
        <TriedDialog
          runId={run.id}
          showId={run.showId}
          plan={plan}
          live={live}
          press={press}
          onClose={() => setAsking(null)}
        />
      )}
      {asking === 'screen' && (
        <ScreenDialog
          plan={plan}
          live={live}
          people={open ? peopleIn(open.show) : 0}
          press={press}
          onClose={() => setAsking(null)}
        />
      )}
      {asking === 'cues' && run && (
        <CuesDialog run={run} live={live} onClose={() => setAsking(null)} />
      )}
      {asking === 'cause' && (
        <CauseDialog
          onClose={() => setAsking(null)}
          onCause={(cause) => {
            press('failed', { cause });
            setAsking(null);
          }}
        />
      )}
      {asking === 'jobs' && telling && (
        <JobsDialog
          telling={telling}
          now={now}
          onClose={() => setAsking(null)}
          onJob={(job) => setAsking({ job })}
        />
      )}
      {asking === 'device' && (
        <DeviceDialog
          runId={run?.id ?? ''}
          driver={settled?.driver ?? null}
          now={now}
          onCues={() => setAsking('cues')}
          onClose={() => setAsking(null)}
        />
      )}
      {asking === 'pass' && situation.kind === 'waiting' && (
        <PassDialog
          slot={situation.slot}
          rules={situation.gates.map(({ words }) => words)}
          people={people}
          onClose={() => setAsking(null)}
          onPass={(by) => {
            for (const { words } of situation.gates)
              press('pass', { slot: situation.slot.id, step: null, go: null, text: words, by });
            setAsking(null);
          }}
        />
      )}
      {asking && typeof asking === 'object' && 'job' in asking && (
        <JobDialog
          job={asking.job}
          onClose={() => setAsking(null)}
          onSay={(said) => {
            press(said, { slot: asking.job.slot, step: asking.job.task, go: null });
            setAsking(null);
          }}
        />
      )}
      {asking && typeof asking === 'object' && 'goTo' in asking && (
        <GoToDialog
          plan={plan}
          live={live}
          prices={prices}
          at={asking.goTo}
          now={now}
          onClose={() => setAsking(null)}
          onGo={(goKind, target) => {
            press(goKind, { slot: target });
            setAsking(null);
          }}
        />
      )}
    </>
  );
}
