/** What is judged before the show, and how it is said. */
import type { Measured } from '../repertoire/item';
import { type VerdictLevel, LEVELS, type Assessment } from '../calculators/calculator';

export const VERDICT_KINDS = [
  'hazard',
  'calculator',
  'air',
  'sound',
  'journey',
  'booking',
  'kit',
  'room',
  'power',
  'distance',
  'caution',
  'combination',
] as const;
export type VerdictKind = (typeof VERDICT_KINDS)[number];

/** Where it is put right. */
export type VerdictPlace =
  | {
      page: 'demo';
      id: string;
      methodId: string;
      part: 'hazards' | 'steps' | 'needs' | 'care' | 'calculations' | 'kit' | 'volunteers';
    }
  | { page: 'people' | 'venue' | 'item'; id: string }
  | { page: 'brief' | 'lineup' | 'kit' }
  /** Figures that only the day can give, or the plan of the stage. */
  | { page: 'ready'; part: 'figures' | 'plan' };

/** Only the day can give it. */
export const DAY_FIGURES: VerdictPlace = { page: 'ready', part: 'figures' };

/** A figure beside its limits, to be drawn; null while it is not known. */
export interface Gauge extends Measured {
  value: number | null;
}

export interface Verdict extends Omit<Assessment, 'level'> {
  /** The same for the same thing judged, as long as its slot is in the show. */
  key: string;
  kind: VerdictKind;
  level: VerdictLevel;
  /** What is judged: “Static dome”. */
  title: string;
  slotIds: string[];
  /** Null where it is held against no single number. */
  gauge: Gauge | null;
  /** Null where it is nowhere in particular. */
  place: VerdictPlace | null;
}

export const LEVEL_WORDS: Record<VerdictLevel, string> = {
  stop: 'Stops the show',
  fix: 'To fix',
  unknown: 'Not known',
  watch: 'Watch',
  ok: 'OK',
};

/** A verdict from its main parts. */
export const verdict = (
  of: Pick<Verdict, 'key' | 'kind' | 'level' | 'title' | 'message'> & Partial<Verdict>,
): Verdict => ({
  final: false,
  figure: '',
  limit: '',
  source: '',
  remedy: '',
  steps: [],
  slotIds: [],
  gauge: null,
  place: null,
  ...of,
});

/** Whether there is more to say of how it came about than the sentence. */
export const hasWorking = ({ steps, limit }: Pick<Verdict, 'steps' | 'limit'>): boolean =>
  steps.length > 0 || limit !== '';

/** The worse first. */
export const worseFirst = (a: { level: VerdictLevel }, b: { level: VerdictLevel }): number =>
  LEVELS.indexOf(a.level) - LEVELS.indexOf(b.level);

/** The worst level of several; “ok” of none. */
export const worstOf = (verdicts: readonly { level: VerdictLevel }[]): VerdictLevel =>
  [...verdicts].sort(worseFirst)[0]?.level ?? 'ok';
