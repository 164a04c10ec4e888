/** One sentence made from the numbers: what a series says, and how it is said when it says too little. */
import { roundedTo } from '../statistics/rounded';
import { fisherExact } from '../statistics/exact';
import { listInWords, upperFirst } from '../words';
import type { Analysis, LevelResult } from './analyse';
import type { Better } from '../repertoire/measure';
import type { Level } from './types';

export const CLAIM_KINDS = [
  'thin',
  'none',
  'enough',
  'best',
  'rising',
  'unsettled',
  'alike',
  'order',
] as const;

/**
 * thin: too few readings; none: no difference seen; enough: more is waste; best: one is best, and what is beyond is
 * worse; rising: the last that was tried is the best; unsettled: it may be enough; alike: several can't be told
 * apart; order: two orders agree so far.
 */
export type ClaimKind = (typeof CLAIM_KINDS)[number];

/** What things are called. */
export interface Naming {
  /** What was changed, for amounts that have no unit: “yeast 4”; '' to leave it out. */
  factor: string;
  /** Unit of the levels, as it is said after a number; '' for none. */
  levelUnit: string;
  /** Unit of the readings; '' for none. */
  unit: string;
  better: Better;
  target: number | null;
}

export interface Claim {
  kind: ClaimKind;
  /** The level that it names, by id; null for none. */
  level: string | null;
  /** A heading, with its full stop. */
  words: string;
}

const SPELLED = ['One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine', 'Ten'];

type Called = Pick<Naming, 'factor' | 'levelUnit'>;

/** “4 teaspoons”, “1 teaspoon”; “yeast 4” without a unit; the label alone for a kind. */
export function levelWords({ label, value }: Level, { factor, levelUnit }: Called): string {
  if (value === null) return label;
  if (levelUnit === '') return factor === '' ? label : `${factor} ${label}`;
  return `${label} ${value === 1 ? levelUnit.replace(/s$/, '') : levelUnit}`;
}

/** “Four teaspoons”: at the head of a sentence small whole numbers are spelled. */
function headWords(level: Level, called: Called): string {
  const words = levelWords(level, called);
  const spelled =
    level.value === null || called.levelUnit === '' ? undefined : SPELLED[level.value - 1];
  return spelled === undefined ? upperFirst(words) : words.replace(/^\S+/, spelled);
}

/** To two figures. */
export const about = (value: number): number => Number(value.toPrecision(2));

const isThin = ({ levels, exact, anova }: Analysis): boolean =>
  levels.length < 2 || (exact === null && anova.residualSd === null);

export function claimOf(analysis: Analysis, naming: Naming): Claim {
  const { levels, plateau, seen, exact } = analysis;
  if (levels.length < 2)
    return {
      kind: 'thin',
      level: null,
      words: 'Too little to say: readings of two levels at least.',
    };
  if (isThin(analysis)) return { kind: 'thin', level: null, words: thinWords(analysis) };
  if (exact) return yesNoClaim(analysis, naming);
  if (!seen) return noneSeen(analysis, naming);
  return plateau ? amountClaim(analysis, naming) : kindClaim(analysis, naming);
}

function thinWords({ trend }: Analysis): string {
  const direction = trend?.direction ?? 'none';
  return direction === 'none'
    ? 'Too few readings to say: no level was read twice, so nobody knows how far they scatter.'
    : `The more, the ${direction === 'rising' ? 'higher' : 'lower'} it reads; where that ends can’t be said until levels are read twice.`;
}

function noneSeen({ levels, smallest }: Analysis, { unit, ...called }: Naming): Claim {
  const [first, last] = [levels[0], levels.at(-1)];
  const over =
    first && last && first.level.value !== null
      ? ` from ${first.level.label} to ${levelWords(last.level, called)}`
      : ` between ${listInWords(levels.map(({ level }) => level.label))}`;
  const least =
    smallest === null || smallest === 0
      ? ''
      : ` One of under ${about(smallest)}${unit && ` ${unit}`} would not have shown.`;
  return { kind: 'none', level: null, words: `No difference seen${over}.${least}` };
}

function amountClaim(analysis: Analysis, naming: Naming): Claim {
  const { levels, plateau } = analysis;
  const at = levels[plateau?.at ?? 0]?.level;
  const best = levels[plateau?.best ?? 0]?.level;
  if (!plateau || !at || !best) throw new RangeError('There is no plateau to speak of.');
  const name = headWords(at, naming);
  switch (plateau.more) {
    case 'waste':
      return {
        kind: 'enough',
        level: at.id,
        words: `${name} is enough: more makes no difference we could see.`,
      };
    case 'worse':
      return plateau.at === plateau.best
        ? { kind: 'best', level: at.id, words: `${name} is best: more is worse.` }
        : {
            kind: 'best',
            level: best.id,
            words: `${name} to ${levelWords(best, naming)} is best: more is worse.`,
          };
    case 'none':
      return {
        kind: 'rising',
        level: at.id,
        words: `More is better up to ${levelWords(at, naming)}, the most that was tried.`,
      };
    default:
      return {
        kind: 'unsettled',
        level: at.id,
        words: `${name} may be enough: whether more is better isn’t settled.`,
      };
  }
}

function kindClaim(analysis: Analysis, naming: Naming): Claim {
  const { better, target, unit } = naming;
  const { levels, best } = analysis;
  const names = best.map((i) => levelWords((levels[i] as LevelResult).level, naming));
  const [only] = best;
  if (best.length === 1 && only !== undefined && levels[only]) {
    const { level } = levels[only];
    const words =
      better === 'near' && target !== null
        ? `${headWords(level, naming)} comes nearest to ${target}${unit && ` ${unit}`}.`
        : `${headWords(level, naming)} is best.`;
    return { kind: 'best', level: level.id, words };
  }
  const worse = levels.filter((_, i) => !best.includes(i)).map(({ level }) => level.label);
  const rest =
    worse.length === 0 ? '' : `; ${listInWords(worse)} ${worse.length === 1 ? 'is' : 'are'} worse`;
  return {
    kind: 'alike',
    level: null,
    words: `${listInWords(names)} can’t be told apart${rest}.`,
  };
}

/** “5 of 6”. */
export const shareWords = ({ mean, n }: Pick<LevelResult, 'mean' | 'n'>): string =>
  `${Math.round(mean * n)} of ${n}`;

function yesNoClaim({ levels, seen }: Analysis, naming: Naming): Claim {
  const ranked = [...levels].sort((a, b) =>
    naming.better === 'less' ? a.mean - b.mean : b.mean - a.mean,
  );
  const [first, last] = [ranked[0], ranked.at(-1)];
  if (!first || !last) throw new RangeError('Nothing to rank.');
  const against = `${shareWords(first)} against ${shareWords(last)}`;
  if (seen)
    return {
      kind: 'best',
      level: first.level.id,
      words: `${headWords(first.level, naming)} comes out more often than ${levelWords(last.level, naming)}: ${against}.`,
    };
  if (first.mean === last.mean)
    return { kind: 'none', level: null, words: `No difference seen: ${shareWords(first)} each.` };
  return {
    kind: 'unsettled',
    level: first.level.id,
    words: `${headWords(first.level, naming)} may come out more often than ${levelWords(last.level, naming)}: ${against} can still be chance.`,
  };
}

/** More rounds, of which each comes out as most have so far, until yes or no is told apart; null for more than ten. */
export function roundsToTell({ levels }: Analysis): number | null {
  const shares = levels.map(({ mean, n }) => ({ yes: Math.round(mean * n), n, mean }));
  for (let more = 1; more <= 10; more++) {
    const then = shares.map(({ yes, n, mean }) => ({
      yes: yes + Math.round(mean * more),
      n: n + more,
    }));
    if (fisherExact(then).p < 0.05) return more;
  }
  return null;
}

/** Of two orders of the same things. */
export function orderClaim(tau: number, agree: number, differ: number): Claim {
  const pairs = agree + differ;
  const words =
    differ === 0
      ? 'The order is as predicted.'
      : agree === 0
        ? 'The order is the reverse of what was predicted.'
        : `${agree} of ${pairs} pairs are in the predicted order (τ ${roundedTo(tau, 0.1)}).`;
  return { kind: 'order', level: null, words };
}
