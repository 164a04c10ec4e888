import { useMemo } from 'react';
import type { Person, ShowBundle } from '../../core/brief/types';
import { bookedShow } from '../../core/proposal/booking';
import { type FitWishes, NO_FIT_WISHES } from '../../core/proposal/fitWishes';
import {
  inSetting,
  NOTHING_SAID,
  type Setting,
  settingOf,
  unsaidOf,
} from '../../core/proposal/setting';
import { USUAL_MATRIX } from '../../core/repertoire/matrix';
import { HOUSEHOLD } from '../../core/units/household';
import { withKept } from '../brief/useShow';
import { zoneHere } from '../brief/dates';
import { useWork } from '../lineup/useWork';
import { useStable } from '../parts/stable';
import { firstSentence, namesOf } from '../start/sentence';
import { type Stock, useNamed } from '../start/useProposed';
import type { FitsTold } from '../workers/lineup.worker';
import { useBrowsing } from './browsing';
import { type Said, type SaidFaults, saidFaults, saidOf, settingSaid } from './said';

export interface Asked {
  said: Said;
  faults: SaidFaults;
  /** Null while one of its gaps is wrong. */
  setting: Setting | null;
  /** As the show says it itself: nothing was said over it. */
  asItIs: boolean;
  wishes: FitWishes;
  /** Empty, in that setting; null while something of it is not known. */
  booking: ShowBundle | null;
  /** Who would perform it: oneself, where nobody was said. */
  people: readonly Person[];
}

/** A show of which nothing is said yet. */
function nothingBooked(): ShowBundle {
  const { date, start } = firstSentence();
  const facts = { title: '', date, start, minutes: 60, audience: 60, youngest: null };
  return {
    show: { ...bookedShow('browsed', { ...facts, zone: zoneHere() }), crew: [] },
    venue: null,
    people: [],
    demos: [],
    items: [],
    household: HOUSEHOLD,
    riskMatrix: USUAL_MATRIX,
  };
}

/** What is asked on the page of demonstrations, over what a show says; null for none. */
export function useAsked(show: ShowBundle | null, stock: Stock | null): Asked {
  const { said: over, without, inHouse } = useBrowsing();
  const base = useMemo(() => show ?? nothingBooked(), [show]);
  const own = useMemo(() => (show ? settingOf(show) : NOTHING_SAID), [show]);
  const said = useMemo(() => ({ ...saidOf(own), ...over }), [own, over]);
  const { people: named } = useNamed(namesOf(said.crew), '');
  const people = useStable<readonly Person[]>(named);
  const setting = useStable(useMemo(() => settingSaid(said, people), [said, people]));
  const atHand = inHouse ? (stock?.atHand ?? null) : null;
  const wishes = useMemo(
    () => ({ ...NO_FIT_WISHES, ...unsaidOf(setting ?? NOTHING_SAID), without, atHand }),
    [setting, without, atHand],
  );
  const booking = useMemo(
    () =>
      setting && stock
        ? { ...inSetting(base, setting), items: withKept(base.items, stock.items) }
        : null,
    [base, setting, stock],
  );
  const asItIs = Object.keys(over).length === 0 && without.length === 0 && !inHouse;
  return { said, faults: saidFaults(said), setting, asItIs, wishes, booking, people };
}

/** The same as it can be put in order: somebody has to perform it. */
export function forMe({ booking, wishes, people }: Asked): Pick<Asked, 'booking' | 'wishes'> {
  const crew = people.map(({ id }) => id);
  return {
    booking: booking && {
      ...booking,
      people: withKept(booking.people, people),
      show: { ...booking.show, crew },
    },
    wishes: { ...wishes, unsaid: [] },
  };
}

export interface Fits {
  /** Null while it is not known, or where nothing keeps any out. */
  told: FitsTold | null;
  isLooking: boolean;
}

/** Which of all there is would do, and why the others would not. */
export function useFits({ booking, wishes, setting }: Asked, stock: Stock | null): Fits {
  const demos = stock?.demos;
  const isAsked =
    // While something is being typed, what was known stays.
    setting === null ||
    wishes.without.length > 0 ||
    wishes.atHand !== null ||
    [setting?.minutes, setting?.where, setting?.youngest, setting?.crew].some((one) => one != null);
  const { value, fresh } = useWork<FitsTold>(
    booking && demos && isAsked ? (run) => run.fits(booking, demos, wishes) : null,
    [booking, demos, wishes, isAsked],
    // It is typed letter by letter.
    250,
  );
  return { told: isAsked ? value : null, isLooking: isAsked && setting !== null && !fresh };
}
