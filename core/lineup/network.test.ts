/** A slot as a network: its steps over several goes, and what comes before and after them. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { after, slot, task } from '../testing/build';
import { buildNetwork } from './network';

const names = (tasks: readonly { id: string }[]): string[] => tasks.map(({ id }) => id);

describe('steps', () => {
  const steps = (flags: readonly boolean[], goes: number): string[] =>
    buildNetwork(
      slot(
        's',
        flags.map((eachGo, i) => task(`t${i}`, 'perform', 10, { eachGo })),
        { goes },
      ),
    ).steps.map(({ task: t, go }) => `${t.id}/${go}`);

  test('one go is the list as it is written', () => {
    expect(steps([false, true, false, true, false], 1)).toEqual([
      't0/1',
      't1/1',
      't2/1',
      't3/1',
      't4/1',
    ]);
  });

  test('a further go repeats from the first to the last that belong to a go, without the once-only', () => {
    expect(steps([false, true, false, true, false], 2)).toEqual([
      't0/1',
      't1/1',
      't2/1',
      't3/1',
      't1/2',
      't3/2',
      't4/1',
    ]);
  });

  test('where nothing belongs to a go, more goes change nothing', () => {
    expect(steps([false, false], 5)).toEqual(['t0/1', 't1/1']);
  });

  test('back to back, each as often as it should be, for any list', () => {
    fc.assert(
      fc.property(
        fc.array(fc.boolean(), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 1, max: 4 }),
        (flags, goes) => {
          const net = buildNetwork(
            slot(
              's',
              flags.map((eachGo, i) => task(`t${i}`, 'perform', 7 + i, { eachGo })),
              { goes },
            ),
          );
          flags.forEach((eachGo, i) =>
            expect(net.steps.filter((step) => step.task.id === `t${i}`)).toHaveLength(
              eachGo ? goes : 1,
            ),
          );
          net.steps.forEach((step, i) =>
            expect(step.start).toBe(i === 0 ? 0 : net.steps[i - 1]?.end),
          );
          expect(net.blockLength).toBe(net.steps.reduce((sum, s) => sum + s.task.time.likely, 0));
        },
      ),
      { seed: 61 },
    );
  });
});

describe('before and after the block', () => {
  const net = buildNetwork(
    slot('s', [
      task('set', 'prepare', 10),
      task('soak', 'settle', 10, { after: [after('set')] }),
      task('smoke', 'settle', 10),
      task('p', 'perform', 10, { after: [after('soak')] }),
      task('wipe', 'reset', 10),
      task('dry', 'settle', 10, { after: [after('wipe')] }),
      task('air', 'settle', 10, { after: [after('dry')] }),
      task('fade', 'settle', 10, { after: [after('p')] }),
    ]),
  );

  test('what settles belongs where what it waits for belongs', () => {
    expect(names(net.before)).toEqual(['set', 'soak', 'smoke']);
    expect(names(net.following)).toEqual(['wipe', 'dry', 'air', 'fade']);
  });

  test('preparation, and what settles for nothing in particular, has ended when the block starts', () => {
    expect([...net.endByBlock]).toEqual(['set', 'smoke']);
  });

  test('lags name both ends', () => {
    expect(net.lags.map(({ from, to }) => `${from.id}→${to.id}`)).toEqual([
      'set→soak',
      'soak→p',
      'wipe→dry',
      'dry→air',
      'p→fade',
    ]);
  });
});
