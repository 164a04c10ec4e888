/** A show proposed for a booking, out of one’s own repertoire and the library, worked out away from the page. */
import { proxy } from 'comlink';
import { useMemo } from 'react';
import { blankPerson } from '../../core/brief/blank';
import type { Person, ShowBundle, Slot, Venue } from '../../core/brief/types';
import { hasIt } from '../../core/library/take';
import { bookedShow, type BookingFacts } from '../../core/proposal/booking';
import { NO_FIT_WISHES, type FitWishes } from '../../core/proposal/fits';
import type { Proposal } from '../../core/proposal/propose';
import { plainName } from '../../core/repertoire/plainName';
import { USUAL_MATRIX } from '../../core/repertoire/matrix';
import type { Demo, Item } from '../../core/repertoire/types';
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
  records: ReturnType<typeof useRepertoire>['data'];
}

/** One’s own, and what of the library one doesn’t have yet. Null while it is on its way. */
export function useStockOfDemos(): Stock | null {
  const { data: library } = useLibrary();
  const { data: own } = useRepertoire();
  return useMemo(() => {
    if (!library || !own) return null;
    const others = library.demos.filter(({ id }) => !hasIt(own.demos, id));
    const known = new Set(own.items.map(({ id }) => id));
    const mine = new Set(own.demos.map(({ id }) => id));
    return {
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
  /** The booking, with nothing in it. */
  booking: ShowBundle | null;
  told: ProposalTold | null;
  /** Nothing better is looked for any more. */
  done: boolean;
  /** It is of what is asked now. */
  fresh: boolean;
}

interface Asked {
  facts: BookingFacts | null;
  people: readonly Person[];
  venue: Venue | null;
  /** Demonstrations that were looked at already: others are wanted. */
  shown: ReadonlySet<string>;
  wishes?: FitWishes;
}

const WANTED = 0.9;

export function useProposed(
  stock: Stock | null,
  { facts, people, venue, shown, wishes = NO_FIT_WISHES }: Asked,
): Proposed {
  // What the place is called changes nothing of it.
  const about = useStable(facts && { ...facts, title: '' });
  const booking = useMemo((): ShowBundle | null => {
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
  const { value, fresh } = useWork<{ told: ProposalTold; done: boolean }>(
    booking && stock
      ? (run, tell) =>
          run
            .propose(
              booking,
              stock.demos,
              { records: stock.records?.records ?? [], seen: shown, wanted: WANTED, wishes },
              proxy((told: ProposalTold) => tell({ told, done: false })),
            )
            .then((told) => ({ told, done: true }))
      : null,
    [booking, stock, shown, wishes],
    // It is typed letter by letter.
    350,
  );
  return { booking, told: value?.told ?? null, done: fresh && value?.done === true, fresh };
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
    return {
      ...booking,
      demos: stock.demos.filter(({ id }) => ids.has(id)),
      show: { ...booking.show, slots: [...slots] },
    };
  }, [booking, stock, slots]);
}
