/** The axis that all methods of a demonstration share: what is shown is seen well, long waits are cut at its ends. */
import type { MethodStrip } from '../../core/lineup/methodStrip';

export interface StripScale {
  from: number;
  to: number;
  /** Seconds between two figures. */
  step: number;
  /** Per cent of the width, from the left; what lies beyond an end is at it. */
  at: (seconds: number) => number;
}

/** Beside what is shown there is room for so many times as much, and for ten minutes at least, s. */
const BESIDE = 1.5;
const LEAST_BESIDE = 600;
const STEPS = [30, 60, 120, 300, 600, 1200, 1800, 3600];
const MOST_FIGURES = 13;

export function stripScale(strips: readonly MethodStrip[]): StripScale {
  const show = Math.max(60, ...strips.map((strip) => strip.show));
  const beside = Math.max(LEAST_BESIDE, BESIDE * show);
  const ends = strips.flatMap(({ parts }) => parts);
  const first = Math.min(0, ...ends.map(({ from }) => from));
  const last = Math.max(show, ...ends.map(({ to, window }) => Math.max(to, window?.to ?? 0)));
  const length = Math.min(-first, beside) + Math.min(last, show + beside);
  const step = STEPS.find((one) => length / one <= MOST_FIGURES) ?? 3600;
  const from = -Math.ceil(Math.min(-first, beside) / step) * step;
  const to = Math.ceil(Math.min(last, show + beside) / step) * step;
  const at = (seconds: number): number =>
    (100 * (Math.min(to, Math.max(from, seconds)) - from)) / (to - from);
  return { from, to, step, at };
}
