/** Orders, and what becomes of them: placed, come, gone back; each can be undone where it was said. */
import { useCallback } from 'react';
import type { Versioned } from '../../../contract/api';
import type { Show } from '../../../core/brief/types';
import type { Order } from '../../../core/inventory/orders';
import { takeInstead, type Swap } from '../../../core/repertoire/substitute';
import { send } from '../../app/api';
import { queryClient } from '../../app/data';
import { today } from '../../brief/dates';
import { useSayUndoable } from '../../parts/undoable';
import { useAction } from '../../parts/useAction';

const refresh = (): Promise<unknown> =>
  Promise.all(
    ['/orders', '/shopping'].map((key) => queryClient.invalidateQueries({ queryKey: [key] })),
  );

/** Changes what a show takes instead, as it is stored now; answers with what it took before. */
async function swapIn(
  showId: string,
  change: (swaps: readonly Swap[]) => readonly Swap[],
): Promise<readonly Swap[]> {
  const show = await send<Versioned<Show>>('GET', `/shows/${showId}`);
  await send('PUT', `/shows/${showId}`, { ...show, swaps: change(show.swaps) });
  return show.swaps;
}

export function useOrdering(): {
  /** A show takes another thing in place of one. */
  swap: (showId: string, swap: Swap, words: string) => Promise<boolean>;
  /** Ids of orders, as they were placed. */
  place: (orders: readonly Order[], words: string) => Promise<boolean>;
  come: (order: Order, words: string) => Promise<boolean>;
  wentBack: (order: Versioned<Order>, words: string) => Promise<boolean>;
  cancel: (order: Versioned<Order>, words: string) => Promise<boolean>;
} {
  const act = useAction();
  const say = useSayUndoable();
  /** Does it, and says so; what takes it back is done with the versions of then. */
  const done = useCallback(
    async (
      work: () => Promise<unknown>,
      words: string,
      undo: () => Promise<unknown>,
    ): Promise<boolean> => {
      const worked = await act(async () => {
        await work();
        await refresh();
      });
      if (worked)
        say(words, () => {
          void act(async () => {
            await undo();
            await refresh();
          });
        });
      return worked;
    },
    [act, say],
  );
  const now = (id: string): Promise<Versioned<Order>> => send('GET', `/orders/${id}`);
  const removed = async (id: string): Promise<unknown> =>
    send('DELETE', `/orders/${id}?version=${(await now(id)).version}`);
  const changed = async (order: Order): Promise<unknown> => {
    const { version } = await now(order.id);
    return send('PUT', `/orders/${order.id}`, { ...order, version });
  };
  return {
    swap: (showId, swap, words) => {
      let before: readonly Swap[] = [];
      return done(
        async () => {
          before = await swapIn(showId, (swaps) => takeInstead(swaps, swap));
        },
        words,
        () => swapIn(showId, () => before),
      );
    },
    place: (orders, words) =>
      done(
        () => Promise.all(orders.map((order) => send('POST', '/orders', order))),
        words,
        () => Promise.all(orders.map(({ id }) => removed(id))),
      ),
    come: (order, words) =>
      done(
        () => send('POST', `/orders/${order.id}/come`, { day: today(), place: '' }),
        words,
        () => send('POST', `/orders/${order.id}/not-come`),
      ),
    wentBack: ({ version: _version, ...order }, words) =>
      done(
        () => changed({ ...order, back: today() }),
        words,
        () => changed({ ...order, back: null }),
      ),
    cancel: ({ version: _version, ...order }, words) =>
      done(
        () => removed(order.id),
        words,
        () => send('POST', `/orders/${order.id}/restore`),
      ),
  };
}
