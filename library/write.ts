/** Short forms for writing demonstrations and things down. */
import { blankCue, type StepCue } from '../core/repertoire/cues';
import {
  type BoundInput,
  type Care,
  type PersonAtRisk,
  type Needs,
  NO_CARD,
  NO_CARE,
  NO_NEEDS,
  type CalculatorBinding,
  type VolunteerCard,
} from '../core/repertoire/care';
import {
  blankDemo,
  blankHazard,
  blankItem,
  blankLine,
  blankMethod,
  blankTask,
} from '../core/repertoire/blank';
import { BLANK_MEASURE, type MethodResult } from '../core/repertoire/measure';
import { findCalculator } from '../core/calculators/catalogue';
import { USUAL_RATING } from '../core/repertoire/hazards';
import type { Item, Pack } from '../core/repertoire/item';
import type {
  Demo,
  Hand,
  Hazard,
  HazardKind,
  KitBasis,
  KitLine,
  Method,
  Setting,
  Task,
} from '../core/repertoire/types';
import type { UnitId } from '../core/units/units';

export const performer: Hand = { role: 'performer', count: 1, competence: null };
export const helper: Hand = { role: 'helper', count: 1, competence: null };
export const anyone: Hand = { role: 'anyone', count: 1, competence: null };
export const coldHand = (role: Hand['role']): Hand => ({ role, count: 1, competence: 'cryogen' });
export const flameHand = (role: Hand['role']): Hand => ({ role, count: 1, competence: 'flame' });
export const sparkHand = (role: Hand['role']): Hand => ({
  role,
  count: 1,
  competence: 'highVoltage',
});

/** A demonstration as it is written down: how it looks, and where it is from, is put to it with all others. */
export type Written = Omit<Demo, 'family' | 'face' | 'told' | 'origin' | 'picture' | 'handOut'>;

/** A demo with one method; what is not said is as of a blank one. */
export const plainDemo = (
  id: string,
  name: string,
  hook: string,
  idea: string,
  more: Partial<Written>,
  only: Method,
): Written => ({ ...blankDemo(id, name, [only]), hook, idea, ...more });

/** [shortest, likely, longest] seconds. */
type Times = [number, number, number];

function task(
  phase: Task['phase'],
  id: string,
  name: string,
  [shortest, likely, longest]: Times,
  hands: Hand[],
  more: Partial<Task>,
): Task {
  const time = { shortest, likely, longest };
  return { ...blankTask(id, name, phase, time), hands, ...more };
}

export const prepare = (id: string, name: string, times: Times, more: Partial<Task> = {}): Task =>
  task('prepare', id, name, times, [anyone], more);

export const settle = (id: string, name: string, times: Times, more: Partial<Task> = {}): Task =>
  task('settle', id, name, times, [], more);

export const reset = (id: string, name: string, times: Times, more: Partial<Task> = {}): Task =>
  task('reset', id, name, times, [anyone], more);

/** A perform step: what to do is its name unless said otherwise. */
export const step = (id: string, name: string, times: Times, more: Partial<Task> = {}): Task =>
  task('perform', id, name, times, [performer], { do: name, ...more });

export const light = (
  id: string,
  name: string,
  send: string,
  args: string,
  { at, seconds = 0 }: Pick<StepCue, 'at'> & { seconds?: number },
): StepCue => ({ ...blankCue(id, name, 'light'), send, args, at, seconds });

export const after = (
  id: string,
  least = 0,
  greatest: number | null = null,
): Task['after'][number] => ({ task: id, least, greatest });

export const kit = (
  itemId: string,
  amount: number,
  unit: UnitId,
  basis: KitBasis = 'perShow',
  note = '',
  more: Partial<KitLine> = {},
): KitLine => ({
  ...blankLine(`kit-${itemId}`, itemId),
  amount,
  unit,
  basis,
  note,
  ...more,
});

/** What a method is besides its parts: what is not said of needs, care and volunteers is as of a blank one. */
type MethodParts = Pick<Method, 'tasks' | 'kit'> &
  Partial<Omit<Method, 'hazards' | 'needs' | 'care' | 'volunteerCard'>> & {
    needs?: Partial<Needs>;
    care?: Partial<Care>;
    volunteerCard?: Partial<VolunteerCard>;
  };

/** Kind, control, and whom it could hurt where that is not the performer and the crew alone. */
type HazardLine = [kind: HazardKind, control: string, who?: PersonAtRisk[]];

/** With its control in place it is as bad as before, and much less likely. */
const rated = (kind: HazardKind, control: string): Hazard => ({
  ...blankHazard(kind, control),
  after: { likelihood: 1, severity: USUAL_RATING[kind].severity },
});

export const method = (
  id: string,
  name: string,
  summary: string,
  { needs, care, volunteerCard, ...parts }: MethodParts,
  hazards: HazardLine[] = [],
): Method => ({
  ...blankMethod(id, name),
  summary,
  hazards: hazards.map(([kind, control, atRisk]) => ({
    ...rated(kind, control),
    ...(atRisk ? { atRisk } : {}),
  })),
  // Whoever takes it goes through them for themselves.
  hazardsReviewed: true,
  ...parts,
  needs: { ...NO_NEEDS, ...needs },
  care: { ...NO_CARE, ...care },
  volunteerCard: { ...NO_CARD, ...volunteerCard },
});

export const EVERYBODY: PersonAtRisk[] = ['performer', 'crew', 'audience'];

/** What is read at each go; a length to the nearest centimetre unless said otherwise. */
export const reads = (
  id: string,
  name: string,
  unit: string,
  more: Partial<MethodResult>,
): MethodResult => ({
  ...BLANK_MEASURE,
  id,
  name,
  unit,
  task: null,
  within: null,
  becomes: null,
  ...more,
});

/** A setting; figures are common practice unless another source is named. */
export const set = (
  id: string,
  name: string,
  value: number,
  unit: UnitId,
  source = 'common practice',
): Setting => ({ id, name, value, most: null, unit, source });

/** From a setting of the method. */
export const setting = (id: string): Omit<BoundInput, 'input'> => ({
  from: 'setting',
  ref: id,
  value: null,
});

/**
 * A calculator with its inputs: a figure, a choice, or a setting. What is not named is set to the usual
 * figure, as the crew has looked at it; facts of the day are the day's.
 */
export const judged = (
  calculator: string,
  inputs: Record<string, number | string | Omit<BoundInput, 'input'>> = {},
): CalculatorBinding => ({
  id: `judged-${calculator}`,
  calculator,
  inputs: Object.entries(findCalculator(calculator)?.inputs ?? {}).flatMap(
    ([input, of]): BoundInput[] => {
      const is = inputs[input] ?? (of.kind === 'number' && of.fact !== undefined ? null : of.usual);
      if (is === null) return [];
      if (typeof is === 'number') return [{ input, from: 'fixed', ref: '', value: is }];
      if (typeof is === 'string') return [{ input, from: 'choice', ref: is, value: null }];
      return [{ input, ...is }];
    },
  ),
});

export const item = (
  id: string,
  name: string,
  kind: Item['kind'],
  more: Partial<Item> = {},
): Item => ({ ...blankItem(id, name, kind), ...more });

/** A function test; one that holds keeps the show waiting. */
export const test = (functionTest: string, testHolds = false): Partial<Item> => ({
  functionTest,
  testHolds,
});

export const pack = (
  amount: number,
  unit: UnitId,
  price: number,
  leadDays: number,
  supplier: string,
  more: Partial<Pack> = {},
): Pack => ({
  id: `pack-${amount}-${unit}`,
  amount,
  unit,
  price,
  leadDays,
  supplier,
  keeps: null,
  hireDays: null,
  ...more,
});
