import Box from '@mui/material/Box';
import type { HomeJudged } from '../../core/ready/atHome/judge';

const GLYPH = { never: '△', unknown: '?', adult: '○', alone: '○' } as const;

/** What is in the way of trying something at home, or in class, the worst first, each with what would change that. */
export const Reasons = ({ judged }: { judged: Pick<HomeJudged, 'reasons'> }) => (
  <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
    {judged.reasons.map(({ allows, words, remedy }, i) => (
      <Box
        component="li"
        // The same may be said of two things.
        key={`${i} ${words}`}
        sx={{ display: 'flex', gap: 1, py: 0.5, borderTop: '1px solid var(--line)' }}
      >
        <Box
          component="b"
          aria-hidden="true"
          sx={{ color: allows === 'never' ? 'var(--ember)' : 'inherit' }}
        >
          {GLYPH[allows]}
        </Box>
        <span>
          {words}{' '}
          <Box component="span" sx={{ color: 'var(--muted)' }}>
            {remedy}
          </Box>
        </span>
      </Box>
    ))}
  </Box>
);
