/** A show with too much in it: times that spread, goes that fail, a wet table, a window, and one helper. */
import type { LineupInput } from '../lineup/types';
import type { Task } from '../repertoire/types';
import type { LiveShow } from '../stage/replan/types';
import { after, input, slot, task } from './build';
import { liveShow } from './live';

const spread = (likely: number): Pick<Task, 'time'> => ({
  time: { shortest: Math.round(likely * 0.7), likely, longest: Math.round(likely * 1.8) },
});
const helper = { hands: [{ role: 'helper' as const, count: 1, competence: null }] };

const tightInput: LineupInput = input(
  [
    slot('drum', [task('beat', 'perform', 100, spread(100))], { positionId: 'bench' }),
    slot(
      'foam',
      [
        task('stir', 'prepare', 40, { place: 'wings', ...helper, ...spread(40) }),
        task('soak', 'settle', 60, { place: 'wings', after: [after('stir')] }),
        task('pour', 'perform', 120, { after: [after('soak', 0, 500)], ...spread(120) }),
        task('wipe', 'reset', 30, { eachGo: false, ...helper, ...spread(30) }),
        task('dry', 'settle', 60, { after: [after('wipe')], ...spread(60) }),
      ],
      { leaves: [{ kind: 'water', where: 'position', task: 'dry', seconds: 60 }] },
    ),
    slot('rings', [task('blow', 'perform', 80, spread(80))], { positionId: 'bench' }),
    slot('forks', [task('hang', 'perform', 70, spread(70))], { positionId: 'bench' }),
    slot(
      'dome',
      [
        task('place', 'prepare', 30, { ...helper, ...spread(30) }),
        task('charge', 'perform', 110, spread(110)),
      ],
      { forbids: ['water'] },
    ),
  ],
  { hardFinish: 560, arrival: -1800 },
);

export const tight: LiveShow = liveShow(tightInput, {
  slots: {
    drum: { worth: 3 },
    foam: { worth: 4 },
    rings: { worth: 2 },
    forks: { worth: 1 },
    dome: { worth: 5, mayLeaveOut: false },
  },
  policies: {
    foam: { again: 1, record: { worked: 8, failed: 2 } },
    dome: { again: 1, record: { worked: 6, failed: 4 } },
    rings: { record: { worked: 9, failed: 1 }, fallback: 20 },
  },
});
