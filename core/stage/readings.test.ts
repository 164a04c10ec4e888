/** What is read at the goes of a show: asked for at its step, kept as first read, never lost. */
import { describe, expect, test } from '@jest/globals';
import { methodRunsOf } from '../after/review';
import { BLANK_MEASURE, type MethodResult } from '../repertoire/measure';
import { Stage, threeSlots } from '../testing/stage';
import { EventNames, eventOf } from './event';
import { nextReading, readingsDue, readingsNow, readingsOfRun } from './readings';
import type { RunPlan } from './types';

const high: MethodResult = {
  ...BLANK_MEASURE,
  id: 'high',
  name: 'Height',
  task: null,
  within: null,
  becomes: null,
};
const lit: MethodResult = { ...high, id: 'lit', name: 'Lit again', quantity: 'yesNo', task: 'why' };
const plan: RunPlan = {
  ...threeSlots.plan,
  slots: threeSlots.plan.slots.map((slot) =>
    slot.id === 'slot-drum' ? { ...slot, results: [high, lit] } : slot,
  ),
};
const stage = (): Stage => new Stage(plan).at(0, 'start');
const read = (on: Stage, seconds: number, value: number | null, more: object = {}): Stage =>
  on.at(seconds, 'reading', { slot: 'slot-drum', step: null, go: 1, text: 'high', value, ...more });
const asked = (on: Stage) => readingsNow(plan, on.live()).map(({ result }) => result.id);

describe('asked for', () => {
  test('from its step on; where none is named, from the last that each go has', () => {
    const on = stage();
    expect(asked(on)).toEqual([]);
    expect(asked(on.at(60, 'done'))).toEqual(['high']);
    expect(asked(on.at(120, 'done'))).toEqual(['high', 'lit']);
    expect(asked(on.at(180, 'done'))).toEqual([]);
  });

  test('anew at another go', () => {
    const on = read(stage().at(60, 'done'), 70, 44).at(80, 'again');
    expect(readingsNow(plan, on.live())).toMatchObject([{ go: 2, taken: null }]);
  });

  test('missed ones while the next slot begins, until they are read or said not to be', () => {
    const missed = (on: Stage) =>
      readingsDue(plan, on.live()).missed.map(({ result }) => result.id);
    const on = stage().at(60, 'done').at(120, 'done').at(180, 'done');
    expect(missed(on)).toEqual(['lit', 'high']);
    expect(nextReading(plan, on.live())).toMatchObject({ result: { id: 'lit' }, go: 1 });
    read(on, 190, null);
    expect(missed(on)).toEqual(['lit']);
  });

  test('not in the middle of another slot; all of them once the curtain is down', () => {
    const on = stage().at(60, 'done').at(120, 'done').at(180, 'done');
    const due = () => readingsDue(plan, on.live()).missed.length;
    expect(due()).toBe(2);
    on.at(420, 'done');
    expect(on.live().slot).toBe('slot-cloud');
    // The slot before it had nothing to read; what the one before that had can wait.
    expect(due()).toBe(0);
    on.at(700, 'done');
    expect(on.live().phase).toBe('curtain');
    expect(due()).toBe(2);
  });

  test('of an earlier go of the same slot at any of its steps', () => {
    const on = stage().at(60, 'done').at(100, 'again').at(110, 'done');
    expect(readingsDue(plan, on.live()).missed).toMatchObject([{ go: 1 }]);
    expect(readingsDue(plan, stage().live())).toEqual({ now: [], missed: [] });
    expect(nextReading(plan, stage().live())).toBeNull();
  });
});

describe('taken', () => {
  test('the first value is kept, whatever it is put right to', () => {
    const on = read(read(stage().at(60, 'done'), 70, 24), 900, 42);
    expect(on.live().readings).toMatchObject([{ value: 42, first: 24, changed: true, go: 1 }]);
    expect(read(on, 950, 24).live().readings).toMatchObject([{ value: 24, changed: false }]);
  });

  test('what was not read and is read later is no correction', () => {
    const on = read(read(stage().at(60, 'done'), 70, null), 90, 40);
    expect(on.live().readings).toMatchObject([{ value: 40, first: 40, changed: false }]);
  });

  test('it stays when the step is taken back, and when the show is not over after all', () => {
    const back = read(stage().at(60, 'done'), 70, 44).at(80, 'back');
    expect(back.live().readings).toHaveLength(1);
    const over = read(stage().at(60, 'done'), 70, 44).at(80, 'finish').at(90, 'unfinish');
    expect(over.live().readings).toHaveLength(1);
  });

  test('what is not read there changes nothing', () => {
    const on = stage().at(60, 'reading', { slot: 'slot-foam', go: 1, text: 'high', value: 3 });
    expect(on.live().readings).toEqual([]);
  });

  test('of a go that was not finished, it can be put right all the same', () => {
    const on = read(stage().at(60, 'done'), 70, 44);
    expect(readingsOfRun(plan, on.live())).toMatchObject([
      { result: { id: 'high' }, go: 1, taken: { value: 44 } },
      { result: { id: 'lit' }, go: 1, taken: null },
    ]);
  });

  test('it is in what the run came to, on whichever slot', () => {
    const on = read(stage().at(60, 'done').at(120, 'done'), 70, 44);
    const [drum] = methodRunsOf({ kind: 'performance', plan, events: on.events });
    expect(drum?.readings).toEqual([{ result: 'high', go: 1, value: 44, first: 44 }]);
    expect(readingsOfRun(plan, on.live())).toMatchObject([
      { result: { id: 'high' }, go: 1, taken: { value: 44 } },
      { result: { id: 'lit' }, go: 1, taken: null },
    ]);
  });
});

describe('refused', () => {
  const fault = (more: object): string | null =>
    new EventNames(plan).fault(
      eventOf({ id: 'e', at: 1, by: null }, 'reading', {
        slot: 'slot-drum',
        go: 1,
        text: 'high',
        value: 3,
        ...more,
      }),
    );

  test.each([
    [{}, null],
    [{ value: null }, null],
    [{ text: 'wide' }, 'does not say what was read'],
    [{ slot: 'slot-foam' }, 'does not say what was read'],
    [{ slot: null }, 'does not say which slot'],
    [{ go: null }, 'does not say at which go it was read'],
    [{ value: -3 }, 'has a reading that can’t be less than nothing'],
    [{ text: 'lit', value: 2 }, 'has a reading that must be yes or no'],
    [{ text: 'lit', value: 1 }, null],
  ])('%j: %s', (more, words) => {
    expect(fault(more)).toBe(words);
  });
});

describe('beside it', () => {
  test('how the audience took it, the best question, and why it was held', () => {
    const on = stage()
      .at(60, 'done')
      .at(70, 'reaction', { slot: 'slot-drum', value: 4, text: 'gasped' })
      .at(80, 'question', { slot: null, text: 'Why is it round?' })
      .at(90, 'because', { slot: null, value: 123, text: 'a child past the tape' })
      .at(95, 'back');
    const live = on.live();
    expect(live.reactions).toEqual({ 'slot-drum': { value: 4, text: 'gasped' } });
    expect(live.questions).toMatchObject([{ text: 'Why is it round?' }]);
    expect(live.because).toEqual([{ moment: 123, text: 'a child past the tape' }]);
    const gone = on
      .at(96, 'reaction', { slot: 'slot-drum', value: null })
      .at(97, 'takeBackNote', { text: live.questions[0]?.id ?? '' })
      .at(98, 'because', { slot: null, value: 123, text: '' })
      .live();
    expect([gone.reactions, gone.questions, gone.because]).toEqual([{}, [], []]);
  });
});
