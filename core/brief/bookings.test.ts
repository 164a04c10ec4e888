import { expect, test } from '@jest/globals';
import { type Booked, bookingsOf } from './bookings';

const show = (id: string, more: Partial<Booked> = {}): Booked => ({
  id,
  title: id,
  date: '2027-03-06',
  arrival: '13:00',
  hardFinish: '15:00',
  crew: ['ines', 'jo'],
  answers: [],
  order: [{ performerId: 'ines' }, { performerId: null }, { performerId: 'ines' }],
  ...more,
});
const told = (...shows: Booked[]) =>
  bookingsOf('ines', shows).map(({ show: { id }, said, performs, atOnce }) => [
    id,
    said,
    performs,
    atOnce.map((other) => other.id),
  ]);

test('whose crew somebody is in, what they said, and how many slots are theirs', () => {
  expect(
    told(
      show('quay', { answers: [{ personId: 'ines', said: 'asked' }] }),
      show('other', { crew: ['jo'], date: '2027-03-07' }),
      show('hall', { date: '2027-03-08', order: [], answers: [{ personId: 'jo', said: 'yes' }] }),
    ),
  ).toEqual([
    ['quay', 'asked', 2, []],
    ['hall', null, 0, []],
  ]);
});

test('two that want somebody at the same time name each other, from being there to the end', () => {
  const late = show('late', { arrival: '14:59', hardFinish: '18:00' });
  expect(told(show('early'), late)).toEqual([
    ['early', null, 2, ['late']],
    ['late', null, 2, ['early']],
  ]);
  // One after the other, and on another day, they are not at once.
  expect(told(show('early'), { ...late, arrival: '15:00' }).map((one) => one[3])).toEqual([[], []]);
  expect(told(show('early'), { ...late, date: '2027-03-07' }).map((one) => one[3])).toEqual([
    [],
    [],
  ]);
});

test('who said no to one is free for the other; a crew they are not in is no matter', () => {
  const no = show('no', { answers: [{ personId: 'ines', said: 'no' }] });
  expect(told(show('early'), no).map((one) => one[3])).toEqual([[], []]);
  expect(told(show('early'), show('jo', { crew: ['jo'] }))).toEqual([['early', null, 2, []]]);
});
