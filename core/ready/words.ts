/** Words that several verdicts and checks share. */
import type { Extinguisher } from '../repertoire/care';

export const EXTINGUISHER_WORDS: Record<Extinguisher, string> = {
  none: 'nothing',
  water: 'water extinguisher',
  foam: 'foam extinguisher',
  carbonDioxide: 'carbon dioxide extinguisher',
  powder: 'powder extinguisher',
  blanket: 'fire blanket',
  sand: 'bucket of sand',
};
