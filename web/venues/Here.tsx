/** What was and will be played at a place, and what of one’s demonstrations can be done there. */
import Box from '@mui/material/Box';
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { Venue } from '../../core/brief/types';
import { placeFit } from '../../core/proposal/placeFit';
import { counted, listInWords } from '../../core/words';
import { useRepertoire, useShows } from '../app/data';
import { useMay } from '../app/me';
import { dayWords } from '../brief/dates';

/** So many shows are named. */
const SHOWS_MOST = 6;

const Head = ({ children }: { children: string }) => (
  <Box
    component="h3"
    sx={{ font: '700 18px/26px Bricolage', m: 0, borderBottom: '1px solid var(--ink)', mb: 0.5 }}
  >
    {children}
  </Box>
);

function ShowsHere({ venueId }: { venueId: string }) {
  const { data: shows = [] } = useShows();
  const here = shows
    .filter((show) => show.venueId === venueId)
    .sort((a, b) => b.date.localeCompare(a.date));
  return (
    <Box component="section" aria-label="Shows here">
      <Head>Shows here</Head>
      {here.length === 0 && <Box sx={{ color: 'var(--muted)' }}>None yet.</Box>}
      {here.slice(0, SHOWS_MOST).map((show) => (
        <Box key={show.id}>
          <Link to={`/shows/${show.id}/brief`}>{show.title}</Link>{' '}
          <Box component="span" sx={{ color: 'var(--muted)' }}>
            {dayWords(show.date)}
          </Box>
        </Box>
      ))}
      {here.length > SHOWS_MOST && <Box>and {here.length - SHOWS_MOST} more</Box>}
    </Box>
  );
}

function FitsHere({ venue }: { venue: Venue }) {
  const may = useMay('presenter');
  const { data } = useRepertoire(may);
  const fit = useMemo(() => data && placeFit(venue, data.demos), [data, venue]);
  if (!fit || !data || data.demos.length === 0) return null;
  return (
    <Box component="section" aria-label="What can be done here">
      <Head>Can’t be done here</Head>
      {fit.cannot.length === 0 && <Box>Nothing is ruled out.</Box>}
      {fit.cannot.map(({ demoId, name, why }) => (
        <Box key={demoId}>
          <b>
            <Link to={`/demos/${demoId}`}>{name}</Link>
          </b>
          : {why}
        </Box>
      ))}
      {fit.onlyIf.length > 0 && (
        <Box sx={{ mt: 2 }}>
          <Head>Only once it is known</Head>
          {fit.onlyIf.map(({ condition, names }) => (
            <Box key={condition} sx={{ mb: 0.75 }}>
              {condition} <b>{listInWords(names)}</b>
            </Box>
          ))}
        </Box>
      )}
      <Box sx={{ mt: 1, color: 'var(--muted)' }}>
        {counted(fit.fits, 'demo')} {fit.fits === 1 ? 'fits as it is' : 'fit as they are'}.
      </Box>
    </Box>
  );
}

export const Here = ({ venue }: { venue: Venue }) => (
  <Box
    sx={{
      display: 'grid',
      gap: 3,
      gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'repeat(2, minmax(0, 1fr))' },
      alignItems: 'start',
    }}
  >
    <ShowsHere venueId={venue.id} />
    <FitsHere venue={venue} />
  </Box>
);
