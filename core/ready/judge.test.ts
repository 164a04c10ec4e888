/** What is judged before a show: calculators with the day's figures, the room, cautions, combinations. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { blankVenue } from '../brief/blank';
import type { Venue } from '../brief/types';
import { timelineOf } from '../lineup/timelineOf';
import { NO_CARE, NO_NEEDS, type CalculatorBinding } from '../repertoire/care';
import { blankHazard } from '../repertoire/blank';
import type { HazardKind, Method } from '../repertoire/types';
import { bound, given, judged } from '../testing/judged';
import { changesOfKit, judge, verdictsOf } from './judge';
import { bookedPeople, dayFactsAt, dayFactsOf, roomVolume, toFrontRow } from './facts';
import { ringsOf } from './plan';
import { hasWorking, verdict, worstOf } from './verdict';

// The same cases every time.
fc.configureGlobal({ seed: 154 });

const DOME = bound('dome');
const hazardous: Partial<Method> = {
  hazards: ['flammableVapour', 'highVoltage', 'loud', 'slip'].map((kind) =>
    blankHazard(kind as HazardKind),
  ),
};
/** A day on which everything was measured. */
const DAY = { temperature: 20, humidity: 40, pressure: 1013, wind: 1 };

const calculated = (
  binding: CalculatorBinding,
  conditions: Parameters<typeof judged>[1] = {},
  over: Partial<Method> = {},
) =>
  judged({ d: { calculators: [binding], ...over } }, conditions).filter(
    (one) => one.kind === 'calculator',
  );

describe('calculators with the day’s figures', () => {
  test('what nobody has measured is unknown, and says what to measure', () => {
    const [verdict] = calculated(DOME);
    expect(verdict).toMatchObject({ level: 'unknown', remedy: 'Measure the humidity.' });
  });

  test('measured, it is judged anew', () => {
    const level = (humidity: number) => calculated(DOME, { conditions: { humidity } })[0]?.level;
    expect([30, 50, 80].map(level)).toEqual(['ok', 'watch', 'fix']);
  });

  test('what is only expected holds until it is measured; what would not do is told at once', () => {
    const expected = (humidity: number) =>
      calculated(DOME, { conditions: { humidity, measured: [] } })[0];
    expect(expected(30)).toMatchObject({ level: 'unknown', remedy: 'Measure the humidity.' });
    expect(expected(30)?.message).toMatch(/^Only expected so far\. Dry enough/);
    expect(expected(80)?.level).toBe('fix');
  });

  test('nothing passes on usual values: what nobody has said is asked for', () => {
    const bare = { id: 'b', calculator: 'bang', inputs: [] };
    const [found] = calculated(bare, { conditions: DAY });
    expect(found?.level).toBe('unknown');
    expect(found?.remedy).toMatch(/^Say in the demo: peak, dB\(C\)/);
    // Of the turning stool, whoever sits on it has no weight to be asked for.
    const [stool] = calculated({ ...bound('turning'), inputs: [] }, { conditions: DAY });
    expect(stool?.remedy).not.toContain('weight of the person');
  });

  test('the air pressure has to be read', () => {
    const [found] = calculated(bound('foam'), { conditions: { temperature: 20 } });
    expect(found).toMatchObject({ level: 'unknown', remedy: 'Read the air pressure.' });
    expect(calculated(bound('foam'), { conditions: DAY })[0]?.level).toBe('ok');
  });

  test('settings count, in their own unit', () => {
    const foam = (value: number, unit: 'mL' | 'cup') =>
      calculated(
        {
          ...bound('foam'),
          inputs: [
            ...bound('foam').inputs.filter(({ input }) => !['amount', 'strength'].includes(input)),
            { input: 'amount', from: 'setting', ref: 'p', value: null },
            { input: 'strength', from: 'setting', ref: 's', value: null },
          ],
        },
        { conditions: DAY },
        {
          settings: [
            { id: 'p', name: 'Peroxide', value, most: null, unit, source: '' },
            { id: 's', name: 'Strength', value: 9, most: null, unit: 'percent', source: '' },
          ],
        },
      )[0];
    expect(foam(236.588, 'mL')?.figure).toBe(foam(1, 'cup')?.figure);
    expect(foam(40, 'mL')?.steps[0]).toMatchObject({
      label: 'Peroxide',
      value: '40 mL',
      formula: 'setting “Peroxide”',
    });
  });

  test('a setting that is a range is judged over the range', () => {
    const [found] = calculated(
      {
        ...bound('foam'),
        inputs: [
          ...bound('foam').inputs.filter(({ input }) => input !== 'amount'),
          { input: 'amount', from: 'setting', ref: 'p', value: null },
        ],
      },
      { conditions: DAY },
      { settings: [{ id: 'p', name: 'Peroxide', value: 40, most: 60, unit: 'mL', source: '' }] },
    );
    expect(found?.message).toContain('at the worst over peroxide 40 to 60 mL');
  });

  test('near its limit it is at the edge, with how far in what one can change', () => {
    const thrown = { speed: 11, height: 1, ground: 'soft', clear: 14 };
    const [found] = calculated(bound('clear-zone', thrown), { conditions: { ...DAY, wind: 0 } });
    expect(found).toMatchObject({ level: 'watch' });
    expect(found?.message).toMatch(/^At the edge/);
    expect(found?.remedy).toMatch(/^No longer with speed 1 m\/s more, or clear distance 1 m less/);
    const [over] = calculated(bound('clear-zone', { ...thrown, speed: 12 }), {
      conditions: { ...DAY, wind: 0 },
    });
    expect(over).toMatchObject({ level: 'fix' });
    expect(over?.remedy).toMatch(/^Would do: speed 1 m\/s less/);
  });

  test('a closed vessel is a stop although nobody has measured anything', () => {
    const [verdict] = judged({
      ice: { calculators: [{ id: 'x', calculator: 'closed-vessel', inputs: [] }] },
    });
    expect(verdict).toMatchObject({ level: 'stop', final: true });
  });

  test('a setting that can’t be is told, and is no pass', () => {
    const [verdict] = calculated(
      {
        ...bound('will-it-light'),
        inputs: [{ input: 'vessel', from: 'setting', ref: 'v', value: null }],
      },
      { conditions: { temperature: 20 } },
      { settings: [{ id: 'v', name: 'Bottle', value: 0, most: null, unit: 'L', source: '' }] },
    );
    expect(verdict?.level).toBe('unknown');
    expect(verdict?.message).toContain('Vessel must be more than nothing');
  });
});

describe('the room', () => {
  const needs = (over: Partial<typeof NO_NEEDS>) => ({ needs: { ...NO_NEEDS, ...over } });

  test.each([
    [{ water: true }, { water: 'no' as const }, 'fix'],
    [{ water: true }, { water: 'unknown' as const }, 'unknown'],
    [{ drain: true }, { drain: 'no' as const }, 'fix'],
    [{ drain: true }, { drain: 'unknown' as const }, 'unknown'],
    [{ dark: true }, { dark: 'no' as const }, 'fix'],
    [{ dark: true }, { dark: 'unknown' as const }, 'unknown'],
    [{ where: 'outdoors' as const }, { outdoors: false }, 'stop'],
    [{ where: 'indoors' as const }, { outdoors: true }, 'fix'],
    [{ levelFloor: true }, { floor: 'sloping' as const }, 'fix'],
    [{ levelFloor: true }, { floor: 'unknown' as const }, 'unknown'],
    [{ ceilingM: 6 }, { ceilingM: 5 }, 'fix'],
    [{ ceilingM: 4 }, { ceilingM: 5 }, 'ok'],
    [{ ceilingM: 4 }, { ceilingM: null }, 'unknown'],
    [{ windMost: 5 }, { outdoors: true }, 'unknown'],
  ])('%j against %j: %s', (wanted, venue, level) => {
    expect(worstOf(judged({ d: needs(wanted) }, { venue }))).toBe(level);
  });

  test('wind is held against what it bears, outdoors', () => {
    const level = (wind: number) =>
      judged({ d: needs({ windMost: 5 }) }, { venue: { outdoors: true }, conditions: { wind } })[0]
        ?.level;
    expect([3, 4.5, 6].map(level)).toEqual(['ok', 'watch', 'fix']);
  });

  test('smoke under detectors: never asked, isolated by whom, not known, or never', () => {
    const level = (venue: Partial<Venue>) =>
      worstOf(
        judged({ d: { hazards: [blankHazard('smoke')] } }, { venue }).filter(
          ({ kind }) => kind === 'room',
        ),
      );
    expect(level({ smokeDetectors: 'unknown' })).toBe('unknown');
    expect(level({ smokeDetectors: 'yes' })).toBe('unknown');
    const isolated = { detectorsIsolable: 'yes' as const, detectorsIsolatedBy: 'Caretaker' };
    expect(level({ smokeDetectors: 'yes', ...isolated })).toBe('watch');
    expect(level({ smokeDetectors: 'yes', detectorsIsolable: 'no' })).toBe('stop');
    expect(level({ smokeDetectors: 'no' })).toBe('ok');
  });

  test('without a venue nothing is known', () => {
    expect(judged({ d: {} }, { venue: null })[0]).toMatchObject({
      key: 'room:venue',
      level: 'unknown',
    });
  });
});

describe('distance', () => {
  const placed = (y: number, clearM: number) => {
    const { shown } = given({ d: { needs: { ...NO_NEEDS, clearM } } });
    const show = {
      ...shown.show,
      positions: shown.show.positions.map((p) => ({ ...p, at: { x: 0, y } })),
    };
    const moved = { ...shown, show };
    return { moved, timeline: timelineOf(moved) };
  };

  test('moved back as far as it says, it is far enough', () => {
    const near = placed(1, 5.25);
    const [verdict] = judge(near.moved, near.timeline);
    expect(verdict).toMatchObject({
      level: 'fix',
      remedy: 'Move it 1.3 m back, or the front row.',
    });
    const far = placed(1 + 1.3, 5.25);
    expect(worstOf(judge(far.moved, far.timeline))).not.toBe('fix');
    expect(ringsOf(far.moved, far.timeline)).toMatchObject([{ radius: 5.25, nearest: 5.3 }]);
  });

  test('a position that is not on the plan is unknown', () => {
    const [verdict] = judged({ d: { needs: { ...NO_NEEDS, clearM: 2 } } });
    expect(verdict?.message).toContain('where it stands is not known');
  });
});

test('the worst comes first, whatever the day', () => {
  const LEVELS = ['stop', 'fix', 'unknown', 'watch', 'ok'];
  fc.assert(
    fc.property(
      fc.option(fc.integer({ min: 0, max: 100 })),
      fc.option(fc.integer({ min: -20, max: 45 })),
      (humidity, temperature) => {
        const found = judged(
          {
            dome: { calculators: [DOME] },
            lit: {
              calculators: [bound('will-it-light')],
              hazards: [blankHazard('openFlame')],
            },
          },
          { conditions: { humidity, temperature } },
        ).map((v) => LEVELS.indexOf(v.level));
        expect(found).toEqual([...found].sort((a, b) => a - b));
        if (humidity === null || temperature === null) expect(found).toContain(2);
      },
    ),
    { numRuns: 50 },
  );
});

describe('for the screens', () => {
  const of = (
    kind: Parameters<typeof verdict>[0]['kind'],
    level: 'stop' | 'fix' | 'watch',
    remedy: string,
  ) =>
    verdict({
      key: `${kind}-${level}`,
      kind,
      level,
      title: 'Dome',
      message: 'So.',
      remedy,
      slotIds: [kind],
    });

  test('kit is changed by what is to be fixed and can be packed for', () => {
    const all = [
      of('calculator', 'fix', 'Take more'),
      of('room', 'stop', 'Bring cloth'),
      of('power', 'fix', 'Bring a lead'),
      of('calculator', 'watch', 'Mind it'),
      of('room', 'fix', ''),
      of('distance', 'fix', 'Move it'),
      of('combination', 'stop', 'Air the stage'),
    ];
    expect(changesOfKit(all).map((one) => one.key)).toEqual([
      'calculator-fix',
      'room-stop',
      'power-fix',
    ]);
    expect(verdictsOf(all, 'power').map((one) => one.key)).toEqual(['power-fix']);
  });

  test('there is a working where there are steps or a limit', () => {
    expect(hasWorking({ steps: [], limit: '' })).toBe(false);
    expect(hasWorking({ steps: [], limit: '2 m' })).toBe(true);
    expect(
      hasWorking({ steps: [{ label: '', value: '', formula: '', source: '' }], limit: '' }),
    ).toBe(true);
  });
});

describe('facts', () => {
  test('people are as booked until somebody counts them', () => {
    const { shown } = given({ a: {} });
    expect(bookedPeople(shown.show)).toBe(122);
    expect(dayFactsOf(shown).people).toBe(122);
    const counted = given({ a: {} }, { conditions: { people: 80 } }).shown;
    expect(dayFactsOf(counted).people).toBe(80);
  });

  test('a room has its volume once all its measures are known; outdoors nothing gathers', () => {
    expect(roomVolume(given({ a: {} }).shown)).toBe(18 * 9 * 5);
    expect(roomVolume(given({ a: {} }, { venue: { ceilingM: null } }).shown)).toBeNull();
    const outside = given({ a: {} }, { venue: { outdoors: true } }).shown;
    expect(roomVolume(outside)).toBeNull();
    expect(dayFactsOf(outside)).toMatchObject({ wind: null, backRow: null });
    expect(dayFactsOf(outside).roomVolume).toBeGreaterThan(
      dayFactsOf(given({ a: {} }).shown).roomVolume ?? 0,
    );
    expect(dayFactsOf(given({ a: {} }).shown).wind).toBe(0);
  });

  test('the front row is counted from where a slot is done', () => {
    expect(toFrontRow({ x: 5, y: 2 }, 3)).toBe(5);
    const { shown } = given({ a: {} });
    const [table] = shown.show.positions;
    if (!table) throw new Error('no table');
    const placed = {
      ...shown,
      show: { ...shown.show, positions: [{ ...table, at: { x: 0, y: 1.5 } }] },
    };
    expect(dayFactsAt(placed, { positionId: 'table' }).frontRow).toBe(4.5);
    expect(dayFactsAt(shown, { positionId: 'table' }).frontRow).toBe(3);
    expect(dayFactsAt(placed, { positionId: null }).frontRow).toBe(3);
  });

  test('pressure is not known until it is read; in kPa', () => {
    expect(dayFactsOf(given({ a: {} }).shown).pressure).toBeNull();
    expect(
      dayFactsOf(given({ a: {} }, { conditions: { pressure: 980 } }).shown).pressure,
    ).toBeCloseTo(98, 9);
  });
});

test('a wind, or a loudness of the room, that is only expected does not pass', () => {
  const outdoors = (measured: ('wind' | 'sound')[]) =>
    judged(
      { d: { needs: { ...NO_NEEDS, windMost: 6 } } },
      { venue: { outdoors: true }, conditions: { wind: 2, measured } },
    ).find(({ key }) => key.endsWith(':wind'));
  const figures = { page: 'ready', part: 'figures' };
  expect(outdoors([])).toMatchObject({ level: 'unknown', place: figures });
  expect(outdoors(['wind'])?.level).toBe('ok');
  const voice = (measured: ('wind' | 'sound')[]) =>
    judged({ d: {} }, { conditions: { sound: 35, measured } }).find(({ key }) => key === 'voice');
  expect(voice([])).toMatchObject({ level: 'unknown', place: figures });
  expect(voice(['sound'])?.level).not.toBe('unknown');
});

test.each<[string, Venue | null]>([
  ['in a hall nobody knows anything of', blankVenue('hall', 'Hall')],
  ['outdoors', { ...blankVenue('field', 'Field'), outdoors: true }],
  ['without a venue', null],
])('whatever is judged says where it is put right, %s', (_name, venue) => {
  const shown = {
    ...given(
      {
        a: {
          ...hazardous,
          needs: { ...NO_NEEDS, clearM: 3, ceilingM: 4, windMost: 5, powerW: 2000, water: true },
          calculators: [bound('dome'), bound('cold-in-room')],
          care: { ...NO_CARE, never: ['madeExplosive'] },
        },
        b: { hazards: [blankHazard('openFlame'), blankHazard('smoke')], hazardsReviewed: false },
      },
      { show: { agreed: false, youngest: null } },
    ).shown,
    venue,
  };
  const found = judge(shown, timelineOf(shown), { shares: null });
  const kinds = new Set(found.map(({ kind }) => kind));
  expect(kinds.size).toBeGreaterThan(5);
  expect(found.filter(({ place }) => place === null)).toEqual([]);
});
