/** What stands for a slot where there is little room: its number on the tape of its position. */
import type { MarkShape } from '../../core/brief/types';

export interface SlotFace {
  number: number;
  name: string;
  position: { name: string; mark: MarkShape } | null;
}

export const facesOf = (
  slots: readonly { id: string; name: string; position: SlotFace['position'] }[],
): ((id: string) => SlotFace | null) => {
  const faces = new Map(
    slots.map(({ id, name, position }, i) => [id, { number: i + 1, name, position }]),
  );
  return (id) => faces.get(id) ?? null;
};
