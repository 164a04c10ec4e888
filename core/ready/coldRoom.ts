/** The room's air, should all the cold liquid of a show be let go at once. */
import type { ShowBundle } from '../brief/types';
import { coldBudget } from '../kit/cold/budget';
import { coldPlanOf } from '../kit/cold/plan';
import { type KitOptions, kitDemands } from '../kit/demand';
import type { Timeline } from '../lineup/types';
import { coldInRoom } from '../calculators/air/coldInRoom';
import { evaluateChecked } from '../calculators/evaluate';
import { resolveInputs } from '../calculators/bind';
import { formatAmount } from '../units/format';
import { lowerFirst } from '../words';
import { FACT_WORDS, dayFactsOf } from './facts';
import { type Verdict, verdict } from './verdict';

/** All the cold liquid of the show let go at once in the room, and what people breathe out: the worst. */
export function coldRoomVerdicts(
  bundle: ShowBundle,
  timeline: Timeline,
  options: KitOptions = {},
): Verdict[] {
  const kinds = [...new Set(kitDemands(bundle, options).map(({ item }) => item))].filter(
    (item) => item.cold !== null,
  );
  return kinds.flatMap((item): Verdict[] => {
    const budget = coldBudget(bundle, timeline, coldPlanOf(bundle.show, item), options);
    if (!budget || !item.cold) return [];
    const amount = budget.fetched / 1000;
    const { values, missing } = resolveInputs(
      coldInRoom,
      [
        { input: 'kind', from: 'choice', ref: item.cold, value: null },
        { input: 'spilled', from: 'fixed', ref: '', value: amount },
        { input: 'boiling', from: 'fixed', ref: '', value: 0 },
        { input: 'minutes', from: 'fixed', ref: '', value: Math.max(1, timeline.end / 60) },
      ],
      { settings: [], facts: dayFactsOf(bundle) },
    );
    const shared = {
      key: `cold-room:${item.id}`,
      kind: 'combination' as const,
      title: item.name,
      slotIds: budget.draws.map((draw) => draw.slotId),
    };
    if (missing.length > 0)
      return [
        verdict({
          ...shared,
          level: 'unknown',
          message: `Whether there is air enough is not known: ${missing.map((fact) => FACT_WORDS[fact]).join(', ')}.`,
          remedy: 'Put it in with the venue, or measure it.',
        }),
      ];
    const evaluated = evaluateChecked(coldInRoom, values);
    if (!evaluated.ok)
      return [
        verdict({
          ...shared,
          level: 'unknown',
          message: `Whether there is air enough can’t be calculated: ${Object.values(evaluated.faults).join('; ')}.`,
          remedy: 'Correct it with the venue, or with how the cold liquid is fetched.',
        }),
      ];
    const { level, message, figure, limit, source, remedy, steps } = evaluated.assessment;
    const all = formatAmount(Math.round(amount * 100) / 100, item.cold === 'nitrogen' ? 'L' : 'kg');
    return [
      verdict({
        ...shared,
        level,
        message: `If all ${all} were let go at once: ${lowerFirst(message)}`,
        figure,
        limit,
        source,
        remedy,
        steps,
      }),
    ];
  });
}
