/** Shows that run by themselves, played by a program that follows the advice. */
import { describe, expect, test } from '@jest/globals';
import { START } from '../../testing/stage';
import { tight } from '../../testing/tight';
import { adviceOf } from '../replan/advice';
import { hindsightOf } from './hindsight';
import { Playing } from './playing';
import { type Played, playThrough } from './program';
import { World } from './world';

const SIZE = { runs: 150, seed: 1, share: 0.9 };
const play = (seed: number, mishaps: boolean): Played & { playing: Playing } => {
  const playing = new Playing(tight, new World(tight, { seed, mishaps }), START, SIZE);
  return { ...playThrough(playing), playing };
};

test('played by the advice, no fewer shows end in time than the best fixed leave-outs were forecast to', () => {
  const shows = 300;
  const before = new Playing(tight, new World(tight, { seed: 0, mishaps: false }), START, {
    ...SIZE,
    runs: 4000,
  });
  const now = before.caller.at(START);
  expect(now.forecast.chance).toBeLessThan(0.5);
  const fixed = adviceOf(before.caller, START, now);
  expect(fixed?.enough).toBe(true);
  const played = Array.from({ length: shows }, (_, i) => play(i + 1, false));
  const inTime = played.filter(({ end, hardFinish }) => end <= hardFinish).length / shows;
  const wanted = fixed?.call.forecast.chance ?? 1;
  // Two standard errors of what so many shows can tell.
  expect(inTime).toBeGreaterThan(wanted - 2 * Math.sqrt((wanted * (1 - wanted)) / shows));
  expect(played.every(({ gatesPassed }) => gatesPassed === 0)).toBe(true);
});

test('whatever goes wrong, every show comes to its end and no gate is ever passed', () => {
  const kinds = new Set<string>();
  for (let seed = 1; seed <= 60; seed++) {
    const { gatesPassed, playing } = play(seed, true);
    expect(gatesPassed).toBe(0);
    expect(playing.live.phase).toBe('curtain');
    for (const { kind } of playing.world.mishaps) kinds.add(kind);
    expect(playing.events.filter(({ kind }) => kind === 'pass')).toEqual([]);
  }
  expect([...kinds].sort()).toEqual(['hallEarly', 'lateHelper', 'missing', 'spill']);
});

describe('the world', () => {
  test('is the same for the same seed, whatever is decided', () => {
    const [one, two] = [7, 7].map((seed) => new World(tight, { seed, mishaps: true }));
    expect(one?.mishaps).toEqual(two?.mishaps);
    expect(one?.seconds('foam', 'pour', 1)).toBe(two?.seconds('foam', 'pour', 1));
    const other = new World(tight, { seed: 8, mishaps: true });
    expect(one?.seconds('foam', 'pour', 1)).not.toBe(other.seconds('foam', 'pour', 1));
  });

  test('is drawn from the forecast’s model', () => {
    const worlds = Array.from(
      { length: 3000 },
      (_, seed) => new World(tight, { seed, mishaps: false }),
    );
    const mean = worlds.reduce((sum, world) => sum + world.seconds('foam', 'pour', 1), 0) / 3000;
    // (a + 4m + b)/6 of 84, 120, 216.
    expect(Math.abs(mean - (84 + 480 + 216) / 6)).toBeLessThan(1.5);
    const worked = worlds.filter((world) => world.works('dome', 1)).length / 3000;
    // Six of ten, with half a success and half a failure.
    expect(Math.abs(worked - 6.5 / 11)).toBeLessThan(0.03);
    expect(worlds.every((world) => world.works('drum', 1))).toBe(true);
  });
});

describe('with hindsight', () => {
  test('nobody who plays does better than the best that could have been', () => {
    let better = 0;
    for (let seed = 1; seed <= 40; seed++) {
      const { playing, end, hardFinish } = play(seed, false);
      const { shown, lost, best, missed, played, startsAt } = hindsightOf(playing, end);
      expect(shown + lost).toBe(15);
      // One after another, from the start to the end that is told.
      for (const [i, one] of played.seen.entries()) {
        expect(one.from).toBeGreaterThanOrEqual(played.seen[i - 1]?.to ?? startsAt);
        expect(one.to).toBeGreaterThan(one.from);
      }
      expect(played.seen.at(-1)?.to).toBe(end);
      // Either something is on, or it is dead air.
      const all = [...played.seen, ...played.gaps];
      expect(all.reduce((sum, { from, to }) => sum + to - from, 0)).toBe(end - startsAt);
      expect(missed.length === 0).toBe(lost === 0);
      if (end > hardFinish) continue;
      // What was shown in time could have been shown in time.
      expect(best?.shown ?? 0).toBeGreaterThanOrEqual(shown);
      expect(best?.end ?? 0).toBeLessThanOrEqual(hardFinish);
      expect(best?.played.seen.at(-1)?.to).toBe(best?.end);
      expect(best?.played.seen.some(({ slot }) => best.leaveOut.includes(slot))).toBe(false);
      if ((best?.shown ?? 0) > shown) better++;
    }
    expect(better).toBeGreaterThan(0);
  });
});
