/**
 * A table of ten thousand rows: looked at, brought in and taken back, over one of 1,250; and how long the server’s
 * shortest answer takes meanwhile, over its usual one.
 */
import type { StorePreview, TableImport } from '../contract/imports';
import { tableAsk } from '../server/testing/tables';
import { type Grown, grown, json, median, quantile, round, timed } from './growing';

const LARGE = 10_000;
const TIMES = 8;
/** How often the server is asked meanwhile, in ms. */
const EVERY = 10;

/** A table as people have it; each time another, so that no row is known. */
const table = (rows: number, named: string) =>
  tableAsk(
    [
      'Name;Qty;Shelf;Best before;Size;Price',
      ...Array.from(
        { length: rows },
        (_, i) =>
          `${named} ${i};${i % 90};Shelf ${i % 7};11.0${1 + (i % 9)}.2029;${2 + (i % 3)} pcs;4,20`,
      ),
    ].join('\n'),
  );

interface Took {
  look: number;
  bringIn: number;
  takeBack: number;
}

async function through({ url }: Grown, rows: number, named: string): Promise<Took> {
  const { id, name, leave, ...ask } = table(rows, named);
  const look = await timed(async () => {
    const seen = await json<StorePreview>(`${url}/api/store/preview`, ask);
    if (seen.items !== rows) throw new Error(`${seen.items} of ${rows} are understood`);
  });
  const bringIn = await timed(async () => {
    const came = await json<TableImport>(`${url}/api/store/import`, { ...ask, id, name, leave });
    if (!came.whole) throw new Error('not all of it came in');
  });
  const takeBack = await timed(() => json(`${url}/api/store/imports/${id}/back`, {}));
  return { look, bringIn, takeBack };
}

/** How long the server takes to say that it is there, in ms, until `work` is done. */
async function asked({ url }: Grown, work: Promise<unknown>): Promise<number[]> {
  let isDone = false;
  void work.finally(() => (isDone = true));
  const took: number[] = [];
  while (!isDone) {
    took.push(await timed(() => json(`${url}/api/health`)));
    await new Promise((resolve) => setTimeout(resolve, EVERY));
  }
  await work;
  return took;
}

export async function import10000(): Promise<object> {
  const server = await grown();
  try {
    await through(server, 200, 'First');
    const small = await through(server, LARGE / TIMES, 'Small');
    const usual = median(await asked(server, new Promise((resolve) => setTimeout(resolve, 1000))));
    let large: Took = { look: 0, bringIn: 0, takeBack: 0 };
    const meanwhile = await asked(
      server,
      through(server, LARGE, 'Large').then((took) => (large = took)),
    );
    const ratio = (part: keyof Took): number => round(large[part] / small[part]);
    return {
      rows: LARGE,
      seconds: round((large.look + large.bringIn + large.takeBack) / 1000),
      look: ratio('look'),
      bringIn: ratio('bringIn'),
      takeBack: ratio('takeBack'),
      worstAnswerMs: Math.round(Math.max(...meanwhile)),
      answers99Ms: Math.round(quantile(meanwhile, 0.99)),
      worstOverUsual: round(Math.max(...meanwhile) / usual),
    };
  } finally {
    await server.close();
  }
}
