import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { useFieldArray, useFormContext } from 'react-hook-form';
import { ShowBody } from '../../contract/brief';
import { type Circuit, MARK_SHAPES, type Show } from '../../core/brief/types';
import { newId } from '../app/api';
import { usePeople, useVenues } from '../app/data';
import { useRemove } from '../parts/editing';
import { MAKE } from '../parts/make';
import { AutoForm, Choice, Figure, Find, Many, Words, YesNoField } from '../parts/form';
import { Section } from '../parts/page';
import { PositionMark } from '../parts/tape';
import { JOURNEY_BY, KNOWN, MARK, options } from '../parts/words';
import { Rows } from '../repertoire/Rows';
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

export default function BriefPage() {
  const { show, bundle } = useOpenShow();
  const editing = useShowEditing();
  const { data: venues = [] } = useVenues();
  const { data: people = [] } = usePeople();
  const remove = useRemove();
  return (
    <Box sx={{ maxWidth: 900 }}>
      <AutoForm editing={editing} type={ShowBody}>
        <Section title="The booking" actions={<YesNoField name="agreed" label="Agreed" />}>
          <Box sx={columns(220)}>
            <Words name="title" label="Title" />
            <Words name="tour" label="Tour" help="Name of the tour it is part of" />
            <Words name="date" label="Date" type="date" />
            <Words name="zone" label="Time zone" />
          </Box>
        </Section>
        <Section title="The slot">
          <Box sx={columns(130)}>
            <Words name="arrival" label="Arrival" />
            <Words name="doors" label="Doors" />
            <Words name="start" label="Start" />
            <Words name="hardFinish" label="Hard finish" />
          </Box>
        </Section>
        <Section title="Place and people">
          <Box sx={columns(220)}>
            <Find
              name="venueId"
              label="Venue"
              none="No venue yet"
              help="Type its name; a new one is made by it"
              make={MAKE.venue}
              options={venues.map((venue) => ({ value: venue.id, label: venue.name }))}
            />
            <Figure name="audience" label="Audience" />
            <Words name="audienceNote" label="Who they are" />
            <Figure
              name="youngest"
              label="Youngest"
              unit="years"
              help="Limits for sound and light follow it"
              optional
            />
            <Many
              name="crew"
              label="Crew"
              make={MAKE.person}
              options={people.map((person) => ({ value: person.id, label: person.name }))}
            />
          </Box>
        </Section>
        <Section title="Needs of the audience">
          <Box sx={columns(220)}>
            <Choice
              name="audienceNeeds.hearing"
              label="Somebody hears with difficulty"
              help="Hearing aids, a loop, an interpreter"
              options={options(KNOWN)}
            />
            <Choice
              name="audienceNeeds.sight"
              label="Somebody sees with difficulty"
              options={options(KNOWN)}
            />
            <Choice
              name="audienceNeeds.movement"
              label="Somebody moves with difficulty"
              help="Wheelchairs, places by the exit"
              options={options(KNOWN)}
            />
          </Box>
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
            })}
            row={(at) => (
              <>
                <Words name={`${at}.name`} label="Journey" />
                <Choice name={`${at}.by`} label="How" options={options(JOURNEY_BY)} />
                <Figure name={`${at}.volumeM3`} label="Air about it" unit="m³" optional />
                <Figure name={`${at}.airChanges`} label="Air changes an hour" optional />
                <Figure name={`${at}.minutes`} label="Takes" unit="min" optional />
                <Figure name={`${at}.people`} label="People in it" />
              </>
            )}
          />
        </Section>
        <Section title="Stage positions">
          <Positions circuits={bundle.venue?.circuits ?? []} />
        </Section>
        <Section title="Notes">
          <Words name="note" label="Careful" multiline />
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
