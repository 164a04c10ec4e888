/** What is believed of a method’s chance before, and after, it was tried: as others of its family, until it has a record of its own. */
import type { Tries } from '../chance/spares';

/** A beta distribution. */
export interface Belief {
  alpha: number;
  beta: number;
}

/** Goes of its own that count as much as what is believed before the first. */
export const PRIOR_GOES = 4;

/** Before anything at all was counted: taken to be, not measured. */
const USUAL: Tries = { worked: 4, failed: 1 };

/** `family`: goes of the other methods of its family. Conjugate updating of a beta prior. */
export function beliefFrom({ worked, failed }: Tries, family: Tries | undefined): Belief {
  const seen = {
    worked: USUAL.worked + (family?.worked ?? 0),
    failed: USUAL.failed + (family?.failed ?? 0),
  };
  const share = seen.worked / (seen.worked + seen.failed);
  return { alpha: PRIOR_GOES * share + worked, beta: PRIOR_GOES * (1 - share) + failed };
}
