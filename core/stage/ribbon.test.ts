/** Tonight as spans, and time on stage over more than one visit. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { reviewOf } from '../after/review';
import { Stage, START, threeSlots } from '../testing/stage';
import { comingUp } from './fold';
import { project } from './project';
import { ribbonOf, type RibbonSpan } from './ribbon';

const { plan } = threeSlots;
const spans = (stage: Stage, seconds: number): RibbonSpan[] =>
  ribbonOf(plan, stage.live(), project(plan, stage.live(), START + seconds * 1000).now);
const short = (all: RibbonSpan[]): string[] =>
  all.map((s) => `${s.number} ${s.state} ${s.from}-${s.to}`);

describe('spans of the night', () => {
  test('before anything has overrun it is the plan', () => {
    const stage = new Stage().at(0, 'start');
    expect(short(spans(stage, 30))).toEqual([
      '1 current 0-180',
      '2 coming 180-420',
      '3 coming 420-720',
    ]);
  });

  test('an overrun pushes what comes; what is done stays where it was', () => {
    const stage = new Stage().at(0, 'start').at(70, 'done').at(130, 'done').at(250, 'done');
    expect(short(spans(stage, 260))).toEqual([
      '1 done 0-250',
      '2 current 250-490',
      '3 coming 490-790',
    ]);
  });

  test('left out it is gone, skipped it keeps the time it took', () => {
    const stage = new Stage().at(0, 'start').at(5, 'leaveOut', { slot: 'slot-cloud' });
    stage.at(40, 'skip');
    expect(short(spans(stage, 50))).toEqual(['1 done 0-40', '2 current 40-280']);
  });

  test('out of order, what was passed over comes after', () => {
    const stage = new Stage().at(0, 'start').at(10, 'goTo', { slot: 'slot-cloud' });
    expect(short(spans(stage, 20))).toEqual([
      '1 done 0-10',
      '3 current 10-310',
      '1 coming 310-490',
      '2 coming 490-730',
    ]);
    expect(comingUp(plan, stage.live()).map((slot) => slot.name)).toEqual(['drum', 'foam']);
  });

  test('finished, nothing is to come', () => {
    const stage = new Stage().at(0, 'start').at(100, 'finish');
    expect(spans(stage, 500).filter((span) => span.state === 'coming')).toEqual([]);
  });

  test('the last span ends when the show is projected to; none overlaps the next', () => {
    const press = fc.record({
      kind: fc.constantFrom('done', 'again', 'skip', 'back', 'goTo', 'leaveOut', 'hold', 'resume'),
      slot: fc.constantFrom('slot-drum', 'slot-foam', 'slot-cloud'),
      wait: fc.integer({ min: 1, max: 400 }),
    });
    fc.assert(
      fc.property(fc.array(press, { maxLength: 12 }), (presses) => {
        const stage = new Stage().at(0, 'start');
        let clock = 0;
        for (const { kind, slot, wait } of presses) {
          clock += wait;
          stage.at(clock, kind, kind === 'goTo' || kind === 'leaveOut' ? { slot } : {});
        }
        const live = stage.live();
        const { now, end } = project(plan, live, START + clock * 1000);
        const all = ribbonOf(plan, live, now);
        const last = all.at(-1)?.to ?? 0;
        if (live.slot !== null) expect(last).toBeCloseTo(end);
        else expect(last).toBeLessThanOrEqual(end);
        all.forEach((span, i) => {
          const next = all[i + 1];
          expect(span.to).toBeGreaterThanOrEqual(span.from);
          if (next) expect(next.from).toBeGreaterThanOrEqual(span.to - 1e-6);
        });
      }),
      { numRuns: 300, seed: 21 },
    );
  });
});

describe('a slot that is left and come back to', () => {
  const away = (): Stage =>
    new Stage()
      .at(0, 'start')
      .at(100, 'goTo', { slot: 'slot-cloud' })
      .at(400, 'done')
      .at(460, 'done')
      .at(520, 'done')
      .at(580, 'done');

  test('counts its own time in every visit and nobody else’s', () => {
    const drum = away().live().slots['slot-drum'];
    expect(drum).toMatchObject({ startedAt: 400, endedAt: 580, earlier: 100 });
    const row = reviewOf(plan, away().live()).rows.find((r) => r.name === 'drum');
    expect(row).toMatchObject({ actualStart: 400, actualEnd: 580, actualSeconds: 280 });
  });

  test('done once more, its first time still counts', () => {
    const stage = new Stage().at(0, 'start').at(60, 'done').at(120, 'done').at(180, 'done');
    stage.at(200, 'goTo', { slot: 'slot-drum' });
    expect(stage.live().slots['slot-drum']).toMatchObject({ startedAt: 200, earlier: 180 });
    expect(stage.live().slots['slot-foam']).toMatchObject({ status: 'waiting', endedAt: 200 });
  });

  test('all the time there was on stage adds up to the show', () => {
    const live = away().at(700, 'done').live();
    const spent = Object.values(live.slots).reduce(
      (sum, s) => sum + s.earlier + ((s.endedAt ?? 0) - (s.startedAt ?? 0)),
      0,
    );
    expect(live.phase).toBe('curtain');
    expect(spent).toBe(700);
  });
});
