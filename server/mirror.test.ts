/** What is kept in memory is what is stored, whatever was done and however often it was looked at. */
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { blankLot } from '../core/inventory/blank';
import { byItem } from '../core/inventory/allocate';
import { blankItem } from '../core/repertoire/blank';
import { written } from './db/open';
import { type TestServer, testServer } from './testing/serve';

let server: TestServer;
beforeEach(() => {
  server = testServer();
});
afterEach(() => server.close());

/** Both as plain values, whatever the order they came in. */
const plain = (map: ReadonlyMap<string, unknown>): unknown =>
  Object.fromEntries([...map].map(([id, value]) => [id, structuredClone(value)]));

function expectSame(): void {
  const { mirrors, items, ledger } = server.context;
  expect(plain(mirrors.items.now())).toEqual(
    plain(new Map(items.list().map((item) => [item.id, item]))),
  );
  expect(plain(mirrors.lots.now())).toEqual(plain(byItem(ledger.stocked())));
}

const step = fc.record({
  what: fc.constantFrom('add', 'rename', 'remove', 'restore', 'lot', 'count', 'undone', 'prune'),
  which: fc.nat(4),
  look: fc.boolean(),
});

test('any changes, looked at in between or not', () => {
  const { db, items, lots, ledger, log } = server.context;
  const receive = (lotId: string, change: number): unknown =>
    db
      .prepare(
        `INSERT INTO movement (id, lot_id, at, kind, change, note)
         VALUES (lower(hex(randomblob(8))), ?, 0, 'received', ?, '')`,
      )
      .run(lotId, change);
  fc.assert(
    fc.property(fc.array(step, { maxLength: 30 }), (steps) => {
      for (const { what, which, look } of steps) {
        const id = `mirrored-${which}`;
        const now = items.exists(id) ? items.find(id) : null;
        const listed = items.listed(id);
        if (what === 'add' && !now) items.add(blankItem(id, 'New', 'consumable'));
        if (what === 'rename' && now && listed) {
          const { version, ...item } = now;
          items.change({ ...item, name: `${item.name.slice(0, 20)}x` }, version);
        }
        if (what === 'remove' && listed) items.remove(id, listed.version);
        if (what === 'restore' && now) items.restore(id);
        if (what === 'lot' && now && !lots.exists(id)) lots.add(blankLot(id, id));
        if (what === 'count' && lots.exists(id)) receive(id, which + 1);
        if (what === 'prune') log.prune();
        if (what === 'undone')
          expect(() =>
            written(db, () => {
              if (!items.exists('half-done')) items.add(blankItem('half-done', 'No', 'gear'));
              expectSame();
              throw new Error('taken back');
            }),
          ).toThrow('taken back');
        if (look) expectSame();
      }
      expectSame();
      expect(ledger.stocked(['half-done'])).toEqual([]);
    }),
    { numRuns: 40, seed: 11 },
  );
});

test('when the numbers it knew were let go of, everything is read anew', () => {
  const { db, items, mirrors } = server.context;
  mirrors.items.now();
  items.add(blankItem('late', 'Late', 'gear'));
  db.exec('DELETE FROM change');
  items.add(blankItem('later', 'Later', 'gear'));
  expect([...mirrors.items.now().keys()]).toEqual(expect.arrayContaining(['late', 'later']));
});

test('what has not changed is the very same object', () => {
  const { items, mirrors } = server.context;
  const before = mirrors.items.now().get('drum');
  items.add(blankItem('another', 'Another', 'gear'));
  expect(mirrors.items.now().get('drum')).toBe(before);
});
