/** Forty slots with four hundred tasks and eight people, from an order to a clock. */
import { randomFrom } from '../core/chance/random';
import { schedule } from '../core/lineup/schedule';
import type { PlanSlot } from '../core/lineup/types';
import { verifyTimeline } from '../core/lineup/verify';
import { after, input, slot, task } from '../core/testing/build';

const PEOPLE = 8;
const SLOTS = 40;

export function timeline40(): object {
  const random = randomFrom(40);
  const seconds = (least: number, most: number): number => least + random.below(most - least);
  const crew = Array.from({ length: PEOPLE }, (_, i) => ({
    id: `p${i}`,
    name: `Person ${i}`,
    competences: [],
  }));
  const positions = ['table', 'bench', 'floor', 'rear'].map((id) => ({ id, name: id }));
  const slots = Array.from({ length: SLOTS }, (_, i): PlanSlot =>
    slot(
      `s${i}`,
      [
        task('fetch', 'prepare', seconds(30, 90), { place: 'wings' }),
        task('set', 'prepare', seconds(30, 90), { after: [after('fetch')] }),
        task('soak', 'settle', seconds(120, 400), { place: 'wings', after: [after('fetch')] }),
        task('pour', 'prepare', 30, { after: [after('soak', 0, 600)] }),
        task('open', 'perform', seconds(20, 60)),
        task('show', 'perform', seconds(40, 120)),
        task('tell', 'perform', seconds(20, 60)),
        task('close', 'perform', 20),
        task('wipe', 'reset', seconds(30, 90)),
        task('dry', 'settle', seconds(60, 200), { after: [after('wipe')] }),
      ],
      {
        performerId: `p${random.below(PEOPLE)}`,
        positionId: positions[random.below(positions.length)]?.id ?? null,
      },
    ),
  );
  const show = input(slots, { crew, positions, arrival: -7200 });
  const began = performance.now();
  const timeline = schedule(show);
  const ms = Math.round(performance.now() - began);
  const broken = verifyTimeline(show, timeline).length;
  const tasks = slots.reduce((sum, s) => sum + s.tasks.length, 0);
  return { ms, tasks, people: PEOPLE, broken, proven: timeline.proven };
}
