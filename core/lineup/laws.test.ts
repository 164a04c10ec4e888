/** Laws that hold for any show, on random ones. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { input, slot, task } from '../testing/build';
import { shows } from '../testing/shows';
import { schedule, scheduleIfBetter } from './schedule';
import { Budget } from '../solver/budget';
import { EFFORT } from './effort';
import type { LineupInput } from './types';
import { verifyTimeline } from './verify';

const scaled = (from: LineupInput, k: number): LineupInput => ({
  ...from,
  arrival: from.arrival * k,
  margin: from.margin * k,
  hardFinish: from.hardFinish * k,
  slots: from.slots.map((s) => ({
    ...s,
    leaves: s.leaves.map((left) => ({ ...left, seconds: left.seconds * k })),
    leads: s.leads.map((lead) => ({ ...lead, seconds: lead.seconds * k })),
    tasks: s.tasks.map((t) => ({
      ...t,
      time: {
        shortest: t.time.shortest * k,
        likely: t.time.likely * k,
        longest: t.time.longest * k,
      },
      after: t.after.map((lag) => ({
        ...lag,
        least: lag.least * k,
        greatest: lag.greatest === null ? null : lag.greatest * k,
      })),
    })),
  })),
});

describe('any show', () => {
  test('a timeline without conflicts passes the independent checker', () => {
    let good = 0;
    fc.assert(
      fc.property(shows, (show) => {
        const timeline = schedule(show);
        if (timeline.conflicts.length > 0) return;
        good++;
        expect(verifyTimeline(show, timeline)).toEqual([]);
      }),
      { numRuns: 300, seed: 7 },
    );
    // A law tested on nothing proves nothing.
    expect(good).toBeGreaterThan(150);
  });

  test('the same show gives the same timeline', () => {
    fc.assert(
      fc.property(shows, (show) => {
        expect(schedule(structuredClone(show))).toEqual(schedule(show));
      }),
      { numRuns: 40, seed: 11 },
    );
  });

  test('asked only for something better, what is found is that, and what is not there is not found', () => {
    let better = 0;
    let none = 0;
    fc.assert(
      fc.property(shows, fc.integer({ min: -40, max: 40 }), (show, more) => {
        const whole = schedule(show);
        const conflicts = whole.conflicts.length;
        const than = { end: whole.end + more, conflicts };
        const found = scheduleIfBetter(show, than);
        if (more > 0) expect(found).toMatchObject({ conflicts: whole.conflicts });
        if (more > 0 && whole.proven) expect(found?.end).toBe(whole.end);
        if (more <= 0 && whole.proven) expect(found).toBeNull();
        if (found) expect(found.end).toBeLessThan(than.end);
        if (found) better++;
        else none++;
        // A conflict less than there are can't be had from the same show.
        expect(scheduleIfBetter(show, { end: -Infinity, conflicts })).toBeNull();
        // One more allowed, whatever it ends at will do.
        const worse = { end: -1, conflicts: conflicts + 1 };
        expect(scheduleIfBetter(show, worse)).toEqual(whole);
      }),
      { numRuns: 25, seed: 17 },
    );
    expect(Math.min(better, none)).toBeGreaterThan(5);
  });

  test('where both are proven, all times twice as long end twice as late', () => {
    fc.assert(
      fc.property(shows, (show) => {
        // What would take long to prove says nothing here.
        const once = schedule(show, new Budget(EFFORT.trial));
        const twice = schedule(scaled(show, 2), new Budget(EFFORT.trial));
        if (once.proven && twice.proven) expect(twice.end).toBe(2 * once.end);
      }),
      { numRuns: 60, seed: 13 },
    );
  });

  test('one more free pair of hands never adds dead air, where both are proven', () => {
    let compared = 0;
    fc.assert(
      fc.property(shows, (show) => {
        const more = schedule({
          ...show,
          crew: [...show.crew, { id: 'extra', name: 'Extra', competences: [] }],
        });
        const before = schedule(show);
        if (!before.proven || !more.proven) return;
        compared++;
        expect(more.deadAir).toBeLessThanOrEqual(before.deadAir);
      }),
      { numRuns: 100, seed: 19 },
    );
    expect(compared).toBeGreaterThan(40);
  });

  test('every gap carries a rule and a sentence', () => {
    fc.assert(
      fc.property(shows, (show) => {
        for (const gap of schedule(show).gaps) {
          expect(gap.reason.length).toBeGreaterThan(10);
          expect(gap.reason).not.toContain('undefined');
          expect(gap.seconds).toBeGreaterThan(0);
        }
      }),
      { numRuns: 100, seed: 17 },
    );
  });
});

describe('the checker itself', () => {
  const tongs = [{ item: 'tongs', amount: 1 }];
  const show = input(
    [
      slot('a', [task('set', 'prepare', 60), task('p', 'perform', 60), task('wipe', 'reset', 30)], {
        uses: tongs,
        leaves: [{ kind: 'smoke', where: 'stage', task: null, seconds: 20 }],
        leads: [{ task: 'set', seconds: 30 }],
      }),
      slot('b', [task('set', 'prepare', 60), task('p', 'perform', 60)], {
        uses: tongs,
        forbids: ['smoke'],
      }),
    ],
    { equipment: [{ id: 'tongs', name: 'Tongs', owned: 1 }] },
  );

  // Each spoils one thing in a good timeline; a checker that accepts any of them is no checker.
  test.each([
    [
      'equipment in two places',
      (t: ReturnType<typeof schedule>) => {
        for (const p of t.tasks)
          if (p.slot === 'b' && p.task === 'set') {
            p.start = -50;
            p.end = 10;
          }
      },
      'rule 4',
    ],
    [
      'smoke about where there may be none',
      (t: ReturnType<typeof schedule>) => {
        const b = t.blocks[1];
        if (b) b.start = 70;
      },
      'rule 6',
    ],
    [
      'what was wanted early done late',
      (t: ReturnType<typeof schedule>) => {
        for (const p of t.tasks)
          if (p.slot === 'a' && p.task === 'set') {
            p.start = -60;
            p.end = 0;
          }
      },
      'rule 8',
    ],
    [
      'a block moved into another',
      (t: ReturnType<typeof schedule>) => {
        const b = t.blocks[1];
        if (b) b.start -= 200;
      },
      'rule 1',
    ],
    [
      'two things for one person',
      (t: ReturnType<typeof schedule>) => {
        for (const p of t.tasks)
          if (p.task === 'wipe') {
            p.start = 0;
            p.end = 30;
            p.people = ['ines'];
          }
      },
      'rule 2',
    ],
    [
      'a position shared',
      (t: ReturnType<typeof schedule>) => {
        for (const p of t.tasks)
          if (p.slot === 'b' && p.task === 'set') {
            p.start = -120;
            p.end = -60;
          }
      },
      'rule 3',
    ],
    [
      'work before arrival',
      (t: ReturnType<typeof schedule>) => {
        const p = t.tasks[0];
        if (p) {
          p.start = -9000;
          p.end = -8940;
        }
      },
      'rule 7',
    ],
    [
      'a gap unnamed',
      (t: ReturnType<typeof schedule>) => {
        t.gaps = [];
      },
      'rule 9',
    ],
  ])('catches %s', (_name, spoil, rule) => {
    const timeline = structuredClone(schedule(show));
    expect(verifyTimeline(show, timeline)).toEqual([]);
    spoil(timeline);
    expect(verifyTimeline(show, timeline).join('\n')).toContain(rule);
  });
});
