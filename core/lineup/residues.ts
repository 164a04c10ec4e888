import type { ResidueKind } from '../repertoire/types';

/** What a residue is called in a sentence. */
export const RESIDUE_WORDS: Record<ResidueKind, string> = {
  water: 'water',
  foam: 'slippery foam',
  vapour: 'flammable vapour',
  oxygen: 'oxygen',
  smoke: 'smoke',
  debris: 'glass or brittle bits',
  heat: 'heat',
  charge: 'charge',
  darkness: 'darkness',
};
