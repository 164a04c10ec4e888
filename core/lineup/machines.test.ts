/**
 * Shows that are a well-known problem in disguise: independent jobs on identical machines, to be
 * done as soon as can be (P||Cmax; Graham 1966). People are the machines, jobs are preparation in the
 * wings, and the block cannot start before the last is done.
 */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { after, input, slot, task } from '../testing/build';
import { schedule } from './schedule';
import { Budget } from '../solver/budget';
import { EFFORT } from './effort';
import type { LineupInput } from './types';
import { verifyTimeline } from './verify';

const crewOf = (n: number): LineupInput['crew'] =>
  Array.from({ length: n }, (_, i) => ({ id: `p${i}`, name: `p${i}`, competences: [] }));

const showOf = (jobs: readonly number[], people: number): LineupInput =>
  input(
    [
      slot(
        'a',
        [
          ...jobs.map((seconds, i) => task(`j${i}`, 'prepare', seconds, { place: 'wings' })),
          task('curtain', 'perform', 1),
        ],
        { performerId: 'p0' },
      ),
    ],
    { arrival: 0, crew: crewOf(people) },
  );

/** The least makespan, by giving every job to everybody in turn. */
function leastMakespan(jobs: readonly number[], people: number): number {
  const loads = new Array<number>(people).fill(0);
  const place = (at: number): number => {
    const job = jobs[at];
    if (job === undefined) return Math.max(...loads);
    let least = Infinity;
    for (let i = 0; i < people; i++) {
      loads[i] = (loads[i] ?? 0) + job;
      least = Math.min(least, place(at + 1));
      loads[i] = (loads[i] ?? 0) - job;
    }
    return least;
  };
  return place(0);
}

describe('jobs on identical machines', () => {
  const jobs = fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 6 });

  test.each([1, 2, 3])('what is proven for %d people is the least makespan', (people) => {
    let proven = 0;
    fc.assert(
      fc.property(jobs, (times) => {
        const show = showOf(times, people);
        const timeline = schedule(show, new Budget(EFFORT.quick));
        const least = leastMakespan(times, people);
        expect(verifyTimeline(show, timeline)).toEqual([]);
        expect(timeline.blocks[0]?.start).toBeGreaterThanOrEqual(least);
        if (!timeline.proven) return;
        proven++;
        expect(timeline.blocks[0]?.start).toBe(least);
      }),
      { numRuns: 60, seed: 101 + people },
    );
    expect(proven).toBeGreaterThan(30);
  });

  // Graham 1969: the longest job first gives 11 here, and 9 is possible.
  test('5, 5, 4, 4, 3, 3, 3 on three people: 9', () => {
    const timeline = schedule(showOf([5, 5, 4, 4, 3, 3, 3], 3), new Budget(EFFORT.thorough));
    expect(leastMakespan([5, 5, 4, 4, 3, 3, 3], 3)).toBe(9);
    expect(timeline.blocks[0]?.start).toBeGreaterThanOrEqual(9);
    expect(timeline.blocks[0]?.start).toBeLessThanOrEqual(11);
  });
});

/** Jobs of which some wait for others, and people of whom some may do more than others. */
interface Job {
  seconds: number;
  competence: 'flame' | 'cryogen' | null;
  /** Waits for an earlier job, by its number. */
  waits: number | null;
}

const skilled: LineupInput['crew'] = [
  { id: 'a', name: 'a', competences: ['flame'] },
  { id: 'b', name: 'b', competences: ['cryogen', 'flame'] },
  { id: 'c', name: 'c', competences: [] },
];

/** The least makespan, by trying every start and everybody who may for each job. */
function leastBySkill(jobs: readonly Job[]): number {
  const placed: { start: number; end: number; who: string }[] = [];
  const horizon = jobs.reduce((sum, job) => sum + job.seconds, 0);
  let least = Infinity;
  const place = (at: number, end: number): void => {
    const job = jobs[at];
    if (end >= least) return;
    if (!job) {
      least = end;
      return;
    }
    const { competence, seconds } = job;
    const able = skilled.filter((p) => competence === null || p.competences.includes(competence));
    const from = job.waits === null ? 0 : (placed[job.waits]?.end ?? 0);
    for (let start = from; start + seconds <= Math.min(horizon, least - 1); start++)
      for (const { id } of able) {
        const busy = placed.some(
          (other) => other.who === id && other.start < start + seconds && other.end > start,
        );
        if (busy) continue;
        placed.push({ start, end: start + seconds, who: id });
        place(at + 1, Math.max(end, start + seconds));
        placed.pop();
      }
  };
  place(0, 0);
  return least;
}

test('with chains and competences, what is proven is the least of all starts and people', () => {
  const jobs: fc.Arbitrary<Job[]> = fc
    .array(
      fc.record({
        seconds: fc.integer({ min: 1, max: 3 }),
        competence: fc.constantFrom(null, 'flame' as const, 'cryogen' as const),
        waits: fc.option(fc.nat(5)),
      }),
      { minLength: 2, maxLength: 5 },
    )
    .map((all) =>
      all.map((job, i) => ({
        ...job,
        waits: job.waits === null || i === 0 ? null : job.waits % i,
      })),
    );
  let proven = 0;
  fc.assert(
    fc.property(jobs, (all) => {
      const tasks = all.map(({ seconds, competence, waits }, i) =>
        task(`j${i}`, 'prepare', seconds, {
          place: 'wings',
          hands: [{ role: 'anyone', count: 1, competence }],
          after: waits === null ? [] : [after(`j${waits}`)],
        }),
      );
      const show = input([slot('s', [...tasks, task('p', 'perform', 1)], { performerId: 'a' })], {
        arrival: 0,
        crew: skilled,
      });
      const timeline = schedule(show);
      const least = leastBySkill(all);
      expect(verifyTimeline(show, timeline)).toEqual([]);
      expect(timeline.blocks[0]?.start).toBeGreaterThanOrEqual(least);
      if (!timeline.proven) return;
      proven++;
      expect(timeline.blocks[0]?.start).toBe(least);
    }),
    { numRuns: 200, seed: 105 },
  );
  expect(proven).toBeGreaterThan(150);
});
