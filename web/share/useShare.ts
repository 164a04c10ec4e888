import { useQuery } from '@tanstack/react-query';
import type { DeviceBody, DeviceTold, ShareAnswer, ShareBody } from '../../contract/share';
import { send } from '../app/api';
import { queryClient } from '../app/data';
import { usePresent } from '../app/live';
import { useMay } from '../app/me';

const PATH = '/share';

/** How the share stands; on the laptop only. */
export function useShare(): { share: ShareAnswer | undefined; error: Error | null } {
  const may = useMay('owner');
  const { data, error } = useQuery({
    queryKey: [PATH],
    queryFn: () => send<ShareAnswer>('GET', PATH),
    enabled: may,
    // Addresses come and go with the networks.
    refetchInterval: (query) => (query.state.data?.on ? 10_000 : false),
  });
  return { share: data, error };
}

const take = (answer: ShareAnswer): void => void queryClient.setQueryData([PATH], answer);

export async function setShare(now: ShareAnswer, change: Partial<ShareBody>): Promise<void> {
  const { on, joinAs, goneAfter, showId } = now;
  take(await send<ShareAnswer>('PUT', PATH, { on, joinAs, goneAfter, showId, ...change }));
}

export const anotherCode = async (): Promise<void> =>
  take(await send<ShareAnswer>('POST', `${PATH}/code`));

export const setDevice = (device: DeviceTold, change: Partial<DeviceBody>): Promise<unknown> => {
  const { id, name, role, person } = device;
  // What is a browser of the laptop stays one.
  const asked = role === 'owner' ? 'presenter' : role;
  return send('PUT', `/devices/${id}`, { name, role: asked, person, ...change });
};

export const throwOut = (id: string): Promise<unknown> => send('DELETE', `/devices/${id}`);

/** Devices that were let in, as the server tells every page of them. */
export function useDevices(): readonly DeviceTold[] {
  const told = usePresent((state) => state.present);
  const { data = [] } = useQuery({
    queryKey: ['/devices'],
    queryFn: () => send<DeviceTold[]>('GET', '/devices'),
    enabled: told.length === 0,
  });
  return told.length > 0 ? told : data;
}
