import { ITEM_KIND_WORDS } from './words';
import type { KitEntry } from './kit';

/** The kit list as rows of text, the heading first. */
export function kitTable(entries: readonly KitEntry[]): string[][] {
  return [
    ['Kind', 'Item', 'Amount', 'For', 'How it came about', 'Sets', 'Instead', 'Notes'],
    ...entries.map((entry) => [
      ITEM_KIND_WORDS[entry.kind],
      entry.name,
      `${entry.approximate ? 'about ' : ''}${entry.text}`,
      list(entry.parts.map((part) => part.demoName)),
      entry.how,
      list(entry.parts.map((part) => part.sets?.words ?? '')),
      list(entry.parts.flatMap((part) => part.instead.map((item) => item.name))),
      list([...entry.parts.map((part) => part.note), entry.clash ?? '']),
    ]),
  ];
}

const list = (words: readonly string[]): string => [...new Set(words.filter(Boolean))].join('; ');
