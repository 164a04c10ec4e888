/** What the crew’s two cameras see: one on a stand for the whole place, one close for the screen. All invented. */
import type { CameraView } from '../core/repertoire/pictures';
import type { Method } from '../core/repertoire/types';

const wide = (sees: string): CameraView => ({ id: 'wide', camera: 'wide', sees, slow: null });
const close = (sees: string, seconds: number | null = null): CameraView => ({
  id: 'close',
  camera: 'close',
  sees,
  slow: seconds === null ? null : { seconds, rate: 240, shownAt: 30 },
});

/** By method and step. */
export const VIEWS: Readonly<Record<string, Readonly<Record<string, readonly CameraView[]>>>> = {
  gentle: {
    predict: [wide('both cups held up'), close('the labels of the two cups')],
    colour: [close('colour drops sinking in the cylinder')],
    pour: [wide('from row one, the whole cylinder'), close('the rim of the cylinder', 0.5)],
    why: [close('steam on the cylinder')],
  },
  'cold-bowl': {
    steam: [close('steam from the can')],
    flip: [wide('tongs and bowl'), close('the can as it goes in', 0.5)],
  },
  'dip-and-shatter': {
    dip: [close('the flower on the tongs')],
    crush: [close('petals over the tray', 1)],
  },
};

/** The method with its cameras. */
export const filmed = (method: Method): Method => ({
  ...method,
  tasks: method.tasks.map((task) => ({
    ...task,
    views: [...(VIEWS[method.id]?.[task.id] ?? [])],
  })),
});
