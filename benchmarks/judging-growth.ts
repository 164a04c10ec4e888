/**
 * Everything that is judged of a show, with 36 slots over the same with 9: the demo season's own, again and
 * again. Pairs of slots grow with the square, sixteen times; whatever else with the slots, four times. Beside it the
 * walk through its checks, and its script.
 */
import { readFileSync } from 'node:fs';
import { readShowFile } from '../contract/showFile';
import type { ShowBundle } from '../core/brief/types';
import { timelineOf } from '../core/lineup/timelineOf';
import { judge } from '../core/ready/judge';
import { dayChecks } from '../core/ready/checks';
import { scriptOf } from '../core/ready/script/script';
import { standGroups } from '../core/ready/walk/things';
import { walkOf } from '../core/ready/walk/stops';
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

/** ms for the checks of the day as a walk with what stands at each stop, and for the script. */
function walking(bundle: ShowBundle): { walk: number; script: number } {
  const timeline = timelineOf(bundle);
  const began = performance.now();
  for (const stop of walkOf(dayChecks(bundle, timeline).checks, bundle.show))
    standGroups(stop, bundle.show);
  const walked = performance.now();
  scriptOf(bundle, timeline);
  return { walk: walked - began, script: performance.now() - walked };
}

export function judgingGrowth(): object {
  const read = readShowFile(readFileSync('docs/formats/example.show.json', 'utf8'));
  if (!read.ok) throw new Error('the example can’t be read');
  const few = read.value;
  const many = times(few, 4);
  judging(many);
  // In turn, so that whatever else goes on weighs on both.
  const rounds = Array.from({ length: ROUNDS }, () => [judging(few), judging(many)] as const);
  walking(many);
  const walks = Array.from({ length: ROUNDS }, () => [walking(few), walking(many)] as const);
  const grown = (of: 'walk' | 'script'): number =>
    round(median(walks.map(([, one]) => one[of])) / median(walks.map(([one]) => one[of])));
  const fewMs = median(rounds.map(([one]) => one.ms));
  const manyMs = median(rounds.map(([, one]) => one.ms));
  return {
    ratio: round(manyMs / fewMs),
    walk: grown('walk'),
    script: grown('script'),
    fewMs: round(fewMs),
    manyMs: round(manyMs),
    verdicts: rounds[0]?.map(({ verdicts }) => verdicts),
  };
}
