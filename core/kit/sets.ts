import { atLeast } from '../chance/atLeast';
import type { SideBySide, Slot } from '../brief/types';
import { triesOf } from '../learning/chance';
import type { ReadingTold } from '../readings/record';
import { goesFor, seenToWork } from '../chance/spares';
import type { Method } from '../repertoire/types';
import { counted } from '../words';

/** What is known of how often a method works. */
export interface KnownRecord {
  demoId: string;
  methodId: string;
  worked: number;
  partly: number;
  failed: number;
  /** What was read at its goes. */
  readings?: readonly ReadingTold[];
}

export interface Sets {
  planned: number;
  spare: number;
  /** Chance of at least one success with all of them. */
  chance: number;
  /** “3 sets: 1 planned, 2 spare, 97 % to see it work at least once”. */
  words: string;
}

/** Rounded down, and never said to be certain. */
const percent = (share: number): string => `${Math.min(99, Math.floor(share * 100 + 1e-9))} %`;

/** Of several set off as one: spare sets stand in for what does not come off, and nothing is done again. */
function besideSets(
  goes: number,
  { kind, stations, spares }: SideBySide,
  tries: { worked: number; failed: number },
): Sets {
  const count = stations.length;
  const chance = atLeast(count, count + spares, tries);
  const extra = spares > 0 ? `, ${counted(spares, 'spare set')}` : '';
  const all =
    kind === 'finale' && tries.worked + tries.failed > 0
      ? `; all come off in ${percent(chance)}`
      : '';
  return {
    planned: goes,
    spare: 0,
    chance,
    words: `${count} side by side${extra}${all}`,
  };
}

/**
 * How many sets of what one go uses are brought: the planned goes, and spares until the wanted chance is
 * reached or no further go is allowed.
 */
export function setsOf(
  slot: Pick<Slot, 'goes' | 'again' | 'demoId' | 'sideBySide'>,
  method: Pick<Method, 'id' | 'goesAllowed' | 'priorWorked' | 'priorFailed' | 'chance'>,
  records: readonly KnownRecord[],
  wantedChance: number,
): Sets {
  const known = records.find((r) => r.demoId === slot.demoId && r.methodId === method.id);
  const tries = triesOf(method, known);
  if (slot.sideBySide) return besideSets(slot.goes, slot.sideBySide, tries);
  const allowed = Math.max(slot.goes, method.goesAllowed);
  const all = Math.max(slot.goes, goesFor(tries, wantedChance / 100, allowed));
  const spare = all - slot.goes;
  const chance = seenToWork(tries, all);
  const tried = tries.worked + tries.failed;
  const because =
    tried === 0
      ? `not tried yet, so as many as are allowed`
      : `${percent(chance)} to see it work at least once`;
  const short =
    tried > 0 && chance < wantedChance / 100
      ? `; ${Math.round(wantedChance)} % would take more goes than the ${method.goesAllowed} allowed`
      : '';
  const idle =
    spare > slot.again
      ? `; the line-up moves on after ${counted(slot.goes + slot.again, 'go', 'goes')}`
      : '';
  return {
    planned: slot.goes,
    spare,
    chance,
    words: `${counted(all, 'set')}: ${slot.goes} planned, ${spare} spare, ${because}${short}${idle}`,
  };
}
