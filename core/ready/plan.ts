/** The stage seen from above: places, clear distances at their moment, the front row. */
import type { Place, ShowBundle } from '../brief/types';
import { resolveSlots } from '../lineup/fromBundle';
import type { Timeline } from '../lineup/types';
import { formatAmount } from '../units/format';
import { toFrontRow } from './facts';
import { type Verdict, verdict } from './verdict';

export interface Ring {
  slotId: string;
  demoName: string;
  positionId: string;
  at: Place;
  /** Metres that must be clear around it. */
  radius: number;
  /** Metres to the nearest people; null while the front row is not known. */
  nearest: number | null;
  /** Seconds from the show's start between which it holds. */
  from: number;
  until: number;
}

/** Clear distances of the slots whose position is on the plan. */
export function ringsOf(bundle: ShowBundle, timeline: Timeline): Ring[] {
  const frontRow = bundle.venue?.frontRowM ?? null;
  return resolveSlots(bundle).flatMap(({ slot, demo, method, position }): Ring[] => {
    const block = timeline.blocks.find((b) => b.slot === slot.id);
    const radius = method.needs.clearM;
    if (!position?.at || radius === null) return [];
    return [
      {
        slotId: slot.id,
        demoName: demo.name,
        positionId: position.id,
        at: position.at,
        radius,
        nearest: frontRow === null ? null : toFrontRow(position.at, frontRow),
        from: block?.start ?? 0,
        until: block?.end ?? 0,
      },
    ];
  });
}

const m = (value: number): string => formatAmount(Math.round(value * 10) / 10, 'm');

/** Whether the clear distances are kept to the front row. */
export function distanceVerdicts(bundle: ShowBundle, timeline: Timeline): Verdict[] {
  const rings = ringsOf(bundle, timeline);
  return resolveSlots(bundle).flatMap(({ slot, demo, method }): Verdict[] => {
    const wanted = method.needs.clearM;
    if (wanted === null) return [];
    const shared = {
      key: `distance:${slot.id}`,
      kind: 'distance' as const,
      title: demo.name,
      slotIds: [slot.id],
      limit: `${m(wanted)} clear`,
      source: 'the method’s clear distance, measured on the plan',
    };
    const ring = rings.find((r) => r.slotId === slot.id);
    const gauge = { unit: 'm' as const, value: ring?.nearest ?? null, least: wanted, most: null };
    if (!ring || ring.nearest === null)
      return [
        verdict({
          ...shared,
          gauge,
          level: 'unknown',
          message: `Needs ${m(wanted)} clear: ${ring ? 'how far off the front row is' : 'where it stands'} is not known.`,
          remedy: ring ? 'Measure the front row.' : 'Put its position on the plan of the stage.',
        }),
      ];
    const figure = `${m(ring.nearest)} to the front row`;
    if (ring.nearest < wanted)
      return [
        verdict({
          ...shared,
          gauge,
          level: 'fix',
          figure,
          message: `Too near: ${figure}, and it needs ${m(wanted)}.`,
          remedy: `Move it ${m(Math.ceil((wanted - ring.nearest) * 10) / 10)} back, or the front row.`,
        }),
      ];
    return [
      verdict({
        ...shared,
        gauge,
        level: ring.nearest < wanted * 1.1 ? 'watch' : 'ok',
        figure,
        message: `Far enough: ${figure}, and it needs ${m(wanted)}.`,
        remedy:
          ring.nearest < wanted * 1.1 ? 'Tape a line on the floor, and keep people behind it.' : '',
      }),
    ];
  });
}

/** The nearest exit from a place on the plan, and how far it is; null where no exit is on the plan. */
export function wayOut(
  { venue }: Pick<ShowBundle, 'venue'>,
  from: Place,
): { at: Place; name: string; metres: number } | null {
  const ways = (venue?.exits ?? []).map((exit) => ({
    at: exit,
    name: exit.name,
    metres: Math.hypot(exit.x - from.x, exit.y - from.y),
  }));
  return ways.toSorted((a, b) => a.metres - b.metres)[0] ?? null;
}

/** The same show with a position somewhere else. */
export const withPlace = <T extends Pick<ShowBundle, 'show'>>(
  bundle: T,
  positionId: string,
  at: Place,
): T => ({
  ...bundle,
  show: {
    ...bundle.show,
    positions: bundle.show.positions.map((p) => (p.id === positionId ? { ...p, at } : p)),
  },
});

/** Stage measures where the venue gives none, m. */
const USUAL_STAGE = { width: 6, depth: 4 };

export interface PlanFrame {
  /** The stage, from its front edge at y = 0. */
  width: number;
  depth: number;
  /** y of the front row; null while it is not known. */
  frontRow: number | null;
  /** What must be in sight, m. */
  left: number;
  right: number;
  front: number;
  back: number;
}

/** What the plan shows: the stage, every place on it, exits near it, the front row. */
export function planFrame({ show, venue }: Pick<ShowBundle, 'show' | 'venue'>): PlanFrame {
  const width = venue?.stageWidthM ?? USUAL_STAGE.width;
  const depth = venue?.stageDepthM ?? USUAL_STAGE.depth;
  const frontRow = venue?.frontRowM == null ? null : -venue.frontRowM;
  const places = [...show.positions.flatMap((p) => p.at ?? []), ...(venue?.exits ?? [])];
  const front = Math.min(frontRow ?? -3, 0);
  return {
    width,
    depth,
    frontRow,
    left: Math.min(-width / 2, ...places.map((p) => p.x)) - 1,
    right: Math.max(width / 2, ...places.map((p) => p.x)) + 1,
    // Exits far behind the audience would make everything else small.
    front: front - 1.5,
    back: Math.max(depth, ...places.map((p) => p.y)) + 0.8,
  };
}
