/** What a class may choose from, each as it is judged, with its sets and its observation sheet. */
import type { ClassOption } from '../../brief/classSet';
import type { ShowBundle } from '../../brief/types';
import { type ClassSets, classDemands, linesOfSet } from '../../kit/classKit';
import type { KnownRecord } from '../../kit/sets';
import { hasHomeVersion } from '../../repertoire/handOut';
import { HAZARD_WORDS } from '../../repertoire/hazards';
import { formatAmount } from '../../units/format';
import { type HomeJudged, judgeInClass } from './judge';
import { linesOf, mayBeTried } from './sheet';

export interface ClassSheet {
  option: ClassOption;
  name: string;
  methodName: string;
  sets: ClassSets;
  judged: HomeJudged;
  may: boolean;
  /** In household amounts, by the hand-out. */
  household: boolean;
  things: { amount: string; name: string }[];
  conditions: string[];
  /** Asked before; both empty for no question. */
  ask: string;
  options: string[];
  steps: string[];
  mind: string[];
  /** Heads of the columns to write readings in. */
  readings: string[];
  questions: string[];
}

/** Those that are still there, as they are to choose from. */
export function classSheets(
  bundle: ShowBundle,
  records: readonly KnownRecord[] = [],
): ClassSheet[] {
  const items = new Map(bundle.items.map((item) => [item.id, item]));
  return classDemands(bundle, records).map(({ resolved, option, sets }): ClassSheet => {
    const { demo, method } = resolved;
    const household = hasHomeVersion(demo, method.id);
    const judged = judgeInClass(demo, method, bundle.items, bundle.household);
    const without = household ? demo.handOut.without : [];
    return {
      option,
      name: demo.name,
      methodName: method.name,
      sets,
      judged,
      may: mayBeTried(judged.allowed),
      household,
      things: linesOfSet(demo, method, items).map(({ itemId, amount, unit }) => ({
        amount: formatAmount(amount, unit),
        name: items.get(itemId)?.name ?? '',
      })),
      conditions: judged.conditions,
      ask: method.prediction?.ask ?? '',
      options: method.prediction?.options ?? [],
      steps: household
        ? linesOf(demo.handOut.steps)
        : method.tasks
            .filter(({ phase }) => phase === 'prepare' || phase === 'perform')
            .map((task) => task.do || task.name),
      mind: method.hazards
        .filter(({ kind }) => !without.includes(kind))
        .map(({ kind, control }) =>
          control ? `${HAZARD_WORDS[kind]}: ${control}` : HAZARD_WORDS[kind],
        ),
      readings: method.results.map(({ name }) => name),
      questions: demo.handOut.questions,
    };
  });
}
