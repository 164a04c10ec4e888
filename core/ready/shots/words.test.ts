/** How shots are told. */
import { describe, expect, test } from '@jest/globals';
import type { CameraView, SlowMotion } from '../../repertoire/pictures';
import type { Shot, ShotFault } from './shots';
import { cameraInWords, darkerInWords, shotFaultWords, slowInWords } from './words';

const slow = (more: Partial<SlowMotion> = {}): SlowMotion => ({
  rate: 240,
  shownAt: 30,
  seconds: 0.5,
  ...more,
});
const view: CameraView = { id: 'v', camera: 'close', sees: 'the rim of the glass', slow: null };
const shot = (more: Partial<Shot> = {}): Shot =>
  ({
    id: 's',
    slotId: 'slot',
    number: 3,
    demo: 'Foam fountain',
    step: 'Pour',
    start: 60,
    end: 90,
    view,
    personId: 'jo',
    busyWith: '',
    replay: null,
    faults: [],
    ...more,
  }) as Shot;
const nameOf = (id: string): string => ({ jo: 'Jo', ines: 'Ines' })[id] ?? '';
const said = (fault: ShotFault, more: Partial<Shot> = {}): string =>
  shotFaultWords(shot(more), fault, nameOf);

describe('cameras', () => {
  test('which one, and what it sees', () => {
    expect(cameraInWords('wide', 'both cups up')).toBe('wide, both cups up');
    expect(cameraInWords('above', '')).toBe('from above');
    expect(cameraInWords('hand', 'a face')).toBe('in the hand, a face');
  });
});

describe('slow motion', () => {
  test('half a second at 240, shown at 30, is four seconds and eight times slower', () => {
    expect(slowInWords(slow())).toBe(
      '0.5 s at 240 frames a second, shown at 30: 4 s, 8 times slower',
    );
  });

  test('short times keep their tenths, long ones are minutes', () => {
    expect(slowInWords(slow({ rate: 1000, shownAt: 25, seconds: 3 }))).toBe(
      '3 s at 1000 frames a second, shown at 25: 2 min, 40 times slower',
    );
    expect(slowInWords(slow({ rate: 60, seconds: 1.25 }))).toBe(
      '1.25 s at 60 frames a second, shown at 30: 2.5 s, 2 times slower',
    );
  });

  test('how much less light: a stop for each doubling, to the nearest half', () => {
    // 240 over 30 is eight times, 2 to the third.
    expect(darkerInWords(slow())).toBe('3 stops less light');
    expect(darkerInWords(slow({ rate: 60 }))).toBe('1 stop less light');
    // The square root of two is half a stop.
    expect(darkerInWords(slow({ rate: 42.4 }))).toBe('0.5 stops less light');
    expect(darkerInWords(slow({ rate: 30 }))).toBe('');
  });
});

describe('what is in the way', () => {
  test('nobody, gone, at work, two at once, more than there is', () => {
    expect(said('nobody')).toBe('nobody films it yet');
    expect(said('gone')).toBe('who was to film it is not of the show any more');
    expect(said('busy', { busyWith: 'Lay the pipes flat' })).toBe(
      'Jo is at work then: Lay the pipes flat',
    );
    expect(said('busy', { personId: null, busyWith: 'x' })).toBe('Somebody is at work then: x');
    expect(said('both', { personId: 'ines' })).toBe('Ines holds another camera then');
    expect(said('long')).toBe('more is filmed than the step is likely to take');
  });

  test('a replay that runs into what is next', () => {
    expect(said('replay', { replay: { takes: 12, has: 8 } })).toBe(
      'showing it takes 12 s, and the next begins 8 s after the step',
    );
    expect(said('replay', { replay: { takes: 4, has: 0 } })).toBe(
      'showing it takes 4 s, and the next begins at once',
    );
  });
});
