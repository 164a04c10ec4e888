/** Who may lend a hand, and sharing people out among hands. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Hand } from '../repertoire/types';
import { Availability } from './availability';
import { choosePeople, eligible } from './people';
import type { PlanPerson } from './types';

const person = (id: string, ...competences: PlanPerson['competences']): PlanPerson => ({
  id,
  name: id,
  competences,
});
const ines = person('ines', 'flame');
const jo = person('jo');
const mara = person('mara', 'flame', 'cryogen');
const crew = [ines, jo, mara];
const hand = (role: Hand['role'], competence: Hand['competence'] = null): Hand => ({
  role,
  count: 1,
  competence,
});

describe('who may lend a hand', () => {
  const ids = (wanted: Hand, performerId: string | null = 'ines'): string[] =>
    eligible({ crew }, { performerId }, wanted).map(({ id }) => id);

  test('the performer of the slot and nobody else, if able', () => {
    expect(ids(hand('performer'))).toEqual(['ines']);
    expect(ids(hand('performer', 'flame'))).toEqual(['ines']);
    expect(ids(hand('performer', 'cryogen'))).toEqual([]);
    expect(ids(hand('performer'), null)).toEqual([]);
  });

  test('a helper is anybody but the performer', () => {
    expect(ids(hand('helper'))).toEqual(['jo', 'mara']);
    expect(ids(hand('helper', 'flame'))).toEqual(['mara']);
  });

  test('anyone: the performer last, so that the audience keeps them', () => {
    expect(ids(hand('anyone'))).toEqual(['jo', 'mara', 'ines']);
    expect(ids(hand('anyone', 'flame'))).toEqual(['mara', 'ines']);
  });
});

describe('sharing people out', () => {
  const idle = Availability.empty(crew);
  const busy = (id: string, start: number, end: number): Availability => {
    const calendar = Availability.empty(crew);
    calendar.add(id, { slot: 's', task: 't', start, end });
    return calendar;
  };

  test('an earlier hand gives way where a later one has nobody else', () => {
    const candidates = [
      { people: [ines, mara], count: 1 },
      { people: [ines, jo], count: 1 },
      { people: [ines, jo], count: 1 },
    ];
    expect(choosePeople(candidates, idle, 0, 10)?.sort()).toEqual(['ines', 'jo', 'mara']);
  });

  test('the first who suits is taken when nobody else wants them', () => {
    expect(choosePeople([{ people: [jo, mara], count: 1 }], idle, 0, 10)).toEqual(['jo']);
  });

  test('somebody busy for any part of it is not free; touching ends are', () => {
    const candidates = [{ people: [jo], count: 1 }];
    expect(choosePeople(candidates, busy('jo', 9, 20), 0, 10)).toBeNull();
    expect(choosePeople(candidates, busy('jo', 10, 20), 0, 10)).toEqual(['jo']);
    expect(choosePeople(candidates, busy('jo', -5, 0), 0, 10)).toEqual(['jo']);
  });

  test('more of a kind than there are is asked for as many as there are', () => {
    expect(choosePeople([{ people: [jo], count: 3 }], idle, 0, 10)).toEqual(['jo']);
  });

  test('finds a way whenever there is one (against trying every way)', () => {
    const everyWay = (assignments: string[][], taken: ReadonlySet<string>): boolean => {
      const [first, ...rest] = assignments;
      if (!first) return true;
      return first.some((id) => !taken.has(id) && everyWay(rest, new Set([...taken, id])));
    };
    const pool = ['a', 'b', 'c', 'd', 'e'].map((id) => person(id));
    const set = fc.subarray(pool, { minLength: 1 });
    fc.assert(
      fc.property(
        fc.array(fc.record({ people: set, count: fc.integer({ min: 1, max: 2 }) }), {
          maxLength: 4,
        }),
        fc.subarray(pool),
        (candidates, away) => {
          const calendar = Availability.empty(pool);
          for (const { id } of away) calendar.add(id, { slot: 's', task: 't', start: 0, end: 5 });
          const free = (id: string): boolean => !away.some((p) => p.id === id);
          const assignments = candidates.flatMap(({ people, count }) =>
            Array.from({ length: Math.min(count, people.length) }, () =>
              people.map((p) => p.id).filter(free),
            ),
          );
          const chosen = choosePeople(candidates, calendar, 0, 10);
          expect(chosen !== null).toBe(everyWay(assignments, new Set()));
          if (!chosen) return;
          expect(new Set(chosen).size).toBe(assignments.length);
          chosen.forEach((id, i) => expect(assignments[i]).toContain(id));
        },
      ),
      { numRuns: 500, seed: 11 },
    );
  });
});
