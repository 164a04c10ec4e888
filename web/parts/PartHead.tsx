import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

interface HeadProps {
  title: string;
  below?: ReactNode;
  /** Beneath a heading of its own page it is a third. */
  level?: 'h2' | 'h3';
}

/** Over a part of the page: what it is, and how it stands, in one line that wraps before it collides. */
export const PartHead = ({ title, below, level = 'h2' }: HeadProps) => (
  <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 1.5, mb: 1 }}>
    <Box component={level} sx={{ font: '700 20px/28px Bricolage', m: 0 }}>
      {title}
    </Box>
    <Box component="span" sx={{ fontSize: 14, color: 'var(--muted)' }}>
      {below}
    </Box>
  </Box>
);
