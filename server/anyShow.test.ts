/** Any show that the contract allows is timed, forecast and put in order: never a hang, never NaN. */
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { showFile } from '../contract/testing/arbitrary';
import { gearPlans } from '../core/ready/gear';
import { NOTHING_AROUND, readiness } from '../core/ready/go';
import { riskAssessment } from '../core/ready/assessment/assess';
import { runPlanOf } from '../core/stage/plan';
import { kitList } from '../core/kit/kit';
import { callSheet, sheetTable } from '../core/lineup/callSheet';
import { calendarEvents } from '../core/lineup/calendarEvents';
import { prospectOf } from '../core/lineup/prospect';
import { joinsOf } from '../core/lineup/joins';
import { leadRange } from '../core/lineup/lead';
import { fixFinder } from '../core/lineup/suggestFixes';
import { traitsOf } from '../core/lineup/order/fromBundle';
import { suggestedOrder } from '../core/lineup/order/suggest';
import { stripOf } from '../core/lineup/strip';

/** Every number anywhere within. */
function numbersIn(value: unknown): number[] {
  if (typeof value === 'number') return [value];
  if (value instanceof Map) return numbersIn([...(value as Map<unknown, unknown>).values()]);
  if (Array.isArray(value)) return value.flatMap(numbersIn);
  return typeof value === 'object' && value !== null ? numbersIn(Object.values(value)) : [];
}

test('everything that follows from a show is finite, and every conflict says what is wrong', () => {
  fc.assert(
    fc.property(showFile, (file) => {
      const prospect = prospectOf(file, [], { runs: 20, seed: 1, share: 0.9 });
      const { input, timeline } = prospect;
      expect(timeline.blocks).toHaveLength(input.slots.length);
      for (const conflict of timeline.conflicts) {
        expect(conflict.message.length).toBeGreaterThan(10);
        expect(conflict.message).not.toMatch(/undefined|NaN/);
        expect(conflict.advice.length).toBeGreaterThan(5);
      }
      const fix = fixFinder(input, timeline);
      const ready = readiness(file, timeline, NOTHING_AROUND);
      for (const one of ready.verdicts) {
        expect([one.title, one.message].join(' ')).not.toMatch(/undefined|NaN|Infinity/);
        // Whatever fails inside is told as not known; nothing that is judged here fails.
        expect(one.message).not.toMatch(/could not be judged/);
      }
      const all = [
        timeline,
        ready,
        gearPlans(file, timeline),
        riskAssessment(file, timeline, NOTHING_AROUND),
        runPlanOf(file, timeline, 0),
        stripOf(input, timeline),
        joinsOf(input, timeline),
        kitList(file, timeline),
        prospect.forecast,
        prospect.outlook,
        calendarEvents(file, prospect),
        suggestedOrder(input, traitsOf(file), file.show.wishes, { seed: 1, most: 30 }),
        timeline.tasks.map((task) => leadRange(input, timeline, task.slot, task.task)),
        [...timeline.gaps, ...timeline.conflicts].slice(0, 2).map(fix),
      ];
      expect(numbersIn(all).filter((n) => !Number.isFinite(n))).toEqual([]);
      const table = sheetTable(callSheet(file, prospect));
      expect(new Set(table.map((row) => row.length))).toEqual(new Set([7]));
    }),
    { numRuns: 60, seed: 141 },
  );
});
