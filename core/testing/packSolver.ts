/**
 * The question of the cheapest packs as a mixed integer programme, minimised by HiGHS: packs opened on
 * each day, and how much of each goes to which show. Shows that nothing can reach are left out.
 */
import loadHighs from 'highs';
import type { PackDemand, PackOffer } from '../inventory/packs';

let loaded: ReturnType<typeof loadHighs> | null = null;

export async function leastCost(
  all: readonly PackDemand[],
  offers: readonly PackOffer[],
): Promise<number> {
  const highs = await (loaded ??= loadHighs());
  const demands = all.filter(({ inDays }) => offers.some((o) => o.leadDays <= inDays));
  if (demands.length === 0) return 0;
  const days = [...new Set(demands.map((d) => d.inDays))].sort((a, b) => a - b);
  const opened = offers.flatMap((offer, i) =>
    days.flatMap((day) =>
      offer.leadDays <= day ? [{ name: `x${i}_${day}`, y: `y${i}_${day}`, day, offer }] : [],
    ),
  );
  const reaches = (from: (typeof opened)[number], day: number): boolean =>
    from.day <= day && day <= from.day + (from.offer.life ?? 1e9);
  const rows = [
    ...opened.map((one) => {
      const to = days.filter((day) => reaches(one, day)).map((day) => `${one.y}_${day}`);
      return ` ${to.join(' + ')} - ${one.offer.size} ${one.name} <= 0`;
    }),
    ...days.map((day) => {
      const wanted = demands.reduce((s, d) => s + (d.inDays === day ? d.amount : 0), 0);
      const from = opened.filter((one) => reaches(one, day)).map((one) => `${one.y}_${day}`);
      return ` ${from.join(' + ')} >= ${wanted}`;
    }),
  ];
  const result = highs.solve(
    [
      'Minimize',
      ` obj: ${opened.map((one) => `${one.offer.price} ${one.name}`).join(' + ')}`,
      'Subject To',
      ...rows,
      'General',
      ` ${opened.map(({ name }) => name).join(' ')}`,
      'End',
    ].join('\n'),
  );
  if (result.Status !== 'Optimal') throw new Error(result.Status);
  return Math.round(result.ObjectiveValue);
}
