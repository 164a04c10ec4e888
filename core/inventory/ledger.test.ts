import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type Moved, count, receive, reverse, stockOf, take } from './ledger';
import type { Movement } from './types';

const stamp = (n: number) => ({ id: `m${n}`, lotId: 'lot', at: n });
const done = (moved: Moved): Movement => {
  if (!moved.ok) throw new Error(moved.message);
  return moved.movement;
};

test('receive, take, count, and take back', () => {
  const log = [done(receive(stamp(1), 500))];
  log.push(done(take(stamp(2), log, 120, 'show')));
  log.push(done(count(stamp(3), log, 350)));
  expect(log.map((m) => m.change)).toEqual([500, -120, -30]);
  log.push(done(reverse(stamp(4), log, 'm2')));
  expect(stockOf(log)).toBe(470);
  expect(log.at(-1)).toMatchObject({ kind: 'reversed', reverses: 'm2', showId: 'show' });
});

test('a reversal can be reversed, nothing twice', () => {
  const log = [done(receive(stamp(1), 5))];
  log.push(done(reverse(stamp(2), log, 'm1')));
  expect(reverse(stamp(3), log, 'm1')).toEqual({ ok: false, message: 'was taken back already' });
  log.push(done(reverse(stamp(3), log, 'm2')));
  expect(stockOf(log)).toBe(5);
});

test('what would leave less than nothing is refused, and says why', () => {
  const log = [done(receive(stamp(1), 5))];
  expect(take(stamp(2), log, 6)).toEqual({ ok: false, message: 'is more than there is' });
  log.push(done(take(stamp(2), log, 4)));
  expect(reverse(stamp(3), log, 'm1')).toMatchObject({
    message: expect.stringContaining('some of it was used since'),
  });
  expect(reverse(stamp(3), log, 'other')).toMatchObject({ ok: false });
});

test.each([0, -1, NaN])('%d is no delivery and no taking', (amount) => {
  expect(receive(stamp(1), amount).ok).toBe(false);
  expect(take(stamp(1), [], amount).ok).toBe(false);
});

test('a negative count is refused', () => {
  expect(count(stamp(1), [], -1)).toEqual({ ok: false, message: 'must not be negative' });
});

test('the sum of movements is always the stock, and never below nothing (property)', () => {
  const amount = fc.double({ min: 0.001, max: 1000, noNaN: true });
  const step = fc.oneof(
    fc.record({ do: fc.constant('receive' as const), amount }),
    fc.record({ do: fc.constant('take' as const), amount }),
    fc.record({ do: fc.constant('count' as const), amount }),
    fc.record({ do: fc.constant('reverse' as const), amount: fc.nat(30) }),
  );
  fc.assert(
    fc.property(fc.array(step, { maxLength: 40 }), (steps) => {
      const log: Movement[] = [];
      // An account kept beside, in the plainest way.
      let shelf = 0;
      steps.forEach((one, i) => {
        const at = stamp(i);
        const moved =
          one.do === 'receive'
            ? receive(at, one.amount)
            : one.do === 'take'
              ? take(at, log, one.amount)
              : one.do === 'count'
                ? count(at, log, one.amount)
                : reverse(at, log, `m${one.amount}`);
        if (!moved.ok) return;
        if (one.do === 'receive') shelf += one.amount;
        if (one.do === 'take') shelf -= one.amount;
        if (one.do === 'count') shelf = one.amount;
        if (one.do === 'reverse') shelf -= log.find((m) => m.id === `m${one.amount}`)?.change ?? 0;
        log.push(moved.movement);
        expect(stockOf(log)).toBeCloseTo(shelf, 6);
        expect(stockOf(log)).toBeGreaterThanOrEqual(-1e-6);
      });
      // Everything can be taken back, newest first, down to nothing.
      for (const movement of [...log].reverse()) {
        if (log.some((m) => m.reverses === movement.id)) continue;
        const back = reverse(stamp(1000 + log.length), log, movement.id);
        if (back.ok) log.push(back.movement);
      }
      expect(stockOf(log)).toBeGreaterThanOrEqual(-1e-6);
    }),
    { seed: 8 },
  );
});
