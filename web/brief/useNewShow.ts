import { useNavigate } from 'react-router';
import { blankShow } from '../../core/brief/blank';
import type { Versioned } from '../../contract/api';
import type { Show } from '../../core/brief/types';
import { newId, send } from '../app/api';
import { madeHere } from '../documents/ghosts';
import { useAction } from '../parts/useAction';
import { today, zoneHere } from './dates';

const freshShow = (): Show => blankShow(newId(), 'New show', today(), zoneHere());

/** Makes a show and opens it. */
export function useNewShow(): (filled?: Partial<Show>) => Promise<boolean> {
  const navigate = useNavigate();
  const act = useAction();
  return (filled = {}) =>
    act(async () => {
      const show = await send<Versioned<Show>>('POST', '/shows', { ...freshShow(), ...filled });
      if (show.slots.length === 0) madeHere('/shows', show);
      await navigate(`/shows/${show.id}/${show.slots.length > 0 ? 'line-up' : 'brief'}`);
    });
}
