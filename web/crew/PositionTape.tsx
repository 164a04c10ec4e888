import { NumberedTape } from '../parts/tape';
import type { SlotFace } from './faces';

/** A slot’s number on tape in the colour of its position, inside a drawing. */
export const PositionTape = ({
  face,
  x,
  y,
  width,
  height,
}: {
  face: SlotFace;
  x: number;
  y: number;
  width: number;
  height: number;
}) => (
  <NumberedTape
    x={x}
    y={y}
    width={width}
    height={height}
    size={Math.round(height * 0.6)}
    fill={face.position ? `var(--tape-${face.position.mark})` : 'var(--person-on-stage)'}
    edged
  >
    {face.number}
  </NumberedTape>
);
