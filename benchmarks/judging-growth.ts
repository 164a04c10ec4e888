/**
 * Everything that is judged of a show, with 36 slots over the same with 9: the demo season's own, again and
 * again. Pairs of slots grow with the square, sixteen times; whatever else with the slots, four times. Beside it the
 * walk through its checks, its script, and what is told of it: what each camera films, what to ask the host, and the
 * page to take home.
 */
import { readFileSync } from 'node:fs';
import { readShowFile } from '../contract/showFile';
import type { ShowBundle } from '../core/brief/types';
import { timelineOf } from '../core/lineup/timelineOf';
import { hostQuestions } from '../core/ready/ask/questions';
import { handOutOf } from '../core/ready/atHome/sheet';
import { judge } from '../core/ready/judge';
import { dayChecks } from '../core/ready/checks';
import { scriptOf } from '../core/ready/script/script';
import { shotsOf } from '../core/ready/shots/shots';
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

const BESIDE = ['walk', 'script', 'shots', 'questions', 'handOut'] as const;
type Beside = (typeof BESIDE)[number];

/** ms for each: the walk is of the checks of the day with what stands at each stop. */
function walking(bundle: ShowBundle): Record<Beside, number> {
  const timeline = timelineOf(bundle);
  const work: Record<Beside, () => unknown> = {
    walk: () =>
      walkOf(dayChecks(bundle, timeline).checks, bundle.show).map((stop) =>
        standGroups(stop, bundle.show),
      ),
    script: () => scriptOf(bundle, timeline),
    shots: () => shotsOf(bundle, timeline),
    questions: () => hostQuestions(bundle, timeline, 0),
    handOut: () => handOutOf(bundle),
  };
  const took = (of: Beside): number => {
    const began = performance.now();
    work[of]();
    return performance.now() - began;
  };
  return Object.fromEntries(BESIDE.map((of) => [of, took(of)])) as Record<Beside, number>;
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
  const grown = (of: Beside): number =>
    round(median(walks.map(([, one]) => one[of])) / median(walks.map(([one]) => one[of])));
  const fewMs = median(rounds.map(([one]) => one.ms));
  const manyMs = median(rounds.map(([, one]) => one.ms));
  return {
    ratio: round(manyMs / fewMs),
    ...Object.fromEntries(BESIDE.map((of) => [of, grown(of)])),
    fewMs: round(fewMs),
    manyMs: round(manyMs),
    verdicts: rounds[0]?.map(({ verdicts }) => verdicts),
  };
}
