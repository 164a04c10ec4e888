/** What somebody is booked for, and what they said to it. */
import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { ShowSummary } from '../../contract/api';
import type { CrewSaid } from '../../core/brief/agreed';
import { type Booking, bookingsOf } from '../../core/brief/bookings';
import type { Person } from '../../core/brief/types';
import { counted } from '../../core/words';
import { useShows } from '../app/data';
import { comingShows } from '../brief/coming';
import { dayWords } from '../brief/dates';
import { AtOnceNote } from './AtOnceNote';
import { PartHead } from '../parts/PartHead';
import { pinked } from '../parts/tapeShape';

const SAID: Readonly<Record<CrewSaid, string>> = { yes: '✓ yes', asked: '… asked', no: '△ no' };

const Said = ({ said }: { said: CrewSaid | null }) => (
  <Box
    component="span"
    sx={{
      font: '600 14px/22px Bricolage',
      flex: 'none',
      width: 84,
      textAlign: 'center',
      clipPath: pinked(3, 3),
      ...(said === 'yes' && { background: 'var(--ink)', color: 'var(--ground)' }),
      ...(said === 'asked' && { background: 'var(--sunk)', color: 'var(--ink)' }),
      ...(said === 'no' && { background: 'var(--ember-wash)', color: 'var(--ember)' }),
      ...(said === null && { color: 'var(--ember)' }),
    }}
  >
    {said === null ? 'not asked' : SAID[said]}
  </Box>
);

function Line({ booking: { show, said, performs, atOnce } }: { booking: Booking<ShowSummary> }) {
  return (
    <Box component="li" sx={{ borderTop: '1px solid var(--line)', py: 1 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Box component="b" sx={{ font: '600 17px/24px Bricolage' }}>
            <Link to={`/shows/${show.id}/brief`}>{show.title}</Link>
          </Box>
          <Box sx={{ fontSize: 14, color: 'var(--muted)' }}>
            {dayWords(show.date)}, {show.arrival} to {show.hardFinish} ·{' '}
            {performs > 0 ? `performs ${performs} of ${counted(show.slotCount, 'slot')}` : 'helps'}
          </Box>
        </Box>
        <Said said={said} />
      </Box>
      {said === 'no' && performs > 0 && (
        <Box sx={{ color: 'var(--ember)', fontWeight: 600 }}>Said no, and is still planned.</Box>
      )}
      <AtOnceNote atOnce={atOnce} />
    </Box>
  );
}

export function ComingPart({ person }: { person: Person }) {
  const { data: shows = [] } = useShows();
  const bookings = bookingsOf(person.id, comingShows(shows));
  const yes = bookings.filter(({ said }) => said === 'yes').length;
  const past = shows.filter(({ crew, performed }) => performed > 0 && crew.includes(person.id));
  const played = past.reduce((sum, { performed }) => sum + performed, 0);
  const last = past
    .map(({ date }) => date)
    .toSorted()
    .at(-1);
  return (
    <Box component="section" aria-label="Coming shows">
      <PartHead
        level="h3"
        title="Coming shows"
        below={bookings.length > 0 ? `said yes to ${yes} of ${bookings.length}` : ''}
      />
      {bookings.length === 0 && (
        <Box sx={{ color: 'var(--muted)' }}>
          In no crew yet. The Brief of a show says who is in it, and what they said.
        </Box>
      )}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {bookings.map((booking) => (
          <Line key={booking.show.id} booking={booking} />
        ))}
      </Box>
      {last && (
        <Box sx={{ borderTop: '1px solid var(--line)', pt: 1, color: 'var(--muted)' }}>
          Was in {counted(played, 'performance')} of {counted(past.length, 'show')}, the last on{' '}
          {dayWords(last)}.
        </Box>
      )}
    </Box>
  );
}
