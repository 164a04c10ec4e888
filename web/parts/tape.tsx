/** Cloth tape: the strip with pinked ends, the marks stuck on the stage floor, and the heart made of two strips. */
import type { MarkShape } from '../../core/brief/types';
import { figureOn, tapePath } from './tapeShape';

interface TapeProps {
  width: number;
  height: number;
  fill: string;
  children?: React.ReactNode;
  size?: number;
}

/** A piece of tape with something written on it. */
export const Tape = ({ width, height, fill, children, size = 16 }: TapeProps) => (
  <svg
    width={width}
    height={height}
    viewBox={`0 0 ${width} ${height}`}
    aria-hidden="true"
    style={{ flex: 'none' }}
  >
    <NumberedTape x={0} y={0} width={width} height={height} fill={fill} size={size}>
      {children}
    </NumberedTape>
  </svg>
);

interface NumberedTapeProps {
  x: number;
  y: number;
  width: number;
  height: number;
  fill: string;
  size: number;
  children: React.ReactNode;
  /** Keeps it apart from what lies beneath. */
  edged?: boolean;
}

/** A piece of tape with a figure on it, inside a drawing; without one where it is too short to be read. */
export function NumberedTape({
  x,
  y,
  width,
  height,
  fill,
  size,
  children,
  edged,
}: NumberedTapeProps) {
  const isWord = typeof children === 'string' || typeof children === 'number';
  const figure = isWord ? figureOn(width, String(children).length, size) : { size, narrow: false };
  return (
    <>
      <path
        d={tapePath(x, y, width, height)}
        fill={fill}
        {...(edged && { stroke: 'var(--ground)', strokeWidth: 1.5, paintOrder: 'stroke' })}
      />
      {figure && (
        <text
          x={x + width / 2}
          y={y + height / 2 + figure.size * 0.36}
          textAnchor="middle"
          style={{
            font: `700 ${figure.size}px Bricolage`,
            ...(figure.narrow && { fontStretch: '75%' }),
          }}
          fill="var(--on-tape)"
        >
          {children}
        </text>
      )}
    </>
  );
}

const bar = (w: number, h: number): string => tapePath(-w / 2, -h / 2, w, h);

const SHAPES: Record<MarkShape, [path: string, transform: string][]> = {
  cross: [
    [bar(23, 6), 'translate(12 12) rotate(45)'],
    [bar(23, 6), 'translate(12 12) rotate(-45)'],
  ],
  corner: [
    [bar(21, 6.5), 'translate(6.2 12) rotate(90)'],
    [bar(20, 6.5), 'translate(12.2 19)'],
  ],
  tee: [
    [bar(19, 6), 'translate(12 13.5) rotate(90)'],
    [bar(21, 6), 'translate(12 5)'],
  ],
  bars: [
    [bar(22, 6), 'translate(7.6 12) rotate(-68)'],
    [bar(22, 6), 'translate(16.4 12) rotate(-68)'],
  ],
  chevron: [
    [bar(18, 6), 'translate(6.6 13) rotate(-55)'],
    [bar(18, 6), 'translate(17.4 13) rotate(55)'],
  ],
  square: [
    [bar(21, 5.5), 'translate(12 4.5)'],
    [bar(21, 5.5), 'translate(12 19.5)'],
    [bar(21, 5.5), 'translate(4.5 12) rotate(90)'],
    [bar(21, 5.5), 'translate(19.5 12) rotate(90)'],
  ],
};

/** The mark of a stage position; decorative beside its name, labelled when `label` is given. */
export const PositionMark = ({
  shape,
  size = 16,
  label,
}: {
  shape: MarkShape;
  size?: number;
  label?: string;
}) => (
  <svg
    width={size}
    height={size}
    viewBox="0 0 24 24"
    fill={`var(--tape-${shape})`}
    style={{ flex: 'none' }}
    {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
  >
    {SHAPES[shape].map(([d, transform]) => (
      <path key={transform} d={d} transform={transform} />
    ))}
  </svg>
);

export const Heart = ({ size = 34 }: { size?: number }) => (
  <svg width={size} height={size} viewBox="4.5 5.5 23 23" aria-hidden="true">
    <path
      d="M-9-5.500H0a5.500 5.500 0 0 1 0 11H-9z"
      transform="translate(19.890 13.110) rotate(-45)"
      fill="var(--ink)"
    />
    <path
      d="M-11.800-5.500H0a5.500 5.500 0 0 1 0 11H-11.800l1.300-1.833-1.300-1.833 1.300-1.833-1.300-1.833 1.300-1.833z"
      transform="translate(12.110 13.110) scale(-1 1) rotate(-45)"
      fill="var(--ember)"
      stroke="var(--sunk)"
      strokeWidth=".9"
    />
  </svg>
);
