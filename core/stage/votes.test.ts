/** Votes before and after, and the gain between them. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { NO_ANSWERS } from '../repertoire/cues';
import { Stage, threeSlots } from '../testing/stage';
import { EventNames } from './event';
import { publicScreen, tallyText } from './screen';
import type { RunPlan } from './types';
import { estimated, gainOf, gainWords, shareOf, votesOf } from './votes';

const [drum] = threeSlots.plan.slots;
const slot = drum?.id ?? '';
const plan: RunPlan = {
  ...threeSlots.plan,
  slots: threeSlots.plan.slots.map((one) =>
    one.id === slot
      ? {
          ...one,
          prediction: {
            ...NO_ANSWERS,
            ask: 'How far?',
            options: ['Row one', 'The wall', 'Nowhere'],
            answer: 1,
            ifFails: 2,
            reveal: 'All the way.',
          },
        }
      : one,
  ),
};
const about = { slot, step: null, go: null };
const counted = (stage: Stage, round: 'before' | 'after', hands: readonly number[]): Stage =>
  hands.reduce(
    (on, value, i) => on.at(10, 'tally', { ...about, text: tallyText(round, i), value }),
    stage,
  );

describe('gain', () => {
  // Worked example: from 40 to 70 % right is half of what could be learned. Hake 1998.
  test('from 40 to 70 % right: 0.50', () => expect(gainOf(0.4, 0.7)).toBeCloseTo(0.5, 12));

  test('nothing learned is 0, all of it 1, less than before is negative', () => {
    expect(gainOf(0.4, 0.4)).toBe(0);
    expect(gainOf(0.4, 1)).toBe(1);
    expect(gainOf(0.5, 0.25)).toBe(-0.5);
  });

  test('with nothing to learn, or nothing counted, there is none', () => {
    expect(gainOf(1, 1)).toBeNull();
    expect(gainOf(null, 0.5)).toBeNull();
    expect(gainOf(0.5, null)).toBeNull();
  });

  test('told with what was counted, and only that', () => {
    expect(gainWords(0.25, 0.75)).toBe('Right: 25 % before, 75 % after; gain 0.67');
    expect(gainWords(0.25, null)).toBe('Right: 25 % before');
    expect(gainWords(null, 0.75)).toBe('Right: 75 % after');
    expect(gainWords(1, 0.9)).toBe('Right: 100 % before, 90 % after');
    expect(gainWords(null, null)).toBeNull();
  });

  test('never more than all of it', () => {
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(share, share, (before, after) => {
        const gain = gainOf(before, after);
        if (gain !== null) expect(gain).toBeLessThanOrEqual(1 + 1e-9);
      }),
    );
  });
});

test('a share is of the hands that are up; of none there is none', () => {
  expect(shareOf([12, 41, 31], 1)).toBeCloseTo(41 / 84, 12);
  expect(shareOf([0, 0], 0)).toBeNull();
  expect(shareOf(null, 0)).toBeNull();
});

test('a look at the room: half of 120 people are 60 hands', () => {
  expect(estimated(0.5, 120)).toBe(60);
  expect(estimated(0.75, 45)).toBe(34);
});

describe('on stage', () => {
  test('both rounds are kept apart, and told with their gain', () => {
    const stage = new Stage(plan).at(0, 'start');
    counted(stage, 'before', [48, 48, 24]);
    counted(stage, 'after', [24, 84, 12]);
    const [vote, ...more] = votesOf(plan, stage.live());
    expect(more).toEqual([]);
    expect(vote).toMatchObject({
      before: [48, 48, 24],
      after: [24, 84, 12],
      rightBefore: 0.4,
      rightAfter: 0.7,
    });
    expect(vote?.gain).toBeCloseTo(0.5, 12);
    // What came of it is told once it was seen.
    expect(vote?.came).toBeNull();
    expect(votesOf(plan, stage.at(40, 'failed').live())[0]?.came).toBe(2);
  });

  test('a question nobody was counted for is not told; one that is open has no share right', () => {
    const stage = new Stage(plan).at(0, 'start');
    expect(votesOf(plan, stage.live())).toEqual([]);
    const open = {
      ...plan,
      slots: plan.slots.map((one) => ({
        ...one,
        prediction: one.prediction && { ...one.prediction, answer: null },
      })),
    };
    const asked = counted(new Stage(open).at(0, 'start'), 'before', [3, 1]);
    expect(votesOf(open, asked.live())[0]).toMatchObject({ rightBefore: null, gain: null });
  });

  test('a press for either round is taken, one for no round is refused', () => {
    const names = new EventNames(plan);
    const fault = (text: string): string | null => {
      const stage = new Stage(plan).at(0, 'start').at(5, 'tally', { ...about, text, value: 1 });
      const event = stage.events.at(-1);
      if (!event) throw new Error('not pressed');
      return names.fault(event);
    };
    expect(fault(tallyText('before', 1))).toBeNull();
    expect(fault(tallyText('after', 1))).toBeNull();
    for (const text of ['later/1', 'after/', 'x', ''])
      expect(fault(text)).toBe('does not say which option');
  });

  test('what is no option and no round changes nothing', () => {
    const stage = new Stage(plan).at(0, 'start');
    for (const text of ['3', 'after/3', 'later/0', '-1', '', '1.5'])
      stage.at(5, 'tally', { ...about, text, value: 10 });
    expect(votesOf(plan, stage.live())).toEqual([]);
  });

  test('the screen shows the hands of the last round; the reveal goes by what came of it', () => {
    const stage = new Stage(plan).at(0, 'start');
    counted(stage, 'before', [10, 20, 5]);
    stage.at(20, 'screen', { ...about, slot: null, text: 'question', value: 20 });
    const hands = () => {
      const { says } = publicScreen(plan, stage.live());
      return says.kind === 'question' ? says.options.map((one) => [one.hands, one.comesTrue]) : [];
    };
    expect(hands()).toEqual([
      [10, false],
      [20, false],
      [5, false],
    ]);
    stage.at(30, 'screen', { ...about, slot: null, text: 'reveal', value: null });
    expect(hands()).toEqual([
      [10, false],
      [20, true],
      [5, false],
    ]);
    stage.at(40, 'failed');
    expect(hands()).toEqual([
      [10, false],
      [20, false],
      [5, true],
    ]);
    const { says } = publicScreen(plan, stage.live());
    expect(says.kind === 'question' && says.reveal).toBe('');
  });
});
