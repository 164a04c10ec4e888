/** Why a show was proposed as it is, in a few sentences. */
import type { ShowBundle } from '../brief/types';
import { RESIDUE_WORDS } from '../lineup/residues';
import { resolveSlots } from '../lineup/fromBundle';
import type { Timeline } from '../lineup/types';
import { formatDuration } from '../time/clock';
import { listInWords, ordinal } from '../words';

const LOUD = 4;

/** What is true of the order: how it begins and ends, dead air, what had to be before what, who has to be there. */
export function whyProposed(
  bundle: ShowBundle,
  { deadAir }: Pick<Timeline, 'deadAir'>,
  { seen = new Set<string>() }: { seen?: ReadonlySet<string> } = {},
): string[] {
  const slots = resolveSlots(bundle);
  const [first] = slots;
  const last = slots.at(-1);
  if (!first || !last) return [];
  const ends = slots.length > 1 ? `, ${last.demo.name} last` : '';
  const opens =
    first.demo.energy >= LOUD
      ? `Opens loud with ${first.demo.name}`
      : `Opens with ${first.demo.name}`;
  const quiet = deadAir < 1 ? 'no dead air' : `dead air ${formatDuration(deadAir)}`;
  const volunteers = slots.flatMap(({ method }, i) =>
    method.volunteers > 0 ? [ordinal(i + 1)] : [],
  );
  const after = slots.flatMap(({ demo, method }, i) => {
    const kind = method.forbids.find((one) =>
      slots.slice(i + 1).some((later) => later.method.leaves.some((left) => left.kind === one)),
    );
    return kind ? [`${demo.name} while there is no ${RESIDUE_WORDS[kind]}.`] : [];
  });
  const again = slots.flatMap(({ demo }) => (seen.has(demo.id) ? demo.name : []));
  return [
    `${opens}${ends}, ${quiet}.`,
    ...after.slice(0, 1),
    ...(volunteers.length > 0
      ? [`${volunteers.length === 1 ? 'A volunteer' : 'Volunteers'} ${listInWords(volunteers)}.`]
      : []),
    ...(seen.size === 0
      ? []
      : again.length === 0
        ? ['Nothing they saw last time.']
        : [`They have seen ${listInWords(again)} before.`]),
  ];
}

/** What the chosen ones need of a place of which nobody has said whether it has it. */
export function stillToAsk(bundle: ShowBundle): string[] {
  const { venue } = bundle;
  const needs = resolveSlots(bundle).map(({ method }) => method.needs);
  const most = (figures: (number | null)[]): number =>
    Math.max(0, ...figures.flatMap((one) => one ?? []));
  const ceiling = most(needs.map(({ ceilingM }) => ceilingM));
  const clear = most(needs.map(({ clearM }) => clearM));
  const unknown = (known: string | undefined): boolean =>
    known === undefined || known === 'unknown';
  return [
    ...(ceiling > 0 && (venue?.ceilingM ?? null) === null && !venue?.outdoors
      ? [`${ceiling} m of height`]
      : []),
    ...(clear > 0 && (venue?.frontRowM ?? null) === null ? [`${clear} m to the front row`] : []),
    ...(needs.some(({ water }) => water) && unknown(venue?.water) ? ['water'] : []),
    ...(needs.some(({ dark }) => dark) && unknown(venue?.dark)
      ? ['whether it can be darkened']
      : []),
    ...(needs.some(({ powerW }) => powerW !== null) && (venue?.circuits.length ?? 0) === 0
      ? ['power']
      : []),
  ];
}
