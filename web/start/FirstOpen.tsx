/** Nothing here yet: three ways to begin, side by side, each usable at once; beneath them the library. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Slot } from '../../core/brief/types';
import { useLibrary } from '../app/data';
import { ImportButton } from '../brief/ShowsPage';
import { Loading, useTitle } from '../parts/page';
import { LibraryShelf } from './LibraryShelf';
import { ShowOnADate } from './ShowOnADate';
import { useStockOfDemos } from './useProposed';
import { WriteSmall } from './WriteSmall';

const column = {
  borderLeft: { lg: '1px solid var(--line)' },
  pl: { lg: 2.5 },
} as const;

const head = { font: '700 17px Bricolage', m: 0 } as const;

export function FirstOpen({ hasDemos }: { hasDemos: boolean }) {
  useTitle('Today');
  const stock = useStockOfDemos();
  const { data: library } = useLibrary();
  const [order, setOrder] = useState<readonly Slot[]>([]);
  return (
    <Box component="main">
      <Box
        sx={{ px: { xs: 2, md: 3 }, pt: 2, pb: 1.5, borderBottom: '1px solid var(--line)', mx: 0 }}
      >
        <Box component="h1" sx={{ font: '800 26px/32px Bricolage', letterSpacing: '-0.5px', m: 0 }}>
          {hasDemos ? 'No show yet.' : 'Nothing here yet.'} How do you want to begin?
        </Box>
        <Box sx={{ color: 'var(--muted)', fontSize: 14 }}>
          With a date, with a demo you do, or with what you have. Every step can be undone.
        </Box>
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 4, lg: 2.5 },
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            lg: 'minmax(0, 2.2fr) minmax(0, 1.1fr) minmax(0, 1fr)',
          },
          px: { xs: 2, md: 3 },
          py: 2.5,
        }}
      >
        <ShowOnADate stock={stock} onOrder={setOrder} />
        <Box component="section" aria-label="A demo I do" sx={column}>
          <h2 style={head}>A demo I do</h2>
          <WriteSmall />
        </Box>
        <Box component="section" aria-label="Bring in what I have" sx={column}>
          <h2 style={head}>Bring in what I have</h2>
          <Box sx={{ color: 'var(--muted)', fontSize: 14, mt: 0.5, mb: 1.5 }}>
            It shows you what it understood first.
          </Box>
          <Button component={Link} to="/store/bring-in" variant="outlined">
            A spreadsheet of kit
          </Button>
          <Box sx={{ mt: 1 }}>
            <Button component={Link} to="/shows/new" variant="outlined">
              A running order, pasted
            </Button>
          </Box>
          <Box sx={{ mt: 2.5, mb: 1, fontSize: 14, color: 'var(--muted)' }}>
            A show file from a colleague, or from your other computer: line-up, kit and records come
            with it.
          </Box>
          <ImportButton />
        </Box>
      </Box>
      {library ? <LibraryShelf demos={library.demos} order={order} /> : <Loading rows={2} />}
    </Box>
  );
}
