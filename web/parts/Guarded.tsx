import Alert from '@mui/material/Alert';
import AlertTitle from '@mui/material/AlertTitle';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { useLocation } from 'react-router';

function Failed({ error, resetErrorBoundary }: FallbackProps) {
  return (
    <Box
      component="section"
      aria-label="This part failed"
      sx={{ p: { xs: 2, md: 3 }, maxWidth: 760 }}
    >
      <Alert
        severity="error"
        variant="outlined"
        action={<Button onClick={resetErrorBoundary}>Try again</Button>}
      >
        <AlertTitle>This part can’t be shown</AlertTitle>
        Something in it is not as it should be:{' '}
        {error instanceof Error ? error.message : String(error)}. What is stored is untouched, and
        the other pages work.
      </Alert>
    </Box>
  );
}

/** A part whose failure leaves the rest usable, and that is tried again at another address. */
export function Guarded({ children }: { children: ReactNode }) {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary
      FallbackComponent={Failed}
      resetKeys={[pathname]}
      onError={(error) => console.error(error)}
    >
      {children}
    </ErrorBoundary>
  );
}
