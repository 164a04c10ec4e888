/** What happened, piece by piece in the order it came: goes, dead air, and holds, on the clock of the day. */
import type { Live, Outcome, RunPlan, Visit } from '../stage/types';

/** Shorter than this nobody in the room notices, in milliseconds. */
const TOLD = 10_000;

export interface GoPiece {
  kind: 'go';
  slot: string;
  go: number;
  /** Null where nothing was said of how it went. */
  outcome: Outcome | null;
  cause: string | null;
  /** The first piece of its slot. */
  first: boolean;
  from: number;
  until: number;
}

export interface WaitPiece {
  /** wait: the audience had nothing to watch; hold: the clock was stopped. */
  kind: 'wait' | 'hold';
  /** What came after it, or was on. */
  slot: string | null;
  from: number;
  until: number;
  /** Why, where somebody said so. */
  because: string;
}

/** Times are milliseconds since 1970. */
export type Piece = GoPiece | WaitPiece;

/** The goes of a visit: from the end of the one before to the end of its own last step. */
function goesOf(live: Live, visit: Visit, end: number, seen: ReadonlySet<string>): GoPiece[] {
  const bounds = new Map<number, number>();
  for (const { go, until } of visit.steps) bounds.set(go, until);
  const goes = [...bounds.keys()];
  const all = goes.length > 0 ? goes : visit.acted ? [1] : [];
  let from = visit.from;
  return all.map((go, i): GoPiece => {
    const until = i === all.length - 1 ? end : (bounds.get(go) ?? end);
    const told = live.slots[visit.slot]?.goes.find((one) => one.go === go);
    const piece: GoPiece = {
      kind: 'go',
      slot: visit.slot,
      go,
      outcome: told?.outcome ?? null,
      cause: told?.cause ?? null,
      first: i === 0 && !seen.has(visit.slot),
      from,
      until,
    };
    from = until;
    return piece;
  });
}

/** Oldest first. A hold stands over the go it stopped. */
export function performedPieces(plan: RunPlan, live: Live): Piece[] {
  const because = (moment: number): string =>
    live.because.find((one) => one.moment === moment)?.text ?? '';
  const over = live.finishedAt ?? live.visits.at(-1)?.until ?? null;
  const seen = new Set<string>();
  const pieces: Piece[] = [];
  for (const visit of live.visits) {
    if (!plan.slots.some(({ id }) => id === visit.slot)) continue;
    const end = visit.until ?? over;
    if (end === null) continue;
    if (visit.from - visit.entered >= TOLD)
      pieces.push({
        kind: 'wait',
        slot: visit.slot,
        from: visit.entered,
        until: Math.min(visit.from, end),
        because: because(visit.entered),
      });
    const goes = goesOf(live, visit, end, seen);
    if (goes.length > 0) seen.add(visit.slot);
    pieces.push(...goes);
  }
  for (const { from, until } of live.holds) {
    const on = live.visits.findLast((visit) => visit.entered <= from);
    pieces.push({ kind: 'hold', slot: on?.slot ?? null, from, until, because: because(from) });
  }
  return pieces.sort((a, b) => a.from - b.from || a.until - b.until);
}
