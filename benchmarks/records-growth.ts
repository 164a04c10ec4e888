/** What a show's page costs with 3,000 finished runs, over the same with 30. */
import type { StoredRun } from '../contract/stage';
import { addRuns, FESTIVAL, grown, type Grown, json, median, round, timed } from './growing';

const ROUNDS = 25;

async function pageOf(runs: number): Promise<Grown> {
  const one = await grown();
  const { plan } = await json<StoredRun>(`${one.url}/api/shows/${FESTIVAL}/runs`, {
    id: 'model',
    kind: 'rehearsal',
  });
  addRuns(one.context, plan, runs, 300);
  return one;
}

const ask = async ({ url }: Grown): Promise<void> => {
  for (const part of ['all', 'checks', 'runs']) await json(`${url}/api/shows/${FESTIVAL}/${part}`);
};

export async function recordsGrowth(): Promise<object> {
  const [few, many] = [await pageOf(30), await pageOf(3000)];
  // What runs came to is looked at once, when it is new.
  const first = await timed(() => ask(many));
  await ask(few);
  const times: [number[], number[]] = [[], []];
  for (let i = 0; i < ROUNDS; i++)
    for (const [k, one] of [few, many].entries()) times[k]?.push(await timed(() => ask(one)));
  await Promise.all([few.close(), many.close()]);
  const [withFew, withMany] = times.map(median);
  return {
    ratio: round((withMany ?? 0) / (withFew ?? 1)),
    withFew: round(withFew ?? 0),
    withMany: round(withMany ?? 0),
    firstAfterAll: round(first),
  };
}
