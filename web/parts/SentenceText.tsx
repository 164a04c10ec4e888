import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** What a page is of, as one sentence with gaps: large, and its lines far enough apart to press in. */
export const SentenceText = ({ children }: { children: ReactNode }) => (
  <Box
    sx={{
      font: { xs: '500 20px/50px Bricolage', md: '500 27px/46px Bricolage' },
      letterSpacing: '-0.3px',
      maxWidth: 1000,
    }}
  >
    {children}
  </Box>
);
