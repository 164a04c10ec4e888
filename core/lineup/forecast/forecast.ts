/** Will it end on time: many simulated shows, and what leaving something out would buy. */
import { randomFrom } from '../../chance/random';
import { schedule } from '../schedule';
import { Budget } from '../../solver/budget';
import { countable } from '../countable';
import { EFFORT } from '../effort';
import type { LineupInput, Timeline } from '../types';
import { compile } from './compile';
import type { Program } from './program';
import { type Counts, simulate } from './simulate';
import type {
  Band,
  Driver,
  Forecast,
  ForecastSize,
  LeaveOut,
  SlotPolicy,
  WindowRisk,
} from './types';

/** Shows drawn as dots. */
const DOTS = 100;
/** Windows missed more seldom than this are not told of. */
const SELDOM = 0.005;
/** What is tried without a slot is simulated so many times fewer; the difference is what counts. */
const FEWER = 4;
/** Slots from which pairs are made, the least worth first. */
const MOST_PAIRED = 7;
/** Pairs that are told of. */
const PAIRS = 3;

/** The second by which this share of the runs had come. */
function quantile(counts: Uint32Array, runs: number, share: number): number {
  const wanted = share * runs;
  let sum = 0;
  for (let second = 0; second < counts.length; second++) {
    sum += counts[second] ?? 0;
    if (sum >= wanted && sum > 0) return second;
  }
  return 0;
}

const band = (counts: Uint32Array, runs: number): Band => ({
  p10: quantile(counts, runs, 0.1),
  p50: quantile(counts, runs, 0.5),
  p90: quantile(counts, runs, 0.9),
});

function chanceBy(counts: Uint32Array, runs: number, second: number): number {
  let sum = 0;
  for (let i = 0; i <= second && i < counts.length; i++) sum += counts[i] ?? 0;
  return sum / runs;
}

/** Chances in whole hundredths of a per cent: more is noise. */
const rounded = (chance: number): number => Math.round(chance * 10_000) / 10_000;

/**
 * Shares of the variance of the end: the covariance of each block's length with it. What is left is
 * dead air, since the end is the sum of the blocks and the gaps between them.
 */
function driversOf(counts: Counts, slots: readonly string[]): Driver[] {
  const { runs, sumEnd, sumEnd2, sumLength, sumLengthEnd } = counts;
  const variance = sumEnd2 / runs - (sumEnd / runs) ** 2;
  if (variance < 1e-6) return [];
  const shares = slots.map((slot, i): Driver => ({
    slot,
    share:
      ((sumLengthEnd[i] ?? 0) / runs - ((sumLength[i] ?? 0) / runs) * (sumEnd / runs)) / variance,
  }));
  const gaps = 1 - shares.reduce((sum, { share }) => sum + share, 0);
  return [...shares, { slot: null, share: gaps }]
    .map(({ slot, share }) => ({ slot, share: rounded(share) }))
    .filter(({ share }) => Math.abs(share) >= 0.01)
    .sort((a, b) => b.share - a.share);
}

/** The forecast of a running order as it stands, without what could be left out. */
export const forecastShow = (
  input: LineupInput,
  timeline: Timeline,
  policies: ReadonlyMap<string, SlotPolicy>,
  size: ForecastSize,
): Forecast => {
  const program = compile(countable(input).input, timeline, policies);
  return forecastOf(program, input.hardFinish, policies, size);
};

/** What comes of running a program many times; `hardFinish` on its own clock. */
export function forecastOf(
  program: Program,
  hardFinish: number,
  policies: ReadonlyMap<string, SlotPolicy>,
  { runs, seed, share }: ForecastSize,
): Forecast {
  const counts = simulate(program, runs, randomFrom(seed));
  const mean = counts.sumEnd / runs;
  const filled = counts.sumLength.reduce((sum, length) => sum + length, 0) / runs;
  const windows = program.windows
    .map(({ slot, task, after }, i): WindowRisk => ({
      slot,
      task,
      after,
      chance: rounded((counts.missed[i] ?? 0) / runs),
    }))
    .filter(({ chance }) => chance >= SELDOM)
    .sort((a, b) => b.chance - a.chance);
  return {
    runs,
    seed,
    share,
    by: quantile(counts.ends, runs, share),
    again: Math.round(counts.sumAgain / runs),
    end: {
      ...band(counts.ends, runs),
      mean: Math.round(mean * 10) / 10,
      sd: Math.round(Math.sqrt(Math.max(0, counts.sumEnd2 / runs - mean * mean)) * 10) / 10,
    },
    chance: rounded(chanceBy(counts.ends, runs, hardFinish)),
    dots: Array.from({ length: DOTS }, (_, i) => quantile(counts.ends, runs, (i + 0.5) / DOTS)),
    deadAir: Math.round(Math.max(0, mean - filled)),
    starts: program.blocks.map(({ slot }, i) => ({
      slot,
      ...band(counts.starts[i] ?? new Uint32Array(1), runs),
      works: policies.get(slot)?.record ? rounded((counts.worked[i] ?? 0) / runs) : null,
    })),
    windows,
    drivers: driversOf(
      counts,
      program.blocks.map((block) => block.slot),
    ),
    leaveOut: [],
  };
}

/** The short look that is taken at each of several ways to change a show: fewer runs, the same seed. */
export const foreseer =
  (policies: ReadonlyMap<string, SlotPolicy>, size: ForecastSize) =>
  (input: LineupInput, timeline: Timeline): Band & { chance: number } => {
    const runs = Math.max(1, Math.round(size.runs / FEWER));
    const { end, chance } = forecastShow(input, timeline, policies, { ...size, runs });
    return { p10: end.p10, p50: end.p50, p90: end.p90, chance };
  };

/** How good a trade it is: chance gained for each point of worth. */
const trade = ({ gain, worth }: LeaveOut): number => gain / Math.max(1, worth);

/**
 * What leaving out a slot costs in worth and buys in chance, each timed and simulated afresh; then, where
 * wanted, two at once. Yields the table as it grows; stop asking, and it stops.
 */
export function* leaveOutTable(
  input: LineupInput,
  policies: ReadonlyMap<string, SlotPolicy>,
  forecast: Pick<Forecast, 'runs' | 'seed' | 'share' | 'chance'>,
  wanted: 'single' | 'pairs',
): Generator<LeaveOut[], LeaveOut[], void> {
  const foresee = foreseer(policies, forecast);
  const worthOf = (slot: string): number => policies.get(slot)?.worth ?? 0;
  const droppable = input.slots
    .map((slot) => slot.id)
    .filter((id) => policies.get(id)?.mayLeaveOut)
    .sort((a, b) => worthOf(a) - worthOf(b));
  const without = (slots: string[]): LeaveOut => {
    const less = { ...input, slots: input.slots.filter((slot) => !slots.includes(slot.id)) };
    const foreseen = foresee(less, schedule(less, new Budget(EFFORT.trial)));
    const worth = slots.reduce((sum, slot) => sum + worthOf(slot), 0);
    return { slots, worth, ...foreseen, gain: rounded(foreseen.chance - forecast.chance) };
  };
  const byTrade = (rows: readonly LeaveOut[]): LeaveOut[] =>
    [...rows].sort((a, b) => trade(b) - trade(a) || a.worth - b.worth);
  const singles: LeaveOut[] = [];
  for (const slot of droppable) {
    singles.push(without([slot]));
    yield byTrade(singles);
  }
  if (wanted === 'single') return byTrade(singles);
  const pairs: LeaveOut[] = [];
  const paired = droppable.slice(0, MOST_PAIRED);
  for (const [i, first] of paired.entries())
    for (const second of paired.slice(i + 1)) {
      // A show without slots is no choice.
      if (input.slots.length <= 2) continue;
      pairs.push(without([first, second]));
      yield [...byTrade(singles), ...byTrade(pairs).slice(0, PAIRS)];
    }
  return [...byTrade(singles), ...byTrade(pairs).slice(0, PAIRS)];
}
