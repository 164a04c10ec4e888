/** One thing after another: always there, and always within the rules. */
import { Budget } from '../solver/budget';
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { after, input, slot, task } from '../testing/build';
import { shows } from '../testing/shows';
import { findFaults } from './faults';
import { buildGraph } from './graph';
import { blocksOf, placedTasks } from './placed';
import { schedule } from './schedule';
import { sequentialSolution } from './sequential';
import type { LineupInput } from './types';
import { verifyTimeline } from './verify';

/** The show without anything that keeps only so long. */
const keeping = (show: LineupInput): LineupInput => ({
  ...show,
  slots: show.slots.map((s) => ({
    ...s,
    tasks: s.tasks.map((t) => ({
      ...t,
      after: t.after.map((lag) => ({ ...lag, greatest: null })),
    })),
  })),
});

test('it keeps every rule but greatest lags, on any show', () => {
  let checked = 0;
  fc.assert(
    fc.property(shows, (from) => {
      const show = keeping(from);
      const faults = findFaults(show);
      if (faults.conflicts.length > 0) return;
      const graph = buildGraph(faults.input);
      const solution = sequentialSolution(graph);
      if (!solution) throw new Error('Without greatest lags there is always a way');
      checked++;
      const { starts, end } = solution;
      const blocks = blocksOf(graph, starts);
      const filled = blocks.reduce((sum, b) => sum + b.end - b.start, 0);
      const broken = verifyTimeline(show, {
        ...schedule(show),
        blocks,
        tasks: placedTasks(graph, solution, { starts, buffers: new Float64Array(starts.length) }),
        end,
        deadAir: end - filled,
      });
      expect(broken.filter((words) => !words.startsWith('rule 9'))).toEqual([]);
    }),
    { numRuns: 120, seed: 171 },
  );
  expect(checked).toBeGreaterThan(60);
});

test('a show too large to search is timed all the same, within the rules', () => {
  const many = Array.from({ length: 20 }, (_, s) =>
    slot(
      `s${s}`,
      [
        ...Array.from({ length: 18 }, (_none, k) =>
          task(`t${k}`, k % 2 === 0 ? 'prepare' : 'reset', 20 + ((s * 7 + k * 13) % 60), {
            after: k > 2 && k % 2 === 0 ? [after(`t${k - 2}`)] : [],
          }),
        ),
        task('show', 'perform', 60),
      ],
      { positionId: s % 2 ? 'table' : 'bench' },
    ),
  );
  const alone = input(many, {
    crew: [{ id: 'ines', name: 'Ines', competences: [] }],
    arrival: -9000,
    hardFinish: 100_000,
  });
  // As little work as there can be.
  const timeline = schedule(alone, new Budget(1));
  expect(timeline.conflicts).toEqual([]);
  expect(verifyTimeline(alone, timeline)).toEqual([]);
});
