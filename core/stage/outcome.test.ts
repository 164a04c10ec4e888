/** What each slot came to, as the end of a show tells it. */
import { describe, expect, test } from '@jest/globals';
import { Stage, START, threeSlots } from '../testing/stage';
import { cameTo, finishOf } from './outcome';

const [drum = '', foam = '', cloud = ''] = threeSlots.plan.slots.map(({ id }) => id);
const words = (stage: Stage): string[] =>
  [drum, foam, cloud].map((slot) => cameTo(stage.live(), slot).words);

describe('what a slot came to', () => {
  test('is not shown until something was seen of it', () => {
    expect(words(new Stage().at(0, 'start'))).toEqual(['not shown', 'not shown', 'not shown']);
  });

  test('left out and skipped are told apart', () => {
    const stage = new Stage().at(0, 'start').at(5, 'leaveOut', { slot: foam }).at(10, 'skip');
    expect(words(stage)).toEqual(['skipped', 'left out', 'not shown']);
  });

  test('worked, and at which go', () => {
    const stage = new Stage().at(0, 'start').at(60, 'done').at(120, 'done').at(180, 'done');
    expect(words(stage)[0]).toBe('worked');
    const second = new Stage().at(0, 'start').at(60, 'done').at(90, 'failed').at(95, 'again');
    second.at(150, 'done').at(210, 'done');
    expect(words(second)[0]).toBe('worked at go 2');
  });

  test('its last go didn’t work: why, where that is known', () => {
    const failed = () => new Stage().at(0, 'start').at(60, 'done').at(90, 'failed');
    expect(words(failed().at(100, 'done'))[0]).toBe('didn’t work');
    const because = failed().at(95, 'failed', { cause: 'too damp' });
    expect(cameTo(because.at(100, 'done').live(), drum)).toEqual({
      seen: true,
      state: 'failed',
      words: 'didn’t work: too damp',
    });
  });

  test('of a slot that the run does not have, nothing is known', () => {
    expect(cameTo(new Stage().live(), 'nowhere')).toMatchObject({ seen: false, state: 'notShown' });
  });
});

describe('the end against the hard finish', () => {
  test('is when the last slot was over, however late Finish is pressed', () => {
    const stage = new Stage().at(0, 'start').at(10, 'skip').at(20, 'skip').at(320, 'done');
    const finish = START + 300_000;
    expect(finishOf(stage.live(), finish, START + 900_000)).toEqual({
      end: START + 320_000,
      spare: -20,
    });
    expect(finishOf(stage.at(900, 'finish').live(), finish, START + 950_000).spare).toBe(-20);
  });

  test('while the last one is on, it is now', () => {
    const stage = new Stage().at(0, 'start');
    expect(finishOf(stage.live(), START + 300_000, START + 60_000).spare).toBe(240);
  });
});
