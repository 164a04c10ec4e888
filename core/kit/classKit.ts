/** What a class that tries it itself takes: sets for the groups that may choose each, and spare ones for what fails. */
import { groupSizes, type ClassOption, type ClassSet } from '../brief/classSet';
import { plainSlot } from '../brief/freshSlot';
import type { ShowBundle } from '../brief/types';
import { atLeast } from '../chance/atLeast';
import { triesOf } from '../learning/chance';
import type { ResolvedSlot } from '../lineup/fromBundle';
import { blankLine } from '../repertoire/blank';
import { groupsOf } from '../repertoire/basis';
import { hasHomeVersion } from '../repertoire/handOut';
import type { Item } from '../repertoire/item';
import type { Demo, KitLine, Method } from '../repertoire/types';
import { counted } from '../words';
import type { KnownRecord } from './sets';

export interface ClassSets {
  /** Of all that may choose it. */
  groups: number;
  /** That are provided for. */
  chosenBy: number;
  spare: number;
  /** “12 sets: 10 groups may choose it, 2 spare”. */
  words: string;
}

/** A slot’s key of what no slot of the running order takes. */
const CLASS = 'class:';
export const isOfClass = (slotId: string): boolean => slotId.startsWith(CLASS);

/**
 * The least number of groups, up to all of them, that no more will choose it than with the chance that is wanted; all of
 * them while nothing has been counted of earlier classes: any group may choose any.
 */
export function mostToChoose(
  groups: number,
  { before }: Pick<ClassOption, 'before'>,
  wanted: number,
): number {
  if (before.of === 0) return groups;
  const tries = { worked: before.chose, failed: before.of - before.chose };
  for (let most = 1; most < groups; most++)
    if (1 - atLeast(most + 1, groups, tries) >= wanted) return most;
  return groups;
}

/** Spare sets until so many come off with the chance that is wanted; at the most one for each. */
export function sparesFor(
  sets: number,
  tries: { worked: number; failed: number },
  wanted: number,
): number {
  for (let spare = 0; spare < sets; spare++)
    if (atLeast(sets, sets + spare, tries) >= wanted) return spare;
  return sets;
}

/**
 * Sets of one of the demonstrations to choose from. Those who choose may run out of any of them: each is given its share
 * of the chance that is left, so that all together are enough with the chance that is wanted (Bonferroni).
 */
export function classSets(
  set: ClassSet,
  option: ClassOption,
  method: Pick<Method, 'id' | 'chance' | 'priorWorked' | 'priorFailed'>,
  records: readonly KnownRecord[],
  /** Something of it is used up: only then another set is of use. */
  usesUp = true,
): ClassSets {
  const groups = groupSizes(set).length;
  const left = (1 - set.enough / 100) / Math.max(1, set.options.length);
  const chosenBy = mostToChoose(groups, option, 1 - left);
  const known = records.find(
    (one) => one.demoId === option.demoId && one.methodId === option.methodId,
  );
  const tries = triesOf(method, known);
  const spare = usesUp ? sparesFor(chosenBy, tries, 1 - left) : 0;
  const why =
    chosenBy < groups
      ? `at most ${chosenBy} of ${counted(groups, 'group')} will choose it`
      : `${counted(groups, 'group')} may choose it`;
  const untried = tries.worked + tries.failed === 0 ? ', as it was not tried yet' : '';
  return {
    groups,
    chosenBy,
    spare,
    words: `${counted(chosenBy + spare, 'set')}: ${why}${spare > 0 ? `, ${spare} spare${untried}` : ''}`,
  };
}

/**
 * How many times over a line of a method’s kit is wanted for its sets: what is used up for every set, equipment for every
 * group, protective gear for every pupil.
 */
export function timesForClass(
  line: Pick<KitLine, 'basis' | 'groupOf'>,
  kind: Item['kind'],
  method: Pick<Method, 'volunteers'>,
  { chosenBy, spare }: Pick<ClassSets, 'chosenBy' | 'spare'>,
  perGroup: number,
): number {
  if (kind === 'gear') return chosenBy * perGroup;
  const { basis } = line;
  if (basis === 'perHead') return chosenBy * perGroup;
  if (basis === 'perGroup') return groupsOf(line, chosenBy * perGroup);
  if (basis === 'perVolunteer') return chosenBy * method.volunteers;
  return kind === 'consumable' ? chosenBy + spare : chosenBy;
}

/**
 * What one set holds: household amounts where the hand-out has them for this way of doing it, and the protective gear of
 * the method; else all of its kit.
 */
export function linesOfSet(
  demo: Demo,
  method: Method,
  items: ReadonlyMap<string, Item>,
): KitLine[] {
  if (!hasHomeVersion(demo, method.id)) return method.kit;
  return [
    ...demo.handOut.things.map(({ id, itemId, amount, unit }) => ({
      ...blankLine(id, itemId),
      amount,
      unit,
      basis: 'perGo' as const,
    })),
    ...method.kit.filter(({ itemId }) => items.get(itemId)?.kind === 'gear'),
  ];
}

export interface ClassDemand {
  resolved: ResolvedSlot;
  option: ClassOption;
  sets: ClassSets;
}

/** The demonstrations to choose from that are still there, each as a slot that no running order has. */
export function classDemands(
  { show, demos, items }: Pick<ShowBundle, 'show' | 'demos' | 'items'>,
  records: readonly KnownRecord[],
): ClassDemand[] {
  const set = show.classSet;
  if (!set) return [];
  const byId = new Map(items.map((item) => [item.id, item]));
  return set.options.flatMap((option): ClassDemand[] => {
    const demo = demos.find(({ id }) => id === option.demoId);
    const method = demo?.methods.find(({ id }) => id === option.methodId);
    if (!demo || !method) return [];
    const slot = {
      ...plainSlot(`${CLASS}${option.id}`),
      demoId: demo.id,
      methodId: method.id,
    };
    return [
      {
        resolved: { slot, demo, method, performer: null, position: null },
        option,
        sets: classSets(
          set,
          option,
          method,
          records,
          linesOfSet(demo, method, byId).some(
            ({ itemId }) => byId.get(itemId)?.kind === 'consumable',
          ),
        ),
      },
    ];
  });
}
