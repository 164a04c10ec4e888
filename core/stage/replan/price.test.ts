/** What a press costs is told before it is made, and is true after it. */
import { describe, expect, test } from '@jest/globals';
import { after, input, slot, task } from '../../testing/build';
import { liveShow, Night } from '../../testing/live';
import { START } from '../../testing/stage';
import { tight } from '../../testing/tight';
import type { Press } from './caller';
import { priceOf, tell, type PriceTold } from './tell';

const at = (seconds: number): number => START + seconds * 1000;

function priced(night: Night, seconds: number, press: Press): PriceTold {
  const now = tell(night.caller, night.call(seconds), night.events.length);
  return priceOf(night.caller, at(seconds), [press], now);
}

describe('a price', () => {
  const presses: Press[] = [
    { kind: 'done' },
    { kind: 'again' },
    { kind: 'skip' },
    { kind: 'goTo', slot: 'dome' },
    { kind: 'goTo', slot: 'forks' },
  ];

  test.each(presses)('of %j is what the show caller says once it is pressed', (press) => {
    for (const seconds of [30, 100, 160]) {
      const night = new Night(tight).at(0, 'start');
      const before = night.live();
      const price = priced(night, seconds, press);
      // It is told, not done.
      expect(night.live()).toEqual(before);
      night.at(seconds, press.kind, press.slot === undefined ? {} : { slot: press.slot });
      const told = tell(night.caller, night.call(seconds), night.events.length);
      expect(price.end).toEqual(told.end);
      expect(price.behind).toBe(told.behind);
      expect(price.blocks).toEqual(told.blocks);
      expect(price.slot).toBe(night.live().slot);
    }
  });
});

describe('what is ready and keeps only so long', () => {
  const soaked = liveShow(
    input([
      slot('rings', [task('blow', 'perform', 60)], { positionId: 'bench' }),
      slot('forks', [task('hang', 'perform', 60)], { positionId: 'bench' }),
      slot('foam', [
        task('soak', 'settle', 60, { place: 'wings' }),
        task('pour', 'perform', 100, { after: [after('soak', 0, 300)] }),
      ]),
    ]),
  );
  // Soaked at ten: good until 310.
  const night = (): Night =>
    new Night(soaked).at(0, 'start').at(10, 'ready', { slot: 'foam', step: 'soak', go: null });

  test('is told with when it is used, within its window or past it', () => {
    const on = priced(night(), 220, { kind: 'done' });
    expect(on.open).toMatchObject([{ slot: 'foam', until: at(310), at: at(280), kept: true }]);
    expect(on.missed).toEqual([]);
    const again = priced(night(), 220, { kind: 'again' });
    // The rings once more take a minute, the forks another, and then it is too late.
    expect(again.open).toMatchObject([{ slot: 'foam', until: at(310), at: at(340), kept: false }]);
    expect(again.missed).toMatchObject([{ slot: 'foam' }]);
  });

  test('is not told any more once its window is over', () => {
    expect(priced(night(), 320, { kind: 'done' }).open).toEqual([]);
  });
});
