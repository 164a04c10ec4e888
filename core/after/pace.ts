/**
 * How long somebody takes, beside what would be expected of anybody.
 *
 * What counts is a performance: of all its steps that were timed, what they took over what the others take (their
 * record, shrunk towards the guess), or over the guess where nobody else was ever timed. The figure is the geometric mean of these shares, its interval Student’s t on
 * their logarithms; a rehearsal weighs as it does everywhere.
 */
import type { MethodRecord } from './review';
import { tQuantile } from '../statistics/distributions';
import type { Demo, Method } from '../repertoire/types';
import { counted } from '../words';
import { ENOUGH_GOES, learnedOfAll, weightOf } from '../learning/time';

/** What somebody took in one performance, over what was expected. */
interface Share {
  share: number;
  weight: number;
  /** Steps that somebody else was timed at, too, and those that nobody else was. */
  others: number;
  alone: number;
}

export interface Pace {
  /** What they took over what was expected: 1 for as long as anybody. */
  share: number;
  /** Its 95 % interval; null, both, of a single performance. */
  low: number | null;
  high: number | null;
  performances: number;
  rehearsals: number;
  /** Enough to go by, rehearsals weighed. */
  isEnough: boolean;
  /** What was expected: what others took, what is written, or the one here and the other there. */
  beside: 'others' | 'written' | 'both';
}

export interface DemoPace extends Pace {
  demoId: string;
  name: string;
}

export interface PersonPace {
  /** Over all; null where nothing of theirs was ever timed. */
  all: Pace | null;
  /** By demonstration, the most often performed first. */
  demos: DemoPace[];
}

const NOTHING = { took: 0, expected: 0, weight: 0, others: 0, alone: 0 };

function sharesOf(personId: string, method: Method, record: MethodRecord): Share[] {
  const performances = new Map<number, Omit<Share, 'share'> & { took: number; expected: number }>();
  for (const task of method.tasks) {
    const taken = Object.hasOwn(record.times, task.id) ? (record.times[task.id] ?? []) : [];
    const own = taken.filter(({ performerId }) => performerId === personId);
    if (own.length === 0) continue;
    const others = taken.filter(({ performerId }) => performerId !== personId);
    const { mean } = learnedOfAll(task.time, others);
    for (const one of own) {
      const so = performances.get(one.at) ?? NOTHING;
      performances.set(one.at, {
        took: so.took + one.seconds,
        expected: so.expected + mean,
        weight: weightOf(one),
        others: so.others + (others.length > 0 ? 1 : 0),
        alone: so.alone + (others.length > 0 ? 0 : 1),
      });
    }
  }
  return [...performances.values()].flatMap(({ took, expected, ...rest }) =>
    took > 0 && expected > 0 ? [{ ...rest, share: took / expected }] : [],
  );
}

function paceOfShares(shares: readonly Share[]): Pace | null {
  if (shares.length === 0) return null;
  const total = shares.reduce((sum, { weight }) => sum + weight, 0);
  const mean = shares.reduce((sum, one) => sum + one.weight * Math.log(one.share), 0) / total;
  const squares = shares.reduce(
    (sum, one) => sum + one.weight * (Math.log(one.share) - mean) ** 2,
    0,
  );
  const df = shares.length - 1;
  // Weights are relative: halves throughout say as much of the spread as ones.
  const error = Math.sqrt(squares / total / Math.max(1, df));
  const half = df === 0 ? null : tQuantile(0.975, df) * error;
  const rehearsals = shares.filter(({ weight }) => weight < 1).length;
  return {
    share: Math.exp(mean),
    low: half === null ? null : Math.exp(mean - half),
    high: half === null ? null : Math.exp(mean + half),
    performances: shares.length - rehearsals,
    rehearsals,
    isEnough: total >= ENOUGH_GOES,
    beside: shares.every(({ alone }) => alone === 0)
      ? 'others'
      : shares.every(({ others }) => others === 0)
        ? 'written'
        : 'both',
  };
}

const countOf = ({ performances, rehearsals }: Pace): number => performances + rehearsals;

/** What the records of these demonstrations say of one performer. */
export function paceOf(
  personId: string,
  demos: readonly Demo[],
  records: readonly MethodRecord[],
): PersonPace {
  const shares = demos.map((demo) => ({
    demo,
    of: demo.methods.flatMap((method) => {
      const record = records.find((one) => one.demoId === demo.id && one.methodId === method.id);
      return record ? sharesOf(personId, method, record) : [];
    }),
  }));
  return {
    all: paceOfShares(shares.flatMap(({ of }) => of)),
    demos: shares
      .flatMap(({ demo, of }): DemoPace[] => {
        const pace = paceOfShares(of);
        return pace ? [{ ...pace, demoId: demo.id, name: demo.name }] : [];
      })
      .toSorted((a, b) => countOf(b) - countOf(a)),
  };
}

/** Nearer to everybody’s than this is no difference to plan by. Our own mark. */
const NO_DIFFERENCE = 0.02;

/** “12 % longer”, “as long”, “8 % shorter”. */
export function shareWords(share: number): string {
  const off = Math.round(Math.abs(share - 1) * 100);
  if (Math.abs(share - 1) < NO_DIFFERENCE) return 'as long';
  return `${off} % ${share > 1 ? 'longer' : 'shorter'}`;
}

const timesWords = (pace: Pace): string =>
  [
    pace.performances > 0 && counted(pace.performances, 'time', 'times') + ' on stage',
    pace.rehearsals > 0 && counted(pace.rehearsals, 'time') + ' in rehearsal',
  ]
    .filter((one) => one !== false)
    .join(' and ');

const BESIDE_WORDS: Readonly<Record<Pace['beside'], string>> = {
  others: 'the others take',
  written: 'is written',
  both: 'the others take, or is written where nobody else was timed',
};

/** What can be said of somebody, and from how much. */
export function paceWords(pace: Pace | null): string {
  if (pace === null) return 'Nothing of theirs was timed yet.';
  const from = timesWords(pace);
  if (!pace.isEnough || pace.low === null || pace.high === null)
    return `${from} timed: too few to tell.`;
  const differs = pace.low > 1 || pace.high < 1;
  if (differs && Math.abs(pace.share - 1) >= NO_DIFFERENCE)
    return `Takes ${shareWords(pace.share)} than ${BESIDE_WORDS[pace.beside]}, over ${from}.`;
  return `Takes as long as ${BESIDE_WORDS[pace.beside]}, as far as ${from} tell.`;
}
