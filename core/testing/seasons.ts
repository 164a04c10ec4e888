/**
 * Simulated seasons: steps with true times and chances that nobody knows, guesses that are off, and a show after
 * another whose forecast is held against how the night really went.
 */
import { quantiles, lookUp, shapeOf } from '../chance/beta';
import type { Expected } from '../chance/estimate';
import { type Random, randomFrom } from '../chance/random';
import { learnedOfAll, type TimeTaken } from '../learning/time';
import { forecastShow } from '../lineup/forecast/forecast';
import type { SlotPolicy } from '../lineup/forecast/types';
import { schedule } from '../lineup/schedule';
import type { LineupInput, PlanSlot, Timeline } from '../lineup/types';
import type { Estimate } from '../repertoire/types';
import { input, slot, task } from './build';
import { normalFrom } from './normal';
import { policy } from './policy';

interface TrueStep {
  id: string;
  truth: Expected;
  guess: Estimate;
  draw: () => number;
}

interface TrueSlot {
  id: string;
  steps: TrueStep[];
  /** Chance that a go works. */
  works: number;
  /** Goes counted before the season. */
  prior: { worked: number; failed: number };
}

/** What a plan said of a show, and what came. */
export interface Told {
  /** Shows performed before it. */
  after: number;
  learned: number;
  unlearned: number;
  /** What one would say who knew the truth: no forecast is better. */
  perfect: number;
  inTime: boolean;
}

const SLOTS = 7;
const STEPS = 3;
/** Goes that a record of success begins with. */
const PRIOR_GOES = 4;
/** Simulated shows of a forecast: its chance is good to about 3 in 100. */
const RUNS = 300;

function stepOf(id: string, random: Random, normal: () => number): TrueStep {
  const mean = 20 + 130 * random.next();
  const sd = mean * (0.08 + 0.17 * random.next());
  const truth = { mean, sd, low: Math.max(1, mean - 2 * sd), high: mean + 4 * sd };
  // People forget some of what they do: the guess is a little short, and off by a fifth.
  const likely = Math.max(5, Math.round(mean * (0.93 + 0.18 * normal())));
  const half = likely * (0.1 + 0.2 * random.next());
  const guess = {
    shortest: Math.round(likely - half),
    likely,
    longest: Math.round(likely + 1.6 * half),
  };
  return { id, truth, guess, draw: drawer(truth, random) };
}

function drawer({ mean, sd, low, high }: Expected, { next }: Random): () => number {
  const shape = shapeOf(mean, sd, low, high);
  const table = shape && quantiles(shape);
  return () => (table ? low + (high - low) * lookUp(table, next()) : mean);
}

export class SimulatedSeason {
  private readonly random: Random;
  private readonly slots: TrueSlot[];
  private readonly taken = new Map<string, TimeTaken[]>();
  private readonly tries = new Map<string, { worked: number; failed: number }>();
  private readonly show: LineupInput;
  private readonly timeline: Timeline;
  private readonly truths: ReadonlyMap<string, SlotPolicy>;
  private shows = 0;

  constructor(seed: number) {
    const random = randomFrom(seed);
    const normal = normalFrom(random);
    this.random = random;
    this.slots = Array.from({ length: SLOTS }, (_, i): TrueSlot => {
      const works = 0.6 + 0.38 * random.next();
      const worked = Array.from({ length: PRIOR_GOES }, () => random.next() < works);
      return {
        id: `s${i}`,
        steps: Array.from({ length: STEPS }, (__, j) => stepOf(`s${i}-${j}`, random, normal)),
        works,
        prior: {
          worked: worked.filter(Boolean).length,
          failed: worked.filter((one) => !one).length,
        },
      };
    });
    for (const { id, prior } of this.slots) this.tries.set(id, { ...prior });
    // Booked so that it is neither sure to fit nor sure not to.
    const length = this.slots.reduce(
      (sum, { steps, works }) =>
        sum + (2 - works) * steps.reduce((all, { truth }) => all + truth.mean, 0),
      0,
    );
    const hardFinish = Math.round(length * (0.94 + 0.12 * random.next()));
    this.show = input(
      this.slots.map(({ id, steps }): PlanSlot =>
        slot(
          id,
          steps.map((step) => task(step.id, 'perform', 0, { time: step.guess })),
        ),
      ),
      { hardFinish },
    );
    this.timeline = schedule(this.show);
    this.truths = new Map(
      this.slots.map(({ id, steps, works }) => [
        id,
        policy({
          again: 1,
          record: { worked: works * 1e7, failed: (1 - works) * 1e7 },
          times: new Map(steps.map(({ id: step, truth }) => [step, truth])),
        }),
      ]),
    );
  }

  private chance(policies: ReadonlyMap<string, SlotPolicy>, runs: number, seed: number): number {
    return forecastShow(this.show, this.timeline, policies, { runs, seed, share: 0.9 }).chance;
  }

  /** The next show: what each plan says before, and how it went. */
  next(): Told {
    const unlearned = new Map(
      this.slots.map(({ id, prior }) => [id, policy({ again: 1, record: prior })]),
    );
    const learned = new Map(
      this.slots.map(({ id, steps }) => [
        id,
        policy({
          again: 1,
          record: this.tries.get(id) ?? { worked: 0, failed: 0 },
          times: new Map(
            steps.map(({ id: step, guess }) => [
              step,
              learnedOfAll(guess, this.taken.get(step) ?? []),
            ]),
          ),
        }),
      ]),
    );
    const seed = this.random.below(2 ** 31);
    const told: Told = {
      after: this.shows,
      learned: this.chance(learned, RUNS, seed),
      unlearned: this.chance(unlearned, RUNS, seed),
      perfect: this.chance(this.truths, RUNS, seed),
      inTime: this.chance(this.truths, 1, this.random.below(2 ** 31)) === 1,
    };
    this.perform();
    return told;
  }

  /** A show nobody forecast. */
  perform(): void {
    for (const { id, steps, works } of this.slots) {
      for (const step of steps)
        this.taken.set(step.id, [
          ...(this.taken.get(step.id) ?? []),
          {
            seconds: Math.round(step.draw()),
            performerId: 'ines',
            rehearsed: false,
            at: this.shows,
          },
        ]);
      const tries = this.tries.get(id);
      if (tries) tries[this.random.next() < works ? 'worked' : 'failed']++;
    }
    this.shows++;
  }

  /** Of each step, whether its true mean is within the stated interval. */
  within(): boolean[] {
    return this.slots.flatMap(({ steps }) =>
      steps.map(({ id, guess, truth }) => {
        const { meanLow, meanHigh } = learnedOfAll(guess, this.taken.get(id) ?? []);
        return truth.mean >= meanLow && truth.mean <= meanHigh;
      }),
    );
  }
}

/** The mean squared distance of a stated chance from what came (Brier 1950): 0 is perfect, 0.25 is “half”. */
export const brier = (told: readonly { chance: number; came: boolean }[]): number =>
  told.reduce((sum, { chance, came }) => sum + (chance - Number(came)) ** 2, 0) / told.length;
