/** What is asked: what is changed, what is held, what is read, and how it is gone through. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useWatch } from 'react-hook-form';
import { Link } from 'react-router';
import { TrialBody } from '../../contract/trials';
import { levelWords } from '../../core/trials/claim';
import { amountsOf, plannedGoes, roundsNeeded, secondsOf } from '../../core/trials/design';
import type { Expectation, GoOrder, TrialSeries, VariableKind } from '../../core/trials/series';
import { namingOf } from '../../core/trials/words';
import { sayDuration } from '../../core/time/clock';
import { formatAmount } from '../../core/units/format';
import { KIT_UNITS, UNITS } from '../../core/units/units';
import { counted } from '../../core/words';
import { newId } from '../app/api';
import { useDemos, useItemNames, usePeople } from '../app/data';
import { MeasureFields } from '../parts/MeasureFields';
import { AutoForm, Choice, Figure, Find, Words, YesNoField } from '../parts/form';
import { Section } from '../parts/page';
import { options } from '../parts/words';
import { grid } from '../repertoire/grid';
import { Rows } from '../repertoire/Rows';
import { useOpenTrial } from './useTrial';

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

/** What the plan takes, as it is being written. */
function Takes({ sd }: { sd: number | null }) {
  const trial = useWatch() as TrialSeries;
  const { data: items = [] } = useItemNames();
  const { levels, rounds, stations, secondsPerGo, matters, measure } = trial;
  if (![rounds, stations, secondsPerGo].every((n) => Number.isInteger(n) && n > 0)) return null;
  const rows = plannedGoes(trial).filter(({ round }) => round <= 2);
  const needed = typeof matters === 'number' && matters > 0 ? roundsNeeded(trial, sd) : null;
  const naming = namingOf(trial);
  const name = (id: string): string => {
    const level = levels.find((one) => one.id === id);
    return level ? levelWords(level, { ...naming, factor: '', levelUnit: '' }) : '';
  };
  return (
    <Box
      component="aside"
      aria-label="What it takes"
      sx={{ borderLeft: { lg: '1px solid var(--line)' }, pl: { lg: 3 }, mt: { xs: 2, lg: 3 } }}
    >
      <Typography variant="h2">{counted(levels.length * rounds, 'go', 'goes')}</Typography>
      <Typography>
        {sayDuration(secondsOf(trial))} with {counted(stations, 'station')}.
      </Typography>
      {amountsOf(trial)
        .filter(({ amount }) => amount > 0)
        .map(({ itemId, unit, amount, perRound }) => (
          <Typography key={itemId}>
            <b>{formatAmount(amount, unit)}</b> {items.find(({ id }) => id === itemId)?.name ?? '…'}
            , {formatAmount(perRound, unit)} a round
          </Typography>
        ))}
      <Typography sx={{ mt: 2 }} variant="h3" component="h3">
        The order
      </Typography>
      {[1, 2].map((round) => {
        const own = rows.filter((row) => row.round === round);
        return own.length === 0 ? null : (
          <Typography key={round}>
            Round {round}: {own.map((row) => name(row.levelId)).join(', ')}
          </Typography>
        );
      })}
      {trial.order === 'asListed' && (
        <Typography sx={{ color: 'var(--ember)' }}>
          △ In the order of the list, what changes with time can’t be told from what is changed.
        </Typography>
      )}
      <Typography sx={{ mt: 2 }} variant="h3" component="h3">
        How many rounds
      </Typography>
      <Typography>
        {needed !== null
          ? `${counted(needed, 'round')} to see a difference of ${matters} ${measure.unit} in eight of ten series, by the spread so far.`
          : sd === null
            ? 'Two rounds at least; after them the spread is known, and how many more it takes is said here.'
            : 'Say above which difference would matter, and it is said here how many it takes.'}
      </Typography>
      <Button component={Link} to="../goes" variant="contained" sx={{ mt: 2 }}>
        To the goes
      </Button>
    </Box>
  );
}

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

export default function QuestionPage() {
  const { editing, trial, goes, analysis } = useOpenTrial();
  const { data: demos = [] } = useDemos();
  const { data: people = [] } = usePeople();
  const { data: items = [] } = useItemNames();
  const read = new Set(goes.map(({ levelId }) => levelId));
  const isRead = (i: number): string | null =>
    read.has(trial.levels[i]?.id ?? '') ? 'It was read: its goes would lose their level' : null;
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
          <Section title="The question">
            <Box sx={grid(260)}>
              <Words name="name" label="Question" />
              <Choice
                name="demoId"
                label="Of which demonstration"
                none="Of none in particular"
                options={all(demos)}
              />
              <Words name="place" label="Where" />
              <Words name="date" label="When" type="date" emptyIsNull />
            </Box>
          </Section>
          <Section title="One thing is changed">
            <Box sx={{ ...grid(180), mb: 1.5 }}>
              <Choice name="variable.kind" label="What kind" options={options(VARIABLE)} />
              <Words name="variable.name" label="What is changed" />
              <Words
                name="variable.unit"
                label="Unit"
                help="As it is said after a number: teaspoons"
              />
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
          </Section>
          <Section title="Everything else is held">
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
          </Section>
          <Section title="What is read">
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
          </Section>
          <Section title="The guess before the first go">
            <Box sx={grid(220)}>
              <Words name="hypothesis" label="In words" />
              <Choice name="expects" label="Which way" options={options(EXPECTED)} />
              <Choice name="guessedBy" label="Whose" none="Nobody’s" options={all(people)} />
            </Box>
          </Section>
          <Section title="How it is gone through">
            <Box sx={grid(180)}>
              <Figure name="rounds" label="Rounds" help="Each holds every level once" />
              <Choice name="order" label="Order" options={options(ORDER)} />
              <Figure name="stations" label="Stations side by side" />
              <Figure name="secondsPerGo" label="From one go to the next" unit="s" />
            </Box>
          </Section>
          <Section title="What a go uses up">
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
          </Section>
        </Box>
        <Takes sd={analysis.anova.residualSd} />
      </Box>
    </AutoForm>
  );
}
