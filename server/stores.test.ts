/** Anything the contract allows goes through the tables and comes back the same. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { check, faultInWords } from '../contract/validate';
import { PersonBody } from '../contract/brief';
import { VenueBody } from '../contract/venue';
import { FollowUpBody } from '../contract/day';
import { ItemBody } from '../contract/item';
import { DemoBody } from '../contract/repertoire';
import { checkShowFile } from '../contract/showFile';
import { TrialBody } from '../contract/trials';
import { trial } from '../contract/testing/trials';
import { BoxBody } from '../contract/inventory';
import { followUp, person, showFile, venue } from '../contract/testing/arbitrary';
import { demo } from '../contract/testing/repertoire';
import { box, item } from '../contract/testing/inventory';
import { kitList } from '../core/kit/kit';
import { lineupInput } from '../core/lineup/fromBundle';
import { schedule } from '../core/lineup/schedule';
import { demosNamed, peopleNamed } from '../core/brief/demosNamed';
import { verifyTimeline } from '../core/lineup/verify';
import { dayChecks } from '../core/ready/checks';
import { exportShow } from './brief/exportShow';
import { importShow } from './brief/importShow';
import type { Entity, EntityStore } from './entity';
import { type TestServer, testServer } from './testing/serve';

let server: TestServer;
beforeEach(() => {
  server = testServer(false);
});
afterEach(() => server.close());

/** Adds, reads, changes and reads again. */
function survives<T extends Entity>(
  store: EntityStore<T>,
  type: new () => T,
  values: fc.Arbitrary<T>,
): void {
  fc.assert(
    fc.property(values, values, (first, second) => {
      fc.pre(!store.exists(first.id));
      const checked = check(type, first);
      expect(checked.ok ? [] : checked.faults.map(faultInWords)).toEqual([]);
      store.add(first);
      expect(store.get(first.id)).toEqual({ ...first, version: 1 });
      const changed = { ...second, id: first.id };
      store.change(changed, 1);
      expect(store.get(first.id)).toEqual({ ...changed, version: 2 });
      expect(store.list()).toContainEqual({ ...changed, version: 2 });
      store.remove(first.id, 2);
      expect(() => store.get(first.id)).toThrow('was removed');
      expect(store.list().some((entry) => entry.id === first.id)).toBe(false);
    }),
    { numRuns: 25, seed: 41 },
  );
}

describe('each kind of thing', () => {
  test('people', () => survives(server.context.people, PersonBody, person));
  test('venues', () => survives(server.context.venues, VenueBody, venue));
  test('items', () => survives(server.context.items, ItemBody, item));
  test('boxes', () => survives(server.context.boxes, BoxBody, box));
  test('follow-ups', () => survives(server.context.followUps, FollowUpBody, followUp));
  test('trial series', () => survives(server.context.trials, TrialBody, trial));
  test('demos', () => survives(server.context.demos, DemoBody, demo()));
});

describe('whole shows', () => {
  test('a file read in is written out the same', () => {
    fc.assert(
      fc.property(showFile, (file) => {
        const checked = checkShowFile(JSON.parse(JSON.stringify(file)));
        expect(checked.ok ? [] : checked.faults.map(faultInWords)).toEqual([]);
        if (!checked.ok) return;
        const empty = testServer(false);
        try {
          const { showId } = importShow(empty.context, checked.value);
          const back = exportShow(empty.context, showId);
          const used = new Set(demosNamed(file.show));
          const named = new Set(peopleNamed(file.show));
          expect(back.show).toEqual(file.show);
          expect(back.venue).toEqual(file.venue);
          expect(new Set(back.demos)).toEqual(new Set(file.demos.filter((d) => used.has(d.id))));
          expect(new Set(back.people)).toEqual(new Set(file.people.filter((p) => named.has(p.id))));
        } finally {
          empty.close();
        }
      }),
      { numRuns: 15, seed: 42 },
    );
  });

  test('whatever it holds, its clock, kit and checks are computed; a clock with no conflict keeps every rule', () => {
    let clean = 0;
    fc.assert(
      fc.property(showFile, (file) => {
        const input = lineupInput(file);
        const timeline = schedule(input);
        if (timeline.conflicts.length === 0) {
          clean++;
          expect(verifyTimeline(input, timeline)).toEqual([]);
        }
        for (const entry of kitList(file, timeline)) {
          expect(entry.total).toBeGreaterThan(0);
          expect(entry.text).not.toContain('NaN');
        }
        const { checks } = dayChecks(file, timeline);
        expect(new Set(checks.map((c) => c.key)).size).toBe(checks.length);
      }),
      { numRuns: 300, seed: 43 },
    );
    expect(clean).toBeGreaterThan(30);
  });
});
