/** Stage positions that are wanted by name. */
import { plainName } from '../repertoire/plainName';
import { usualPositions } from './blank';
import { MARK_SHAPES, type Position, type Show, type Slot } from './types';

/** Positions of a show at the most. */
export const MOST_POSITIONS = 8;

export const positionNamed = (positions: readonly Position[], name: string): Position | undefined =>
  positions.find((one) => plainName(one.name) === plainName(name));

/** A position of that name, with a mark that no other has as long as there is one; where it usually is, if that is known. */
export function freshPosition(positions: readonly Position[], name: string, id: string): Position {
  const used = new Set(positions.map(({ mark }) => mark));
  const usual = positionNamed(usualPositions(), name);
  const mark =
    (usual && !used.has(usual.mark) ? usual.mark : MARK_SHAPES.find((one) => !used.has(one))) ??
    MARK_SHAPES[positions.length % MARK_SHAPES.length] ??
    'cross';
  return { id, name: name.trim().slice(0, 40), mark, at: usual?.at ?? null, circuitId: null };
}

export interface PositionWanted {
  name: string;
  /** Slots whose demonstration is usually done there. */
  slotIds: string[];
}

/** Positions that demonstrations are usually done at and that the show doesn’t have, in the order of its slots. */
export function positionsWanted(
  { positions, slots }: Pick<Show, 'positions' | 'slots'>,
  demos: readonly { id: string; usualPosition: string }[],
): PositionWanted[] {
  const wanted = new Map<string, PositionWanted>();
  for (const { id, demoId } of slots) {
    const name = demos.find((one) => one.id === demoId)?.usualPosition.trim() ?? '';
    if (name === '' || positionNamed(positions, name)) continue;
    const known = wanted.get(plainName(name)) ?? { name, slotIds: [] };
    known.slotIds.push(id);
    wanted.set(plainName(name), known);
  }
  return [...wanted.values()];
}

/** The show with a position of that name, and these of its slots at it; unchanged where it has as many as it may. */
export function withPositionFor<T extends Pick<Show, 'positions' | 'slots'>>(
  show: T,
  { name, slotIds }: PositionWanted,
  id: string,
): T {
  const there = positionNamed(show.positions, name);
  if (!there && show.positions.length >= MOST_POSITIONS) return show;
  const position = there ?? freshPosition(show.positions, name, id);
  return {
    ...show,
    positions: there ? show.positions : [...show.positions, position],
    slots: show.slots.map((slot): Slot =>
      slotIds.includes(slot.id) ? { ...slot, positionId: position.id } : slot,
    ),
  };
}
