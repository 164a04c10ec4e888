/** Sound added up over the show; the way there; gear enough for everybody; the booking; the store. */
import { describe, expect, test } from '@jest/globals';
import { timelineOf } from '../lineup/timelineOf';
import type { Journey, SideBySide } from '../brief/types';
import { blankHazard } from '../repertoire/blank';
import type { Item } from '../repertoire/item';
import type { Method, Task } from '../repertoire/types';
import { after, task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { bound, given, HALL, judged } from '../testing/judged';
import { NOTHING_AROUND, readiness } from './go';
import { judge } from './judge';
import type { Verdict } from './verdict';

const keyed = (verdicts: readonly Verdict[], key: string): Verdict | undefined =>
  verdicts.find((one) => one.key === key);

describe('sound', () => {
  const loud = (over: Record<string, number> = {}): Partial<Method> => ({
    calculators: [bound('bang', { peak: 110, level: 100, lasts: 500, at: 1, crew: 1, ...over })],
  });

  // NIOSH REL: 100 dB(A) for a quarter of an hour is a day's dose; two times 500 s are more.
  test('two loud slots, each within the dose, are over it together', () => {
    const front = { front: 1 };
    const one = keyed(judged({ a: loud(front) }), 'sound:front');
    const both = keyed(judged({ a: loud(front), b: loud(front) }), 'sound:front');
    expect(one?.level).toBe('watch');
    expect(both?.level).toBe('fix');
    expect(both?.message).toContain('111 %');
    expect(both?.slotIds).toEqual(['slot-a', 'slot-b']);
  });

  // Five sources of one level at once: 10 log 5 = 7 dB, or five times the time at the level of one. Pressures that meet
  // in phase add up: 20 log 5 = 14 dB.
  test('five at once are five times the dose, and at the worst 14 dB more at the peak', () => {
    const five: SideBySide = {
      kind: 'finale',
      trialId: null,
      stations: [1, 2, 3, 4, 5].map((n) => ({
        id: `s${n}`,
        label: '1',
        levelId: null,
        amounts: [],
      })),
      spares: 0,
      setting: null,
      measure: null,
    };
    const front = (sideBySide: SideBySide | null): Verdict[] => {
      const made = bundle([
        {
          id: 'bang',
          slot: { sideBySide },
          tasks: [task('p', 'perform', 60)],
          over: loud({ peak: 130, lasts: 50, front: 1 }),
        },
      ]);
      const shown = { ...made, venue: HALL };
      return [...judge(shown, timelineOf(shown))];
    };
    const dose = (of: SideBySide | null): number =>
      Number.parseFloat(keyed(front(of), 'sound:front')?.figure ?? '');
    expect(dose(five) / dose(null)).toBeCloseTo(5, 0);
    const peaks = JSON.stringify(front(five));
    expect(peaks).toContain('144 dB');
    expect(JSON.stringify(front(null))).not.toContain('144 dB');
  });

  const withHelper = (helper: Partial<Task>, over: Partial<Method> = {}) => {
    const made = bundle([
      {
        id: 'bang',
        tasks: [task('p', 'perform', 60)],
        over: { ...loud({ peak: 138, lasts: 1, plugs: 25 }), ...over },
      },
      {
        id: 'next',
        // Mixed just before it is used, so while it bangs.
        tasks: [
          task('mix', 'prepare', 200, { place: 'wings', ...helper }),
          task('q', 'perform', 60, { after: [after('mix', 0, 10)] }),
        ],
      },
    ]);
    const shown = { ...made, venue: { ...HALL, frontRowM: 40 } };
    return judge(shown, timelineOf(shown));
  };

  test('whose hands are busy with something else when it bangs needs plugs in before', () => {
    const jo = keyed(withHelper({}), 'sound:jo');
    expect(jo).toMatchObject({ level: 'fix' });
    expect(jo?.message).toMatch(/138 dB from bang .* hands busy with “mix”/);
  });

  test('protection counts only where a gear line has it on then', () => {
    const plugs = { gearOn: ['Ear plugs'] };
    expect(keyed(withHelper(plugs), 'sound:jo')?.level).toBe('ok');
    expect(keyed(withHelper({ gearOn: ['Goggles'] }), 'sound:jo')?.level).toBe('fix');
  });

  test('nothing loud, or nothing known of it, adds nothing', () => {
    expect(judged({ a: {} }).filter(({ kind }) => kind === 'sound')).toEqual([]);
    const unsaid = { calculators: [{ id: 'b', calculator: 'bang', inputs: [] }] };
    expect(judged({ a: unsaid }).filter(({ kind }) => kind === 'sound')).toEqual([]);
  });
});

describe('the way there', () => {
  const ice = item('ice', 'consumable', { name: 'Dry ice', cold: 'dryIce', unit: 'g' });
  const chest = item('chest', 'equipment', { name: 'Ice chest', holds: 20_000, boilsOff: 200 });
  const van: Journey = {
    id: 'van',
    name: 'The van',
    by: 'vehicle',
    volumeM3: 8,
    airChanges: 10,
    minutes: 40,
    people: 1,
    mostKg: null,
  };
  const cold = { kit: [line('ice', 3, 'kg')] };
  test('what all of it weighs is held against what the vehicle may carry; not weighed does not pass', () => {
    const drum = item('drum', 'equipment', { gramsEach: 30_000 });
    const flag = item('flag', 'equipment', {});
    const loads = (mostKg: number | null, things = [drum]) =>
      judged(
        { a: { kit: things.map(({ id }) => line(id, 2, 'piece')) } },
        { items: things, show: { journeys: [{ ...van, mostKg }] } },
      ).filter(({ key }) => key.startsWith('load:'));
    expect(loads(50)).toMatchObject([
      {
        level: 'fix',
        message: 'The things of the show weigh 60.0 kg, without their boxes; it may carry 50 kg.',
      },
    ]);
    expect(loads(70)).toEqual([]);
    expect(loads(null)).toEqual([]);
    const [open] = loads(70, [drum, flag]);
    expect(open?.level).toBe('unknown');
    expect(open?.message).toMatch(/^60\.0 kg and 1 thing that nobody has weighed/);
  });

  const way = (journeys: Journey[], vesselId: string | null = 'chest') => {
    const plan = {
      itemId: 'ice',
      daysBefore: 0,
      collected: '12:00',
      vesselId,
      vesselWarm: false,
      pourLoss: 0,
      reserve: 0,
      ordered: 5000,
      measured: null,
    };
    return judged({ a: cold }, { items: [ice, chest], show: { journeys, cold: [plan] } }).filter(
      ({ kind }) => kind === 'journey',
    );
  };

  test('cold in a show of which nobody has said how it travels is not known', () => {
    expect(keyed(way([]), 'journey:none')).toMatchObject({ level: 'unknown' });
    expect(judged({ a: {} }).some(({ kind }) => kind === 'journey')).toBe(false);
  });

  test('an aired van is watched for what tips over; a shut one is a stop', () => {
    const aired = keyed(way([van]), 'journey:van');
    expect(aired?.level).toBe('watch');
    expect(aired?.message).toContain('tipped over');
    expect(keyed(way([{ ...van, airChanges: 0, minutes: 120 }]), 'journey:van')?.level).toBe(
      'stop',
    );
    expect(keyed(way([{ ...van, airChanges: null }]), 'journey:van')?.level).toBe('unknown');
    expect(keyed(way([van], null), 'journey:van')?.level).toBe('unknown');
  });

  test('nobody rides in a lift with it', () => {
    const lift = { ...van, id: 'lift', by: 'lift' as const, minutes: 1 };
    expect(keyed(way([lift]), 'journey:lift')).toMatchObject({ level: 'fix' });
    expect(keyed(way([{ ...lift, people: 0 }]), 'journey:lift')?.level).not.toBe('fix');
    expect(keyed(way([{ ...van, by: 'foot' }]), 'journey:van')?.level).toBe('ok');
  });

  test('what carriers may refuse is named, and deferred to their rules', () => {
    const found = keyed(way([van]), 'journey:carried');
    expect(found).toMatchObject({ level: 'watch' });
    expect(found?.message).toContain('Dry ice');
    expect(found?.remedy).toContain('The rules that apply decide');
  });
});

describe('gear for everybody at once', () => {
  const both = [
    task('p', 'perform', 60, {
      gearOn: ['Goggles'],
      hands: [
        { role: 'performer', count: 1, competence: null },
        { role: 'helper', count: 1, competence: null },
      ],
    }),
  ];
  const gear = (amount: number, items: Item[] = [item('goggles', 'gear', { name: 'Goggles' })]) => {
    const made = bundle(
      [
        {
          id: 'd',
          tasks: both,
          over: { kit: amount > 0 ? [line('goggles', amount, 'piece')] : [] },
        },
      ],
      items,
    );
    const shown = { ...made, venue: HALL };
    return keyed(judge(shown, timelineOf(shown)), 'gear:slot-d:goggle');
  };

  test('two people and one pair', () => {
    expect(gear(1)).toMatchObject({ level: 'fix', figure: '1 of 2' });
    expect(gear(0)?.message).toContain('there are none in its kit');
    expect(gear(2)).toBeUndefined();
  });
});

describe('the booking', () => {
  const booked = (show: Parameters<typeof given>[1], methods = { a: {} as Partial<Method> }) =>
    judged(methods, show).filter(({ kind }) => kind === 'booking');

  test('not agreed is to be fixed; nobody asked is not known', () => {
    expect(booked({})).toEqual([]);
    expect(booked({ show: { agreed: false } })).toMatchObject([{ level: 'fix' }]);
    expect(booked({ show: { youngest: null } })).toMatchObject([
      { key: 'booking:youngest', level: 'unknown' },
    ]);
    const audienceNeeds = { hearing: 'unknown', sight: 'no', movement: 'unknown' } as const;
    const [found] = booked({ show: { audienceNeeds } });
    expect(found?.message).toBe(
      'Nobody has asked who hears with difficulty and who moves with difficulty.',
    );
  });

  test('ages and needs are held against what is shown', () => {
    expect(booked({ show: { youngest: 3 } })).toMatchObject([{ key: 'booking:age:slot-a' }]);
    const hearing = { hearing: 'yes', sight: 'no', movement: 'no' } as const;
    const found = booked(
      { show: { audienceNeeds: hearing } },
      { a: { hazards: [blankHazard('loud'), blankHazard('highVoltage')] } },
    );
    expect(found.map(({ message }) => message)).toEqual([
      'Hearing aids and implants are disturbed by a.',
      'Hearing aids make a louder.',
      'Somebody hears with difficulty: warnings by voice alone do not reach them.',
    ]);
  });
});

describe('the store', () => {
  const short = (over: Partial<{ got: number; short: number; outOfDate: number }>) => {
    const { shown, timeline } = given(
      { a: { kit: [line('soda', 20, 'g')] } },
      { items: [item('soda', 'consumable', { name: 'Soda', unit: 'g' })] },
    );
    const share = { itemId: 'soda', need: 20, got: 12, short: 8, outOfDate: 0, ...over };
    return readiness(shown, timeline, { ...NOTHING_AROUND, shares: [share] });
  };

  test('what is short keeps the show from going, and says by how much', () => {
    const { state } = short({});
    expect(state.go).toBe(false);
    expect(state.fix.map(({ message }) => message)).toContain(
      '8 g short: the show takes 20 g, and 12 g of it is there.',
    );
    expect(short({ got: 0, short: 20, outOfDate: 30 }).state.fix[0]?.message).toContain(
      'none is there; 30 g will be out of date',
    );
    expect(keyed(short({ got: 20, short: 0 }).verdicts, 'stock:soda')).toBeUndefined();
  });

  test('a show that was performed says so, whatever was open', () => {
    const { shown, timeline } = given({ a: {} });
    const { state } = readiness(shown, timeline, { ...NOTHING_AROUND, performed: true });
    expect(state.words).toMatch(/^Performed/);
  });
});
