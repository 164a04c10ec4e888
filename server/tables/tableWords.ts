/** What was said of the words of a table, remembered for the next: a heading’s column, a kind’s word. */
import type { TableWords } from '../../contract/imports';
import { STORE_COLUMNS, type StoreKey } from '../../contract/tables/inventoryColumns';
import type { KindMeant } from '../../contract/tables/kinds';
import { ITEM_KINDS } from '../../core/repertoire/item';
import type { Db } from '../db/open';

const KEYS = new Set<string>(STORE_COLUMNS.map(({ key }) => key));
const MEANT = new Set<string>([...ITEM_KINDS, 'byUnit']);

export class WordStore {
  constructor(private readonly db: Db) {}

  /** A word that stands for nothing there is here is left out. */
  all(): TableWords {
    const rows = this.db.prepare('SELECT what, word, means FROM table_word').all() as {
      what: string;
      word: string;
      means: string | null;
    }[];
    const words: TableWords = { headings: {}, kinds: {} };
    for (const { what, word, means } of rows) {
      if (what === 'heading') {
        if (means === null || KEYS.has(means)) words.headings[word] = means as StoreKey | null;
      } else if (means !== null && MEANT.has(means)) words.kinds[word] = means as KindMeant;
    }
    return words;
  }

  learn({ headings, kinds }: TableWords): void {
    const keep = this.db.prepare(
      `INSERT INTO table_word (what, word, means) VALUES (?, ?, ?)
       ON CONFLICT (what, word) DO UPDATE SET means = excluded.means`,
    );
    for (const [word, means] of Object.entries(headings)) keep.run('heading', word, means);
    for (const [word, means] of Object.entries(kinds)) keep.run('kind', word, means);
  }

  forget(what: 'heading' | 'kind', word: string): void {
    this.db.prepare('DELETE FROM table_word WHERE what = ? AND word = ?').run(what, word);
  }
}
