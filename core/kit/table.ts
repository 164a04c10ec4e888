import type { KitEntry } from './kit';

const KIND_WORDS = { equipment: 'Equipment', consumable: 'Consumable', gear: 'Protective gear' };

/**
 * A cell that a spreadsheet would run as a formula gets an apostrophe before it, which spreadsheets
 * show as plain text.
 */
const plain = (cell: string): string => (/^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell);

/** The kit list as rows of text, the heading first. */
export function kitTable(entries: readonly KitEntry[]): string[][] {
  return [
    ['Kind', 'Item', 'Amount', 'For', 'How it came about', 'Notes'],
    ...entries.map((entry) => [
      KIND_WORDS[entry.kind],
      plain(entry.name),
      `${entry.approximate ? 'about ' : ''}${entry.text}`,
      plain([...new Set(entry.parts.map((part) => part.demoName))].join('; ')),
      plain(entry.how),
      plain(
        [...new Set(entry.parts.map((part) => part.note).filter(Boolean)), entry.clash ?? '']
          .filter(Boolean)
          .join('; '),
      ),
    ]),
  ];
}
