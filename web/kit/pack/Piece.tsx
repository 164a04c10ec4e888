/** One piece of a thing as it lies in its box, seen from above. */
import type { Outline } from '../../../core/repertoire/item';

/** Height of the field that a piece is drawn in; what is long takes all of its width. */
export const H = 52;

export function Piece({ outline, x, width }: { outline: Outline; x: number; width: number }) {
  const middle = x + width / 2;
  switch (outline) {
    case 'round':
      return (
        <>
          <circle cx={middle} cy={H / 2} r={24} />
          <circle cx={middle} cy={H / 2} r={18} fill="none" />
        </>
      );
    case 'bottle':
      return (
        <>
          <circle cx={middle} cy={H / 2} r={23} />
          <circle cx={middle} cy={H / 2} r={9} fill="none" />
        </>
      );
    case 'long':
      return <rect x={x + 1} y={1} width={width - 2} height={H - 2} rx={12} />;
    case 'cord':
      return (
        <path
          d={`M${x + 4} 26h${width * 0.4}c18 0 8-18 24-18s14 30-2 30-10-24 12-20 20 8 ${width * 0.2} 8`}
          fill="none"
          strokeWidth={4}
        />
      );
    case 'flat':
      return <rect x={x + 1} y={10} width={width - 2} height={H - 20} rx={3} />;
    case 'block':
      return <rect x={x + 1} y={2} width={width - 2} height={H - 4} rx={6} />;
  }
}
