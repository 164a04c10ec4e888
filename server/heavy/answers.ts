/** Questions that take long, or whose answers are long; each is answered with what goes out as JSON. */
import type { StockAnswer } from '../../contract/api';
import type { StoreQuery } from '../../contract/inventory';
import { storeTable } from '../../contract/tables/inventoryWrite';
import { linesFrom } from '../../core/inventory/suppliers';
import { shoppingTable } from '../../core/inventory/shoppingTable';
import type { AppContext } from '../context';
import { showAnswer } from '../brief/showAnswer';
import { damagedRecords } from '../house/damaged';
import type { PreviewBody } from '../../contract/imports';
import type { Encoding } from '../../contract/tables/file';
import { readTable, tableToTake } from '../inventory/tableRead';
import { readTableFile } from '../tables/tableFile';
import { readinessOf } from '../ready/readiness';
import { risksOf } from '../ready/risks';
import { demoSummaries, itemNames, repertoireAnswer } from '../repertoire/summaries';

/** By name, so that they can be asked of another thread. */
export const ANSWERS = {
  show: (context: AppContext, showId: string) => showAnswer(context, showId),
  checks: (context: AppContext, showId: string) => ({
    ...readinessOf(context, showId),
    marks: context.marks.of(showId),
  }),
  risks: risksOf,
  prospect: ({ prospects }: AppContext, showId: string, runs: number) => prospects.of(showId, runs),
  outlook: ({ prospects }: AppContext, showId: string, runs: number) =>
    prospects.of(showId, runs).outlook,
  damaged: damagedRecords,
  demos: demoSummaries,
  itemNames,
  repertoire: repertoireAnswer,
  store: ({ stockList }: AppContext, query: StoreQuery) => stockList.part(query),
  stock: ({ upcomingNeeds }: AppContext, showId: string): StockAnswer => ({
    shares: upcomingNeeds.sharesOf(showId),
    cost: upcomingNeeds.costOf(showId),
  }),
  ahead: ({ upcomingNeeds }: AppContext, itemId: string) => upcomingNeeds.aheadOf(itemId),
  tour: ({ upcomingNeeds }: AppContext, name: string) => upcomingNeeds.tour(name),
  shopping: ({ upcomingNeeds }: AppContext, showIds: readonly string[] | null) =>
    upcomingNeeds.shopping(showIds),
  shoppingRows: (
    { upcomingNeeds }: AppContext,
    showIds: readonly string[] | null,
    supplier: string | null,
  ) => {
    const { lines } = upcomingNeeds.shopping(showIds);
    return shoppingTable({ lines: supplier === null ? lines : linesFrom(lines, supplier) });
  },
  storeRows: ({ items, ledger, boxes }: AppContext) =>
    storeTable(items.list(), ledger.stocked(), boxes.list()),
  tableFile: (_context: AppContext, bytes: Uint8Array, letters: Encoding | null) =>
    readTableFile(bytes, letters),
  storePreview: (context: AppContext, ask: PreviewBody) => readTable(context, ask).preview,
  storeImport: (context: AppContext, ask: PreviewBody) => tableToTake(context, ask),
};

/** What a table that is brought in is asked of: in a thread besides, which show pages never wait for. */
export const ASIDE: ReadonlySet<string> = new Set(['tableFile', 'storePreview', 'storeImport']);

type Answers = typeof ANSWERS;
export type Question = keyof Answers;
export type Asked<Q extends Question> = Answers[Q] extends (
  context: AppContext,
  ...asked: infer A
) => unknown
  ? A
  : never;
export type Told<Q extends Question> = Awaited<ReturnType<Answers[Q]>>;

/** A question as it goes to another thread. */
export interface Job {
  question: Question;
  asked: readonly unknown[];
}

export const answerTo = (context: AppContext, { question, asked }: Job): unknown =>
  (ANSWERS[question] as (context: AppContext, ...asked: readonly unknown[]) => unknown)(
    context,
    ...asked,
  );
