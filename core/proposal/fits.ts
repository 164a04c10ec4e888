/** Which ways of doing which demonstrations would do for a booking; of the others, why not, and what would let them in. */
import type { Bookable } from '../brief/freshSlot';
import { freshSlot } from '../brief/freshSlot';
import type { Person, ShowBundle, Slot } from '../brief/types';
import { methodFactsOf } from '../lineup/recipe';
import { timelineOf } from '../lineup/timelineOf';
import { distanceVerdicts } from '../ready/plan';
import { powerVerdicts } from '../ready/power';
import { roomVerdicts } from '../ready/room';
import type { Verdict } from '../ready/verdict';
import { HAZARD_WORDS } from '../repertoire/hazards';
import type { Competence, Demo, Method } from '../repertoire/types';
import { parseClock, sayDuration } from '../time/clock';
import { counted } from '../words';
import { type FitWishes, NO_FIT_WISHES } from './fitWishes';

export interface Obstacle {
  /** The same for what is mended by the same. */
  key: string;
  /** “Needs 6 m of height; the ceiling is at 3.6 m.” */
  words: string;
  /** What would let it in: “Front row back to 4 m”; empty where nothing would. */
  remedy: string;
}

export interface Option {
  demo: Demo;
  method: Method;
  /** As it would be booked. */
  slot: Slot;
  /** As written, on stage. */
  seconds: number;
  /** None where it would do. */
  obstacles: Obstacle[];
}

export const COMPETENCE_NEEDS: Readonly<Record<Competence, string>> = {
  cryogen: 'cold liquids',
  flame: 'open flames',
  highVoltage: 'high voltage',
  driver: 'driving',
  firstAid: 'first aid',
};

const competencesOf = (method: Method, role: 'performer' | 'helper' | 'anyone'): Competence[] => [
  ...new Set(
    method.tasks.flatMap(({ hands }) =>
      hands.flatMap((hand) =>
        hand.role === role && hand.competence !== null ? [hand.competence] : [],
      ),
    ),
  ),
];

/** The first of the crew who may do what its performer has to; the first of all where nobody may. */
function performerFor(method: Method, crew: readonly Person[]): string | null {
  const needed = competencesOf(method, 'performer');
  const able = crew.find(({ competences }) => needed.every((one) => competences.includes(one)));
  return (able ?? crew[0])?.id ?? null;
}

function peopleObstacles(method: Method, crew: readonly Person[]): Obstacle[] {
  const hands = Math.max(
    1,
    ...method.tasks.map(({ hands: all }) => all.reduce((sum, { count }) => sum + count, 0)),
  );
  const lacking = (['performer', 'helper', 'anyone'] as const)
    .flatMap((role) => competencesOf(method, role))
    .filter((one) => crew.every(({ competences }) => !competences.includes(one)));
  return [
    ...[...new Set(lacking)].map((one) => ({
      key: `competence:${one}`,
      words: `Nobody here is used to ${COMPETENCE_NEEDS[one]}.`,
      remedy: `Say who is used to ${COMPETENCE_NEEDS[one]}`,
    })),
    ...(hands > crew.length
      ? [
          {
            key: `people:${hands}`,
            words: `Takes ${counted(hands, 'person', 'people')}; you are ${crew.length}.`,
            remedy: `${counted(hands - crew.length, 'more person', 'more people')} in the crew`,
          },
        ]
      : []),
  ];
}

/** What the place can’t give. What is not known of it is asked before the show, and keeps nothing out. */
const placeObstacles = (verdicts: readonly Verdict[]): Obstacle[] =>
  verdicts
    .filter(({ level }) => level === 'stop' || level === 'fix')
    .map(({ key, kind, message, remedy }) => ({
      key: kind === 'room' ? `room:${key.split(':').at(-1) ?? ''}` : kind,
      words: message,
      remedy: remedy.replace(/\.$/, ''),
    }));

function otherObstacles(
  { demo, method, seconds }: Pick<Option, 'demo' | 'method' | 'seconds'>,
  { show, items }: ShowBundle,
  { without, atHand }: FitWishes,
): Obstacle[] {
  const slot = parseClock(show.hardFinish) - parseClock(show.start);
  const unwanted = method.hazards.filter(({ kind }) => without.includes(kind));
  const nameOf = (id: string): string => items.find((item) => item.id === id)?.name ?? '';
  const missing = atHand
    ? method.kit.filter(({ itemId, instead }) => ![itemId, ...instead].some((id) => atHand.has(id)))
    : [];
  return [
    ...(seconds > slot
      ? [
          {
            key: 'time',
            words: `Takes ${sayDuration(seconds)}; the slot is ${sayDuration(slot)}.`,
            remedy: '',
          },
        ]
      : []),
    ...(show.youngest !== null && show.youngest < demo.ageFrom
      ? [
          {
            key: 'age',
            words: `From ${demo.ageFrom} years; the youngest is ${show.youngest}.`,
            remedy: '',
          },
        ]
      : []),
    ...unwanted.map(({ kind }) => ({
      key: `hazard:${kind}`,
      words: `${HAZARD_WORDS[kind]}: you said none.`,
      remedy: `Allow ${HAZARD_WORDS[kind].toLowerCase()}`,
    })),
    ...(missing.length > 0
      ? [
          {
            key: 'kit',
            words: `Not in the store: ${missing
              .slice(0, 2)
              .map(({ itemId }) => nameOf(itemId))
              .join(', ')}${missing.length > 2 ? ` and ${missing.length - 2} more` : ''}.`,
            remedy: 'Use what is not in the store yet',
          },
        ]
      : []),
  ];
}

/** One way of doing one demonstration, held against the booking by itself. */
function optionOf(
  bundle: ShowBundle,
  demo: Demo,
  method: Method,
  wishes: FitWishes,
): Option | null {
  const crew = bundle.show.crew.flatMap(
    (id) => bundle.people.find((person) => person.id === id) ?? [],
  );
  const bookable: Bookable = { ...demo, methods: [method] };
  const fresh = freshSlot(bundle.show, bookable, `${demo.id}/${method.id}`.slice(0, 64));
  if (!fresh) return null;
  const slot = { ...fresh, performerId: performerFor(method, crew) };
  const seconds = methodFactsOf(method).show;
  const alone: ShowBundle = { ...bundle, show: { ...bundle.show, slots: [slot] }, demos: [demo] };
  const timeline = timelineOf(alone);
  return {
    demo,
    method,
    slot,
    seconds,
    obstacles: [
      ...otherObstacles({ demo, method, seconds }, bundle, wishes),
      ...peopleObstacles(method, crew),
      ...(bundle.venue
        ? placeObstacles([
            ...roomVerdicts(alone),
            ...distanceVerdicts(alone, timeline),
            ...powerVerdicts(alone, timeline),
          ])
        : []),
    ],
  };
}

/** Every way of doing every demonstration, in their order. `bundle` names all things that they need. */
export const optionsFor = (
  bundle: ShowBundle,
  demos: readonly Demo[],
  wishes: FitWishes = NO_FIT_WISHES,
): Option[] =>
  demos.flatMap((demo) =>
    demo.methods.flatMap((method) => optionOf(bundle, demo, method, wishes) ?? []),
  );

export interface LetIn {
  remedy: string;
  /** Demonstrations that nothing else keeps out. */
  more: number;
}

/** What would let most in, the most first: each by itself. Demonstrations that do already count for nothing. */
export function whatLetsIn(options: readonly Option[]): LetIn[] {
  const fits = new Set(
    options.flatMap(({ demo, obstacles }) => (obstacles.length === 0 ? [demo.id] : [])),
  );
  const by = new Map<string, { remedy: string; demos: Set<string> }>();
  for (const { demo, obstacles } of options) {
    const keys = new Set(obstacles.map(({ key }) => key));
    const [only] = obstacles;
    if (fits.has(demo.id) || keys.size !== 1 || !only || only.remedy === '') continue;
    const known = by.get(only.key) ?? { remedy: only.remedy, demos: new Set<string>() };
    known.demos.add(demo.id);
    by.set(only.key, known);
  }
  return [...by.values()]
    .map(({ remedy, demos }) => ({ remedy, more: demos.size }))
    .sort((a, b) => b.more - a.more);
}
