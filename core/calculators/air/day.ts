/** The air of a room over a day in which several gases are let into it. */
import { CARBON_DIOXIDE_OUTDOORS, OXYGEN_IN_AIR } from '../constants';
import { BREATHED, type Room, shareAfter } from './overTime';

/** Gas that is let go at a moment. */
export interface LetGo {
  /** Seconds; any zero, the same for all. */
  at: number;
  /** m³. */
  volume: number;
  /** What of it is carbon dioxide, and what oxygen: 0 to 1. */
  dioxide: number;
  oxygen: number;
}

/** What goes on evenly: what boils away by itself, and who breathes. */
export interface Ongoing {
  from: number;
  until: number;
  /** m³/h. */
  volume: number;
  dioxide: number;
  people: number;
}

export interface Air {
  at: number;
  /** Per cent by volume. */
  oxygen: number;
  dioxide: number;
}

interface State {
  /** Per cent of the room that is gas let in, that is carbon dioxide or oxygen of it, or breathed out. */
  gas: number;
  dioxide: number;
  oxygen: number;
  breathed: number;
}

const airOf = ({ gas, dioxide, oxygen, breathed }: State, at: number): Air => ({
  at,
  // Who breathes takes as much oxygen as they give carbon dioxide.
  oxygen: Math.max(0, OXYGEN_IN_AIR * (1 - gas / 100) + oxygen - breathed),
  dioxide: CARBON_DIOXIDE_OUTDOORS * (1 - gas / 100) + dioxide + breathed,
});

/**
 * The air just after every change, and at the end. Each gas follows the closed form of a single one; they
 * thin each other, and none of them settles.
 *
 * @throws RangeError on a room of no volume, and on negative volumes
 */
export function airOverDay(
  room: Room,
  lets: readonly LetGo[],
  ongoing: readonly Ongoing[],
  until: number,
): Air[] {
  const times = [
    ...new Set([
      ...lets.map(({ at }) => at),
      ...ongoing.flatMap(({ from, until: end }) => [from, end]),
      until,
    ]),
  ].sort((a, b) => a - b);
  let state: State = { gas: 0, dioxide: 0, oxygen: 0, breathed: 0 };
  const found: Air[] = [];
  times.forEach((at, i) => {
    const before = times[i - 1];
    if (before !== undefined) {
      const on = ongoing.filter((one) => one.from <= before && before < one.until);
      const steady = on.reduce((sum, one) => sum + one.volume, 0);
      const dioxide = on.reduce((sum, one) => sum + one.volume * one.dioxide, 0);
      const breath = on.reduce((sum, one) => sum + one.people * BREATHED, 0);
      const hours = (at - before) / 3600;
      const after = (first: number, rate: number, released: number): number =>
        shareAfter(room, { once: 0, steady: rate }, { first, fresh: 0, released }, hours);
      state = {
        gas: after(state.gas, steady, 100),
        dioxide: after(state.dioxide, steady, steady > 0 ? (dioxide / steady) * 100 : 0),
        oxygen: after(state.oxygen, steady, 0),
        breathed: after(state.breathed, breath, 100),
      };
      found.push(airOf(state, at));
    }
    for (const one of lets.filter((gas) => gas.at === at)) {
      const pushed = Math.min(1, one.volume / room.volume);
      const mixed = (share: number, of: number): number => share * (1 - pushed) + of * 100 * pushed;
      state = {
        gas: mixed(state.gas, 1),
        dioxide: mixed(state.dioxide, one.dioxide),
        oxygen: mixed(state.oxygen, one.oxygen),
        breathed: mixed(state.breathed, 0),
      };
      found.push(airOf(state, at));
    }
  });
  return found;
}
