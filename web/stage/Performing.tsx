import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Dialog from '@mui/material/Dialog';
import DialogTitle from '@mui/material/DialogTitle';
import { useEffect, useMemo, useState } from 'react';
import { backgroundJobs } from '../../core/stage/background';
import { nextStep } from '../../core/stage/fold';
import { project } from '../../core/stage/project';
import type { Live, RunPlan, RunSlot } from '../../core/stage/types';
import { formatDuration } from '../../core/time/clock';
import { counted, listInWords } from '../../core/words';
import { timeOf } from '../brief/dates';
import { PositionMark, Tape } from '../parts/tape';
import { CAUSES } from '../parts/words';
import { useStageKeys } from './keys';
import { type LiveRun, useLiveRun, useNow } from './liveRun';
import { BigButton, Cue, JobLine, Labelled, Ribbon, SignTimer } from './StageParts';

/** Do in the largest type that its length allows. */
const doSize = (words: string): number =>
  words.length < 30 ? 76 : words.length < 48 ? 64 : words.length < 80 ? 56 : 48;

const wide = (size: number, phone: number, weight: number) => ({
  xs: `${weight} ${phone}px/${Math.round(phone * 1.1)}px Bricolage`,
  md: `${weight} ${size}px/${Math.round(size * 0.98)}px Bricolage`,
});

function nextUp(plan: RunPlan, live: Live): RunSlot | null {
  const at = plan.slots.findIndex((slot) => slot.id === live.slot);
  const waiting = (slot: RunSlot): boolean =>
    live.slots[slot.id]?.status === 'waiting' && slot.id !== live.slot;
  return plan.slots.slice(at + 1).find(waiting) ?? plan.slots.find(waiting) ?? null;
}

function Pace({
  plan,
  live,
  now,
  onLeaveOut,
}: {
  plan: RunPlan;
  live: Live;
  now: number;
  onLeaveOut: (slot: string) => void;
}) {
  const projection = project(plan, live, now);
  const late = projection.behind >= 15 || projection.over > 0;
  return (
    <Box component="section" aria-label="Pace">
      <Box
        sx={{
          display: 'flex',
          alignItems: 'center',
          gap: 2,
          flexWrap: 'wrap',
          fontSize: { xs: 18, md: 26 },
        }}
      >
        <Box
          component="b"
          sx={{ font: wide(32, 24, 800), color: late ? 'var(--ember)' : 'inherit' }}
        >
          {projection.behind >= 15 ? '« ' : projection.behind <= -15 ? '» ' : ''}
          {projection.paceWords}
        </Box>
        <span>
          ends {timeOf(projection.endsAt)}, <b>{projection.overWords}</b>
        </span>
        {projection.leaveOut && (
          <ButtonBase
            onClick={() => onLeaveOut(projection.leaveOut?.slot ?? '')}
            sx={{ minHeight: 48, borderBottom: '2px solid var(--ember)', font: 'inherit' }}
          >
            leave out {projection.leaveOut.name} to end {timeOf(projection.leaveOut.endsAt)} (L)
          </ButtonBase>
        )}
        <Box component="time" sx={{ ml: 'auto', font: wide(42, 28, 700) }}>
          {timeOf(now)}
        </Box>
      </Box>
      <Box sx={{ display: { xs: 'none', sm: 'block' }, mt: 0.5 }}>
        <Ribbon
          plan={plan}
          live={live}
          now={projection.now}
          end={projection.end}
          finish={projection.now + (projection.hardFinishAt - now) / 1000}
        />
      </Box>
    </Box>
  );
}

/** The step on stage: number and name, Do, Say, what the room is told, the timer, what comes then. */
function Now({
  plan,
  live,
  slot,
  time,
  onSign,
}: {
  plan: RunPlan;
  live: Live;
  slot: RunSlot;
  time: number;
  onSign: () => void;
}) {
  const step = slot.steps[live.step];
  if (!step) return null;
  const then = nextStep(slot, live.step, live.go);
  const thenStep = then ? slot.steps[then.step] : null;
  return (
    <Box component="section" aria-label="Now" sx={{ flex: '1 1 560px', minWidth: 0 }}>
      <Box
        sx={{
          display: 'flex',
          alignItems: 'center',
          gap: 1.5,
          color: 'var(--muted)',
          fontSize: { xs: 18, md: 26 },
          flexWrap: 'wrap',
        }}
      >
        <Tape
          width={56}
          height={44}
          size={32}
          fill={`var(--tape-${slot.position?.mark ?? 'square'})`}
        >
          {plan.slots.indexOf(slot) + 1}
        </Tape>
        <span>of {plan.slots.length}</span>
        <Box component="h1" sx={{ m: 0, font: wide(40, 28, 700), color: 'var(--ink)' }}>
          {slot.name}
        </Box>
        {slot.position && (
          <>
            <PositionMark shape={slot.position.mark} size={30} />
            <span>{slot.position.name}</span>
          </>
        )}
        <Box component="span" sx={{ ml: 'auto' }}>
          {live.go > 1 ? `go ${live.go}, ` : ''}step {live.step + 1} of {slot.steps.length}
        </Box>
      </Box>
      {live.failed ? (
        <Box role="alert" sx={{ mt: 3, font: wide(56, 36, 800), color: 'var(--ember)' }}>
          Didn’t work. Again, or move on?
          <Box sx={{ font: wide(26, 20, 400), color: 'var(--muted)', mt: 1 }}>
            {slot.oneShot ? 'One shot: another go needs a fresh set. ' : ''}
            {live.go >= slot.goesAllowed
              ? 'All goes that were allowed are used.'
              : `${counted(slot.goesAllowed - live.go, 'more go', 'more goes')} allowed.`}
          </Box>
        </Box>
      ) : (
        <>
          <Labelled label="Do">
            <Box
              sx={{
                font: wide(doSize(step.do), Math.min(44, doSize(step.do) * 0.62), 800),
                letterSpacing: '-1px',
              }}
            >
              {step.do}
            </Box>
          </Labelled>
          {step.say && (
            <Labelled label="Say">
              <Box sx={{ fontSize: { xs: 24, md: 34 }, lineHeight: 1.2 }}>“{step.say}”</Box>
            </Labelled>
          )}
          {step.gearOn.length + step.gearOff.length > 0 && (
            <Labelled label="Gear">
              <Box sx={{ fontSize: { xs: 20, md: 26 } }}>
                {step.gearOn.length > 0 && <b>{listInWords(step.gearOn)} on. </b>}
                {step.gearOff.length > 0 && <>{listInWords(step.gearOff)} off.</>}
              </Box>
            </Labelled>
          )}
          {step.cue && (
            <Box sx={{ mt: 1.5, ml: { md: 10 } }}>
              <Cue words={step.cue} />
            </Box>
          )}
          {step.mind && (
            <Labelled label="Mind">
              <Box sx={{ fontSize: { xs: 20, md: 26 } }}>{step.mind}</Box>
            </Labelled>
          )}
          {step.sign && (
            <Box sx={{ mt: 1.5, ml: { md: 10 } }}>
              <SignTimer
                sign={step.sign}
                since={live.signAt === null ? null : Math.max(0, time - live.signAt)}
                onSign={onSign}
              />
            </Box>
          )}
          {thenStep && (
            <Labelled label="Then">
              <Box sx={{ fontSize: { xs: 20, md: 26 }, color: 'var(--muted)' }}>{thenStep.do}</Box>
            </Labelled>
          )}
        </>
      )}
    </Box>
  );
}

function Beside({
  run,
  live,
  time,
  behind,
  onBegin,
  onGoTo,
}: {
  run: NonNullable<LiveRun['run']>;
  live: Live;
  time: number;
  behind: number;
  onBegin: (slot: string, task: string) => void;
  onGoTo: () => void;
}) {
  const next = nextUp(run.plan, live);
  const jobs = backgroundJobs(run.plan, live, time, behind);
  const start = new Date(live.startedAt ?? Date.now());
  const showStart =
    start.getHours() * 3600 + start.getMinutes() * 60 + start.getSeconds() + live.heldMs / 1000;
  const unready = jobs.find(
    (job) => job.slot === next?.id && (job.status === 'underWay' || job.status === 'due'),
  );
  return (
    <Box
      component="aside"
      sx={{ flex: '0 1 360px', borderLeft: { md: '1.5px solid var(--line)' }, pl: { md: 4 } }}
    >
      <Box sx={{ font: '600 22px/28px Atkinson', color: 'var(--muted)' }}>Next</Box>
      <ButtonBase
        onClick={onGoTo}
        sx={{ font: wide(36, 26, 700), minHeight: 48, textAlign: 'left' }}
        aria-label="Choose what comes next"
      >
        {next ? `${run.plan.slots.indexOf(next) + 1} ${next.name}` : 'The end'}
      </ButtonBase>
      {next?.position && (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', fontSize: 24 }}>
          <PositionMark shape={next.position.mark} size={24} />
          {next.position.name}
        </Box>
      )}
      {next && (
        <Box sx={{ fontSize: 24, lineHeight: '32px', mt: 1 }}>
          {unready ? (
            <>
              ◐ <b>Ready in {formatDuration(Math.max(0, unready.done - time))}</b> ({unready.name})
            </>
          ) : (
            <>
              ☑ <b>Ready</b> by the plan
            </>
          )}
        </Box>
      )}
      {jobs.length > 0 && (
        <Box sx={{ mt: 2, pt: 2, borderTop: '1.5px solid var(--line)' }}>
          <Box sx={{ font: '600 22px/28px Atkinson', color: 'var(--muted)' }}>
            In the background
          </Box>
          {jobs.slice(0, 2).map((job) => (
            <JobLine
              key={`${job.slot}/${job.task}`}
              job={job}
              now={time}
              showStart={showStart}
              onBegin={() => onBegin(job.slot, job.task)}
            />
          ))}
          {jobs.length > 2 && (
            <Box sx={{ mt: 1, fontSize: 20, color: 'var(--muted)' }}>
              and {jobs.length - 2} more
            </Box>
          )}
        </Box>
      )}
    </Box>
  );
}

type Asking = 'cause' | 'goTo' | null;

export function Performing({
  runId,
  onLeave,
}: {
  runId: string;
  onLeave: (after: boolean) => void;
}) {
  const { run, live, pending, error, press } = useLiveRun(runId);
  const now = useNow();
  const [asking, setAsking] = useState<Asking>(null);
  const plan = run?.plan;
  const projection = plan && live ? project(plan, live, now) : null;
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
    }),
    [phase, press, leaveOut],
  );
  useStageKeys(keys, asking === null);
  useEffect(() => {
    if (phase === 'finished') setAsking(null);
  }, [phase]);

  if (!run || !live || !plan || !projection)
    return <Box sx={{ p: 4, fontSize: 24 }}>{error ?? 'Fetching the run …'}</Box>;
  const slot = plan.slots.find((s) => s.id === live.slot) ?? null;
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
          onLeaveOut={(id) => press('leaveOut', { slot: id })}
        />
      )}
      {(pending > 0 || error) && (
        <Box role="status" sx={{ color: 'var(--ember)', fontSize: 20 }}>
          {error ?? `kept here, ${pending} to send`}
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
              {counted(plan.slots.length, 'demo')}, {formatDuration(plan.end)}. The clock starts
              when you do.
            </Box>
          </Box>
        )}
        {slot && live.phase === 'running' && (
          <Now
            plan={plan}
            live={live}
            slot={slot}
            time={projection.now}
            onSign={() => press('sign')}
          />
        )}
        {live.phase === 'held' && (
          <Box role="alert" sx={{ flex: '1 1 560px', font: wide(76, 48, 800) }}>
            Held {formatDuration((now - (live.heldFrom ?? now)) / 1000)}
            <Box sx={{ font: wide(32, 22, 400), color: 'var(--muted)', mt: 1 }}>
              The show’s clock stands still{slot ? ` in ${slot.name}` : ''}. Space goes on.
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
          />
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
              label="Start"
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
      <Dialog
        transitionDuration={0}
        open={asking === 'cause'}
        onClose={() => setAsking(null)}
        aria-labelledby="cause-title"
      >
        <DialogTitle id="cause-title" sx={{ fontSize: 28 }}>
          What was it?
        </DialogTitle>
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5, p: 3, pt: 0 }}>
          {CAUSES.map((cause) => (
            <ButtonBase
              key={cause}
              onClick={() => fail(cause)}
              sx={{
                minHeight: 64,
                px: 2,
                border: '2px solid var(--control)',
                borderRadius: 1.5,
                fontSize: 22,
              }}
            >
              {cause}
            </ButtonBase>
          ))}
        </Box>
      </Dialog>
      <Dialog
        transitionDuration={0}
        open={asking === 'goTo'}
        onClose={() => setAsking(null)}
        aria-labelledby="goto-title"
      >
        <DialogTitle id="goto-title">Go to</DialogTitle>
        <Box sx={{ display: 'grid', gap: 1, p: 3, pt: 0 }}>
          {plan.slots.map((other, i) => {
            const status = live.slots[other.id]?.status;
            const out = status === 'leftOut' || status === 'skipped';
            return (
              <ButtonBase
                key={other.id}
                disabled={other.id === live.slot}
                onClick={() => {
                  press(out ? 'bringBack' : 'goTo', { slot: other.id });
                  setAsking(null);
                }}
                sx={{
                  minHeight: 48,
                  px: 2,
                  justifyContent: 'space-between',
                  gap: 3,
                  border: '1.5px solid var(--control)',
                  borderRadius: 1.5,
                  fontSize: 20,
                }}
              >
                <span>
                  {i + 1} {other.name}
                </span>
                <Box component="span" sx={{ color: 'var(--muted)' }}>
                  {other.id === live.slot
                    ? 'on stage'
                    : out
                      ? 'bring back'
                      : status === 'performed'
                        ? 'done'
                        : ''}
                </Box>
              </ButtonBase>
            );
          })}
        </Box>
      </Dialog>
    </Box>
  );
}
