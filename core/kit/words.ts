import type { ItemKind } from '../repertoire/item';

export const ITEM_KIND_WORDS: Record<ItemKind, string> = {
  equipment: 'Equipment',
  consumable: 'Consumable',
  gear: 'Protective gear',
};
