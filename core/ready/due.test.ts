/** Checks counted back from the doors: laws that hold for any day. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { PlacedTask } from '../lineup/types';
import type { CheckKind } from './checks';
import { type CheckDemand, dueTimes, TAKES } from './due';

interface Plain {
  key: string;
  kind: CheckKind;
  personId: string | null;
}

const DAY = { arrival: -5400, doors: -900 };
const work = (person: string, start: number, end: number): PlacedTask => ({
  slot: 's',
  task: `t${start}`,
  go: 1,
  phase: 'prepare',
  start,
  end,
  people: [person],
  position: null,
  buffer: 0,
});

const demands: fc.Arbitrary<CheckDemand<Plain>[]> = fc
  .array(
    fc.record({
      kind: fc.constantFrom<CheckKind>('test', 'place', 'fill', 'gear', 'volunteer'),
      named: fc.option(fc.constantFrom('ines', 'jo')),
      people: fc.subarray(['ines', 'jo', 'mara'], { minLength: 1 }),
      before: fc.integer({ min: -3000, max: 0 }),
      stop: fc.constantFrom('arrival', 'place/Table', 'place/Floor', 'crew', 'doors'),
    }),
    { maxLength: 14 },
  )
  .map((all) =>
    all.map(({ kind, named, people, before, stop }, i) => ({
      check: { key: `c${i}`, kind, personId: named },
      people,
      before,
      stop,
    })),
  );

describe('laws', () => {
  test('everybody does one thing at a time, before it is needed and before the doors', () => {
    const tasks = [work('ines', -1500, -1200), work('jo', -2000, -1900)];
    fc.assert(
      fc.property(demands, (all) => {
        const { timed, shortBy } = dueTimes(all, tasks, DAY);
        expect(timed.map((c) => c.key).sort()).toEqual(all.map((d) => d.check.key).sort());
        if (shortBy > 0) return;
        for (const check of timed) {
          const demand = all.find((d) => d.check.key === check.key);
          expect(check.personId === null).toBe(
            demand?.check.personId === null && TAKES[check.kind] === 0,
          );
          if (TAKES[check.kind] === 0) continue;
          expect(check.due).toBeLessThanOrEqual(Math.min(DAY.doors, demand?.before ?? 0));
          expect(check.due - TAKES[check.kind]).toBeGreaterThanOrEqual(DAY.arrival);
        }
        for (const person of ['ines', 'jo', 'mara']) {
          const spans = [
            ...tasks.filter((t) => t.people.includes(person)),
            ...timed
              .filter((c) => c.personId === person && TAKES[c.kind] > 0)
              .map((c) => ({ start: c.due - TAKES[c.kind], end: c.due })),
          ].sort((a, b) => a.start - b.start);
          spans.forEach((span, i) => {
            const next = spans[i + 1];
            if (next) expect(next.start).toBeGreaterThanOrEqual(span.end);
          });
        }
      }),
      { numRuns: 300, seed: 31 },
    );
  });

  test('a named person keeps the check', () => {
    fc.assert(
      fc.property(demands, (all) => {
        for (const check of dueTimes(all, [], DAY).timed) {
          const named = all.find((d) => d.check.key === check.key)?.check.personId;
          if (named) expect(check.personId).toBe(named);
        }
      }),
      { numRuns: 100, seed: 32 },
    );
  });
});

const of = (
  key: string,
  kind: CheckKind,
  over: Partial<CheckDemand<Plain>> = {},
): CheckDemand<Plain> => ({
  check: { key, kind, personId: null },
  people: ['jo'],
  before: 0,
  stop: 'place/Table',
  ...over,
});
const BOTH = ['jo', 'mara'];

test('in the order of the walk: on arrival, then what stands, is filled and tested, the crew, the doors', () => {
  const { timed } = dueTimes(
    [
      of('clear', 'clear', { stop: 'doors' }),
      of('test', 'test'),
      of('goggles', 'gear', { stop: 'crew' }),
      of('stands', 'place'),
      of('exits', 'exits', { stop: 'arrival' }),
      of('filled', 'fill'),
    ],
    [],
    DAY,
  );
  const order = [...timed].sort((a, b) => a.due - b.due).map((c) => c.key);
  expect(order).toEqual(['exits', 'stands', 'filled', 'test', 'goggles', 'clear']);
});

test('what is used first is set first, whatever stands first in the show', () => {
  const { timed } = dueTimes(
    [
      of('late', 'place', { stop: 'place/Late' }),
      of('early', 'place', { stop: 'place/Early', before: -2000 }),
    ],
    [],
    DAY,
  );
  expect(timed.toSorted((a, b) => a.due - b.due).map((c) => c.key)).toEqual(['early', 'late']);
});

test('places are shared between those who may set them, and one place is one person’s', () => {
  const all = ['a', 'b', 'c', 'd'].flatMap((key) => [
    of(`${key} stands`, 'place', { people: BOTH, stop: `place/${key}` }),
    of(`${key} filled`, 'fill', { people: BOTH, stop: `place/${key}` }),
  ]);
  const { timed } = dueTimes(all, [], DAY);
  const hosts = ['a', 'b', 'c', 'd'].map((key) => [
    ...new Set(timed.filter((c) => c.key.startsWith(key)).map((c) => c.personId)),
  ]);
  expect(hosts.map((ids) => ids.length)).toEqual([1, 1, 1, 1]);
  expect(hosts.flat().filter((id) => id === 'jo')).toHaveLength(2);
});

test('who may not do all of a place does what they may; the rest is somebody else’s', () => {
  const { timed } = dueTimes(
    [of('flask', 'fill', { people: ['mara'] }), of('stands', 'place', { people: BOTH })],
    [],
    DAY,
  );
  expect(timed.map((c) => c.personId)).toEqual(['mara', 'mara']);
});

test('too little time is told in seconds; what is due is never before arrival', () => {
  const all = Array.from({ length: 5 }, (_, i) => of(`c${i}`, 'place'));
  const { timed, shortBy } = dueTimes(all, [], { arrival: -1200, doors: -900 });
  expect(shortBy).toBe(5 * 150 - 300);
  expect(Math.min(...timed.map((c) => c.due))).toBeGreaterThanOrEqual(-1200);
});

test('with nobody there the checks still have their times', () => {
  const { timed, shortBy } = dueTimes([of('a', 'fill', { people: [] })], [], DAY);
  expect(timed).toEqual([{ key: 'a', kind: 'fill', personId: null, due: -900, takes: TAKES.fill }]);
  expect(shortBy).toBe(0);
});
