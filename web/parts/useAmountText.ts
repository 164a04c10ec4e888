import { formatBoth } from '../../core/units/format';
import { type UnitId, dimensionOf, toBase } from '../../core/units/units';
import { useSettings } from '../app/data';
import { usePreferences } from '../app/preferences';

/** An amount as it was written, and what it comes to in the units this person likes. */
export function useAmountText(): (amount: number, unit: UnitId) => string {
  const system = usePreferences((state) => state.system);
  const sizes = useSettings().data?.household;
  return (amount, unit) =>
    formatBoth(toBase(amount, unit, sizes), unit, dimensionOf(unit), {
      system,
      ...(sizes ? { sizes } : {}),
    });
}
