import { describe, expect, test } from '@jest/globals';
import type { Show } from '../../brief/types';
import { timelineOf } from '../../lineup/timelineOf';
import {
  type CameraView,
  replaySeconds,
  stopsDarker,
  timesSlower,
} from '../../repertoire/pictures';
import { task } from '../../testing/build';
import { bundle } from '../../testing/bundle';
import { freeToFilm, needsOfSlow, shotsOf } from './shots';
import { darkerInWords, shotFaultWords, slowInWords } from './words';

const view = (camera: CameraView['camera'], sees: string, slow: CameraView['slow'] = null) => ({
  id: `${camera}-${sees}`,
  camera,
  sees,
  slow,
});
const HALF = { seconds: 0.5, rate: 240, shownAt: 30 };
const performer = [{ role: 'performer' as const, count: 1, competence: null }];
const helper = [{ role: 'helper' as const, count: 1, competence: null }];

/** Two demonstrations: Ines pours while Jo holds; then Ines alone. */
function filmed(
  over: Partial<Show>,
  views: Partial<Record<'pour' | 'hold' | 'drop', CameraView[]>>,
) {
  const made = bundle(
    [
      {
        id: 'foam',
        tasks: [
          task('pour', 'perform', 40, { hands: performer, views: views.pour ?? [] }),
          task('hold', 'perform', 20, { hands: helper, views: views.hold ?? [] }),
        ],
      },
      {
        id: 'magnet',
        tasks: [task('drop', 'perform', 30, { hands: performer, views: views.drop ?? [] })],
      },
    ],
    [],
    over,
  );
  return { made, timeline: timelineOf(made), shots: shotsOf(made, timelineOf(made)) };
}

describe('slow motion', () => {
  // Arithmetic: 0.5 s × 240 frames a second are 120 frames, which 30 a second show in 4 s.
  test('half a second at 240 shown at 30 takes 4 s, is 8 times slower, and has an eighth of the light', () => {
    expect(replaySeconds(HALF)).toBe(4);
    expect(timesSlower(HALF)).toBe(8);
    expect(stopsDarker(HALF)).toBe(3);
    expect(slowInWords(HALF)).toBe(
      '0.5 s at 240 frames a second, shown at 30: 4 s, 8 times slower',
    );
    expect(darkerInWords(HALF)).toBe('3 stops less light');
  });

  test('shown as it was filmed it is no slower and no darker', () => {
    const same = { seconds: 7, rate: 25, shownAt: 25 };
    expect(replaySeconds(same)).toBe(7);
    expect(darkerInWords(same)).toBe('');
  });

  // Common practice: lamps on the mains flicker 100 or 120 times a second.
  test.each([
    [60, false],
    [100, false],
    [120, true],
    [240, true],
  ])('at %d frames a second lamps on the mains flicker: %p', (rate, flickers) => {
    expect(needsOfSlow(view('close', 'x', { ...HALF, rate }))?.flickers).toBe(flickers);
  });
});

test('by camera, in the order of the show, at the plan’s times', () => {
  const { shots, timeline } = filmed(
    { filming: [{ camera: 'wide', personId: null }] },
    {
      pour: [view('wide', 'both cups'), view('close', 'the rim')],
      drop: [view('wide', 'the pipe')],
    },
  );
  expect(shots.map(({ camera, shots: of }) => [camera, of.map((shot) => shot.view.sees)])).toEqual([
    ['wide', ['both cups', 'the pipe']],
    ['close', ['the rim']],
  ]);
  const pour = timeline.tasks.find((one) => one.task === 'pour');
  expect(shots[0]?.shots[0]).toMatchObject({
    start: pour?.start,
    end: pour?.end,
    isOnStand: true,
    faults: [],
    number: 1,
  });
  expect(shots[1]?.shots[0]?.faults).toEqual(['nobody']);
  expect(shotsOf({ ...bundle([]) }, timelineOf(bundle([])))).toEqual([]);
});

test('who is at work in the step can’t film it, who is not can', () => {
  const views = { pour: [view('close', 'the rim')] };
  const busy = filmed({ filming: [{ camera: 'close', personId: 'ines' }] }, views);
  const [shot] = busy.shots[0]?.shots ?? [];
  expect(shot?.faults).toEqual(['busy']);
  expect(shot && shotFaultWords(shot, 'busy', () => 'Ines')).toMatch(/^Ines is at work then: /);
  const free = filmed({ filming: [{ camera: 'close', personId: 'jo' }] }, views);
  expect(free.shots[0]?.shots[0]?.faults).toEqual([]);
  expect(freeToFilm(free.shots[0]?.shots ?? [], ['ines', 'jo'], free.timeline)).toEqual(['jo']);
});

test('who left the show is told, and films nothing', () => {
  const { shots } = filmed(
    { filming: [{ camera: 'close', personId: 'piet' }] },
    { pour: [view('close', 'the rim')] },
  );
  expect(shots[0]?.shots[0]).toMatchObject({ personId: null, faults: ['gone'] });
});

test('one person can’t hold two cameras at once, and can one after the other', () => {
  const filming = [
    { camera: 'wide' as const, personId: 'jo' },
    { camera: 'close' as const, personId: 'jo' },
  ];
  const at = (where: 'pour' | 'drop') =>
    filmed(
      { filming },
      where === 'pour'
        ? { pour: [view('wide', 'a'), view('close', 'b')] }
        : { pour: [view('wide', 'a')], drop: [view('close', 'b')] },
    ).shots.flatMap(({ shots }) => shots.map(({ faults }) => faults.includes('both')));
  expect(at('pour')).toEqual([true, true]);
  expect(at('drop')).toEqual([false, false]);
});

test('a replay that is longer than there is until the next slot, and a shot longer than its step', () => {
  const slow = { seconds: 45, rate: 240, shownAt: 30 };
  const { shots } = filmed(
    { filming: [{ camera: 'close', personId: null }] },
    { pour: [view('close', 'a', slow)], hold: [view('close', 'b', HALF)] },
  );
  const [long, fits] = shots[0]?.shots ?? [];
  expect(long?.faults).toEqual(['long', 'replay']);
  expect(long?.replay?.takes).toBe(360);
  expect(fits?.replay?.takes).toBe(4);
  expect(fits && fits.replay && fits.faults.includes('replay')).toBe((fits?.replay?.has ?? 0) < 4);
});
