/** What is taken instead may change what the calculators reckon with: until somebody has said, it is not known. */
import type { ShowBundle } from '../brief/types';
import { plainDemoOf } from '../lineup/fromBundle';
import { swapsIn } from '../repertoire/substitute';
import type { Method, Substitute } from '../repertoire/types';
import { lowerFirst } from '../words';
import { type Verdict, verdict } from './verdict';

/** A figure of a setting that is gone says nothing. */
const isSaid = (figures: Substitute['figures'], { settings }: Pick<Method, 'settings'>): boolean =>
  figures !== null && figures.every(({ settingId }) => settings.some(({ id }) => id === settingId));

export function swapVerdicts({ show, demos, items }: ShowBundle): Verdict[] {
  const nameOf = (id: string): string => items.find((item) => item.id === id)?.name ?? 'another';
  return show.slots.flatMap((slot) => {
    const found = slot.talk ? null : plainDemoOf(slot, demos);
    if (!found || found.method.calculators.length === 0) return [];
    const { demo, method } = found;
    return [...swapsIn(method, show.swaps, items)]
      .filter(([, { figures }]) => !isSaid(figures, method))
      .map(([line, by]) =>
        verdict({
          key: `swap:${slot.id}:${line.id}`,
          kind: 'calculator',
          level: 'unknown',
          title: demo.name,
          message: `${nameOf(by.itemId)} instead of ${lowerFirst(nameOf(line.itemId))}: nobody has said whether its figures are still the same.`,
          remedy:
            'Say in the demo, at what will do instead, which figures are others with it, or that none is.',
          slotIds: [slot.id],
          place: { page: 'demo', id: demo.id, methodId: method.id, part: 'kit' },
        }),
      );
  });
}
