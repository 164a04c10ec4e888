/** What was agreed with the host: the booking itself, who comes, what they need. */
import type { AudienceNeeds, ShowBundle } from '../brief/types';
import { resolveSlots } from '../lineup/fromBundle';
import type { HazardKind } from '../repertoire/types';
import { listInWords } from '../words';
import { type Verdict, verdict } from './verdict';

const KIND = 'booking' as const;
const SOURCE = 'what the host was asked';
const BRIEF = { page: 'brief' as const };

const agreedVerdict = ({ show }: ShowBundle): Verdict[] =>
  show.agreed
    ? []
    : [
        verdict({
          key: 'booking:agreed',
          kind: KIND,
          level: 'fix',
          title: 'The booking',
          message: 'It is not agreed with the host yet.',
          remedy: 'Agree date, times, room and audience, and say so in the brief.',
          source: SOURCE,
          place: BRIEF,
        }),
      ];

/** How old the youngest is, and what is made for older ones. */
function ageVerdicts(bundle: ShowBundle): Verdict[] {
  const { youngest } = bundle.show;
  if (youngest === null)
    return [
      verdict({
        key: 'booking:youngest',
        kind: KIND,
        level: 'unknown',
        title: 'The audience',
        message: 'How old the youngest is is not known: limits for sound and light follow it.',
        remedy: 'Ask the host, and put it into the brief.',
        source: SOURCE,
        place: BRIEF,
      }),
    ];
  return resolveSlots(bundle).flatMap(({ slot, demo }): Verdict[] =>
    slot.talk !== null || demo.ageFrom <= youngest
      ? []
      : [
          verdict({
            key: `booking:age:${slot.id}`,
            kind: KIND,
            level: 'watch',
            title: demo.name,
            message: `Made for ${demo.ageFrom} years and older; the youngest is ${youngest}.`,
            remedy: 'Say it more simply, keep the youngest farther off, or leave it out.',
            figure: `${youngest} years`,
            limit: `${demo.ageFrom} years`,
            source: 'the demo’s own ages, and the brief',
            slotIds: [slot.id],
            place: BRIEF,
          }),
        ],
  );
}

const NEED_WORDS: Record<keyof AudienceNeeds, string> = {
  hearing: 'who hears with difficulty',
  sight: 'who sees with difficulty',
  movement: 'who moves with difficulty',
};

interface Following {
  need: keyof AudienceNeeds;
  /** Hazards that it matters for; null for every show. */
  kinds: readonly HazardKind[] | null;
  message: (names: string) => string;
  remedy: string;
}

/** What follows from a need that somebody has. */
const FOLLOWS: readonly Following[] = [
  {
    need: 'hearing',
    kinds: ['highVoltage', 'strongMagnet'],
    message: (names) => `Hearing aids and implants are disturbed by ${names}.`,
    remedy: 'Places away from it for who wears them, told before it begins.',
  },
  {
    need: 'hearing',
    kinds: ['loud'],
    message: (names) => `Hearing aids make ${names} louder.`,
    remedy: 'Tell them before it, in time to turn the aid down or off.',
  },
  {
    need: 'hearing',
    kinds: null,
    message: () => 'Somebody hears with difficulty: warnings by voice alone do not reach them.',
    remedy:
      'A place in front, the face lit, warnings shown too; ask for the loop or an interpreter.',
  },
  {
    need: 'sight',
    kinds: null,
    message: () => 'Somebody sees with difficulty: what is only shown does not reach them.',
    remedy: 'Say what happens as it happens; something to touch beforehand; warnings by name.',
  },
  {
    need: 'movement',
    kinds: null,
    message: () => 'Somebody moves with difficulty: they are not out of the room in a moment.',
    remedy:
      'Places by an exit on the level, not within a clear distance; who helps them out is named.',
  },
];

function needVerdicts(bundle: ShowBundle): Verdict[] {
  const { audienceNeeds } = bundle.show;
  const slots = resolveSlots(bundle);
  const names = Object.keys(NEED_WORDS) as (keyof AudienceNeeds)[];
  const unasked = names.filter((name) => audienceNeeds[name] === 'unknown');
  const open =
    unasked.length === 0
      ? []
      : [
          verdict({
            key: 'booking:needs',
            kind: KIND,
            level: 'unknown',
            title: 'The audience',
            message: `Nobody has asked ${listInWords(unasked.map((name) => NEED_WORDS[name]))}.`,
            remedy: 'Ask the host, and put it into the brief.',
            source: SOURCE,
            place: BRIEF,
          }),
        ];
  const follows = FOLLOWS.flatMap(({ need, kinds, message, remedy }, i): Verdict[] => {
    if (audienceNeeds[need] !== 'yes') return [];
    const concerned = slots.filter(
      ({ method }) => kinds === null || method.hazards.some(({ kind }) => kinds.includes(kind)),
    );
    if (concerned.length === 0) return [];
    return [
      verdict({
        key: `booking:needs:${need}:${i}`,
        kind: KIND,
        level: 'watch',
        title: 'The audience',
        message: message(listInWords(concerned.map(({ demo }) => demo.name))),
        remedy,
        source: 'common practice; those concerned know best',
        slotIds: kinds === null ? [] : concerned.map(({ slot }) => slot.id),
        place: BRIEF,
      }),
    ];
  });
  return [...open, ...follows];
}

/** Nothing is asked for an empty line-up. */
export const bookingVerdicts = (bundle: ShowBundle): Verdict[] =>
  bundle.show.slots.length === 0
    ? []
    : [...agreedVerdict(bundle), ...ageVerdicts(bundle), ...needVerdicts(bundle)];
