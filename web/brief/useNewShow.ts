import { useNavigate } from 'react-router';
import { blankShow } from '../../core/brief/blank';
import type { Show } from '../../core/brief/types';
import { newId, send } from '../app/api';
import { useAction } from '../parts/useAction';
import { today, zoneHere } from './dates';

const freshShow = (): Show => blankShow(newId(), 'New show', today(), zoneHere());

/** Makes a show and opens it. */
export function useNewShow(): () => Promise<boolean> {
  const navigate = useNavigate();
  const act = useAction();
  return () =>
    act(async () => {
      const show = await send<Show>('POST', '/shows', freshShow());
      await navigate(`/shows/${show.id}/brief`);
    });
}
