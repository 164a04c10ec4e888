/** A show as its line-up on tape, with how it stands in words. */
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useInView } from 'react-intersection-observer';
import { Link } from 'react-router';
import type { ShowSummary } from '../../contract/api';
import { endingOf, freeSeconds, type Outlook } from '../../core/lineup/outlook';
import { formatDuration, parseClock } from '../../core/time/clock';
import { useOutlook } from '../app/data';
import { awayWords, dayWords, today } from './dates';
import { ShowTape } from './ShowTape';

/** Room below the window in which cards ask for their end already. */
const ALMOST_SEEN = '200px';
function freeWords(show: ShowSummary, outlook: Outlook | undefined): string | null {
  const free = freeSeconds(show, show.slotCount, outlook);
  return free > 0 ? `${formatDuration(free)} to fill` : null;
}

/** What it is about next, in one line. */
function StateWords({ show, outlook }: { show: ShowSummary; outlook: Outlook | undefined }) {
  if (show.performed > 0)
    return (
      <>
        <b>✓ Performed</b>
        {!show.takenOut && ', what it used is still in the store'}
      </>
    );
  if (show.date < today()) return <>Not performed.</>;
  if (show.slotCount === 0) return <b>No line-up yet.</b>;
  const ending = outlook && endingOf(outlook, parseClock(show.start), show.slotCount);
  const trouble = ending?.level === 'over' || ending?.level === 'conflict';
  return (
    <>
      {ending ? `${ending.headline}, ${ending.by}` : 'Ends about …'}
      {trouble && (
        <Box component="span" sx={{ color: 'var(--ember)', fontWeight: 600 }}>
          {' '}
          △ {ending.spare}
        </Box>
      )}
      {!show.agreed && ' · not agreed yet'}
    </>
  );
}

export function ShowCard({ show }: { show: ShowSummary }) {
  const { ref, inView } = useInView({ rootMargin: ALMOST_SEEN, triggerOnce: true });
  const coming = show.slotCount > 0 && show.performed === 0 && show.date >= today();
  const { data: outlook } = useOutlook(show.id, coming && inView);
  return (
    <Box
      ref={ref}
      component={Link}
      to={`/shows/${show.id}/line-up`}
      sx={{
        display: 'block',
        borderTop: '1px solid var(--line)',
        py: 1.25,
        px: 0.5,
        minWidth: 0,
        color: 'inherit',
        textDecoration: 'none',
        '&:hover h3, &:focus-visible h3': { color: 'var(--ember)' },
      }}
    >
      <Box sx={{ display: 'flex', columnGap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <Typography variant="h3" sx={{ fontSize: 18 }}>
          {show.title}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {dayWords(show.date)}, {show.start}, {awayWords(show.date)}
        </Typography>
      </Box>
      <ShowTape
        order={show.order}
        free={coming || show.slotCount === 0 ? freeWords(show, outlook) : null}
      />
      <Typography variant="body2" sx={{ minHeight: 20 }}>
        <StateWords show={show} outlook={outlook} />
      </Typography>
      <Typography variant="body2" color="textSecondary">
        {show.venueName ?? 'No venue yet'} · {show.audience} people
        {show.tour && ` · ${show.tour}`}
      </Typography>
    </Box>
  );
}

/** Cards side by side as far as there is room. */
export const cardGrid = {
  listStyle: 'none',
  p: 0,
  m: 0,
  display: 'grid',
  columnGap: 4,
  gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 320px), 1fr))',
} as const;

export const ShowCards = ({ shows }: { shows: readonly ShowSummary[] }) => (
  <Box component="ul" sx={cardGrid}>
    {shows.map((show) => (
      <li key={show.id}>
        <ShowCard show={show} />
      </li>
    ))}
  </Box>
);
