import type { KitEntry } from './kit';

const KIND_WORDS = { equipment: 'Equipment', consumable: 'Consumable', gear: 'Protective gear' };

/** The kit list as rows of text, the heading first. */
export function kitTable(entries: readonly KitEntry[]): string[][] {
  return [
    ['Kind', 'Item', 'Amount', 'For', 'How it came about', 'Notes'],
    ...entries.map((entry) => [
      KIND_WORDS[entry.kind],
      entry.name,
      `${entry.approximate ? 'about ' : ''}${entry.text}`,
      [...new Set(entry.parts.map((part) => part.demoName))].join('; '),
      entry.how,
      [...new Set(entry.parts.map((part) => part.note).filter(Boolean)), entry.clash ?? '']
        .filter(Boolean)
        .join('; '),
    ]),
  ];
}
