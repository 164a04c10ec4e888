import Box from '@mui/material/Box';
import { useEffect, useMemo, useState } from 'react';
import { verdictsOf } from '../../core/ready/judge';
import { hardFinishAt } from '../../core/stage/hardFinish';
import type { Press } from '../../core/stage/replan/caller';
import { isLastMinute, situationOf } from '../../core/stage/situation';
import { nextReading } from '../../core/stage/readings';
import { asksForAnother, partOnStage } from '../../core/stage/steps';
import { useLine } from '../app/live';
import { useMay } from '../app/me';
import { usePreferences } from '../app/preferences';
import type { OpenShow } from '../brief/useShow';
import { usePlaying } from '../cues/usePlaying';
import { useSignals } from '../cues/useSignals';
import { useShortcuts } from '../parts/Shortcuts';
import { Asked, type Asking } from './Asked';
import { Band, closingWindow } from './Band';
import { Beside } from './Beside';
import { useClock } from './clock';
import { ColdLines, useColdBudgets } from './Cold';
import { useCrewLine, useSeat } from './Crew';
import { Curtain } from './Curtain';
import { useAwake, useUrgency } from './device';
import { Failed } from './Failed';
import { Foot } from './Foot';
import { Held } from './Held';
import { type StageKeys, useStageKeys } from './keys';
import { LastMinute } from './LastMinute';
import { type LiveRun, useLiveRun, useNow } from './liveRun';
import { NoRun } from './NoRun';
import { Now } from './Now';
import { futuresOf, Ribbon } from './Ribbon';
import { BeforeStart } from './StageParts';
import { TopLine } from './TopLine';
import { ToldHere } from './ToldHere';
import { LOW } from './type';
import { useDeferred } from './useDeferred';
import { useCaller } from './useCaller';
import { useCauses } from './useCauses';
import { usePrices, worthPricing } from './usePrices';
import { Waiting } from './Waiting';

const ZOOM = { small: 0.85, usual: 1, large: 1.15, larger: 1.3 } as const;
const NOTHING: Record<string, Press[]> = {};

interface Props {
  source: LiveRun;
  /** The show as it is kept; null until it has come. The run goes on without it. */
  open: OpenShow | null;
  /** It can’t be had. */
  showGone?: boolean;
  /** Steps are done by themselves; only what is to be decided is pressed. */
  byItself?: boolean;
  onLeave: (after: boolean) => void;
}

/** A run that is kept by the server. */
export function PerformingRun({
  runId,
  ...rest
}: Omit<Props, 'source' | 'byItself'> & { runId: string }) {
  return <Performing source={useLiveRun(runId)} {...rest} />;
}

export function Performing({ source, open, showGone = false, byItself = false, onLeave }: Props) {
  const { run, live, events, settled, pending, error, gone, press } = source;
  const now = useNow(useClock());
  const up = useLine((line) => line.up);
  const size = usePreferences((state) => state.stage.size);
  const cold = useColdBudgets(open);
  const called = useCaller(open, open !== null || showGone, run, events);
  const { telling, fresh, advice, broken } = called;
  const [asking, setAsking] = useState<Asking>(null);
  const plan = run?.plan;
  const seat = useSeat(settled, now);
  const crew = useCrewLine({
    runId: settled && (run?.id ?? null),
    plan,
    live,
    settled,
    seat,
    now,
    onTake: ({ id }) => press('take', { text: id, slot: null, step: null, go: null }),
  });
  const situation = plan && live ? situationOf(plan, live, telling, fresh, now) : null;
  const kind = situation?.kind;
  const phase = live?.phase;
  const slot = plan?.slots.find(({ id }) => id === live?.slot) ?? null;
  const goingTo = typeof asking === 'object' && asking !== null && 'goTo' in asking;

  const wanted = useMemo(
    () => (plan && live ? worthPricing(plan, live, kind, goingTo) : NOTHING),
    [plan, live, kind, goingTo],
  );
  const prices = usePrices(wanted, fresh ? telling : null, called.price);

  const causes = useCauses(open, slot);

  usePlaying();
  const signals = useSignals();
  const forward = (): void => {
    if (!situation || !live) return;
    switch (situation.kind) {
      case 'before':
        return press('start');
      case 'held':
        return press('resume');
      case 'failed':
        return press('done');
      case 'curtain':
        return press('finish');
      case 'finished':
        return;
      case 'waiting':
        if (situation.own)
          return press('ready', { slot: situation.own.slot, step: situation.own.task, go: null });
        return situation.gates.length > 0 ? undefined : press('commence');
      case 'on':
        if (byItself) return;
        if (unsure) deferred.add();
        else if (situation.ends) press('done');
        else press('part', { text: partOnStage(situation.slot, live) });
    }
  };
  const unsure = situation?.kind === 'on' && situation.unsure && !broken;
  const deferred = useDeferred(situation, situation !== null && !unsure, events, forward);

  const finish = plan && live && run ? hardFinishAt(plan, live, run.kind, now) : 0;
  const onCause = (cause: string | null): void => {
    if (cause === null) setAsking('cause');
    else press('failed', { cause });
  };
  const keys: StageKeys = {
    forward,
    back: () => {
      if (!deferred.takeBack()) press(phase === 'finished' ? 'unfinish' : 'back');
    },
    again: () => {
      if (kind === 'on' || kind === 'failed') press('again');
    },
    failed: () => {
      if (kind === 'on' && !byItself) press('failed');
    },
    skip: () => press('skip'),
    hold: () => press(phase === 'held' ? 'resume' : 'hold'),
    sign: () => press('sign'),
    leaveOut: () => {
      for (const { id } of advice?.slots ?? []) press('leaveOut', { slot: id });
    },
    goTo: () => {
      if (phase === 'running' || phase === 'curtain') setAsking({ goTo: null });
    },
    moveFinish: () => {
      if (!plan || !telling || telling.late < 60 || live?.finishMoved !== null) return;
      press('moveFinish', { value: finish + telling.late * 1000, slot: null, step: null });
    },
    device: () => setAsking('device'),
    jobs: () => setAsking('jobs'),
    screen: () => setAsking('screen'),
    cues: () => setAsking('cues'),
    reading: () => {
      const reading = plan && live && nextReading(plan, live);
      if (reading) setAsking({ reading });
    },
    tried: () => setAsking('tried'),
    ...signals,
    undo: () => {
      if (kind === 'failed') press('back');
    },
    number: (figure) => {
      if (kind === 'failed') {
        const cause = causes[figure - 1];
        if (cause) onCause(cause);
        return;
      }
      const target = plan?.slots[figure - 1];
      if (!target || target.id === live?.slot || (phase !== 'running' && phase !== 'curtain'))
        return;
      if (lastMinute) press('goTo', { slot: target.id });
      else setAsking({ goTo: target.id });
    },
  };
  const lastMinute = !!plan && !!live && !!telling && isLastMinute(plan, live, telling, now);
  const mayPress = useMay('crew');
  const mayDrive = useMay('presenter');
  const listing = useShortcuts((state) => state.open);
  useStageKeys(keys, asking === null && !listing && mayPress);
  useEffect(() => {
    if (phase === 'finished') setAsking(null);
  }, [phase]);
  useAwake(phase === 'running' || phase === 'held' || phase === 'curtain');
  const closing = closingWindow(telling, now);
  const spent = telling?.windows.find(
    ({ isReady, until, at }) => isReady && until < now && (at ?? 0) >= now,
  );
  const urgent = closing ?? spent;
  useUrgency(urgent ? `${urgent.slot}/${urgent.name}/${urgent === closing}` : null);

  if (!run || !live || !plan || !situation || gone)
    return <NoRun error={error} onLeave={() => onLeave(false)} />;
  const [priceAgain, priceOn] = [prices.get('again') ?? null, prices.get('moveOn') ?? null];
  const again = open?.show.slots.find(({ id }) => id === slot?.id)?.again ?? 0;
  const ruleIsAgain = slot !== null && asksForAnother(slot, again, live.go);
  const ways =
    kind === 'failed' && priceAgain && priceOn ? { again: priceAgain, moveOn: priceOn } : null;
  const futures = futuresOf(telling, kind === 'failed' ? null : advice, ways, ruleIsAgain);
  const gap = telling?.gaps.find((one) => one.slot === live.slot);
  const sign = slot?.steps[live.step]?.sign ?? null;
  const reads = mayPress && <ToldHere plan={plan} live={live} setAsking={setAsking} />;
  const going = phase === 'running' || phase === 'held' || phase === 'curtain';
  return (
    <Box
      style={{ zoom: ZOOM[size] }}
      sx={{
        height: `calc(100dvh / ${ZOOM[size]})`,
        display: 'flex',
        flexDirection: 'column',
        px: { xs: 2, md: 4 },
        pt: 0.5,
      }}
    >
      {phase !== 'before' && (
        <>
          <TopLine
            telling={telling}
            fresh={fresh}
            now={now}
            pending={pending}
            up={up}
            driver={seat.driver}
            onMoveFinish={live.finishMoved === null ? keys.moveFinish : null}
            onDevice={keys.device}
            onScreen={keys.screen}
            asks={plan.slots.some(({ prediction }) => prediction !== null)}
          />
          <Box sx={{ display: { xs: 'none', sm: 'block' }, [LOW]: { display: 'none' } }}>
            <Ribbon
              plan={plan}
              startedAt={live.startedAt ?? now}
              futures={futures}
              doubtful={advice?.slots.map(({ id }) => id) ?? []}
              failed={kind === 'failed' ? live.slot : null}
              now={now}
              finish={finish}
              range={futures.length === 1 && going && telling ? telling.end : null}
            />
          </Box>
          <Band
            error={error}
            crew={crew}
            broken={broken}
            telling={going && kind !== 'failed' ? telling : null}
            advice={kind === 'failed' ? null : advice}
            held={phase === 'held'}
            ways={ways}
            now={now}
            onLeaveOut={keys.leaveOut}
          />
        </>
      )}
      <Box
        sx={{
          flex: 1,
          minHeight: 0,
          overflowY: 'auto',
          display: 'flex',
          gap: { xs: 2, md: 3 },
          mt: 1,
          flexWrap: { xs: 'wrap', md: 'nowrap' },
          alignContent: 'flex-start',
        }}
      >
        {phase === 'before' && <BeforeStart run={run} />}
        {situation.kind === 'on' && (
          <Now
            plan={plan}
            live={live}
            slot={situation.slot}
            now={now}
            verdicts={open ? verdictsOf(open.ready.verdicts, situation.slot.id) : []}
            narrow={lastMinute}
            onSign={keys.sign}
            onCues={mayDrive ? keys.cues : null}
          >
            {reads}
          </Now>
        )}
        {situation.kind === 'waiting' && (
          <Waiting
            plan={plan}
            situation={situation}
            reason={gap?.reason ?? ''}
            now={now}
            narrow={lastMinute}
          />
        )}
        {situation.kind === 'failed' && slot && (
          <Failed
            plan={plan}
            live={live}
            slot={slot}
            ruleIsAgain={ruleIsAgain}
            again={priceAgain}
            moveOn={priceOn}
            causes={causes}
            open={open}
            now={now}
            onAgain={keys.again}
            onMoveOn={keys.forward}
            onCause={onCause}
          />
        )}
        {phase === 'held' && (
          <Held
            heldFrom={live.heldFrom ?? now}
            now={now}
            name={slot?.name ?? ''}
            telling={telling}
            sign={
              sign && live.signAt !== null
                ? { words: `Act after ${sign.watchFor}`, until: live.signAt + sign.waitMost * 1000 }
                : null
            }
          />
        )}
        {(phase === 'curtain' || phase === 'finished') && (
          <Curtain
            plan={plan}
            live={live}
            now={now}
            finish={finish}
            onGoTo={(id) => setAsking({ goTo: id })}
          >
            {reads}
          </Curtain>
        )}
        {going &&
          kind !== 'failed' &&
          (lastMinute && telling ? (
            <LastMinute
              plan={plan}
              live={live}
              telling={telling}
              advice={advice}
              lengthOf={(one) => one.end - one.start}
              now={now}
              onGoTo={(id) => press('goTo', { slot: id })}
            />
          ) : (
            <Beside
              plan={plan}
              live={live}
              telling={telling}
              now={now}
              onSay={(said, job) => press(said, { slot: job.slot, step: job.task, go: null })}
              onMore={(job) => setAsking({ job })}
              onAll={() => setAsking('jobs')}
              onGoTo={keys.goTo}
            >
              {/* Below what is told of jobs: once that is there, it moves no more under a finger. */}
              {open && cold.length > 0 && (telling || broken) && (
                <ColdLines
                  budgets={cold}
                  start={open.show.start}
                  plan={plan}
                  live={live}
                  onMeasure={(measure) => setAsking({ measure })}
                />
              )}
            </Beside>
          ))}
      </Box>
      <Foot
        situation={situation}
        live={live}
        byItself={byItself}
        keys={keys}
        prices={prices}
        spare={telling ? -telling.end.over : null}
        now={now}
        onPass={() => setAsking('pass')}
        onBegin={() => press('commence')}
        onLeave={onLeave}
      />
      <Asked
        asking={asking}
        setAsking={setAsking}
        open={open}
        plan={plan}
        live={live}
        situation={situation}
        telling={telling}
        prices={prices}
        now={now}
        source={source}
      />
    </Box>
  );
}
