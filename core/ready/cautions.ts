/** What is never done. */
import type { ShowBundle } from '../brief/types';
import { type ResolvedSlot, resolveSlots } from '../lineup/fromBundle';
import type { Never } from '../repertoire/care';
import type { HazardKind, Method } from '../repertoire/types';
import { closedVessels } from './closed';
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

/** A vessel of something cold that nothing gets out of: found, even where nobody ticked it. */
const closed = (bundle: ShowBundle, resolved: ResolvedSlot): Verdict[] =>
  resolved.method.care.never.includes('closedCryogen')
    ? []
    : closedVessels(bundle, resolved).map(({ because, guessed }) =>
        verdict({
          key: `never:${resolved.slot.id}:closedCryogen`,
          kind: 'caution',
          level: 'stop',
          final: true,
          title: resolved.demo.name,
          message: `${NEVER_WORDS.closedCryogen}: not for a show (${because}).`,
          remedy: guessed
            ? 'Say of every vessel in its kit how it closes: open, loose, or a lid that pops off. If it is closed, leave it out. It can’t be waived.'
            : 'Leave it out. It can’t be waived.',
          limit: 'every vessel open to the air',
          source: 'common practice of every supplier',
          slotIds: [resolved.slot.id],
          place: {
            page: 'demo',
            id: resolved.demo.id,
            methodId: resolved.method.id,
            part: 'kit',
          },
        }),
      );

export const cautionVerdicts = (bundle: ShowBundle): Verdict[] =>
  resolveSlots(bundle).flatMap((resolved) => [...stops(resolved), ...closed(bundle, resolved)]);
