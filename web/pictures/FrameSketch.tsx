/** What a camera has in its picture, sketched by the words for it: a place, a thing, straight down, or in the hand. */
import type { Camera } from '../../core/repertoire/pictures';
import { shapeSeen } from '../parts/thingShapes';

const W = 96;
const H = 54;
/** Where a table stands in the wide picture. */
const TABLE = 44;

interface ThingProps {
  words: string;
  x: number;
  floor: number;
  most: number;
}

/** The thing the words call up, as high as there is room for it. */
function Thing({ words, x, floor, most }: ThingProps) {
  const shape = shapeSeen(words);
  const scale = most / Math.max(shape.height, shape.width * 0.7);
  return (
    <g transform={`translate(${x - (shape.width * scale) / 2} ${floor}) scale(${scale})`}>
      <path
        d={shape.body}
        fill="var(--person-on-stage)"
        stroke="var(--ink)"
        strokeWidth={1.4}
        strokeLinejoin="round"
        vectorEffect="non-scaling-stroke"
      />
      {shape.lines && (
        <path
          d={shape.lines}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.2}
          vectorEffect="non-scaling-stroke"
        />
      )}
    </g>
  );
}

const Person = ({ x }: { x: number }) => (
  <path
    d={`M${x - 9} ${TABLE}V34C${x - 9} 28 ${x - 5} 26 ${x} 26S${x + 9} 28 ${x + 9} 34V${TABLE}ZM${x} 12A6 6 0 1 1 ${x} 24A6 6 0 1 1 ${x} 12Z`}
    fill="var(--ink)"
  />
);

const SCENES: Readonly<Record<Camera, (words: string) => React.ReactNode>> = {
  wide: (words) => (
    <>
      <Person x={22} />
      <Person x={74} />
      <Thing words={words} x={48} floor={TABLE} most={22} />
      <path d={`M8 ${TABLE}H88V48H8ZM16 48V54M80 48V54`} fill="var(--ink)" stroke="var(--ink)" />
    </>
  ),
  close: (words) => <Thing words={words} x={48} floor={51} most={44} />,
  above: () => (
    <>
      <path d="M10 8H86V46H10Z" fill="var(--sunk)" stroke="var(--ink)" />
      <circle cx={48} cy={27} r={14} fill="var(--person-on-stage)" stroke="var(--ink)" />
      <circle cx={48} cy={27} r={9} fill="none" stroke="var(--ink)" />
    </>
  ),
  hand: (words) => (
    <>
      <path d="M0 46C14 34 26 34 40 40L60 40C66 40 66 47 60 47H36V54H0Z" fill="var(--ink)" />
      <Thing words={words} x={66} floor={40} most={28} />
    </>
  ),
};

export const FrameSketch = ({ camera, sees }: { camera: Camera; sees: string }) => (
  <svg
    viewBox={`0 0 ${W} ${H}`}
    width="100%"
    aria-hidden="true"
    style={{ display: 'block', background: 'var(--card)', border: '1px solid var(--line-strong)' }}
  >
    {SCENES[camera](sees)}
  </svg>
);
