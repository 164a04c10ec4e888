import AddIcon from '@mui/icons-material/Add';
import ArrowDown from '@mui/icons-material/ArrowDownward';
import ArrowUp from '@mui/icons-material/ArrowUpward';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { useFieldArray, useFormContext } from 'react-hook-form';
import type { LearnedFigure } from '../../core/after/learned';
import type { AloneVerdict } from '../../core/ready/methodAlone';
import { withoutTask } from '../../core/repertoire/change';
import { type RecipeStep, recipeOf } from '../../core/lineup/recipe';
import type { Method, Phase, Task } from '../../core/repertoire/types';
import { EditInPlace } from '../parts/EditInPlace';
import { useAskedFor } from '../parts/useAskedFor';
import { freshTask } from './fresh';
import { Step } from './Step';
import { StepVerdict } from './StepVerdict';
import { TaskFields } from './TaskFields';

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
  judged: readonly AloneVerdict[];
}

function Group({ title, at, steps, numbered, tasks, adds, learned, judged }: GroupProps) {
  const { append, swap } = useFieldArray({ name: `${at}.tasks`, keyName: 'key' });
  const { getValues, setValue } = useFormContext();
  const takeAway = (id: string): void => {
    const { tasks: left, volunteerCard } = withoutTask(getValues(at) as Method, id);
    setValue(`${at}.tasks`, left);
    setValue(`${at}.volunteerCard.fetchedIn`, volunteerCard.fetchedIn);
  };
  return (
    <Box
      component="section"
      aria-label={title}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '76px minmax(0, 1fr)' },
        columnGap: 1.5,
        mt: { xs: 2, sm: 0 },
      }}
    >
      <Box
        component="h3"
        sx={{
          m: 0,
          pt: 1,
          font: '500 14px/18px Bricolage',
          color: 'var(--muted)',
          borderTop: { sm: '1px solid var(--line)' },
        }}
      >
        {title}
      </Box>
      <div>
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
                {judged
                  .filter(({ taskId }) => taskId === task.id)
                  .map((one) => (
                    <StepVerdict key={one.verdict.key} judged={one} />
                  ))}
              </Box>
            );
          })}
        </Box>
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
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
      </div>
    </Box>
  );
}

/** The tasks of a method as a recipe, each edited where it stands. */
export function RecipeSteps({
  at,
  method,
  learned,
  judged,
}: {
  at: string;
  method: Method;
  /** What the record says of its times. */
  learned: readonly LearnedFigure[];
  /** What its calculators say, each after its step. */
  judged: readonly AloneVerdict[];
}) {
  const recipe = recipeOf(method);
  const { place } = useAskedFor('edit', 'steps');
  const shared = { at, tasks: method.tasks, learned, judged };
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
      <Group {...shared} title="Audience sees" steps={recipe.onStage} numbered adds={['perform']} />
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
