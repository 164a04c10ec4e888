import { describe, expect, test } from '@jest/globals';
import { timelineOf } from '../lineup/timelineOf';
import { allocate } from '../inventory/allocate';
import { needsOf } from './needs';
import { task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { lot, showNeeds } from '../testing/inventory';
import { kitList } from './kit';
import { mixesFor } from './mixes';
import { stockView } from './stockWords';

const items = [
  item('flask', 'equipment', { owned: 1 }),
  item('jar', 'equipment'),
  item('rod', 'equipment'),
  item('salt', 'consumable', { unit: 'g' }),
  item('water', 'consumable', { unit: 'mL', atVenue: true }),
  item('weak', 'consumable', {
    name: 'Peroxide 3 %',
    unit: 'mL',
    substance: 'peroxide',
    strength: { value: 3, kind: 'massPerVolume' },
  }),
  item('strong', 'consumable', {
    name: 'Peroxide 9 %',
    unit: 'mL',
    substance: 'peroxide',
    strength: { value: 9, kind: 'massPerVolume' },
  }),
];
const from = bundle(
  [
    {
      id: 'a',
      tasks: [task('p', 'perform', 60)],
      over: {
        goesAllowed: 1,
        kit: [
          line('flask', 2, 'piece', 'perShow', {
            instead: [{ itemId: 'jar', times: 1, unit: 'piece', figures: null }],
          }),
          line('rod', 1, 'piece'),
          line('salt', 80, 'g'),
          line('water', 1, 'L'),
          line('weak', 90, 'mL', 'perShow', { strength: { value: 3, kind: 'massPerVolume' } }),
          line('strong', 30, 'mL', 'perShow', { strength: { value: 6, kind: 'massPerVolume' } }),
        ],
      },
    },
  ],
  items,
);
const lots = [
  lot('s', 'salt', 100),
  lot('old', 'salt', 40, { expiry: '2027-01-01' }),
  lot('j', 'jar', 3),
];
const entries = kitList(from, timelineOf(from));
const entry = (id: string) => {
  const found = entries.find((e) => e.itemId === id);
  if (!found) throw new Error(`${id} is on the list`);
  return found;
};
const shares = allocate(
  [
    showNeeds('first', '2027-05-29', [{ itemId: 'salt', base: 50 }], { title: 'Harbour day' }),
    needsOf(from, {
      timeline: () => timelineOf(from),
      owned: (id) => (id === 'flask' ? 1 : Infinity),
    }),
  ],
  new Map(items.map((one) => [one.id, one])),
  lots,
).filter((share) => share.showId === 'show');
const view = (id: string) =>
  stockView(
    entry(id),
    shares.find((share) => share.itemId === id),
    { items, lots, day: '2027-05-30' },
  );

describe('what the store has', () => {
  test('short, who takes of it before, and what does not count', () => {
    expect(view('salt')).toEqual({
      level: 'short',
      words: '30 g short',
      more: [
        '50 g goes to Harbour day before.',
        '40 g in the store will be out of date on the day and does not count.',
      ],
    });
  });

  test('what may be used instead, and how many of it there are', () => {
    expect(view('flask')).toMatchObject({ words: '1 short', more: ['Instead: jar (3 there).'] });
  });

  test('a test that falls due before the day, and what needs attention', () => {
    const rods = items.map((one) => (one.id === 'rod' ? { ...one, testEvery: 30 } : one));
    const rod = {
      ...lot('r', 'rod', 2),
      lastTest: '2027-04-01',
      state: 'attention' as const,
      note: 'Loose',
    };
    const share = {
      ...shares[0],
      itemId: 'rod',
      short: 0,
      need: 1,
      got: 1,
      before: [],
      outOfDate: 0,
    };
    expect(
      stockView(
        entry('rod'),
        { showId: 'show', from: [], coming: [], there: 0, counted: true, ...share },
        {
          items: rods,
          lots: [rod],
          day: '2027-05-30',
        },
      ),
    ).toEqual({
      level: 'there',
      words: 'in the store',
      more: ['Needs attention: Loose.', 'Its test is due by 2027-05-01.'],
    });
  });

  test('at the venue; as many as wanted; not worked out yet', () => {
    expect(view('water')).toMatchObject({ level: 'venue', words: 'found at the venue' });
    expect(view('rod')).toMatchObject({ level: 'untold', words: '' });
    expect(stockView(entry('salt'), undefined, { items, lots, day: '2027-05-30' }).level).toBe(
      'untold',
    );
  });
});

describe('what to mix', () => {
  const shelf = { items, lots, day: '2027-05-30' };

  test('from a stronger bottle of the same, where the weak one would do as it comes', () => {
    const mixes = mixesFor(entry('weak'), { ...shelf, lots: [lot('b', 'strong', 400)] });
    expect(mixes.map((mix) => [mix.from.id, mix.dilution.is])).toEqual([['strong', 'mix']]);
    expect(mixes[0]?.dilution).toMatchObject({
      stock: expect.closeTo(30, 9),
      water: expect.closeTo(60, 9),
    });
    expect(mixes[0]?.there).toBe('The store has 400 mL of it.');
  });

  test('the thing itself first; a weaker bottle is not offered', () => {
    const [mix, ...others] = mixesFor(entry('strong'), {
      ...shelf,
      lots: [lot('b', 'strong', 4), lot('c', 'strong', 400, { expiry: '2027-05-29' })],
    });
    expect([mix?.from.id, others.length]).toEqual(['strong', 0]);
    expect(mix?.there).toBe('Only 4 mL of it counts.');
    expect(mixesFor(entry('salt'), shelf)).toEqual([]);
  });
});
