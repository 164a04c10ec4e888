/** What is never done, and what a flame asks for. */
import type { ShowBundle } from '../brief/types';
import { type ResolvedSlot, resolveSlots } from '../lineup/fromBundle';
import type { Never } from '../repertoire/care';
import type { HazardKind, Method } from '../repertoire/types';
import { type Verdict, verdict } from './verdict';

export const NEVER_WORDS: Record<Never, string> = {
  closedCryogen: 'Cold liquid or dry ice in a closed vessel',
  oxidiserWithFuel: 'An oxidiser mixed with fuel',
  madeExplosive: 'A home-made explosive',
  madeFuelGas: 'Home-made flammable gas',
};

const has = (method: Method, kind: HazardKind): boolean =>
  method.hazards.some((hazard) => hazard.kind === kind);

/** What the method says of itself, and what its hazards come to. */
function neversOf(method: Method): Never[] {
  const mixed = has(method, 'oxidiser') && has(method, 'flammableVapour');
  return [...new Set([...method.care.never, ...(mixed ? (['oxidiserWithFuel'] as const) : [])])];
}

const stops = ({ slot, demo, method }: ResolvedSlot): Verdict[] =>
  neversOf(method).map((never) =>
    verdict({
      key: `never:${slot.id}:${never}`,
      kind: 'caution',
      level: 'stop',
      final: true,
      title: demo.name,
      message: `${NEVER_WORDS[never]}: not for a show.`,
      remedy: 'Leave it out. It can’t be waived.',
      source: 'common practice',
      slotIds: [slot.id],
    }),
  );

/** A flame with nothing to put it out, or without a person beside it. */
function flames({ slot, demo, method }: ResolvedSlot): Verdict[] {
  if (!has(method, 'openFlame') && !has(method, 'flammableVapour')) return [];
  const { extinguisher, heldBy } = method.care;
  if (extinguisher !== 'none' && heldBy !== null) return [];
  return [
    verdict({
      key: `flame:${slot.id}`,
      kind: 'caution',
      level: extinguisher === 'none' ? 'fix' : 'watch',
      title: demo.name,
      message:
        extinguisher === 'none'
          ? 'A flame, and no extinguisher is named.'
          : 'A flame, and nobody is named to stand beside it with the extinguisher.',
      remedy: 'Name it, and who holds it, in the demo.',
      source: 'common practice',
      slotIds: [slot.id],
    }),
  ];
}

export const cautionVerdicts = (bundle: ShowBundle): Verdict[] =>
  resolveSlots(bundle).flatMap((resolved) => [...stops(resolved), ...flames(resolved)]);
