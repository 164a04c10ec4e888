import Box from '@mui/material/Box';
import type { Join } from '../../core/lineup/joins';
import type { Fix } from '../../core/lineup/suggestFixes';
import { formatDuration } from '../../core/time/clock';
import { FixLine } from './FixLine';

interface JoinRowProps {
  join: Join;
  fixes: readonly Fix[];
  onFix: (fix: Fix) => void;
}

/** What happens between two cards: who does what, or the dead air, why, and what would fix it. */
export function JoinRow({ join, fixes, onFix }: JoinRowProps) {
  if (!join.gap)
    return (
      <Box
        sx={{
          minHeight: 20,
          pl: 6,
          fontSize: 12.5,
          lineHeight: '20px',
          color: 'var(--muted)',
          borderLeft: '1.5px solid var(--line-strong)',
          ml: 3,
        }}
      >
        <Box component="b" sx={{ color: 'var(--ink)', mr: 1, ml: -3 }}>
          {formatDuration(join.seconds)}
        </Box>
        {join.words || 'Straight on'}
      </Box>
    );
  return (
    <Box
      sx={{
        ml: 2.5,
        pl: 2,
        pr: 1,
        py: 0.5,
        background: 'var(--ember-wash)',
        borderLeft: '9px solid transparent',
        borderImage: 'repeating-linear-gradient(135deg, var(--ember) 0 2px, transparent 2px 5px) 9',
        fontSize: 12.5,
      }}
    >
      <Box component="b" sx={{ color: 'var(--ember)', font: '700 14px/18px Bricolage' }}>
        Dead air {formatDuration(join.seconds)}
      </Box>
      <Box>{join.words}</Box>
      {fixes.map((fix) => (
        <FixLine key={fix.words} fix={fix} onFix={onFix} />
      ))}
    </Box>
  );
}
