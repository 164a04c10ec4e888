/** What is asked: what is changed, what is held, what is read, and how it is gone through. */
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { type ReactNode, useState } from 'react';
import { TrialBody } from '../../contract/trials';
import type { Expectation, GoOrder, VariableKind } from '../../core/trials/series';
import { KIT_UNITS, UNITS } from '../../core/units/units';
import { newId } from '../app/api';
import { useDemos, useItemNames, usePeople } from '../app/data';
import { EditInPlace } from '../parts/EditInPlace';
import { MeasureFields } from '../parts/MeasureFields';
import { AutoForm, Choice, Figure, Find, Words, YesNoField } from '../parts/form';
import { TimeField } from '../parts/TimeFields';
import { Section } from '../parts/page';
import { options } from '../parts/words';
import { grid } from '../repertoire/grid';
import { Rows } from '../repertoire/Rows';
import { GuessedOrder } from './GuessedOrder';
import { MethodChoice, SettingChoice } from './MethodFields';
import {
  ChangedRead,
  GuessRead,
  HeldRead,
  KitRead,
  MeasureRead,
  PlanRead,
  QuestionRead,
} from './QuestionRead';
import { Takes } from './Takes';
import { type OpenTrial, useOpenTrial } from './useTrial';

const VARIABLE: Record<VariableKind, string> = {
  amount: 'How much of something',
  time: 'How long',
  temperature: 'How warm',
  size: 'How large, or narrow',
  filling: 'What is in it, or of what it is',
  method: 'Which method',
  other: 'Something else',
};
const EXPECTED: Record<Expectation, string> = {
  higher: 'More of it reads higher',
  lower: 'More of it reads lower',
  noMatter: 'It makes no difference',
  open: 'Nobody has guessed',
};
const ORDER: Record<GoOrder, string> = {
  blocks: 'Each round in an order that is drawn',
  asListed: 'From left to right, as listed',
};
const units = KIT_UNITS.map((id) => ({ value: id, label: UNITS[id].label }));
const all = <T extends { id: string; name: string }>(list: readonly T[]) =>
  list.map(({ id, name }) => ({ value: id, label: name }));

function Levels({ held }: { held: (i: number) => string | null }) {
  return (
    <Rows
      name="levels"
      add="Add a level"
      fresh={() => ({ id: newId(), label: 'another', value: null })}
      held={held}
      row={(row) => (
        <>
          <Words name={`${row}.label`} label="Level" />
          <Figure name={`${row}.value`} label="As an amount" optional />
        </>
      )}
    />
  );
}

interface Part {
  title: string;
  /** For the button that opens it: “Edit what is held”. */
  what: string;
  /** Form fields in it. */
  names: string[];
  read: ReactNode;
  edit: ReactNode;
}

/** What is asked, part by part: in sentences once it stands, in fields while it is being written. */
function usePartsOf(open: OpenTrial): Part[] {
  const { trial, goes } = open;
  const { data: demos = [] } = useDemos();
  const { data: people = [] } = usePeople();
  const { data: items = [] } = useItemNames();
  const read = new Set(goes.map(({ levelId }) => levelId));
  const isRead = (i: number): string | null =>
    read.has(trial.levels[i]?.id ?? '') ? 'It was read: its goes would lose their level' : null;
  return [
    {
      title: 'The question',
      what: 'the question',
      names: ['name', 'demoId', 'methodId', 'place', 'date'],
      read: <QuestionRead trial={trial} />,
      edit: (
        <Box sx={grid(260)}>
          <Words name="name" label="Question" />
          <Choice
            name="demoId"
            label="Of which demonstration"
            none="Of none in particular"
            options={all(demos)}
          />
          <MethodChoice />
          <Words name="place" label="Where" />
          <Words name="date" label="When" type="date" emptyIsNull />
        </Box>
      ),
    },
    {
      title: 'One thing is changed',
      what: 'what is changed',
      names: ['variable', 'levels', 'referenceId'],
      read: <ChangedRead trial={trial} />,
      edit: (
        <>
          <Box sx={{ ...grid(180), mb: 1.5 }}>
            <Choice name="variable.kind" label="What kind" options={options(VARIABLE)} />
            <Words name="variable.name" label="What is changed" />
            <Words
              name="variable.unit"
              label="Unit"
              help="As it is said after a number: teaspoons"
            />
            <SettingChoice />
          </Box>
          <Levels held={isRead} />
          <Box sx={{ ...grid(220), mt: 1.5 }}>
            <Choice
              name="referenceId"
              label="Held against"
              none="Against none in particular"
              options={trial.levels.map(({ id, label }) => ({ value: id, label }))}
            />
          </Box>
        </>
      ),
    },
    {
      title: 'Everything else is held',
      what: 'what is held',
      names: ['held', 'conditions'],
      read: <HeldRead trial={trial} />,
      edit: (
        <>
          <Rows
            name="held"
            add="Add what could also change"
            fresh={() => ({ id: newId(), name: 'Something', value: '', drifted: '' })}
            row={(row) => (
              <>
                <Words name={`${row}.name`} label="What could also change" />
                <Words name={`${row}.value`} label="Held at" />
                <Words name={`${row}.drifted`} label="Drifted to" />
              </>
            )}
          />
          <Typography sx={{ mt: 2, mb: 1 }}>Taken down beside each reading:</Typography>
          <Rows
            name="conditions"
            add="Add a figure to take down"
            fresh={() => ({ id: newId(), name: 'Room', unit: '°C' })}
            row={(row) => (
              <>
                <Words name={`${row}.name`} label="Figure" />
                <Words name={`${row}.unit`} label="Unit" />
              </>
            )}
          />
        </>
      ),
    },
    {
      title: 'What is read',
      what: 'what is read',
      names: ['measure', 'matters', 'readerId', 'blind'],
      read: <MeasureRead trial={trial} reader={nameIn(people, trial.readerId)} />,
      edit: (
        <>
          <Box sx={grid(180)}>
            <MeasureFields at="measure" />
            <Figure
              name="matters"
              label="A difference that would matter"
              help="Less is not worth the powder"
              optional
            />
            <Choice
              name="readerId"
              label="Who reads"
              none="Whoever has the phone"
              options={all(people)}
            />
          </Box>
          <YesNoField name="blind" label="Who reads does not know the level" />
        </>
      ),
    },
    {
      title: 'The guess before the first go',
      what: 'the guess',
      names: ['hypothesis', 'expects', 'guessedBy', 'predicted'],
      read: (
        <GuessRead
          trial={trial}
          expected={EXPECTED[trial.expects]}
          guesser={nameIn(people, trial.guessedBy)}
        />
      ),
      edit: (
        <>
          <Box sx={grid(220)}>
            <Words name="hypothesis" label="In words" />
            <Choice name="expects" label="Which way" options={options(EXPECTED)} />
            <Choice name="guessedBy" label="Whose" none="Nobody’s" options={all(people)} />
          </Box>
          <GuessedOrder />
        </>
      ),
    },
    {
      title: 'How it is gone through',
      what: 'how it is gone through',
      names: ['rounds', 'order', 'stations', 'secondsPerGo'],
      read: <PlanRead trial={trial} order={ORDER[trial.order]} />,
      edit: (
        <Box sx={grid(180)}>
          <Figure name="rounds" label="Rounds" help="Each holds every level once" />
          <Choice name="order" label="Order" options={options(ORDER)} />
          <Figure name="stations" label="Stations side by side" />
          <TimeField name="secondsPerGo" label="From one go to the next" />
        </Box>
      ),
    },
    {
      title: 'What a go uses up',
      what: 'what a go uses up',
      names: ['kit'],
      read: <KitRead trial={trial} items={items} />,
      edit: (
        <Rows
          name="kit"
          add="Add a thing"
          fresh={() => ({ id: newId(), itemId: '', unit: 'mL', perGo: 0, perAmount: 0 })}
          row={(row) => (
            <>
              <Find name={`${row}.itemId`} label="Thing" options={all(items)} />
              <Figure name={`${row}.perGo`} label="For each go" />
              <Figure name={`${row}.perAmount`} label="For each one of the level" />
              <Choice name={`${row}.unit`} label="Unit" options={units} />
            </>
          )}
        />
      ),
    },
  ];
}

const nameIn = (
  people: readonly { id: string; name: string }[],
  id: string | null,
): string | null => people.find((one) => one.id === id)?.name ?? null;

export default function QuestionPage() {
  const open = useOpenTrial();
  const { editing, trial, goes, analysis } = open;
  const parts = usePartsOf(open);
  // As it opens: what is asked for the first time is in its fields.
  const [fresh] = useState(goes.length === 0 && trial.kit.length === 0);
  return (
    <AutoForm editing={editing} type={TrialBody}>
      <Box
        component="main"
        sx={{
          display: 'grid',
          columnGap: 4,
          gridTemplateColumns: { xs: '1fr', lg: 'minmax(0, 1fr) 300px' },
        }}
      >
        <Box>
          {parts.map(({ title, ...part }) => (
            <Section key={title} title={title}>
              <EditInPlace {...part} startsOpen={fresh} />
            </Section>
          ))}
        </Box>
        <Takes sd={analysis.anova.residualSd} open={open} />
      </Box>
    </AutoForm>
  );
}
