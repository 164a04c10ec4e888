/** A slot’s words against time: a lane for each voice, what is too long hatched with what to leave out, what is in the way. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useId } from 'react';
import { speakerName } from '../../core/ready/script/names';
import { sentencesOf } from '../../core/repertoire/script';
import type { LineFlag, ScriptLine, ScriptSlot, ScriptStep } from '../../core/ready/script/script';
import { formatDuration } from '../../core/time/clock';
import { pinked } from '../parts/tapeShape';

const FLAG: Readonly<Record<LineFlag, string>> = {
  hands: 'hands busy: by heart',
  ears: 'ears covered: does not hear the cue',
  elsewhere: 'elsewhere',
};

/** A person’s name, as it is told on stage. */
type NameOf = (personId: string) => string;

const voiceOf = ({ speaker, personId }: ScriptLine): string => personId ?? speaker;

/** At most so many lanes; whoever speaks least shares the last. */
const LANES = 3;
const LANE = 18;

/** Blocks of speech down the time of a step, one lane a voice; beyond its end hatched. */
function Lanes({ step, voices }: { step: ScriptStep; voices: readonly string[] }) {
  const id = useId();
  const whole = Math.max(step.length, step.speech, 1);
  const y = (seconds: number): number => (seconds / whole) * 100;
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${voices.length * LANE} 100`}
      preserveAspectRatio="none"
      aria-hidden="true"
      sx={{ width: voices.length * LANE, height: '100%', minHeight: 48, display: 'block' }}
    >
      <defs>
        <pattern id={id} width={6} height={6} patternUnits="userSpaceOnUse">
          <path d="M0 6L6 0" stroke="var(--ember)" strokeWidth={2.4} />
        </pattern>
      </defs>
      {voices.map((voice, i) => (
        <rect key={voice} x={i * LANE + 1} y={0} width={LANE - 3} height={100} fill="var(--sunk)" />
      ))}
      {step.lines.map((line, i) => {
        const lane = voices.indexOf(voiceOf(line));
        const end = line.at + line.seconds;
        const inTime = Math.min(end, step.length);
        const fill = line.speaker === 'performer' ? 'var(--ink)' : 'var(--person-on-stage)';
        return (
          <g key={i}>
            {inTime > line.at && (
              <rect
                x={lane * LANE + 2}
                y={y(line.at)}
                width={LANE - 5}
                height={Math.max(1, y(inTime - line.at))}
                fill={fill}
                stroke="var(--ink)"
                strokeWidth={1}
                vectorEffect="non-scaling-stroke"
              />
            )}
            {end > step.length && (
              <rect
                x={lane * LANE + 2}
                y={y(Math.max(line.at, step.length))}
                width={LANE - 5}
                height={y(end - Math.max(line.at, step.length))}
                fill={`url(#${id})`}
                stroke="var(--ember)"
                strokeWidth={1}
                vectorEffect="non-scaling-stroke"
              />
            )}
          </g>
        );
      })}
      <path
        d={`M0 ${y(step.length)}H${voices.length * LANE}`}
        stroke="var(--ink)"
        strokeWidth={2}
        vectorEffect="non-scaling-stroke"
      />
    </Box>
  );
}

/** A line’s words, sentences that may go underlined. */
function Words({ step, index }: { step: ScriptStep; index: number }) {
  const cuts = step.cuts.filter(({ line }) => line === index);
  const text = step.lines[index]?.text ?? '';
  if (cuts.length === 0) return text;
  return sentencesOf(text).map((sentence, i) =>
    cuts.some((cut) => cut.sentence === i) ? (
      <Box key={i} component="span" sx={{ borderBottom: '2px solid var(--ember)' }}>
        {sentence}
      </Box>
    ) : (
      sentence
    ),
  );
}

function LineRow({
  step,
  index,
  nameOf,
  dim,
}: {
  step: ScriptStep;
  index: number;
  nameOf: NameOf;
  dim: boolean;
}) {
  const line = step.lines[index];
  if (!line) return null;
  const isRoom = line.speaker === 'room';
  const isLate = line.at + line.seconds > step.length;
  // Said once for each voice of a step.
  const isFirst = step.lines.findIndex((one) => voiceOf(one) === voiceOf(line)) === index;
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '84px minmax(0, 1fr) 44px',
        columnGap: 1,
        alignItems: 'start',
        py: 0.5,
        breakInside: 'avoid',
      }}
    >
      <Box
        component="b"
        sx={{
          justifySelf: 'start',
          px: 1,
          borderRadius: 0.5,
          font: '600 14px/22px Bricolage',
          fontStretch: '85%',
          border: '1px solid var(--ink)',
          maxWidth: '100%',
          overflow: 'hidden',
          textOverflow: 'ellipsis',
          ...(line.speaker === 'performer'
            ? { background: 'var(--ink)', color: 'var(--ground)' }
            : isRoom
              ? { background: 'var(--cue-tape)', borderColor: 'transparent' }
              : { background: 'var(--person-on-stage)' }),
        }}
      >
        {speakerName(line, nameOf)}
      </Box>
      <Box sx={{ minWidth: 0, lineHeight: '22px', color: dim ? 'var(--muted)' : 'inherit' }}>
        {line.cue && !dim && (
          <Box component="span" sx={{ color: 'var(--muted)', fontSize: 14 }}>
            after “… {line.cue}”{' '}
          </Box>
        )}
        <Words step={step} index={index} />
        {line.flags
          .filter((flag) => flag !== 'hands' || isFirst)
          .map((flag) => (
            <Box
              key={flag}
              component="b"
              sx={{
                color: flag === 'hands' ? 'var(--muted)' : 'var(--ember)',
                fontSize: 14,
                ml: 1,
                display: 'inline-block',
              }}
            >
              {flag === 'elsewhere' ? `the plan has them at ${line.elsewhere}` : FLAG[flag]}
            </Box>
          ))}
      </Box>
      <Box
        sx={{
          textAlign: 'right',
          font: `${isLate ? 700 : 500} 14px/22px Bricolage`,
          color: isLate ? 'var(--ember)' : 'var(--muted)',
        }}
      >
        {formatDuration(Math.ceil(line.seconds))}
      </Box>
    </Box>
  );
}

interface StepsProps {
  script: ScriptSlot;
  nameOf: NameOf;
  /** Whose lines stand out; null for everybody’s. */
  who: string | null;
  /** Steps without words are left out. */
  onlySpoken?: boolean;
  /** Leaves out what makes a step fit. */
  onCut?: (step: ScriptStep) => void;
  /** Beneath the words of a step. */
  children?: (step: ScriptStep) => React.ReactNode;
}

export function ScriptSteps({
  script,
  nameOf,
  who,
  onlySpoken = false,
  onCut,
  children,
}: StepsProps) {
  const count = new Map<string, number>();
  for (const step of script.steps)
    for (const line of step.lines)
      count.set(voiceOf(line), (count.get(voiceOf(line)) ?? 0) + line.seconds);
  const voices = [...count]
    .sort((a, b) => b[1] - a[1])
    .slice(0, LANES)
    .map(([voice]) => voice);
  return (
    <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {script.steps.map(
        (step, i) =>
          (!onlySpoken || step.lines.length > 0 || step.cueToRoom !== '') && (
            <Box
              component="li"
              key={step.taskId}
              sx={{
                display: 'grid',
                columnGap: 2,
                borderTop: '1px solid var(--line-strong)',
                gridTemplateColumns: {
                  xs: `${Math.max(1, voices.length) * LANE}px minmax(0, 1fr)`,
                  sm: `170px ${Math.max(1, voices.length) * LANE}px minmax(0, 1fr)`,
                },
              }}
            >
              <Box sx={{ gridColumn: { xs: '1 / -1', sm: 'auto' }, py: 1, minWidth: 0 }}>
                <Box sx={{ font: '600 16px/21px Bricolage', display: 'flex', gap: 1 }}>
                  <Box component="span" sx={{ color: 'var(--ember)' }}>
                    {i + 1}
                  </Box>
                  <span>{step.name}</span>
                </Box>
                <Box sx={{ fontSize: 14, color: 'var(--muted)', pl: '18px' }}>
                  {formatDuration(step.length)}
                </Box>
              </Box>
              <Lanes step={step} voices={voices} />
              <Box sx={{ py: 0.75, minWidth: 0 }}>
                <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
                  {step.lines.map((line, at) => (
                    <LineRow
                      key={at}
                      step={step}
                      index={at}
                      nameOf={nameOf}
                      dim={who !== null && line.personId !== who}
                    />
                  ))}
                </Box>
                {step.cueToRoom && (
                  <Box
                    sx={{
                      display: 'inline-block',
                      background: 'var(--cue-tape)',
                      clipPath: pinked(3, 4),
                      px: 1.5,
                      font: '600 16px/26px Bricolage',
                    }}
                  >
                    {step.cueToRoom}
                  </Box>
                )}
                {step.over > 0.5 && (
                  <Box sx={{ fontSize: 15, my: 0.5 }}>
                    <Box component="b" sx={{ color: 'var(--ember)' }}>
                      {formatDuration(Math.ceil(step.over))} too long.
                    </Box>{' '}
                    {step.cuts.length === 0
                      ? 'Say less, or give the step more time.'
                      : `Without the marked ${step.cuts.length === 1 ? 'sentence' : 'sentences'} there ${spare(step)}.`}
                    {onCut && step.cuts.length > 0 && (
                      <Button size="small" onClick={() => onCut(step)} sx={{ ml: 0.5 }}>
                        Cut {step.cuts.length === 1 ? 'it' : 'them'}
                      </Button>
                    )}
                  </Box>
                )}
                {children?.(step)}
              </Box>
            </Box>
          ),
      )}
    </Box>
  );
}

/** “are 0:02 to spare”. */
function spare(step: ScriptStep): string {
  const cut = step.cuts.reduce((sum, { seconds }) => sum + seconds, 0);
  const left = Math.floor(cut - step.over);
  return left > 0 ? `is ${formatDuration(left)} to spare` : 'is just enough time';
}

/** “247 words, 1:39 of speech in 4:42”. */
export const scriptWords = ({ words, speech, length }: ScriptSlot): string =>
  `${words} ${words === 1 ? 'word' : 'words'}, ${formatDuration(Math.round(speech))} of speech in ${formatDuration(length)}`;
