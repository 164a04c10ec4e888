import type { ItemKind } from '../repertoire/types';

export const ITEM_KIND_WORDS: Record<ItemKind, string> = {
  equipment: 'Equipment',
  consumable: 'Consumable',
  gear: 'Protective gear',
};
