/** How many times over what a kit line names is wanted, by what it is counted for. */
import type { KitLine, Method } from './types';

type Counted = Pick<KitLine, 'basis' | 'groupOf'>;
type Crowd = Pick<Method, 'volunteers'>;

interface Goes {
  planned: number;
  spare: number;
}

/** Groups of so many in an audience; what is left over is a group of its own. */
export const groupsOf = ({ groupOf }: Pick<KitLine, 'groupOf'>, heads: number): number =>
  Math.ceil(heads / Math.max(1, groupOf ?? 1));

/** On the day of the show. */
export function timesOnTheDay(
  line: Counted,
  { volunteers }: Crowd,
  audience: number,
  { planned, spare }: Goes,
): number {
  switch (line.basis) {
    case 'perShow':
    case 'perDay':
      return 1;
    case 'perGo':
      return planned + spare;
    case 'perVolunteer':
      return volunteers;
    case 'perVolunteerGo':
      return volunteers * (planned + spare);
    case 'perHead':
      return audience;
    case 'perGroup':
      return groupsOf(line, audience);
  }
}

/** Whether spare sets are of it: what is used at each go, and not once for all of them. */
export const isPerGo = ({ basis }: Pick<KitLine, 'basis'>): boolean =>
  basis === 'perGo' || basis === 'perVolunteerGo';

/** As much of it as is brought: of a range, the most. */
export const amountBrought = ({ amount, most }: Pick<KitLine, 'amount' | 'most'>): number =>
  most ?? amount;

/** Of what is brought, the share that is used: of a range, the middle. */
export const shareUsed = ({ amount, most }: Pick<KitLine, 'amount' | 'most'>): number =>
  most === null ? 1 : (amount + most) / (2 * most);

/** How many of its equipment a slot has in hand while it is on: spare sets lie ready in the wings. */
export const inHand = (
  line: Counted,
  slot: { goes: number },
  method: Crowd,
  audience: number,
): number => timesOnTheDay(line, method, audience, { planned: slot.goes, spare: 0 });
