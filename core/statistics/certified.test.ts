/**
 * Against the Statistical Reference Datasets of the National Institute of Standards and Technology, and a published
 * saturation curve. Those not in a file here are from memory, figures and certified values.
 */
import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { oneWay } from './anova';
import { lineThrough, type Point } from './line';
import { saturationThrough } from './saturation';
import { summaryOf } from './summary';

const published = (name: string): unknown =>
  JSON.parse(readFileSync(new URL(`../testing/${name}.json`, import.meta.url), 'utf8'));
const norris = published('norris') as {
  pairs: [y: number, x: number][];
  certified: { slope: number; intercept: number };
};
const saturation = published('saturation') as {
  concentration: number[];
  rate: number[];
  fit: { vmax: number; k: number };
};
const sirstv = published('sirstv') as { levels: Record<string, number[]> };

/** Figures in which two numbers agree. */
const agreement = (value: number | null, certified: number): number =>
  value === certified
    ? 16
    : -Math.log10(Math.abs((value ?? NaN) - certified) / Math.abs(certified));

/** SmLs01 to 09 (Simon and Lesage): nine treatments about `base`, whose readings differ in the first decimal. */
const lesage = (base: string, replicates: number): number[][] =>
  [4, 3, 5, 3, 5, 3, 5, 3, 5].map((tenths) =>
    Array.from({ length: replicates }, (_, i) =>
      Number(`${base}.${i === 0 ? tenths : i % 2 === 1 ? tenths - 1 : tenths + 1}`),
    ),
  );

/** NumAcc2 to 4: a middle, then a tenth less and a tenth more in turn. */
const aboutMiddle = (base: string, tenths: number): number[] =>
  Array.from({ length: 1001 }, (_, i) =>
    Number(`${base}.${i === 0 ? tenths : i % 2 === 1 ? tenths - 1 : tenths + 1}`),
  );

/** AtmWtAg: atomic weight of silver by two instruments, less 107.868, in units of the seventh decimal. */
const silver = [
  [
    1568, 1465, 1572, 1785, 1446, 1903, 1526, 1494, 1616, 1587, 1519, 1486, 1419, 1569, 1508, 1672,
    1385, 1518, 1662, 1424, 1360, 1333, 1610, 1477,
  ],
  [
    1079, 1344, 1513, 1197, 1604, 1385, 1642, 1365, 1151, 1082, 1517, 1448, 1198, 1482, 1334, 1609,
    1101, 1512, 1469, 1360, 1254, 1261, 1450, 1368,
  ],
].map((group) => group.map((last) => Number(`107.868${last}`)));

describe('one-way analysis of variance', () => {
  test('SiRstv, of lower difficulty', () => {
    const found = oneWay(Object.values(sirstv.levels));
    expect(agreement(found.f, 1.18046237440255)).toBeGreaterThan(13);
    expect(agreement(found.residualSd, 0.104076068334656)).toBeGreaterThan(13);
    expect(found).toMatchObject({ dfBetween: 4, dfWithin: 20 });
    expect(found.p).toBeCloseTo(0.3494, 4);
  });

  test('AtmWtAg, of average difficulty', () => {
    const found = oneWay(silver);
    expect(agreement(found.f, 15.946733567793)).toBeGreaterThan(12);
    expect(found).toMatchObject({ dfBetween: 1, dfWithin: 46 });
  });

  test.each([
    ['SmLs01', '1', 21, 21],
    ['SmLs03', '1', 2001, 2001],
    ['SmLs04', '1000000', 21, 21],
    ['SmLs06', '1000000', 2001, 2001],
    ['SmLs07', '1000000000000', 21, 21],
    ['SmLs09, of higher difficulty', '1000000000000', 2001, 2001],
  ])('%s', (_name, base, replicates, f) => {
    const found = oneWay(lesage(base, replicates));
    expect(agreement(found.f, f)).toBeGreaterThan(12);
    expect(agreement(found.residualSd, 0.1)).toBeGreaterThan(12);
  });
});

test.each([
  ['NumAcc1', [10000001, 10000003, 10000002], 10000002, 1],
  ['NumAcc2', aboutMiddle('1', 2), 1.2, 0.1],
  ['NumAcc3', aboutMiddle('1000000', 2), 1000000.2, 0.1],
  ['NumAcc4', aboutMiddle('10000000', 2), 10000000.2, 0.1],
])('mean and standard deviation: %s', (_name, values, mean, sd) => {
  const found = summaryOf(values);
  expect(agreement(found.mean, mean)).toBeGreaterThan(14);
  expect(agreement(found.sd, sd)).toBeGreaterThan(13);
});

test('linear regression: Norris', () => {
  const found = lineThrough(norris.pairs.map(([y, x]): Point => [x, y]));
  expect(agreement(found?.slope ?? null, norris.certified.slope)).toBeGreaterThan(13);
  expect(agreement(found?.intercept ?? null, norris.certified.intercept)).toBeGreaterThan(11);
  expect(agreement(found?.slopeSd ?? null, 0.000429796848199937)).toBeGreaterThan(12);
  expect(agreement(found?.interceptSd ?? null, 0.232818234301152)).toBeGreaterThan(12);
  expect(agreement(found?.residualSd ?? null, 0.884796396144373)).toBeGreaterThan(12);
});

/** Bates and Watts, Nonlinear Regression Analysis and Its Applications, 1988, A1.3; standard errors from memory. */
test('saturation: treated cells', () => {
  const { concentration, rate, fit } = saturation;
  const found = saturationThrough(concentration.map((x, i): Point => [x, rate[i] ?? 0]));
  expect(agreement(found?.max ?? null, fit.vmax)).toBeGreaterThan(4);
  expect(agreement(found?.half ?? null, fit.k)).toBeGreaterThan(4);
  expect(agreement(found?.maxSd ?? null, 6.947)).toBeGreaterThan(4);
  expect(agreement(found?.halfSd ?? null, 0.008281)).toBeGreaterThan(4);
  expect(agreement(found?.residualSd ?? null, 10.93)).toBeGreaterThan(3);
});
