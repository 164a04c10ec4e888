/** Packs that come on their days, used up show by show, the soonest out of date first. */
import type { PackArrival, PackChoice, PackDemand, PackOffer } from '../inventory/packs';

/** What each demand lacks, by day. Written apart from what it checks. */
export function shortOf(
  demands: readonly PackDemand[],
  offers: readonly PackOffer[],
  arrivals: readonly Pick<PackArrival, 'id' | 'count' | 'inDays'>[],
): { inDays: number; short: number }[] {
  const there = arrivals.map(({ id, count, inDays }) => {
    const offer = offers.find((one) => one.id === id);
    if (!offer) throw new Error(`${id} is not sold`);
    if (offer.leadDays > inDays) throw new Error(`${id} can’t be there on day ${inDays}`);
    return { from: inDays, until: inDays + (offer.life ?? 1e9), left: offer.size * count };
  });
  return [...demands]
    .sort((a, b) => a.inDays - b.inDays)
    .flatMap(({ inDays, amount }) => {
      let open = amount;
      for (const one of there.toSorted((a, b) => a.until - b.until)) {
        if (one.from > inDays || one.until < inDays) continue;
        const taken = Math.min(one.left, open);
        one.left -= taken;
        open -= taken;
      }
      return open > 1e-6 ? [{ inDays, short: open }] : [];
    });
}

/** What is wrong with a choice of packs and days, told by using them up; its price is not looked at. */
export function faultsOf(
  demands: readonly PackDemand[],
  offers: readonly PackOffer[],
  { arrivals, cost, unserved }: PackChoice,
): string[] {
  const price = (id: string): number => offers.find((o) => o.id === id)?.price ?? 0;
  const said = [...new Set(unserved.map(({ inDays }) => inDays))];
  const lacks = (of: typeof arrivals): number =>
    new Set(shortOf(demands, offers, of).map(({ inDays }) => inDays)).size;
  const changed = (i: number, by: Partial<PackArrival>): typeof arrivals =>
    arrivals.map((one, k) => (k === i ? { ...one, ...by } : one));
  const found: string[] = [];
  if (arrivals.reduce((sum, one) => sum + one.count * price(one.id), 0) !== cost)
    found.push('costs something else');
  if (shortOf(demands, offers, arrivals).some(({ inDays }) => !said.includes(inDays)))
    found.push('too few');
  if (said.some((day) => offers.some((o) => o.leadDays <= day)))
    found.push('said to be late, and is not');
  if (
    arrivals.some(
      ({ id, count }, i) => price(id) > 0 && lacks(changed(i, { count: count - 1 })) <= said.length,
    )
  )
    found.push('one too many');
  if (arrivals.some(({ inDays }, i) => lacks(changed(i, { inDays: inDays + 1 })) <= said.length))
    found.push('could come a day later');
  return found;
}
