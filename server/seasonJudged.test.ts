/** The demo season and its repertoire, judged as anybody's would be. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { ShowBundle } from '../core/brief/types';
import { airAfter, boilingOf } from '../core/calculators/heat/steamCan';
import { timelineOf } from '../core/lineup/timelineOf';
import { readiness } from '../core/ready/go';
import { judge } from '../core/ready/judge';
import type { Demo, Method } from '../core/repertoire/types';
import { readinessContext } from './ready/readiness';
import { risksOf } from './ready/risks';
import { type TestServer, TODAY, testServer } from './testing/serve';

let server: TestServer;
beforeAll(() => {
  server = testServer();
});
afterAll(() => server.close());

const demos = (): { demo: Demo; method: Method }[] =>
  server.context.demos.list().flatMap((demo) => demo.methods.map((method) => ({ demo, method })));

const methodOf = (id: string): Method => {
  const found = demos().find(({ demo }) => demo.id === id)?.method;
  if (!found) throw new Error(id);
  return found;
};

/** One demonstration alone, in today's hall with everything measured. */
function alone(demo: Demo, method: Method): ShowBundle {
  const today = server.context.shows.list().find((show) => show.date === TODAY);
  if (!today) throw new Error('no show today');
  const bundle = server.context.bundles.of(today.id);
  const [slot] = bundle.show.slots;
  if (!slot) throw new Error('no slot');
  const position = bundle.show.positions.find(({ name }) => name === demo.usualPosition);
  return {
    ...bundle,
    demos: [demo],
    items: server.context.items.list(),
    show: {
      ...bundle.show,
      conditions: {
        ...bundle.show.conditions,
        wind: 0.2,
        humidity: 38,
        measured: [...bundle.show.conditions.measured, 'wind'],
      },
      slots: [
        {
          ...slot,
          demoId: demo.id,
          methodId: method.id,
          performerId: 'ines',
          positionId: position?.id ?? null,
        },
      ],
    },
  };
}

test('the show of today has nothing to fix, and nothing that is not known', () => {
  const today = server.context.shows.list().find((show) => show.date === TODAY);
  const bundle = server.context.bundles.of(today?.id ?? '');
  const { state } = readiness(bundle, timelineOf(bundle), readinessContext(server.context, bundle));
  expect([...state.stop, ...state.fix, ...state.unknown].map(({ message }) => message)).toEqual([]);
});

test('its risk assessment leaves only to the day what only the day can answer, and rates all', () => {
  const today = server.context.shows.list().find((show) => show.date === TODAY);
  const of = risksOf(server.context, today?.id ?? '');
  expect(of.open.filter(({ when }) => when === 'desk')).toEqual([]);
  expect(of.open.length).toBeGreaterThan(0);
  for (const demo of of.demos) {
    expect([demo.name, demo.none]).toEqual([demo.name, null]);
    for (const row of demo.rows)
      expect([demo.name, row.hazard, row.open]).toEqual([demo.name, row.hazard, '']);
  }
});

test('every hazard of the repertoire is rated without and with its control, which makes none worse', () => {
  for (const { demo, method } of demos())
    for (const { kind, before, after } of method.hazards) {
      expect([demo.id, kind, before !== null && after !== null]).toEqual([demo.id, kind, true]);
      const product = (of: typeof before): number => (of ? of.likelihood * of.severity : 0);
      expect(product(after)).toBeLessThanOrEqual(product(before));
    }
});

test('every method was gone through, with every hazard answered and nothing of its calculations unsaid', () => {
  // The launch is for the open, and today’s hall is a room.
  const indoors = demos().filter(({ method }) => method.needs.where !== 'outdoors');
  expect(indoors.length).toBeGreaterThan(20);
  for (const { demo, method } of indoors) {
    const shown = alone(demo, method);
    const timeline = timelineOf(shown);
    expect([demo.id, timeline.conflicts]).toEqual([demo.id, []]);
    const open = judge(shown, timeline).filter(({ level }) => !['ok', 'watch'].includes(level));
    expect([demo.id, method.id, open.map(({ message }) => message)]).toEqual([
      demo.id,
      method.id,
      [],
    ]);
  }
});

test('the launch, outdoors with everybody behind its line, is answered too, and lands within what is kept clear', () => {
  const demo = server.context.demos.list().find(({ id }) => id === 'bottle-launch');
  const [method] = demo?.methods ?? [];
  const vay = server.context.venues.list().find(({ outdoors }) => outdoors);
  if (!demo || !method || !vay) throw new Error('no launch');
  const shown = { ...alone(demo, method), venue: { ...vay, frontRowM: 30 } };
  const found = judge(shown, timelineOf(shown));
  expect(found.filter(({ level }) => !['ok', 'watch'].includes(level))).toEqual([]);
  expect(found.find(({ key }) => key.endsWith(':judged-water-rocket'))?.level).toBeDefined();
});

test('every thing that a step names is in the kit, and every step that is watched has words or hands', () => {
  const NAMED: readonly (readonly [word: RegExp, item: RegExp])[] = [
    [/\btongs\b/i, /tongs/i],
    [/\bmatch\b/i, /match/i],
    [/\bsnuff/i, /snuffer/i],
    [/\bblanket\b/i, /blanket/i],
    [/\bmat\b/i, /mat/i],
    [/\bscreen\b/i, /screen/i],
    [/\bwaste bottle\b/i, /waste/i],
    [/\blamp\b/i, /lamp/i],
    [/\bhose\b/i, /hose|pump/i],
    [/\bsieve|strain\b/i, /sieve/i],
    [/\bchop\b/i, /knife/i],
    [/\bice\b/i, /ice/i],
    [/\bstool/i, /stool/i],
    [/\bstopper/i, /stopper|pressure bottle/i],
    [/\bpump\b/i, /pump/i],
    [/\bjug\b/i, /jug/i],
    [/\bfunnel\b/i, /funnel/i],
    [/\bcups?\b/i, /cup/i],
    [/\bmeasure (the|2)/i, /measur/i],
    [/\bbowl\b/i, /bowl/i],
    [/\btray\b/i, /tray/i],
    [/\bcloth\b|film over/i, /cloth/i],
    [/\bcrate\b/i, /crate/i],
    [/\bdishes\b/i, /dishes/i],
    [/\bdryer\b/i, /dryer/i],
    [/\bforks\b/i, /forks/i],
    [/\bwool\b/i, /wool/i],
    [/\bflask\b/i, /flask/i],
  ];
  const items = new Map(server.context.items.list().map((item) => [item.id, item.name]));
  for (const { demo, method } of demos()) {
    const kit = method.kit.map(({ itemId }) => items.get(itemId) ?? '').join('; ');
    for (const task of method.tasks)
      for (const [word, item] of NAMED)
        if (word.test(`${task.name} ${task.do}`))
          expect([demo.id, task.name, item.test(kit)]).toEqual([demo.id, task.name, true]);
  }
});

describe('figures of our own, held against what the trade does', () => {
  const setting = (id: string, name: string): number =>
    methodOf(id).settings.find((one) => one.id === name)?.value ?? NaN;

  // Common practice: it works from well above with a wick of 1.5 cm, hardly with 1.0 or 0.5.
  test('the wick is longer than what works', () => {
    expect(setting('relit-candle', 'wick')).toBeGreaterThan(1.5);
  });

  // Common practice: 15 mL of water, 75 to 90 s after the first steam.
  test('the can has its own water and its own wait, within what drives the air out', () => {
    const water = setting('crushed-can', 'water');
    const wait = setting('crushed-can', 'wait');
    expect([water, wait]).not.toContain(15);
    expect(wait < 75 || wait > 90).toBe(true);
    const can = {
      power: setting('crushed-can', 'power'),
      water,
      holds: 330,
      metal: 14,
      temperature: 17,
    };
    expect(airAfter(can, wait)).toBeLessThan(0.01);
    expect(wait).toBeLessThan(boilingOf(can).until);
    const sign = methodOf('crushed-can').tasks.find((task) => task.sign)?.sign;
    expect(sign).toMatchObject({ waitLeast: wait - 5, waitMost: wait + 10 });
  });

  // Common practice for a strong foam: 50 to 60 mL of 30 % peroxide, 5 to 8 drops of colour, a squirt of detergent.
  test('foams are weaker and smaller, in amounts of their own', () => {
    for (const { method } of demos().filter(({ demo }) => demo.id === 'foam-fountain')) {
      const lines = method.kit;
      const amount = (id: RegExp): number =>
        lines.find(({ itemId }) => id.test(itemId))?.amount ?? NaN;
      expect(amount(/peroxide/) < 50 || amount(/peroxide/) > 60).toBe(true);
      expect(amount(/^colour/) < 5 || amount(/^colour/) > 8).toBe(true);
      const strength = method.settings.find(({ id }) => id === 'strength')?.value ?? NaN;
      expect(strength).toBeLessThan(12);
      // Half a US cup of weak peroxide is 118 mL.
      expect(Math.abs(amount(/peroxide/) - 118.3)).toBeGreaterThan(5);
      for (const line of lines.filter(({ itemId }) => itemId === 'detergent'))
        expect([line.amount, line.unit]).not.toEqual([1, 'squirt']);
    }
  });
});
