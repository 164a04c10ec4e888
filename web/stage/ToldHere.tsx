import type { Live, RunPlan } from '../../core/stage/types';
import type { Asking } from './Asked';
import { ReadLine } from './Readings';
import { TriedLine } from './Tried';

interface Props {
  plan: RunPlan;
  live: Live;
  setAsking: (asking: Asking) => void;
}

/** What is to be read of this go, and what trials found out about it. */
export const ToldHere = ({ plan, live, setAsking }: Props) => (
  <>
    <ReadLine plan={plan} live={live} onRead={(reading) => setAsking({ reading })} />
    <TriedLine plan={plan} live={live} onOpen={() => setAsking('tried')} />
  </>
);
