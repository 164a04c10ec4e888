/** Who puts on what, and when. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { ShowBundle } from '../brief/types';
import { resolveSlots } from '../lineup/fromBundle';
import { timelineOf } from '../lineup/timelineOf';
import { NO_CARD } from '../repertoire/care';
import { after, task } from '../testing/build';
import { bundle } from '../testing/bundle';
import { type GearStep, gearPlans, wearersOf } from './gear';
import { fetchings } from './volunteers';

fc.configureGlobal({ seed: 155 });

const plansOf = (shown: ShowBundle): Record<string, GearStep[]> =>
  Object.fromEntries(
    gearPlans(shown, timelineOf(shown)).map(({ personId, steps }) => [personId, steps]),
  );

const twoDemos = (): ShowBundle =>
  bundle([
    {
      id: 'pour',
      tasks: [
        task('fill', 'prepare', 60, {
          gearOn: ['Gloves', 'Face shield'],
          hands: [{ role: 'helper', count: 1, competence: null }],
        }),
        task('pour', 'perform', 60, { gearOn: ['Goggles'], after: [after('fill')] }),
        task('show', 'perform', 30, { gearOff: ['Goggles'] }),
      ],
    },
    {
      id: 'bang',
      tasks: [
        task('light', 'perform', 60, { gearOn: ['Goggles', 'Ear muffs'] }),
        task('tell', 'perform', 30, { gearOff: ['Ear muffs', 'Gloves'] }),
      ],
    },
  ]);

describe('by person and step', () => {
  test('on before the step that asks for it, off at the one that says so, on again later', () => {
    const { ines = [], jo = [] } = plansOf(twoDemos());
    expect(ines.map(({ taskName, on, off, worn }) => [taskName, on, off, worn])).toEqual([
      ['pour', ['Goggles'], [], ['Goggles']],
      ['show', [], ['Goggles'], []],
      ['light', ['Goggles', 'Ear muffs'], [], ['Goggles', 'Ear muffs']],
      ['tell', [], ['Ear muffs'], ['Goggles']],
      ['tell', [], ['Goggles'], []],
    ]);
    expect(ines.map(({ when }) => when)).toEqual(['before', 'before', 'before', 'before', 'after']);
    // What is put on to fill it comes off when that is done.
    expect(jo.map(({ when, on, off }) => [when, on, off])).toEqual([
      ['before', ['Gloves', 'Face shield'], []],
      ['after', [], ['Gloves', 'Face shield']],
    ]);
    expect(jo[0]?.at).toBeLessThan(0);
  });

  test('what is on already is not put on again at the next go', () => {
    const shown = bundle([
      {
        id: 'pour',
        tasks: [task('p', 'perform', 60, { gearOn: ['Goggles'] })],
        slot: { goes: 3 },
      },
    ]);
    expect(plansOf(shown).ines?.map(({ on }) => on)).toEqual([['Goggles'], []]);
  });

  test('what the next demo wants too stays on', () => {
    const shown = bundle(
      ['one', 'two'].map((id) => ({
        id,
        tasks: [task('p', 'perform', 60, { gearOn: ['Goggles'] })],
      })),
    );
    expect(plansOf(shown).ines?.map(({ demoName, on, off }) => [demoName, on, off])).toEqual([
      ['one', ['Goggles'], []],
      ['two', [], ['Goggles']],
    ]);
  });

  test('nobody puts on what they wear, takes off what they don’t, or wears a thing twice', () => {
    const things = fc.subarray(['Goggles', 'Gloves', 'Ear muffs', 'Face shield']);
    const demos = fc.array(
      fc.array(fc.record({ gearOn: things, gearOff: things }), { minLength: 1, maxLength: 4 }),
      { minLength: 1, maxLength: 3 },
    );
    fc.assert(
      fc.property(demos, (given) => {
        const shown = bundle(
          given.map((tasks, d) => ({
            id: `d${d}`,
            tasks: tasks.map((gear, t) => task(`t${t}`, 'perform', 30, gear)),
          })),
        );
        for (const steps of Object.values(plansOf(shown))) {
          let worn: string[] = [];
          for (const step of steps) {
            expect(step.on.filter((gear) => worn.includes(gear))).toEqual([]);
            expect(step.off.filter((gear) => !worn.includes(gear))).toEqual([]);
            worn = step.worn;
            expect(new Set(worn).size).toBe(worn.length);
          }
          expect(worn).toEqual([]);
        }
      }),
      { numRuns: 100 },
    );
  });

  test('over one slot: everything, and when the first of it is wanted', () => {
    const shown = twoDemos();
    const timeline = timelineOf(shown);
    const [pour] = resolveSlots(shown);
    if (!pour) throw new Error('no slot');
    const wearers = wearersOf(pour, timeline);
    expect(wearers.map(({ personId, gear }) => [personId, gear])).toEqual([
      ['jo', ['Gloves', 'Face shield']],
      ['ines', ['Goggles']],
    ]);
    expect(wearers[0]?.from).toBe(timeline.tasks.find((t) => t.task === 'fill')?.start);
  });
});

test('volunteers are up from the step they are fetched in to the last that is watched', () => {
  const shown = bundle([
    {
      id: 'dome',
      tasks: [
        task('talk', 'perform', 40),
        task('fetch', 'perform', 20),
        task('touch', 'perform', 60),
        task('wipe', 'reset', 30),
      ],
      over: {
        volunteers: 2,
        volunteerCard: { ...NO_CARD, fetchedIn: 'fetch' },
      },
    },
  ]);
  const [up] = fetchings(shown, timelineOf(shown));
  const block = timelineOf(shown).blocks[0];
  expect(up).toMatchObject({ at: (block?.start ?? 0) + 40, until: block?.end });
});
