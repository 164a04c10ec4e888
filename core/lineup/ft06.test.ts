/**
 * The job-shop instance ft06 (Fisher and Thompson 1963) as a show: machines are people, jobs are
 * chains of preparation in the wings, and the audience waits for the last of them. The shortest
 * possible makespan is 55, proved in the literature, so no show may start sooner than 55 after arrival.
 */
import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { after, input, slot, task } from '../testing/build';
import { schedule } from './schedule';
import { verifyTimeline } from './verify';

const instance = JSON.parse(
  readFileSync(new URL('../testing/ft06.json', import.meta.url), 'utf8'),
) as { optimum: number; jobs: [number, number][][] };

test('ft06: never below its optimum, near it, and the checker agrees', () => {
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
  const timeline = schedule(show);
  expect(timeline.conflicts).toEqual([]);
  expect(verifyTimeline(show, timeline)).toEqual([]);
  const makespan = timeline.blocks[0]?.start ?? 0;
  expect(makespan).toBeGreaterThanOrEqual(instance.optimum);
  expect(makespan).toBeLessThanOrEqual(1.2 * instance.optimum);
});
