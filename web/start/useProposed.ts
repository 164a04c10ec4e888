/** A show proposed for a booking, out of one’s own repertoire and the library, worked out away from the page. */
import { proxy } from 'comlink';
import { useMemo } from 'react';
import { blankPerson } from '../../core/brief/blank';
import type { Person, ShowBundle, Slot, Venue } from '../../core/brief/types';
import { hasIt } from '../../core/library/take';
import { bookedShow, type BookingFacts } from '../../core/proposal/booking';
import { NO_FIT_WISHES, type FitWishes } from '../../core/proposal/fitWishes';
import type { Proposal } from '../../core/proposal/propose';
import { plainName } from '../../core/repertoire/plainName';
import { USUAL_MATRIX } from '../../core/repertoire/matrix';
import type { Item } from '../../core/repertoire/item';
import type { Demo } from '../../core/repertoire/types';
import { HOUSEHOLD } from '../../core/units/household';
import { useLibrary, usePeople, useRepertoire, useVenues } from '../app/data';
import { useWork } from '../lineup/useWork';
import { useStable } from '../parts/stable';
import type { ProposalTold } from '../workers/lineup.worker';

/** Everything that a show can be chosen from. */
export interface Stock {
  demos: Demo[];
  items: Item[];
  /** Whether it is one’s own, or still the library’s. */
  isOwn: (demoId: string) => boolean;
  /** Ids of things that lie in the store today, the library’s by their names. */
  atHand: ReadonlySet<string>;
  records: ReturnType<typeof useRepertoire>['data'];
}

/** One’s own, and what of the library one doesn’t have yet. Null while it is on its way. */
export function useStockOfDemos(enabled = true): Stock | null {
  const { data: library } = useLibrary(enabled);
  const { data: own } = useRepertoire(enabled);
  return useMemo(() => {
    if (!library || !own) return null;
    const others = library.demos.filter(({ id }) => !hasIt(own.demos, id));
    const known = new Set(own.items.map(({ id }) => id));
    const mine = new Set(own.demos.map(({ id }) => id));
    const there = new Set(own.atHand);
    const names = new Set(
      own.items.flatMap(({ id, name }) => (there.has(id) ? plainName(name) : [])),
    );
    return {
      atHand: new Set([
        ...there,
        ...library.items.flatMap(({ id, name }) => (names.has(plainName(name)) ? id : [])),
      ]),
      demos: [...own.demos, ...others],
      items: [...own.items, ...library.items.filter(({ id }) => !known.has(id))],
      isOwn: (id) => mine.has(id),
      records: own,
    };
  }, [library, own]);
}

/** People and a place by their names: those that are known, else as if nothing were known of them. */
export function useNamed(
  names: readonly string[],
  place: string,
): { people: Person[]; venue: Venue | null } {
  const { data: people } = usePeople();
  const { data: venues } = useVenues();
  const key = names.join('\n');
  return useMemo(() => {
    const all = key === '' ? [] : key.split('\n');
    const found = all.map((name, i): Person => {
      const known = people?.find((one) => plainName(one.name) === plainName(name));
      return known ?? blankPerson(`new-${i}`, name);
    });
    const wanted = plainName(place);
    const venue = venues?.find(({ name }) => plainName(name) === wanted) ?? null;
    return { people: found.length > 0 ? found : [blankPerson('me', 'Me')], venue };
  }, [key, place, people, venues]);
}

export interface Proposed {
  told: ProposalTold | null;
  /** Nothing better is looked for any more. */
  done: boolean;
  /** It is of what is asked now. */
  fresh: boolean;
}

const WANTED = 0.9;

/** A booking out of a sentence, with nothing in it; null while something of it is not known. */
export function useBooking(
  stock: Stock | null,
  facts: BookingFacts | null,
  people: readonly Person[],
  venue: Venue | null,
): ShowBundle | null {
  // What the place is called changes nothing of it.
  const about = useStable(facts && { ...facts, title: '' });
  return useMemo((): ShowBundle | null => {
    if (!about || !stock) return null;
    const show = {
      ...bookedShow('proposed', about),
      venueId: venue?.id ?? null,
      crew: people.map(({ id }) => id),
    };
    return {
      show,
      venue,
      people: [...people],
      demos: [],
      items: stock.items,
      household: HOUSEHOLD,
      riskMatrix: USUAL_MATRIX,
    };
  }, [about, people, venue, stock]);
}

interface Asked {
  /** Demonstrations that were seen already: others are wanted. */
  seen: ReadonlySet<string>;
  wishes?: FitWishes;
}

/** What is chosen for a booking; slots that are in it stay. Null asks for nothing. */
export function useProposed(
  booking: ShowBundle | null,
  stock: Stock | null,
  { seen, wishes = NO_FIT_WISHES }: Asked,
): Proposed {
  const { value, fresh } = useWork<{ told: ProposalTold; done: boolean }>(
    booking && stock
      ? (run, tell) =>
          run
            .propose(
              booking,
              stock.demos,
              { records: stock.records?.records ?? [], seen, wanted: WANTED, wishes },
              proxy((told: ProposalTold) => tell({ told, done: false })),
            )
            .then((told) => ({ told, done: true }))
      : null,
    [booking, stock, seen, wishes],
    // It is typed letter by letter.
    350,
  );
  return { told: value?.told ?? null, done: fresh && value?.done === true, fresh };
}

/** The booking with these slots in it, as it would be planned. */
export function useProposedBundle(
  booking: ShowBundle | null,
  stock: Stock | null,
  proposal: Pick<Proposal, 'slots'> | null,
): ShowBundle | null {
  const slots = useStable<readonly Slot[] | null>(proposal?.slots ?? null);
  return useMemo(() => {
    if (!booking || !stock || !slots) return null;
    const ids = new Set(slots.map(({ demoId }) => demoId));
    const there = new Set(booking.demos.map(({ id }) => id));
    const others = stock.demos.filter(({ id }) => !there.has(id));
    return {
      ...booking,
      demos: [...booking.demos, ...others].filter(({ id }) => ids.has(id)),
      show: { ...booking.show, slots: [...slots] },
    };
  }, [booking, stock, slots]);
}
