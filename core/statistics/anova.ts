import { offsetsOf } from './decimals';
import { fAbove } from './distributions';
import { spreadOf } from './summary';
import { sum } from './sum';

/** One-way analysis of variance. */
export interface Anova {
  /** Null where readings within a group don't vary at all, or none could. */
  f: number | null;
  dfBetween: number;
  dfWithin: number;
  /** Chance of an F as large with no difference between the groups; null without F. */
  p: number | null;
  /** Standard deviation within groups, pooled; null where no group has two readings. */
  residualSd: number | null;
}

/** Of groups that each have a reading; throws RangeError for one that has none. */
export function oneWay(groups: readonly (readonly number[])[]): Anova {
  if (groups.some((group) => group.length === 0)) throw new RangeError('A group has no reading.');
  const sizes = groups.map((group) => group.length);
  const { offsets } = offsetsOf(groups.flat());
  let from = 0;
  const parts = sizes.map((size) => spreadOf(offsets.slice(from, (from += size))));
  const dfBetween = groups.length - 1;
  const dfWithin = offsets.length - groups.length;
  const grand = sum(parts.map(({ mean }, i) => mean * (sizes[i] ?? 0))) / offsets.length;
  const between = sum(parts.map(({ mean }, i) => (sizes[i] ?? 0) * (mean - grand) ** 2));
  const within = sum(parts.map(({ squares }) => squares));
  const f =
    dfBetween > 0 && dfWithin > 0 && within > 0 ? between / dfBetween / (within / dfWithin) : null;
  return {
    f,
    dfBetween,
    dfWithin,
    p: f === null ? null : fAbove(f, dfBetween, dfWithin),
    residualSd: dfWithin > 0 ? Math.sqrt(within / dfWithin) : null,
  };
}
