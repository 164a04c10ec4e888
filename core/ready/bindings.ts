/** What a slot’s calculators can know: its settings, the day where it is done, and what was measured of it. */
import type { ShowBundle } from '../brief/types';
import type { BindingContext } from '../calculators/bind';
import type { KitOptions } from '../kit/demand';
import type { ResolvedSlot } from '../lineup/fromBundle';
import { measuredOf } from '../readings/record';
import { dayFactsAt, expectedFacts } from './facts';

export function bindingContext(
  bundle: ShowBundle,
  { slot, demo, method }: Pick<ResolvedSlot, 'slot' | 'demo' | 'method'>,
  { records = [] }: KitOptions,
): BindingContext {
  const known = records.find((one) => one.demoId === demo.id && one.methodId === method.id);
  return {
    settings: method.settings,
    facts: dayFactsAt(bundle, slot),
    expected: expectedFacts(bundle),
    sizes: bundle.household,
    measured: measuredOf(method.results, known?.readings ?? []),
  };
}
