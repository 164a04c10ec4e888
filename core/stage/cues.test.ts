/** When cues go off, press by press. */
import { expect, test } from '@jest/globals';
import { blankCue, oscArgs, addressFault, type StepCue } from '../repertoire/cues';
import { Stage, START, threeSlots, withCues } from '../testing/stage';
import { cueList, cuesOfDone, cuesOnStage } from './cues';
import { fold } from './fold';

const cue = (id: string, change: Partial<StepCue>): StepCue => ({
  ...blankCue(id, id, 'light'),
  ...change,
});

const CUES: Record<string, StepCue[]> = {
  bang: [
    cue('end', { at: 'done' }),
    cue('late', { at: 'after', seconds: 20 }),
    cue('on', { at: 'start' }),
    cue('seen', { at: 'sign' }),
  ],
  why: [cue('next', {})],
};
const plan = withCues(threeSlots.plan, ({ task }) => CUES[task] ?? []);

const onStage = (stage: Stage): string[] =>
  cuesOnStage(plan, stage.live()).map(({ cue: { id }, at }) => `${id} ${(at - START) / 1000}`);

test('at the start of its step, so many seconds in, and at its sign', () => {
  const stage = new Stage(plan).at(0, 'start');
  expect(onStage(stage)).toEqual([]);
  stage.at(60, 'done');
  expect(onStage(stage)).toEqual(['late 80', 'on 60']);
  stage.at(70, 'sign');
  expect(onStage(stage)).toEqual(['late 80', 'on 60', 'seen 70']);
});

test('at Done, once; a press that moved nothing sets nothing off', () => {
  const stage = new Stage(plan).at(0, 'start').at(60, 'done').at(120, 'done');
  const before = fold(plan, stage.events.slice(0, -1));
  const done = stage.events.at(-1);
  if (!done) throw new Error('no press');
  expect(cuesOfDone(plan, before, stage.live(), done).map(({ cue: { id } }) => id)).toEqual([
    'end',
  ]);
  expect(onStage(stage)).toEqual(['next 120']);
  const again = { ...done, id: 'twice' };
  const same = fold(plan, [...stage.events, again]);
  expect(cuesOfDone(plan, stage.live(), same, again)).toEqual([]);
});

test('nothing goes off in a hold, and a step that was left has none', () => {
  const stage = new Stage(plan).at(0, 'start').at(60, 'done').at(65, 'hold');
  expect(onStage(stage)).toEqual([]);
  stage.at(200, 'resume');
  expect(onStage(stage)).toEqual(['late 80', 'on 60']);
  stage.at(210, 'skip');
  expect(onStage(stage)).toEqual([]);
});

test('another go, and a slot that comes back, have them once more', () => {
  const keys = (stage: Stage): string[] => cuesOnStage(plan, stage.live()).map(({ key }) => key);
  const stage = new Stage(plan).at(0, 'start').at(60, 'done');
  const first = keys(stage);
  stage.at(70, 'goTo', { slot: 'slot-cloud' }).at(80, 'goTo', { slot: 'slot-drum' });
  while (stage.live().step !== 1) stage.at(90, 'done');
  const second = keys(stage);
  expect(second).toHaveLength(first.length);
  for (const key of second) expect(first).not.toContain(key);
});

test('the list is in the order in which they go off', () => {
  expect(cueList(plan).map(({ cue: { id } }) => id)).toEqual(['on', 'late', 'seen', 'end', 'next']);
});

// OSC 1.0, “OSC Type Tag String” and “OSC Address Spaces and OSC Addresses” (from memory).
test('arguments are typed as they are written: int32, float32, string', () => {
  expect(oscArgs('')).toEqual([]);
  expect(oscArgs('1 0.5 blue -3 1e3 "two words" 3000000000')).toEqual([
    { type: 'i', value: 1 },
    { type: 'f', value: 0.5 },
    { type: 's', value: 'blue' },
    { type: 'i', value: -3 },
    { type: 'f', value: 1000 },
    { type: 's', value: 'two words' },
    { type: 'f', value: 3_000_000_000 },
  ]);
});

test.each([
  ['/lights/wash', true],
  ['/3/go', true],
  ['lights', false],
  ['/a b', false],
  ['/a*', false],
  ['/a#b', false],
  ['/{a,b}', false],
  ['/ä', false],
])('the address %s is one: %s', (send, is) => {
  expect(addressFault(send) === null).toBe(is);
});
