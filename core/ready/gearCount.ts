/** Whether there is gear enough for everybody who wears it at once. */
import type { ShowBundle } from '../brief/types';
import { resolveSlots, type ResolvedSlot } from '../lineup/fromBundle';
import type { Timeline } from '../lineup/types';
import type { Item } from '../repertoire/item';
import { dimensionOf, toBase } from '../units/units';
import { counted, lowerFirst } from '../words';
import { gearPlans } from './gear';
import { placedTasks, wornAt } from './hazards/protects';
import { type Verdict, verdict } from './verdict';

const plain = (word: string): string =>
  word
    .toLowerCase()
    .replace(/[^a-z ]/g, '')
    .replace(/s\b/g, '')
    .trim();

/** A word of a step and a thing of the kit that mean the same: one is within the other. */
const means = (word: string, { name }: Item): boolean => {
  const [a, b] = [plain(word), plain(name)];
  return a !== '' && (b.includes(a) || a.includes(b));
};

/** The most people who wear one word of gear at a moment of a slot. */
function wearersAtOnce(
  bundle: ShowBundle,
  timeline: Timeline,
  resolved: ResolvedSlot,
  word: string,
): number {
  // What is worn for another slot is in the kit of that one.
  const alone = { ...bundle, show: { ...bundle.show, slots: [resolved.slot] } };
  const plans = gearPlans(alone, timeline);
  const moments = placedTasks(resolved, timeline).map(({ placed }) => placed.start);
  const volunteers =
    resolved.method.volunteers > 0 &&
    resolved.method.volunteerCard.gear.some((one) => plain(one) === plain(word))
      ? resolved.method.volunteers
      : 0;
  return (
    volunteers +
    Math.max(
      0,
      ...moments.map(
        (at) =>
          bundle.show.crew.filter((id) =>
            wornAt(plans, id, at).some((one) => plain(one) === plain(word)),
          ).length,
      ),
    )
  );
}

export const gearCountVerdicts = (bundle: ShowBundle, timeline: Timeline): Verdict[] =>
  resolveSlots(bundle).flatMap((resolved) => {
    const { slot, demo, method } = resolved;
    const words = [
      ...new Set([
        ...method.tasks.flatMap(({ gearOn }) => gearOn),
        ...(method.volunteers > 0 ? method.volunteerCard.gear : []),
      ]),
    ];
    const seen = new Set<string>();
    return words.flatMap((word): Verdict[] => {
      if (seen.has(plain(word))) return [];
      seen.add(plain(word));
      const lines = method.kit.flatMap((line) => {
        const item = bundle.items.find(({ id }) => id === line.itemId);
        return item?.kind === 'gear' && means(word, item) ? [{ line, item }] : [];
      });
      const wanted = wearersAtOnce(bundle, timeline, resolved, word);
      const there = lines.reduce(
        (sum, { line }) =>
          sum +
          (dimensionOf(line.unit) === 'count' ? toBase(line.amount, line.unit) : 1) *
            (line.basis === 'perVolunteer' || line.basis === 'perVolunteerGo'
              ? method.volunteers
              : 1),
        0,
      );
      if (wanted <= there) return [];
      return [
        verdict({
          key: `gear:${slot.id}:${plain(word)}`,
          kind: 'hazard',
          level: 'fix',
          title: demo.name,
          slotIds: [slot.id],
          message:
            lines.length === 0
              ? `${word} are worn, and there are none in its kit.`
              : `${counted(wanted, 'person wears', 'people wear')} ${lowerFirst(word)} at once, and its kit has ${there}.`,
          remedy: 'Put one for each into the kit.',
          figure: `${there} of ${wanted}`,
          limit: 'one for each who wears it then',
          source: 'the method’s steps and its kit',
          place: { page: 'demo', id: demo.id, methodId: method.id, part: 'kit' },
        }),
      ];
    });
  });
