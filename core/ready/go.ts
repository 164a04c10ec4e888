/** Whether the show may start: what stops it, what to fix, what is not known, what to watch, what is done. */
import type { ShowBundle } from '../brief/types';
import type { KnownRecord } from '../kit/sets';
import type { Timeline } from '../lineup/types';
import { formatAmount } from '../units/format';
import { counted } from '../words';
import { type Check, type DayChecks, dayChecks } from './checks';
import { judge } from './judge';
import type { OpenFollowUp } from './situationChecks';
import type { StockShares } from './stock';
import type { Verdict } from './verdict';

/** The mark on a check, or on a verdict that is waived. */
export interface Mark {
  key: string;
  /** Looked at and as it should be; looked at and wrong; passed over. */
  state: 'done' | 'wrong' | 'waived';
  /** What is wrong, or why it is passed over; empty where it is done. */
  reason: string;
  /** What was read off, in the unit of the check; null where nothing is measured. */
  value: number | null;
  by: string | null;
  /** Milliseconds since 1970. */
  at: number;
}

/** What is wrong with a figure that was read off; null when it keeps to its limits. */
export function readingFault({ measures }: Pick<Check, 'measures'>, value: number): string | null {
  if (!measures) return null;
  const { unit, least, most } = measures;
  const text = (n: number): string => formatAmount(n, unit);
  if (least !== null && value < least) return `${text(value)} is below ${text(least)}`;
  if (most !== null && value > most) return `${text(value)} is above ${text(most)}`;
  return null;
}

/** A tick counts, unless a figure that goes with it is out of its limits. */
export const settles = (check: Pick<Check, 'measures'>, mark: Mark): boolean =>
  mark.state === 'waived' ||
  (mark.state === 'done' &&
    (check.measures === null || (mark.value !== null && readingFault(check, mark.value) === null)));

/** What is wrong with it: as it was said, or because it was read off outside its limits; null when nothing is. */
export const wrongWith = (check: Pick<Check, 'measures'>, mark: Mark): string | null =>
  mark.state === 'wrong'
    ? mark.reason
    : mark.state === 'done' && mark.value !== null
      ? readingFault(check, mark.value)
      : null;

export interface GoNoGo {
  go: boolean;
  /** It is over: what was open then is told, and asked for no more. */
  performed: boolean;
  /** Verdicts that keep the show from starting, until fixed or passed over. */
  stop: Verdict[];
  fix: Verdict[];
  unknown: Verdict[];
  watch: Verdict[];
  /** Verdicts that fit, and those passed over with a reason. */
  ok: Verdict[];
  holding: Check[];
  /** Open ones that were looked at and are not as they should be, and why: they keep the show from starting. */
  wrong: { check: Check; what: string }[];
  open: Check[];
  done: number;
  words: string;
}

function wordsOf(state: Omit<GoNoGo, 'words'>, checks: number): string {
  const { stop, fix, unknown, holding, wrong, open, performed, done } = state;
  if (performed) return `Performed: ${done} of ${counted(checks, 'check')} done before it`;
  const troubles = [
    ...(stop.length > 0
      ? [`${counted(stop.length, 'thing')} ${stop.length === 1 ? 'stops' : 'stop'} the show`]
      : []),
    ...(fix.length + wrong.length > 0
      ? [`${counted(fix.length + wrong.length, 'thing')} to fix`]
      : []),
    ...(unknown.length > 0 ? [`${unknown.length} not known`] : []),
  ];
  if (troubles.length > 0) return `${stop.length > 0 ? 'No' : 'Not yet'}: ${troubles.join(', ')}`;
  if (holding.length > 0)
    return `${counted(holding.length, 'check')} must be done before the start`;
  if (open.length > 0) return `Go, with ${counted(open.length, 'check')} still open`;
  return checks > 0 ? 'Go: every check is done' : 'No checks: the line-up is empty';
}

/**
 * From checks, verdicts and what was said of them. Marks of what is long gone don't count, and no mark
 * sets a final stop aside.
 */
export function goNoGo(
  checks: readonly Check[],
  marks: readonly Mark[],
  verdicts: readonly Verdict[] = [],
  performed = false,
): GoNoGo {
  const marked = new Map(marks.map((mark) => [mark.key, mark]));
  const open = checks.filter((check) => {
    const mark = marked.get(check.key);
    return !mark || !settles(check, mark);
  });
  const passed = (one: Verdict): boolean => !one.final && marked.get(one.key)?.state === 'waived';
  const of = (level: Verdict['level']): Verdict[] =>
    verdicts.filter((one) => one.level === level && !passed(one));
  const holding = open.filter((check) => check.holds);
  const state = {
    stop: of('stop'),
    fix: of('fix'),
    unknown: of('unknown'),
    watch: of('watch'),
    ok: verdicts.filter((one) => one.level === 'ok' || passed(one)),
    holding,
    wrong: open.flatMap((check) => {
      const mark = marked.get(check.key);
      const what = mark ? wrongWith(check, mark) : null;
      return what === null ? [] : [{ check, what }];
    }),
    open,
    done: checks.length - open.length,
  };
  const { stop, fix, unknown, wrong } = state;
  const go = [stop, fix, unknown, wrong, holding].every((list) => list.length === 0);
  return { ...state, go, performed, words: wordsOf({ ...state, go, performed }, checks.length) };
}

const inOne = (one: Verdict): string => `${one.title}: ${one.message.replace(/\.$/, '')}`;

const wrongWords = ({ check, what }: GoNoGo['wrong'][number]): string => `${check.title}: ${what}`;

/** Everything that keeps the show from starting, the worst first; what is said twice is told once. */
export const holdingLines = ({ stop, fix, unknown, wrong, holding }: GoNoGo): string[] => [
  ...new Set([
    ...[...stop, ...fix].map(inOne),
    ...wrong.map(wrongWords),
    // What to measure says more than that it is not known.
    ...unknown.map((one) => inOne({ ...one, message: one.remedy || one.message })),
    ...holding
      .filter((check) => !wrong.some((one) => one.check === check))
      .map((check) => check.title),
  ]),
];

/** What keeps the show from starting, named: stops before what is to fix, what is not known, open checks. */
export function holdingWords({ stop, fix, unknown, wrong, holding }: GoNoGo): string {
  const named = [
    stop.map(inOne),
    [...fix.map(inOne), ...wrong.map(wrongWords)],
    unknown.map(inOne),
    holding.map((check) => check.title),
  ];
  return (named.find((list) => list.length > 0) ?? []).join('; ');
}

/** What is known around a show that its readiness depends on. */
export interface ReadinessContext {
  marks: readonly Mark[];
  followUps: readonly OpenFollowUp[];
  records: readonly KnownRecord[];
  /** What the store has for it, and lacks. */
  shares: StockShares;
  /** A performance of it has come to its end. */
  performed: boolean;
}

/** Nothing is known around it. */
export const NOTHING_AROUND: ReadinessContext = {
  marks: [],
  followUps: [],
  records: [],
  shares: [],
  performed: false,
};

export interface Readiness extends DayChecks {
  verdicts: Verdict[];
  state: GoNoGo;
}

/** Checks, verdicts and whether the show may start: the same for every screen and for the server. */
export function readiness(
  bundle: ShowBundle,
  timeline: Timeline,
  { marks, followUps, records, shares, performed }: ReadinessContext,
): Readiness {
  const day = dayChecks(bundle, timeline, followUps);
  const verdicts = judge(bundle, timeline, { records, shares });
  return { ...day, verdicts, state: goNoGo(day.checks, marks, verdicts, performed) };
}
