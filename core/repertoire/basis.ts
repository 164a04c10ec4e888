/** How many times over what a kit line names is wanted, by what it is counted for. */
import type { KitLine, Method } from './types';

type Counted = Pick<KitLine, 'basis'>;
type Crowd = Pick<Method, 'volunteers'>;

interface Goes {
  planned: number;
  spare: number;
}

/** On the day of the show. */
export function timesOnTheDay(
  { basis }: Counted,
  { volunteers }: Crowd,
  audience: number,
  { planned, spare }: Goes,
): number {
  switch (basis) {
    case 'perShow':
    case 'perDay':
      return 1;
    case 'perGo':
      return planned + spare;
    case 'perVolunteer':
      return volunteers;
    case 'perHead':
      return audience;
  }
}

/** How many of its equipment a slot has in hand while it is on: spare sets lie ready in the wings. */
export const inHand = (
  line: Counted,
  slot: { goes: number },
  method: Crowd,
  audience: number,
): number => timesOnTheDay(line, method, audience, { planned: slot.goes, spare: 0 });
