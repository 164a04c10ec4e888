import AddIcon from '@mui/icons-material/Add';
import ArrowDown from '@mui/icons-material/ArrowDownward';
import ArrowUp from '@mui/icons-material/ArrowUpward';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { useFieldArray, useFormContext } from 'react-hook-form';
import type { LearnedFigure } from '../../core/after/learned';
import { withoutTask } from '../../core/repertoire/change';
import { type RecipeStep, recipeOf } from '../../core/lineup/recipe';
import type { Method, Phase, Task } from '../../core/repertoire/types';
import { formatDuration } from '../../core/time/clock';
import { thingsInWords } from '../../core/words';
import { EditInPlace } from '../parts/EditInPlace';
import { useAskedFor } from '../parts/useAskedFor';
import { pinked } from '../parts/tapeShape';
import { LearnedLine } from '../after/LearnedLine';
import { usePersonName } from '../app/data';
import { CueLines } from './CueFields';
import { freshTask } from './fresh';
import { TaskFields } from './TaskFields';

/** A step to be read: how long, what, by whom, what is said, and what to wait and watch for. */
function Step({
  step,
  number,
  learned,
}: {
  step: RecipeStep;
  number: number | null;
  learned: readonly LearnedFigure[];
}) {
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
    <Box sx={{ display: 'grid', gridTemplateColumns: '64px 1fr', columnGap: 2 }}>
      <Box
        component="b"
        sx={{
          textAlign: 'right',
          font: '600 17px/24px Bricolage',
          ...(task.phase === 'settle' && { color: 'var(--muted)' }),
        }}
      >
        {formatDuration(step.seconds)}
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ font: '600 17px/24px Bricolage' }}>
          {number !== null && `${number}. `}
          {task.do || task.name}
        </Box>
        {task.say && (
          <Box sx={{ fontSize: 16, lineHeight: '23px', maxWidth: 560 }}>“{task.say}”</Box>
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

const ADD: Record<Phase, string> = {
  prepare: 'Add a preparation',
  settle: 'Add something that settles',
  perform: 'Add a step',
  reset: 'Add clearing',
};

interface GroupProps {
  title: string;
  at: string;
  steps: RecipeStep[];
  numbered: boolean;
  tasks: readonly Task[];
  adds: readonly Phase[];
  learned: readonly LearnedFigure[];
}

function Group({ title, at, steps, numbered, tasks, adds, learned }: GroupProps) {
  const { append, swap } = useFieldArray({ name: `${at}.tasks`, keyName: 'key' });
  const { getValues, setValue } = useFormContext();
  const takeAway = (id: string): void => {
    const { tasks: left, volunteerCard } = withoutTask(getValues(at) as Method, id);
    setValue(`${at}.tasks`, left);
    setValue(`${at}.volunteerCard.fetchedIn`, volunteerCard.fetchedIn);
  };
  return (
    <Box component="section" sx={{ mt: 2 }}>
      <Typography variant="h3" component="h3" sx={{ mb: 0.5 }}>
        {title}
      </Typography>
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {steps.map((step, i) => {
          const { task, index } = step;
          const earlier = steps[i - 1]?.index;
          const later = steps[i + 1]?.index;
          return (
            <Box component="li" key={task.id} sx={{ borderTop: '1px solid var(--line)', py: 1 }}>
              <EditInPlace
                what={`“${task.name}”`}
                names={[`${at}.tasks.${index}`]}
                read={
                  <Step
                    step={step}
                    number={numbered ? i + 1 : null}
                    learned={learned.filter((figure) => figure.task.id === task.id)}
                  />
                }
                edit={
                  <>
                    <TaskFields
                      at={`${at}.tasks.${index}`}
                      task={task}
                      others={tasks.filter((other) => other.id !== task.id)}
                    />
                    <Box sx={{ display: 'flex', gap: 1, mt: 1, alignItems: 'center' }}>
                      <IconButton
                        aria-label={`Move ${task.name} earlier`}
                        disabled={earlier === undefined}
                        onClick={() => earlier !== undefined && swap(index, earlier)}
                      >
                        <ArrowUp fontSize="small" />
                      </IconButton>
                      <IconButton
                        aria-label={`Move ${task.name} later`}
                        disabled={later === undefined}
                        onClick={() => later !== undefined && swap(index, later)}
                      >
                        <ArrowDown fontSize="small" />
                      </IconButton>
                      <Button size="small" onClick={() => takeAway(task.id)}>
                        Remove this task
                      </Button>
                    </Box>
                  </>
                }
              />
            </Box>
          );
        })}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', pl: '72px' }}>
        {adds.map((phase) => (
          <Button
            key={phase}
            size="small"
            startIcon={<AddIcon />}
            onClick={() => append(freshTask(phase))}
          >
            {ADD[phase]}
          </Button>
        ))}
      </Box>
    </Box>
  );
}

/** The tasks of a method as a recipe, each edited where it stands. */
export function RecipeSteps({
  at,
  method,
  learned,
}: {
  at: string;
  method: Method;
  /** What the record says of its times. */
  learned: readonly LearnedFigure[];
}) {
  const recipe = recipeOf(method);
  const { place } = useAskedFor('edit', 'steps');
  const shared = { at, tasks: method.tasks, learned };
  return (
    <>
      <div ref={place} />
      <Group
        {...shared}
        title="Beforehand"
        steps={recipe.beforehand}
        numbered={false}
        adds={['prepare', 'settle']}
      />
      <Group
        {...shared}
        title="Before the audience"
        steps={recipe.onStage}
        numbered
        adds={['perform']}
      />
      <Group
        {...shared}
        title="Afterwards"
        steps={recipe.afterwards}
        numbered={false}
        adds={['reset']}
      />
    </>
  );
}
