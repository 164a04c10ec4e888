import Box from '@mui/material/Box';
import { Link } from 'react-router';
import { useTrials } from '../app/data';

/** What trials found out about a demonstration, as it was pinned to it. */
export function Claims({ demoId }: { demoId: string }) {
  const { data: trials = [] } = useTrials();
  const pinned = trials.filter(
    (trial) => trial.pinned && trial.demoId === demoId && trial.kind !== 'thin',
  );
  if (pinned.length === 0) return null;
  return (
    <Box
      component="section"
      aria-label="What was tried"
      sx={{ maxWidth: 680, display: 'grid', gap: 1.5 }}
    >
      {pinned.map(({ id, claim, evidence, reasoning }) => (
        <Box key={id} sx={{ borderLeft: '6px solid var(--line-strong)', px: 2, py: 0.5 }}>
          <Box>
            <b>Tried:</b>{' '}
            <Link to={`/bench/trials/${id}/answer`} style={{ color: 'inherit' }}>
              <b>{claim}</b>
            </Link>
          </Box>
          <Box sx={{ fontSize: 14 }}>{evidence}</Box>
          {reasoning && <Box sx={{ fontSize: 14, color: 'var(--muted)' }}>{reasoning}</Box>}
        </Box>
      ))}
    </Box>
  );
}
