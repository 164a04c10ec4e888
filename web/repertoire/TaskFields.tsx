import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import type { Task } from '../../core/repertoire/types';
import { familyOf } from '../../core/told/guess';
import { Choice, Figure, Many, Words, YesNoField } from '../parts/form';
import { PictureField } from '../pictures/PictureEdit';
import { TimeField, TimeSpread } from '../parts/TimeFields';
import { COMPETENCE, HAZARD, options, PHASE, ROLE } from '../parts/words';
import { CueFields } from './CueFields';
import { grid } from './grid';

function Hands({ at }: { at: string }) {
  const { fields, append, remove } = useFieldArray({ name: `${at}.hands`, keyName: 'key' });
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      {fields.map((field, i) => (
        <Box key={field.key} sx={{ display: 'flex', gap: 1 }}>
          <Choice name={`${at}.hands.${i}.role`} label="People" options={options(ROLE)} />
          <Figure name={`${at}.hands.${i}.count`} label="How many" />
          <Choice
            name={`${at}.hands.${i}.competence`}
            label="Trained in"
            none="anybody"
            options={options(COMPETENCE)}
          />
          <IconButton aria-label="Remove these people" onClick={() => remove(i)}>
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
          <TimeField name={`${at}.after.${i}.least`} label="At least" />
          <TimeField name={`${at}.after.${i}.greatest`} label="At most" optional />
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
      <TimeField name={`${at}.sign.waitLeast`} label="Act from" />
      <TimeField name={`${at}.sign.waitMost`} label="until" />
      <IconButton
        aria-label="Remove the sign"
        onClick={() => setValue(`${at}.sign`, null, { shouldValidate: true })}
      >
        <DeleteIcon />
      </IconButton>
    </Box>
  );
}

/** Every field of a task; what is said and shown only where there is an audience. */
export function TaskFields({ at, task, others }: { at: string; task: Task; others: Task[] }) {
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
        <TimeSpread
          at={`${at}.time`}
          family={familyOf(task.name, task.phase, task.say !== '' && task.do === '')}
        />
        {perform && <YesNoField name={`${at}.eachGo`} label="At every go" />}
        {task.phase === 'reset' && <YesNoField name={`${at}.eachGo`} label="Between goes too" />}
      </Box>
      {task.phase !== 'settle' && <Hands at={at} />}
      <Afters at={at} others={others} />
      {perform && (
        <>
          <Words name={`${at}.do`} label="Do" />
          <Words
            name={`${at}.say`}
            label="Say"
            help="“Helper:” begins what somebody else says"
            multiline
          />
          <Words name={`${at}.cue`} label="Cue to audience" />
          <SignFields at={at} />
          <CueFields at={at} />
        </>
      )}
      <PictureField name={`${at}.picture`} of={task.name} />
      <Box sx={grid(200)}>
        <Many name={`${at}.gearOn`} label="Gear on" />
        <Many name={`${at}.gearOff`} label="Gear off" />
        <Words name={`${at}.careful`} label="Careful" />
        <Many
          name={`${at}.hazards`}
          label="Hazards in this step"
          help="None: those of the method count in every step"
          options={options(HAZARD)}
        />
      </Box>
    </Box>
  );
}
