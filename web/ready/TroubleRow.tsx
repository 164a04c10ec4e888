import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { VerdictLevel } from '../../core/calculators/calculator';
import { isTrouble, levelOf } from './level';

/** One thing in a list of what was judged: its level as a glyph, and what is said of it. */
export function TroubleRow({
  level,
  waived = false,
  children,
}: {
  level: VerdictLevel;
  waived?: boolean;
  children: ReactNode;
}) {
  const { glyph, word } = levelOf(level);
  return (
    <Box
      component="li"
      sx={{
        borderBottom: '1px solid var(--line)',
        py: 1,
        display: 'grid',
        gridTemplateColumns: '28px minmax(0, 1fr)',
      }}
    >
      <Box
        title={word}
        role="img"
        aria-label={word}
        sx={{
          textAlign: 'center',
          font: '700 18px/24px Bricolage',
          color: isTrouble(level) && !waived ? 'var(--ember)' : 'inherit',
        }}
      >
        {glyph}
      </Box>
      <Box sx={{ minWidth: 0 }}>{children}</Box>
    </Box>
  );
}
