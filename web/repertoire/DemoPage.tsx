import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { type UseFormReturn, useFieldArray } from 'react-hook-form';
import { useParams } from 'react-router';
import { DemoBody } from '../../contract/repertoire';
import { type MethodRecord, recordWords } from '../../core/after/review';
import type { Demo, Method } from '../../core/repertoire/types';
import { KIT_UNITS, UNIT_IDS, UNITS } from '../../core/units/units';
import { newId } from '../app/api';
import { useItems, useRecords } from '../app/data';
import { dayWords } from '../brief/dates';
import dayjs from 'dayjs';
import { useDocument } from '../documents/useDocument';
import { EditingNotices, SaveBar, useRemove } from '../parts/editing';
import { AutoForm, Choice, Figure, Many, Words, YesNoField } from '../parts/form';
import { Loading, Page, Section, Trouble } from '../parts/page';
import { BASIS, HAZARD, options, OUTCOME, TALK } from '../parts/words';
import { copyMethod, freshLine } from './fresh';
import { TaskList } from './TaskEditor';

const grid = (min: number) => ({
  display: 'grid',
  gap: 1.5,
  gridTemplateColumns: `repeat(auto-fit, minmax(${min}px, 1fr))`,
});
const unitOptions = (ids: readonly (keyof typeof UNITS)[]) =>
  ids.map((id) => ({ value: id, label: UNITS[id].label }));

interface RowsProps {
  name: string;
  add: string;
  fresh: () => object;
  row: (at: string) => React.ReactNode;
}

/** A short list of like rows, each removable, with one to add. */
function Rows({ name, add, fresh, row }: RowsProps) {
  const { fields, append, remove } = useFieldArray({ name, keyName: 'key' });
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      {fields.map((field, i) => (
        <Box key={field.key} sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
          <Box sx={{ ...grid(130), flex: 1 }}>{row(`${name}.${i}`)}</Box>
          <IconButton aria-label={`Remove row ${i + 1}`} onClick={() => remove(i)}>
            <DeleteIcon />
          </IconButton>
        </Box>
      ))}
      <Button
        size="small"
        startIcon={<AddIcon />}
        sx={{ justifySelf: 'start' }}
        onClick={() => append(fresh())}
      >
        {add}
      </Button>
    </Box>
  );
}

/** Every go there has been, oldest first: a filled square worked, a half partly, a hollow one didn't. */
function RecordRow({ record }: { record: MethodRecord }) {
  return (
    <Box>
      <Typography>
        <b>{recordWords(record)}</b>
        {record.causes.length > 0 &&
          `. Mostly because: ${record.causes.map((c) => `${c.cause.toLowerCase()} (${c.count})`).join(', ')}`}
      </Typography>
      <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap', mt: 0.5 }}>
        {record.history.map((go, i) => (
          <Box
            key={i}
            component="span"
            sx={{ fontSize: 13, border: '1px solid var(--line-strong)', borderRadius: 1, px: 1 }}
          >
            {go.outcome === 'worked' ? '■' : go.outcome === 'partly' ? '◧' : '□'}{' '}
            {OUTCOME[go.outcome]}, {dayWords(dayjs(go.at).format('YYYY-MM-DD'))}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function MethodFields({ at, record }: { at: string; record: MethodRecord | undefined }) {
  const { data: items = [] } = useItems();
  const itemOptions = items.map((item) => ({ value: item.id, label: item.name }));
  return (
    <>
      <Box sx={{ ...grid(200), mt: 2 }}>
        <Words name={`${at}.name`} label="Method" />
        <Words name={`${at}.summary`} label="In short" />
        <Figure name={`${at}.goesAllowed`} label="Goes allowed" />
        <Figure name={`${at}.volunteers`} label="Volunteers" />
        <Words name={`${at}.warning`} label="Warning said before" />
        <YesNoField name={`${at}.oneShot`} label="One shot" />
      </Box>
      <Section title="Steps">
        <TaskList at={at} />
      </Section>
      <Section title="Kit">
        <Rows
          name={`${at}.kit`}
          add="Add a kit line"
          fresh={() => freshLine(items[0]?.id ?? 'none')}
          row={(line) => (
            <>
              <Choice name={`${line}.itemId`} label="Item" options={itemOptions} />
              <Figure name={`${line}.amount`} label="Amount" />
              <Choice name={`${line}.unit`} label="Unit" options={unitOptions(KIT_UNITS)} />
              <Choice name={`${line}.basis`} label="Counted" options={options(BASIS)} />
              <Words name={`${line}.note`} label="Note" />
            </>
          )}
        />
      </Section>
      <Section title="Settings">
        <Rows
          name={`${at}.settings`}
          add="Add a setting"
          fresh={() => ({ id: newId(), name: 'Setting', value: 0, unit: 'mL' })}
          row={(line) => (
            <>
              <Words name={`${line}.name`} label="Setting" />
              <Figure name={`${line}.value`} label="Value" />
              <Choice name={`${line}.unit`} label="Unit" options={unitOptions(UNIT_IDS)} />
            </>
          )}
        />
      </Section>
      <Section title="What could hurt">
        <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}>
          Local rules, the venue and the supplier’s safety data sheet come first.
        </Typography>
        <Rows
          name={`${at}.hazards`}
          add="Add a hazard"
          fresh={() => ({ kind: 'hot', control: '' })}
          row={(line) => (
            <>
              <Choice name={`${line}.kind`} label="Hazard" options={options(HAZARD)} />
              <Words name={`${line}.control`} label="Kept in hand by" />
            </>
          )}
        />
      </Section>
      <Section title="Record">
        {record && <RecordRow record={record} />}
        <Box sx={{ ...grid(200), mt: 2, maxWidth: 460 }}>
          <Figure name={`${at}.priorWorked`} label="Worked before we counted" />
          <Figure name={`${at}.priorFailed`} label="Failed before we counted" />
        </Box>
      </Section>
    </>
  );
}

function Methods({ form, records }: { form: UseFormReturn<DemoBody>; records: MethodRecord[] }) {
  const { fields, append, remove } = useFieldArray({
    control: form.control,
    name: 'methods',
    keyName: 'key',
  });
  const [tab, setTab] = useState(0);
  const at = Math.min(tab, fields.length - 1);
  const now = form.watch('methods') as Method[];
  const method = now[at];
  return (
    <Section
      title="Methods"
      actions={
        <>
          <Button
            size="small"
            onClick={() => {
              if (!method) return;
              append(copyMethod(method));
              setTab(fields.length);
            }}
          >
            Copy this method
          </Button>
          <Button size="small" disabled={fields.length < 2} onClick={() => remove(at)}>
            Remove this method
          </Button>
        </>
      }
    >
      <Tabs value={at} onChange={(_event, value: number) => setTab(value)} variant="scrollable">
        {fields.map((field, i) => (
          <Tab key={field.key} label={now[i]?.name ?? ''} sx={{ textTransform: 'none' }} />
        ))}
      </Tabs>
      {method && (
        <MethodFields
          key={method.id}
          at={`methods.${at}`}
          record={records.find((record) => record.methodId === method.id)}
        />
      )}
    </Section>
  );
}

export default function DemoPage() {
  const { demoId = '' } = useParams();
  const editing = useDocument<Demo & DemoBody>('/demos', demoId);
  const { data: records = [] } = useRecords();
  const remove = useRemove();
  const demo = editing.value;
  if (!demo)
    return (
      <Page title="Demo">
        {editing.loadError ? <Trouble error={editing.loadError} /> : <Loading />}
      </Page>
    );
  return (
    <Page
      title={demo.name}
      below={demo.hook}
      actions={
        <>
          <SaveBar editing={editing} />
          <Button onClick={() => void remove(`/demos/${demoId}`, demo.name, '/demos')}>
            Remove
          </Button>
        </>
      }
    >
      <EditingNotices editing={editing} noun="demo" />
      <AutoForm editing={editing} type={DemoBody}>
        {(form) => (
          <>
            <Box sx={grid(220)}>
              <Words name="name" label="Name" />
              <Words name="hook" label="Hook" />
              <Choice name="talkPattern" label="Talk" options={options(TALK)} />
              <Words name="usualPosition" label="Usual position" />
              <Figure name="lift" label="Lift, 1 quiet to 5 roof-raiser" />
              <Figure name="ageFrom" label="Ages from" />
              <Figure name="ageTo" label="Ages to" />
              <Many name="keywords" label="Key words" help="Type a word and press Enter" />
            </Box>
            <Box sx={{ ...grid(300), mt: 1.5 }}>
              <Words name="idea" label="The idea it shows" multiline />
              <Words name="volunteerCard" label="Volunteer card" multiline />
              <Words name="pinnedNote" label="Pinned for next time" multiline />
            </Box>
            <Methods form={form} records={records.filter((r) => r.demoId === demoId)} />
          </>
        )}
      </AutoForm>
    </Page>
  );
}
