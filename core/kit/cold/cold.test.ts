import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { ColdPlan, Show, ShowBundle } from '../../brief/types';
import type { Item } from '../../repertoire/item';
import type { KitLine } from '../../repertoire/types';
import { timelineOf } from '../../lineup/timelineOf';
import { task } from '../../testing/build';
import { bundle, item, line } from '../../testing/bundle';
import { needsOf } from '../needs';
import { kitList } from '../kit';
import { type ColdBudget, coldBudget, coldVerdict, leaveWords } from './budget';
import { coldOutlook, measuredOutlook } from './outlook';
import { coldPlanOf } from './plan';
import { coldSeries } from './series';
import { capacityOf } from './vessels';

const perform = [task('p', 'perform', 600)];

/** Two demos of ten minutes with 600 and 1,200 mL, one go allowed, fetched at 12:00 for 14:00. */
function coldShow(plan: Partial<ColdPlan> = {}, flask = {}): ShowBundle {
  const from = bundle(
    [
      {
        id: 'flower',
        tasks: perform,
        over: {
          goesAllowed: 1,
          kit: [
            line('ln', 600, 'mL', 'perGo'),
            line('flask', 1, 'piece', 'perShow', { chilled: true }),
          ],
        },
      },
      {
        id: 'cloud',
        tasks: perform,
        over: { goesAllowed: 1, kit: [line('ln', 1.2, 'L', 'perGo')] },
      },
    ],
    [
      item('ln', 'consumable', { cold: 'nitrogen', name: 'Liquid nitrogen', unit: 'mL' }),
      item('flask', 'equipment', flask),
      item('dewar', 'equipment', {
        holds: 5000,
        boilsOff: 60,
        material: 'aluminium',
        gramsEach: 1000,
      }),
    ],
  );
  const base = coldPlanOf(from.show, { id: 'ln' });
  from.show.cold = [
    { ...base, collected: '12:00', vesselId: 'dewar', pourLoss: 0, reserve: 0, ...plan },
  ];
  return from;
}

function budgetOf(from: ShowBundle): ColdBudget {
  const budget = coldBudget(
    from,
    timelineOf(from),
    from.show.cold[0] ?? coldPlanOf(from.show, { id: 'ln' }),
  );
  if (!budget) throw new Error('There is a use for it');
  return budget;
}

describe('backwards from the last use', () => {
  test('every draw, and what goes off until the last of them', () => {
    const budget = budgetOf(coldShow());
    // 600 + 1200 drawn; 60 mL/h from 12:00 to 14:10.
    expect(budget.order).toBeCloseTo(1800 + 60 * (130 / 60), 6);
    expect(budget.left).toBeCloseTo(0, 6);
    expect(budget.draws.map((d) => [d.demoName, d.at, d.total])).toEqual([
      ['flower', 0, 600],
      ['cloud', 600, 1200],
    ]);
  });

  test('a tenth lost in pouring makes a ninth more', () => {
    const budget = budgetOf(coldShow({ pourLoss: 10 }));
    expect(budget.draws[0]).toMatchObject({ used: 600, total: expect.closeTo(666.67, 2) });
  });

  test('the reserve is a share of what is drawn, and is left at the end', () => {
    const budget = budgetOf(coldShow({ reserve: 20 }));
    expect(budget.reserve).toBeCloseTo(360, 9);
    expect(budget.left).toBeCloseTo(360, 6);
    expect(budget.goneAfter).toBeCloseTo(6 * 3600, 3);
  });

  test('warm things take their share: the flask in the demo, the vessel at the counter', () => {
    const budget = budgetOf(
      coldShow({ vesselWarm: true }, { material: 'glass', gramsEach: 400, boilsOff: 300 }),
    );
    // 400 g of glass at 0.125 kJ/g ÷ 0.1604 kJ/mL; the flask stands for ten minutes at 300 mL/h.
    expect(budget.draws[0]?.cooling).toBeCloseTo(311.8, 0);
    expect(budget.draws[0]?.standing).toBeCloseTo(50, 6);
    // A kilogram of aluminium.
    expect(budget.vesselCooling).toBeCloseTo(1016, 0);
    expect(budget.left).toBeCloseTo(0, 6);
  });

  test('a day earlier at the counter is a day more of going off', () => {
    expect(budgetOf(coldShow({ daysBefore: 1 })).order - budgetOf(coldShow()).order).toBeCloseTo(
      24 * 60,
      6,
    );
  });

  test('the vessel it is carried in is on the list and asked of the store', () => {
    const from = coldShow();
    const entry = kitList(from, timelineOf(from)).find((e) => e.itemId === 'dewar');
    expect(entry).toMatchObject({ total: 1, how: '1 to carry the liquid nitrogen' });
    const { needs } = needsOf(from, { timeline: () => timelineOf(from), owned: () => Infinity });
    expect(needs.find((one) => one.itemId === 'dewar')?.base).toBe(1);
    const without = coldShow({ vesselId: null });
    expect(kitList(without, timelineOf(without)).some((e) => e.itemId === 'dewar')).toBe(false);
  });

  test('the kit list asks for what must be fetched, and says how it came about', () => {
    const from = coldShow({ reserve: 10 });
    const entry = kitList(from, timelineOf(from)).find((e) => e.itemId === 'ln');
    expect(entry?.total).toBeCloseTo(budgetOf(from).order, 9);
    expect(entry?.how).toBe(
      '1.8 L drawn (600 mL flower + 1.2 L cloud) + 130 mL boiled away since 12:00 + 180 mL reserve = 2.11 L',
    );
  });
});

describe('forwards from what was ordered', () => {
  test('names the demo that would run short, and how much more to order', () => {
    const budget = budgetOf(coldShow({ ordered: 1500 }));
    expect(budget.short).toMatchObject({ demoName: 'cloud', by: expect.closeTo(430, 6) });
    expect(coldVerdict(budget)).toBe('cloud would run short. Order 430 mL more: 1.93 L in all.');
  });

  test('enough, but into the reserve', () => {
    const budget = budgetOf(coldShow({ reserve: 20, ordered: 2000 }));
    expect(budget.short).toBeNull();
    expect(coldVerdict(budget)).toContain('Enough for every demo, but 290 mL of the reserve');
  });

  test('more than enough says what is left and how to leave it', () => {
    const budget = budgetOf(coldShow({ ordered: 3000 }));
    expect(coldVerdict(budget)).toBe('3 L lasts to cloud, with 1.07 L left.');
    expect(leaveWords(budget)).toContain('It is gone in about 17 h 50 min.');
    expect(leaveWords(budget)).not.toMatch(/safe/i);
  });

  test('less than the warm vessel itself takes leaves nothing, not less than nothing', () => {
    const budget = budgetOf(coldShow({ vesselWarm: true, ordered: 500 }));
    expect(Math.min(...budget.levels.map((level) => level.amount))).toBe(0);
    expect(budget.short?.demoName).toBe('flower');
  });

  test('more than the vessel holds is told', () => {
    expect(budgetOf(coldShow({ ordered: 6000 })).warnings.join()).toContain(
      'dewar holds 5 L: 1 L too little',
    );
  });

  test('what is fetched after its first use is told; so is what is not known', () => {
    const late = budgetOf(coldShow({ collected: '14:05', vesselId: null })).warnings.join(' ');
    expect(late).toContain('It is fetched at 14:05, after flower draws it at 14:00');
    expect(late).toContain('Choose the vessel');
    expect(late).toContain('flask goes in warm; give its material and weight');
  });
});

test('for drawing: the level by the clock, what is there before and after each demo, and the hour after', () => {
  const { points, draws } = coldSeries(budgetOf(coldShow({ ordered: 3000 })), 14 * 3600);
  expect(points[0]).toEqual([12 * 3600, 3000]);
  expect(draws).toMatchObject([
    { at: 14 * 3600, demoName: 'flower', before: 2880, after: 2280 },
    { at: 14 * 3600 + 600, demoName: 'cloud', before: 2270, after: 1070 },
  ]);
  expect(points.at(-1)?.[0]).toBe(15 * 3600 + 600);
  expect(points.at(-1)?.[1]).toBeCloseTo(1010, 6);
});

describe('from a level measured at the show', () => {
  const budget = budgetOf(coldShow());
  const start = 14 * 3600;

  test('enough, and what is over', () => {
    expect(coldOutlook(budget, { at: 300, amount: 4100 }, start).words).toBe(
      '4.1 L left at 14:05: enough, 2.9 L over',
    );
  });

  test('too little names the demo', () => {
    expect(coldOutlook(budget, { at: 300, amount: 900 }, start)).toMatchObject({
      enough: false,
      short: 'cloud',
      words: '900 mL left at 14:05: cloud would run short, 305 mL too little',
    });
  });

  test('after the last use nothing more is drawn', () => {
    expect(coldOutlook(budget, { at: 700, amount: 100 }, start).words).toBe(
      '100 mL left at 14:11: nothing more is drawn',
    );
  });

  test('at a show that runs late, what was drawn or left out by then does not count, the rest does', () => {
    const late = { at: 700, amount: 1300 };
    expect(coldOutlook(budget, late, start, 'metric', new Set(['slot-cloud'])).words).toBe(
      '1.3 L left at 14:11: enough, 100 mL over',
    );
    expect(
      coldOutlook(budget, late, start, 'metric', new Set(['slot-flower', 'slot-cloud'])).short,
    ).toBe('cloud');
    expect(coldOutlook(budget, { at: 0, amount: 0 }, start, 'metric', new Set()).enough).toBe(true);
  });

  test('as the plan keeps it', () => {
    const from = coldShow({ measured: { at: '14:05', amount: 4100 } });
    expect(measuredOutlook(budgetOf(from), from.show.start)?.enough).toBe(true);
    expect(measuredOutlook(budget, '14:00')).toBeNull();
  });
});

/** In a vessel that holds whatever it takes. */
function roomy(plan: Partial<ColdPlan>): ShowBundle {
  const from = coldShow(plan);
  const items = from.items.map((one) => (one.id === 'dewar' ? { ...one, holds: 90_000 } : one));
  return { ...from, items };
}

test('what must be ordered is just enough: the levels never run dry, and a litre less does (property)', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 30 }),
      fc.integer({ min: 0, max: 60 }),
      fc.integer({ min: 0, max: 2 }),
      fc.boolean(),
      (pourLoss, reserve, daysBefore, vesselWarm) => {
        const plan = { pourLoss, reserve, daysBefore, vesselWarm };
        const budget = budgetOf(roomy(plan));
        expect(budget.short).toBeNull();
        expect(budget.left).toBeCloseTo(budget.reserve, 6);
        expect(Math.min(...budget.levels.map((l) => l.amount))).toBeGreaterThanOrEqual(-1e-9);
        const less = budgetOf(roomy({ ...plan, ordered: budget.order - budget.reserve - 10 }));
        expect(less.short).not.toBeNull();
        // Conservation: fetched = drawn + gone off + left, wherever nothing was missed.
        const drawn = budget.draws.reduce((sum, d) => sum + d.total, 0);
        const gone =
          (budget.lossPerHour * ((budget.draws.at(-1)?.at ?? 0) - budget.collectedAt)) / 3600;
        expect(budget.fetched).toBeCloseTo(drawn + gone + budget.left + budget.vesselCooling, 6);
      },
    ),
    { numRuns: 60, seed: 4 },
  );
});

test('what was ordered is no longer missing from the store', () => {
  const need = (ordered: number | null) => {
    const from = coldShow({ ordered });
    return needsOf(from, { timeline: () => timelineOf(from), owned: () => Infinity }).needs.find(
      (one) => one.itemId === 'ln',
    )?.base;
  };
  expect(need(null)).toBeCloseTo(1930, 6);
  expect(need(1500)).toBeCloseTo(430, 6);
  expect(need(3000)).toBe(0);
});

test('dry ice is calculated in grams', () => {
  const from = coldShow();
  from.items[0] = item('ln', 'consumable', { cold: 'dryIce', name: 'Dry ice', unit: 'g' });
  for (const demo of from.demos)
    for (const method of demo.methods)
      method.kit = method.kit.map((l) =>
        l.itemId === 'ln' ? { ...l, amount: 500, unit: 'g' } : l,
      );
  expect(budgetOf(from).order).toBeCloseTo(1000 + 130, 6);
  expect(coldVerdict(budgetOf(from))).toContain('1.13 kg');
});

describe('what is cooled', () => {
  const flower = item('flower', 'consumable', { gramsEach: 15, material: 'watery' });
  const nitrogen = item('ln', 'consumable', { cold: 'nitrogen', name: 'Nitrogen', unit: 'mL' });
  const ice = item('ice', 'consumable', { cold: 'dryIce', name: 'Dry ice', unit: 'g' });
  const cooling = (kit: KitLine[], of: Item, over: Partial<Show> = {}): number => {
    const show = bundle(
      [{ id: 'd', tasks: perform, over: { volunteers: 3, kit } }],
      [flower, nitrogen, ice],
      over,
    );
    const plan = { ...coldPlanOf(show.show, of), pourLoss: 0, reserve: 0 };
    return coldBudget(show, timelineOf(show), plan)?.draws[0]?.cooling ?? 0;
  };
  const one = (basis: KitLine['basis'], over: Partial<KitLine> = {}) =>
    line('flower', 1, 'piece', basis, { chilled: true, ...over });
  const some = line('ln', 100, 'mL');

  test('for each of the audience, each volunteer, each group: as many times as there are', () => {
    const single = cooling([some, one('perShow')], nitrogen);
    expect(single).toBeGreaterThan(0);
    const times = (of: KitLine) => cooling([some, of], nitrogen, { audience: 120 }) / single;
    expect(times(one('perHead'))).toBeCloseTo(120, 6);
    expect(times(one('perVolunteer'))).toBeCloseTo(3, 6);
    expect(times(one('perVolunteerGo'))).toBeCloseTo(3, 6);
    expect(times(one('perGroup', { groupOf: 7 }))).toBeCloseTo(18, 6);
  });

  test('of two cold things in one method each cools its own', () => {
    const both = [some, line('ice', 500, 'g')];
    const inIce = one('perShow', { chilledIn: 'ice' });
    expect(cooling([...both, inIce], nitrogen)).toBe(0);
    expect(cooling([...both, inIce], ice)).toBeGreaterThan(0);
    expect(cooling([...both, one('perShow')], nitrogen)).toBeGreaterThan(0);
    expect(cooling([...both, one('perShow')], ice)).toBe(0);
  });
});

describe('what goes into the vessel', () => {
  test('25 L do not last in a vessel of 5 L: five do', () => {
    const from = coldShow({ ordered: 25_000 });
    const budget = budgetOf(from);
    expect(budget.fetched).toBe(5000);
    expect(Math.max(...budget.levels.map(({ amount }) => amount))).toBe(5000);
    expect(coldVerdict(budget)).toMatch(
      /^Of 25 L, 5 L go into the dewar: it lasts to cloud, with 3\.0?7 L left\.$/,
    );
    expect(budget.warnings.join(' ')).toContain('20 L too little');
    const small = coldShow({ ordered: 25_000 });
    small.items = small.items.map((one) => (one.id === 'dewar' ? { ...one, holds: 1500 } : one));
    expect(coldVerdict(budgetOf(small))).toContain('cloud would run short by');
  });

  test('dry ice by its bulk density: common practice, about 0.8 kg of pellets in a litre', () => {
    expect(capacityOf({ cold: 'dryIce', density: null }, { holds: 10_000 })).toBe(8000);
    expect(capacityOf({ cold: 'dryIce', density: 0.9 }, { holds: 10_000 })).toBe(9000);
    expect(capacityOf({ cold: 'nitrogen', density: 0.808 }, { holds: 10_000 })).toBe(10_000);
  });
});
