import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { counted } from '../../core/words';
import type { ShowSummary, Versioned } from '../../contract/api';
import type { FollowUp } from '../../contract/day';
import { dayAfter } from '../../core/time/days';
import { formatClock, parseClock } from '../../core/time/clock';
import { boughtWords, dueOrders } from '../../core/inventory/shopping';
import { send } from '../app/api';
import { useDemos, useFollowUps, useHealth, usePeople, useShopping, useShows } from '../app/data';
import { useMay } from '../app/me';
import { useAction } from '../parts/useAction';
import { Empty, Loading, Page, Section, Trouble } from '../parts/page';
import { awayWords, dayWords, today } from './dates';
import { ShowCards } from './ShowCard';
import { ImportButton } from './ShowsPage';
import { useForecast } from '../lineup/useForecast';
import { FirstOpen } from '../start/FirstOpen';
import { useShow } from './useShow';

/** The next show: when to leave, whether it will end in time, what is due first. */
function NextShow({ summary }: { summary: ShowSummary }) {
  const { open, error } = useShow(summary.id);
  const foreseen = useForecast(open);
  const isOwner = useMay('owner');
  if (!open) return error ? <Trouble error={error} /> : <Loading rows={2} />;
  const { show, bundle } = open;
  const start = parseClock(show.start);
  const { state: ready } = open.ready;
  const ending = foreseen?.ending;
  return (
    <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { md: '1fr 1fr' } }}>
      <Box>
        <Typography variant="body2" color="textSecondary">
          {dayWords(show.date)}, {awayWords(show.date)}
        </Typography>
        <Box
          sx={{
            font: { xs: '800 32px/36px Bricolage', md: '800 44px/48px Bricolage' },
            letterSpacing: '-1px',
          }}
        >
          {show.title}
        </Box>
        <Typography sx={{ mt: 1 }}>
          Be at {bundle.venue?.name ?? 'the venue'} by <b>{show.arrival}</b>. Doors {show.doors},
          start <b>{show.start}</b>, hard finish {show.hardFinish}.
        </Typography>
        {bundle.venue?.travel && (
          <Typography color="textSecondary">{bundle.venue.travel}</Typography>
        )}
        <Typography sx={{ mt: 1 }}>
          {show.slots.length > 0 ? (
            <>
              <b>{ending ? `${ending.headline}, ${ending.by}` : 'Ends about …'}</b>
              {ending && `: ${ending.spare}. ${ending.written}.`}
            </>
          ) : (
            'Nothing in the line-up yet.'
          )}
        </Typography>
        <Box sx={{ display: 'flex', gap: 1, mt: 2, flexWrap: 'wrap' }}>
          <Button variant="contained" component={Link} to={`/shows/${show.id}/line-up`}>
            Open the show
          </Button>
          <Button variant="outlined" component={Link} to={`/shows/${show.id}/on-stage`}>
            On stage
          </Button>
          {isOwner && (
            <Button component={Link} to={`/share?show=${show.id}`}>
              Let the crew in
            </Button>
          )}
        </Box>
      </Box>
      <Box>
        <Typography variant="h2">{ready.words}</Typography>
        <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, mt: 1 }}>
          {ready.open.slice(0, 5).map((check) => (
            <Box component="li" key={check.key} sx={{ display: 'flex', gap: 1.5, py: 0.5 }}>
              <Box component="b" sx={{ width: 44, fontFamily: 'Bricolage' }}>
                {formatClock(start + check.due)}
              </Box>
              <span>
                {check.title}{' '}
                <Box component="span" sx={{ color: 'var(--muted)' }}>
                  {bundle.people.find((person) => person.id === check.personId)?.name}
                </Box>
              </span>
            </Box>
          ))}
        </Box>
        <Button component={Link} to={`/shows/${show.id}/ready`}>
          All checks
        </Button>
      </Box>
    </Box>
  );
}

function FollowUps({ followUps }: { followUps: Versioned<FollowUp>[] }) {
  const { data: people = [] } = usePeople();
  const act = useAction();
  const day = today();
  return (
    <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {followUps.map((followUp) => (
        <Box
          component="li"
          key={followUp.id}
          sx={{ display: 'flex', alignItems: 'center', gap: 1 }}
        >
          <Checkbox
            checked={followUp.done}
            slotProps={{ input: { 'aria-label': `Done: ${followUp.words}` } }}
            onChange={(_event, done) =>
              void act(() => send('PUT', `/follow-ups/${followUp.id}`, { ...followUp, done }))
            }
          />
          <span>
            {followUp.words}{' '}
            <Box component="span" sx={{ color: 'var(--muted)' }}>
              {people.find((person) => person.id === followUp.ownerId)?.name}
              {followUp.due
                ? ` · ${followUp.due < day ? 'was due' : 'due'} ${dayWords(followUp.due)}`
                : ''}
            </Box>
          </span>
        </Box>
      ))}
    </Box>
  );
}

/** Days ahead that orders are told of. */
const ORDERS_AHEAD = 7;

/** What must be ordered soon for the shows that are coming. */
function Orders() {
  const { data: list } = useShopping(null);
  const due = list ? dueOrders(list, today(), ORDERS_AHEAD) : [];
  if (due.length === 0) return null;
  return (
    <Section
      title="To order"
      actions={
        <Button component={Link} to="/store/shopping">
          Shopping list
        </Button>
      }
    >
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {due.slice(0, 6).map(({ line, bought }) => (
          <Box
            component="li"
            key={`${line.itemId}/${line.shows[0]?.showId}/${bought.pack.id}`}
            sx={{ display: 'flex', gap: 1.5, py: 0.5, flexWrap: 'wrap' }}
          >
            <Box component="b" sx={{ width: 110, color: bought.late ? 'var(--ember)' : 'inherit' }}>
              {bought.late ? '△ ' : ''}
              {dayWords(bought.orderBy)}
            </Box>
            <span>
              {line.name}: {boughtWords(bought)}{' '}
              <Box component="span" sx={{ color: 'var(--muted)' }}>
                {bought.pack.supplier}
                {bought.pack.supplier && ' · '}
                {line.shows.map((show) => show.title).join(', ')}
              </Box>
            </span>
          </Box>
        ))}
        {due.length > 6 && <li>and {due.length - 6} more</li>}
      </Box>
    </Section>
  );
}

/** Days back that one still knows what was used. */
const USED_BACK = 30;

/** Shows that were performed, and what they used still counts as being in the store. */
function ToTakeOut({ shows }: { shows: readonly ShowSummary[] }) {
  const open = shows.filter(
    (show) => !show.takenOut && show.date >= dayAfter(today(), -USED_BACK) && show.performed > 0,
  );
  if (open.length === 0) return null;
  return (
    <Section title="To take out of the store">
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {open.map((show) => (
          <Box component="li" key={show.id} sx={{ py: 0.5 }}>
            <Link to={`/shows/${show.id}/after`}>What {show.title} used</Link>{' '}
            <Box component="span" sx={{ color: 'var(--muted)' }}>
              {dayWords(show.date)}
            </Box>
          </Box>
        ))}
      </Box>
    </Section>
  );
}

export default function TodayPage() {
  const { data: shows, error } = useShows();
  const { data: followUps = [] } = useFollowUps();
  const { data: health } = useHealth();
  const coming = shows?.filter((show) => show.date >= today()) ?? [];
  const [next, ...later] = coming;
  const open = followUps.filter((followUp) => !followUp.done);
  const { data: demos } = useDemos();
  const mayChange = useMay('presenter');
  if (mayChange && shows?.length === 0 && demos) return <FirstOpen hasDemos={demos.length > 0} />;
  return (
    <Page
      title="Today"
      below={
        health?.demo
          ? 'The demo season: a made-up crew on made-up islands. Change what you like.'
          : undefined
      }
    >
      <Trouble error={error} />
      {health && health.damaged > 0 && (
        <Alert severity="error" variant="outlined" icon={false} sx={{ mb: 2 }}>
          △ {counted(health.damaged, 'record')} can’t be read; everything else goes on without{' '}
          {health.damaged === 1 ? 'it' : 'them'}.{' '}
          <Link to="/backups">See which, under Backups</Link>
        </Alert>
      )}
      {!shows && !error && <Loading />}
      {next && <NextShow summary={next} />}
      {shows && !next && (
        <Empty title={shows.length === 0 ? 'No show yet' : 'No show coming up'}>
          <p>
            A show needs a date, a slot and a few demonstrations. Put your demonstrations in under{' '}
            <Link to="/demos">Demos</Link>, your crew under <Link to="/people">People</Link>, or
            open a show file that brings them along.
          </p>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button variant="contained" component={Link} to="/shows/new">
              New show
            </Button>
            <ImportButton />
          </Box>
        </Empty>
      )}
      <Orders />
      {shows && <ToTakeOut shows={shows} />}
      {open.length > 0 && (
        <Section title="To follow up">
          <FollowUps followUps={open} />
        </Section>
      )}
      {later.length > 0 && (
        <Section title="After that">
          <ShowCards shows={later} />
        </Section>
      )}
    </Page>
  );
}
