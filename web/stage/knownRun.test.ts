/** Answers that come late, twice or with a gap leave what is known of a run as it should be. */
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { StoredRun } from '../../contract/stage';
import { eventOf } from '../../core/stage/event';
import type { StoredEvent } from '../../core/stage/types';
import { threeSlots } from '../../core/testing/stage';
import { lastSeq, newerRun, withEvents } from './knownRun';

const event = (seq: number): StoredEvent => ({
  ...eventOf({ id: `e${seq}`, at: seq, by: null }, 'note', { text: 'x' }),
  seq,
  receivedAt: seq,
});
const run = (upTo: number, id = 'r'): StoredRun => ({
  id,
  showId: 's',
  kind: 'rehearsal',
  createdAt: 0,
  plan: threeSlots.plan,
  events: Array.from({ length: upTo }, (_, i) => event(i + 1)),
});

test('a reading that was overtaken does not take back what was pressed since', () => {
  const known = run(5);
  expect(newerRun(known, run(3))).toBe(known);
  expect(lastSeq(newerRun(known, run(6)))).toBe(6);
  expect(newerRun(known, run(1, 'another'))?.id).toBe('another');
  expect(newerRun(null, run(2))?.events).toHaveLength(2);
  expect(newerRun(known, null)).toBeNull();
});

test('events come in by their place; a gap is told, what is known already changes nothing', () => {
  expect(withEvents(run(2), [event(3), event(4)])?.events).toHaveLength(4);
  expect(withEvents(run(2), [event(4)])).toBeNull();
  const known = run(4);
  expect(withEvents(known, [event(2), event(3)])).toBe(known);
});

test('whatever order answers come in, nothing known is lost (property)', () => {
  const answer = fc.oneof(
    fc.nat(12).map((upTo) => ({ reading: upTo })),
    fc.tuple(fc.nat(12), fc.nat(4)).map(([from, count]) => ({ from, count })),
  );
  fc.assert(
    fc.property(fc.array(answer, { maxLength: 20 }), (answers) => {
      let known: StoredRun = run(0);
      for (const one of answers) {
        const before = lastSeq(known);
        known =
          'reading' in one
            ? (newerRun(known, run(one.reading)) ?? known)
            : (withEvents(
                known,
                Array.from({ length: one.count }, (_, i) => event(one.from + i + 1)),
              ) ?? known);
        expect(lastSeq(known)).toBeGreaterThanOrEqual(before);
        expect(known.events.map((e) => e.seq)).toEqual(known.events.map((_e, i) => i + 1));
      }
    }),
    { seed: 1105 },
  );
});
