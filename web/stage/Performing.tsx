import Box from '@mui/material/Box';
import { useEffect, useMemo, useState } from 'react';
import { verdictsOf } from '../../core/ready/judge';
import { expectedOf, project } from '../../core/stage/project';
import { formatDuration } from '../../core/time/clock';
import { counted } from '../../core/words';
import { useForecast } from '../lineup/useForecast';
import { useShortcuts } from '../parts/Shortcuts';
import type { OpenShow } from '../brief/useShow';
import { Beside } from './Beside';
import { ColdLines, MeasureDialog, useColdBudgets } from './Cold';
import { CauseDialog, GoToDialog } from './Dialogs';
import { useStageKeys } from './keys';
import { useLiveRun, useNow } from './liveRun';
import { Now } from './Now';
import { Pace } from './Pace';
import { BigButton } from './StageParts';
import { wide } from './type';

type Asking = 'cause' | 'goTo' | { measure: string } | null;

export function Performing({
  runId,
  open,
  onLeave,
}: {
  runId: string;
  /** The show as it is kept; null until it has come. The run goes on without it. */
  open: OpenShow | null;
  onLeave: (after: boolean) => void;
}) {
  const { run, live, pending, error, press } = useLiveRun(runId);
  const now = useNow();
  const cold = useColdBudgets(open);
  const [asking, setAsking] = useState<Asking>(null);
  const plan = run?.plan;
  const forecast = useForecast(open)?.forecast ?? null;
  const expected = useMemo(() => forecast && expectedOf(forecast), [forecast]);
  const projection = plan && live ? project(plan, live, now, expected) : null;
  const phase = live?.phase;
  const leaveOut = projection?.leaveOut?.slot ?? null;
  const keys = useMemo(
    () => ({
      forward: () => {
        if (phase === 'before') press('start');
        else if (phase === 'held') press('resume');
        else if (phase === 'running') press('done');
        else if (phase === 'curtain') press('finish');
      },
      back: () => press('back'),
      again: () => press('again'),
      failed: () => {
        if (phase === 'running') setAsking('cause');
      },
      skip: () => press('skip'),
      hold: () => press(phase === 'held' ? 'resume' : 'hold'),
      sign: () => press('sign'),
      leaveOut: () => {
        if (leaveOut) press('leaveOut', { slot: leaveOut });
      },
      goTo: () => {
        if (phase === 'running' || phase === 'curtain') setAsking('goTo');
      },
    }),
    [phase, press, leaveOut],
  );
  const listing = useShortcuts((state) => state.open);
  useStageKeys(keys, asking === null && !listing);
  useEffect(() => {
    if (phase === 'finished') setAsking(null);
  }, [phase]);

  if (!run || !live || !plan || !projection)
    return (
      <Box aria-busy={error ? undefined : true} sx={{ p: 4, fontSize: 24 }}>
        <p role={error ? 'alert' : 'status'}>{error ?? 'Fetching the run …'}</p>
        {error && <BigButton label="Back to the checks" keys="" onClick={() => onLeave(false)} />}
      </Box>
    );
  const slot = plan.slots.find((s) => s.id === live.slot) ?? null;
  const measuring =
    typeof asking === 'object' ? cold.find(({ item }) => item.id === asking?.measure) : undefined;
  const fail = (cause: string): void => {
    press('failed', { cause });
    setAsking(null);
  };
  return (
    <Box
      sx={{
        minHeight: '100vh',
        display: 'flex',
        flexDirection: 'column',
        px: { xs: 2, md: 4 },
        py: 1,
      }}
    >
      {live.phase !== 'before' && (
        <Pace
          plan={plan}
          live={live}
          now={now}
          projection={projection}
          onLeaveOut={(id) => press('leaveOut', { slot: id })}
        />
      )}
      {(pending > 0 || error) && (
        <Box role="status" sx={{ color: 'var(--ember)', fontSize: 20 }}>
          {error ?? `on this device, ${pending} unsent`}
        </Box>
      )}
      <Box
        sx={{
          flex: 1,
          display: 'flex',
          gap: 4,
          mt: 2,
          flexWrap: 'wrap',
          alignContent: 'flex-start',
        }}
      >
        {live.phase === 'before' && (
          <Box sx={{ font: wide(64, 40, 800), m: 'auto', textAlign: 'center' }}>
            {plan.title}
            <Box sx={{ font: wide(28, 20, 400), color: 'var(--muted)', mt: 2 }}>
              {run.kind === 'rehearsal' ? 'Rehearsal. ' : ''}
              {counted(plan.slots.length, 'demo')}, about {formatDuration(projection.end)}. The
              clock starts when you do.
            </Box>
          </Box>
        )}
        {slot && live.phase === 'running' && (
          <Now
            plan={plan}
            live={live}
            slot={slot}
            time={projection.now}
            verdicts={open ? verdictsOf(open.ready.verdicts, slot.id) : []}
            onSign={() => press('sign')}
          />
        )}
        {live.phase === 'held' && (
          <Box role="alert" sx={{ flex: '1 1 560px', font: wide(76, 48, 800) }}>
            Held {formatDuration((now - (live.heldFrom ?? now)) / 1000)}
            <Box sx={{ font: wide(32, 22, 400), color: 'var(--muted)', mt: 1 }}>
              The show’s clock stands still{slot ? ` in ${slot.name}` : ''}. Space continues.
            </Box>
          </Box>
        )}
        {(live.phase === 'curtain' || live.phase === 'finished') && (
          <Box sx={{ flex: '1 1 560px', font: wide(76, 48, 800) }}>
            {live.phase === 'curtain' ? 'That was the last one' : 'Finished'}
            <Box sx={{ font: wide(32, 22, 400), color: 'var(--muted)', mt: 1 }}>
              {projection.overWords}
            </Box>
          </Box>
        )}
        {(live.phase === 'running' || live.phase === 'held' || live.phase === 'curtain') && (
          <Beside
            run={run}
            live={live}
            time={projection.now}
            behind={projection.behind}
            onBegin={(slotId, task) => press('begin', { slot: slotId, step: task, go: null })}
            onGoTo={() => setAsking('goTo')}
          >
            {open && (
              <ColdLines
                budgets={cold}
                start={open.show.start}
                plan={plan}
                live={live}
                onMeasure={(measure) => setAsking({ measure })}
              />
            )}
          </Beside>
        )}
      </Box>
      <Box
        component="footer"
        sx={{
          display: 'flex',
          gap: { xs: 1, md: 2 },
          flexWrap: { xs: 'wrap', md: 'nowrap' },
          py: 1,
          position: 'sticky',
          bottom: 0,
          background: 'var(--ground)',
        }}
      >
        {live.phase === 'before' && (
          <>
            <BigButton
              main
              grow={3}
              label="Start clock"
              keys="Space or clicker forward"
              onClick={keys.forward}
            />
            <BigButton label="Not yet" keys="back to the checks" onClick={() => onLeave(false)} />
          </>
        )}
        {live.phase === 'running' && (
          <>
            <BigButton
              main
              grow={3}
              label={live.failed ? 'Move on' : 'Done'}
              keys="Space or clicker forward"
              onClick={keys.forward}
            />
            <BigButton label="Again" keys="R" onClick={keys.again} />
            {!live.failed && (
              <BigButton grow={1.5} label="Didn’t work" keys="X" onClick={keys.failed} />
            )}
            <BigButton label="Skip" keys="S" onClick={keys.skip} />
            <BigButton label="Back" keys="Page Up" onClick={keys.back} />
            <BigButton apart label="Hold" keys="H" onClick={keys.hold} />
          </>
        )}
        {live.phase === 'held' && (
          <BigButton main label="Go on" keys="Space, or H" onClick={keys.forward} />
        )}
        {live.phase === 'curtain' && (
          <>
            <BigButton
              main
              grow={3}
              label="Finish"
              keys="Space or clicker forward"
              onClick={keys.forward}
            />
            <BigButton label="Back" keys="Page Up" onClick={keys.back} />
          </>
        )}
        {live.phase === 'finished' && (
          <BigButton main label="To the write-up" keys="" onClick={() => onLeave(true)} />
        )}
      </Box>
      {open && measuring && (
        <MeasureDialog open={open} budget={measuring} onClose={() => setAsking(null)} />
      )}
      <CauseDialog open={asking === 'cause'} onClose={() => setAsking(null)} onCause={fail} />
      <GoToDialog
        open={asking === 'goTo'}
        plan={plan}
        live={live}
        onClose={() => setAsking(null)}
        onGo={(kind, target) => {
          press(kind, { slot: target });
          setAsking(null);
        }}
      />
    </Box>
  );
}
