import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';

/** A short fact under its name. */
export const Fact = ({ label, children }: { label: string; children: ReactNode }) => (
  <Box>
    <Typography variant="body2" color="textSecondary">
      {label}
    </Typography>
    <Box sx={{ font: '600 16px/22px Bricolage' }}>{children}</Box>
  </Box>
);
