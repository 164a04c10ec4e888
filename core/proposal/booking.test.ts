import { expect, test } from '@jest/globals';
import { bookedShow, type BookingFacts } from './booking';

const FACTS: BookingFacts = {
  title: 'Boat shed',
  date: '2027-05-29',
  start: '14:00',
  minutes: 20,
  audience: 80,
  youngest: null,
  zone: 'Etc/UTC',
};
const times = (more: Partial<BookingFacts>) => {
  const { arrival, doors, start, hardFinish } = bookedShow('s', { ...FACTS, ...more });
  return [arrival, doors, start, hardFinish];
};

test('arrival and doors are put before the start, the hard finish after so many minutes', () => {
  expect(times({})).toEqual(['12:30', '13:45', '14:00', '14:20']);
});

test('a show early in the day or late at night stays in its day', () => {
  expect(times({ start: '00:30' })).toEqual(['00:00', '00:15', '00:30', '00:50']);
  expect(times({ start: '23:30', minutes: 60 })).toEqual(['22:00', '23:15', '23:30', '23:59']);
});
