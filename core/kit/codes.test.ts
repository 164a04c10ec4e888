import { describe, expect, test } from '@jest/globals';
import { labelledOf, pageOfCode } from './codes';

describe('a code that is read', () => {
  test('leads to its page, whatever machine printed it', () => {
    const pack = '/shows/a/pack?box=box-gear&item=goggles';
    expect(pageOfCode(`https://192.168.1.7:4443${pack}`)).toBe(pack);
    expect(pageOfCode(`http://localhost:4600/not-shared?to=${encodeURIComponent(pack)}`)).toBe(
      pack,
    );
    expect(pageOfCode('https://stage.test/store/items/peroxide-9')).toBe('/store/items/peroxide-9');
    expect(labelledOf(pack)).toEqual({ boxId: 'box-gear', itemId: 'goggles' });
    expect(labelledOf('/shows/a/pack')).toEqual({ boxId: null, itemId: null });
  });

  test.each([
    'hello',
    '',
    'javascript:alert(1)',
    'tel:0123',
    'https://example.org/',
    'https://example.org/api/shows',
    'https://example.org/shows/a/file',
    'http://localhost/not-shared?to=https%3A%2F%2Fexample.org',
    'http://localhost/not-shared?to=%2F%2Fexample.org%2Fx',
    'WIFI:S:hall;T:WPA;P:secret;;',
  ])('is not followed anywhere else: %s', (text) => {
    expect(pageOfCode(text)).toBeNull();
  });
});
