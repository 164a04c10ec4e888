import { describe, expect, test } from '@jest/globals';
import { decoded } from './decoding';

const bytes = (...all: number[]): Uint8Array => Uint8Array.from(all);
const ascii = (text: string): number[] => [...text].map((letter) => letter.charCodeAt(0));

describe('how a file is written', () => {
  test('UTF-8, with and without its mark', () => {
    const text = 'Glühbirne; 5 °C; ½';
    const plain = new TextEncoder().encode(text);
    expect(decoded(plain)).toEqual({ text, encoding: 'utf-8', sure: true });
    expect(decoded(bytes(0xef, 0xbb, 0xbf, ...plain))).toEqual({
      text,
      encoding: 'utf-8',
      sure: true,
    });
  });

  // Code points of Windows-1252 and Mac OS Roman as published by the Unicode consortium; from memory.
  test('Windows-1252, as spreadsheets of a certain age write', () => {
    expect(decoded(bytes(...ascii('Gl'), 0xfc, ...ascii('hbirne 2 '), 0x80))).toEqual({
      text: 'Glühbirne 2 €',
      encoding: 'windows-1252',
      sure: false,
    });
  });

  test('Macintosh', () => {
    expect(decoded(bytes(...ascii('Gl'), 0x9f, ...ascii('hbirne caf'), 0x8e))).toMatchObject({
      text: 'Glühbirne café',
      encoding: 'macintosh',
    });
  });

  test('UTF-16, with its mark and without', () => {
    const wide = [...'Item;Glüh'].flatMap((letter) => [letter.charCodeAt(0), 0]);
    expect(decoded(bytes(0xff, 0xfe, ...wide))).toMatchObject({
      text: 'Item;Glüh',
      encoding: 'utf-16le',
    });
    expect(decoded(bytes(...wide)).encoding).toBe('utf-16le');
  });

  test('Cyrillic letters of Windows, which stand in rows', () => {
    const word = [0xcb, 0xe0, 0xec, 0xef, 0xe0];
    expect(decoded(bytes(...word, ...ascii(';3\n'), ...word))).toMatchObject({
      text: 'Лампа;3\nЛампа',
      encoding: 'windows-1251',
      sure: false,
    });
  });

  test('as is asked', () => {
    expect(decoded(bytes(0xfc), 'windows-1252')).toEqual({
      text: 'ü',
      encoding: 'windows-1252',
      sure: false,
    });
  });
});
