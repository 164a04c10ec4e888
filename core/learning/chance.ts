/** Which goes the plan counts for the chance of a method: those of the record, or those that somebody keeps to. */
import type { Tries } from '../chance/spares';
import type { Method } from '../repertoire/types';

interface Told {
  worked: number;
  partly: number;
  failed: number;
}

/** What the plan goes by: what is kept to, before the record, before what was counted earlier. A go that partly worked did not. */
export function triesOf(
  { chance, priorWorked, priorFailed }: Pick<Method, 'chance' | 'priorWorked' | 'priorFailed'>,
  known: Told | undefined,
): Tries {
  if (chance) return { worked: chance.worked, failed: chance.failed };
  return known
    ? { worked: known.worked, failed: known.failed + known.partly }
    : { worked: priorWorked, failed: priorFailed };
}
