/**
 * Published job-shop instances as shows: machines are people, jobs are chains of preparation in the wings,
 * and the audience waits for the last of them. The show can start the shortest possible makespan after
 * arrival, and no sooner.
 *
 * ft06, six jobs on six machines: 55 (Fisher and Thompson 1963). la01, ten jobs on five machines: 666
 * (Lawrence 1984); its numbers are from memory, and that no makespan is shorter is seen by the load of its
 * busiest machine, which is as long.
 */
import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { Budget } from '../solver/budget';
import { after, input, slot, task } from '../testing/build';
import { EFFORT } from './effort';
import { schedule } from './schedule';
import type { LineupInput } from './types';
import { verifyTimeline } from './verify';

interface Instance {
  optimum: number;
  /** Machine and time of each operation. */
  jobs: [number, number][][];
}

const read = (name: string): Instance =>
  JSON.parse(readFileSync(new URL(`../testing/${name}.json`, import.meta.url), 'utf8')) as Instance;

/** One competence names one machine; the last machine is the performer. */
const SKILLS = ['cryogen', 'flame', 'highVoltage', 'driver', 'firstAid'] as const;

function showOf({ jobs }: Instance): LineupInput {
  const machines = Math.max(...jobs.flat().map(([machine]) => machine)) + 1;
  const performer = machines - 1;
  const tasks = jobs.flatMap((job, j) =>
    job.map(([machine, time], k) =>
      task(`j${j}k${k}`, 'prepare', time, {
        place: 'wings',
        after: k === 0 ? [] : [after(`j${j}k${k - 1}`)],
        hands: [
          machine === performer
            ? { role: 'performer', count: 1, competence: null }
            : { role: 'helper', count: 1, competence: SKILLS[machine] ?? null },
        ],
      }),
    ),
  );
  return input(
    [slot('a', [...tasks, task('curtain', 'perform', 1)], { performerId: `m${performer}` })],
    {
      arrival: 0,
      crew: Array.from({ length: machines }, (_, i) => ({
        id: `m${i}`,
        name: `m${i}`,
        competences: SKILLS.slice(i, i + 1),
      })),
    },
  );
}

test.each(['ft06', 'la01'])('%s: its optimum is found and proven in a page’s time', (name) => {
  const instance = read(name);
  const show = showOf(instance);
  const timeline = schedule(show);
  expect(timeline.conflicts).toEqual([]);
  expect(verifyTimeline(show, timeline)).toEqual([]);
  expect(timeline.blocks[0]?.start).toBe(instance.optimum);
  expect(timeline.proven).toBe(true);
});

test('la01: no makespan is shorter than its busiest machine works', () => {
  const { jobs, optimum } = read('la01');
  const load = new Map<number, number>();
  for (const [machine, time] of jobs.flat()) load.set(machine, (load.get(machine) ?? 0) + time);
  expect(Math.max(...load.values())).toBe(optimum);
});

test('a short look comes near, and is not called proven', () => {
  const { optimum, ...instance } = read('la01');
  const show = showOf({ optimum, ...instance });
  const timeline = schedule(show, new Budget(EFFORT.trial / 4));
  expect(verifyTimeline(show, timeline)).toEqual([]);
  expect(timeline.proven).toBe(false);
  expect(timeline.blocks[0]?.start).toBeLessThanOrEqual(1.4 * optimum);
});
