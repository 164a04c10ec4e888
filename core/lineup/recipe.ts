/** A method as it is read: what is done beforehand, before the audience and afterwards, and how long. */
import { emptySlot } from './emptySlot';
import { type Lag, type Network, buildNetwork } from './network';
import { plannedTime, withFigures } from '../learning/figures';
import { formatDuration } from '../time/clock';
import { counted, listInWords } from '../words';
import type { Hand, Method, Task } from '../repertoire/types';

export interface RecipeStep {
  task: Task;
  /** Place in the method's list of tasks, from 0. */
  index: number;
  /** What the plan goes by, in seconds, whoever does it. */
  seconds: number;
  /** “the performer and 2 helpers”, or nothing for what settles. */
  hands: string;
  /** “at least 5:00 and at most 15:00 after “Yeast soaking”” */
  waits: string[];
}

export interface Recipe {
  beforehand: RecipeStep[];
  onStage: RecipeStep[];
  afterwards: RecipeStep[];
}

const ROLE_WORDS = {
  performer: ['the performer', 'performers'],
  helper: ['a helper', 'helpers'],
  anyone: ['anyone', 'people'],
} as const;

export function handsInWords(hands: readonly Hand[]): string {
  return listInWords(
    hands.map(({ role, count }) => {
      const [one, several] = ROLE_WORDS[role];
      return count === 1 ? one : `${count} ${several}`;
    }),
  );
}

function waitInWords({ from, least, greatest }: Lag): string {
  const after = `after “${from.name}”`;
  if (greatest === null) return least > 0 ? `at least ${formatDuration(least)} ${after}` : after;
  if (greatest === 0) return `straight ${after}`;
  return least > 0
    ? `${formatDuration(least)} to ${formatDuration(greatest)} ${after}`
    : `within ${formatDuration(greatest)} ${after}`;
}

const networkOf = (method: Pick<Method, 'tasks'>): Network =>
  buildNetwork({ ...emptySlot(), tasks: method.tasks });
export function recipeOf(method: Pick<Method, 'tasks' | 'figures'>): Recipe {
  const net = networkOf(method);
  const step = (task: Task): RecipeStep => ({
    task,
    index: method.tasks.indexOf(task),
    seconds: plannedTime(method, task, null).likely,
    hands: handsInWords(task.hands),
    waits: net.lags.filter((lag) => lag.to === task).map(waitInWords),
  });
  return {
    beforehand: net.before.map(step),
    onStage: method.tasks.filter((task) => task.phase === 'perform').map(step),
    afterwards: net.following.map(step),
  };
}

/** What there is to weigh between two methods. Times in seconds as the plan has them, with enough hands for everything. */
export interface MethodFacts {
  /** Before the audience, with one go. */
  show: number;
  /** From the start of the first preparation to the start of the show, at the least. */
  lead: number;
  /** Of that, work with a person's hands. */
  work: number;
  /** Until everything is cleared and dry. */
  clear: number;
  /** The most people on stage at once. */
  people: number;
}

/** Longest way through tasks that wait for each other; a circle counts each of its tasks once. */
function longestPath(tasks: readonly Task[], lags: readonly Lag[]): number {
  const ends = new Map<Task, number>();
  const endOf = (task: Task): number => {
    const known = ends.get(task);
    if (known !== undefined) return known;
    ends.set(task, task.time.likely);
    const waits = lags
      .filter((lag) => lag.to === task && tasks.includes(lag.from))
      .map((lag) => endOf(lag.from) + lag.least);
    const end = Math.max(0, ...waits) + task.time.likely;
    ends.set(task, end);
    return end;
  };
  return Math.max(0, ...tasks.map(endOf));
}

const people = (task: Task): number => task.hands.reduce((sum, hand) => sum + hand.count, 0);

export function methodFactsOf(method: Pick<Method, 'tasks' | 'figures'>): MethodFacts {
  const net = networkOf(withFigures(method, null));
  const handsOn = net.before.filter((task) => task.phase === 'prepare');
  return {
    show: net.blockLength,
    lead: longestPath(net.before, net.lags),
    work: handsOn.reduce((sum, task) => sum + task.time.likely, 0),
    clear: longestPath(net.following, net.lags),
    people: Math.max(0, ...net.steps.map(({ task }) => people(task))),
  };
}

/** “one shot”, or how many goes are allowed. */
export const goesInWords = ({ oneShot, goesAllowed }: Pick<Method, 'oneShot' | 'goesAllowed'>) =>
  `${counted(goesAllowed, 'go', 'goes')}${oneShot ? ', a fresh set for each' : ''}`;
