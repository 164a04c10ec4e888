import Box from '@mui/material/Box';
import { nextStep } from '../../core/stage/fold';
import type { Live, RunPlan, RunSlot } from '../../core/stage/types';
import { counted, thingsInWords } from '../../core/words';
import type { Verdict } from '../../core/ready/verdict';
import { PositionMark, Tape } from '../parts/tape';
import { VerdictLines } from '../parts/VerdictMark';
import { Cue, Labelled, SignTimer } from './StageParts';
import { wide } from './type';

/** Do in the largest type that its length allows. */
const doSize = (words: string): number =>
  words.length < 30 ? 76 : words.length < 48 ? 64 : words.length < 80 ? 56 : 48;

/** The step on stage: number and name, Do, Say, what the room is told, the timer, what comes then. */
export function Now({
  plan,
  live,
  slot,
  time,
  verdicts,
  onSign,
}: {
  plan: RunPlan;
  live: Live;
  slot: RunSlot;
  time: number;
  /** What is judged of the slot with today’s figures. */
  verdicts: readonly Verdict[];
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
            {slot.oneShot ? 'Every go needs a fresh set. ' : ''}
            {live.go >= slot.goesAllowed
              ? 'All goes that were allowed are used.'
              : `${counted(slot.goesAllowed - live.go, 'more go', 'more goes')} allowed.`}
          </Box>
        </Box>
      ) : (
        <>
          {step.warn && live.go === 1 && (
            <Labelled label="Warn">
              <Box sx={{ font: wide(36, 24, 700), color: 'var(--ember)' }}>“{step.warn}”</Box>
            </Labelled>
          )}
          {step.brief.length > 0 && live.go === 1 && (
            <Labelled label="Brief">
              <Box
                component="ol"
                sx={{ m: 0, pl: 0, listStyle: 'none', fontSize: { xs: 18, md: 24 } }}
              >
                {step.brief.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </Box>
            </Labelled>
          )}
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
                {step.gearOn.length > 0 && <b>{thingsInWords(step.gearOn)} on. </b>}
                {step.gearOff.length > 0 && <>{thingsInWords(step.gearOff)} off.</>}
              </Box>
            </Labelled>
          )}
          {step.cue && (
            <Box sx={{ mt: 1.5, ml: { md: '104px' } }}>
              <Cue words={step.cue} />
            </Box>
          )}
          {step.careful && (
            <Labelled label="Careful">
              <Box sx={{ fontSize: { xs: 20, md: 26 } }}>{step.careful}</Box>
            </Labelled>
          )}
          {verdicts.some((one) => one.level !== 'ok') && (
            <Labelled label="Today">
              <VerdictLines verdicts={verdicts} size={{ xs: 18, md: 24 }} />
            </Labelled>
          )}
          {step.sign && (
            <Box sx={{ mt: 1.5, ml: { md: '104px' } }}>
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
