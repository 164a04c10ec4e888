/** What the walk is drawn from: things by number, the moment on stage, what is in the way and where it is seen to. */
import { describe, expect, test } from '@jest/globals';
import type { ShowBundle } from '../../brief/types';
import { blankVenue } from '../../brief/blank';
import { timelineOf } from '../../lineup/timelineOf';
import { NO_NEEDS } from '../../repertoire/care';
import { task } from '../../testing/build';
import { bundle, item, line } from '../../testing/bundle';
import { mark } from '../../testing/mark';
import { frontRowNeeded } from '../arrivalChecks';
import { dayChecks } from '../checks';
import { goNoGo, readiness, NOTHING_AROUND } from '../go';
import { wayOut } from '../plan';
import { verdict } from '../verdict';
import { firstMoment, momentOf, spansOf } from './moment';
import { walkOf } from './stops';
import { numbersOf, seenOf, standGroups, wrongThing } from './things';
import { stopOfVerdict, troublesOf } from './trouble';

const needs = (clearM: number | null, powerW: number | null = null) => ({
  ...NO_NEEDS,
  clearM,
  powerW,
});

const shown = (over: Parameters<typeof bundle>[2] = {}): ShowBundle => {
  const built = bundle(
    [
      {
        id: 'can',
        tasks: [task('set', 'prepare', 60), task('p', 'perform', 120)],
        over: {
          needs: needs(2, 1500),
          kit: [line('plate', 1, 'piece'), line('cans', 3, 'piece'), line('water', 15, 'mL')],
        },
      },
      {
        id: 'rocket',
        tasks: [task('p', 'perform', 60)],
        over: { needs: needs(4), kit: [line('plate', 2, 'piece'), line('pump', 1, 'piece')] },
      },
    ],
    [
      item('plate', 'equipment'),
      item('cans', 'equipment'),
      item('pump', 'equipment'),
      item('water', 'consumable'),
    ],
    over,
  );
  const [table, bench] = built.show.positions;
  if (!table || !bench) throw new Error('no positions');
  return {
    ...built,
    show: {
      ...built.show,
      venueId: 'hall',
      positions: [
        { ...table, at: { x: 0, y: 1 } },
        { ...bench, at: { x: -2, y: 2.5 } },
      ],
      slots: built.show.slots.map((slot, i) =>
        i === 1 ? { ...slot, positionId: bench.id } : slot,
      ),
    },
    venue: {
      ...blankVenue('hall', 'Hall'),
      frontRowM: 3,
      circuits: [{ id: 'wall', name: 'Left wall', watts: 2300 }],
      exits: [
        { id: 'big', name: 'Big doors', x: 0, y: -6 },
        { id: 'side', name: 'Side door', x: -5, y: 2.5 },
      ],
    },
  };
};
const checksOfDay = (of: ShowBundle) => dayChecks(of, timelineOf(of)).checks;
const byKey = (of: ShowBundle, key: string) => checksOfDay(of).find((one) => one.key === key);

describe('on arrival', () => {
  test('ways out by name, before the start; nothing of it outdoors, without a venue or a line-up', () => {
    expect(byKey(shown(), 'exits')).toMatchObject({
      title: 'Exits open, ways free: Big doors and Side door',
      holds: true,
    });
    const here = shown();
    expect(byKey({ ...here, venue: null }, 'exits')).toBeUndefined();
    const field = here.venue && { ...here.venue, outdoors: true };
    expect(byKey({ ...here, venue: field }, 'exits')).toBeUndefined();
    expect(checksOfDay({ ...here, show: { ...here.show, slots: [] } })).toEqual([]);
  });

  test('how far off the front row must be follows from the clear distances and where things stand', () => {
    // 2 m round what stands 1 m behind the edge, 4 m round what stands 2.5 m behind it.
    expect(frontRowNeeded(shown(), timelineOf(shown()))).toBe(1.5);
    expect(byKey(shown(), 'frontRow')?.measures).toEqual({ unit: 'm', least: 1.5, most: null });
    const inside = shown();
    const deep = {
      ...inside,
      show: {
        ...inside.show,
        positions: inside.show.positions.map((one) => ({ ...one, at: { x: 0, y: 6 } })),
      },
    };
    expect(byKey(deep, 'frontRow')).toBeUndefined();
  });

  test('each circuit that something draws from, and none that nothing does', () => {
    expect(byKey(shown(), 'circuit:wall')?.detail).toContain('1500 of 2300 W');
    const here = shown();
    const two = here.venue && {
      ...here.venue,
      circuits: [...here.venue.circuits, { id: 'spare', name: 'Rear', watts: 1000 }],
    };
    expect(byKey({ ...here, venue: two }, 'circuit:spare')).toBeUndefined();
  });

  test('no check is taken for a verdict: their keys are apart', () => {
    const here = shown();
    const { checks, verdicts } = readiness(here, timelineOf(here), NOTHING_AROUND);
    const keys = new Set(verdicts.map(({ key }) => key));
    expect(verdicts.length).toBeGreaterThanOrEqual(5);
    expect(checks.filter(({ key }) => keys.has(key))).toEqual([]);
  });
});

describe('things at a place', () => {
  const here = shown();
  const one = {
    ...here,
    show: {
      ...here.show,
      slots: here.show.slots.map((slot) => ({ ...slot, positionId: 'table' })),
    },
  };
  const walk = walkOf(checksOfDay(one), one.show);
  const stop = walk.find(({ kind }) => kind === 'place');
  const groups = stop ? standGroups(stop, one.show) : [];

  test('numbered through, by slot; what two use stands once, as many as the most of them', () => {
    expect(
      groups.map(({ number, laidReady, things }) => [
        number,
        laidReady,
        things.map(({ n, name, count, keys }) => [n, name, count, keys.length]),
      ]),
    ).toEqual([
      [
        1,
        false,
        [
          [1, 'plate', 2, 2],
          [2, 'cans', 3, 1],
          [3, 'water', 1, 1],
        ],
      ],
      [2, true, [[4, 'pump', 1, 1]]],
    ]);
  });

  test('each is seen, open or wrong: by name where one of several is meant, else all of its check', () => {
    const all = checksOfDay(one);
    const look = (...marks: ReturnType<typeof mark>[]) => {
      const said = new Map(marks.map((each) => [each.key, each]));
      return groups.flatMap(({ things }) =>
        things.map((thing) => `${thing.name} ${seenOf(thing, all, said)}`),
      );
    };
    const wrong = (reason: string) => mark('place:slot-can', { state: 'wrong', reason });
    expect(look()).toEqual(['plate open', 'cans open', 'water open', 'pump open']);
    // The plate stands for both: one of them has looked at it.
    expect(look(mark('place:slot-rocket'))).toEqual([
      'plate seen',
      'cans open',
      'water open',
      'pump seen',
    ]);
    expect(look(wrong(wrongThing({ name: 'cans' }, 'dented')))).toEqual([
      'plate open',
      'cans wrong',
      'water open',
      'pump open',
    ]);
    expect(look(wrong('all of it is still in the van'))).toEqual([
      'plate wrong',
      'cans wrong',
      'water open',
      'pump open',
    ]);
  });

  test('a check tells its things by these numbers', () => {
    const rocket = checksOfDay(one).find(({ key }) => key === 'place:slot-rocket');
    if (!rocket) throw new Error('not checked');
    expect(numbersOf(groups, rocket).map(({ n, thing }) => [n, thing.name, thing.amount])).toEqual([
      [1, 'plate', '2'],
      [4, 'pump', ''],
    ]);
  });
});

describe('the stage at a moment', () => {
  const here = shown();
  const timeline = timelineOf(here);
  const [can, rocket] = spansOf(here, timeline);

  test('only what is shown then has its circle, and who works there is there', () => {
    if (!can || !rocket) throw new Error('not timed');
    const moment = momentOf(here, timeline, (can.from + can.until) / 2);
    expect(moment.slotIds).toEqual([can.slotId]);
    expect(moment.rings.map(({ radius }) => radius)).toEqual([2]);
    expect(moment.people).toContainEqual({ personId: 'ines', positionId: 'table' });
    expect(momentOf(here, timeline, rocket.until + 3600)).toEqual({
      slotIds: [],
      rings: [],
      people: [],
    });
    expect([can.number, rocket.number]).toEqual([1, 2]);
  });

  test('it begins with the widest circle; with none, with the first; an empty show at its start', () => {
    const at = firstMoment(here, timeline);
    expect(momentOf(here, timeline, at).rings.map(({ radius }) => radius)).toEqual([4]);
    const empty = { ...here, show: { ...here.show, slots: [] } };
    expect(firstMoment(empty, timelineOf(empty))).toBe(0);
  });

  test('the way out is the nearest exit, by Pythagoras', () => {
    expect(wayOut(here, { x: -2, y: 2.5 })).toMatchObject({ name: 'Side door', metres: 3 });
    expect(wayOut(here, { x: 3, y: -2 })).toMatchObject({ name: 'Big doors', metres: 5 });
    expect(wayOut({ venue: null }, { x: 0, y: 0 })).toBeNull();
  });
});

describe('in the way', () => {
  const here = shown();
  const checks = checksOfDay(here);
  const walk = walkOf(checks, here.show);
  const [can] = here.show.slots;
  const of = (over: Partial<Parameters<typeof verdict>[0]>) =>
    verdict({
      ...{ key: 'k', kind: 'power', level: 'fix', title: 'Power', message: 'It would trip.' },
      ...over,
    });

  test('seen to on arrival, at its place, with the crew, or at a desk', () => {
    const at = (over: Partial<Parameters<typeof verdict>[0]>) =>
      stopOfVerdict(of(over), walk, here.show)?.key ?? null;
    const mine = { slotIds: can ? [can.id] : [] };
    expect(at({})).toBe('arrival');
    expect(at({ kind: 'distance', ...mine })).toBe(`place/${here.show.positions[0]?.name}`);
    expect(at({ kind: 'distance', slotIds: here.show.slots.map(({ id }) => id) })).toBeNull();
    expect(at({ kind: 'kit' })).toBeNull();
    expect(at({ kind: 'calculator', ...mine, place: { page: 'ready', part: 'figures' } })).toBe(
      'arrival',
    );
  });

  test('stops first, then what is certain to be wrong, then what is to fix, then what is not known', () => {
    const state = goNoGo(
      checks,
      [mark('place:slot-can', { state: 'wrong', reason: 'plate: cold' })],
      [
        of({ key: 'u', level: 'unknown' }),
        of({ key: 'f', level: 'fix' }),
        of({ key: 's', level: 'stop' }),
        of({ key: 'w', level: 'watch' }),
      ],
    );
    expect(
      troublesOf(state, walk, here.show).map((one) =>
        one.kind === 'wrong' ? `${one.check.key}: ${one.what} @ ${one.stop?.key}` : one.verdict.key,
      ),
    ).toEqual([
      's',
      `place:slot-can: plate: cold @ place/${here.show.positions[0]?.name}`,
      'f',
      'u',
    ]);
  });
});
