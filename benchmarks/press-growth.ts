/** What a press costs in a run of 2,000 events, over one of 10. */
import type { EventsAnswer, StoredRun } from '../contract/stage';
import { eventOf } from '../core/stage/event';
import { FESTIVAL, grown, json, median, pressed, round, timed } from './growing';

const ROUNDS = 200;

export async function pressGrowth(): Promise<object> {
  const { url, context, close } = await grown();
  const begin = async (id: string, events: number): Promise<void> => {
    const { plan } = await json<StoredRun>(`${url}/api/shows/${FESTIVAL}/runs`, {
      id,
      kind: 'rehearsal',
    });
    context.runs.append(
      id,
      pressed(id, plan, events)
        .slice(0, -1)
        .map((event) => ({ event, deviceAt: null, receivedAt: null })),
    );
  };
  await begin('short', 10);
  await begin('long', 2000);
  const known = { short: 9, long: 1999 };
  const press = async (id: 'short' | 'long', i: number): Promise<void> => {
    const event = eventOf({ id: `${id}-p${i}`, at: Date.now(), by: null }, 'note', { text: 'x' });
    const body = { events: [event], sentAt: Date.now(), known: known[id] };
    known[id] = (await json<EventsAnswer>(`${url}/api/runs/${id}/events`, body)).seq;
  };
  const times = { short: [] as number[], long: [] as number[] };
  for (let i = 0; i < ROUNDS; i++)
    for (const id of ['short', 'long'] as const) times[id].push(await timed(() => press(id, i)));
  await close();
  return {
    ratio: round(median(times.long) / median(times.short)),
    short: round(median(times.short)),
    long: round(median(times.long)),
  };
}
