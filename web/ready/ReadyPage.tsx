import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Check } from '../../core/ready/checks';
import type { Verdict } from '../../core/ready/verdict';
import { fetchings } from '../../core/ready/volunteers';
import { parseClock, sayDuration } from '../../core/time/clock';
import { usePreferences } from '../app/preferences';
import { useOpenShow } from '../brief/useShow';
import { Empty, Section } from '../parts/page';
import { SaveAs } from '../parts/SaveAs';
import { CheckRow } from './CheckRow';
import { DayFigures } from './DayFigures';
import { levelOf } from './level';
import { SensorLine } from './SensorLine';
import { StagePlan } from './StagePlan';
import { useMarks } from './useMarks';
import { VerdictRow } from './VerdictRow';
import { VolunteerPart } from './VolunteerPart';
import { WaiveDialog } from './WaiveDialog';

const plainList = { listStyle: 'none', p: 0, m: 0 };

/** May it begin? One sentence; then what stops it, what to mend, what is not known, what to check and watch. */
export default function ReadyPage() {
  const { editing, show, bundle, timeline, answer, ready } = useOpenShow();
  const { me } = usePreferences();
  const [who, setWho] = useState('everybody');
  const [waiving, setWaiving] = useState<{ key: string; title: string } | null>(null);
  const put = useMarks(show.id, answer.marks);
  const { checks, shortBy, state } = ready;
  const startOfDay = parseClock(show.start);
  const nameOf = (id: string | null): string =>
    bundle.people.find((p) => p.id === id)?.name ?? 'Somebody';
  const marks = new Map(answer.marks.map((mark) => [mark.key, mark]));
  const crew = bundle.people.filter((person) =>
    checks.some((check) => check.personId === person.id),
  );
  const shown = checks.filter((check) => who === 'everybody' || check.personId === who);
  const isOpen = (check: Check): boolean => state.open.includes(check);
  const mayWaive = bundle.people.find((person) => person.id === me)?.mayWaive;
  const barred =
    mayWaive === undefined
      ? 'Say first who you are, at the bottom of the navigation: a waiver carries a name.'
      : mayWaive
        ? null
        : `${nameOf(me)} may not pass over a check. Ask somebody who may.`;

  const checkList = (title: string, from: Check[]) =>
    from.length > 0 && (
      <Section title={title}>
        <Box component="ul" sx={plainList}>
          {from.map((check) => (
            <CheckRow
              key={check.key}
              check={check}
              mark={marks.get(check.key)}
              startOfDay={startOfDay}
              nameOf={nameOf}
              onMark={(said) => void put(check.key, said)}
              onWaive={() => setWaiving(check)}
            />
          ))}
        </Box>
      </Section>
    );
  const verdictList = (title: string, from: readonly Verdict[]) =>
    from.length > 0 && (
      <Section title={title}>
        <Box component="ul" sx={plainList}>
          {from.map((verdict) => (
            <VerdictRow
              key={verdict.key}
              verdict={verdict}
              mark={marks.get(verdict.key)}
              by={nameOf(marks.get(verdict.key)?.by ?? null)}
              onWaive={
                verdict.final || verdict.level === 'fits' || verdict.level === 'watch'
                  ? null
                  : () =>
                      setWaiving({
                        key: verdict.key,
                        title: `${verdict.title}, ${levelOf(verdict.level).word.toLowerCase()}`,
                      })
              }
              onTakeBack={() => void put(verdict.key, null)}
            />
          ))}
        </Box>
      </Section>
    );

  if (checks.length === 0)
    return <Empty title="Nothing to check yet">The checks follow from the line-up.</Empty>;
  const fetched = fetchings(bundle, timeline);
  return (
    <Box sx={{ maxWidth: 900 }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Box
          aria-live="polite"
          sx={{
            flex: '1 1 300px',
            font: { xs: '800 30px/36px Bricolage', md: '800 40px/46px Bricolage' },
            letterSpacing: '-1px',
            color: state.go ? 'inherit' : 'var(--ember)',
          }}
        >
          {state.go ? '' : '△ '}
          {state.words}
        </Box>
        <SaveAs
          label="Risk assessment"
          files={[
            [`/api/shows/${show.id}/risks.pdf`, 'PDF, to print and sign'],
            [`/api/shows/${show.id}/risks.md`, 'Markdown'],
          ]}
        />
      </Box>
      <Typography color="textSecondary" sx={{ mb: 1.5 }}>
        {state.done} of {checks.length} checks done. Times are counted back from the start at{' '}
        {show.start}. Local rules, the venue and the supplier’s safety data sheet come first.
      </Typography>
      <DayFigures
        editing={editing}
        outdoors={bundle.venue?.outdoors ?? false}
        booked={show.audience + show.crew.length}
      />
      <SensorLine editing={editing} />
      {shortBy > 0 && (
        <Alert severity="warning" variant="outlined" sx={{ mt: 1 }}>
          Setting up would have to begin {sayDuration(shortBy)} before the crew arrives. Come
          earlier, or bring one more pair of hands.
        </Alert>
      )}
      {verdictList('Stops the show', state.stop)}
      {verdictList('To mend', state.fix)}
      {verdictList('Not known', state.unknown)}
      <Box sx={{ mt: 3 }}>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={who}
          onChange={(_e, value: string | null) => value && setWho(value)}
          aria-label="Whose checks"
        >
          <ToggleButton value="everybody">Everybody</ToggleButton>
          {crew.map((person) => (
            <ToggleButton key={person.id} value={person.id}>
              {person.name}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      </Box>
      {checkList(
        'Holds the show',
        shown.filter((check) => check.holds && isOpen(check)),
      )}
      {checkList(
        'Still open',
        shown.filter((check) => !check.holds && isOpen(check)),
      )}
      {verdictList('To watch', state.watch)}
      <Section title="Plan of the stage">
        <StagePlan />
      </Section>
      {fetched.length > 0 && (
        <Section title="Volunteers">
          <VolunteerPart fetched={fetched} startOfDay={startOfDay} />
        </Section>
      )}
      {checkList(
        'Done',
        shown.filter((check) => !isOpen(check)),
      )}
      {verdictList('Fits', state.fits)}
      {waiving && (
        <WaiveDialog
          title={waiving.title}
          barred={barred}
          onClose={() => setWaiving(null)}
          onWaive={(reason) => {
            void put(waiving.key, { state: 'waived', reason, value: null });
            setWaiving(null);
          }}
        />
      )}
    </Box>
  );
}
