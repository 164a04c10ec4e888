import Box from '@mui/material/Box';
import { besideWords } from '../../core/brief/stations';
import type { Live, RunPlan, RunSlot } from '../../core/stage/types';
import type { Asking } from './Asked';
import { ReadLine } from './Readings';
import { Labelled } from './StageParts';
import { TriedLine } from './Tried';

interface Props {
  plan: RunPlan;
  live: Live;
  setAsking: (asking: Asking) => void;
}

/** A finale is more than its steps say: how many there are, and what is at each. */
const Stations = ({ slot }: { slot: RunSlot | undefined }) =>
  slot?.sideBySide?.kind === 'finale' ? (
    <Labelled label="At once">
      <Box sx={{ fontSize: { xs: 18, md: 26 } }}>
        {besideWords({ ...slot.sideBySide, spares: 0 })}
      </Box>
    </Labelled>
  ) : null;

/** What is to be read of this go, and what trials found out about it. */
export const ToldHere = ({ plan, live, setAsking }: Props) => (
  <>
    <Stations slot={plan.slots.find(({ id }) => id === live.slot)} />
    <ReadLine plan={plan} live={live} onRead={(reading) => setAsking({ reading })} />
    <TriedLine plan={plan} live={live} onOpen={() => setAsking('tried')} />
  </>
);
