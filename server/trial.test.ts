/** `npm run trial` on published tables, and on tables that can't be read. */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, expect, test } from '@jest/globals';
import { trialFromTable } from '../core/trials/fromTable';
import type { TrialReport } from '../core/trials/report';
import { csvRows } from './http/csv';

const folder = mkdtempSync(join(tmpdir(), 'hearty-trial-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function command(text: string, ...args: string[]) {
  const path = join(folder, 'readings.csv');
  writeFileSync(path, text);
  return spawnSync(process.execPath, ['--import', 'tsx', 'server/trial.ts', path, ...args], {
    encoding: 'utf8',
  });
}

const report = (text: string, ...args: string[]): TrialReport => {
  const { stdout, stderr } = command(text, ...args);
  expect(stderr).toBe('');
  return JSON.parse(stdout) as TrialReport;
};

const published = (name: string): unknown =>
  JSON.parse(readFileSync(new URL(`../core/testing/${name}.json`, import.meta.url), 'utf8'));

/** SiRstv, Statistical Reference Datasets of the National Institute of Standards and Technology. */
test('a one-way table, with other columns around', () => {
  const { levels } = published('sirstv') as { levels: Record<string, number[]> };
  const rows = Object.entries(levels).flatMap(([instrument, values]) =>
    values.map((value) => `x,${instrument},"note, with a comma",${value},1`),
  );
  const found = report(
    ['lab,instrument,note,resistivity,batch', ...rows].join('\r\n'),
    '--factor',
    'Instrument',
    '--response',
    'resistivity',
  );
  expect(found.anova.f).toBeCloseTo(1.18046237440255, 12);
  expect(found.levels).toHaveLength(5);
  expect(found.levels[0]).toMatchObject({ level: 1, n: 5 });
  expect(found.effect.seen).toBe(false);
  expect(found.claim).toMatch(/^No difference seen from 1 to instrument 5\./);
});

/** Bates and Watts 1988, A1.3. */
test('a saturation table: first column changed, last read, decimal commas between semicolons', () => {
  const { concentration, rate } = published('saturation') as {
    concentration: number[];
    rate: number[];
  };
  const comma = (value: number): string => String(value).replace('.', ',');
  const found = report(
    `\uFEFFc;rate\n${concentration.map((c, i) => `${comma(c)};${rate[i]}`).join('\n')}\n\n`,
  );
  expect(found.fit?.better).toBe('saturation');
  expect(found.fit?.saturation?.max.value).toBeCloseTo(212.68, 1);
  expect(found.fit?.saturation?.half.value).toBeCloseTo(0.06412, 4);
});

/** Norris, of the same reference datasets. */
test('a straight line', () => {
  const { pairs } = published('norris') as { pairs: [number, number][] };
  const found = report(['x,y', ...pairs.map(([y, x]) => `${x},${y}`)].join('\n'));
  expect(found.fit?.line?.slope.value).toBeCloseTo(1.00211681802045, 11);
  expect(found.fit?.line?.intercept.value).toBeCloseTo(-0.262323073774029, 9);
});

test('what can’t be read is said, each row by its number, and nothing is printed', () => {
  for (const [text, args, words] of [
    ['a,b\n1,x\n2,3\n', [], 'Row 2: “x” is no number.'],
    ['a,b\n1,2\n', ['--factor', 'none'], 'There is no column “none”'],
    ['a,b\n1,2\n', ['--better', 'near'], '--better near needs a --target.'],
  ] as const) {
    const { status, stdout, stderr } = command(text, ...args);
    expect(status).toBe(2);
    expect(stdout).toBe('');
    expect(stderr).toContain(words);
  }
});

test('tables: yes and no, kinds as they come, what was not read', () => {
  const read = (text: string) => trialFromTable(csvRows(text), {});
  const table = (text: string) => {
    const answer = read(text);
    return answer.ok ? answer.table : null;
  };
  expect(table('wick,lit\nshort,no\nlong,Yes\nshort,not read\n')).toMatchObject({
    yesNo: true,
    notRead: 1,
    levels: [{ label: 'short', value: null }, { label: 'long' }],
    readings: [
      { level: 'short', value: 0, go: 1 },
      { level: 'long', value: 1, go: 2 },
    ],
  });
  expect(table('go,level,reading,by\n1,10,4,jo\n2,9,5,jo\n')).toMatchObject({
    factor: 'level',
    response: 'reading',
    levels: [{ value: 9 }, { value: 10 }],
  });
  expect(table('a,b\n1,0\n1,1\n')?.yesNo).toBe(true);
  for (const text of ['', 'a\n1\n', 'a,b\n', 'a,b\n1,\n', 'a,b\n,3\n'])
    expect(read(text).ok).toBe(false);
  const many = read(`a,b\n${'1,x\n'.repeat(30)}`);
  expect(many.ok ? [] : many.faults).toHaveLength(9);
});
