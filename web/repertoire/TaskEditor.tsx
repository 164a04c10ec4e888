import AddIcon from '@mui/icons-material/Add';
import ArrowDown from '@mui/icons-material/ArrowDownward';
import ArrowUp from '@mui/icons-material/ArrowUpward';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import ExpandMore from '@mui/icons-material/ExpandMore';
import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { PHASES, type Task } from '../../core/repertoire/types';
import { formatDuration } from '../../core/time/clock';
import { Choice, Figure, Many, Words, YesNoField } from '../parts/form';
import { COMPETENCE, options, PHASE, ROLE } from '../parts/words';
import { freshTask } from './fresh';

const grid = (min: number) => ({
  display: 'grid',
  gap: 1.5,
  gridTemplateColumns: `repeat(auto-fit, minmax(${min}px, 1fr))`,
});

function Hands({ at }: { at: string }) {
  const { fields, append, remove } = useFieldArray({ name: `${at}.hands`, keyName: 'key' });
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      {fields.map((field, i) => (
        <Box key={field.key} sx={{ display: 'flex', gap: 1 }}>
          <Choice name={`${at}.hands.${i}.role`} label="Hands" options={options(ROLE)} />
          <Figure name={`${at}.hands.${i}.count`} label="How many" />
          <Choice
            name={`${at}.hands.${i}.competence`}
            label="Who may"
            none="anybody"
            options={options(COMPETENCE)}
          />
          <IconButton aria-label="Remove these hands" onClick={() => remove(i)}>
            <DeleteIcon />
          </IconButton>
        </Box>
      ))}
      <Button
        size="small"
        startIcon={<AddIcon />}
        sx={{ justifySelf: 'start' }}
        onClick={() => append({ role: 'anyone', count: 1, competence: null })}
      >
        Add hands
      </Button>
    </Box>
  );
}

function Afters({ at, others }: { at: string; others: Task[] }) {
  const { fields, append, remove } = useFieldArray({ name: `${at}.after`, keyName: 'key' });
  const [first] = others;
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      {fields.map((field, i) => (
        <Box key={field.key} sx={{ display: 'flex', gap: 1 }}>
          <Choice
            name={`${at}.after.${i}.task`}
            label="Comes after"
            options={others.map((t) => ({ value: t.id, label: t.name }))}
          />
          <Figure name={`${at}.after.${i}.least`} label="At least" unit="s" />
          <Figure name={`${at}.after.${i}.greatest`} label="At most" unit="s" optional />
          <IconButton aria-label="Remove this order" onClick={() => remove(i)}>
            <DeleteIcon />
          </IconButton>
        </Box>
      ))}
      {first && (
        <Button
          size="small"
          startIcon={<AddIcon />}
          sx={{ justifySelf: 'start' }}
          onClick={() => append({ task: first.id, least: 0, greatest: null })}
        >
          Comes after …
        </Button>
      )}
    </Box>
  );
}

function SignFields({ at }: { at: string }) {
  const { setValue } = useFormContext();
  const sign = useWatch({ name: `${at}.sign` }) as Task['sign'];
  if (!sign)
    return (
      <Button
        size="small"
        startIcon={<AddIcon />}
        sx={{ justifySelf: 'start' }}
        onClick={() =>
          setValue(
            `${at}.sign`,
            { watchFor: 'first sign', waitLeast: 10, waitMost: 30 },
            { shouldValidate: true },
          )
        }
      >
        Time it from a sign
      </Button>
    );
  return (
    <Box sx={{ display: 'flex', gap: 1 }}>
      <Words name={`${at}.sign.watchFor`} label="Watch for" />
      <Figure name={`${at}.sign.waitLeast`} label="Act from" unit="s" />
      <Figure name={`${at}.sign.waitMost`} label="until" unit="s" />
      <IconButton
        aria-label="Remove the sign"
        onClick={() => setValue(`${at}.sign`, null, { shouldValidate: true })}
      >
        <DeleteIcon />
      </IconButton>
    </Box>
  );
}

function TaskFields({ at, task, others }: { at: string; task: Task; others: Task[] }) {
  const perform = task.phase === 'perform';
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box sx={grid(160)}>
        <Words name={`${at}.name`} label="Task" />
        <Choice name={`${at}.phase`} label="Kind" options={options(PHASE)} />
        <Choice
          name={`${at}.place`}
          label="Where"
          options={[
            { value: 'stage', label: 'at its position' },
            { value: 'wings', label: 'in the wings' },
          ]}
        />
      </Box>
      <Box sx={grid(120)}>
        <Figure name={`${at}.time.shortest`} label="Shortest" unit="s" />
        <Figure name={`${at}.time.likely`} label="Likely" unit="s" />
        <Figure name={`${at}.time.longest`} label="Longest" unit="s" />
        {perform && <YesNoField name={`${at}.eachGo`} label="At every go" />}
      </Box>
      {task.phase !== 'settle' && <Hands at={at} />}
      <Afters at={at} others={others} />
      {perform && (
        <>
          <Words name={`${at}.do`} label="Do" />
          <Words name={`${at}.say`} label="Say" multiline />
          <Words name={`${at}.cue`} label="To the room" />
          <SignFields at={at} />
        </>
      )}
      <Box sx={grid(200)}>
        <Many name={`${at}.gearOn`} label="Gear on" />
        <Many name={`${at}.gearOff`} label="Gear off" />
        <Words name={`${at}.mind`} label="Mind this" />
      </Box>
    </Box>
  );
}

/** The tasks of a method as a recipe: in their kinds, each with its time; open one to change it. */
export function TaskList({ at }: { at: string }) {
  const { fields, append, remove, move } = useFieldArray({ name: `${at}.tasks`, keyName: 'key' });
  const tasks = (useWatch({ name: `${at}.tasks` }) as Task[] | undefined) ?? [];
  return (
    <Box>
      {fields.map((field, i) => {
        const task = tasks[i];
        if (!task) return null;
        const likely = Number(task.time?.likely);
        return (
          <Accordion
            key={field.key}
            disableGutters
            slotProps={{ transition: { unmountOnExit: true } }}
            sx={{ mb: 0.5, '&::before': { display: 'none' } }}
          >
            <AccordionSummary expandIcon={<ExpandMore />}>
              <Box
                sx={{
                  display: 'flex',
                  gap: 2,
                  width: '100%',
                  alignItems: 'baseline',
                  flexWrap: 'wrap',
                }}
              >
                <Box component="span" sx={{ width: 120, color: 'var(--muted)', fontSize: 13 }}>
                  {PHASE[task.phase]}
                </Box>
                <Box component="b" sx={{ flex: '1 1 180px' }}>
                  {task.name}
                </Box>
                <Box component="span" sx={{ color: 'var(--muted)', fontSize: 13 }}>
                  {task.hands
                    .map((h) => `${h.count > 1 ? `${h.count} × ` : ''}${ROLE[h.role]}`)
                    .join(', ')}
                  {task.place === 'wings' ? ' · wings' : ''}
                </Box>
                <Box component="b" sx={{ font: '600 16px Bricolage' }}>
                  {Number.isFinite(likely) ? formatDuration(likely) : '?'}
                </Box>
              </Box>
            </AccordionSummary>
            <AccordionDetails>
              <TaskFields
                at={`${at}.tasks.${i}`}
                task={task}
                others={tasks.filter((other) => other.id !== task.id)}
              />
              <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
                <IconButton
                  aria-label={`Move ${task.name} earlier`}
                  disabled={i === 0}
                  onClick={() => move(i, i - 1)}
                >
                  <ArrowUp fontSize="small" />
                </IconButton>
                <IconButton
                  aria-label={`Move ${task.name} later`}
                  disabled={i === fields.length - 1}
                  onClick={() => move(i, i + 1)}
                >
                  <ArrowDown fontSize="small" />
                </IconButton>
                <Button size="small" onClick={() => remove(i)}>
                  Remove this task
                </Button>
              </Box>
            </AccordionDetails>
          </Accordion>
        );
      })}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
        {PHASES.map((phase) => (
          <Button
            key={phase}
            size="small"
            startIcon={<AddIcon />}
            onClick={() => append(freshTask(phase))}
          >
            {PHASE[phase]}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
