/** What each press that might be made would cost, worked out anew with every answer of the show caller. */
import { useEffect, useState } from 'react';
import type { Press } from '../../core/stage/replan/caller';
import type { PriceTold, Telling } from '../../core/stage/replan/tell';
import type { Situation } from '../../core/stage/situation';
import type { Live, RunPlan } from '../../core/stage/types';
import type { Called } from './useCaller';

/** The presses that are offered with a price, by a name of each. */
export function worthPricing(
  plan: RunPlan,
  live: Live,
  kind: Situation['kind'] | undefined,
  goingTo: boolean,
): Record<string, Press[]> {
  if (goingTo)
    return Object.fromEntries(
      plan.slots.flatMap(({ id }): [string, Press[]][] => {
        const status = live.slots[id]?.status;
        const out = status === 'leftOut' || status === 'skipped';
        return id === live.slot || out ? [] : [[id, [{ kind: 'goTo', slot: id }]]];
      }),
    );
  switch (kind) {
    case 'failed':
      return { again: [{ kind: 'again' }], moveOn: [{ kind: 'done' }] };
    case 'on':
      return { again: [{ kind: 'again' }], skip: [{ kind: 'skip' }] };
    case 'waiting':
      return { skip: [{ kind: 'skip' }] };
    default:
      return {};
  }
}

const NONE: ReadonlyMap<string, PriceTold> = new Map();

/**
 * `wanted` by a name of each; the names say what they are. Prices of a moment ago stay while newer ones are
 * worked out, as long as the presses that were made are the same.
 */
export function usePrices(
  wanted: Readonly<Record<string, Press[]>>,
  telling: Telling | null,
  price: Called['price'],
): ReadonlyMap<string, PriceTold> {
  const [found, setFound] = useState<{ of: string; prices: ReadonlyMap<string, PriceTold> }>({
    of: '',
    prices: NONE,
  });
  const names = Object.keys(wanted);
  const of = `${telling?.events ?? 0}/${names.join()}`;
  useEffect(() => {
    if (!telling || names.length === 0) return;
    let over = false;
    void price(Object.values(wanted)).then((prices) => {
      if (over || !prices) return;
      setFound({
        of,
        prices: new Map(
          names.flatMap((name, i): [string, PriceTold][] => {
            const one = prices[i];
            return one ? [[name, one]] : [];
          }),
        ),
      });
    });
    return () => {
      over = true;
    };
  }, [telling, of, price]);
  return found.of === of ? found.prices : NONE;
}
