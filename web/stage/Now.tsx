/** The step on stage: number and name, what is to be done of it now, and what comes then. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { ReactNode } from 'react';
import type { Verdict } from '../../core/ready/verdict';
import { cueMoment } from '../../core/repertoire/cueWords';
import { readingsNow } from '../../core/stage/readings';
import { nextStep, partOnStage, type StepPart } from '../../core/stage/steps';
import type { Live, RunPlan, RunSlot, RunStep } from '../../core/stage/types';
import { thingsInWords } from '../../core/words';
import { VerdictLines } from '../parts/VerdictMark';
import { SayLines } from './SayLines';
import { Cue, Labelled, SignTimer, SlotHead } from './StageParts';
import { LOW, wide } from './type';

/** Sizes at a table’s distance, in pixels: the largest for Do, of what is said, the cue, and what is to be minded. */
interface Density {
  most: number;
  say: number;
  cue: number;
  careful: number;
}

const USUAL: Density = { most: 76, say: 34, cue: 32, careful: 28 };

/** From so many letters on, those of Do counted twice, all of it is set smaller: nothing is cut. */
const DENSITIES: readonly (readonly [letters: number, sizes: Density])[] = [
  [420, { most: 34, say: 24, cue: 22, careful: 21 }],
  [270, { most: 44, say: 28, cue: 26, careful: 24 }],
];

/** What there is to read takes as much room as so many letters. */
const READING = 160;

const densityOf = (step: RunStep, reads: boolean): Density => {
  const letters =
    (reads ? READING : 0) +
    2 * step.do.length +
    step.say.length +
    step.cue.length +
    (step.careful?.length ?? 0);
  return DENSITIES.find(([from]) => letters >= from)?.[1] ?? USUAL;
};

/** Do in the largest type that its length allows. */
const doSize = (words: string): number =>
  words.length < 30 ? 76 : words.length < 48 ? 64 : words.length < 80 ? 56 : 48;

const PART_LABEL: Record<StepPart, string> = {
  warn: 'Warn',
  clear: 'Look',
  gear: 'Gear',
  brief: 'Brief',
  do: 'Do',
  off: 'Gear',
  letGo: 'Let go',
};

export const partWords = (step: RunStep, part: StepPart): string => {
  switch (part) {
    case 'warn':
      return `“${step.warn}”`;
    case 'clear':
      return step.clear;
    case 'gear':
      return `${thingsInWords(step.gearOn)} on`;
    case 'brief':
      return step.brief[0] ?? '';
    case 'off':
      return `${thingsInWords(step.gearOff)} off`;
    case 'letGo':
      return step.letGo[0] ?? '';
    case 'do':
      return step.do;
  }
};

interface BigProps {
  words: string;
  ember: boolean;
  /** In pixels, at a table’s distance and in the hand. */
  size: number;
  phone: number;
}

const Big = ({ words, ember, size, phone }: BigProps) => (
  <Box
    component="h2"
    sx={{
      m: 0,
      font: wide(size, phone, 800),
      letterSpacing: '-1px',
      color: ember ? 'var(--ember)' : 'inherit',
      [LOW]: { fontSize: 30, lineHeight: '32px' },
    }}
  >
    {words}
  </Box>
);

/** More letters than this, of all lines, are set smaller. */
const MANY_LETTERS = 240;

/** What comes then is set smaller from so many letters on, rather than cut. */
const LONG_THEN = 80;

const isLong = (lines: readonly string[]): boolean =>
  lines.reduce((sum, line) => sum + line.length, 0) > MANY_LETTERS;

const Lines = ({ lines, small }: { lines: readonly string[]; small: boolean }) => (
  <Box
    component="ol"
    sx={{
      m: 0,
      mt: 1,
      pl: 0,
      listStyle: 'none',
      fontSize: { xs: 18, md: small ? 23 : 26 },
      lineHeight: small ? 1.2 : 1.25,
    }}
  >
    {lines.map((line) => (
      <li key={line}>{line}</li>
    ))}
  </Box>
);

interface NowProps {
  plan: RunPlan;
  live: Live;
  slot: RunSlot;
  /** Milliseconds since 1970. */
  now: number;
  /** What is judged of the slot with today’s figures. */
  verdicts: readonly Verdict[];
  /** In half the width. */
  narrow: boolean;
  onSign: () => void;
  /** Opens the cues; null where nothing is fired from. */
  onCues: (() => void) | null;
  /** What is to be read; kept in view. */
  children?: ReactNode;
}

export function Now({
  plan,
  live,
  slot,
  now,
  verdicts,
  narrow,
  onSign,
  onCues,
  children,
}: NowProps) {
  const step = slot.steps[live.step];
  if (!step) return null;
  const then = nextStep(slot, live.step, live.go);
  const thenStep = then ? slot.steps[then.step] : null;
  const part = partOnStage(slot, live);
  const isDo = part === 'do';
  const afterwards = isDo ? (thenStep?.do ?? 'The next slot') : step.do;
  const bad = verdicts.filter((one) => one.level !== 'ok');
  // So much is to be seen at once that each has to be smaller: nothing is cut.
  const sets = step.cues.length > 0;
  const extras = [step.say, step.cue, step.careful, bad.length > 0, sets].filter(Boolean).length;
  const crowded = isDo && (step.sign ? extras >= 2 : extras >= 4);
  const rest = part === 'brief' ? step.brief : part === 'letGo' ? step.letGo : [];
  const long = isLong(rest);
  const words = partWords(step, part);
  const full = doSize(words);
  const dense = isDo ? densityOf(step, readingsNow(plan, live).length > 0) : USUAL;
  return (
    <Box
      component="section"
      aria-label="Now"
      sx={{
        flex: '1 1 560px',
        minWidth: 0,
        maxHeight: { md: '100%' },
        display: 'flex',
        flexDirection: 'column',
      }}
    >
      <SlotHead plan={plan} slot={slot} narrow={narrow}>
        {live.go > 1 ? `go ${live.go}, ` : ''}step {live.step + 1} of {slot.steps.length}
      </SlotHead>
      <Box
        sx={{
          flex: { md: 1 },
          minHeight: 0,
          overflowY: { md: 'auto' },
          display: 'flex',
          flexDirection: 'column',
        }}
      >
        <Labelled label={PART_LABEL[part]}>
          <Big
            words={words}
            ember={part === 'warn' || part === 'clear'}
            size={
              rest.length > 1 ? (long ? 36 : 44) : Math.min(full, crowded ? 52 : 76, dense.most)
            }
            phone={rest.length > 1 ? 26 : Math.min(44, full * 0.62)}
          />
          {rest.length > 1 && <Lines lines={rest.slice(1)} small={long} />}
        </Labelled>
        {step.sign && isDo && (
          <Box sx={{ mt: 1.5, ml: { md: '104px' }, order: { xs: 0, md: 3 } }}>
            <SignTimer
              sign={step.sign}
              small={crowded}
              since={live.signAt === null ? null : Math.max(0, (now - live.signAt) / 1000)}
              onSign={onSign}
            />
          </Box>
        )}
        {isDo && step.say && (
          <Labelled label="Say">
            <Box
              sx={{ fontSize: { xs: 24, md: dense.say }, lineHeight: 1.2, [LOW]: { fontSize: 20 } }}
            >
              <SayLines say={step.say} own="performer" />
            </Box>
          </Labelled>
        )}
        {isDo && step.cue && (
          <Box sx={{ mt: 1.5, ml: { md: '104px' } }}>
            <Cue words={step.cue} size={dense.cue} />
          </Box>
        )}
        {isDo && step.careful && (
          <Labelled label="Careful">
            <Box sx={{ fontSize: { xs: 19, md: dense.careful }, lineHeight: 1.25 }}>
              {step.careful}
            </Box>
          </Labelled>
        )}
        {isDo && bad.length > 0 && (
          <Labelled label="Today">
            <VerdictLines verdicts={bad} size={{ xs: 18, md: 24 }} />
          </Labelled>
        )}
        {isDo && sets && (
          <Labelled label="Sets off">
            <Box
              {...(onCues ? { component: ButtonBase, onClick: onCues } : {})}
              sx={{
                textAlign: 'left',
                fontSize: { xs: 17, md: 22 },
                lineHeight: 1.25,
                color: 'var(--muted)',
              }}
            >
              {step.cues.map((cue) => `${cue.name} ${cueMoment(cue)}`).join('; ')}
            </Box>
          </Labelled>
        )}
      </Box>
      <Box sx={{ flex: 'none' }}>{children}</Box>
      <Box sx={{ flex: 'none', [LOW]: { display: 'none' } }}>
        <Labelled label="Then">
          <Box
            sx={{
              fontSize: { xs: 19, md: afterwards.length > LONG_THEN ? 21 : 28 },
              lineHeight: 1.2,
              color: 'var(--muted)',
              display: '-webkit-box',
              WebkitLineClamp: { xs: 2, md: 4 },
              WebkitBoxOrient: 'vertical',
              overflow: 'hidden',
            }}
          >
            {afterwards}
          </Box>
        </Labelled>
      </Box>
    </Box>
  );
}
