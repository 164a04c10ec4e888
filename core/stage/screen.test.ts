/** What the audience’s screen shows, step by step. */
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { NO_ANSWERS } from '../repertoire/cues';
import { Stage, START, threeSlots } from '../testing/stage';
import { askedMode, claimText, publicScreen, SCREEN_MODES } from './screen';
import type { RunPlan } from './types';

const [drum] = threeSlots.plan.slots;
/** The drum is asked about, and its second step asks something of the audience. */
const plan: RunPlan = {
  ...threeSlots.plan,
  slots: threeSlots.plan.slots.map((slot) =>
    slot.id === drum?.id
      ? {
          ...slot,
          prediction: {
            ask: 'How far?',
            options: ['Row one', 'The wall'],
            answer: 1,
            reveal: 'It does.',
            ...NO_ANSWERS,
            ifFails: 0,
          },
          steps: slot.steps.map((step) =>
            step.task === 'bang' ? { ...step, cue: 'Hands over your ears' } : step,
          ),
        }
      : slot,
  ),
};
const shown = (stage: Stage) => publicScreen(plan, stage.live());
const about = { slot: null, step: null, go: null };

test('by itself: the title, and what the audience is asked to do', () => {
  const stage = new Stage(plan);
  expect(shown(stage)).toMatchObject({ phase: 'before', slot: null, says: { kind: 'title' } });
  stage.at(0, 'start');
  expect(shown(stage)).toMatchObject({ slot: { number: 1, of: 3 }, says: { kind: 'title' } });
  stage.at(60, 'done');
  expect(shown(stage).says).toEqual({ kind: 'cue', words: 'Hands over your ears' });
});

test('a question with its hands, then the answer; the next demo begins with its title', () => {
  const stage = new Stage(plan).at(0, 'start');
  stage.at(5, 'screen', { ...about, text: 'question', value: 20 });
  const slot = drum?.id ?? '';
  for (const [option, hands] of [
    [0, 10],
    [1, 10],
    [1, 1],
    [0, -3],
    [0, -30],
    [5, 10],
  ] as const)
    stage.at(6, 'tally', { ...about, slot, text: String(option), value: hands });
  const { says } = shown(stage);
  expect(says).toEqual({
    kind: 'question',
    ask: 'How far?',
    // Nothing is counted below nothing, and nothing for an option that there is not.
    options: [
      { words: 'Row one', hands: 0, comesTrue: false },
      { words: 'The wall', hands: 11, comesTrue: false },
    ],
    from: START + 5000,
    until: START + 25_000,
    reveal: null,
  });
  stage.at(30, 'screen', { ...about, text: 'reveal' });
  expect(shown(stage).says).toMatchObject({
    reveal: 'It does.',
    until: null,
    options: [{ comesTrue: false }, { comesTrue: true }],
  });
  stage.at(40, 'skip');
  expect(shown(stage)).toMatchObject({ slot: { number: 2 }, says: { kind: 'title' } });
  // Taken back, the question is there again, and its hands are.
  stage.at(41, 'back');
  expect(shown(stage).says).toMatchObject({ kind: 'question', options: [{}, { hands: 11 }] });
});

test('counts go by their own start; black stays black', () => {
  const stage = new Stage(plan).at(0, 'start');
  stage.at(5, 'screen', { ...about, text: 'countDown', value: 10 });
  expect(shown(stage).says).toEqual({ kind: 'count', from: START + 5000, to: START + 15_000 });
  stage.at(20, 'screen', { ...about, text: 'countUp' });
  expect(shown(stage).says).toEqual({ kind: 'count', from: START + 20_000, to: null });
  stage.at(25, 'screen', { ...about, text: 'blank' }).at(30, 'skip');
  expect(shown(stage).says).toEqual({ kind: 'blank' });
});

test('nothing of what is private is in it, whatever is chosen', () => {
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom(...SCREEN_MODES, 'done', 'skip', 'back', 'failed'), {
        maxLength: 12,
      }),
      (script) => {
        const stage = new Stage(plan).at(0, 'start');
        script.forEach((what, i) =>
          what === 'done' || what === 'skip' || what === 'back' || what === 'failed'
            ? stage.at(i, what)
            : stage.at(i, 'screen', { ...about, text: what, value: 5 }),
        );
        const screen = shown(stage);
        expect(Object.keys(screen).sort()).toEqual(['phase', 'says', 'slot', 'title']);
        const text = JSON.stringify(screen);
        for (const { performer, steps } of plan.slots)
          for (const secret of [performer, ...steps.flatMap((step) => [step.say, step.careful])])
            if (secret) expect(text).not.toContain(secret);
        // The answer is told when it is revealed, and not before.
        if (screen.says.kind === 'question' && screen.says.reveal === null)
          expect(text).not.toMatch(/"comesTrue":true/);
      },
    ),
    { numRuns: 100, seed: 17 },
  );
});

test('a claim with what it rests on, of whichever slot; gone with the next', () => {
  const claim = {
    trialId: 'foam/1',
    words: 'Four is enough.',
    evidence: '4 against 5',
    reasoning: 'It runs out.',
  };
  const told: RunPlan = {
    ...plan,
    slots: plan.slots.map((slot, i) => (i === 1 ? { ...slot, claims: [claim] } : slot)),
  };
  const stage = new Stage(told).at(0, 'start');
  const says = () => publicScreen(told, stage.live()).says;
  stage.at(5, 'screen', { ...about, text: claimText('foam/1') });
  expect(says()).toEqual({
    kind: 'claim',
    words: 'Four is enough.',
    evidence: '4 against 5',
    reasoning: 'It runs out.',
  });
  stage.at(6, 'screen', { ...about, text: claimText('another') });
  expect(says()).toEqual({ kind: 'title' });
  stage.at(7, 'screen', { ...about, text: claimText('foam/1') }).at(20, 'skip');
  expect(says()).toEqual({ kind: 'title' });
});

test.each([
  ['claim', null],
  ['claim/', { mode: 'claim', claim: '' }],
  ['claim/foam/1', { mode: 'claim', claim: 'foam/1' }],
  ['blank/foam', null],
  ['blank', { mode: 'blank', claim: null }],
  ['', null],
  [null, null],
])('what is asked by %p', (text, asked) => {
  expect(askedMode(text)).toEqual(asked);
});
