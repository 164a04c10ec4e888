/** One verdict for each hazard of a slot, and one for what nobody has gone through. */
import type { ShowBundle } from '../../brief/types';
import { type ResolvedSlot, resolveSlots } from '../../lineup/fromBundle';
import type { Timeline } from '../../lineup/types';
import { HAZARD_WORDS } from '../../repertoire/hazards';
import { RISK_LEVEL_WORDS, riskLevel } from '../../repertoire/matrix';
import type { Hazard } from '../../repertoire/types';
import { listInWords, lowerFirst, upperFirst } from '../../words';
import { isolated } from '../isolated';
import { type Verdict, verdict, worseFirst } from '../verdict';
import { type Finding, findingsOf } from './answers';
import { becauseInWords, suggestions } from './suggest';

const SOURCE = 'common practice; the supplier’s sheet, the venue and local rules come first';

const isOpen = (found: Finding): found is Exclude<Finding, { answered: string }> => 'open' in found;

/** The last of these: a kind that is there twice, as hot plate and hot water, is judged and waived apart. */
function keyOf({ slot }: ResolvedSlot, upTo: readonly Hazard[]): string {
  const kind = upTo.at(-1)?.kind ?? '';
  const nth = upTo.filter((one) => one.kind === kind).length;
  return ['hazard', slot.id, kind, ...(nth > 1 ? [nth] : [])].join(':');
}

function hazardVerdict(
  bundle: ShowBundle,
  timeline: Timeline,
  resolved: ResolvedSlot,
  hazard: Hazard,
  key: string,
): Verdict {
  const found = findingsOf({ bundle, timeline, resolved, hazard });
  const open = found.filter(isOpen);
  const answered = found.flatMap((one) =>
    isOpen(one) || one.answered === '' ? [] : [one.answered],
  );
  const remaining = hazard.after && riskLevel(hazard.after, bundle.riskMatrix);
  const shared = {
    key,
    kind: 'hazard' as const,
    title: resolved.demo.name,
    slotIds: [resolved.slot.id],
    source: SOURCE,
    figure: answered.join('; '),
  };
  const name = HAZARD_WORDS[hazard.kind];
  if (open.length > 0) {
    const [worst] = open
      .map((one) => ({ ...one, level: one.level ?? ('unknown' as const) }))
      .sort(worseFirst);
    const remedy = [...new Set(open.map((one) => one.remedy))].join('; ');
    return verdict({
      ...shared,
      level: worst?.level ?? 'unknown',
      message: `${name}: ${listInWords(open.map((one) => one.open))}.`,
      remedy: `${upperFirst(remedy)}.`,
      limit: 'what answers this hazard',
      place: worst?.place ?? null,
    });
  }
  if (remaining === 'high' || remaining === 'extreme')
    return verdict({
      ...shared,
      level: remaining === 'extreme' ? 'stop' : 'fix',
      message: `${name}: the remaining risk is rated ${RISK_LEVEL_WORDS[remaining]}.`,
      remedy: 'Better controls, a weaker method, or leave it out.',
      limit: 'remaining risk medium at the most',
      place: {
        page: 'demo',
        id: resolved.demo.id,
        methodId: resolved.method.id,
        part: 'hazards',
      },
    });
  return verdict({
    ...shared,
    level: 'ok',
    message: `${name}: ${answered.join('; ')}.`,
    limit: 'what answers this hazard',
  });
}

/** Hazards nobody has said yes or no to. */
function openVerdict(bundle: ShowBundle, resolved: ResolvedSlot): Verdict[] {
  const { demo, method, slot } = resolved;
  if (slot.talk) return [];
  const open = suggestions(method, bundle.items);
  if (method.hazardsReviewed && open.length === 0) return [];
  const named = listInWords(
    open.map((one) => `${lowerFirst(HAZARD_WORDS[one.kind])} (${becauseInWords(one)})`),
  );
  return [
    verdict({
      key: `hazards:${slot.id}`,
      kind: 'hazard',
      level: 'unknown',
      title: demo.name,
      slotIds: [slot.id],
      message: method.hazardsReviewed
        ? `Perhaps a hazard too: ${named}.`
        : `Nobody has gone through it for hazards.${named === '' ? '' : ` Perhaps: ${named}.`}`,
      remedy: method.hazardsReviewed
        ? 'Take each on, or say why it is not there.'
        : 'Go through it step by step, list what could hurt, and say that it is done.',
      limit: 'every method gone through for hazards',
      source: SOURCE,
      place: { page: 'demo', id: demo.id, methodId: method.id, part: 'hazards' },
    }),
  ];
}

export const hazardVerdicts = (bundle: ShowBundle, timeline: Timeline): Verdict[] =>
  resolveSlots(bundle).flatMap((resolved) =>
    isolated(
      {
        key: `hazards:${resolved.slot.id}`,
        kind: 'hazard',
        title: resolved.demo.name,
        slotIds: [resolved.slot.id],
      },
      () => [
        ...openVerdict(bundle, resolved),
        ...resolved.method.hazards.map((hazard, i, all) =>
          hazardVerdict(bundle, timeline, resolved, hazard, keyOf(resolved, all.slice(0, i + 1))),
        ),
      ],
    ),
  );
