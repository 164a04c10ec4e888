/** Everything that keeps a risk assessment a draft. */
import type { ShowBundle } from '../../brief/types';
import { resolveSlots } from '../../lineup/fromBundle';
import { HAZARD_WORDS } from '../../repertoire/hazards';
import type { Item } from '../../repertoire/item';
import type { Readiness } from '../go';
import { lowerFirst } from '../../words';
import { DAY_FIGURES, type Verdict } from '../verdict';
import type { OpenQuestion } from './types';

const fromVerdict = ({ title, message, remedy, place }: Verdict): OpenQuestion => ({
  what: `${title}: ${message}`,
  remedy,
  when: place?.page === 'ready' && place.part === 'figures' ? 'day' : 'desk',
  place,
});

function unrated(bundle: ShowBundle): OpenQuestion[] {
  const seen = new Set<string>();
  return resolveSlots(bundle).flatMap(({ demo, method }) => {
    if (seen.has(`${demo.id} ${method.id}`)) return [];
    seen.add(`${demo.id} ${method.id}`);
    return method.hazards
      .filter(({ before, after }) => before === null || after === null)
      .map(({ kind, before }): OpenQuestion => ({
        what: `${demo.name}: ${lowerFirst(HAZARD_WORDS[kind])} is not rated ${before === null ? 'before' : 'after'} its control.`,
        remedy: 'Rate how likely and how bad it is, without the control and with it.',
        when: 'desk',
        place: { page: 'demo', id: demo.id, methodId: method.id, part: 'hazards' },
      }));
  });
}

function emergency({ show, venue, people }: ShowBundle): OpenQuestion[] {
  const crew = people.filter(({ id }) => show.crew.includes(id));
  return [
    ...(venue?.emergencyNumber.trim()
      ? []
      : [
          {
            what: 'Which number to call in an emergency is not known.',
            remedy: 'Ask the venue, and put it in.',
            when: 'desk' as const,
            place: venue ? { page: 'venue' as const, id: venue.id } : { page: 'brief' as const },
          },
        ]),
    ...(crew.some(({ competences }) => competences.includes('firstAid'))
      ? []
      : [
          {
            what: 'Nobody of the crew is trained in first aid.',
            remedy: 'Bring somebody who is, or put in who of the crew is.',
            when: 'desk' as const,
            place: { page: 'people' as const, id: crew[0]?.id ?? '' },
          },
        ]),
  ];
}

/** What is open of a show, what stops it first, what only the day can answer last. */
export function openQuestions(
  bundle: ShowBundle,
  { state }: Readiness,
  unlabelled: readonly Item[],
): OpenQuestion[] {
  const nothing = bundle.show.slots.every(({ talk }) => talk !== null);
  const open: OpenQuestion[] = [
    ...(nothing
      ? [
          {
            what: 'No demonstration is in the line-up yet.',
            remedy: 'Plan the show first.',
            when: 'desk' as const,
            place: { page: 'lineup' as const },
          },
        ]
      : []),
    ...[...state.stop, ...state.fix, ...state.unknown].map(fromVerdict),
    ...emergency(bundle),
    ...unrated(bundle),
    ...unlabelled.map((item): OpenQuestion => ({
      what: `${item.name}: what its label says is not known.`,
      remedy: 'Copy signal word and hazard statements from the supplier’s label.',
      when: 'desk',
      place: { page: 'item', id: item.id },
    })),
    ...state.open.map((check): OpenQuestion => ({
      what: `Check: ${check.title.replace(/[.]+$/, '')}.`,
      remedy: '',
      when: 'day',
      place: DAY_FIGURES,
    })),
  ];
  const of = (when: OpenQuestion['when']): OpenQuestion[] =>
    open.filter((one) => one.when === when);
  return [...of('desk'), ...of('day')];
}
