/** What is judged before a show: calculators with the day's figures, the room, cautions, combinations. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Venue } from '../brief/types';
import { timelineOf } from '../lineup/fromBundle';
import { NO_CARE, NO_NEEDS, type CalculatorBinding } from '../repertoire/care';
import { blankHazard } from '../repertoire/blank';
import type { Method } from '../repertoire/types';
import { task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { given, HALL, judged } from '../testing/judged';
import { changesOfKit, judge, verdictsOf } from './judge';
import { bookedPeople, dayFactsAt, dayFactsOf, roomVolume, toFrontRow } from './facts';
import { ringsOf } from './plan';
import { hasWorking, verdict, worstOf } from './verdict';

// The same cases every time.
fc.configureGlobal({ seed: 154 });

const DOME: CalculatorBinding = { id: 'damp', calculator: 'dome', inputs: [] };

describe('calculators with the day’s figures', () => {
  test('what nobody has measured is unknown, and says what to measure', () => {
    const [verdict] = judged({ dome: { calculators: [DOME] } });
    expect(verdict).toMatchObject({ level: 'unknown', remedy: 'Measure the humidity.' });
  });

  test('measured, it is judged anew', () => {
    const level = (humidity: number) =>
      judged({ dome: { calculators: [DOME] } }, { conditions: { humidity } })[0]?.level;
    expect([30, 50, 80].map(level)).toEqual(['ok', 'watch', 'fix']);
  });

  test('settings count, in their own unit', () => {
    const foam = (value: number, unit: 'mL' | 'cup') =>
      judged(
        {
          foam: {
            settings: [
              { id: 'p', name: 'Peroxide', value, unit, source: '' },
              { id: 's', name: 'Strength', value: 9, unit: 'percent', source: '' },
            ],
            calculators: [
              {
                id: 'hot',
                calculator: 'foam',
                inputs: [
                  { input: 'amount', from: 'setting', ref: 'p', value: null },
                  { input: 'strength', from: 'setting', ref: 's', value: null },
                ],
              },
            ],
          },
        },
        { conditions: { temperature: 20 } },
      )[0];
    expect(foam(236.588, 'mL')?.figure).toBe(foam(1, 'cup')?.figure);
    expect(foam(40, 'mL')?.steps[0]).toMatchObject({
      label: 'Peroxide',
      value: '40 mL',
      formula: 'setting “Peroxide”',
    });
  });

  test('a closed vessel is a stop although nobody has measured anything', () => {
    const [verdict] = judged({
      ice: { calculators: [{ id: 'x', calculator: 'closed-vessel', inputs: [] }] },
    });
    expect(verdict).toMatchObject({ level: 'stop', final: true });
  });

  test('a setting that can’t be is told, and is no pass', () => {
    const [verdict] = judged(
      {
        bottle: {
          settings: [{ id: 'v', name: 'Bottle', value: 0, unit: 'L', source: '' }],
          calculators: [
            {
              id: 'w',
              calculator: 'will-it-light',
              inputs: [{ input: 'vessel', from: 'setting', ref: 'v', value: null }],
            },
          ],
        },
      },
      { conditions: { temperature: 20 } },
    );
    expect(verdict?.level).toBe('unknown');
    expect(verdict?.message).toContain('Vessel must be more than nothing');
  });
});

describe('the room', () => {
  const needs = (over: Partial<typeof NO_NEEDS>) => ({ needs: { ...NO_NEEDS, ...over } });

  test.each([
    [{ water: true }, { water: false }, 'fix'],
    [{ drain: true }, { drain: false }, 'fix'],
    [{ dark: true }, { dark: false }, 'fix'],
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

  test('smoke under detectors: isolated by whom, not known, or never', () => {
    const level = (venue: Partial<Venue>) =>
      worstOf(
        judged(
          { d: { hazards: [blankHazard('smoke')] } },
          { venue: { smokeDetectors: true, ...venue } },
        ),
      );
    expect(level({})).toBe('unknown');
    expect(level({ detectorsIsolable: 'yes', detectorsIsolatedBy: 'Caretaker' })).toBe('watch');
    expect(level({ detectorsIsolable: 'no' })).toBe('stop');
    expect(level({ smokeDetectors: false })).toBe('ok');
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

describe('cautions and combinations', () => {
  const hazard = (...kinds: Parameters<typeof blankHazard>[0][]) => ({
    hazards: kinds.map((kind) => blankHazard(kind)),
  });
  const kept = {
    care: { ...NO_CARE, extinguisher: 'blanket' as const, heldBy: 'helper' as const },
  };

  test('what is never done stops the show, and nothing sets it aside', () => {
    const [verdict] = judged({ d: { care: { ...NO_CARE, never: ['closedCryogen'] } } });
    expect(verdict).toMatchObject({ level: 'stop', final: true });
    expect(judged({ d: hazard('oxidiser', 'flammableVapour') })[0]).toMatchObject({
      level: 'stop',
      final: true,
    });
  });

  test('a flame wants an extinguisher and somebody beside it', () => {
    const level = (care: Partial<typeof NO_CARE>) =>
      worstOf(judged({ d: { ...hazard('openFlame'), care: { ...NO_CARE, ...care } } }));
    expect(level({})).toBe('fix');
    expect(level({ extinguisher: 'sand' })).toBe('watch');
    expect(level({ extinguisher: 'sand', heldBy: 'helper' })).toBe('ok');
  });

  test.each([
    ['oxidiser', 'openFlame', 'stop'],
    ['flammableVapour', 'highVoltage', 'stop'],
    ['slip', 'highVoltage', 'fix'],
    ['loud', 'highVoltage', 'ok'],
  ] as const)('%s before %s: %s', (first, second, level) => {
    const found = judged({
      first: { ...hazard(first), ...kept },
      second: { ...hazard(second), ...kept },
    });
    expect(worstOf(found.filter((v) => v.kind === 'combination'))).toBe(level);
    // The other way round nothing is left for it.
    const turned = judged({
      second: { ...hazard(second), ...kept },
      first: { ...hazard(first), ...kept },
    });
    expect(turned.filter((v) => v.kind === 'combination')).toEqual([]);
  });

  test('what the line-up waits for is no trouble', () => {
    const wet = {
      leaves: [
        {
          id: 'w',
          kind: 'water' as const,
          where: 'stage' as const,
          time: { shortest: 60, likely: 60, longest: 60 },
          hands: [],
        },
      ],
    };
    const pair = (forbids: Method['forbids']) =>
      judged({ wet, dome: { ...hazard('highVoltage'), forbids } }).filter(
        (v) => v.kind === 'combination',
      );
    expect(pair([])).toHaveLength(1);
    expect(pair(['water'])).toEqual([]);
  });

  test('oxygen that is no timed residue is feared, whatever the flame forbids', () => {
    const pair = (first: Partial<Method>) =>
      judged({
        first: { ...first, ...kept },
        flame: { ...hazard('openFlame'), ...kept, forbids: ['oxygen'] },
      }).filter((v) => v.kind === 'combination');
    expect(pair(hazard('oxidiser'))).toHaveLength(1);
    const leaves = {
      leaves: [
        {
          id: 'o',
          kind: 'oxygen' as const,
          where: 'stage' as const,
          time: { shortest: 60, likely: 60, longest: 60 },
          hands: [],
        },
      ],
    };
    expect(pair({ ...hazard('oxidiser'), ...leaves })).toEqual([]);
  });

  test('oxygen beside its own flame is to be watched, and so is one that says it leaves oxygen', () => {
    const own = (method: Partial<Method>) =>
      judged({ splint: { ...method, ...kept } }).filter((v) => v.kind === 'combination');
    const flame = blankHazard('openFlame');
    expect(own({ hazards: [flame, blankHazard('oxidiser')] })).toMatchObject([{ level: 'watch' }]);
    expect(own({ hazards: [flame] })).toEqual([]);
    expect(own({ hazards: [blankHazard('oxidiser')] })).toEqual([]);
    const leaves: Method['leaves'] = [
      {
        id: 'o',
        kind: 'oxygen',
        where: 'stage',
        time: { shortest: 60, likely: 60, longest: 60 },
        hands: [],
      },
    ];
    expect(own({ hazards: [flame], leaves })).toMatchObject([{ level: 'watch' }]);
  });

  test('a table that was wiped is dry', () => {
    const wiped = bundle([
      {
        id: 'foam',
        tasks: [task('p', 'perform', 60), task('wipe', 'reset', 60)],
        over: hazard('slip'),
      },
      { id: 'dome', tasks: [task('p', 'perform', 60)], over: hazard('highVoltage') },
    ]);
    const found = judge({ ...wiped, venue: HALL }, timelineOf(wiped));
    expect(found.filter((v) => v.kind === 'combination')).toEqual([]);
  });

  test('cold liquid in a small room stops the show; in a hall it does not', () => {
    const items = [item('ln', 'consumable', { cold: 'nitrogen', unit: 'mL' })];
    const methods = { cold: { kit: [line('ln', 2, 'L')] } };
    const level = (venue: Partial<Venue>) =>
      judged(methods, { venue, items, conditions: { temperature: 18 } }).find(
        (v) => v.key === 'cold-room:ln',
      )?.level;
    expect(level({})).not.toBe('stop');
    expect(level({ lengthM: 3, widthM: 3, ceilingM: 2 })).toBe('stop');
    expect(level({ lengthM: null })).toBe('unknown');
    expect(level({ outdoors: true })).toBe('ok');
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
              calculators: [{ id: 'l', calculator: 'will-it-light', inputs: [] }],
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

  test('pressure is the standard one until it is read; in kPa', () => {
    expect(dayFactsOf(given({ a: {} }).shown).pressure).toBeCloseTo(101.325, 9);
    expect(
      dayFactsOf(given({ a: {} }, { conditions: { pressure: 980 } }).shown).pressure,
    ).toBeCloseTo(98, 9);
  });
});
