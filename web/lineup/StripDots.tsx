/** The ends of a hundred shows on the strip's own axis, against the hard finish. */
import { type Dot, stackDots } from '../../core/lineup/forecast/dots';
import type { Band, Forecast } from '../../core/lineup/forecast/types';
import { condensed } from './StripLanes';
import type { Scale } from './stripLayout';

/** Height of the dots with their bracket, in px. */
export const DOTS_HEIGHT = 120;
/** From dot to dot, in px: the first at which the tallest stack has room. */
const PITCHES = [6, 5, 4.2, 3.5, 3];
/** The lowest dots stand here; beneath are the brackets. */
const GROUND = DOTS_HEIGHT - 38;
const HIGHEST = GROUND - 24;

/** Room for how many are late, px. */
const LATE_WORDS = 44;

interface StripDotsProps {
  forecast: Pick<Forecast, 'dots' | 'chance' | 'end'>;
  fresh: boolean;
  scale: Scale;
  hardFinish: number;
  /** The same show without its best thing to leave out. */
  without: { band: Band; name: string } | null;
}

/** Eight shows of ten end within it; the mark is where half of them have. */
function Bracket({ band, y, name, scale }: { band: Band; y: number; name: string; scale: Scale }) {
  const [from, middle, to] = [band.p10, band.p50, band.p90].map((at) => scale.x(at)) as [
    number,
    number,
    number,
  ];
  return (
    <g>
      <path d={`M${from} ${y}v5H${to}v-5`} fill="none" stroke="var(--ink)" strokeWidth={1.3} />
      <path d={`M${middle} ${y + 1}l4 7h-8z`} fill="var(--ink)" />
      <text x={from - 5} y={y + 9} textAnchor="end" style={condensed()} fill="var(--muted)">
        {name}
      </text>
    </g>
  );
}

export function StripDots({ forecast, fresh, scale, hardFinish, without }: StripDotsProps) {
  const perSecond = scale.x(1) - scale.x(0);
  const stacked = (pitch: number): Dot[] =>
    stackDots(forecast.dots, hardFinish, pitch / Math.max(1e-9, perSecond));
  const height = (of: readonly Dot[]): number => Math.max(1, ...of.map((dot) => dot.level + 1));
  const pitch = PITCHES.find((p) => height(stacked(p)) * p <= HIGHEST) ?? 3;
  const dots = stacked(pitch);
  const tallest = height(dots);
  const rise = Math.min(pitch, HIGHEST / tallest);
  const late = Math.round((1 - forecast.chance) * 100);
  const finish = scale.x(hardFinish);
  const first = Math.min(...dots.map((dot) => scale.x(dot.at)), finish);
  const last = Math.max(...dots.map((dot) => scale.x(dot.at)), finish);
  const isAtEdge = finish + 6 + LATE_WORDS > scale.right;
  return (
    <g
      opacity={fresh ? 1 : 0.5}
      role="img"
      aria-label={`Of 100 shows ${100 - late} end by the hard finish, ${late} after it`}
    >
      <path d={`M${first - 8} ${GROUND + 4}H${last + 8}`} stroke="var(--line-strong)" />
      {dots.map((dot, i) => (
        <circle
          key={i}
          cx={scale.x(dot.at)}
          cy={GROUND - dot.level * rise}
          r={pitch * 0.42}
          fill={dot.late ? 'none' : 'var(--ink)'}
          stroke={dot.late ? 'var(--ember)' : 'none'}
          strokeWidth={pitch > 4 ? 1.3 : 1}
        />
      ))}
      {late < 100 && (
        <text
          x={first - 14}
          y={GROUND + 2}
          textAnchor="end"
          style={condensed(15, 700)}
          fill="var(--ink)"
        >
          {100 - late} in time
        </text>
      )}
      {late > 0 && (
        <text
          x={
            isAtEdge
              ? scale.right
              : Math.max(finish + 6, Math.min(last + 8, scale.right - LATE_WORDS))
          }
          y={GROUND - Math.min(HIGHEST, tallest * rise) - 2}
          textAnchor={isAtEdge ? 'end' : 'start'}
          style={condensed(15, 700)}
          fill="var(--ember)"
        >
          {late} late
        </text>
      )}
      <Bracket band={forecast.end} y={GROUND + 8} name="8 of 10 as it is" scale={scale} />
      {without && <Bracket band={without.band} y={GROUND + 24} name={without.name} scale={scale} />}
    </g>
  );
}
