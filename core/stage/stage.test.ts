import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { timelineOf } from '../lineup/timelineOf';
import { task } from '../testing/build';
import { bundle } from '../testing/bundle';
import { Stage, START, threeSlots } from '../testing/stage';
import { isUntried, recordWords, recordsOf, reviewOf, totalRecord } from '../after/review';
import { fold } from './fold';
import { showTime } from './showTime';
import { nextStep } from './steps';
import { runPlanOf } from './plan';
import { EVENT_KINDS, type RunEvent } from './types';

const { plan, show } = threeSlots;

describe('going through the show', () => {
  test('Done walks every step to the curtain', () => {
    const stage = new Stage().at(0, 'start');
    const seen: string[] = [];
    for (let i = 1; stage.live().phase === 'running'; i++) {
      seen.push(stage.where());
      stage.at(i * 60, 'done');
    }
    expect(seen).toEqual([
      'drum hello 1',
      'drum bang 1',
      'drum why 1',
      'foam pour 1',
      'cloud pump 1',
    ]);
    expect(stage.live().phase).toBe('curtain');
    expect(stage.at(400, 'finish').live().phase).toBe('finished');
  });

  test('two people who press Done for the same step move the show on once', () => {
    const stage = new Stage().at(0, 'start').at(10, 'done');
    const twin = { ...(stage.events[1] as RunEvent), id: 'twin' };
    stage.events.push(twin);
    expect(stage.where()).toBe('drum bang 1');
  });

  test('a failed go has a cause, then again or on', () => {
    const stage = new Stage().at(0, 'start').at(10, 'done').at(20, 'failed', { cause: 'Too damp' });
    expect(stage.live().failed).toBe(true);
    stage.at(30, 'again');
    expect(stage.where()).toBe('drum bang 2');
    stage.at(50, 'done').at(60, 'done');
    expect(stage.live().slots['slot-drum']?.goes).toEqual([
      { go: 1, outcome: 'failed', cause: 'Too damp' },
      { go: 2, outcome: 'worked', cause: null },
    ]);
    expect(stage.where()).toBe('foam pour 1');
  });

  test('Again after the effect is one that worked; before it, one that did so in part', () => {
    const early = new Stage().at(0, 'start').at(5, 'again');
    expect(early.live().slots['slot-drum']?.goes[0]?.outcome).toBe('partly');
    const late = new Stage().at(0, 'start').at(5, 'done').at(9, 'again');
    expect(late.live().slots['slot-drum']?.goes[0]?.outcome).toBe('worked');
  });

  test('planned goes repeat what belongs to a go, then end', () => {
    const twice = bundle([
      {
        id: 'drum',
        slot: { goes: 2 },
        tasks: [
          task('a', 'perform', 5, { eachGo: false }),
          task('b', 'perform', 5),
          task('c', 'perform', 5, { eachGo: false }),
        ],
      },
    ]);
    const two = runPlanOf(twice, timelineOf(twice), START);
    const [slot] = two.slots;
    if (!slot) throw new Error('no slot');
    expect(nextStep(slot, 1, 1)).toEqual({ step: 1, go: 2 });
    expect(nextStep(slot, 1, 2)).toEqual({ step: 2, go: 2 });
    expect(nextStep(slot, 2, 2)).toBeNull();
  });

  test('Back undoes the last move and its outcome, not the time held', () => {
    const stage = new Stage().at(0, 'start').at(10, 'done').at(20, 'skip');
    expect(stage.where()).toBe('foam pour 1');
    stage.at(25, 'hold').at(55, 'resume').at(60, 'back');
    expect(stage.where()).toBe('drum bang 1');
    expect(stage.live().slots['slot-drum']?.status).toBe('waiting');
    expect(stage.live().heldMs).toBe(30_000);
    expect(stage.at(61, 'back').where()).toBe('drum hello 1');
    expect(stage.at(62, 'back').where()).toBe('drum hello 1');
  });

  test('out of order, and what was passed over is offered again', () => {
    const stage = new Stage().at(0, 'start').at(10, 'goTo', { slot: 'slot-cloud' }).at(300, 'done');
    expect(stage.where()).toBe('drum hello 1');
  });

  test('left out, then brought back', () => {
    const stage = new Stage().at(0, 'start').at(1, 'leaveOut', { slot: 'slot-foam' });
    stage.at(10, 'done').at(20, 'done').at(30, 'done');
    expect(stage.where()).toBe('cloud pump 1');
    stage.at(40, 'bringBack', { slot: 'slot-foam' }).at(60, 'done');
    expect(stage.where()).toBe('foam pour 1');
  });

  test('nothing moves while it is held, and held time is not show time', () => {
    const stage = new Stage().at(0, 'start').at(10, 'hold').at(20, 'done');
    expect(stage.where()).toBe('drum hello 1');
    expect(showTime(stage.live(), START + 500_000)).toBe(10);
    stage.at(70, 'resume');
    expect(showTime(stage.live(), START + 80_000)).toBe(20);
  });

  test('a device whose clock is behind does not turn time back', () => {
    const stage = new Stage().at(0, 'start').at(100, 'done').at(40, 'done').at(160, 'done');
    const drum = stage.live().slots['slot-drum'];
    expect(drum?.endedAt).toBe(160);
  });
});

test('any events at all give a state, and delivering one twice changes nothing (property)', () => {
  const event = fc.record({
    kind: fc.constantFrom(...EVENT_KINDS),
    slot: fc.constantFrom(null, 'slot-drum', 'slot-foam', 'slot-cloud', 'elsewhere'),
    step: fc.constantFrom(null, 'hello', 'bang', 'pour', 'pump'),
    go: fc.constantFrom(null, 1, 2, 3),
    at: fc.integer({ min: -1e6, max: 1e6 }),
    outcome: fc.constantFrom(null, 'worked' as const, 'failed' as const),
  });
  fc.assert(
    fc.property(fc.array(event, { maxLength: 40 }), (raw) => {
      const events = raw.map((e, i): RunEvent => ({
        ...e,
        at: START + e.at,
        id: String(i),
        by: null,
        cause: null,
        text: null,
        value: null,
        onMove: null,
        device: null,
      }));
      const live = fold(plan, events);
      expect(fold(plan, events)).toEqual(live);
      expect(live.heldMs).toBeGreaterThanOrEqual(0);
      const slot = plan.slots.find((s) => s.id === live.slot);
      if (live.phase === 'running') expect(slot?.steps[live.step]).toBeDefined();
      expect(Number.isFinite(showTime(live, START + 2e6))).toBe(true);
    }),
    { numRuns: 300, seed: 5 },
  );
});

describe('after the show', () => {
  const ran = new Stage()
    .at(0, 'start')
    .at(70, 'done')
    .at(130, 'failed', { cause: 'Too damp' })
    .at(140, 'again')
    .at(200, 'done')
    .at(260, 'done')
    .at(270, 'skip')
    .at(600, 'done')
    .at(620, 'finish');

  test('plan against fact', () => {
    const review = reviewOf(plan, ran.live());
    expect(
      review.rows.map((r) => [r.name, r.status, r.plannedSeconds, r.actualSeconds, r.difference]),
    ).toEqual([
      ['drum', 'performed', 180, 260, 80],
      ['foam', 'skipped', 240, null, null],
      ['cloud', 'performed', 300, 330, 30],
    ]);
    expect(review.actualEnd).toBe(600);
  });

  test('the record counts every go, what went before, and causes', () => {
    const demos = show.demos.map((d) => ({
      ...d,
      methods: d.methods.map((m) => ({ ...m, priorWorked: 3, priorFailed: 1 })),
    }));
    const records = recordsOf(demos, [{ kind: 'performance', plan, events: ran.events }]);
    const drum = records.find((r) => r.demoId === 'drum');
    expect(drum).toMatchObject({ worked: 4, failed: 2, causes: [{ cause: 'Too damp', count: 1 }] });
    const foamAndDrum = records.filter((r) => r.demoId !== 'cloud');
    expect(totalRecord(foamAndDrum)).toEqual({ worked: 7, partly: 0, failed: 3 });
    expect(totalRecord([])).toEqual({ worked: 0, partly: 0, failed: 0 });
    expect(recordWords(drum ?? { worked: 0, partly: 0, failed: 0 })).toBe('works 4 of 6');
    expect(recordWords({ worked: 0, partly: 0, failed: 0 })).toBe('not tried yet');
    const untried = [0, 1].map((partly) => isUntried({ worked: 0, partly, failed: 0 }));
    expect(untried).toEqual([true, false]);
    expect(records.find((r) => r.demoId === 'foam')?.performances).toEqual([]);
  });

  test('a note is kept with its slot, and can be taken back', () => {
    const stage = new Stage().at(0, 'start').at(5, 'note', { text: 'Too quiet' });
    expect(stage.live().notes).toMatchObject([{ slot: 'slot-drum', text: 'Too quiet' }]);
    stage.at(9, 'takeBackNote', { text: stage.live().notes[0]?.id ?? '' });
    expect(stage.live().notes).toEqual([]);
  });

  test('an outcome can be judged again afterwards', () => {
    ran.at(700, 'judge', { slot: 'slot-cloud', go: 1, outcome: 'partly', cause: 'Neck too wide' });
    expect(ran.live().slots['slot-cloud']?.goes).toEqual([
      { go: 1, outcome: 'partly', cause: 'Neck too wide' },
    ]);
  });
});
