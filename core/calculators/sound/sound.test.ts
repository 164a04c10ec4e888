/** Sound against the inverse-square law and published limits. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { usualValues } from '../inputs';
import { bang } from './bang';
import { noiseDose, hoursAllowed, levelAt } from './level';

fc.configureGlobal({ seed: 153 });

const distance = fc.double({ min: 0.1, max: 200, noNaN: true });

// Inverse-square law: 6.02 dB less at twice the distance.
test('twice the distance is 6.02 dB less', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 170, noNaN: true }),
      distance,
      distance,
      (level, from, to) => {
        expect(levelAt(level, from, to) - levelAt(level, from, to * 2)).toBeCloseTo(6.0206, 4);
      },
    ),
  );
  expect(() => levelAt(100, 0, 1)).toThrow(RangeError);
});

// NIOSH REL: 85 dBA for 8 h, halved every 3 dB.
test.each([
  [85, 8],
  [88, 4],
  [91, 2],
  [94, 1],
  [100, 0.25],
])('%d dBA may last %d h', (level, hours) => {
  expect(hoursAllowed(level)).toBe(hours);
  expect(noiseDose(level, hours * 3600)).toBe(100);
});

describe('a bang', () => {
  const judge = (over: Record<string, number | string>) =>
    bang.evaluate({ ...usualValues(bang), at: 3, front: 3, crew: 30, level: 60, ...over });

  // WHO Guidelines for Community Noise 1999 (from memory): 120 dB for children, 140 dB for adults.
  test('children: 120 dB at the ear is a stop, and an impulse of 133 dB even more so', () => {
    const levels = [100, 116, 120, 133].map((peak) => judge({ peak, youngest: 8 }).level);
    expect(levels).toEqual(['ok', 'watch', 'stop', 'stop']);
    expect(judge({ peak: 133, youngest: 8 }).message).toContain('no child may meet 120 dB');
    expect(judge({ peak: 133, youngest: 17 }).level).toBe('stop');
  });

  test('adults alone: 140 dB is a stop, 135 must be fixed', () => {
    const levels = [110, 136, 141].map((peak) => judge({ peak, youngest: 18 }).level);
    expect(levels).toEqual(['ok', 'fix', 'stop']);
  });

  test('the distance it asks for is far enough, and a metre nearer is not', () => {
    const asked = Number(/(\d+) m off/.exec(judge({ peak: 130, youngest: 8 }).remedy)?.[1]);
    expect(judge({ peak: 130, youngest: 8, front: asked }).level).not.toBe('stop');
    expect(judge({ peak: 130, youngest: 8, front: asked - 1 }).level).toBe('stop');
  });

  // EU Directive 2003/10/EC: action values hold for what reaches the ear without protectors, the limit of 140 behind them.
  test('crew: action values do not care for plugs, the limit does', () => {
    const crew = (peak: number, plugs: number) =>
      judge({ peak, at: 1, crew: 1, front: 100, youngest: 30, plugs });
    expect(crew(136, 25).level).toBe('watch');
    expect(crew(138, 0).level).toBe('fix');
    expect(crew(138, 25).level).toBe('watch');
    expect(crew(138, 25).remedy).toContain('ear protection is worn');
    expect(crew(158, 17).level).toBe('stop');
  });

  test('busy hands need plugs in before', () => {
    const busy = (hands: string) =>
      judge({ peak: 138, at: 1, front: 40, crew: 1, plugs: 20, hands }).remedy;
    expect(busy('busy')).toContain('plugs in before');
    expect(busy('free')).not.toContain('plugs in before');
  });
});
