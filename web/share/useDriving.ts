/** Who drives a run, who may, and what of it one can ask for. */
import { useCallback } from 'react';
import { send } from '../app/api';
import { usePresent } from '../app/live';
import { useThisDevice } from '../app/me';

export interface Wheel {
  /** Hands driving to a device, or takes it for this one. */
  give: (device: string) => Promise<void>;
  ask: () => Promise<void>;
  /** Says no to a device that asked. */
  keep: (device: string) => Promise<void>;
  /** Devices that would like to drive this run, but for this one. */
  asking: readonly string[];
  /** This device has asked. */
  asked: boolean;
}

export function useWheel(runId: string | null): Wheel {
  const me = useThisDevice();
  const asking = usePresent((state) => state.asking);
  const here = asking.filter((one) => one.runId === runId).map(({ device }) => device);
  const give = useCallback(
    (device: string) => send<void>('POST', `/runs/${runId}/drive`, { device }),
    [runId],
  );
  const ask = useCallback(() => send<void>('POST', `/runs/${runId}/ask`), [runId]);
  const keep = useCallback(
    (device: string) => send<void>('DELETE', `/runs/${runId}/ask/${device}`),
    [runId],
  );
  return {
    give,
    ask,
    keep,
    asking: here.filter((device) => device !== me),
    asked: me !== null && here.includes(me),
  };
}
