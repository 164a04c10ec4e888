/** A page that is dark by day too: on stage, behind it, at its foot. */
import Box from '@mui/material/Box';
import { type CSSObject, ThemeProvider } from '@mui/material/styles';
import { type ReactNode, useMemo } from 'react';
import { themeFor } from '../app/theme';
import { cssVariables } from '../app/tokens';

interface Props {
  /** Where it is no page to be scrolled. */
  sx?: CSSObject;
  children: ReactNode;
}

export function NightPage({ sx, children }: Props) {
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
          ...sx,
        }}
      >
        {children}
      </Box>
    </ThemeProvider>
  );
}
