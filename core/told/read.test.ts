import { describe, expect, test } from '@jest/globals';
import { blankItem } from '../repertoire/blank';
import type { Item } from '../repertoire/item';
import { readTold } from './read';
import type { Knows, Told, ToldStep } from './types';

const THINGS: Item[] = [
  { ...blankItem('hot-plate', 'Hot plate', 'equipment') },
  { ...blankItem('can', 'Drinks can', 'consumable') },
  { ...blankItem('water', 'Water', 'consumable'), unit: 'mL' },
  { ...blankItem('mints', 'Mints', 'consumable'), unit: 'piece' },
  { ...blankItem('gloves', 'Thick gloves', 'gear'), unit: 'pair' },
];
const KNOWS: Knows = {
  things: THINGS,
  people: [
    { id: 'jo', name: 'Jo Arran' },
    { id: 'mara', name: 'Mara' },
  ],
  positions: ['Centre table', 'Left bench', 'Floor'],
};

const read = (text: string): Told => readTold(text, KNOWS);
const steps = (text: string): ToldStep[] => read(`Demo\n${text}`).methods[0]?.steps ?? [];
const step = (line: string): ToldStep | undefined => steps(line)[0];
const kit = (text: string) => read(`Demo\n${text}`).methods[0]?.kit ?? [];

const CAN = `Crushed can, with Jo
0:10 pour 12 mL water into the can
put it on the hot plate, wait about 3 min
when steam -> 70-85 s
goggles on
say: Call out when you see the steam.
0:05 flip it into the cold water, tongs palm up
bang! ears?
1:20 explain
clear: hot plate off, 1 min, Jo
needs: hot plate, 3 cans, bowl of cold water, tongs`;

test('a demonstration as one would tell it', () => {
  const told = read(CAN);
  expect(told.name).toBe('Crushed can');
  expect(told.people).toEqual(['Jo Arran']);
  const [method] = told.methods;
  expect(
    method?.steps.map(({ line, name, phase, time }) => [line, phase, name, time.likely, time.said]),
  ).toEqual([
    [2, 'prepare', 'Pour 12 mL water into the can', 10, 'one'],
    [3, 'prepare', 'Put it on the hot plate', 60, 'none'],
    [3, 'settle', 'Wait', 180, 'one'],
    [4, 'perform', 'Watch for steam', 115, 'none'],
    [5, 'perform', 'Goggles on', 15, 'none'],
    [7, 'perform', 'Flip it into the cold water, tongs palm up', 5, 'one'],
    [9, 'perform', 'Explain', 80, 'one'],
    [10, 'reset', 'Hot plate off', 60, 'one'],
  ]);
  expect(method?.steps[3]?.sign).toEqual({ watchFor: 'steam', waitLeast: 70, waitMost: 85 });
  expect(method?.steps[4]).toMatchObject({
    gearOn: ['Goggles'],
    say: 'Call out when you see the steam.',
  });
  expect(method?.steps[7]?.hands).toEqual([{ role: 'helper', count: 1, competence: null }]);
  expect(
    method?.kit.map(({ amount, unit, name, itemId, basis }) => [amount, unit, name, itemId, basis]),
  ).toEqual([
    [12, 'mL', 'Water', 'water', 'perGo'],
    [1, 'piece', 'Hot plate', 'hot-plate', 'perShow'],
    [3, 'piece', 'Cans', null, 'perShow'],
    [1, 'piece', 'Bowl of cold water', null, 'perGo'],
    [1, 'piece', 'Tongs', null, 'perShow'],
  ]);
  // Only what is doubtful is asked about, with each answer as it would be written.
  expect(told.questions).toEqual([
    {
      line: 8,
      from: 0,
      to: 11,
      ask: '“Cover your ears” as a cue?',
      answers: [
        { label: 'Yes', text: 'bang! ears!' },
        { label: 'No', text: 'bang!' },
      ],
    },
    expect.objectContaining({ line: 11, ask: 'Is “cans” one of these in the store?' }),
  ]);
  const yes = readTold(CAN.replace('ears?', 'ears!').replace('cans', 'drinks cans'), KNOWS);
  expect(yes.questions).toEqual([]);
  expect(yes.methods[0]?.steps[5]?.cue).toBe('Cover your ears');
  expect(yes.methods[0]?.kit[2]).toMatchObject({ itemId: 'can', amount: 3, basis: 'perGo' });
});

test('the first lines of a beginner', () => {
  const told = read('Tablecloth pull\n1 min lay cloth and three plates\npull straight down, 10 s');
  expect(told.methods[0]?.steps.map(({ name, phase, time }) => [phase, name, time.likely])).toEqual(
    [
      ['prepare', 'Lay cloth and three plates', 60],
      ['perform', 'Pull straight down', 10],
    ],
  );
  expect(told.methods[0]?.kit).toMatchObject([
    { name: 'Plates', amount: 3, unit: 'piece', itemId: null },
  ]);
});

describe('times', () => {
  test.each([
    ['stir 1:30', 90, 'one'],
    ['stir for 90 s', 90, 'one'],
    ['2 min stir', 120, 'one'],
    ['stir, 70–85 s', 78, 'all'],
    ['stir 1:20 (1:00–2:00)', 80, 'all'],
    ['stir', 30, 'none'],
  ])('%s', (line, likely, said) => {
    expect(step(line)).toMatchObject({ name: 'Stir', time: { likely, said } });
  });

  test('one time has its ends guessed by the kind of step, the likely one between them', () => {
    for (const line of [
      'explain 1:00',
      'pour 1:00',
      'a volunteer pulls 1:00',
      'clear: wipe 1:00',
      'pour 0:01',
    ]) {
      const time = step(line)?.time;
      expect(time && time.shortest <= time.likely && time.likely <= time.longest).toBe(true);
    }
    const ends = (line: string) => [step(line)?.time.shortest, step(line)?.time.longest];
    expect(ends('explain 1:00')).not.toEqual(ends('a volunteer pulls 1:00'));
  });

  test('what is said has the time it takes to say', () => {
    const [one] = steps(`look at it\nsay: ${'word '.repeat(300)}`);
    expect(one?.time.likely).toBe(120);
  });

  test('“about 3” is taken for minutes and asked', () => {
    const told = read('Demo\nstir, about 3');
    expect(told.methods[0]?.steps[0]?.time.likely).toBe(180);
    expect(told.questions[0]?.answers.map(({ text }) => text)).toEqual([
      'stir, about 3 min',
      'stir, about 3 s',
    ]);
  });
});

describe('amounts', () => {
  test.each([
    ['pour 12 mL water', 12, 'mL', 'Water'],
    ['stir in 4 tsp yeast', 4, 'tsp', 'Yeast'],
    ['fill half a cup of sugar', 0.5, 'cup', 'Sugar'],
    ['½ L water on top', 0.5, 'L', 'Water'],
    ['drop 7 mints in', 7, 'piece', 'Mints'],
    ['2 × drinks can', 2, 'piece', 'Drinks can'],
    ['hold up 2 thick gloves', 2, 'pair', 'Thick gloves'],
    ['stack three plates', 3, 'piece', 'Plates'],
    ['2× lamp', 2, 'piece', 'Lamp'],
  ])('%s', (line, amount, unit, name) => {
    expect(kit(line)).toMatchObject([{ amount, unit, name }]);
  });

  test.each([
    'count to 10',
    'hold up 2 fingers',
    'wait for 3 people',
    'step back 2 metres',
    'row 3 leans in',
    '3 slaps',
    'turn it 2 times',
    'ask 2 volunteers',
    '1:30 stir',
  ])('nothing to bring in “%s”', (line) => {
    expect(kit(line)).toEqual([]);
  });

  test('what may be something of the store is never taken for it unasked', () => {
    const told = read('Demo\nlay three plates');
    expect(told.methods[0]?.kit).toMatchObject([{ name: 'Plates', itemId: null, amount: 3 }]);
    const [asked] = told.questions;
    expect(asked?.answers.map(({ text }) => text)).toEqual([
      'lay three Hot plate',
      'lay three "plates"',
    ]);
    for (const { text } of asked?.answers ?? [])
      expect(read(`Demo\n${text}`).questions).toEqual([]);
    expect(kit('lay three "plates"')).toMatchObject([{ name: 'Plates', itemId: null }]);
    expect(kit('lay three Hot plate')).toMatchObject([{ itemId: 'hot-plate', amount: 3 }]);
  });

  test('the list is what is brought: a step that names it means that', () => {
    expect(kit('pour 12 mL water\nneeds: 1 L water a show')).toMatchObject([
      { amount: 1, unit: 'L', basis: 'perShow', itemId: 'water' },
    ]);
  });

  test('the same named in two steps: used up it adds up, used it does not', () => {
    const [water, lamp] = kit('pour 12 mL water and 2 lamps\npour 8 mL water, 2 lamps on');
    expect([water?.amount, lamp?.amount]).toEqual([20, 2]);
  });

  test('a list with notes, bases and commas in brackets', () => {
    expect(
      kit(
        'needs: 3 drinks cans a go (empty, rinsed), 2 pairs of thick gloves, 1 straw each volunteer',
      ),
    ).toMatchObject([
      { itemId: 'can', amount: 3, basis: 'perGo', note: 'empty, rinsed' },
      { itemId: 'gloves', amount: 2, unit: 'pair', basis: 'perShow' },
      { name: 'Straw', amount: 1, basis: 'perVolunteer' },
    ]);
  });
});

describe('who', () => {
  const HELPER = { role: 'helper', count: 1, competence: null };
  const PERFORMER = { role: 'performer', count: 1, competence: null };
  test.each([
    ['show: pour, Jo', [HELPER]],
    ['show: pour, helper', [HELPER]],
    ['show: pour with Mara', [PERFORMER, HELPER]],
    ['show: pour, 2 helpers', [{ ...HELPER, count: 2 }]],
    ['show: pour, helper (flame)', [{ ...HELPER, competence: 'flame' }]],
    ['Jo: pour', [HELPER]],
    ['show: pour, me and Jo', [PERFORMER, HELPER]],
    ['show: pour', [PERFORMER]],
    ['before: pour', [{ ...PERFORMER, role: 'anyone' }]],
  ])('%s', (line, hands) => {
    expect(step(line)?.hands).toEqual(hands);
  });

  test('a name that nobody has yet is asked about, or taken out of the title', () => {
    const [asked] = read('Demo\npour, Peg').questions;
    expect(asked?.answers.map(({ text }) => text)).toEqual(['pour, helper', 'pour, "Peg"']);
    for (const { text } of asked?.answers ?? [])
      expect(read(`Demo\n${text}`).questions).toEqual([]);
    expect(read('Crushed can, with Peg and Tam')).toMatchObject({
      name: 'Crushed can',
      people: ['Peg', 'Tam'],
    });
    expect(read('Can with lid').name).toBe('Can with lid');
  });

  test('a word before a colon that is nobody is asked about', () => {
    const [asked] = read('Demo\nPeg: pour').questions;
    expect(asked?.ask).toContain('Peg');
    expect(asked?.answers.map(({ text }) => text)).toEqual(['say: pour', 'pour', 'helper: pour']);
    expect(read('Demo\nStand back: it is hot').questions).toEqual([]);
  });
});

describe('when', () => {
  test('everything up to the last wait before something is shown comes before', () => {
    expect(steps('switch it on\nwait 4 min\ngreet\nsay: Hello').map(({ phase }) => phase)).toEqual([
      'prepare',
      'settle',
      'perform',
    ]);
  });

  test('a wait while people watch is somebody’s', () => {
    const [, wait] = steps('light it\nsay: Watch\nwait 1 min');
    expect(wait).toMatchObject({ phase: 'perform', name: 'Wait', hands: [{ role: 'performer' }] });
  });

  test('headings say it for all that follows, in front of a step for that one', () => {
    expect(steps('before:\ntalk\nshow:\nlay it\nclear: wave').map(({ phase }) => phase)).toEqual([
      'prepare',
      'perform',
      'reset',
    ]);
    expect(steps('before: talk\nwave').map(({ phase }) => phase)).toEqual(['prepare', 'perform']);
  });

  test('something is always shown', () => {
    expect(steps('lay cloth\nset plates').map(({ phase }) => phase)).toEqual([
      'prepare',
      'perform',
    ]);
    expect(steps('wipe it').map(({ phase }) => phase)).toEqual(['perform']);
    expect(steps('wait 3 min').map(({ phase }) => phase)).toEqual(['perform']);
  });

  test('what a wait made ready keeps only so long', () => {
    expect(steps('wait: yeast soaking 5:00, use within 15 min\npour')[0]).toMatchObject({
      phase: 'settle',
      name: 'Yeast soaking',
      keeps: 900,
    });
  });

  test.each([
    ['stop both, let go 0:30', 1],
    ['stand back 0:10', 1],
    ['stand on the stool, 20 s', 1],
    ['leave the stage 0:10', 1],
    ['soak the cloth 0:30', 1],
    ['let the ball go, 5 s', 1],
    ['pour, let it cool 3 min', 2],
    ['stir, leave it for 5 min', 2],
    ['stir, let the yeast soak 5 min', 2],
    ['pour, stand 5 min', 2],
    ['pour, soak for 5 min', 2],
    ['pour, and then wait 4 min', 2],
  ])('“%s” is done, or goes on by itself', (line, count) => {
    expect(steps(line)).toHaveLength(count);
  });

  test('a wait without a time is asked', () => {
    const [asked] = read('Demo\nlight it\nwait').questions;
    expect(asked?.answers.map(({ text }) => text)).toContain('wait 2 min');
  });
});

test('nothing, and only a name', () => {
  expect(read('')).toMatchObject({ name: '', methods: [], questions: [] });
  expect(read('  \n\n')).toMatchObject({ name: '', methods: [] });
  expect(read('Foam')).toMatchObject({ name: 'Foam', methods: [] });
});

test('facts of the whole', () => {
  expect(
    read(
      'Foam @centre\npeople see: Foam!\nidea: It falls apart.\nages: 5 up\nenergy: 4\ngoes: 3\nmethod: gentle\npour\nmethod: lively\ngoes: once\npour',
    ),
  ).toMatchObject({
    usualPosition: 'Centre table',
    hook: 'Foam!',
    idea: 'It falls apart.',
    ages: { from: 5, to: 99 },
    energy: 4,
    methods: [
      { name: 'gentle', goesAllowed: null },
      { name: 'lively', goesAllowed: 1, oneShot: true },
    ],
  });
});
