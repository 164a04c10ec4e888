/** The day of a show as a cord, true to time: hours, what is still to be looked at where, and now. */
import Box from '@mui/material/Box';
import type { ShowBundle } from '../../core/brief/types';
import type { Knot } from '../../core/ready/dayCord';
import { placeBetween, spreadOut } from '../../core/ready/dayCord';
import { formatClock } from '../../core/time/clock';
import { SeenArc } from '../parts/SeenArc';
import { PositionMark } from '../parts/tape';
import { tapePath } from '../parts/tapeShape';
import { useWidth } from '../parts/useWidth';

const TOP = 66;
const HEIGHT = 116;
const EDGE = 40;
const GAP = 66;
/** Less room than this between two, and their words would run into each other. */
const TIGHT = 58;

interface CordProps {
  knots: readonly Knot[];
  show: Pick<ShowBundle['show'], 'slots'>;
  /** Seconds from midnight; null on another day. */
  now: number | null;
}

const said = ({ name, kind, at, open, all }: Knot): string =>
  kind === 'hour'
    ? `${name} ${formatClock(at)}`
    : `${name || 'checks'} by ${formatClock(at)}, ${open} of ${all} open`;

export function DayCord({ knots, show, now }: CordProps) {
  const [box, width] = useWidth();
  const first = knots[0]?.at ?? 0;
  const last = knots.at(-1)?.at ?? 1;
  const from = now === null ? first : Math.min(first, now);
  const until = now === null ? last : Math.max(last, now);
  const room = Math.max(0, width - 2 * EDGE);
  const toX = (at: number): number => EDGE + ((at - from) / Math.max(1, until - from)) * room;
  const places = spreadOut(
    knots.map(({ at }) => toX(at) - EDGE),
    GAP,
    room,
  ).map((x) => x + EDGE);
  const placeOf = (name: string): number =>
    places[knots.findIndex((knot) => knot.kind === 'hour' && knot.name === name)] ?? 0;
  const [begins, ends] = [placeOf('start'), placeOf('hard finish')];
  // On a phone the tape between start and finish says which is which.
  const tight = room / Math.max(1, knots.length - 1) < TIGHT;
  const nowX =
    now === null
      ? null
      : (placeBetween(
          knots.map(({ at }) => at),
          places,
          now,
        ) ?? toX(now));
  return (
    <Box ref={box} sx={{ overflowX: 'auto', minHeight: HEIGHT }}>
      <svg
        width={Math.max(width, 320)}
        height={HEIGHT}
        role="img"
        aria-label={`The day: ${knots.map(said).join('; ')}`}
        style={{ display: 'block' }}
      >
        <path
          d={`M${places[0] ?? 0} ${TOP}H${places.at(-1) ?? 0}`}
          stroke="var(--line-strong)"
          strokeWidth={2}
        />
        {nowX !== null && (
          <path d={`M${places[0] ?? 0} ${TOP}H${nowX}`} stroke="var(--ink)" strokeWidth={3} />
        )}
        {ends - begins > 12 && show.slots.length > 0 && (
          <>
            <path
              d={tapePath(begins + 4, TOP - 11, ends - begins - 8, 22)}
              fill="var(--tape-cross)"
            />
            <text
              x={(begins + ends) / 2}
              y={TOP + 5}
              textAnchor="middle"
              fill="var(--on-tape)"
              style={{ font: '600 13px Bricolage' }}
            >
              {ends - begins > 70 ? `${show.slots.length} slots` : show.slots.length}
            </text>
          </>
        )}
        {knots.map((knot, i) => {
          const x = places[i] ?? 0;
          return knot.kind === 'hour' ? (
            <g key={knot.key}>
              <path d={`M${x} ${TOP - 12}V${TOP + 12}`} stroke="var(--ink)" strokeWidth={2} />
              <text
                x={x}
                y={TOP - 18}
                textAnchor="middle"
                fill="var(--ink)"
                style={{
                  font: `700 ${tight ? 12.5 : 16}px Bricolage`,
                  ...(tight && { fontStretch: '75%' }),
                }}
              >
                {formatClock(knot.at)}
              </text>
              <text
                x={x}
                y={TOP + 30}
                textAnchor="middle"
                fill="var(--ink)"
                style={{ font: '500 13px Bricolage', fontStretch: '80%' }}
              >
                {tight && knot.name === 'start' ? '' : knot.name}
              </text>
            </g>
          ) : (
            <g key={knot.key}>
              <SeenArc x={x} y={TOP} open={knot.open} all={knot.all} />
              {knot.mark && (
                <g transform={`translate(${x - 8} ${TOP + 16})`}>
                  <PositionMark shape={knot.mark} size={16} />
                </g>
              )}
              {!knot.mark && (
                <text
                  x={x}
                  y={TOP + 30}
                  textAnchor="middle"
                  fill="var(--ink)"
                  style={{ font: '500 13px Bricolage', fontStretch: '80%' }}
                >
                  {tight ? '' : knot.name}
                </text>
              )}
              <text
                x={x}
                y={TOP + 46}
                textAnchor="middle"
                fill="var(--muted)"
                style={{ font: '500 13px Bricolage', fontStretch: '80%' }}
              >
                {knot.open === 0 ? (tight ? '✓' : 'done') : tight ? knot.open : `${knot.open} left`}
              </text>
            </g>
          );
        })}
        {nowX !== null && (
          <>
            <path d={`M${nowX} 22V${TOP + 14}`} stroke="var(--ember)" strokeWidth={2} />
            <path d={tapePath(nowX - 42, 0, 84, 24)} fill="var(--ember-area)" />
            <text
              x={nowX}
              y={17}
              textAnchor="middle"
              fill="var(--on-ember)"
              style={{ font: '700 14px Bricolage' }}
            >
              {formatClock(now ?? 0)} now
            </text>
          </>
        )}
      </svg>
    </Box>
  );
}
