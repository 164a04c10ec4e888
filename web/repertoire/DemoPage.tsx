import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { type UseFormReturn, useFieldArray } from 'react-hook-form';
import { useParams, useSearchParams } from 'react-router';
import { DemoBody } from '../../contract/repertoire';
import { learnedFigures } from '../../core/after/learned';
import type { MethodRecord } from '../../core/after/review';
import type { Demo, Method } from '../../core/repertoire/types';
import { useItemNames, useRecords } from '../app/data';
import { useDocument } from '../documents/useDocument';
import { EditInPlace } from '../parts/EditInPlace';
import { EditingNotices, SaveBar, useRemove } from '../parts/editing';
import { AutoForm, Figure, Words, YesNoField } from '../parts/form';
import { Loading, Page, Section, Trouble } from '../parts/page';
import { KeptChance } from '../after/KeptChance';
import { About } from './About';
import { copyMethod, NEW_DEMO } from './fresh';
import { grid } from './grid';
import { CarePart, NeedsPart, VolunteersPart } from './CareParts';
import { KitPart } from './KitPart';
import { HazardsPart, SettingsPart } from './MethodParts';
import { QuestionPart } from './QuestionPart';
import { ResiduesPart } from './ResiduesPart';
import { ResultsPart } from './ResultsPart';
import { CalculationsPart } from './CalculationsPart';
import { MethodFactsRow, MethodTable } from './MethodTable';
import { RecipeSteps } from './RecipeSteps';
import { ReadingsPart } from './ReadingsPart';
import { RecordPart } from './RecordPart';

interface MethodProps {
  at: string;
  demo: Demo;
  method: Method;
  record: MethodRecord | undefined;
}

/** The recipe at the left, what it takes and what to mind at the right, how it has gone below. */
function OneMethod({ at, demo, method, record }: MethodProps) {
  const learned = useMemo(
    () => (record ? learnedFigures([{ ...demo, methods: [method] }], [record]) : []),
    [demo, method, record],
  );
  const { data: items = [] } = useItemNames();
  return (
    <Box
      sx={{
        display: 'grid',
        columnGap: 6,
        rowGap: 3,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 340px' },
        alignItems: 'start',
      }}
    >
      <Box>
        <EditInPlace
          what={`the facts of ${method.name}`}
          names={['name', 'summary', 'goesAllowed', 'volunteers'].map((key) => `${at}.${key}`)}
          read={
            <Box component="h2" sx={{ font: '700 22px/28px Bricolage', m: 0 }}>
              {method.name}
            </Box>
          }
          edit={
            <Box sx={grid(200)}>
              <Words name={`${at}.name`} label="Method" />
              <Words name={`${at}.summary`} label="In short" />
              <Figure name={`${at}.goesAllowed`} label="Goes allowed" />
              <Figure name={`${at}.volunteers`} label="Volunteers" />
              <YesNoField name={`${at}.oneShot`} label="Fresh set for every go" />
            </Box>
          }
        />
        <RecipeSteps at={at} method={method} learned={learned} />
      </Box>
      <Box sx={{ display: 'grid', gap: 3 }}>
        <HazardsPart at={at} method={method} />
        <CalculationsPart at={at} method={method} />
        <KitPart at={at} method={method} items={items} />
        <QuestionPart at={at} method={method} />
        <VolunteersPart at={at} method={method} />
        <NeedsPart at={at} method={method} />
        <CarePart at={at} method={method} />
        <ResiduesPart at={at} method={method} />
        <SettingsPart at={at} method={method} />
        <ResultsPart at={at} method={method} />
      </Box>
      <Box sx={{ gridColumn: '1 / -1' }}>
        {record && (
          <>
            <RecordPart at={at} record={record} />
            <Box sx={{ mb: 2 }}>
              <KeptChance
                demoId={record.demoId}
                method={method}
                record={record}
                name={method.name}
              />
            </Box>
            <ReadingsPart results={method.results} record={record} />
          </>
        )}
      </Box>
    </Box>
  );
}

interface MethodsProps {
  form: UseFormReturn<DemoBody>;
  demo: Demo;
  records: readonly MethodRecord[];
}

function Methods({ form, demo, records }: MethodsProps) {
  const { append, remove } = useFieldArray({
    control: form.control,
    name: 'methods',
    keyName: 'key',
  });
  const [search, setSearch] = useSearchParams();
  const asked = demo.methods.findIndex((method) => method.id === search.get('method'));
  const at = Math.max(0, asked);
  const method = demo.methods[at];
  const choose = (id: string): void => setSearch({ method: id }, { replace: true });
  if (!method) return null;
  return (
    <>
      <Section
        title={demo.methods.length > 1 ? 'Methods side by side' : 'Method'}
        actions={
          <>
            <Button
              size="small"
              onClick={() => {
                const copy = copyMethod(method);
                append(copy);
                choose(copy.id);
              }}
            >
              Copy this method
            </Button>
            <Button size="small" disabled={demo.methods.length < 2} onClick={() => remove(at)}>
              Remove this method
            </Button>
          </>
        }
      >
        {demo.methods.length > 1 ? (
          <MethodTable
            methods={demo.methods}
            records={records}
            chosen={method.id}
            onChoose={choose}
          />
        ) : (
          <MethodFactsRow method={method} records={records} />
        )}
      </Section>
      <Box sx={{ mt: 4 }}>
        <OneMethod
          key={method.id}
          demo={demo}
          at={`methods.${at}`}
          method={method}
          record={records.find((record) => record.methodId === method.id)}
        />
      </Box>
    </>
  );
}

/** A demonstration as a page to read, every part of it edited where it stands. */
export default function DemoPage() {
  const { demoId = '' } = useParams();
  const editing = useDocument<Demo & DemoBody>('/demos', demoId);
  const { data: records = [] } = useRecords(demoId);
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
          <Button
            onClick={() =>
              void remove({
                path: `/demos/${demoId}`,
                name: demo.name,
                version: () => editing.store.versionNow(),
                then: '/demos',
              })
            }
          >
            Remove
          </Button>
        </>
      }
    >
      <EditingNotices editing={editing} noun="demo" />
      <AutoForm editing={editing} type={DemoBody}>
        {(form) => (
          <>
            <About demo={demo} fresh={demo.name === NEW_DEMO} />
            <Methods form={form} demo={demo} records={records} />
          </>
        )}
      </AutoForm>
    </Page>
  );
}
