import { describe, expect, test } from '@jest/globals';
import { task } from '../core/testing/build';
import fc from 'fast-check';
import { fieldsOf } from './fields';
import { BoxBody, CountBody, LotBody, ReceiveBody, SettingsBody, TakeOutBody } from './inventory';
import { ForgetQuery, ImportBody, PreviewBody, TableQuery } from './imports';
import { season } from '../season/season';
import { FollowUpBody, MarkBody } from './day';
import { PersonBody, ShowBody } from './brief';
import { VenueBody } from './venue';
import { ItemBody } from './item';
import { DemoBody, MethodBody } from './repertoire';
import { TaskBody } from './task';
import { hasShape } from './shape';
import { ShowFile, checkShowFile, readShowFile } from './showFile';
import { showFile } from './testing/arbitrary';
import { EventsBody, NewRunBody, RunEventBody } from './stage';
import { check, faultInWords } from './validate';

const CLASSES = [
  PersonBody,
  VenueBody,
  ShowBody,
  ItemBody,
  DemoBody,
  MethodBody,
  TaskBody,
  MarkBody,
  FollowUpBody,
  RunEventBody,
  EventsBody,
  NewRunBody,
  ShowFile,
  LotBody,
  ReceiveBody,
  CountBody,
  TakeOutBody,
  SettingsBody,
  BoxBody,
  ForgetQuery,
  ImportBody,
  PreviewBody,
  TableQuery,
] as (new () => object)[];

const [file] = season('2027-05-30', 'Etc/UTC', (d, t) => Date.parse(`${d}T${t}:00Z`)).map(
  (f) => JSON.parse(JSON.stringify(f)) as Record<string, unknown>,
);
if (!file) throw new Error('no file');

describe('the shape of what is stored', () => {
  test('everything that is accepted has it (property)', () => {
    fc.assert(
      fc.property(showFile, (one) => {
        expect(hasShape(ShowFile, JSON.parse(JSON.stringify(one)))).toBe(true);
      }),
      { numRuns: 50, seed: 5 },
    );
  });

  test.each([7, null, [null], {}, 'text'])('a list that is %j has not, however deep', (wrong) => {
    const spoilt = structuredClone(file) as unknown as {
      demos: { methods: { tasks: object[] }[] }[];
    };
    const task = spoilt.demos[0]?.methods[0]?.tasks[0];
    expect(hasShape(ShowFile, spoilt)).toBe(true);
    Object.assign(task ?? {}, { hands: wrong });
    expect(hasShape(ShowFile, spoilt)).toBe(false);
  });
});

describe('whatever comes in', () => {
  test('is judged, never thrown over, and every fault has words (property)', () => {
    fc.assert(
      fc.property(fc.constantFrom(...CLASSES), fc.jsonValue({ maxDepth: 4 }), (type, value) => {
        const checked = check(type, value);
        expect(checked.ok).toBe(false);
        if (checked.ok) return;
        expect(checked.faults.length).toBeGreaterThan(0);
        for (const fault of checked.faults) {
          expect(fault.message.length).toBeGreaterThan(3);
          expect(faultInWords(fault)).not.toMatch(/undefined|\[object|nested property/);
        }
      }),
      { numRuns: 400, seed: 23 },
    );
  });

  test('any one value of a good file replaced by something else is told by its path, or is fine (property)', () => {
    const paths: (string | number)[][] = [];
    const walk = (value: unknown, path: (string | number)[]): void => {
      if (path.length > 0) paths.push(path);
      if (typeof value === 'object' && value !== null)
        for (const [key, child] of Object.entries(value))
          walk(child, [...path, Array.isArray(value) ? Number(key) : key]);
    };
    walk(file, []);
    fc.assert(
      fc.property(
        fc.constantFrom(...paths),
        fc.constantFrom<unknown>(null, -1, 1e12, 'x'.repeat(3000), [], {}, true, '\u0000', 0.5),
        (path, value) => {
          const spoilt = structuredClone(file);
          let at: Record<string | number, unknown> = spoilt;
          for (const key of path.slice(0, -1)) at = at[key] as Record<string | number, unknown>;
          at[path.at(-1) ?? ''] = value;
          const checked = checkShowFile(spoilt);
          if (!checked.ok) expect(checked.faults.every((f) => f.message.length > 3)).toBe(true);
        },
      ),
      { numRuns: 120, seed: 29 },
    );
  });

  test('text cut off anywhere is refused with words (property)', () => {
    const text = JSON.stringify(file);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: text.length - 1 }), (length) => {
        const read = readShowFile(text.slice(0, length));
        expect(read.ok).toBe(false);
        if (!read.ok)
          expect(faultInWords(read.faults[0] ?? { path: '', message: '' })).toContain('JSON');
      }),
      { numRuns: 60, seed: 31 },
    );
  });
});

describe('rules over several fields', () => {
  const settling = task('t', 'settle', 20, { eachGo: false });
  const faults = (over: object): string[] => {
    const checked = check(TaskBody, { ...settling, ...over });
    return checked.ok ? [] : checked.faults.map((f) => `${f.path} ${f.message}`);
  };

  test('a good task has no faults', () => expect(faults({})).toEqual([]));

  test.each([
    [
      { time: { shortest: 30, likely: 20, longest: 40 } },
      'time.likely must be at least the shortest time',
    ],
    [
      { hands: [{ role: 'anyone', count: 1, competence: null }] },
      'hands must be empty: what settles runs by itself',
    ],
    [
      { sign: { watchFor: 'steam', waitLeast: 9, waitMost: 3 } },
      'sign.waitMost must be at least as long as the shortest wait',
    ],
    [
      { after: [{ task: 'x', least: 9, greatest: 3 }] },
      'after[0].greatest must be at least as long as the shortest wait',
    ],
    [{ time: { shortest: 1.5, likely: 20, longest: 40 } }, 'time.shortest must be a whole number'],
    [{ gearOn: ['Goggles', 'Goggles'] }, 'gearOn has the same entry twice'],
    [{ gearOn: [' '] }, 'gearOn entry 1 must not be empty'],
  ])('%j', (over, words) => {
    expect(faults(over)).toContain(words);
  });
});

test('whatever a field holds, it is told of, never thrown over (property)', () => {
  for (const type of CLASSES) {
    const names = fieldsOf(type).map(([name]) => name);
    fc.assert(
      fc.property(
        fc.dictionary(
          fc.constantFrom(...names, 'text', 'mapping'),
          fc.oneof(
            fc.anything(),
            fc.constantFrom<unknown>([null], [{}], { kind: 'volumes' }, 'nitrogen', 'mL', -1, ''),
          ),
          { maxKeys: names.length + 2 },
        ),
        (value) => {
          const checked = check(type, value);
          expect(typeof checked.ok).toBe('boolean');
          if (!checked.ok) expect(checked.faults.length).toBeGreaterThan(0);
        },
      ),
      { numRuns: 150, seed: 9 },
    );
  }
});
