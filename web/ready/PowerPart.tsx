import Box from '@mui/material/Box';
import { lazy, Suspense } from 'react';
import type { Load } from '../../core/ready/power';
import { Loading } from '../parts/page';

const PowerChart = lazy(() => import('./PowerChart'));

/** The load of each circuit that anything draws from, over the show. */
export function PowerPart({ loads, startOfDay }: { loads: readonly Load[]; startOfDay: number }) {
  return loads.map((load) => (
    <Box key={load.circuit.id} sx={{ mb: 1.5 }}>
      <Box sx={{ font: '600 16px/22px Bricolage' }}>
        {load.circuit.name}: {load.peak} W of {load.circuit.watts} W at the most
      </Box>
      <Suspense fallback={<Loading rows={2} />}>
        <PowerChart load={load} startOfDay={startOfDay} />
      </Suspense>
    </Box>
  ));
}
