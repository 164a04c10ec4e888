/** How long somebody takes beside the others, or what is written: a bracket a demonstration, on one axis. */
import Box from '@mui/material/Box';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { type DemoPace, type Pace, paceOf, paceWords, shareWords } from '../../core/after/pace';
import type { Person } from '../../core/brief/types';
import { useRepertoire } from '../app/data';
import { useMay } from '../app/me';
import { PartHead } from '../parts/PartHead';

/** Ends of the axis, as shares; beyond them it is at the edge. */
const LEAST = 0.5;
const MOST = 2;
/** So many demonstrations are drawn. */
const DRAWN_MOST = 8;

/** Per cent along the axis: a half and a double are as far from the middle. */
const along = (share: number): number =>
  (100 * Math.log(Math.min(MOST, Math.max(LEAST, share)) / LEAST)) / Math.log(MOST / LEAST);

function Bar({ pace }: { pace: Pace }) {
  const low = along(pace.low ?? pace.share);
  const high = along(pace.high ?? pace.share);
  return (
    <Box aria-hidden sx={{ position: 'relative', height: 18, mx: 0.75 }}>
      <Box
        sx={{ position: 'absolute', left: 0, right: 0, top: 9, borderTop: '1px solid var(--line)' }}
      />
      <Box
        sx={{
          position: 'absolute',
          left: '50%',
          top: 0,
          bottom: 0,
          borderLeft: '1px solid var(--ink)',
        }}
      />
      {high > low && (
        <Box
          sx={{
            position: 'absolute',
            left: `${low}%`,
            width: `${high - low}%`,
            top: 4,
            height: 10,
            border: '2px solid var(--ink)',
            borderBlock: 0,
            background: 'var(--line-strong)',
          }}
        />
      )}
      <Box
        sx={{
          position: 'absolute',
          left: `${along(pace.share)}%`,
          top: 4,
          width: 10,
          height: 10,
          ml: '-5px',
          borderRadius: '50%',
          background: 'var(--ink)',
        }}
      />
    </Box>
  );
}

function Row({ pace }: { pace: DemoPace }) {
  const times = pace.performances + pace.rehearsals;
  return (
    <Box component="li" sx={{ borderTop: '1px solid var(--line)', py: 0.75 }}>
      <Box sx={{ display: 'flex', gap: 1, font: '600 15px/20px Bricolage' }}>
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Link to={`/demos/${pace.demoId}`}>{pace.name}</Link>
        </Box>
        {shareWords(pace.share)}
        <Box component="span" sx={{ color: 'var(--muted)', fontWeight: 400 }}>
          {times}×
        </Box>
      </Box>
      <Bar pace={pace} />
    </Box>
  );
}

export function PacePart({ person: { id } }: { person: Person }) {
  const { data } = useRepertoire(useMay('presenter'));
  const pace = useMemo(() => data && paceOf(id, data.demos, data.records), [data, id]);
  if (!pace) return null;
  return (
    <Box component="section" aria-label="How long it takes them">
      <PartHead level="h3" title="How long it takes them" />
      <Box sx={{ font: '600 16px/24px Bricolage', mb: 1 }}>{paceWords(pace.all)}</Box>
      {pace.demos.length > 0 && (
        <>
          <Box
            aria-hidden
            sx={{
              display: 'flex',
              justifyContent: 'space-between',
              fontSize: 13,
              color: 'var(--muted)',
            }}
          >
            <span>half</span>
            <span>as long</span>
            <span>twice</span>
          </Box>
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {pace.demos.slice(0, DRAWN_MOST).map((one) => (
              <Row key={one.demoId} pace={one} />
            ))}
          </Box>
          {pace.demos.length > DRAWN_MOST && (
            <Box sx={{ color: 'var(--muted)' }}>and {pace.demos.length - DRAWN_MOST} more</Box>
          )}
          <Box sx={{ color: 'var(--muted)', fontSize: 14, mt: 1 }}>
            A dot is what they take on the mean; the bracket holds it in 19 of 20 such cases.
            Figures for the plan are offered on the demo’s page.
          </Box>
        </>
      )}
    </Box>
  );
}
