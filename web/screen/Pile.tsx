/** Hands as pieces of tape, one a hand, heaped up on a line; the latest lie on top and are bright. */
import { useMemo } from 'react';
import { tapePath } from '../parts/tapeShape';

const PIECE = 28;
/** Pieces that are drawn one a hand; of more, each stands for several. */
const MOST = 80;
const FRESH = 2;

/** A fixed crookedness for each place, so that nothing moves when another hand comes. */
const crooked = (i: number): number => ((i * 47) % 23) - 11;

interface Props {
  hands: number;
  fill: string;
  width: number;
  height: number;
}

export function Pile({ hands, fill, width, height }: Props) {
  const each = Math.max(1, Math.ceil(hands / MOST));
  const pieces = Math.ceil(hands / each);
  const places = useMemo(() => {
    const found: { x: number; y: number }[] = [];
    // A heap: each row one piece narrower than the one below.
    let inRow = Math.max(3, Math.ceil((Math.sqrt(1 + 8 * pieces) - 1) / 2) + 4);
    const widest = Math.floor(width / (PIECE + 1));
    inRow = Math.min(inRow, widest);
    let y = height - PIECE;
    while (found.length < pieces) {
      // The last row, which is not full, lies in the middle like the others.
      const here = Math.min(inRow, pieces - found.length);
      const left = (width - here * (PIECE + 1)) / 2;
      for (let i = 0; i < here; i++) found.push({ x: left + i * (PIECE + 1), y });
      y -= PIECE - 1;
      inRow = Math.max(2, inRow - 1);
    }
    return found;
  }, [pieces, width, height]);
  return (
    <svg
      width="100%"
      viewBox={`0 0 ${width} ${height + 6}`}
      preserveAspectRatio="xMidYMax meet"
      aria-hidden="true"
    >
      {places.map(({ x, y }, i) => (
        <path
          key={`${x}/${y}`}
          d={tapePath(x, y, PIECE - 2, PIECE - 3)}
          transform={`rotate(${crooked(i)} ${x + PIECE / 2} ${y + PIECE / 2})`}
          fill={i >= pieces - FRESH ? '#F4ECE1' : fill}
        />
      ))}
      <rect x="0" y={height + 2} width={width} height="4" fill="#75675C" />
    </svg>
  );
}
