/** Who says what when, at their own pace, and what gets in the way of it. */
import { describe, expect, test } from '@jest/globals';
import type { ShowBundle } from '../../brief/types';
import { timelineOf } from '../../lineup/timelineOf';
import { task } from '../../testing/build';
import { bundle } from '../../testing/bundle';
import { cardsOf } from './cards';
import { scriptOf, type ScriptStep } from './script';

const words = (n: number): string => `Word${' word'.repeat(n - 1)}.`;
const helper = [{ role: 'helper' as const, count: 1, competence: null }];

const foam = (over: Parameters<typeof bundle>[2] = {}): ShowBundle =>
  bundle(
    [
      {
        id: 'foam',
        tasks: [
          task('ask', 'perform', 60, {
            say: 'Two cups. And that one, Jo?\nHelper: Yeast, from the baker.\nRoom: Ooh!',
            do: '',
          }),
          task('pour', 'perform', 10, {
            do: 'Pour it in',
            hands: [{ role: 'performer', count: 1, competence: null }, ...helper],
            say: `${words(30)} ${words(10)}\nHelper: Stand back.`,
            gearOn: ['Ear plugs'],
          }),
        ],
      },
      {
        id: 'rocket',
        tasks: [
          task('pump', 'prepare', 60, { hands: helper }),
          task('launch', 'perform', 30, { say: 'Ten, nine.' }),
        ],
      },
    ],
    [],
    over,
  );
const scripts = (of: ShowBundle) => scriptOf(of, timelineOf(of));
const stepOf = (of: ShowBundle, slot: number, step: number): ScriptStep => {
  const found = scripts(of)[slot]?.steps[step];
  if (!found) throw new Error('no such step');
  return found;
};

describe('lines', () => {
  test('each is somebody’s, and its cue is what somebody else said last', () => {
    const { lines } = stepOf(foam(), 0, 0);
    expect(lines.map(({ speaker, personId, cue }) => [speaker, personId, cue])).toEqual([
      ['performer', 'ines', ''],
      ['helper', 'jo', 'And that one, Jo?'],
      ['room', null, 'Yeast, from the baker.'],
    ]);
    // On from one step to the next.
    expect(stepOf(foam(), 0, 1).lines[0]?.cue).toBe('Ooh!');
  });

  test('each at their own pace, one after another', () => {
    const here = foam();
    const slow = {
      ...here,
      people: here.people.map((one) => (one.id === 'jo' ? { ...one, wordsPerMinute: 75 } : one)),
    };
    // Six words at 150 a minute, four at 75.
    const [first, second] = stepOf(slow, 0, 0).lines;
    expect(first?.seconds).toBeCloseTo(2.4, 9);
    expect(second?.seconds).toBeCloseTo(3.2, 9);
    expect(second?.at).toBeCloseTo(2.4, 9);
  });

  test('nobody there for it is nobody’s', () => {
    const alone = foam({ crew: ['ines'] });
    expect(stepOf(alone, 0, 0).lines.map(({ personId }) => personId)).toEqual(['ines', null, null]);
  });
});

test('too long for its step: by how much, and what to leave out', () => {
  const step = stepOf(foam(), 0, 1);
  // 42 words are 16.8 s of a step of 10.
  expect(step.speech).toBeCloseTo(16.8, 9);
  expect(step.over).toBeCloseTo(6.8, 9);
  expect(step.cuts.map(({ line, sentence }) => [line, sentence])).toEqual([[0, 0]]);
  expect(stepOf(foam(), 0, 0)).toMatchObject({ over: 0, cuts: [] });
});

describe('in the way', () => {
  test('hands at work hold no card; of nothing but talk they are free', () => {
    const flags = (step: number) =>
      stepOf(foam(), 0, step).lines.map((one) => one.flags.includes('hands'));
    expect(flags(0)).toEqual([false, false, false]);
    expect(flags(1)).toEqual([true, true]);
  });

  test('covered ears hear no cue of somebody else', () => {
    const [first, second] = stepOf(foam(), 0, 1).lines;
    expect(first?.flags).toContain('ears');
    expect(second?.flags).toContain('ears');
    const bare = foam();
    const off = {
      ...bare,
      demos: bare.demos.map((demo) => ({
        ...demo,
        methods: demo.methods.map((method) => ({
          ...method,
          tasks: method.tasks.map((one) => ({ ...one, gearOn: [] })),
        })),
      })),
    };
    expect(stepOf(off, 0, 1).lines.flatMap(({ flags }) => flags)).not.toContain('ears');
  });

  test('a helper whom the plan has at another slot then, is said to be there', () => {
    const here = foam();
    const timeline = timelineOf(here);
    const pump = timeline.tasks.find((one) => one.slot === 'slot-rocket' && one.task === 'pump');
    if (!pump) throw new Error('not placed');
    const block = timeline.blocks[0]?.start ?? 0;
    const moved = {
      ...timeline,
      tasks: timeline.tasks.map((one) =>
        one === pump ? { ...one, start: block, end: block + 60, people: ['jo'] } : one,
      ),
    };
    const lines = scriptOf(here, moved)[0]?.steps[0]?.lines ?? [];
    expect(lines.map(({ flags, elsewhere }) => [flags, elsewhere])).toEqual([
      [[], ''],
      [['elsewhere'], 'rocket'],
      [[], ''],
    ]);
  });
});

test('what a slot comes to', () => {
  const [slot] = scripts(foam());
  expect(slot).toMatchObject({ number: 1, words: 6 + 4 + 1 + 42, length: 70 });
  expect(slot?.speech).toBeCloseTo(((6 + 4 + 1 + 42) / 150) * 60, 9);
});

describe('cards, one a step', () => {
  test('of everybody: a card for every step with words; of one person only where they speak', () => {
    const script = scripts(foam());
    const all = cardsOf(script, null);
    const spoken = script.flatMap(({ steps }) => steps.filter(({ lines }) => lines.length > 0));
    expect(all.map(({ step }) => step)).toEqual(spoken.map(({ name }) => name));
    expect(all.map(({ card, cards }) => `${card} of ${cards}`).slice(0, 2)).toEqual([
      '1 of 2',
      '2 of 2',
    ]);
    const jo = cardsOf(script, 'jo');
    expect(jo.length).toBeGreaterThan(0);
    // What is said before and between stays on it: one waits for it.
    expect(jo[0]?.lines.map(({ personId }) => personId)).toEqual(['ines', 'jo', null]);
    expect(cardsOf(script, 'nobody')).toEqual([]);
  });

  test('where the hands of whoever speaks are at work, it is to be learnt', () => {
    const script = scripts(foam());
    expect(
      cardsOf(script, null)
        .map(({ byHeart }) => byHeart)
        .slice(0, 2),
    ).toEqual([false, true]);
    const [first] = cardsOf(script, 'jo');
    expect(first?.byHeart).toBe(false);
  });
});
