/** One gauge for every limit: how much there is as a bar, the limit as a square bracket, what is beyond it hatched. */
import Box from '@mui/material/Box';
import { useId } from 'react';
import type { Gauge as GaugeFacts } from '../../core/ready/verdict';
import { gaugeScale } from './gaugeScale';

const HEIGHT = 18;
const BAR = 8;
const WIDTH = 300;

const bracket = (x: number, opens: 1 | -1): string =>
  `M${x + opens * 5} 2H${x}V${HEIGHT - 2}H${x + opens * 5}`;

export function Gauge({ gauge }: { gauge: GaugeFacts }) {
  const id = useId();
  const { value, least, most } = gauge;
  const [low, high] = gaugeScale(gauge);
  const x = (figure: number): number =>
    Math.max(0, Math.min(WIDTH, ((figure - low) / (high - low)) * WIDTH));
  const top = (HEIGHT - BAR) / 2;
  const filled = value === null ? 0 : x(value);
  const from = most !== null && value !== null && value > most ? x(most) : filled;
  const short = least !== null && value !== null && value < least;
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      preserveAspectRatio="none"
      aria-hidden="true"
      sx={{ display: 'block', width: '100%', height: HEIGHT }}
    >
      <defs>
        <pattern
          id={id}
          width={5}
          height={5}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width={2.5} height={5} fill="var(--ember)" />
        </pattern>
      </defs>
      <rect
        x={0}
        y={top}
        width={WIDTH}
        height={BAR}
        rx={2}
        fill="var(--sunk)"
        stroke="var(--line-strong)"
      />
      <rect x={0} y={top} width={from} height={BAR} rx={2} fill="var(--job, var(--muted))" />
      {filled > from && (
        <rect x={from} y={top} width={filled - from} height={BAR} fill={`url(#${id})`} />
      )}
      {short && (
        <rect x={filled} y={top} width={x(least) - filled} height={BAR} fill={`url(#${id})`} />
      )}
      {value !== null && (
        <path d={`M${filled} ${top - 3}V${top + BAR + 3}`} stroke="var(--ink)" strokeWidth={3} />
      )}
      {least !== null && (
        <path d={bracket(x(least), 1)} fill="none" stroke="var(--ink)" strokeWidth={2} />
      )}
      {most !== null && (
        <path d={bracket(x(most), -1)} fill="none" stroke="var(--ink)" strokeWidth={2} />
      )}
    </Box>
  );
}
