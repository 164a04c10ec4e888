import { describe, expect, test } from '@jest/globals';
import { blankShow } from './blank';
import { runsPastMidnight, showAgain } from './copy';
import type { Show, Slot } from './types';

const slot = (id: string): Slot => ({
  id,
  demoId: 'foam',
  methodId: 'gentle',
  talk: null,
  performerId: 'ines',
  positionId: 'centre',
  goes: 1,
  again: 1,
  wantedGoes: null,
  fallback: 0,
  leads: [{ task: 'soak', seconds: 60 }],
  pinned: true,
  mayLeaveOut: true,
  worth: 4,
  sideBySide: null,
});

const SHOW: Show = {
  ...blankShow('a', 'Pier evening', '2026-05-01', 'Europe/London'),
  venueId: 'pier',
  agreed: true,
  crew: ['ines', 'jo'],
  youngest: 5,
  audienceNeeds: { hearing: 'yes', sight: 'no', movement: 'no' },
  swaps: [{ itemId: 'flask', by: 'cup' }],
  positions: [{ id: 'centre', name: 'Centre', mark: 'cross', at: { x: 0, y: 1 }, circuitId: 'c1' }],
  journeys: [
    {
      id: 'j',
      name: 'Ferry',
      by: 'ferry',
      volumeM3: 200,
      airChanges: 4,
      minutes: 40,
      people: 3,
      mostKg: null,
    },
  ],
  cold: [
    {
      itemId: 'ln2',
      daysBefore: 0,
      collected: '09:00',
      vesselId: null,
      vesselWarm: true,
      pourLoss: 10,
      reserve: 10,
      ordered: 4000,
      measured: { at: '12:00', amount: 3500 },
    },
  ],
  slots: [slot('s1'), slot('s2')],
};
const AGAIN = { id: 'b', title: 'Pier evening (2)', date: '2026-06-01', withCrew: true };

describe('the same show again', () => {
  const again = showAgain(SHOW, AGAIN);

  test('the line-up, crew, hours and place stay', () => {
    const { id, title, date } = AGAIN;
    expect(again).toMatchObject({ id, title, date, venueId: 'pier', start: '14:00' });
    expect(again.slots).toEqual(SHOW.slots);
    expect(again.crew).toEqual(SHOW.crew);
    expect(again.positions).toEqual(SHOW.positions);
    expect(again.journeys).toEqual(SHOW.journeys);
  });

  test('what was asked, agreed, measured or ordered for the one day is not known of the other', () => {
    expect(again).toMatchObject({
      agreed: false,
      youngest: null,
      audienceNeeds: { hearing: 'unknown', sight: 'unknown', movement: 'unknown' },
      cold: [{ itemId: 'ln2', reserve: 10, ordered: null, measured: null }],
      swaps: [],
    });
  });

  test('nothing of it is shared with the first', () => {
    again.slots[0]?.leads.push({ task: 'x', seconds: 1 });
    expect(SHOW.slots[0]?.leads).toHaveLength(1);
  });
});

test('without the crew nobody performs anything', () => {
  const again = showAgain(SHOW, { ...AGAIN, withCrew: false });
  expect(again.crew).toEqual([]);
  expect(again.slots.map(({ performerId }) => performerId)).toEqual([null, null]);
});

test('elsewhere its circuits and the way there are others', () => {
  const again = showAgain(SHOW, { ...AGAIN, venueId: 'hall' });
  expect(again.positions[0]).toMatchObject({ id: 'centre', circuitId: null });
  expect(again.journeys).toEqual([]);
});

describe('at another hour', () => {
  const at = (start: string) => showAgain(SHOW, { ...AGAIN, start });

  test('all hours move with the start', () => {
    expect(at('19:30')).toMatchObject({
      arrival: '18:00',
      doors: '19:15',
      start: '19:30',
      hardFinish: '20:10',
    });
  });

  test('none leaves its day', () => {
    expect(at('00:30')).toMatchObject({ arrival: '00:00', doors: '00:15', hardFinish: '01:10' });
    expect(runsPastMidnight(SHOW, '23:19')).toBe(false);
    expect(runsPastMidnight(SHOW, '23:20')).toBe(true);
    const late = at('23:59');
    expect([late.doors, late.start, late.hardFinish]).toEqual(['23:44', '23:58', '23:59']);
  });
});
