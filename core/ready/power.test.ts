/** What each circuit bears over a show. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { NO_NEEDS } from '../repertoire/care';
import { given, judged } from '../testing/judged';
import { judge } from './judge';
import { loadPoints, loadsOf } from './power';
import { worstOf } from './verdict';

// The same cases every time.
fc.configureGlobal({ seed: 158 });

describe('power', () => {
  const needs = (powerW: number) => ({ needs: { ...NO_NEEDS, powerW } });
  const circuits = [
    { id: 'a', name: 'Left wall', watts: 2000 },
    { id: 'b', name: 'Right wall', watts: 2000 },
  ];

  test('what runs at the same time adds up, on the circuit it is on', () => {
    const { shown, timeline } = given(
      { kettle: needs(1500), plate: needs(900) },
      { venue: { circuits } },
    );
    const [left, right] = loadsOf(shown, timeline);
    // One after the other on the same table: never both at once.
    expect(left?.peak).toBe(1500);
    expect(right?.peak).toBe(0);
    const level = worstOf(judge(shown, timeline).filter(({ kind }) => kind === 'power'));
    expect(level).toBe('ok');
  });

  test('too much for the fuse must be fixed; unknown circuits are unknown', () => {
    expect(
      judged({ kettle: needs(2600) }, { venue: { circuits } }).filter(
        ({ kind }) => kind === 'power',
      )[0],
    ).toMatchObject({
      kind: 'power',
      level: 'fix',
      limit: '2000 W',
    });
    expect(
      judged({ kettle: needs(1800) }, { venue: { circuits } }).filter(
        ({ kind }) => kind === 'power',
      )[0]?.level,
    ).toBe('watch');
    expect(judged({ kettle: needs(100) }).filter(({ kind }) => kind === 'power')[0]).toMatchObject({
      key: 'power:circuits',
      level: 'unknown',
    });
  });

  test('at any moment it is what runs then, and before and after it is nothing', () => {
    const watts = fc.array(fc.integer({ min: 1, max: 3000 }), { minLength: 1, maxLength: 5 });
    fc.assert(
      fc.property(watts, (each) => {
        const methods = Object.fromEntries(each.map((w, i) => [`d${i}`, needs(w)]));
        const { shown, timeline } = given(methods, { venue: { circuits } });
        const [load] = loadsOf(shown, timeline);
        if (!load) throw new Error('no circuit');
        expect(load.peak).toBe(Math.max(...load.steps.map((s) => s.watts)));
        for (const { at, watts: drawn, slotIds } of load.steps) {
          const on = each.filter((_w, i) => slotIds.includes(`slot-d${i}`));
          expect(drawn).toBe(on.reduce((sum, w) => sum + w, 0));
          for (const id of slotIds) {
            const mine = timeline.tasks.filter((task) => task.slot === id);
            expect(Math.min(...mine.map((task) => task.start))).toBeLessThanOrEqual(at);
            expect(Math.max(...mine.map((task) => task.end))).toBeGreaterThan(at);
          }
        }
        const points = loadPoints(load);
        expect([points[0]?.[1], points.at(-1)?.[1]]).toEqual([0, 0]);
        expect(points.map(([at]) => at)).toEqual(points.map(([at]) => at).sort((a, b) => a - b));
      }),
      { numRuns: 60 },
    );
    expect(
      loadPoints({ circuit: circuits[0] ?? { id: '', name: '', watts: 0 }, steps: [], peak: 0 }),
    ).toEqual([]);
  });
});
