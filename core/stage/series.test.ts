/** A series gone through on stage: what is asked at each station, what it told, and a finale put in on the spot. */
import { describe, expect, test } from '@jest/globals';
import type { ShowBundle, SideBySide } from '../brief/types';
import { methodRunsOf } from '../after/review';
import { timelineOf } from '../lineup/timelineOf';
import { task } from '../testing/build';
import { bookedSlot, bundle } from '../testing/bundle';
import { Stage, START } from '../testing/stage';
import { foamTrial } from '../testing/trial';
import { besideSlot, finaleInShow, seriesInShow } from '../trials/intoShow';
import { withAdded, withClaims } from './added';
import { EventNames, eventOf } from './event';
import { runPlanOf } from './plan';
import { readingsNow } from './readings';
import { seriesReadings } from './series';
import { triedNow } from './tried';
import type { RunPlan } from './types';

const trial = { ...foamTrial, demoId: 'foam' };
const show = (sideBySide: SideBySide | null = seriesInShow(trial)): ShowBundle =>
  bundle([
    {
      id: 'foam',
      slot: { sideBySide, goes: 2 },
      tasks: [task('mix', 'prepare', 30), task('pour', 'perform', 60, { eachGo: true })],
    },
    { id: 'end', slot: { positionId: 'bench' }, tasks: [task('bow', 'perform', 20)] },
  ]);
const planOf = (of: ShowBundle, claims: Parameters<typeof runPlanOf>[3] = []): RunPlan =>
  runPlanOf(of, timelineOf(of), START, claims);

describe('what is read', () => {
  const plan = planOf(show());
  const read = (on: Stage, go: number, station: string, value: number | null): Stage =>
    on.at(30 + on.events.length, 'reading', {
      slot: 'slot-foam',
      step: null,
      go,
      text: station,
      value,
    });

  test('is asked at each station, from left to right', () => {
    const on = new Stage(plan).at(0, 'start');
    expect(readingsNow(plan, on.live()).map(({ result }) => result.name)).toEqual(
      [1, 2, 3, 4, 5, 6].map((n) => `Height of the foam, ${n} spoon${n > 1 ? 's' : ''}`),
    );
  });

  test('goes to its series, go by go, with what was said first', () => {
    const on = new Stage(plan).at(0, 'start');
    read(on, 1, 'station-l1', 18);
    read(on, 1, 'station-l2', 30);
    read(on, 1, 'station-l1', 19);
    read(on, 2, 'station-l3', null);
    expect(seriesReadings(plan, on.live())).toMatchObject([
      { trialId: 'foam', levelId: 'l1', slot: 'slot-foam', go: 1, value: 19, first: 18 },
      { levelId: 'l2', go: 1, value: 30 },
      { levelId: 'l3', go: 2, value: null },
    ]);
  });

  test('is no reading of the method alone, and its time none of the record', () => {
    const on = new Stage(plan).at(0, 'start').at(50, 'done').at(90, 'done').at(120, 'done');
    read(on, 1, 'station-l1', 18);
    const runs = methodRunsOf({ kind: 'performance', plan, events: on.events }, on.live());
    expect(runs.map(({ slotId }) => slotId)).not.toContain('slot-foam');
    expect(runs.map(({ slotId }) => slotId)).toContain('slot-end');
  });

  test('a station that is not there is refused', () => {
    const event = eventOf({ id: 'e', at: 0, by: null }, 'reading', {
      slot: 'slot-foam',
      go: 1,
      text: 'station-l9',
      value: 3,
    });
    expect(new EventNames(plan).fault(event)).toBe('does not say what was read');
  });
});

describe('claims', () => {
  const claim = {
    trialId: 'foam',
    demoId: 'foam',
    methodId: null,
    words: 'Four is enough.',
    evidence: '4 against 5',
    reasoning: '',
  };
  const claimsOf = (more: object) =>
    planOf(show(null), [{ ...claim, ...more }]).slots.map(({ claims }) => claims.length);

  test('stand at their demonstration, or at one method of it', () => {
    expect(claimsOf({})).toEqual([1, 0]);
    expect(claimsOf({ methodId: 'm' })).toEqual([1, 0]);
    expect(claimsOf({ methodId: 'other' })).toEqual([0, 0]);
    expect(claimsOf({ demoId: 'end' })).toEqual([0, 1]);
  });
});

describe('a finale put in on the spot', () => {
  const before = planOf(show());
  const finale = besideSlot(
    bookedSlot('foam', { id: 'finale' }),
    finaleInShow(trial, { id: 'l4', label: '4', value: 4 }, { stations: 5, spares: 0 }),
  );
  const grown = show();
  grown.show.slots.push(finale);
  const now = planOf(grown);

  test('comes after all others, its preparing as long before it as planned', () => {
    const plan = withAdded(before, now, 'finale');
    const added = plan?.slots.at(-1);
    expect(plan?.slots.map(({ id }) => id)).toEqual(['slot-foam', 'slot-end', 'finale']);
    expect(added?.start).toBe(before.end);
    expect(plan?.end).toBe(added?.end);
    const planned = now.slots.at(-1);
    const jobs = (of: RunPlan | null) => of?.jobs.filter(({ slot }) => slot === 'finale') ?? [];
    expect(jobs(plan).length).toBeGreaterThan(0);
    expect(jobs(plan).map(({ start }) => (added?.start ?? 0) - start)).toEqual(
      jobs(now).map(({ start }) => (planned?.start ?? 0) - start),
    );
  });

  test('once only; and not what the show does not have', () => {
    const plan = withAdded(before, now, 'finale');
    expect(plan && withAdded(plan, now, 'finale')).toBe(plan);
    expect(withAdded(before, now, 'nothing')).toBeNull();
  });

  test('nothing of what was pressed is changed by it, and the show goes on to it', () => {
    const plan = withAdded(before, now, 'finale');
    if (!plan) throw new Error('no plan');
    const on = new Stage(before).at(0, 'start').at(50, 'done').at(100, 'done');
    expect(on.live().slot).toBe('slot-end');
    const after = new Stage(plan);
    after.events = [...on.events];
    expect(after.live().slot).toBe('slot-end');
    expect(after.at(120, 'done').live().slot).toBe('finale');
  });
});

describe('what is to be told', () => {
  const plan = planOf(show());
  const claim = { trialId: 'foam', words: 'Four.', evidence: '', reasoning: '' };
  const told = withClaims(plan, [
    { ...claim, demoId: 'foam', methodId: null },
    { ...claim, trialId: 'else', demoId: 'foam', methodId: 'm' },
  ]);
  const on = (): Stage => new Stage(told).at(0, 'start');
  const first = (stage: Stage, value: number | null): Stage =>
    stage.at(10, 'reading', { slot: 'slot-foam', go: 1, step: null, text: 'station-l1', value });

  test('claims of what is on stage; the one that is being tried is told as it comes', () => {
    const stage = on();
    const now = () => triedNow(told, stage.live());
    expect(now()).toMatchObject({ series: [], here: true });
    expect(now().claims.map(({ trialId }) => trialId)).toEqual(['foam', 'else']);
    first(stage, 18);
    expect(now().series).toEqual(['foam']);
    expect(now().claims.map(({ trialId }) => trialId)).toEqual(['else']);
  });

  test('later in the show a finale can still be made of it, and nothing is said of it', () => {
    const stage = new Stage(plan).at(0, 'start');
    first(stage, 18);
    expect(triedNow(plan, stage.live())).toMatchObject({ here: true });
    stage.at(60, 'done').at(90, 'done');
    expect(stage.live().slot).toBe('slot-end');
    expect(triedNow(plan, stage.live())).toMatchObject({ here: false, series: ['foam'] });
  });

  test('said not to be read, there is nothing to go by', () => {
    const stage = new Stage(plan).at(0, 'start');
    first(stage, null);
    expect(triedNow(plan, stage.live())).toMatchObject({ here: false, series: [] });
  });
});
