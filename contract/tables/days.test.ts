import { describe, expect, test } from '@jest/globals';
import { dayOf, orderOf } from './days';

describe('days of a column', () => {
  test.each([
    [['30/05/2027', '01/02/2027'], 'dayFirst', true],
    [['05/30/2027', '01/02/2027'], 'monthFirst', true],
    [['01/02/2027'], 'dayFirst', false],
    [['1.2.2027'], 'dayFirst', true],
    [['03/03/2027'], 'dayFirst', true],
    [['2027-02-01', 'soon'], 'dayFirst', true],
  ] as const)('%j: %s, sure: %s', (cells, order, sure) => {
    expect(orderOf(cells)).toMatchObject({ order, sure });
  });

  test.each([
    ['2027-05-30', '2027-05-30'],
    ['2027/5/3', '2027-05-03'],
    ['30.5.2027', '2027-05-30'],
    ['30.05.27', '2027-05-30'],
    ['30/05/2027', '2027-05-30'],
    ['30-05-2027', '2027-05-30'],
    ['30 May 2027', '2027-05-30'],
    ['30th May 2027', '2027-05-30'],
    ['3-Sept-27', '2027-09-03'],
    ['May 30, 2027', '2027-05-30'],
    ['05/2027', '2027-05-31'],
    ['2028-02', '2028-02-29'],
    ['Feb 2027', '2027-02-28'],
    ['2027-05-30 00:00:00', '2027-05-30'],
    // Spreadsheets count 1 January 2000 as 36526, common practice.
    ['36526', '2000-01-01'],
    ['46537', '2027-05-30'],
    ['31.2.2027', null],
    ['13/2027', null],
    ['soon', null],
    ['', null],
    ['12', null],
  ])('%s is %s', (text, day) => {
    expect(dayOf(text, 'dayFirst')).toBe(day);
  });

  test('with the month first', () => {
    expect(dayOf('05/30/2027', 'monthFirst')).toBe('2027-05-30');
    expect(dayOf('01/02/2027', 'monthFirst')).toBe('2027-01-02');
    expect(dayOf('01/02/2027', 'dayFirst')).toBe('2027-02-01');
  });
});
