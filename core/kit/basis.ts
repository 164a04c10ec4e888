import type { Slot } from '../brief/types';
import type { KitLine, Method } from '../repertoire/types';
import { counted } from '../words';

/** How many times over a kit line is wanted, and how that is said. */
export function timesWanted(
  line: Pick<KitLine, 'basis'>,
  { slot, method }: { slot: Pick<Slot, 'goes'>; method: Pick<Method, 'volunteers'> },
  audience: number,
): { factor: number; words: string } {
  switch (line.basis) {
    case 'perShow':
      return { factor: 1, words: 'for the show' };
    case 'perGo':
      return { factor: slot.goes, words: `per go × ${counted(slot.goes, 'go', 'goes')}` };
    case 'perVolunteer':
      return {
        factor: method.volunteers,
        words: `per volunteer × ${counted(method.volunteers, 'volunteer')}`,
      };
    case 'perHead':
      return { factor: audience, words: `each × ${counted(audience, 'head')}` };
  }
}
