/** Which ways of doing which demonstrations would do for a booking; of the others, why not. */
import type { Bookable } from '../brief/freshSlot';
import { freshSlot } from '../brief/freshSlot';
import type { Person, ShowBundle, Slot } from '../brief/types';
import { methodFactsOf } from '../lineup/recipe';
import { timelineOf } from '../lineup/timelineOf';
import { ringsOf } from '../ready/plan';
import { powerVerdicts } from '../ready/power';
import { roomVerdicts } from '../ready/room';
import type { Verdict } from '../ready/verdict';
import { HAZARD_WORDS } from '../repertoire/hazards';
import { competencesOf, TRAINING_WORDS } from '../repertoire/training';
import type { Demo, Method } from '../repertoire/types';
import { parseClock, sayDuration } from '../time/clock';
import { formatAmount } from '../units/format';
import { counted } from '../words';
import { type FitWishes, NO_FIT_WISHES } from './fitWishes';
import type { FitTold, Obstacle } from './letIn';

export interface Option extends FitTold {
  demo: Demo;
  method: Method;
  /** As it would be booked. */
  slot: Slot;
}

const metres = (value: number): string => formatAmount(Math.round(value * 10) / 10, 'm');

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
      words: `Nobody here is used to ${TRAINING_WORDS[one]}.`,
      remedy: `Say who is used to ${TRAINING_WORDS[one]}`,
    })),
    ...(hands > crew.length
      ? [
          {
            key: 'people',
            lacks: hands - crew.length,
            words: `Takes ${counted(hands, 'person', 'people')}; you are ${crew.length}.`,
            remedy: `${counted(hands - crew.length, 'more person', 'more people')} in the crew`,
          },
        ]
      : []),
  ];
}

/** What would do where a place lacks it. Of what is not here, nothing but another place. */
const ROOM_REMEDY: Readonly<Record<string, string>> = {
  water: 'Bring water in cans',
  drain: 'Bring a bucket with a lid',
  dark: 'Bring cloth for the windows',
  floor: 'Bring boards and wedges',
  wind: 'Find a place out of the wind',
};

/** What the place can’t give. What is not known of it is asked before the show, and keeps nothing out. */
function placeObstacles(alone: ShowBundle): Obstacle[] {
  const timeline = timelineOf(alone);
  const isBad = ({ level }: Pick<Verdict, 'level'>): boolean => level === 'stop' || level === 'fix';
  const { venue } = alone;
  const rings = ringsOf(alone, timeline).flatMap(({ radius, nearest }): Obstacle[] => {
    if (nearest === null || nearest >= radius || venue?.frontRowM == null) return [];
    const lacks = Math.ceil((radius - nearest) * 10) / 10;
    return [
      {
        key: 'distance',
        lacks,
        // Less than what is needed, in its figures too.
        words: `Needs ${metres(radius)} clear; the front row is at ${metres(Math.floor(nearest * 10) / 10)}.`,
        remedy: `Front row back to ${metres(venue.frontRowM + lacks)}`,
      },
    ];
  });
  return [
    ...roomVerdicts(alone)
      .filter(isBad)
      .map(({ key, message }) => {
        const of = key.split(':').at(-1) ?? '';
        return { key: `room:${of}`, words: message, remedy: ROOM_REMEDY[of] ?? '' };
      }),
    ...rings,
    ...powerVerdicts(alone, timeline)
      .filter(isBad)
      .map(({ message }) => ({ key: 'power', words: message, remedy: '' })),
  ];
}

function otherObstacles(
  { demo, method, seconds }: Pick<Option, 'demo' | 'method' | 'seconds'>,
  { show, items, venue }: ShowBundle,
  { without, atHand, where, unsaid }: FitWishes,
): Obstacle[] {
  const slot = parseClock(show.hardFinish) - parseClock(show.start);
  const unwanted = method.hazards.filter(({ kind }) => without.includes(kind));
  const nameOf = (id: string): string => items.find((item) => item.id === id)?.name ?? '';
  const missing = atHand
    ? method.kit.filter(
        ({ itemId, instead }) =>
          ![itemId, ...instead.map((one) => one.itemId)].some((id) => atHand.has(id)),
      )
    : [];
  const elsewhere = where === 'outdoors' ? 'indoors' : 'outdoors';
  return [
    ...(venue === null && where !== null && method.needs.where === elsewhere
      ? [
          {
            key: 'where',
            words: `Only ${elsewhere}: you are ${where}.`,
            remedy: `Go ${elsewhere}`,
          },
        ]
      : []),
    ...(seconds > slot && !unsaid.includes('time')
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
            lacks: demo.ageFrom - show.youngest,
            words: `From ${demo.ageFrom} years; the youngest is ${show.youngest}.`,
            remedy: `Announced from ${demo.ageFrom} years on`,
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
  return {
    demoId: demo.id,
    methodId: method.id,
    demo,
    method,
    slot,
    seconds,
    obstacles: [
      ...otherObstacles({ demo, method, seconds }, bundle, wishes),
      ...(wishes.unsaid.includes('crew') ? [] : peopleObstacles(method, crew)),
      ...(bundle.venue ? placeObstacles(alone) : []),
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
