/** The one thing to do next: of what is yours, or of all, what falls due first. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { Check } from '../../core/ready/checks';
import { nextCheck } from '../../core/ready/whose';
import { formatClock, sayDuration } from '../../core/time/clock';
import { usePreferences } from '../app/preferences';
import { TapeButton } from '../parts/TapeButton';
import { useMarks } from '../ready/useMarks';

interface NextProps {
  showId: string;
  /** Open ones. */
  checks: readonly Check[];
  /** Seconds of the day at which the show starts. */
  start: number;
  /** Seconds from midnight; null on another day. */
  now: number | null;
  nameOf: (id: string | null) => string;
}

/** Time that is left, as a bar that runs out. */
const Left = ({ left, whole }: { left: number; whole: number }) => (
  <Box
    aria-hidden="true"
    sx={{
      mt: 1.5,
      maxWidth: 420,
      height: 10,
      border: '1px solid var(--line-strong)',
      background: 'var(--sunk)',
    }}
  >
    <Box
      sx={{
        height: '100%',
        width: `${Math.max(0, Math.min(100, (100 * left) / whole))}%`,
        background: 'var(--ember-area)',
      }}
    />
  </Box>
);

/** What is left of this long is drawn, s. */
const SEEN_AHEAD = 3600;

export function NextForYou({ showId, checks, start, now, nameOf }: NextProps) {
  const me = usePreferences((state) => state.me);
  const mark = useMarks(showId);
  const next = nextCheck(checks, me);
  if (!next)
    return (
      <Box>
        <Box sx={{ color: 'var(--ember)', fontWeight: 600 }}>Next</Box>
        <Box sx={{ font: { xs: '800 28px/34px Bricolage', md: '800 40px/44px Bricolage' } }}>
          Everything has been looked at.
        </Box>
      </Box>
    );
  const due = start + next.due;
  const left = now === null ? null : due - now;
  return (
    <Box>
      <Box sx={{ color: 'var(--ember)', fontWeight: 600 }}>
        {next.personId !== null && next.personId === me
          ? 'Next, for you'
          : `Next${nameOf(next.personId) && `, ${nameOf(next.personId)}`}`}
      </Box>
      <Box
        component="h2"
        sx={{
          m: 0,
          font: { xs: '800 28px/34px Bricolage', md: '800 40px/44px Bricolage' },
          letterSpacing: '-1px',
          overflowWrap: 'anywhere',
        }}
      >
        {next.title}
      </Box>
      <Box sx={{ fontSize: 16, mt: 0.5 }}>
        {[next.detail, next.place].filter(Boolean).join(' · ')}
      </Box>
      <Box sx={{ mt: 1 }}>
        <b>By {formatClock(due)}</b>
        {left !== null && (
          <Box component="span" sx={{ color: left < 0 ? 'var(--ember)' : 'inherit' }}>
            {left < 0
              ? `, ${sayDuration(-left)} ago`
              : left < SEEN_AHEAD
                ? `, ${sayDuration(left)} left`
                : ''}
          </Box>
        )}
      </Box>
      {left !== null && left > 0 && left < SEEN_AHEAD && <Left left={left} whole={SEEN_AHEAD} />}
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mt: 2, flexWrap: 'wrap' }}>
        {next.measures === null ? (
          <TapeButton
            onClick={() => mark(next.key, { state: 'done', reason: '', value: null })}
            aria-label={`Done: ${next.title}`}
          >
            Done
          </TapeButton>
        ) : (
          <Button variant="contained" component={Link} to={`/shows/${showId}/ready`}>
            Read it off
          </Button>
        )}
        <Button component={Link} to={`/shows/${showId}/ready`}>
          All checks
        </Button>
      </Box>
    </Box>
  );
}
