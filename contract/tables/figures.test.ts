import { describe, expect, test } from '@jest/globals';
import { figureOf, markOf, pointed } from './figures';

describe('the decimal mark of a column', () => {
  test.each([
    [['2,50', '1.500'], ',', true],
    [['2.50', '1,500'], '.', true],
    [['1.234,5'], ',', true],
    [['1,234.5'], '.', true],
    [['1.234.567'], ',', true],
    [['0.500', '1.500'], '.', true],
    [['3', '40'], '.', true],
    [['€ 2,50'], ',', true],
    [['1 500', '2,5'], ',', true],
    [['2 x 0,5 L'], ',', true],
    [['about 1.5 or 2'], '.', true],
    [['1.500', '2.250'], '.', false],
    [['1,500'], '.', false],
    [[''], '.', true],
  ] as const)('%j: %s, sure: %s', (cells, mark, sure) => {
    expect(markOf(cells)).toMatchObject({ mark, sure });
  });

  test('in doubt it is that of the other columns, and says of which cell', () => {
    expect(markOf(['1.500'], ',')).toEqual({ mark: ',', sure: false, doubt: '1.500' });
  });
});

describe('a figure', () => {
  test.each([
    ['1.500', '.', 1.5],
    ['1.500', ',', 1500],
    ['1,5', ',', 1.5],
    ['€ 2.50', '.', 2.5],
    ['2,50 €', ',', 2.5],
    ['CHF 1’200.–', '.', 1200],
    ['EUR 3,20', ',', 3.2],
    ['12,-', ',', 12],
    ['1 500', ',', 1500],
    ['-3', '.', -3],
    // What leaves no doubt is read as it is written, whatever the rest of its column does.
    ['2.50', ',', 2.5],
    ['0.500', ',', 0.5],
    ['1.234.567', '.', 1_234_567],
    ['1,23,4', '.', null],
    ['1.500,', ',', 1500],
    ['about 5', '.', null],
    ['', '.', null],
  ] as const)('%s by “%s” is %s', (text, mark, value) => {
    expect(figureOf(text, mark)).toBe(value);
  });

  test('stands in the middle of an amount', () => {
    expect(pointed('1.500 ml', ',')).toBe('1500 ml');
    expect(pointed('2 x 0,5 L', ',')).toBe('2 x 0.5 L');
    expect(pointed('2 x 0,5 L', '.')).toBe('2 x 0.5 L');
    expect(pointed('1 1/2 cups', '.')).toBe('1 1/2 cups');
    expect(pointed('10 000 ml', '.')).toBe('10000 ml');
  });
});
