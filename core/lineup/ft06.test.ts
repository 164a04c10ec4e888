/**
 * The job-shop instance ft06 (Fisher and Thompson 1963) as a show: machines are people, jobs are
 * chains of preparation in the wings, and the audience waits for the last of them. The shortest
 * possible makespan is 55, proved in the literature: the show can start 55 after arrival, no sooner.
 */
import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { after, input, slot, task } from '../testing/build';
import { schedule } from './schedule';
import { Budget } from '../solver/budget';
import { EFFORT } from './effort';
import { verifyTimeline } from './verify';

const instance = JSON.parse(
  readFileSync(new URL('../testing/ft06.json', import.meta.url), 'utf8'),
) as { optimum: number; jobs: [number, number][][] };

test('ft06: its optimum is found and proven, the checker agrees; a quick look comes near', () => {
  const machines = ['m0', 'm1', 'm2', 'm3', 'm4', 'm5'];
  // One competence names one machine; the sixth is the performer's.
  const skills = ['cryogen', 'flame', 'highVoltage', 'driver', 'firstAid'] as const;
  const tasks = instance.jobs.flatMap((job, j) =>
    job.map(([machine, time], k) =>
      task(`j${j}k${k}`, 'prepare', time, {
        place: 'wings',
        after: k === 0 ? [] : [after(`j${j}k${k - 1}`)],
        hands: [
          {
            role: machine === 5 ? 'performer' : 'helper',
            count: 1,
            competence: skills[machine] ?? null,
          },
        ],
      }),
    ),
  );
  const show = input(
    [slot('a', [...tasks, task('curtain', 'perform', 1)], { performerId: 'm5' })],
    {
      arrival: 0,
      crew: machines.map((id, i) => ({ id, name: id, competences: skills[i] ? [skills[i]] : [] })),
    },
  );
  const timeline = schedule(show, new Budget(EFFORT.thorough));
  expect(timeline.conflicts).toEqual([]);
  expect(verifyTimeline(show, timeline)).toEqual([]);
  expect(timeline.blocks[0]?.start).toBe(instance.optimum);
  expect(timeline.proven).toBe(true);

  const quick = schedule(show);
  expect(verifyTimeline(show, quick)).toEqual([]);
  expect(quick.blocks[0]?.start).toBeGreaterThanOrEqual(instance.optimum);
  expect(quick.blocks[0]?.start).toBeLessThanOrEqual(1.1 * instance.optimum);
});
