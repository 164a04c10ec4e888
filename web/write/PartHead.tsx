import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

interface HeadProps {
  title: string;
  about: string;
  /** At its other end. */
  children?: ReactNode;
}

/** What a part of a recipe is called, with a line beneath. */
export const PartHead = ({ title, about, children }: HeadProps) => (
  <Box
    sx={{
      display: 'flex',
      gap: 1,
      alignItems: 'baseline',
      borderBottom: '1px solid var(--line-strong)',
      pb: 0.25,
    }}
  >
    <Box component="h3" sx={{ font: '700 16px Bricolage', m: 0 }}>
      {title}
    </Box>
    <Box component="span" sx={{ color: 'var(--muted)', fontSize: 13, flex: 1 }}>
      {about}
    </Box>
    {children}
  </Box>
);
