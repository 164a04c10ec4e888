/**
 * Everything that is judged of a show, with 36 slots over the same with 9: the demo season's own, again and
 * again. Pairs of slots grow with the square, sixteen times; whatever else with the slots, four times.
 */
import { readFileSync } from 'node:fs';
import { readShowFile } from '../contract/showFile';
import type { ShowBundle } from '../core/brief/types';
import { timelineOf } from '../core/lineup/timelineOf';
import { judge } from '../core/ready/judge';
import { median, round } from './growing';

const ROUNDS = 15;

const times = (bundle: ShowBundle, n: number): ShowBundle => ({
  ...bundle,
  show: {
    ...bundle.show,
    slots: Array.from({ length: n }, (_, i) =>
      bundle.show.slots.map((slot) => ({ ...slot, id: `${slot.id}-${i}`, leads: [] })),
    ).flat(),
  },
});

/** ms that one judging takes, what is kept for a timeline worked out again. */
function judging(bundle: ShowBundle): { ms: number; verdicts: number } {
  const timeline = timelineOf(bundle);
  const began = performance.now();
  const verdicts = judge(bundle, timeline).length;
  return { ms: performance.now() - began, verdicts };
}

export function judgingGrowth(): object {
  const read = readShowFile(readFileSync('docs/formats/example.show.json', 'utf8'));
  if (!read.ok) throw new Error('the example can’t be read');
  const few = read.value;
  const many = times(few, 4);
  judging(many);
  // In turn, so that whatever else goes on weighs on both.
  const rounds = Array.from({ length: ROUNDS }, () => [judging(few), judging(many)] as const);
  const fewMs = median(rounds.map(([one]) => one.ms));
  const manyMs = median(rounds.map(([, one]) => one.ms));
  return {
    ratio: round(manyMs / fewMs),
    fewMs: round(fewMs),
    manyMs: round(manyMs),
    verdicts: rounds[0]?.map(({ verdicts }) => verdicts),
  };
}
