import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { type UseFormReturn, useFieldArray } from 'react-hook-form';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { DemoBody } from '../../contract/repertoire';
import { learnedFigures } from '../../core/after/learned';
import type { MethodRecord } from '../../core/after/review';
import type { Demo, Method } from '../../core/repertoire/types';
import { usualMark } from '../../core/brief/blank';
import { withoutMethod } from '../../core/repertoire/change';
import { methodFactsOf } from '../../core/lineup/recipe';
import { aloneVerdicts } from '../../core/ready/methodAlone';
import { formatDuration } from '../../core/time/clock';
import { HOUSEHOLD } from '../../core/units/household';
import { upperFirst } from '../../core/words';
import { copyDemo, copyName } from '../../core/repertoire/copy';
import { newId, send } from '../app/api';
import { useDemos, useItemNames, useRecords, useSettings } from '../app/data';
import { PositionMark } from '../parts/tape';
import { useAction } from '../parts/useAction';
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
import { MethodStrips } from './MethodStrips';
import { LibraryChanged, WhereFrom } from './OriginPart';
import { RecipeSteps } from './RecipeSteps';
import { ReadingsPart } from './ReadingsPart';
import { RecordPart } from './RecordPart';
import { TakeHome } from './TakeHome';

interface MethodProps {
  at: string;
  demo: Demo;
  method: Method;
  record: MethodRecord | undefined;
}

/** Seen beside the steps where there is room for it, else below. */
const stack = { display: 'grid', gap: 3, alignContent: 'start', minWidth: 0 } as const;

/** The recipe with how it has gone at the left; what to mind, and what it takes, in columns beside it. */
function OneMethod({ at, demo, method, record }: MethodProps) {
  const learned = useMemo(
    () => (record ? learnedFigures([{ ...demo, methods: [method] }], [record]) : []),
    [demo, method, record],
  );
  const { data: items = [] } = useItemNames();
  const sizes = useSettings().data?.household ?? HOUSEHOLD;
  const judged = useMemo(
    () => aloneVerdicts(demo, method, sizes, { records: record ? [record] : [] }),
    [demo, method, sizes, record],
  );
  const { show } = methodFactsOf(method);
  return (
    <Box
      sx={{
        display: 'grid',
        columnGap: { xs: 3, lg: 4 },
        rowGap: 3,
        gridTemplateColumns: {
          xs: 'minmax(0, 1fr)',
          md: 'minmax(0, 1fr) 300px',
          lg: 'minmax(0, 1fr) 290px 290px',
          xl: 'minmax(0, 1fr) 340px 340px',
        },
        alignItems: 'start',
      }}
    >
      <Box sx={{ minWidth: 0, gridRow: { md: '1 / span 2', lg: 'auto' } }}>
        <EditInPlace
          what={`the facts of ${method.name}`}
          names={['name', 'summary', 'goesAllowed', 'volunteers'].map((key) => `${at}.${key}`)}
          read={
            <Box component="h2" sx={{ font: '700 20px/28px Bricolage', m: 0 }}>
              {upperFirst(method.name)}, steps{' '}
              <Box component="span" sx={{ fontWeight: 800 }}>
                {formatDuration(show)}
              </Box>
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
        <RecipeSteps at={at} method={method} learned={learned} judged={judged} />
        {record && (
          <Box sx={{ mt: 4 }}>
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
          </Box>
        )}
      </Box>
      <Box sx={stack}>
        <HazardsPart at={at} method={method} />
        <CalculationsPart at={at} method={method} />
        <QuestionPart at={at} method={method} />
        <VolunteersPart at={at} method={method} />
        <NeedsPart at={at} method={method} />
        <CarePart at={at} method={method} />
      </Box>
      <Box sx={stack}>
        <KitPart at={at} method={method} items={items} />
        <ResiduesPart at={at} method={method} />
        <SettingsPart at={at} method={method} />
        <ResultsPart at={at} method={method} />
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
        title={demo.methods.length > 1 ? 'Methods, on one time axis' : 'Method'}
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
            <Button
              size="small"
              disabled={demo.methods.length < 2}
              onClick={() => {
                form.setValue('handOut', withoutMethod(demo, method.id).handOut);
                remove(at);
              }}
            >
              Remove this method
            </Button>
          </>
        }
      >
        <MethodStrips
          methods={demo.methods}
          records={records}
          chosen={method.id}
          onChoose={choose}
          mark={usualMark(demo.usualPosition)}
        />
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

/** Makes a copy under another name and opens it, once what was typed of the first is saved. */
function useCopyDemo(): (demo: Demo) => Promise<boolean> {
  const navigate = useNavigate();
  const act = useAction();
  const { data: all = [] } = useDemos();
  return (demo) =>
    act(async () => {
      const name = copyName(
        demo.name,
        all.map((one) => one.name),
      );
      const made = await send<Demo>('POST', '/demos', copyDemo(demo, newId(), name));
      await navigate(`/demos/${made.id}`);
    });
}

/** A demonstration as a page to read, every part of it edited where it stands. */
export default function DemoPage() {
  const { demoId = '' } = useParams();
  const editing = useDocument<Demo & DemoBody>('/demos', demoId);
  const { data: records = [] } = useRecords(demoId);
  const remove = useRemove();
  const copy = useCopyDemo();
  const demo = editing.value;
  if (!demo)
    return (
      <Page title="Demo">
        {editing.loadError ? <Trouble error={editing.loadError} /> : <Loading />}
      </Page>
    );
  const mark = usualMark(demo.usualPosition);
  return (
    <Page
      wide
      title={demo.name}
      below={
        <Box component="span" sx={{ display: 'inline-flex', gap: 0.75, flexWrap: 'wrap' }}>
          <span>
            <Link to="/demos">All demos</Link>
          </span>
          {demo.usualPosition && (
            <>
              {' · '}
              {mark && <PositionMark shape={mark} />}
              {demo.usualPosition}
            </>
          )}
          {' · '}
          <span>
            <WhereFrom demo={demo} />
          </span>
        </Box>
      }
      actions={
        <>
          <SaveBar editing={editing} />
          <Button component={Link} to={`/demos/${demoId}/words`}>
            Words
          </Button>
          <Button component={Link} to={`/demos/${demoId}/write`}>
            As text
          </Button>
          <Button onClick={() => void copy(demo)}>Copy</Button>
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
      <LibraryChanged demo={demo} onChange={(to) => editing.store.change(to)} />
      <AutoForm editing={editing} type={DemoBody}>
        {(form) => (
          <>
            <About demo={demo} fresh={demo.name === NEW_DEMO} />
            <Methods form={form} demo={demo} records={records} />
            <TakeHome demo={demo} />
          </>
        )}
      </AutoForm>
    </Page>
  );
}
