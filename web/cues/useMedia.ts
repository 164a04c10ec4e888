/** Sounds and pictures of the house. */
import { useQuery } from '@tanstack/react-query';
import type { MediaTold } from '../../contract/media';
import { send } from '../app/api';
import { queryClient } from '../app/data';

const PATH = '/media';

export const useMedia = () =>
  useQuery({ queryKey: [PATH], queryFn: () => send<MediaTold[]>('GET', PATH) });

export const mediaUrl = (id: string): string => `/api${PATH}/${encodeURIComponent(id)}`;

export async function addMedia(name: string, file: Blob): Promise<MediaTold> {
  const added = await send<MediaTold>('POST', `${PATH}?name=${encodeURIComponent(name)}`, file);
  await queryClient.invalidateQueries({ queryKey: [PATH] });
  return added;
}

export async function removeMedia(id: string): Promise<void> {
  await send('DELETE', `${PATH}/${id}`);
  await queryClient.invalidateQueries({ queryKey: [PATH] });
}

export async function restoreMedia(id: string): Promise<void> {
  await send('POST', `${PATH}/${id}/restore`);
  await queryClient.invalidateQueries({ queryKey: [PATH] });
}
