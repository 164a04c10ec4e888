import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { ShowSummary, Versioned } from '../../contract/api';
import type { FollowUp } from '../../contract/day';
import { dayCord } from '../../core/ready/dayCord';
import { dueBy } from '../../core/ready/whose';
import { parseClock, sayDuration } from '../../core/time/clock';
import { usePeople } from '../app/data';
import { useMay } from '../app/me';
import { awayWords, dayWords } from '../brief/dates';
import { type OpenShow, useShow } from '../brief/useShow';
import { Loading, Section, Trouble } from '../parts/page';
import { useNowOf } from '../brief/useNowOf';
import { DayCord } from './DayCord';
import { Due } from './Due';
import { Ends } from './Ends';
import { NextForYou } from './NextForYou';

/** The next show: its day as a cord, the one thing to do next, whether it will end in time, what is due and whose. */
export function NextShow({
  summary,
  followUps,
}: {
  summary: ShowSummary;
  followUps: readonly Versioned<FollowUp>[];
}) {
  const { open, error } = useShow(summary.id);
  if (!open) return error ? <Trouble error={error} /> : <Loading rows={4} />;
  return <OpenedShow open={open} followUps={followUps} />;
}

function OpenedShow({
  open,
  followUps,
}: {
  open: OpenShow;
  followUps: readonly Versioned<FollowUp>[];
}) {
  const { data: people = [] } = usePeople();
  const { show, bundle, ready, answer } = open;
  const now = useNowOf(show);
  const isOwner = useMay('owner');
  const start = parseClock(show.start);
  const { state, checks } = ready;
  const stillOpen = new Set(state.open.map(({ key }) => key));
  const knots = dayCord(show, checks, ({ key }) => stillOpen.has(key));
  const nameOf = (id: string | null): string =>
    bundle.people.find((person) => person.id === id)?.name ?? '';
  const markOf = (place: string) => show.positions.find(({ name }) => name === place)?.mark ?? null;
  const due = dueBy(show.crew, [...people, ...bundle.people], state.open, followUps);
  return (
    <>
      <Box
        sx={{ display: 'flex', columnGap: 3, rowGap: 1, flexWrap: 'wrap', alignItems: 'center' }}
      >
        <Box sx={{ flex: '1 1 320px', minWidth: 0 }}>
          <Box>
            {dayWords(show.date)}, {awayWords(show.date)}. Be at {bundle.venue?.name ?? 'the venue'}{' '}
            by <b>{show.arrival}</b>. {show.audience} people
            {show.audienceNote && `, ${show.audienceNote}`}.
          </Box>
          {bundle.venue?.travel && (
            <Typography color="textSecondary">{bundle.venue.travel}</Typography>
          )}
        </Box>
        <Box sx={{ textAlign: { md: 'right' } }}>
          <Box sx={{ font: '700 18px/24px Bricolage' }}>
            {now === null
              ? awayWords(show.date)
              : now < start
                ? `${sayDuration(Math.round((start - now) / 60) * 60)} to the start`
                : answer.performed
                  ? 'performed'
                  : `was to begin at ${show.start}`}
          </Box>
          <Box sx={{ color: 'var(--muted)', fontSize: 15 }}>{state.words}</Box>
        </Box>
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
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
      <Box sx={{ mt: 2 }}>
        <DayCord knots={knots} show={show} now={now} />
      </Box>
      <Box
        sx={{
          display: 'grid',
          columnGap: 5,
          rowGap: 3,
          mt: 2,
          gridTemplateColumns: { md: 'minmax(0, 5fr) minmax(0, 6fr)' },
        }}
      >
        <NextForYou showId={show.id} checks={state.open} start={start} now={now} nameOf={nameOf} />
        <Ends open={open} />
      </Box>
      {due.length > 0 && (
        <Section title="Due">
          <Due showId={show.id} start={start} due={due} markOf={markOf} />
        </Section>
      )}
    </>
  );
}
