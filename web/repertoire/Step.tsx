import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { LearnedFigure } from '../../core/after/learned';
import type { RecipeStep } from '../../core/lineup/recipe';
import { formatDuration } from '../../core/time/clock';
import { counted, thingsInWords } from '../../core/words';
import { cameraInWords } from '../../core/ready/shots/words';
import { LearnedLine } from '../after/LearnedLine';
import { usePersonName } from '../app/data';
import { SayLines } from '../stage/SayLines';
import { pinked } from '../parts/tapeShape';
import { Shown } from '../pictures/Shown';
import { CueLines } from './CueFields';

/** For those who hear the page. */
const HIDDEN = {
  position: 'absolute',
  width: '1px',
  height: '1px',
  overflow: 'hidden',
  clipPath: 'inset(50%)',
} as const;

/** Of a step’s time, as long as this is all of the bar, s. */
const LEAST_BAR = 60;

/** The record against the guess: two bars on one scale, the record’s with how far goes lie apart. */
function TimeBars({ mean, guess }: { mean: number; guess: number }) {
  const most = Math.max(LEAST_BAR, mean, guess);
  const bar = (seconds: number, color: string) => (
    <Box sx={{ width: `${(100 * seconds) / most}%`, height: 3, background: color, mt: '2px' }} />
  );
  return (
    <Box aria-hidden="true" sx={{ width: 72, mt: 0.5 }}>
      {bar(guess, 'var(--line-strong)')}
      {bar(mean, 'var(--ink)')}
    </Box>
  );
}

/** What the record says stands first where there is one, the guess beside it. */
function StepTime({ step, learned }: { step: RecipeStep; learned: LearnedFigure | undefined }) {
  const quiet = step.task.phase === 'settle';
  const font = '700 17px/24px Bricolage';
  if (!learned || learned.learned.goes + learned.learned.rehearsed === 0)
    return (
      <Box component="b" sx={{ font, ...(quiet && { color: 'var(--muted)', fontWeight: 500 }) }}>
        {formatDuration(step.seconds)}
      </Box>
    );
  const mean = Math.round(learned.learned.mean);
  const { goes, rehearsed } = learned.learned;
  return (
    <Box title={`${formatDuration(mean)} by ${counted(goes + rehearsed, 'go', 'goes')}`}>
      <Box component="b" sx={{ font }}>
        {formatDuration(mean)}
      </Box>{' '}
      <Box component="span" sx={{ fontSize: 13, color: 'var(--muted)' }}>
        <Box component="span" sx={HIDDEN}>
          by the record, guessed{' '}
        </Box>
        {formatDuration(learned.guess.likely)}
      </Box>
      <TimeBars mean={mean} guess={learned.guess.likely} />
    </Box>
  );
}

interface StepProps {
  step: RecipeStep;
  number: number | null;
  learned: readonly LearnedFigure[];
}

/** A step to be read: how long, what, by whom, what is said, and what to wait and watch for. */
export function Step({ step, number, learned }: StepProps) {
  const { task, hands, waits } = step;
  const nameOf = usePersonName();
  const where = task.phase !== 'perform' && task.place === 'wings' ? 'in the wings' : '';
  const often = task.phase === 'perform' && task.eachGo ? 'at every go' : '';
  const who = task.phase === 'settle' ? 'by itself' : hands;
  const below = [who, where, often, ...waits].filter(Boolean);
  const gear = [
    task.gearOn.length > 0 ? `${thingsInWords(task.gearOn)} on` : '',
    task.gearOff.length > 0 ? `${thingsInWords(task.gearOff)} off` : '',
  ].filter(Boolean);
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '92px minmax(0, 1fr)', columnGap: 1.5 }}>
      <StepTime step={step} learned={learned.find(({ performerId }) => performerId === null)} />
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ font: '600 17px/24px Bricolage' }}>
          {number !== null && (
            <Box component="span" sx={{ color: 'var(--ember)' }}>
              {number}.{' '}
            </Box>
          )}
          {task.do || task.name}
        </Box>
        {task.say && (
          <Box sx={{ fontSize: 16, lineHeight: '23px', maxWidth: 560 }}>
            <SayLines say={task.say} own="performer" />
          </Box>
        )}
        {task.cue && (
          <Box
            sx={{
              display: 'inline-block',
              background: 'var(--cue-tape)',
              clipPath: pinked(4, 4),
              px: 1.5,
              my: 0.25,
            }}
          >
            <Box component="span" sx={{ color: 'var(--cue-glyph)', fontWeight: 700 }}>
              Room
            </Box>{' '}
            {task.cue}
          </Box>
        )}
        {task.sign && (
          <Box>
            Watch for <b>{task.sign.watchFor}</b>, then act between{' '}
            {formatDuration(task.sign.waitLeast)} and {formatDuration(task.sign.waitMost)}.
          </Box>
        )}
        {gear.length > 0 && <Box sx={{ fontWeight: 700 }}>{gear.join('. ')}.</Box>}
        {task.careful && <Box>Careful: {task.careful}</Box>}
        <CueLines cues={task.cues} />
        {task.views.length > 0 && (
          <Box sx={{ fontSize: 14 }}>
            Camera: {task.views.map(({ camera, sees }) => cameraInWords(camera, sees)).join('; ')}
          </Box>
        )}
        {task.picture && (
          <Box sx={{ my: 0.5 }}>
            <Shown picture={task.picture} of={task.name} width={160} height={104} />
          </Box>
        )}
        <Typography variant="body2" color="textSecondary">
          {below.join(' · ')}
        </Typography>
        {learned.map((figure) => (
          <LearnedLine
            key={figure.performerId}
            figure={figure}
            performer={figure.performerId && nameOf(figure.performerId)}
          />
        ))}
      </Box>
    </Box>
  );
}
