/** All gases of a room in one sum over the day. */
import { describe, expect, test } from '@jest/globals';
import type { Venue } from '../../brief/types';
import { airOverDay, type LetGo } from '../../calculators/air/day';
import { oxygenAfter, carbonDioxideAfter } from '../../calculators/air/overTime';
import { item, line } from '../../testing/bundle';
import { bound, judged } from '../../testing/judged';
import type { Verdict } from '../verdict';

const let_ = (over: Partial<LetGo>): LetGo => ({
  at: 0,
  volume: 0,
  dioxide: 0,
  oxygen: 0,
  ...over,
});

describe('the sum', () => {
  const room = { volume: 60, changes: 0 };

  // EIGA Doc 44 / BCGA worked form (from memory): 50 L of nitrogen, factor 683, 60 m³: 9.0 %.
  test('fifty litres of nitrogen in sixty cubic metres leave 9 % of oxygen', () => {
    const [after] = airOverDay(room, [let_({ volume: 0.05 * 683 })], [], 1);
    expect(Math.abs((after?.oxygen ?? 0) - 9.0)).toBeLessThan(0.1);
  });

  test('one gas alone is as its closed form', () => {
    const aired = { volume: 200, changes: 2 };
    const nitrogen = airOverDay(aired, [let_({ volume: 4 })], [], 1800);
    expect(nitrogen.at(-1)?.oxygen).toBeCloseTo(oxygenAfter(aired, { once: 4, steady: 0 }, 0.5), 9);
    const dry = airOverDay(
      aired,
      [],
      [{ from: 0, until: 1800, volume: 1.5, dioxide: 1, people: 0 }],
      1800,
    );
    expect(dry.at(-1)?.dioxide).toBeCloseTo(
      carbonDioxideAfter(aired, { once: 0, steady: 1.5 }, 0.5, 0.042),
      2,
    );
  });

  test('nitrogen and dry ice together are worse than either', () => {
    const air = (lets: LetGo[]) => Math.min(...airOverDay(room, lets, [], 1).map((a) => a.oxygen));
    const [one, other] = [let_({ volume: 2.2 }), let_({ volume: 2.2, dioxide: 1 })];
    expect(air([one])).toBeGreaterThan(19.5);
    expect(air([other])).toBeGreaterThan(19.5);
    expect(air([one, other])).toBeLessThan(19.5);
  });

  test('oxygen that is let go enriches, and people breathe it', () => {
    const [rich] = airOverDay(room, [let_({ volume: 3, oxygen: 1 })], [], 1);
    expect(rich?.oxygen).toBeGreaterThan(23.5);
    const crowd = { from: 0, until: 3600, volume: 0, dioxide: 0, people: 60 };
    const stuffy = airOverDay({ volume: 300, changes: 1 }, [], [crowd], 3600).at(-1);
    expect(stuffy?.dioxide).toBeGreaterThan(0.2);
    expect(stuffy?.oxygen).toBeLessThan(20.9);
  });
});

describe('of a show', () => {
  const items = [
    item('ln', 'consumable', { name: 'Liquid nitrogen', cold: 'nitrogen', unit: 'mL' }),
    item('ice', 'consumable', { name: 'Dry ice', cold: 'dryIce', unit: 'g' }),
  ];
  const nitrogen = { kit: [line('ln', 2, 'L')] };
  const dryIce = { kit: [line('ice', 3, 'kg')] };
  const DAY = { temperature: 18, pressure: 1013 };
  const air = (
    methods: Parameters<typeof judged>[0],
    venue: Partial<Venue> = {},
    conditions: Parameters<typeof judged>[1] = { conditions: DAY },
  ): Verdict[] =>
    judged(methods, { venue, items, ...conditions }).filter(({ kind }) => kind === 'air');
  const spilled = (found: readonly Verdict[]) => found.find(({ key }) => key === 'air:spilled');

  test('cold liquid in a small room stops the show; in a hall it does not; without measures it is not known', () => {
    expect(spilled(air({ a: nitrogen }))?.level).not.toBe('stop');
    expect(spilled(air({ a: nitrogen }, { lengthM: 3, widthM: 3, ceilingM: 2 }))?.level).toBe(
      'stop',
    );
    expect(air({ a: nitrogen }, { lengthM: null })[0]?.level).toBe('unknown');
    expect(air({ a: nitrogen }, { airChanges: null })[0]?.level).toBe('unknown');
    expect(air({ a: nitrogen }, { outdoors: true })[0]?.level).toBe('ok');
    expect(air({ a: {} })).toEqual([]);
  });

  test('a pressure that nobody read, and a temperature that is only expected, do not pass', () => {
    expect(air({ a: nitrogen }, {}, { conditions: { temperature: 18 } })[0]?.level).toBe('unknown');
    const expected = air({ a: nitrogen }, {}, { conditions: { ...DAY, measured: ['pressure'] } });
    expect(expected.map(({ level }) => level)).toEqual(['unknown', 'unknown']);
  });

  test('two cold things that each would do are let go together', () => {
    const small = { lengthM: 10, widthM: 6, ceilingM: 2.5 };
    const one = spilled(air({ a: nitrogen }, small));
    const other = spilled(air({ b: dryIce }, small));
    const both = spilled(air({ a: nitrogen, b: dryIce }, small));
    const oxygen = (of: Verdict | undefined) =>
      Number(/([\d.]+) % oxygen/.exec(of?.message ?? '')?.[1]);
    expect(oxygen(both)).toBeLessThan(Math.min(oxygen(one), oxygen(other)));
    expect(both?.message).toMatch(/If all [\d.]+ L of liquid nitrogen and [\d.]+ kg of dry ice/);
    expect(both?.slotIds).toEqual(['slot-a', 'slot-b']);
  });

  test('fizz counts too, as often as it is done', () => {
    const fizzy = { calculators: [bound('fizz', { amount: 5000, carbonate: 400, holds: 10 })] };
    const found = air({ a: fizzy });
    expect(found).toHaveLength(1);
    expect(found[0]?.steps[0]?.value).toMatch(/m³/);
    const ppm = (of: Verdict | undefined) => Number(/([\d.]+) ppm/.exec(of?.message ?? '')?.[1]);
    const nobody = { conditions: { ...DAY, people: 0 } };
    expect(ppm(air({ a: fizzy }, {}, nobody)[0])).toBeGreaterThan(440);
  });

  test('what to do when somebody is down says that nobody goes in', () => {
    const small = air({ a: nitrogen }, { lengthM: 3, widthM: 3, ceilingM: 2 });
    expect(spilled(small)?.remedy).toMatch(/Nobody goes in after somebody who is down/);
  });
});
