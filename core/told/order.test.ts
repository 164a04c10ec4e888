import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type OrderKnows, readOrder, writeOrder } from './order';

const KNOWS: OrderKnows = {
  demos: [
    {
      id: 'foam',
      name: 'Foam fountain',
      methods: [
        { id: 'gentle', name: 'gentle' },
        { id: 'lively', name: 'lively' },
      ],
    },
    { id: 'forks', name: 'Balancing forks', methods: [{ id: 'm', name: 'on a glass' }] },
    { id: 'race', name: 'Magnet race down metal', methods: [{ id: 'm', name: 'sheets' }] },
    { id: 'magnet', name: 'Slow-falling magnet', methods: [{ id: 'm', name: 'two pipes' }] },
    { id: 'odd', name: '3 min of “silence”, twice', methods: [{ id: 'm', name: 'm' }] },
  ],
  people: [
    { id: 'jo', name: 'Jo Arran' },
    { id: 'mara', name: 'Mara' },
  ],
  positions: ['Centre table', 'Left bench', 'Floor', 'Rear'],
};

const read = (text: string) => readOrder(text, KNOWS);

test('as one pastes it: any spacing, any order of words', () => {
  const { entries, questions } = read(
    '14:00 hello, Mara\n14:02 forks 3 min\n14:05 foam! 4½ min, Jo pours\n\n14:10   race  @left',
  );
  expect(questions).toEqual([]);
  expect(
    entries.map(({ kind, name, clock, seconds, personId, position }) => [
      kind,
      name,
      clock,
      seconds,
      personId,
      position,
    ]),
  ).toEqual([
    ['talk', 'Hello', 50400, 120, 'mara', null],
    ['demo', 'Balancing forks', 50520, 180, null, null],
    ['demo', 'Foam fountain', 50700, 270, 'jo', null],
    ['demo', 'Magnet race down metal', 51000, null, null, 'Left bench'],
  ]);
});

describe('one line', () => {
  test.each([
    [
      '1 Foam 4:30 @centre',
      { demoId: 'foam', seconds: 270, position: 'Centre table', clock: null },
    ],
    ['1. Foam fountain (lively) × 2', { demoId: 'foam', methodId: 'lively', goes: 2 }],
    ['2) forks, 2 goes, Jo', { demoId: 'forks', goes: 2, personId: 'jo' }],
    ['Foam', { demoId: 'foam', seconds: null }],
    ['4:30 Foam', { demoId: 'foam', seconds: 270, clock: null }],
    ['19:30 Foam', { demoId: 'foam', clock: 70200, seconds: null }],
    ['foam\t4:30\tMara', { demoId: 'foam', seconds: 270, personId: 'mara' }],
    ['- the foam', { demoId: 'foam' }],
    ['Welcome, 1 min', { kind: 'talk', name: 'Welcome', seconds: 60 }],
    ['Egg drop 3 min', { kind: 'fresh', name: 'Egg drop', seconds: 180, demoId: null }],
    ['12 Foam', { demoId: 'foam', goes: null }],
  ])('%s', (line, expected) => {
    expect(read(line).entries).toMatchObject([expected]);
  });
});

test('what may be two is asked, with each as it would be written', () => {
  const { entries, questions } = read('3 magnet 2:00');
  expect(entries[0]).toMatchObject({ kind: 'fresh', demoId: null });
  expect(questions[0]?.answers.map(({ text }) => text)).toEqual([
    '3 Magnet race down metal 2:00',
    '3 Slow-falling magnet 2:00',
  ]);
  for (const { text } of questions[0]?.answers ?? []) expect(read(text).questions).toEqual([]);
});

test('an order written and read is the same order', () => {
  const entry = fc
    .record({
      demo: fc.constantFrom(...KNOWS.demos),
      method: fc.boolean(),
      fresh: fc.option(
        fc.constantFrom('Egg drop', 'Two, three', '14:00', '4 min', 'Jo', '@home', '7', 'x 3'),
      ),
      clock: fc.option(fc.integer({ min: 8 * 60, max: 22 * 60 })),
      seconds: fc.option(fc.integer({ min: 5, max: 3000 })),
      position: fc.option(fc.constantFrom(...KNOWS.positions)),
      personId: fc.option(fc.constantFrom('jo', 'mara')),
      goes: fc.option(fc.integer({ min: 1, max: 9 })),
    })
    .map(({ demo, method, fresh, clock, ...rest }) => ({
      kind: fresh === null ? ('demo' as const) : ('fresh' as const),
      name: fresh ?? demo.name,
      demoId: fresh === null ? demo.id : null,
      methodId: fresh === null && method ? (demo.methods[0]?.id ?? null) : null,
      clock: clock === null ? null : clock * 60,
      ...rest,
    }));
  fc.assert(
    fc.property(fc.array(entry, { minLength: 1, maxLength: 5 }), (entries) => {
      const whole = entries.map((one) => ({
        ...one,
        clock: entries[0]?.clock === null ? null : one.clock,
      }));
      const told = read(writeOrder(whole, KNOWS)).entries.map(({ line: _line, ...one }) => one);
      const timed = whole.map((one, i) => {
        const next = whole[i + 1]?.clock ?? null;
        const gap =
          one.clock !== null && next !== null && next > one.clock ? next - one.clock : null;
        return { ...one, seconds: one.seconds ?? gap };
      });
      expect(told).toEqual(timed);
    }),
    { seed: 5, numRuns: 1000 },
  );
});
