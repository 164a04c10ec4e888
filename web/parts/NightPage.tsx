/** A page that is dark by day too: on stage, behind it, at its foot. */
import Box from '@mui/material/Box';
import { ThemeProvider } from '@mui/material/styles';
import { type ReactNode, useMemo } from 'react';
import { themeFor } from '../app/theme';
import { cssVariables } from '../app/tokens';

export function NightPage({ children }: { children: ReactNode }) {
  const theme = useMemo(() => themeFor('night'), []);
  return (
    <ThemeProvider theme={theme}>
      <Box
        component="main"
        style={cssVariables('night')}
        sx={{
          minHeight: '100dvh',
          background: 'var(--ground)',
          color: 'var(--ink)',
          colorScheme: 'dark',
          '& a': { color: 'var(--ember)' },
        }}
      >
        {children}
      </Box>
    </ThemeProvider>
  );
}
