/** What a show names and is not there: nothing of it can be judged, and none of it is passed over. */
import type { ShowBundle } from '../brief/types';
import { lostSlots, resolveSlots } from '../lineup/fromBundle';
import { type Verdict, verdict } from './verdict';

const lost = (
  of: Pick<Verdict, 'key' | 'title' | 'message' | 'remedy'> & Partial<Verdict>,
): Verdict => verdict({ kind: 'caution', level: 'fix', ...of });

const slotVerdicts = (bundle: ShowBundle): Verdict[] =>
  lostSlots(bundle).map((slot) =>
    lost({
      key: `lost:${slot.id}`,
      title: `Slot ${bundle.show.slots.indexOf(slot) + 1}`,
      message: 'Its demo is gone, or can’t be read: nothing of it is planned, packed or checked.',
      remedy: 'Remove it from the line-up, or bring its demo back.',
      slotIds: [slot.id],
    }),
  );

/** One for each demo whose kit names an item that is not there. */
function kitVerdicts(bundle: ShowBundle): Verdict[] {
  const there = new Set(bundle.items.map(({ id }) => id));
  return resolveSlots(bundle).flatMap(({ slot, demo, method }) =>
    method.kit.every(({ itemId }) => there.has(itemId))
      ? []
      : [
          lost({
            key: `lost-kit:${slot.id}`,
            title: demo.name,
            message:
              'Something of its kit is gone from the store, or can’t be read: it is neither packed nor checked.',
            remedy: 'Take its line out of the kit, or bring the item back.',
            slotIds: [slot.id],
          }),
        ],
  );
}

/** True when the kit list leaves nothing out that the show names. */
export const kitIsWhole = (bundle: ShowBundle): boolean =>
  lostSlots(bundle).length + kitVerdicts(bundle).length === 0;

function peopleVerdicts({ show, people }: ShowBundle): Verdict[] {
  const there = new Set(people.map(({ id }) => id));
  return show.crew
    .filter((id) => !there.has(id))
    .map((id) =>
      lost({
        key: `lost-person:${id}`,
        title: 'The crew',
        message: 'Somebody is gone, or can’t be read: they are given nothing to do.',
        remedy: 'Take them out of the brief, or bring them back.',
      }),
    );
}

const venueVerdicts = ({ show, venue }: ShowBundle): Verdict[] =>
  show.venueId === null || venue
    ? []
    : [
        lost({
          key: 'lost-venue',
          title: 'The venue',
          message: 'It is gone, or can’t be read: nothing of its room is known.',
          remedy: 'Choose a venue in the brief, or bring this one back.',
        }),
      ];

/** Of kit, crew and venue; slots without their demo are told by `lostSlots`. */
export const lostBesides = (bundle: ShowBundle): Verdict[] => [
  ...kitVerdicts(bundle),
  ...peopleVerdicts(bundle),
  ...venueVerdicts(bundle),
];

export const lostVerdicts = (bundle: ShowBundle): Verdict[] => [
  ...slotVerdicts(bundle),
  ...lostBesides(bundle),
];
