/** A demonstration written as text and read back is the one it was: ours, and any that could be. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { LIBRARY_DEMOS } from '../../library/demos';
import { LIBRARY_ITEMS as ITEMS } from '../../library/all';
import { blankDemo, blankItem, blankLine, blankMethod, blankTask } from '../repertoire/blank';
import type { Item } from '../repertoire/item';
import {
  COMPETENCES,
  type Demo,
  HAND_ROLES,
  type Hand,
  KIT_BASES,
  PHASES,
  type Task,
} from '../repertoire/types';
import { readTold } from './read';
import { weave } from './weave';
import { writeDemo } from './write';

const knowing = (items: readonly Item[]) => ({
  things: items,
  people: [{ id: 'jo', name: 'Jo' }],
  positions: ['Centre table', 'Left bench', 'Floor', 'Rear'],
});

/** What a text can say of a demonstration, with its ids left out. */
function sayable(demo: Demo): unknown {
  const { name, hook, idea, ageFrom, ageTo, energy, usualPosition } = demo;
  return {
    ...{ name, hook, idea, ageFrom, ageTo, energy, usualPosition },
    methods: demo.methods.map((method) => ({
      ...{ name: method.name, summary: method.summary, warning: method.warning },
      ...{
        volunteers: method.volunteers,
        goesAllowed: method.goesAllowed,
        oneShot: method.oneShot,
      },
      tasks: method.tasks.map(({ id: _id, after: _after, hazards: _h, cues: _c, ...task }) => task),
      kit: method.kit.map(({ itemId, amount, unit, basis, note }) => ({
        ...{ itemId, amount, unit, basis, note },
      })),
    })),
  };
}

let made = 0;
const newId = (): string => `new-${++made}`;

describe.each(LIBRARY_DEMOS.map((demo) => [demo.name, demo] as const))('%s', (_name, demo) => {
  const knows = knowing(ITEMS);
  const text = writeDemo(demo, knows);
  const told = readTold(text, knows);

  test('read into itself, it is as it was', () => {
    expect(weave(told, demo, newId)).toEqual(demo);
  });

  test('read into nothing, it is all that a text can say', () => {
    const woven = weave(told, blankDemo('x', 'x', []), newId);
    const order = (of: Demo): Demo => ({
      ...of,
      methods: of.methods.map((method) => ({
        ...method,
        tasks: method.tasks.toSorted((a, b) => PHASE[a.phase] - PHASE[b.phase]),
      })),
    });
    expect(sayable(order(woven))).toEqual(sayable(order(demo)));
    expect(writeDemo(woven, knows)).toBe(text);
  });

  test('nothing is asked', () => {
    expect(told.questions).toEqual([]);
  });
});

const PHASE = { prepare: 0, settle: 0, perform: 1, reset: 2 };

const tidyText = (max: number): fc.Arbitrary<string> =>
  fc
    .array(
      fc.constantFrom(
        ...[
          'pour',
          'wait',
          '3 min',
          'Jo',
          'helper',
          'the jug,',
          '12 mL',
          'when',
          '->',
          'ears!',
          'once only',
        ],
        ...[
          'goggles on',
          'with',
          'about',
          '1:30',
          'needs:',
          'say:',
          '3',
          '×',
          'a',
          '(warm)',
          '½',
          'row 3',
        ],
        ...[
          'before',
          'by itself',
          'each go',
          '“so”',
          'Ünlü',
          'then',
          'use within',
          '@',
          'clear.',
          '!',
          '?',
        ],
      ),
      { minLength: 1, maxLength: 7 },
    )
    .map((parts) => parts.join(' ').replace(/["]/g, '').slice(0, max).trim())
    .filter((text) => text !== '');

const hand: fc.Arbitrary<Hand> = fc.record({
  role: fc.constantFrom(...HAND_ROLES),
  count: fc.integer({ min: 1, max: 12 }),
  competence: fc.option(fc.constantFrom(...COMPETENCES)),
});

/** No role with one competence twice: that is one hand with a larger count. */
const hands = fc.uniqueArray(hand, {
  maxLength: 3,
  selector: ({ role, competence }) => `${role} ${competence}`,
});

const estimate = fc
  .tuple(fc.integer({ min: 1, max: 9000 }), fc.nat(3000), fc.nat(3000))
  .map(([shortest, more, most]) => ({
    shortest,
    likely: shortest + more,
    longest: shortest + more + most,
  }));

const task: fc.Arbitrary<Task> = fc
  .record({
    name: tidyText(80),
    phase: fc.constantFrom(...PHASES),
    time: estimate,
    hands,
    place: fc.constantFrom('stage' as const, 'wings' as const),
    eachGo: fc.boolean(),
    say: fc.option(tidyText(200), { nil: '' }),
    cue: fc.option(tidyText(100), { nil: '' }),
    careful: fc.option(tidyText(100), { nil: '' }),
    sign: fc.option(
      fc.record({
        watchFor: tidyText(60).filter((text) => !/[“”]/.test(text)),
        waitLeast: fc.nat(200),
        more: fc.nat(100),
      }),
    ),
  })
  .filter(({ phase, hands: who }) => phase !== 'prepare' || who.length > 0)
  .map(({ sign, ...said }, i = 0) => ({
    ...blankTask(`t${i}`, said.name, said.phase, said.time),
    ...said,
    do: said.phase === 'perform' ? said.name : '',
    sign: sign && {
      watchFor: sign.watchFor,
      waitLeast: sign.waitLeast,
      waitMost: sign.waitLeast + sign.more,
    },
  }));

const ANY_ITEMS: Item[] = [
  { ...blankItem('can', 'Drinks can', 'equipment'), unit: 'piece' },
  { ...blankItem('water', 'Water', 'consumable'), unit: 'mL' },
  { ...blankItem('warm-water', 'Warm water', 'consumable'), unit: 'mL' },
  { ...blankItem('gloves', 'Cold gloves', 'gear'), unit: 'pair' },
  { ...blankItem('odd', 'Sheet, 2 mm (“odd”)', 'equipment'), unit: 'piece' },
  { ...blankItem('seven', '7 mm spanner', 'equipment'), unit: 'piece' },
];

const demo: fc.Arbitrary<Demo> = fc
  .record({
    name: tidyText(60).filter((text) => !/[“”]/.test(text)),
    hook: fc.option(tidyText(150), { nil: '' }),
    tasks: fc.array(task, { minLength: 1, maxLength: 6 }),
    kit: fc.uniqueArray(
      fc.record({
        item: fc.constantFrom(...ANY_ITEMS),
        amount: fc.integer({ min: 1, max: 500 }),
        basis: fc.constantFrom(...KIT_BASES),
        note: fc.constantFrom('', 'warm', 'for the tower, at the back'),
      }),
      { selector: ({ item }) => item.id, maxLength: 6 },
    ),
    goesAllowed: fc.integer({ min: 1, max: 20 }),
    oneShot: fc.boolean(),
    volunteers: fc.nat(3),
  })
  .map(({ tasks, kit, goesAllowed, oneShot, volunteers, name, hook }) => ({
    ...blankDemo('d', name, [
      {
        ...blankMethod('m', 'First method'),
        ...{ goesAllowed, oneShot, volunteers },
        tasks: tasks
          .map((one, i) => ({ ...one, id: `t${i}` }))
          .toSorted((a, b) => PHASE[a.phase] - PHASE[b.phase]),
        kit: kit.map(({ item, amount, basis, note }) => ({
          ...blankLine(`k-${item.id}`, item.id),
          ...{ amount, unit: item.unit, basis, note },
          groupOf: basis === 'perGroup' ? amount : null,
        })),
      },
    ]),
    hook,
  }));

test('whatever its words are, it comes back as it was', () => {
  const knows = knowing(ANY_ITEMS);
  fc.assert(
    fc.property(demo, (one) => {
      const told = readTold(writeDemo(one, knows), knows);
      expect(weave(told, one, newId)).toEqual(one);
    }),
    { seed: 20261130, numRuns: 500 },
  );
});

test('any text at all is understood as something, and written so that it stays', () => {
  const knows = knowing(ANY_ITEMS);
  const line = fc.oneof(tidyText(120), fc.string({ maxLength: 60 }));
  fc.assert(
    fc.property(fc.array(line, { maxLength: 8 }), (lines) => {
      const read = weave(readTold(lines.join('\n'), knows), blankDemo('d', 'd', []), newId);
      const again = weave(readTold(writeDemo(read, knows), knows), read, newId);
      expect(again).toEqual(read);
    }),
    { seed: 7, numRuns: 500 },
  );
});
