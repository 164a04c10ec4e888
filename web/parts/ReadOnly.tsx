/** What only a presenter changes, on a device that may not: to be read, with nothing in it that takes input. */
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { Outlet, useOutletContext } from 'react-router';
import type { Role } from '../../contract/share';
import { useMay } from '../app/me';

export function ReadOnly({
  children,
  quiet = false,
  least = 'presenter',
}: {
  children: ReactNode;
  quiet?: boolean;
  least?: Role;
}) {
  const may = useMay(least);
  if (may) return children;
  return (
    <>
      {!quiet && (
        <Alert severity="info" variant="outlined" sx={{ m: { xs: 1, md: 2 } }}>
          To read: only a presenter changes this.
        </Alert>
      )}
      <Box component="fieldset" disabled sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
        {children}
      </Box>
    </>
  );
}

/** The same for the pages beneath a route. */
export const ReadOnlyPages = () => {
  const context = useOutletContext<unknown>();
  return (
    <ReadOnly>
      <Outlet context={context} />
    </ReadOnly>
  );
};
