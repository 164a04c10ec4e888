import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Theme } from '@mui/material/styles';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { Check } from '../../core/ready/checks';
import { conditionsInWords } from '../../core/ready/day';
import { bookedPeople } from '../../core/ready/facts';
import { gearPlans } from '../../core/ready/gear';
import { loadsOf } from '../../core/ready/power';
import { fetchings } from '../../core/ready/volunteers';
import { parseClock, sayDuration } from '../../core/time/clock';
import { useMay } from '../app/me';
import { usePreferences } from '../app/preferences';
import { useOpenShow } from '../brief/useShow';
import { useAskedFor } from '../parts/useAskedFor';
import { Empty, Section } from '../parts/page';
import { ReadOnly } from '../parts/ReadOnly';
import { CheckLists, type CheckView, CheckViewChoice } from './CheckLists';
import { DayFigures } from './DayFigures';
import { GearPart } from './GearPart';
import { PowerPart } from './PowerPart';
import { SensorLine } from './SensorLine';
import { StagePlan } from './StagePlan';
import { useMarks } from './useMarks';
import { usePhotos } from './usePhotos';
import { VerdictList } from './VerdictList';
import { VolunteerPart } from './VolunteerPart';
import { WaiveDialog } from './WaiveDialog';

/** May it begin? One sentence; then what stops it, what to fix, what is not known, what to check and watch. */
export default function ReadyPage() {
  const open = useOpenShow();
  const { store, show, bundle, timeline, answer, ready } = open;
  const { me } = usePreferences();
  const figures = useAskedFor('see', 'figures').place;
  const plan = useAskedFor('see', 'plan').place;
  const phone = useMediaQuery<Theme>((theme) => theme.breakpoints.down('sm'), { noSsr: true });
  // Whose phone it is has their own checks on it; the stage manager's table has everybody's.
  const mine = phone && ready.checks.some((check) => check.personId === me) ? me : null;
  const [view, setView] = useState<CheckView>({ who: mine, order: 'time' });
  const [waiving, setWaiving] = useState<{ key: string; title: string } | null>(null);
  const put = useMarks(show.id);
  const photos = usePhotos(show.id, answer.photos);
  const { fetched, gear, loads } = useMemo(
    () => ({
      fetched: fetchings(bundle, timeline),
      gear: gearPlans(bundle, timeline),
      loads: loadsOf(bundle, timeline).filter((load) => load.peak > 0),
    }),
    [bundle, timeline],
  );
  const { checks, shortBy, state } = ready;
  const startOfDay = parseClock(show.start);
  const nameOf = (id: string | null): string =>
    bundle.people.find((p) => p.id === id)?.name ?? 'Somebody';
  const crew = bundle.people.filter((person) =>
    checks.some((check) => check.personId === person.id),
  );
  const shown = checks.filter((check) => view.who === null || check.personId === view.who);
  const isOpen = (check: Check): boolean => state.open.includes(check);
  const mayWaive = bundle.people.find((person) => person.id === me)?.mayWaive;
  const presents = useMay('presenter');
  const barred = !presents
    ? 'Only a presenter passes over a check.'
    : mayWaive === undefined
      ? 'Say first who you are, at the bottom of the navigation: a waiver carries a name.'
      : mayWaive
        ? null
        : `${nameOf(me)} may not waive a check. Ask somebody who may.`;
  const listed = {
    of: open,
    order: view.order,
    nameOf,
    photos,
    onMark: put,
    onWaive: setWaiving,
  };
  const judged = {
    marks: answer.marks,
    nameOf,
    onWaive: setWaiving,
    onTakeBack: (key: string) => put(key, null),
  };

  if (checks.length === 0)
    return (
      <Empty title="Nothing to check yet">
        The checks follow from the <Link to="../line-up">line-up</Link>.
      </Empty>
    );
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
        <Button component={Link} to={`/shows/${show.id}/cues`}>
          Cues
        </Button>
        <Button variant="outlined" component={Link} to={`/shows/${show.id}/ready/risks`}>
          Risk assessment
        </Button>
      </Box>
      <Typography color="textSecondary" sx={{ mb: 1.5 }}>
        {state.done} of {checks.length} checks done. Times are counted back from the start at{' '}
        {show.start}. Local rules, the venue and the supplier’s safety data sheet come first.
      </Typography>
      <Box component="details" open={!phone} sx={{ '&[open] > summary': { mb: 1.5 } }}>
        <Box
          component="summary"
          sx={{ py: 1.5, fontWeight: 600, cursor: 'pointer', display: { sm: 'none' } }}
        >
          The day: {conditionsInWords(show.conditions) || 'nothing measured yet'}
        </Box>
        <div ref={figures} />
        <ReadOnly quiet>
          <DayFigures outdoors={bundle.venue?.outdoors ?? false} booked={bookedPeople(show)} />
        </ReadOnly>
      </Box>
      <ReadOnly quiet>
        <SensorLine store={store} />
      </ReadOnly>
      {shortBy > 0 && (
        <Alert severity="warning" variant="outlined" sx={{ mt: 1 }}>
          Setting up would have to begin {sayDuration(shortBy)} before the crew arrives. Come
          earlier, or bring one more pair of hands.
        </Alert>
      )}
      <VerdictList title="Stops the show" verdicts={state.stop} {...judged} />
      <VerdictList title="To fix" verdicts={state.fix} {...judged} />
      <VerdictList title="Not known" verdicts={state.unknown} {...judged} />
      <CheckViewChoice view={view} crew={crew} onChange={setView} />
      <CheckLists checks={shown.filter(isOpen)} done={false} {...listed} />
      <VerdictList title="To watch" verdicts={state.watch} {...judged} />
      <Section title="Plan of the stage">
        <div ref={plan} />
        <ReadOnly quiet>
          <StagePlan />
        </ReadOnly>
      </Section>
      {loads.length > 0 && (
        <Section title="Power">
          <PowerPart loads={loads} startOfDay={startOfDay} />
        </Section>
      )}
      {gear.length > 0 && (
        <Section title="Protective gear">
          <GearPart plans={gear} startOfDay={startOfDay} nameOf={nameOf} />
        </Section>
      )}
      {fetched.length > 0 && (
        <Section title="Volunteers">
          <VolunteerPart fetched={fetched} startOfDay={startOfDay} />
        </Section>
      )}
      <CheckLists checks={shown.filter((check) => !isOpen(check))} done {...listed} />
      <VerdictList title="OK" verdicts={state.ok} {...judged} />
      {waiving && (
        <WaiveDialog
          title={waiving.title}
          barred={barred}
          onClose={() => setWaiving(null)}
          onWaive={(reason) => {
            put(waiving.key, { state: 'waived', reason, value: null });
            setWaiving(null);
          }}
        />
      )}
    </Box>
  );
}
