/** Finding a time for one task, against looking at every second. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { Calendar } from './calendar';
import { choosePeople } from './people';
import { blockersOf, earliestFit, latestFit } from './place';
import type { PlanPerson } from './types';

const pool: PlanPerson[] = ['a', 'b', 'c'].map((id) => ({ id, name: id, competences: [] }));

const calendars = fc
  .array(
    fc.record({
      who: fc.integer({ min: 0, max: 2 }),
      start: fc.integer({ min: 0, max: 60 }),
      length: fc.integer({ min: 1, max: 15 }),
    }),
    { maxLength: 8 },
  )
  .map((entries) => {
    const calendar = Calendar.empty(pool);
    entries.forEach(({ who, start, length }, i) => {
      const id = pool[who]?.id ?? 'a';
      if (calendar.isFree(id, start, start + length))
        calendar.add(id, { slot: 's', task: `t${i}`, start, end: start + length });
    });
    return calendar;
  });
const candidates = fc.array(
  fc.record({ people: fc.subarray(pool, { minLength: 1 }), count: fc.constant(1) }),
  { minLength: 1, maxLength: 2 },
);
/** Demands that could be met if nobody were busy; others are reported as faults before. */
const possible = (wanted: Parameters<typeof choosePeople>[0]): boolean =>
  choosePeople(wanted, Calendar.empty(pool), 0, 1) !== null;

describe('against looking at every second', () => {
  const duration = fc.integer({ min: 1, max: 12 });
  const limit = fc.integer({ min: 0, max: 90 });

  test('the latest fit ends as late as anything can, and is none when that is too soon', () => {
    fc.assert(
      fc.property(
        calendars,
        candidates,
        duration,
        limit,
        fc.integer({ min: -20, max: 90 }),
        (calendar, wanted, length, end, earliest) => {
          fc.pre(possible(wanted));
          let late = end;
          while (!choosePeople(wanted, calendar, late - length, late)) late--;
          const fit = latestFit(wanted, calendar, length, end, earliest);
          expect(fit?.end ?? null).toBe(late - length >= earliest ? late : null);
          for (const id of fit?.people ?? [])
            expect(calendar.isFree(id, late - length, late)).toBe(true);
        },
      ),
      { numRuns: 400, seed: 12 },
    );
  });

  test('the earliest fit starts as early as anything can', () => {
    fc.assert(
      fc.property(calendars, candidates, duration, limit, (calendar, wanted, length, from) => {
        fc.pre(possible(wanted));
        const fit = earliestFit(wanted, calendar, length, from);
        let early = from;
        while (!choosePeople(wanted, calendar, early, early + length)) early++;
        expect([fit.start, fit.end]).toEqual([early, early + length]);
      }),
      { numRuns: 300, seed: 13 },
    );
  });
});

describe('the calendar', () => {
  const entry = (start: number, end: number, task = 't') => ({ slot: 's', task, start, end });

  test('a fork does not change what it came from', () => {
    const first = Calendar.empty(pool);
    first.add('a', entry(0, 10));
    const second = first.fork();
    second.add('a', entry(10, 20));
    expect(first.of('a')).toHaveLength(1);
    expect(second.of('a')).toHaveLength(2);
  });

  test('entries are kept in order of time; nothing that takes no time is kept', () => {
    const calendar = Calendar.empty(pool);
    for (const [start, end] of [
      [20, 30],
      [0, 5],
      [10, 10],
      [7, 9],
    ] as const)
      calendar.add('a', entry(start, end));
    expect(calendar.of('a').map((e) => e.start)).toEqual([0, 7, 20]);
    expect(calendar.idleFrom()).toBe(30);
  });

  test('says who is kept by what', () => {
    const calendar = Calendar.empty(pool);
    calendar.add('a', entry(0, 10, 'wipe'));
    calendar.add('b', entry(5, 15, 'fill'));
    const found = blockersOf([{ people: pool, count: 1 }], calendar, 8, 12);
    expect(found.blockers.map((b) => b.task)).toEqual(['wipe', 'fill']);
    expect(found.people).toEqual(['a', 'b']);
    expect(calendar.overlapping('b', 0, 5)).toEqual([]);
  });
});
