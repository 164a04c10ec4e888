import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { memo, useMemo } from 'react';
import { Link, Outlet, useParams } from 'react-router';
import { hostQuestions } from '../../core/ready/ask/questions';
import { shortages } from '../../core/ready/stock';
import { kitList } from '../../core/kit/kit';
import { withoutSlots } from '../../core/lineup/change';
import { lostSlots } from '../../core/lineup/fromBundle';
import { lostBesides } from '../../core/ready/lost';
import { counted } from '../../core/words';
import { useFollowUps, useShows } from '../app/data';
import { EditingNotices, SaveBar } from '../parts/editing';
import { Guarded } from '../parts/Guarded';
import { NotOpen } from '../parts/NotOpen';
import { useTitle } from '../parts/page';
import { type Stage, Stepper } from '../parts/Stepper';
import { ShowActions } from './ShowActions';
import { dayWords } from './dates';
import { useForecast } from '../lineup/useForecast';
import { useAtHand } from './useAtHand';
import { type ForeseenShow, type OpenShow, useShow } from './useShow';

/** The six stages of work, each with one line that says how it stands. */
function useStages({
  show,
  timeline,
  bundle,
  answer,
  ready: readiness,
  foreseen,
}: ForeseenShow): Stage[] {
  const { data: shows = [] } = useShows();
  const { data: followUps = [] } = useFollowUps();
  const summary = shows.find((one) => one.id === show.id);
  const performed = readiness.state.performed || (summary?.performed ?? 0) > 0;
  const underWay = (summary?.performances ?? 0) > (summary?.performed ?? 0);
  const { state: ready } = readiness;
  const kit = kitList(bundle, timeline).length;
  const short = shortages(bundle, answer.shares).length;
  const open = followUps.filter((entry) => entry.showId === show.id && !entry.done).length;
  const conflicts = timeline.conflicts.length;
  const lineup = conflicts
    ? counted(conflicts, 'conflict')
    : timeline.gaps.length
      ? `dead air ${timeline.gaps.length}×`
      : show.slots.length
        ? (foreseen.ending?.headline.toLowerCase() ?? 'ends about …')
        : 'empty';
  const checks = ready.done + ready.open.length;
  const toAsk = useMemo(
    () =>
      performed
        ? 0
        : hostQuestions(bundle, timeline, readiness.shortBy).filter(({ answer }) => answer === null)
            .length,
    [performed, bundle, timeline, readiness.shortBy],
  );
  return [
    {
      to: 'brief',
      name: 'Brief',
      state: `${show.agreed ? '✓ agreed' : 'not agreed yet'}${toAsk > 0 ? `, ${toAsk} to ask` : ''}`,
      trouble: !performed && !show.agreed,
      done: performed || (show.agreed && toAsk === 0),
    },
    {
      to: 'line-up',
      name: 'Line-up',
      state: lineup,
      trouble: !performed && (conflicts > 0 || timeline.gaps.length > 0),
      done: performed || (show.slots.length > 0 && conflicts === 0 && timeline.gaps.length === 0),
    },
    {
      to: 'kit',
      name: 'Kit',
      state: short > 0 && !performed ? `${short} short` : kit ? counted(kit, 'thing') : 'empty',
      trouble: !performed && short > 0,
      done: performed || (kit > 0 && short === 0),
    },
    {
      to: 'ready',
      name: 'Ready',
      state:
        performed || ready.go
          ? checks === 0
            ? 'empty'
            : `${ready.done} of ${checks}`
          : ready.stop.length
            ? `${ready.stop.length} stop the show`
            : ready.fix.length + ready.wrong.length
              ? `${ready.fix.length + ready.wrong.length} to fix`
              : ready.unknown.length
                ? `${ready.unknown.length} not known`
                : `${counted(ready.holding.length, 'check')} ${ready.holding.length === 1 ? 'blocks' : 'block'}`,
      trouble: !performed && ready.stop.length > 0,
      done: performed || ready.go,
    },
    {
      to: 'on-stage',
      name: 'On stage',
      state: performed
        ? '✓ performed'
        : underWay
          ? 'under way'
          : `${dayWords(show.date).slice(0, 3)} ${show.start}`,
      trouble: underWay,
      done: performed,
    },
    {
      to: 'after',
      name: 'After',
      state: open ? `${open} to do` : performed ? 'nothing open' : 'write-up',
      done: performed && open === 0,
    },
  ];
}

const ShowStepper = memo(function ShowStepper({ open }: { open: ForeseenShow }) {
  return (
    <Stepper label="Stages of work" root={`/shows/${open.show.id}`} stages={useStages(open)} />
  );
});

/** What the show names and is not there: nothing of it is planned, packed or checked. */
function Missing({ open: { store, bundle } }: { open: OpenShow }) {
  const slots = lostSlots(bundle);
  const besides = lostBesides(bundle);
  if (slots.length + besides.length === 0) return null;
  const ids = slots.map((slot) => slot.id);
  return (
    <Alert
      severity="error"
      variant="outlined"
      icon={false}
      sx={{ mt: 1, mb: 2 }}
      action={
        slots.length > 0 && (
          <Button color="inherit" onClick={() => store.change((value) => withoutSlots(value, ids))}>
            Take {slots.length === 1 ? 'it' : 'them'} out
          </Button>
        )
      }
    >
      {slots.length > 0 && (
        <div>
          △ {counted(slots.length, 'slot')} of this show {slots.length === 1 ? 'has' : 'have'} a
          demo that is gone or can’t be read. Nothing of {slots.length === 1 ? 'it' : 'them'} is
          planned, packed or checked.
        </div>
      )}
      {besides.map(({ key, title, message, remedy }) => (
        <div key={key}>
          △ {title}: {message} {remedy}
        </div>
      ))}
      <div>
        What can’t be read is named under <Link to="/backups">Backups</Link>.
      </div>
    </Alert>
  );
}

export default function ShowLayout() {
  const { showId = '' } = useParams();
  const { open: timed, error, editing } = useShow(showId);
  useAtHand(showId);
  const foreseen = useForecast(timed);
  const open = useMemo(() => timed && foreseen && { ...timed, foreseen }, [timed, foreseen]);
  useTitle(open?.show.title ?? 'Show');
  if (!open) return <NotOpen title="Show" error={error} store={editing.store} />;
  const { show, bundle } = open;
  return (
    <Box component="main" sx={{ px: { xs: 2, md: 3 }, pb: 4 }}>
      <Box
        component="header"
        sx={{
          display: 'flex',
          gap: { xs: 0, md: 4 },
          alignItems: 'center',
          flexWrap: 'wrap',
          borderBottom: '1px solid var(--line)',
          minHeight: 72,
          pt: { xs: 1, md: 0 },
        }}
      >
        <Box sx={{ flex: '1 1 300px', minWidth: 0 }}>
          <Typography variant="h1">{show.title}</Typography>
          <Typography variant="body2" color="textSecondary">
            {bundle.venue?.name ?? <Link to="brief">No venue yet</Link>} · {dayWords(show.date)}{' '}
            {show.start}–{show.hardFinish} · {show.audience} people
            {show.tour && (
              <>
                {' '}
                · <Link to={`/tour?name=${encodeURIComponent(show.tour)}`}>{show.tour}</Link>
              </>
            )}
          </Typography>
        </Box>
        <Box sx={{ minWidth: 0, flex: { xs: '1 1 100%', md: '0 1 auto' }, maxWidth: '100%' }}>
          <ShowStepper open={open} />
        </Box>
      </Box>
      <Box sx={{ display: 'flex', justifyContent: 'flex-end', flexWrap: 'wrap', mt: 0.5 }}>
        <ShowActions show={show} venue={bundle.venue} />
        <SaveBar editing={editing} />
      </Box>
      <EditingNotices editing={editing} noun="show" />
      <Missing open={open} />
      <Guarded>
        <Outlet context={open} />
      </Guarded>
    </Box>
  );
}
