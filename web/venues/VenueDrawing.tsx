/** A place to scale, from above and from the side on one axis: what is known drawn, what is not dashed and asked. */
import type { Venue } from '../../core/brief/types';

const WIDTH = 640;
const LEFT = 28;
/** Drawn while nobody has measured, m. */
const GUESS = { length: 14, width: 9, ceiling: 4, stageWidth: 6, stageDepth: 3, frontRow: 2 };
const PERSON = 1.7;
const ROW = 1.1;
const TEXT = { font: '600 14px Bricolage', fontStretch: '85%', fill: 'var(--ink)' } as const;
const QUIET = { font: '500 13px Bricolage', fontStretch: '85%', fill: 'var(--muted)' } as const;
const ASK = { ...TEXT, fill: 'var(--ember)' } as const;

const dash = (isKnown: boolean): string | undefined => (isKnown ? undefined : '6 5');

/** Somebody standing, to scale. */
const Standing = ({ x, floor, m }: { x: number; floor: number; m: number }) => {
  const h = PERSON * m;
  return (
    <path
      d={`M${x - h * 0.11} ${floor}V${floor - h * 0.72}Q${x - h * 0.11} ${floor - h * 0.8} ${x} ${floor - h * 0.8}T${x + h * 0.11} ${floor - h * 0.72}V${floor}ZM${x} ${floor - h}A${h * 0.09} ${h * 0.09} 0 1 1 ${x} ${floor - h * 0.82}A${h * 0.09} ${h * 0.09} 0 1 1 ${x} ${floor - h}Z`}
      fill="var(--chore)"
    />
  );
};

interface Facts {
  venue: Venue;
  length: number;
  width: number;
  ceiling: number;
  depth: number;
  stage: number;
  row: number;
  m: number;
}

function Plan({ venue, length, width, depth, stage, row, m }: Facts) {
  const x = (metres: number): number => LEFT + metres * m;
  const top = 26;
  const h = width * m;
  const mid = top + h / 2;
  const rows = Math.max(0, Math.floor((length - depth - row - 0.5) / ROW));
  const seats = Math.min(width - 1, Math.max(stage, 3)) * m;
  const known = venue.lengthM !== null && venue.widthM !== null;
  return (
    <g>
      {!venue.outdoors && (
        <rect
          x={x(0)}
          y={top}
          width={length * m}
          height={h}
          fill="var(--card)"
          stroke="var(--chore)"
          strokeWidth={4}
          strokeDasharray={dash(known)}
        />
      )}
      <rect
        x={x(0)}
        y={mid - (stage * m) / 2}
        width={depth * m}
        height={stage * m}
        fill="var(--ground)"
        stroke="var(--ink)"
        strokeWidth={1.5}
        strokeDasharray={dash(venue.stageWidthM !== null && venue.stageDepthM !== null)}
      />
      <text x={x(0) + 10} y={mid - (stage * m) / 2 + 22} style={TEXT}>
        Stage
      </text>
      <text x={x(0) + 10} y={mid - (stage * m) / 2 + 39} style={QUIET}>
        {venue.stageWidthM === null || venue.stageDepthM === null
          ? 'how large?'
          : `${venue.stageWidthM} by ${venue.stageDepthM} m`}
      </text>
      {Array.from({ length: Math.min(rows, 24) }, (_, i) => (
        <rect
          key={i}
          x={x(depth + row + i * ROW)}
          y={mid - seats / 2}
          width={Math.max(3, m * 0.4)}
          height={seats}
          fill="var(--sunk)"
          stroke="var(--line-strong)"
          strokeDasharray={dash(venue.frontRowM !== null)}
        />
      ))}
      <path
        d={`M${x(depth)} ${mid}H${x(depth + row)}M${x(depth)} ${mid - 5}v10M${x(depth + row)} ${mid - 5}v10`}
        stroke={venue.frontRowM === null ? 'var(--ember)' : 'var(--ink)'}
        strokeWidth={1.5}
        strokeDasharray={dash(venue.frontRowM !== null)}
      />
      <text
        x={x(depth + row / 2)}
        y={mid - 8}
        textAnchor="middle"
        style={{ ...(venue.frontRowM === null ? ASK : TEXT), paintOrder: 'stroke' }}
        stroke="var(--card)"
        strokeWidth={4}
      >
        {venue.frontRowM === null ? '?' : `${venue.frontRowM} m`}
      </text>
      {venue.exits.map((exit) => {
        const ex = Math.max(x(-0.6), Math.min(x(length + 0.4), x(depth - exit.y)));
        const ey = Math.max(top - 4, Math.min(top + h + 4, mid - exit.x * m));
        return (
          <g key={exit.id}>
            <rect x={ex - 7} y={ey - 7} width={14} height={14} fill="var(--ink)" />
            <text
              x={ex > WIDTH - 120 ? ex - 12 : ex + 12}
              y={ey + 5}
              textAnchor={ex > WIDTH - 120 ? 'end' : 'start'}
              style={{ ...TEXT, paintOrder: 'stroke' }}
              stroke="var(--card)"
              strokeWidth={4}
            >
              {exit.name}
            </text>
          </g>
        );
      })}
      <text x={x(length)} y={top - 9} textAnchor="end" style={venue.lengthM === null ? ASK : QUIET}>
        {venue.lengthM === null || venue.widthM === null
          ? 'how long and how wide?'
          : `${venue.lengthM} by ${venue.widthM} m, from above`}
      </text>
    </g>
  );
}

function Side({ venue, length, ceiling, depth, row, m, top }: Facts & { top: number }) {
  const x = (metres: number): number => LEFT + metres * m;
  const floor = top + ceiling * m;
  const seats = Math.max(0, Math.floor((length - depth - row - 0.5) / ROW));
  return (
    <g>
      {!venue.outdoors && (
        <path
          d={`M${x(0)} ${floor}V${top}H${x(length)}V${floor}`}
          fill="var(--card)"
          stroke="var(--chore)"
          strokeWidth={4}
          strokeDasharray={dash(venue.ceilingM !== null)}
        />
      )}
      <path d={`M${x(0) - 8} ${floor}H${x(length) + 8}`} stroke="var(--ink)" strokeWidth={2} />
      <Standing x={x(depth / 2)} floor={floor} m={m} />
      {Array.from({ length: Math.min(seats, 24) }, (_, i) => (
        <circle
          key={i}
          cx={x(depth + row + i * ROW + 0.2)}
          cy={floor - 1.1 * m}
          r={Math.max(2.5, 0.13 * m)}
          fill="var(--chore)"
        />
      ))}
      {!venue.outdoors && (
        <>
          <path
            d={`M${x(0) + 14} ${top}V${floor}M${x(0) + 9} ${top}h10M${x(0) + 9} ${floor}h10`}
            stroke={venue.ceilingM === null ? 'var(--ember)' : 'var(--ink)'}
            strokeWidth={1.5}
          />
          <text x={x(0) + 22} y={(top + floor) / 2} style={venue.ceilingM === null ? ASK : TEXT}>
            {venue.ceilingM === null ? 'how high?' : `${venue.ceilingM} m`}
          </text>
          {venue.smokeDetectors !== 'no' &&
            [0.25, 0.55, 0.85].map((at) => (
              <circle
                key={at}
                cx={x(length * at)}
                cy={top + 7}
                r={6}
                fill="var(--card)"
                stroke={venue.smokeDetectors === 'yes' ? 'var(--ink)' : 'var(--ember)'}
                strokeWidth={1.5}
                strokeDasharray={venue.smokeDetectors === 'yes' ? undefined : '3 2.5'}
              />
            ))}
          <text
            x={x(length * 0.55) + 14}
            y={top + 26}
            style={venue.smokeDetectors === 'unknown' ? ASK : QUIET}
          >
            {venue.smokeDetectors === 'unknown'
              ? 'smoke detectors?'
              : venue.smokeDetectors === 'no'
                ? 'no smoke detectors'
                : 'smoke detectors'}
          </text>
        </>
      )}
      <text x={x(0)} y={floor + 18} style={QUIET}>
        0
      </text>
      <text x={x(depth)} y={floor + 18} textAnchor="middle" style={QUIET}>
        stage edge
      </text>
      <text x={x(length)} y={floor + 18} textAnchor="end" style={QUIET}>
        {Math.round(length * 10) / 10} m
      </text>
    </g>
  );
}

export function VenueDrawing({ venue }: { venue: Venue }) {
  const depth = venue.stageDepthM ?? GUESS.stageDepth;
  const row = venue.frontRowM ?? GUESS.frontRow;
  const length = Math.max(venue.lengthM ?? GUESS.length, depth + row + 1);
  const width = Math.max(venue.widthM ?? GUESS.width, venue.stageWidthM ?? 0);
  const ceiling = venue.outdoors ? 3 : Math.max(2, venue.ceilingM ?? GUESS.ceiling);
  const m = Math.min((WIDTH - LEFT - 24) / length, 340 / width);
  const facts: Facts = {
    venue,
    length,
    width,
    ceiling,
    depth,
    stage: venue.stageWidthM ?? Math.min(GUESS.stageWidth, width),
    row,
    m,
  };
  const side = 26 + width * m + 44;
  const height = side + ceiling * m + 28;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      width="100%"
      role="img"
      aria-label={`${venue.name} to scale, from above and from the side; what is not known is dashed`}
      style={{ display: 'block', maxWidth: WIDTH * 1.2 }}
    >
      <Plan {...facts} />
      <Side {...facts} top={side} />
    </svg>
  );
}
