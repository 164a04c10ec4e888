/** What the demo season promises. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { kitList } from '../core/kit/kit';
import { lineupInput, timelineOf } from '../core/lineup/fromBundle';
import { verifyTimeline } from '../core/lineup/verify';
import { readiness } from '../core/ready/go';
import { around } from './ready/around';
import { fold } from '../core/stage/fold';
import { type TestServer, TODAY, testServer } from './testing/serve';

let server: TestServer;
beforeAll(() => {
  server = testServer();
});
afterAll(() => server.close());
const ids = (): string[] => server.area.shows.list().map((show) => show.id);

test('enough of everything: places, people, shows before and ahead, demonstrations', () => {
  const { venues, people, shows, demos, items } = server.area;
  expect(venues.list().length).toBeGreaterThanOrEqual(3);
  expect(people.list()).toHaveLength(4);
  expect(demos.list()).toHaveLength(9);
  expect(items.list().length).toBeGreaterThan(20);
  const dates = shows.list().map((show) => show.date);
  expect(dates.filter((date) => date < TODAY)).toHaveLength(2);
  expect(dates.filter((date) => date === TODAY)).toHaveLength(1);
  expect(dates.filter((date) => date > TODAY)).toHaveLength(2);
  const foam = demos.get('foam-fountain');
  expect(foam.methods.map((method) => method.id)).toEqual(['gentle', 'lively']);
});

test('every show keeps every rule and ends before its hard finish', () => {
  for (const id of ids()) {
    const bundle = server.area.bundles.of(id);
    const timeline = timelineOf(bundle);
    expect([id, timeline.conflicts]).toEqual([id, []]);
    expect(verifyTimeline(lineupInput(bundle), timeline)).toEqual([]);
    expect(timeline.end).toBeLessThanOrEqual(timeline.hardFinish);
  }
});

test('every kit line adds up, and every item that is listed is in the store', () => {
  for (const id of ids()) {
    const bundle = server.area.bundles.of(id);
    const entries = kitList(bundle, timelineOf(bundle));
    expect(entries.length).toBeGreaterThan(5);
    expect(entries.filter((entry) => entry.clash)).toEqual([]);
    const listed = new Set(entries.map((entry) => entry.itemId));
    for (const slot of bundle.show.slots) {
      const method = bundle.demos
        .find((demo) => demo.id === slot.demoId)
        ?.methods.find((m) => m.id === slot.methodId);
      for (const line of method?.kit ?? []) expect(listed).toContain(line.itemId);
    }
  }
});

describe('the past', () => {
  const past = (): string[] =>
    server.area.shows
      .list()
      .filter((show) => show.date < TODAY)
      .map((show) => show.id);

  test('each past show has a finished run, with something that did not work', () => {
    for (const id of past()) {
      const [run] = server.area.runs.list(id);
      if (!run) throw new Error(`${id} has no run`);
      const live = fold(run.plan, run.events);
      expect(live.phase).toBe('finished');
      expect(Object.values(live.slots).some((slot) => slot.goes.length > 0)).toBe(true);
    }
  });

  test('nothing held it: its checks were done by those who had them, before the start', () => {
    for (const id of past()) {
      const bundle = server.area.bundles.of(id);
      const marks = server.area.marks.of(id);
      const { state } = readiness(bundle, timelineOf(bundle), around(server.area, bundle));
      expect(state.words).toBe('Go: every check is done');
      const [run] = server.area.runs.list(id);
      for (const mark of marks) expect(mark.at).toBeLessThanOrEqual(run?.plan.startsAt ?? 0);
    }
  });
});

test('amounts are small: nothing is measured out by more than two litres or two kilograms', () => {
  for (const demo of server.area.demos.list())
    for (const method of demo.methods)
      for (const line of method.kit) {
        const litres = { L: 1, mL: 1e-3, kg: 1, g: 1e-3 }[line.unit as string] ?? 0;
        expect([demo.id, line.itemId, line.amount * litres <= 2]).toEqual([
          demo.id,
          line.itemId,
          true,
        ]);
      }
});

test('what can hurt somebody says how it is kept in hand, and never that it is safe', () => {
  const text = JSON.stringify(server.area.demos.list());
  expect(text).not.toMatch(/\bsafe\b/i);
  for (const demo of server.area.demos.list())
    for (const method of demo.methods)
      for (const hazard of method.hazards) expect(hazard.control.length).toBeGreaterThan(5);
});
