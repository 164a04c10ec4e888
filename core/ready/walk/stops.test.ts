/** The walk through the checks: every check is met once, and one press says no more than it may. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { blankShow } from '../../brief/blank';
import { check } from '../../testing/check';
import { mark } from '../../testing/mark';
import { CHECK_KINDS, type Check } from '../checks';
import { goNoGo } from '../go';
import { checksOf, hostOf, nextStop, stateOfStop, tickedTogether, walkOf } from './stops';

const SHOW = {
  ...blankShow('s', 'Pier', '2026-06-01', 'Etc/UTC'),
  start: '14:00',
  doors: '13:45',
  positions: [
    { id: 'l', name: 'Left bench', mark: 'corner' as const, at: null, circuitId: null },
    { id: 'f', name: 'Floor', mark: 'tee' as const, at: null, circuitId: null },
  ],
};

const anyCheck: fc.Arbitrary<Check> = fc
  .record({
    kind: fc.constantFrom(...CHECK_KINDS),
    place: fc.constantFrom('', 'wings', 'Left bench', 'Floor', 'arrival'),
    due: fc.integer({ min: -5400, max: 0 }),
    holds: fc.boolean(),
    from: fc.option(fc.integer({ min: -7200, max: 0 })),
    measures: fc.option(fc.constant({ unit: 'V' as const, least: 7, most: null })),
  })
  .map((over) => check('', over));
const someChecks = fc
  .array(anyCheck, { maxLength: 30 })
  .map((all) => all.map((one, i) => ({ ...one, key: `c${i}` })));
const someMarks = fc.array(
  fc.record({
    i: fc.nat(29),
    state: fc.constantFrom('done' as const, 'wrong' as const, 'waived' as const),
    value: fc.option(fc.integer({ min: 5, max: 9 })),
  }),
);

describe('laws', () => {
  test('every check is met at one stop, in one part of it, and stops keep the order of the day', () => {
    fc.assert(
      fc.property(someChecks, (all) => {
        const walk = walkOf(all, SHOW);
        expect(
          walk
            .flatMap(checksOf)
            .map(({ key }) => key)
            .sort(),
        ).toEqual(all.map(({ key }) => key).sort());
        expect(new Set(walk.map(({ key }) => key)).size).toBe(walk.length);
        const kinds = walk.map(({ kind }) => kind);
        const order = ['arrival', 'place', 'crew', 'doors', 'last'];
        expect(kinds).toEqual(kinds.toSorted((a, b) => order.indexOf(a) - order.indexOf(b)));
        for (const stop of walk)
          for (const one of checksOf(stop)) expect(one.due).toBeLessThanOrEqual(stop.due);
      }),
      { numRuns: 200, seed: 18 },
    );
  });

  test('one press never ticks what must be done before the start, what is read off, or what was found wrong', () => {
    fc.assert(
      fc.property(someChecks, someMarks, (all, said) => {
        const marks = said.map(({ i, state, value }) =>
          mark(`c${i}`, { state, value, reason: state === 'done' ? '' : 'gone' }),
        );
        const last = [...new Map(marks.map((one) => [one.key, one])).values()];
        const state = goNoGo(all, last);
        for (const stop of walkOf(all, SHOW)) {
          const now = tickedTogether(stop, state);
          for (const one of now) {
            expect(state.open).toContain(one);
            expect(one.holds || one.measures !== null).toBe(false);
            expect(last.find(({ key }) => key === one.key)?.state).not.toBe('wrong');
          }
          const { all: many, left, holds, wrong } = stateOfStop(stop, state);
          expect(left).toBeLessThanOrEqual(many);
          expect(holds + now.length).toBeLessThanOrEqual(left);
          expect(wrong).toBeLessThanOrEqual(left);
        }
      }),
      { numRuns: 200, seed: 19 },
    );
  });
});

const DAY = [
  check('exits', { kind: 'exits', due: -4000, holds: true }),
  check('note', { kind: 'lastTime', due: -3800 }),
  check('bowl', { place: 'Left bench', due: -3000 }),
  check('water', { place: 'Left bench', kind: 'fill', due: -2900 }),
  check('tongs', { place: 'Left bench', kind: 'test', due: -2800, holds: true }),
  check('warm', { place: 'Left bench', kind: 'window', due: -120, from: -600 }),
  check('soak', { place: 'Left bench', kind: 'window', due: -2000, from: -2400 }),
  check('goggles', { kind: 'gear', place: 'Left bench', due: -1200 }),
  check('line', { kind: 'clear', place: 'Left bench', due: -950 }),
  check('brief', { kind: 'volunteer', place: 'Left bench', due: -300 }),
];

test('what stands, is filled and tested at a place; what keeps for minutes only waits for the last five', () => {
  const walk = walkOf(DAY, SHOW);
  expect(
    walk.map(({ key, mark: tape, parts }) => [
      key,
      tape,
      parts.map(({ part, checks }) => [part, checks.map((one) => one.key)]),
    ]),
  ).toEqual([
    [
      'arrival',
      null,
      [
        ['room', ['exits']],
        ['before', ['note']],
      ],
    ],
    [
      'place/Left bench',
      'corner',
      [
        ['stands', ['bowl']],
        ['filled', ['water', 'soak']],
        ['tested', ['tongs']],
      ],
    ],
    ['crew', null, [['gear', ['goggles']]]],
    ['doors', null, [['clear', ['line']]]],
    ['last', null, [['before', ['brief', 'warm']]]],
  ]);
});

test('on from a stop to the next with anything open, and round to those that were left', () => {
  const walk = walkOf(DAY, SHOW);
  const none = goNoGo(DAY, []);
  expect(nextStop(walk, none)?.key).toBe('arrival');
  expect(nextStop(walk, none, 'arrival')?.key).toBe('place/Left bench');
  expect(nextStop(walk, none, 'last')?.key).toBe('arrival');
  const most = goNoGo(
    DAY,
    DAY.filter(({ key }) => key !== 'goggles').map(({ key }) => mark(key)),
  );
  expect(nextStop(walk, most, 'doors')?.key).toBe('crew');
  expect(nextStop(walk, most, 'crew')?.key).toBe('crew');
  expect(
    nextStop(
      walk,
      goNoGo(
        DAY,
        DAY.map(({ key }) => mark(key)),
      ),
    ),
  ).toBeNull();
  expect(nextStop([], none)).toBeNull();
});

test('whoever has most to do at a stop is there', () => {
  const of = (...ids: (string | null)[]) =>
    hostOf(ids.map((personId, i) => check(`c${i}`, { personId })));
  expect(of('jo', 'ines', 'jo', null, null, null)).toBe('jo');
  expect(of(null)).toBeNull();
});

describe('found wrong', () => {
  const state = goNoGo(DAY, [mark('bowl', { state: 'wrong', reason: 'Bowl: cracked' })]);

  test('it is open, keeps the show from starting, and is named with what is wrong', () => {
    expect(state.wrong).toEqual([{ check: DAY[2], what: 'Bowl: cracked' }]);
    expect(state.open).toContain(DAY[2]);
    expect(state.go).toBe(false);
    expect(state.words).toBe('Not yet: 1 thing to fix');
  });

  test('a check that holds nothing else still stops it; put right or passed over, it does not', () => {
    const held = DAY.filter(({ holds }) => holds).map(({ key }) => mark(key));
    const wrong = mark('bowl', { state: 'wrong', reason: 'cracked' });
    expect(goNoGo(DAY, [...held, wrong]).go).toBe(false);
    expect(goNoGo(DAY, [...held, mark('bowl')]).go).toBe(true);
    expect(goNoGo(DAY, [...held, { ...wrong, state: 'waived' }]).go).toBe(true);
  });

  test('what is read off outside its limits is wrong by itself', () => {
    const battery = check('battery', { measures: { unit: 'V', least: 7, most: null } });
    const [found] = goNoGo([battery], [mark('battery', { value: 6.4 })]).wrong;
    expect(found?.what).toBe('6.4 V is below 7 V');
    expect(goNoGo([battery], [mark('battery', { value: 7.4 })]).wrong).toEqual([]);
  });
});
