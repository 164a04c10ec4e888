import Box from '@mui/material/Box';
import { BigButton } from './StageParts';

/** The run is on its way, or can’t be had. */
export const NoRun = ({ error, onLeave }: { error: string | null; onLeave: () => void }) => (
  <Box aria-busy={error ? undefined : true} sx={{ p: 4, fontSize: 24 }}>
    <p role={error ? 'alert' : 'status'}>{error ?? 'Fetching the run …'}</p>
    {error && <BigButton label="Back to the checks" keys="" onClick={() => onLeave()} />}
  </Box>
);
