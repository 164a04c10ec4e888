/** What a proposed order is better for, in words. */
import { formatDuration } from '../../time/clock';
import { counted, listInWords } from '../../words';
import { namesOf } from '../names';
import type { Gap, LineupInput, Timeline } from '../types';
import type { Objective } from './objective';

/** Slots that moved against the others: all but the longest run that kept its sequence. */
export function movedSlots(from: readonly string[], to: readonly string[]): string[] {
  // Longest increasing subsequence of the old places, in the new order.
  const places = to.map((id) => from.indexOf(id));
  const best = places.map((place) => [place]);
  places.forEach((place, i) => {
    for (let k = 0; k < i; k++)
      if ((places[k] ?? 0) < place && (best[k]?.length ?? 0) + 1 > (best[i]?.length ?? 0))
        best[i] = [...(best[k] ?? []), place];
  });
  const kept = new Set(best.reduce((a, b) => (b.length > a.length ? b : a), []));
  return to.filter((id) => !kept.has(from.indexOf(id)));
}

/** “Table drying” runs while Slow-falling magnet is on: −1:20, for a wait that has gone or is shorter. */
function waitWords(input: LineupInput, gap: Gap, after: Timeline): string[] {
  const names = namesOf(input);
  const now = after.gaps.find((other) => other.slot === gap.slot)?.seconds ?? 0;
  const by = gap.seconds - now;
  if (by < WORTH_TELLING.deadAir) return [];
  // The last of its tasks is what was in the way.
  const blocker = gap.tasks.at(-1);
  const placed = after.tasks.find((t) => t.slot === blocker?.slot && t.task === blocker.task);
  if (!blocker || !placed)
    return [`no wait before ${names.slot(gap.slot)}: ${formatDuration(-by)}`];
  const meanwhile = after.blocks.filter(
    (block) => block.slot !== blocker.slot && block.start < placed.end && block.end > placed.start,
  );
  const task = `“${names.task(blocker)}”`;
  if (meanwhile.length === 0)
    return [`${task} is no longer in the way of ${names.slot(gap.slot)}: ${formatDuration(-by)}`];
  const what = listInWords(meanwhile.map((block) => names.slot(block.slot)));
  return [
    `${task} is done while ${what} ${meanwhile.length > 1 ? 'are' : 'is'} on: ${formatDuration(-by)}`,
  ];
}

/** A smaller change of one part is not told of: seconds, points of energy squared, and whole numbers. */
const WORTH_TELLING: Record<keyof Objective, number> = {
  conflicts: 1,
  late: 5,
  deadAir: 5,
  arc: 0.5,
  repeats: 1,
  total: Infinity,
};

interface Judged {
  order: readonly string[];
  objective: Objective;
  timeline: Timeline;
}

/** What it is better for in all, which waits go and why, and what each slot that moved gains by it. */
export function reasonsFor(
  input: LineupInput,
  before: Judged,
  after: Judged,
  /** The objective of the proposal with one slot put back among the others; null while there is no time. */
  without: ((slot: string) => Objective) | null,
): string[] {
  const names = namesOf(input);
  const reasons: string[] = [];
  const less = (
    [from, to]: readonly [Objective, Objective],
    part: keyof Objective,
    words: (by: number) => string,
  ): string[] =>
    from[part] - to[part] >= WORTH_TELLING[part] ? [words(from[part] - to[part])] : [];
  const parts = (pair: readonly [Objective, Objective]): string[] => [
    ...less(pair, 'conflicts', (by) => `${counted(by, 'conflict')} less`),
    ...less(pair, 'late', (by) => `on average ${formatDuration(by)} less past the hard finish`),
    ...less(pair, 'deadAir', (by) => `${formatDuration(by)} less dead air`),
    ...less(pair, 'arc', () => 'the energy runs nearer to the arc'),
    ...less(
      pair,
      'repeats',
      (by) => `${counted(by, 'pair')} less of like demonstrations side by side`,
    ),
  ];
  reasons.push(...parts([before.objective, after.objective]));
  reasons.push(...before.timeline.gaps.flatMap((gap) => waitWords(input, gap, after.timeline)));
  for (const id of without ? movedSlots(before.order, after.order) : []) {
    const gains = parts([without?.(id) ?? after.objective, after.objective]);
    const where = `${names.slot(id)} moves from ${before.order.indexOf(id) + 1} to ${after.order.indexOf(id) + 1}`;
    reasons.push(gains.length > 0 ? `${where}: ${gains.join(', ')}` : where);
  }
  return reasons;
}
