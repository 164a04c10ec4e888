/** What to ask the host: from what the line-up needs and the venue does not say, each with why, and how it is answered. */
import type { AudienceNeeds, Show, ShowBundle, Venue } from '../../brief/types';
import { kitDemands } from '../../kit/demand';
import { type ResolvedSlot, resolveSlots } from '../../lineup/fromBundle';
import type { Timeline } from '../../lineup/types';
import type { HazardKind } from '../../repertoire/types';
import { formatClock, parseClock, sayDuration } from '../../time/clock';
import { formatAmount, formatTotal } from '../../units/format';
import { dimensionOf } from '../../units/units';
import { listInWords } from '../../words';
import { loadsOf } from '../power';

type Names<T, V> = { [K in keyof T]-?: T[K] extends V ? K : never }[keyof T];
/** Facts of a venue that are yes or no, and those that are a number. */
export type KnownFact = Extract<
  Names<Venue, 'unknown' | 'yes' | 'no'>,
  'water' | 'drain' | 'dark' | 'smokeDetectors' | 'detectorsIsolable' | 'alarmToFireService'
>;
export type NumberFact = Extract<
  Names<Venue, number | null>,
  'ceilingM' | 'frontRowM' | 'airChanges'
>;

/** Where the answer is kept. */
export type AnswerPlace =
  | { of: 'known'; fact: KnownFact }
  | { of: 'number'; fact: NumberFact; unit: string }
  | { of: 'words'; fact: 'emergencyNote' | 'detectorsIsolatedBy' }
  | { of: 'audience'; need: keyof AudienceNeeds }
  | { of: 'youngest' }
  /** The floor, exits and circuits: put in with the venue. */
  | { of: 'venue' }
  /** In words, with the show. */
  | { of: 'show' };

export interface Asked {
  /** The same for the same question, as long as it is asked. */
  key: string;
  ask: string;
  /** What it is needed for; empty for a question of one’s own. */
  why: string;
  /** In words; null while there is none. */
  answer: string | null;
  place: AnswerPlace;
}

interface Around {
  show: Show;
  venue: Venue;
  slots: readonly ResolvedSlot[];
}

/** Names of the demonstrations of which something is so, each once. */
const which = (slots: readonly ResolvedSlot[], is: (of: ResolvedSlot) => boolean): string[] => [
  ...new Set(slots.filter((of) => !of.slot.talk && is(of)).map(({ demo }) => demo.name)),
];

const has =
  (...kinds: HazardKind[]) =>
  ({ method }: ResolvedSlot): boolean =>
    method.hazards.some(({ kind }) => kinds.includes(kind));

/** A question that is asked where something needs the answer. */
function needed(
  needs: readonly string[],
  question: Omit<Asked, 'why'> & { why: (names: string) => string },
): Asked[] {
  return needs.length === 0 ? [] : [{ ...question, why: question.why(listInWords(needs)) }];
}

const known = (
  venue: Venue,
  fact: KnownFact,
  yes: string,
  no: string,
): Pick<Asked, 'answer' | 'place'> => ({
  answer: venue[fact] === 'unknown' ? null : venue[fact] === 'yes' ? yes : no,
  place: { of: 'known', fact },
});

const number = (
  venue: Venue,
  fact: NumberFact,
  unit: 'm' | '' | 'an hour',
): Pick<Asked, 'answer' | 'place'> => {
  const value = venue[fact];
  return {
    answer:
      value === null
        ? null
        : unit === 'm'
          ? formatAmount(value, 'm')
          : [value, unit].join(' ').trim(),
    place: { of: 'number', fact, unit },
  };
};

/** What is poured away of what the show uses up, in words; null for nothing. */
function pouredAway(bundle: ShowBundle): string | null {
  const millilitres = kitDemands(bundle)
    .filter(
      ({ item, line }) =>
        item.kind === 'consumable' && !item.cold && dimensionOf(line.unit) === 'volume',
    )
    .reduce((sum, { base }) => sum + base, 0);
  return millilitres < 100 ? null : formatTotal(Math.round(millilitres / 100) * 100, 'volume');
}

function roomQuestions(bundle: ShowBundle, { venue, slots }: Around): Asked[] {
  const poured = pouredAway(bundle);
  const drains = which(slots, ({ method }) => method.needs.drain);
  return [
    ...needed(
      which(slots, ({ method }) => method.needs.water),
      {
        key: 'water',
        ask: 'Is there a tap?',
        why: (names) => `For ${names}.`,
        ...known(venue, 'water', 'There is a tap', 'No tap'),
      },
    ),
    ...(drains.length > 0 || poured !== null
      ? [
          {
            key: 'drain',
            ask: 'Is there a drain?',
            why: [
              poured === null ? '' : `About ${poured} to pour away.`,
              drains.length > 0
                ? `${listInWords(drains)} ${drains.length > 1 ? 'need' : 'needs'} one.`
                : '',
            ]
              .filter(Boolean)
              .join(' '),
            ...known(venue, 'drain', 'There is a drain', 'No drain'),
          },
        ]
      : []),
    ...needed(
      which(slots, ({ method }) => method.needs.dark),
      {
        key: 'dark',
        ask: 'Can it be made dark?',
        why: (names) => `For ${names}.`,
        ...known(venue, 'dark', 'It can be dark', 'Not dark'),
      },
    ),
    ...needed(venue.outdoors ? [] : which(slots, ({ method }) => method.needs.ceilingM !== null), {
      key: 'ceiling',
      ask: 'How high is it above the stage?',
      why: (names) =>
        `${names}: ${Math.max(...slots.map(({ method }) => method.needs.ceilingM ?? 0))} m needed.`,
      ...number(venue, 'ceilingM', 'm'),
    }),
    ...needed(
      which(slots, ({ method }) => (method.needs.clearM ?? 0) > 0),
      {
        key: 'frontRow',
        ask: 'How far from the stage is the front row?',
        why: (names) =>
          `${names}: up to ${Math.max(...slots.map(({ method }) => method.needs.clearM ?? 0))} m kept clear.`,
        ...number(venue, 'frontRowM', 'm'),
      },
    ),
    ...needed(
      venue.outdoors
        ? []
        : which(slots, has('cryogen', 'asphyxiant', 'toxicVapour', 'smoke', 'carbonMonoxide')),
      {
        key: 'air',
        ask: 'How often is the air of the room changed?',
        why: (names) => `For the air with ${names}.`,
        ...number(venue, 'airChanges', 'an hour'),
      },
    ),
    {
      key: 'stage',
      ask: 'How wide and how deep is the stage?',
      why: 'For where everything stands.',
      answer:
        venue.stageWidthM === null || venue.stageDepthM === null
          ? null
          : `${venue.stageWidthM} by ${venue.stageDepthM} m`,
      place: { of: 'venue' },
    },
    ...needed(
      which(slots, ({ method }) => method.needs.levelFloor),
      {
        key: 'floor',
        ask: 'Is the floor level?',
        why: (names) => `For ${names}.`,
        answer: venue.floor === 'unknown' ? null : `It is ${venue.floor}`,
        place: { of: 'venue' },
      },
    ),
  ];
}

function fireQuestions({ venue, slots }: Around): Asked[] {
  const burning = which(slots, has('openFlame', 'flammableVapour', 'smoke', 'hot'));
  const smoking = venue.outdoors ? [] : which(slots, has('openFlame', 'smoke'));
  const detectors = venue.smokeDetectors;
  return [
    ...needed(smoking, {
      key: 'detectors',
      ask: 'Are there smoke detectors?',
      why: (names) => `${names} could set them off.`,
      ...known(venue, 'smokeDetectors', 'There are smoke detectors', 'No smoke detectors'),
    }),
    ...needed(detectors === 'yes' ? smoking : [], {
      key: 'isolated',
      ask: 'Can they be switched off for the show?',
      why: (names) => `${names} could set them off.`,
      ...known(
        venue,
        'detectorsIsolable',
        'They can be switched off',
        'They can’t be switched off',
      ),
    }),
    ...needed(detectors === 'yes' && venue.detectorsIsolable === 'yes' ? smoking : [], {
      key: 'isolatedBy',
      ask: 'Who switches them off, and when?',
      why: () => 'Nobody else may.',
      answer: venue.detectorsIsolatedBy || null,
      place: { of: 'words', fact: 'detectorsIsolatedBy' },
    }),
    ...needed(detectors === 'yes' ? smoking : [], {
      key: 'alarm',
      ask: 'Does the alarm call the fire service by itself?',
      why: () => 'It is told beforehand, then.',
      ...known(venue, 'alarmToFireService', 'It calls the fire service', 'It calls nobody'),
    }),
    ...(burning.length > 0 ? [{ key: 'extinguishers', burning }] : []).map(
      ({ key, burning: names }): Asked => ({
        key,
        ask: 'Where do the extinguishers hang?',
        why: `Looked at before ${listInWords(names)}.`,
        answer: null,
        place: { of: 'show' },
      }),
    ),
    {
      key: 'emergency',
      ask: 'Where are first aid and the meeting place?',
      why: 'For whoever calls for help.',
      answer: venue.emergencyNote || null,
      place: { of: 'words', fact: 'emergencyNote' },
    },
    {
      key: 'exits',
      ask: 'Where are the ways out?',
      why: 'Nothing may stand in them.',
      answer: listInWords(venue.exits.map(({ name }) => name)) || null,
      place: { of: 'venue' },
    },
  ];
}

function powerQuestions(bundle: ShowBundle, timeline: Timeline, { venue }: Around): Asked[] {
  // All of it on one circuit: which there are is what is asked.
  const one = { id: 'any', name: '', watts: Infinity };
  const [load] = loadsOf({ ...bundle, venue: { ...venue, circuits: [one] } }, timeline);
  const peak = load?.peak ?? 0;
  if (peak === 0) return [];
  return [
    {
      key: 'circuits',
      ask: 'Which power circuits are there, and how strong is each?',
      why: `${Math.round(peak)} W at once at the most.`,
      answer: venue.circuits.map(({ name, watts }) => `${name} ${watts} W`).join(', ') || null,
      place: { of: 'venue' },
    },
  ];
}

function peopleQuestions({ show }: Around): Asked[] {
  const need = (of: keyof AudienceNeeds, ask: string, why: string): Asked => ({
    key: of,
    ask,
    why,
    answer: { unknown: null, yes: 'Somebody does', no: 'Nobody does' }[show.audienceNeeds[of]],
    place: { of: 'audience', need: of },
  });
  return [
    {
      key: 'youngest',
      ask: 'How old is the youngest?',
      why: 'Limits for sound and light follow it.',
      answer: show.youngest === null ? null : `${show.youngest} years`,
      place: { of: 'youngest' },
    },
    need('hearing', 'Does somebody hear with difficulty?', 'Each bang is said before it.'),
    need('sight', 'Does somebody see with difficulty?', 'A place in the first row.'),
    need(
      'movement',
      'Does somebody move with difficulty?',
      'Wheelchairs have places by the way out.',
    ),
  ];
}

/** Setting up takes longer than there is: seconds that are missing. */
function earlier({ show }: Around, shortBy: number): Asked[] {
  if (shortBy <= 0) return [];
  const wanted = Math.floor((parseClock(show.arrival) - shortBy) / 300) * 300;
  return [
    {
      key: 'earlier',
      ask: `Could we come in at ${formatClock(Math.max(0, wanted))}?`,
      why: `Setting up takes ${sayDuration(Math.ceil(shortBy / 60) * 60)} longer than there is.`,
      answer: null,
      place: { of: 'show' },
    },
  ];
}

/**
 * Those without an answer first, else in their order. Without a venue there is nobody to ask: then only what is asked of
 * the show itself. `shortBy`: seconds by which setting up takes longer than there is.
 */
export function hostQuestions(bundle: ShowBundle, timeline: Timeline, shortBy: number): Asked[] {
  const { show, venue } = bundle;
  const slots = resolveSlots(bundle);
  const around = venue && { show, venue, slots };
  const derived = around
    ? [
        ...earlier(around, shortBy),
        ...roomQuestions(bundle, around),
        ...fireQuestions(around),
        ...powerQuestions(bundle, timeline, around),
        ...peopleQuestions(around),
      ]
    : [];
  const kept = new Map(show.questions.map((one) => [one.id, one]));
  const asked = derived.map((one): Asked => {
    const own = one.place.of === 'show' ? kept.get(one.key) : undefined;
    return own?.answer ? { ...one, answer: own.answer } : one;
  });
  const keys = new Set(derived.map(({ key }) => key));
  const own = show.questions
    .filter(({ id }) => !keys.has(id) && !DERIVED.has(id))
    .map(({ id, ask, answer }): Asked => ({
      key: id,
      ask,
      why: '',
      answer: answer || null,
      place: { of: 'show' },
    }));
  const all = [...asked, ...own];
  return [
    ...all.filter(({ answer }) => answer === null),
    ...all.filter(({ answer }) => answer !== null),
  ];
}

/** Asked by themselves as long as something needs them; their answers are kept under these names. */
const DERIVED: ReadonlySet<string> = new Set(['earlier', 'extinguishers']);
