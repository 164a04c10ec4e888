/** What the record has come to say of the plan’s figures: offered with its evidence, to be taken or not. */
import type { Slot } from '../brief/types';
import { figureFor } from '../learning/figures';
import { ENOUGH_GOES, type LearnedTime, learnedTime, type TimeTaken } from '../learning/time';
import type { Demo, Estimate, Method, Task, TimeFigure } from '../repertoire/types';
import type { MethodRecord } from './review';

/** Nearer to what the plan has than this is the same: seconds, and a share of it. Our own mark. */
const SAME_SECONDS = 4;
const SAME_SHARE = 0.05;

/**
 * thin: too few goes to go by; held: the record says what the plan has; offered: it says otherwise; kept: it says
 * otherwise, and somebody keeps to the guess; frozen: it says otherwise, and what was taken stands.
 */
export type FigureState = 'thin' | 'held' | 'offered' | 'kept' | 'frozen';

/** One step’s time, as guessed, as planned, and as learned. */
export interface LearnedFigure {
  demoId: string;
  methodId: string;
  demo: string;
  method: string;
  task: Pick<Task, 'id' | 'name' | 'phase'>;
  /** Whose; null for anybody’s. */
  performerId: string | null;
  guess: Estimate;
  /** What the plan goes by. */
  planned: Estimate;
  /** What was decided; null where nothing was. */
  decided: TimeFigure | null;
  learned: LearnedTime;
  /** Goes it rests on, oldest first. */
  taken: TimeTaken[];
  state: FigureState;
}

const weighed = ({ goes, rehearsed }: LearnedTime): number => goes + rehearsed / 2;

function stateOf(learned: LearnedTime, planned: Estimate, decided: TimeFigure | null): FigureState {
  if (weighed(learned) < ENOUGH_GOES) return 'thin';
  const off = Math.abs(Math.round(learned.mean) - planned.likely);
  if (off < SAME_SECONDS || off < SAME_SHARE * planned.likely) return 'held';
  if (decided?.use === 'mine') return 'kept';
  return decided?.frozen ? 'frozen' : 'offered';
}

/** Performers with goes of their own that say something else than everybody’s do. */
function apart(guess: Estimate, taken: readonly TimeTaken[]): string[] {
  const ids = new Set(taken.flatMap(({ performerId }) => performerId ?? []));
  const all = learnedTime(guess, taken, null);
  return [...ids].filter((id) => {
    const own = learnedTime(guess, taken, id);
    if (own.performerId === null) return false;
    // Whoever takes as long as all do needs no figure of their own.
    return all.mean < own.meanLow || all.mean > own.meanHigh;
  });
}

function figuresOfTask(
  demo: Demo,
  method: Method,
  task: Task,
  taken: readonly TimeTaken[],
): LearnedFigure[] {
  const figure = (performerId: string | null): LearnedFigure => {
    const learned = learnedTime(task.time, taken, performerId);
    const decided = figureFor(method, task.id, performerId);
    const planned = decided?.use === 'taken' ? decided.time : task.time;
    const own =
      performerId === null ? taken : taken.filter((one) => one.performerId === performerId);
    return {
      demoId: demo.id,
      methodId: method.id,
      demo: demo.name,
      method: method.name,
      task: { id: task.id, name: task.name, phase: task.phase },
      performerId,
      guess: task.time,
      planned,
      decided,
      learned,
      taken: own.toSorted((a, b) => a.at - b.at),
      state: stateOf(learned, planned, decided),
    };
  };
  // What was decided of somebody stays to be taken back, whatever the record says by now.
  const decidedOf = method.figures.flatMap((one) =>
    one.task === task.id && one.performerId !== null ? [one.performerId] : [],
  );
  const own = new Set([...apart(task.time, taken), ...decidedOf]);
  return [figure(null), ...[...own].map(figure)];
}

/** Of every step of these demos that was ever timed, or decided on. */
export function learnedFigures(
  demos: readonly Demo[],
  records: readonly MethodRecord[],
): LearnedFigure[] {
  return demos.flatMap((demo) =>
    demo.methods.flatMap((method) => {
      const record = records.find((one) => one.demoId === demo.id && one.methodId === method.id);
      if (!record) return [];
      return method.tasks.flatMap((task) => {
        const taken = Object.hasOwn(record.times, task.id) ? (record.times[task.id] ?? []) : [];
        const decided = method.figures.some((one) => one.task === task.id);
        return taken.length > 0 || decided ? figuresOfTask(demo, method, task, taken) : [];
      });
    }),
  );
}

/** Those of one slot’s method, for whoever performs it: their own where they have some. */
export function learnedOfSlot(
  demos: readonly Demo[],
  records: readonly MethodRecord[],
  { demoId, methodId, performerId }: Pick<Slot, 'demoId' | 'methodId' | 'performerId'>,
): LearnedFigure[] {
  const demo = demos.find(({ id }) => id === demoId);
  const methods = demo?.methods.filter(({ id }) => id === methodId) ?? [];
  const all = demo ? learnedFigures([{ ...demo, methods }], records) : [];
  const own = all.filter((one) => one.performerId !== null && one.performerId === performerId);
  const others = all.filter(
    (one) => one.performerId === null && !own.some(({ task }) => task.id === one.task.id),
  );
  return [...own, ...others];
}

/** How much longer a go is by what was learned than by what the plan has, in whole seconds. */
export const moves = ({ learned, planned }: Pick<LearnedFigure, 'learned' | 'planned'>): number =>
  Math.round(learned.mean) - planned.likely;

/** The three points of what was learned, as the plan takes them. */
export const learnedEstimate = ({ low, mean, high }: LearnedTime): Estimate => ({
  shortest: Math.round(low),
  likely: Math.round(mean),
  longest: Math.round(high),
});

/** What is written down where a figure is taken, or the guess kept. */
export const decision = (
  { task, performerId, learned, guess }: LearnedFigure,
  use: TimeFigure['use'],
  frozen: boolean,
  { id, at }: Pick<TimeFigure, 'id' | 'at'>,
): TimeFigure => ({
  id,
  task: task.id,
  performerId,
  use,
  frozen,
  time: use === 'taken' ? learnedEstimate(learned) : guess,
  from: learned.goes + learned.rehearsed,
  at,
});

/** A demo with this decision in the place of the one before on the same step and performer; null takes it back. */
export function decide(
  demo: Demo,
  of: Pick<LearnedFigure, 'methodId' | 'performerId'> & { task: string },
  figure: TimeFigure | null,
): Demo {
  const methods = demo.methods.map((method) => {
    if (method.id !== of.methodId) return method;
    const others = method.figures.filter(
      (one) => one.task !== of.task || one.performerId !== of.performerId,
    );
    return { ...method, figures: figure ? [...others, figure] : others };
  });
  return { ...demo, methods };
}

/** The records as they were before the run that began then. */
export const recordsBefore = (
  records: readonly MethodRecord[],
  startedAt: number,
): MethodRecord[] =>
  records.map((record) => ({
    ...record,
    times: Object.fromEntries(
      Object.entries(record.times).map(([task, taken]) => [
        task,
        taken.filter(({ at }) => at !== startedAt),
      ]),
    ),
  }));
