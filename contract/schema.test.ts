import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { season } from '../season/season';
import { showFileSchema } from './schema';
import { checkShowFile } from './showFile';

const shipped = JSON.parse(
  readFileSync(new URL('../docs/formats/show-file.schema.json', import.meta.url), 'utf8'),
) as object;
const validate = new Ajv2020({ strict: false }).compile(shipped);
const plain = (value: unknown): Record<string, unknown> =>
  JSON.parse(JSON.stringify(value)) as Record<string, unknown>;
const files = season('2027-05-30', 'Etc/UTC', (d, t) => Date.parse(`${d}T${t}:00Z`)).map(plain);

test('the schema in docs/formats is the one the rules give (npm run schema)', () => {
  expect(shipped).toEqual(plain(showFileSchema()));
});

test('the demo season and the example satisfy both the schema and the rules', () => {
  const example = JSON.parse(
    readFileSync(new URL('../docs/formats/example.show.json', import.meta.url), 'utf8'),
  ) as Record<string, unknown>;
  for (const file of [...files, example]) {
    expect(validate(file) ? [] : validate.errors).toEqual([]);
    expect(checkShowFile(file)).toMatchObject({ ok: true });
  }
});

describe('what the rules refuse field by field, the schema refuses too', () => {
  const [file] = files;
  if (!file) throw new Error('no file');
  test.each([
    ['a missing part', (f: Record<string, unknown>) => delete f.items],
    ['an unknown part', (f: Record<string, unknown>) => (f.more = 1)],
    ['a wrong type', (f: Record<string, unknown>) => (f.people = 'Ines')],
    [
      'a bad time',
      (f: Record<string, unknown>) => ((f.show as Record<string, unknown>).start = '9'),
    ],
    ['a null that may not be', (f: Record<string, unknown>) => (f.show = null)],
    ['another format', (f: Record<string, unknown>) => (f.format = 'x')],
  ])('%s', (_name, spoil) => {
    const spoilt = structuredClone(file);
    spoil(spoilt);
    expect(validate(spoilt)).toBe(false);
    expect(checkShowFile(spoilt).ok).toBe(false);
  });
});
