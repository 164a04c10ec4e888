/** What must not meet: in either order, in the wings and in one box. */
import { describe, expect, test } from '@jest/globals';
import { timelineOf } from '../../lineup/timelineOf';
import { blankHazard } from '../../repertoire/blank';
import type { HazardKind, Method, Residue, Task } from '../../repertoire/types';
import { after, task } from '../../testing/build';
import { bundle, item, line } from '../../testing/bundle';
import { HALL, judged } from '../../testing/judged';
import { judge } from '../judge';
import type { Verdict } from '../verdict';

const hazard = (...kinds: HazardKind[]) => ({ hazards: kinds.map((kind) => blankHazard(kind)) });

const pairs = (verdicts: readonly Verdict[]): Verdict[] =>
  verdicts.filter((one) => one.kind === 'combination');

interface Made {
  id: string;
  tasks: Task[];
  over?: Partial<Method>;
}

function meetings(...demos: Made[]): Verdict[] {
  const made = bundle(
    demos.map((one, i) => ({ ...one, slot: { performerId: i % 2 === 0 ? 'ines' : 'jo' } })),
  );
  const shown = { ...made, venue: HALL };
  return pairs(judge(shown, timelineOf(shown)));
}

const residue = (kind: Residue['kind'], seconds: number): Residue => ({
  id: 'r',
  kind,
  where: 'stage',
  time: { shortest: seconds, likely: seconds, longest: seconds },
  hands: [],
});

const plain = (id: string, ...kinds: HazardKind[]): Made => ({
  id,
  tasks: [task('p', 'perform', 60)],
  over: hazard(...kinds),
});

test.each([
  ['flammableVapour', 'openFlame', 'stop'],
  ['flammableVapour', 'hot', 'stop'],
  ['flammableVapour', 'highVoltage', 'stop'],
  ['oxidiser', 'openFlame', 'stop'],
  ['oxidiser', 'highVoltage', 'fix'],
  ['dust', 'openFlame', 'stop'],
  ['dust', 'highVoltage', 'fix'],
  ['slip', 'highVoltage', 'fix'],
  ['splash', 'highVoltage', 'fix'],
] as const)('%s and %s, whichever comes first: %s', (one, other, level) => {
  for (const order of [
    [plain('a', one), plain('b', other)],
    [plain('b', other), plain('a', one)],
  ]) {
    const found = meetings(...order);
    expect(found.map((verdict) => verdict.level)).toContain(level);
    for (const verdict of found) expect(verdict.figure).toMatch(/^\d\d:\d\d to \d\d:\d\d$/);
  }
});

test('what has nothing to do with each other does not meet', () => {
  expect(meetings(plain('a', 'loud'), plain('b', 'highVoltage'))).toEqual([]);
  expect(meetings(plain('a', 'openFlame'), plain('b', 'hot'))).toEqual([]);
});

describe('in the wings', () => {
  /** Alcohol is measured out and swirled in the wings while a candle burns on the stage. */
  const alcohol: Made = {
    id: 'alcohol',
    tasks: [
      task('swirl', 'prepare', 60, { place: 'wings', hazards: ['flammableVapour'] }),
      task('p', 'perform', 60, { after: [after('swirl', 900)], hazards: ['flammableVapour'] }),
    ],
    over: hazard('flammableVapour'),
  };
  const candle: Made = {
    id: 'candle',
    tasks: [task('burn', 'perform', 300, { hazards: ['openFlame'] })],
    over: hazard('openFlame'),
  };

  test('a candle on the stage and alcohol swirled beside it at the same time', () => {
    const found = meetings(candle, {
      ...alcohol,
      tasks: [
        task('swirl', 'prepare', 60, { place: 'wings', hazards: ['flammableVapour'] }),
        task('p', 'perform', 60, { after: [after('swirl')], hazards: ['flammableVapour'] }),
      ],
    });
    expect(found.length).toBeGreaterThan(0);
    expect(found[0]?.level).not.toBe('watch');
    expect(
      found.some(
        ({ message }) => message.includes('in the wings') || message.includes('just after'),
      ),
    ).toBe(true);
  });

  test('long before it, nothing meets in the wings', () => {
    const found = meetings(
      alcohol,
      {
        id: 'quiet',
        tasks: [task('p', 'perform', 900)],
      },
      candle,
    );
    expect(found.filter(({ message }) => message.includes('in the wings'))).toEqual([]);
  });
});

test('by the task in which it is, and not by the whole slot', () => {
  const late: Made = {
    id: 'candle',
    tasks: [task('talk', 'perform', 600), task('burn', 'perform', 60, { hazards: ['openFlame'] })],
    over: hazard('openFlame'),
  };
  const early: Made = {
    id: 'spirit',
    tasks: [task('p', 'perform', 60, { hazards: ['flammableVapour'] })],
    over: hazard('flammableVapour'),
  };
  expect(meetings(early, late)).toEqual([]);
  // Nobody has said in which step the candle burns: it may be the first.
  expect(meetings(early, { ...late, tasks: [task('talk', 'perform', 600)] })).toMatchObject([
    { level: 'stop' },
  ]);
});

test('a step that only prepares, and of which nobody has said, is not known', () => {
  const found = meetings(
    {
      id: 'spirit',
      tasks: [task('p', 'perform', 400, { hazards: ['flammableVapour'] })],
      over: hazard('flammableVapour'),
    },
    {
      id: 'candle',
      tasks: [
        task('set', 'prepare', 60),
        task('wait', 'perform', 900),
        task('burn', 'perform', 20),
      ],
      over: { hazards: [] },
    },
    {
      id: 'flame',
      tasks: [task('set', 'prepare', 60), task('p', 'perform', 60)],
      over: hazard('openFlame'),
    },
  );
  expect(found.every(({ level }) => level !== 'ok')).toBe(true);
});

describe('what a method says that it leaves', () => {
  const foam = (seconds: number): Made => ({
    id: 'foam',
    tasks: [task('p', 'perform', 60)],
    over: { leaves: [residue('oxygen', seconds)] },
  });
  const flame = (forbids: Method['forbids'] = []): Made => ({
    ...plain('candle', 'openFlame'),
    over: { ...hazard('openFlame'), forbids },
  });

  test('the foam that gives oxygen before a candle', () => {
    expect(meetings(foam(120), flame())).toMatchObject([{ level: 'stop' }]);
  });

  test('no longer meets where the line-up waits for it', () => {
    expect(meetings(foam(120), flame(['oxygen']))).toEqual([]);
  });

  test('charge that is left before alcohol', () => {
    const dome: Made = {
      id: 'dome',
      tasks: [task('p', 'perform', 60)],
      over: { ...hazard('highVoltage'), leaves: [residue('charge', 200)] },
    };
    expect(meetings(dome, plain('spirit', 'flammableVapour')).map(({ level }) => level)).toEqual([
      'stop',
    ]);
  });

  test('a table that was wiped is dry', () => {
    const wiped: Made = {
      id: 'foam',
      tasks: [task('p', 'perform', 60), task('wipe', 'reset', 60)],
      over: hazard('slip'),
    };
    expect(
      meetings(wiped, {
        ...plain('dome', 'highVoltage'),
        over: { ...hazard('highVoltage'), forbids: [] },
      })
        .filter(({ key }) => key.includes('slip'))
        .every(({ message }) => !message.includes('just after')),
    ).toBe(true);
  });
});

test('a thing of the kit brings its vapour, though nobody listed it', () => {
  const meths = item('meths', 'consumable');
  const coded = { ...meths, label: { ...meths.label, hazards: ['H225'] } };
  const methods = (ruledOut: Method['ruledOut']) => ({
    cleaned: { kit: [line('meths', 5, 'mL')], ruledOut },
    candle: hazard('openFlame'),
  });
  expect(pairs(judged(methods([]), { items: [coded] }))).toMatchObject([{ level: 'stop' }]);
  const out = [{ kind: 'flammableVapour' as const, why: 'A sealed marker' }];
  expect(pairs(judged(methods(out), { items: [coded] }))).toEqual([]);
});

describe('electronics', () => {
  const devices = [
    item('balance', 'equipment', { name: 'Kitchen balance' }),
    item('forks', 'equipment', { name: 'Balancing forks' }),
    item('goggles', 'gear', { name: 'Goggles with camera' }),
  ];
  const shown = (kind: HazardKind, thing: string, where: string, over: Partial<Method> = {}) => {
    const made = bundle(
      [
        { ...plain('magnet', kind), over: { ...hazard(kind), ...over } },
        {
          id: 'weigh',
          tasks: [task('p', 'perform', 60)],
          over: { kit: [line(thing, 1, 'piece')] },
          slot: { positionId: where },
        },
      ],
      devices,
    );
    return pairs(judge({ ...made, venue: HALL }, timelineOf(made)));
  };

  test.each([
    ['strongMagnet', 'a strong magnet'],
    ['highVoltage', 'high voltage'],
  ] as const)('%s at the place of a balance is to fix', (kind, words) => {
    expect(shown(kind, 'balance', 'table')).toMatchObject([
      { level: 'fix', message: expect.stringContaining(words) },
    ]);
  });

  test('at another place, of wood, worn, or once the place is cleared: nothing', () => {
    expect(shown('strongMagnet', 'balance', 'bench')).toEqual([]);
    expect(shown('strongMagnet', 'forks', 'table')).toEqual([]);
    expect(shown('strongMagnet', 'goggles', 'table')).toEqual([]);
    const cleared = { tasks: [task('p', 'perform', 60), task('away', 'reset', 30)] };
    expect(shown('strongMagnet', 'balance', 'table', cleared)).toEqual([]);
  });

  test('beside its own magnet it is to watch', () => {
    const own = { kit: [line('balance', 1, 'piece')] };
    expect(shown('strongMagnet', 'forks', 'table', own)).toMatchObject([
      { level: 'watch', message: 'Has electronics beside its own strong magnet.' },
    ]);
  });
});

test('oxygen beside its own flame is to be watched', () => {
  const own = (method: Partial<Method>) => pairs(judged({ splint: method }));
  expect(own(hazard('openFlame', 'oxidiser'))).toMatchObject([{ level: 'watch' }]);
  expect(own(hazard('openFlame'))).toEqual([]);
  expect(own({ ...hazard('openFlame'), leaves: [residue('oxygen', 60)] })).toMatchObject([
    { level: 'watch' },
  ]);
});

test('one box does not hold what burns and what feeds fire, nor acid and alkali', () => {
  const coded = (id: string, code: string, boxId: string | null) => {
    const one = item(id, 'consumable', { boxId });
    return { ...one, label: { ...one.label, hazards: [code] } };
  };
  const boxed = (items: ReturnType<typeof item>[]) => pairs(judged({ d: {} }, { items }));
  expect(boxed([coded('meths', 'H225', 'a'), coded('peroxide', 'H272', 'a')])).toMatchObject([
    { level: 'fix', key: 'box:fuel-oxidiser:a' },
  ]);
  expect(boxed([coded('meths', 'H225', 'a'), coded('peroxide', 'H272', 'b')])).toEqual([]);
  expect(boxed([coded('meths', 'H225', null), coded('peroxide', 'H272', null)])).toEqual([]);
  const acid = item('acid', 'consumable', { boxId: 'a', substance: 'citricAcid' });
  const alkali = item('alkali', 'consumable', { boxId: 'a', substance: 'ammonia' });
  expect(boxed([acid, alkali])).toMatchObject([{ key: 'box:acid-alkali:a' }]);
});
