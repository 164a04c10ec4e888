import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { useFieldArray, useFormContext } from 'react-hook-form';
import { ShowBody } from '../../contract/brief';
import { type Circuit, MARK_SHAPES, type Show } from '../../core/brief/types';
import { newId } from '../app/api';
import { useRemove } from '../parts/editing';
import { AutoForm, Choice, Words, YesNoField } from '../parts/form';
import { FactLines } from '../parts/FactLines';
import { FigureGap, OneGap, WordsGap } from '../parts/formGaps';
import { Section } from '../parts/page';
import { PositionMark } from '../parts/tape';
import { JOURNEY_BY, MARK, options } from '../parts/words';
import { StagePlan } from '../ready/StagePlan';
import { Rows } from '../repertoire/Rows';
import { CopyLink } from './page/CopyLink';
import { CrewPart } from './page/CrewPart';
import { DayLine } from './page/DayLine';
import { HostPart } from './page/HostPart';
import { Sentence } from './page/Sentence';
import { useOpenShow, useShowEditing } from './useShow';

const columns = (min: number) => ({
  display: 'grid',
  gap: 2,
  gridTemplateColumns: `repeat(auto-fit, minmax(${min}px, 1fr))`,
});

const MARKS = options(MARK).map((option) => ({
  ...option,
  icon: <PositionMark shape={option.value} size={18} />,
}));

function Positions({ circuits }: { circuits: readonly Circuit[] }) {
  const { fields, append, remove } = useFieldArray({ name: 'positions', keyName: 'key' });
  const { getValues, setValue } = useFormContext<Show>();
  /** Slots that were done there lose their position, and the line-up says so. */
  const takeAway = (i: number): void => {
    const gone = getValues(`positions.${i}.id`);
    setValue(
      'slots',
      getValues('slots').map((slot) =>
        slot.positionId === gone ? { ...slot, positionId: null } : slot,
      ),
    );
    remove(i);
  };
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      {fields.map((field, i) => (
        <Box key={field.key} sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
          <Box sx={{ ...columns(150), flex: 1 }}>
            <Words name={`positions.${i}.name`} label="Position" />
            <Choice name={`positions.${i}.mark`} label="Mark" options={MARKS} />
            {circuits[0] && circuits.length > 1 && (
              <Choice
                name={`positions.${i}.circuitId`}
                label="Circuit"
                none={`${circuits[0].name}, as the first`}
                options={circuits.map(({ id, name, watts }) => ({
                  value: id,
                  label: `${name}, ${watts} W`,
                }))}
              />
            )}
          </Box>
          <IconButton aria-label={`Remove position ${i + 1}`} onClick={() => takeAway(i)}>
            <DeleteIcon />
          </IconButton>
        </Box>
      ))}
      <Button
        startIcon={<AddIcon />}
        sx={{ justifySelf: 'start' }}
        disabled={fields.length >= 8}
        onClick={() =>
          append({
            id: newId(),
            name: 'New position',
            mark: MARK_SHAPES[fields.length % MARK_SHAPES.length],
            at: null,
            circuitId: null,
          })
        }
      >
        Add a position
      </Button>
    </Box>
  );
}

/** One of the ways there, as a sentence. */
const JourneySentence = ({ at }: { at: string }) => (
  <Box
    sx={{
      gridColumn: '1 / -1',
      font: { xs: '400 17px/48px Bricolage', md: '400 17px/38px Bricolage' },
    }}
  >
    <WordsGap name={`${at}.name`} label="Journey" least={6} />,{' '}
    <OneGap name={`${at}.by`} label="How" options={options(JOURNEY_BY)} />, takes{' '}
    <FigureGap name={`${at}.minutes`} label="Takes (min)" optional /> min with{' '}
    <FigureGap name={`${at}.people`} label="People in it" /> in it; the air about it,{' '}
    <FigureGap name={`${at}.volumeM3`} label="Air about it (m³)" optional /> m³, is changed{' '}
    <FigureGap name={`${at}.airChanges`} label="Air changes an hour" optional /> times an hour. It
    may carry{' '}
    <FigureGap name={`${at}.mostKg`} label="May carry (kg)" unsaid="any weight" optional /> kg.
  </Box>
);

/** What is agreed, with whom; and the page as it is sent. */
function Agreed() {
  const { show } = useOpenShow();
  return (
    <Box
      component="section"
      aria-label="Agreement"
      sx={{ borderLeft: { md: '1px solid var(--line)' }, pl: { md: 3 }, minWidth: 0 }}
    >
      <YesNoField name="agreed" label="Agreed" />
      <Box sx={{ fontSize: 16, lineHeight: { xs: '50px', md: '36px' } }}>
        with <WordsGap name="agreedWith" label="Agreed with" unsaid="who, and how" least={12} />
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        <Button variant="outlined" component="a" href={`/api/shows/${show.id}/brief.pdf`} download>
          To send (PDF)
        </Button>
        <CopyLink />
      </Box>
    </Box>
  );
}

export default function BriefPage() {
  const { show, bundle } = useOpenShow();
  const editing = useShowEditing();
  const remove = useRemove();
  return (
    <Box sx={{ maxWidth: 1500 }}>
      <AutoForm editing={editing} type={ShowBody}>
        <Box
          sx={{
            display: 'grid',
            columnGap: 3,
            rowGap: 2,
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 260px' },
            mb: 3,
          }}
        >
          <Sentence />
          <Agreed />
        </Box>
        <DayLine />
        <Box
          sx={{
            display: 'grid',
            columnGap: 4,
            rowGap: 3,
            mt: 3,
            pt: 2,
            borderTop: '1px solid var(--line)',
            alignItems: 'start',
            gridTemplateColumns: {
              xs: 'minmax(0, 1fr)',
              md: 'repeat(2, minmax(0, 1fr))',
              lg: '330px minmax(0, 1fr) 360px',
            },
          }}
        >
          <CrewPart />
          <Box sx={{ minWidth: 0 }}>
            <StagePlan />
            <Box component="details" sx={{ mt: 1 }}>
              <Box
                component="summary"
                sx={{ py: 1, cursor: 'pointer', font: '600 16px Bricolage' }}
              >
                Marks on the stage
              </Box>
              <Positions circuits={bundle.venue?.circuits ?? []} />
            </Box>
          </Box>
          <HostPart />
        </Box>
        <Section title="Notes">
          <FactLines>
            <Box
              className="over"
              sx={{
                display: 'grid',
                gap: 3,
                alignItems: 'start',
                gridTemplateColumns: { md: '2fr 1fr 1fr' },
              }}
            >
              <Words name="note" label="Careful" multiline />
              <Words name="tour" label="Tour" help="Name of the tour it is part of" />
              <Words name="zone" label="Time zone" />
            </Box>
          </FactLines>
        </Section>
        <Section title="The way there">
          <Rows
            name="journeys"
            add="Add a journey"
            fresh={() => ({
              id: newId(),
              name: 'The van',
              by: 'vehicle',
              volumeM3: null,
              airChanges: null,
              minutes: null,
              people: 1,
              mostKg: null,
            })}
            row={(at) => <JourneySentence at={at} />}
          />
        </Section>
      </AutoForm>
      <Section title="This show as a file">
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button variant="outlined" href={`/api/shows/${show.id}/file`} download>
            Save as a show file
          </Button>
          <Button
            onClick={() =>
              void remove({
                path: `/shows/${show.id}`,
                name: show.title,
                version: () => editing.store.versionNow(),
                then: '/shows',
              })
            }
          >
            Remove this show
          </Button>
        </Box>
      </Section>
    </Box>
  );
}
