/** Whatever the server accepted can be taken along: its file is read again. */
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import fc from 'fast-check';
import request from 'supertest';
import { showFile } from '../contract/testing/arbitrary';
import { readShowFile } from '../contract/showFile';
import { faultInWords } from '../contract/validate';
import type { StoredRun } from '../contract/stage';
import { blankLot } from '../core/inventory/blank';
import { eventOf } from '../core/stage/event';
import { EVENT_KINDS } from '../core/stage/types';
import { type TestServer, testServer } from './testing/serve';

let server: TestServer;
beforeEach(() => {
  server = testServer(false);
});
afterEach(() => server.close());

const key = fc.oneof(
  fc.string({ maxLength: 160 }),
  fc.constantFrom(' ', 'a.count', '\u0001', 'x'.repeat(141)),
);
const amount = fc.constantFrom(0, 1, 1e6, 999_999.5, 1e9);

test('a show with runs, ticks and stock of every kind that is accepted exports to a file that is accepted', async () => {
  await fc.assert(
    fc.asyncProperty(
      showFile,
      fc.array(key, { maxLength: 4 }),
      fc.array(amount, { maxLength: 3 }),
      fc.array(fc.constantFrom(...EVENT_KINDS), { maxLength: 12 }),
      async (file, keys, amounts, kinds) => {
        const imported = await request(server.app)
          .post('/api/shows/file')
          .set('Content-Type', 'application/json')
          .send(JSON.stringify(file));
        expect(imported.status).toBe(201);
        const { showId } = imported.body as { showId: string };
        const path = `/api/shows/${showId}`;
        for (const one of keys)
          await request(server.app)
            .put(`${path}/packing/packed/${encodeURIComponent(one)}`)
            .send({ by: null, amount: null, of: null })
            .ok(() => true);
        const all = (await request(server.app).get(`${path}/all`)).body as {
          items: { id: string; unit: string }[];
        };
        for (const [i, much] of amounts.entries()) {
          const item = all.items[i % Math.max(1, all.items.length)];
          if (!item) break;
          const lot = blankLot(`lot-${showId}-${i}`.slice(0, 60), item.id);
          for (const unit of [item.unit, 'kg', 'L', 'squirt'])
            await request(server.app)
              .post('/api/deliveries')
              .send({ lot: { ...lot, id: `${lot.id}${unit}` }, amount: much, unit, note: '' })
              .ok(() => true);
        }
        const begun = await request(server.app)
          .post(`${path}/runs`)
          .send({ id: `run-${showId}`.slice(0, 60), kind: 'rehearsal' })
          .ok(() => true);
        if (begun.status === 201) {
          const { id, plan } = begun.body as StoredRun;
          const slot = plan.slots[0];
          const events = kinds.map((kind, i) =>
            eventOf({ id: `e${i}`, at: i, by: null }, kind, {
              slot: slot?.id ?? null,
              step: slot?.steps[0]?.task ?? null,
              go: 99,
              outcome: 'worked',
              text: 'x'.repeat(i * 100),
            }),
          );
          await request(server.app)
            .post(`/api/runs/${id}/events`)
            .send({ events, sentAt: 0, known: 0 })
            .ok(() => true);
        }
        const exported = await request(server.app).get(`${path}/file`).expect(200);
        const read = readShowFile(JSON.stringify(exported.body));
        expect(read.ok ? [] : read.faults.map(faultInWords)).toEqual([]);
      },
    ),
    { numRuns: 40, seed: 412 },
  );
});
