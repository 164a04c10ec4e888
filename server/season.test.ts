/** What the demo season promises. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { kitList } from '../core/kit/kit';
import { lineupInput } from '../core/lineup/fromBundle';
import { timelineOf } from '../core/lineup/timelineOf';
import { verifyTimeline } from '../core/lineup/verify';
import { readiness } from '../core/ready/go';
import { resolveInputs } from '../core/calculators/bind';
import { findCalculator } from '../core/calculators/catalogue';
import { inputFaults } from '../core/calculators/inputs';
import { readinessContext } from './ready/readiness';
import { fold } from '../core/stage/fold';
import { type TestServer, TODAY, testServer } from './testing/serve';

let server: TestServer;
beforeAll(() => {
  server = testServer();
});
afterAll(() => server.close());
const ids = (): string[] => server.context.shows.list().map((show) => show.id);

test('enough of everything: places, people, shows before and ahead, demonstrations', () => {
  const { venues, people, shows, demos, items } = server.context;
  expect(venues.list().length).toBeGreaterThanOrEqual(3);
  expect(people.list()).toHaveLength(4);
  expect(demos.list()).toHaveLength(22);
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
    const bundle = server.context.bundles.of(id);
    const timeline = timelineOf(bundle);
    expect([id, timeline.conflicts]).toEqual([id, []]);
    expect(verifyTimeline(lineupInput(bundle), timeline)).toEqual([]);
    expect(timeline.end).toBeLessThanOrEqual(timeline.hardFinish);
  }
});

test('every kit line adds up, and every item that is listed is in the store', () => {
  for (const id of ids()) {
    const bundle = server.context.bundles.of(id);
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
    server.context.shows
      .list()
      .filter((show) => show.date < TODAY)
      .map((show) => show.id);

  test('each past show has a finished run, with something that did not work', () => {
    for (const id of past()) {
      const [first] = server.context.runs.idsOf(id);
      const run = first === undefined ? null : server.context.runs.get(first);
      if (!run) throw new Error(`${id} has no run`);
      const live = fold(run.plan, run.events);
      expect(live.phase).toBe('finished');
      expect(Object.values(live.slots).some((slot) => slot.goes.length > 0)).toBe(true);
    }
  });

  test('nothing held it: its checks were done by those who had them, before the start', () => {
    for (const id of past()) {
      const bundle = server.context.bundles.of(id);
      const marks = server.context.marks.of(id);
      const { state } = readiness(
        bundle,
        timelineOf(bundle),
        readinessContext(server.context, bundle),
      );
      expect(state.words).toMatch(/^Performed: (\d+) of \1 checks done before it$/);
      // Nothing of it was waived either.
      expect(marks.filter((mark) => mark.state === 'waived')).toEqual([]);
      const [first] = server.context.runs.idsOf(id);
      const run = first === undefined ? null : server.context.runs.get(first);
      for (const mark of marks) expect(mark.at).toBeLessThanOrEqual(run?.plan.startsAt ?? 0);
    }
  });
});

test('amounts are small: nothing is measured out by more than two litres or two kilograms', () => {
  for (const demo of server.context.demos.list())
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
  const text = JSON.stringify(server.context.demos.list());
  expect(text).not.toMatch(/\bsafe\b/i);
  for (const demo of server.context.demos.list())
    for (const method of demo.methods)
      for (const hazard of method.hazards) expect(hazard.control.length).toBeGreaterThan(5);
});

describe('the repertoire', () => {
  /** Families of demonstrations, by a word that each of one of them has. */
  const FAMILIES = {
    flame: /flame/,
    vapour: /vapour/,
    foam: /foam/,
    cold: /cold/,
    pressure: /pressure/,
    sound: /sound/,
    charge: /charge/,
    magnets: /magnet/,
    turning: /turning/,
    balance: /balance/,
    colour: /colour/,
    soap: /soap/,
    gas: /gas/,
    drag: /drag/,
    flight: /flight/,
  };

  test('has at least twenty demonstrations, over all families', () => {
    const demos = server.context.demos.list();
    expect(demos.length).toBeGreaterThanOrEqual(20);
    const missing = Object.entries(FAMILIES).filter(
      ([, word]) => !demos.some((demo) => demo.keywords.some((key) => word.test(key))),
    );
    expect(missing).toEqual([]);
  });

  test('every figure says where it is from; every method has words, kit and somewhere for what is left', () => {
    for (const demo of server.context.demos.list())
      for (const method of demo.methods) {
        expect(method.settings.filter((setting) => setting.source === '')).toEqual([]);
        expect(method.tasks.some((task) => task.phase === 'perform' && task.say !== '')).toBe(true);
        expect(method.kit.length).toBeGreaterThan(0);
        for (const hazard of method.hazards) expect(hazard.atRisk.length).toBeGreaterThan(0);
      }
  });

  test('volunteers are told how to say no, and how to get off again', () => {
    for (const demo of server.context.demos.list())
      for (const { id, volunteers, volunteerCard, tasks } of demo.methods) {
        if (volunteers === 0) continue;
        expect([demo.id, id, volunteerCard.letGo !== '' && volunteerCard.wayOff !== '']).toEqual([
          demo.id,
          id,
          true,
        ]);
        expect(tasks.map((task) => task.id)).toContain(volunteerCard.fetchedIn);
      }
  });

  test('every calculator can be calculated on an ordinary day, and stops nothing then', () => {
    const facts = {
      temperature: 19,
      humidity: 40,
      people: 80,
      wind: 1,
      pressure: 101.325,
      roomVolume: 900e6,
      airChanges: 2,
      frontRow: 40,
      backRow: 18,
      sound: 45,
      youngest: 8,
    };
    let judged = 0;
    for (const demo of server.context.demos.list())
      for (const method of demo.methods)
        for (const binding of method.calculators) {
          const calculator = findCalculator(binding.calculator);
          if (!calculator) throw new Error(binding.calculator);
          const { values, missing } = resolveInputs(calculator, binding.inputs, {
            settings: method.settings,
            facts,
          });
          expect([demo.id, missing, inputFaults(calculator, values)]).toEqual([demo.id, [], {}]);
          expect([demo.id, calculator.evaluate(values).level]).not.toEqual([demo.id, 'stop']);
          judged += 1;
        }
    expect(judged).toBeGreaterThanOrEqual(20);
  });
});
