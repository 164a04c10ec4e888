/** The ends of a hundred shows on the strip's own axis, against the hard finish. */
import { type Dot, stackDots } from '../../core/lineup/forecast/dots';
import type { Forecast } from '../../core/lineup/forecast/types';
import { condensed } from './StripLanes';
import type { Scale } from './stripLayout';

/** Height of the dots with their bracket, in px. */
export const DOTS_HEIGHT = 104;
/** From dot to dot, in px: the first at which the tallest stack has room. */
const PITCHES = [6, 5, 4.2, 3.5, 3];
/** The lowest dots stand here; beneath is the bracket. */
const GROUND = DOTS_HEIGHT - 22;
const HIGHEST = GROUND - 24;

interface StripDotsProps {
  forecast: Pick<Forecast, 'dots' | 'chance' | 'end'>;
  fresh: boolean;
  scale: Scale;
  hardFinish: number;
}

export function StripDots({ forecast, fresh, scale, hardFinish }: StripDotsProps) {
  const perSecond = scale.x(1) - scale.x(0);
  const stacked = (pitch: number): Dot[] =>
    stackDots(forecast.dots, hardFinish, pitch / Math.max(1e-9, perSecond));
  const height = (of: readonly Dot[]): number => Math.max(1, ...of.map((dot) => dot.level + 1));
  const pitch = PITCHES.find((p) => height(stacked(p)) * p <= HIGHEST) ?? 3;
  const dots = stacked(pitch);
  const tallest = height(dots);
  const rise = Math.min(pitch, HIGHEST / tallest);
  const late = Math.round((1 - forecast.chance) * 100);
  const [from, middle, to] = [forecast.end.p10, forecast.end.p50, forecast.end.p90].map((at) =>
    scale.x(at),
  ) as [number, number, number];
  const first = Math.min(...dots.map((dot) => scale.x(dot.at)), scale.x(hardFinish));
  const last = Math.max(...dots.map((dot) => scale.x(dot.at)), scale.x(hardFinish));
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
          x={Math.max(scale.x(hardFinish) + 6, Math.min(last + 8, scale.right - 44))}
          y={GROUND - Math.min(HIGHEST, tallest * rise) - 2}
          style={condensed(15, 700)}
          fill="var(--ember)"
        >
          {late} late
        </text>
      )}
      <path
        d={`M${from} ${GROUND + 8}v5H${to}v-5`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.3}
      />
      <path d={`M${middle} ${GROUND + 9}l4 7h-8z`} fill="var(--ink)" />
      <text x={from - 5} y={GROUND + 17} textAnchor="end" style={condensed()} fill="var(--muted)">
        8 of 10 shows
      </text>
    </g>
  );
}
