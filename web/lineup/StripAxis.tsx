/** Clock times along the strip, preparation on sunk ground, and the blocks the audience watches. */
import type { SlotBand } from '../../core/lineup/forecast/types';
import type { Block } from '../../core/lineup/types';
import { formatDuration, sayDuration } from '../../core/time/clock';
import { NumberedTape } from '../parts/tape';
import { condensed, type LaneContext } from './StripLanes';
import { placeLabels, sameStretch, tickStep } from './stripLayout';

/** Top of the lane in focus. */
export const TOP = 58;
/** Width of a letter in a block's name, in px, with a little to spare. */
const LABEL_LETTER = 6.2;
/** Room for a clock time, in px. */
export const CLOCK_WIDTH = 34;
/** Room for the words on the scale of preparation, in px. */
const SCALE_WORDS = 64;

interface AxisProps extends Pick<LaneContext, 'scale' | 'clock'> {
  first: number;
  last: number;
  finish: number;
  height: number;
}

/** How long so many minutes are on one of the two scales. */
function Stretch({
  from,
  seconds,
  scale,
  before = false,
}: Pick<LaneContext, 'scale'> & { from: number; seconds: number; before?: boolean }) {
  const width = before ? scale.zero - scale.x(-seconds) : scale.x(seconds) - scale.zero;
  const y = before ? 38 : 20;
  return (
    <g aria-hidden>
      <path
        d={`M${from} ${y - 4}v8m0 -4h${width}m0 -4v8`}
        fill="none"
        stroke="var(--muted)"
        strokeWidth={1.2}
      />
      <text x={from + width + 4} y={y + 4} style={condensed()} fill="var(--muted)">
        {sayDuration(seconds)}
      </text>
    </g>
  );
}

export function Axis({ scale, clock, first, last, finish, height }: AxisProps) {
  const step = tickStep(scale, 2 * CLOCK_WIDTH);
  const ticks = Array.from({ length: Math.floor(last / step) + 1 }, (_, i) => i * step).filter(
    (seconds) => Math.abs(scale.x(seconds) - scale.x(finish)) > CLOCK_WIDTH,
  );
  const stretch = sameStretch(scale);
  return (
    <>
      <rect
        x={scale.left}
        y={0}
        width={scale.zero - scale.left}
        height={height}
        fill="var(--sunk)"
      />
      {scale.zero - scale.left >= SCALE_WORDS && (
        <>
          <text x={scale.left + 4} y={12} style={condensed(12, 600)} fill="var(--ink)">
            Preparation
          </text>
          <text x={scale.left + 4} y={26} style={condensed()} fill="var(--muted)">
            from {clock(first)}
          </text>
          {stretch !== null && (
            <>
              <Stretch from={scale.left + 4} seconds={stretch} scale={scale} before />
              <Stretch from={scale.zero} seconds={stretch} scale={scale} />
            </>
          )}
        </>
      )}
      {ticks.map((seconds) => (
        <g key={seconds}>
          <path
            d={`M${scale.x(seconds)} 16V${height}`}
            stroke="var(--line)"
            strokeDasharray="1 3"
          />
          <text
            x={scale.x(seconds)}
            y={12}
            textAnchor={seconds === 0 ? 'start' : 'middle'}
            style={condensed()}
            fill="var(--muted)"
          >
            {clock(seconds)}
          </text>
        </g>
      ))}
    </>
  );
}

/** Numbered tape for each slot, its name above or below where there is room. */
interface FocusProps {
  blocks: readonly Block[];
  /** When each starts in eight shows of ten; empty while that is not known. */
  bands: readonly SlotBand[];
  /** When the audience has nothing to watch. */
  gaps: readonly Pick<Block, 'start' | 'end'>[];
  context: LaneContext;
}

/** Those whose brackets can be told apart, from the end: the last is what the others lead to. */
function apart(bands: readonly SlotBand[], scale: LaneContext['scale']): Set<string> {
  const drawn = new Set<string>();
  let next = Infinity;
  for (const band of bands.toReversed()) {
    if (band.p90 <= band.p10 || scale.x(band.p90) > next) continue;
    drawn.add(band.slot);
    next = scale.x(band.p10) - 2;
  }
  return drawn;
}

export function FocusLane({ blocks, bands, gaps, context }: FocusProps) {
  const { scale, look, clock, onSelect } = context;
  const labels = blocks.map((block) => ({ text: look(block.slot).name, x: scale.x(block.start) }));
  // Above the tape nothing else is drawn; below it the hatching of dead air is.
  const below = gaps.map(({ start, end }) => [scale.x(start), scale.x(end)] as const);
  const places = placeLabels(labels, [[], [], below], LABEL_LETTER);
  const bracketed = apart(bands, scale);
  return (
    <>
      {blocks.map((block, i) => {
        const { name, number, fill, opacity } = look(block.slot);
        const x = scale.x(block.start);
        const width = Math.max(4, scale.x(block.end) - x);
        const place = places[i];
        const band = bands.find((b) => b.slot === block.slot);
        return (
          <g
            key={block.slot}
            opacity={opacity}
            style={{ cursor: 'pointer' }}
            onClick={() => onSelect({ slot: block.slot, task: null })}
          >
            <title>
              {`${name}, ${clock(block.start)}, ${formatDuration(block.end - block.start)}`}
              {band && `; in 8 of 10 shows between ${clock(band.p10)} and ${clock(band.p90)}`}
            </title>
            {place && place.row >= 0 && (
              <text
                x={place.x + 1}
                y={place.row === 2 ? TOP + 50 : TOP - 6 - place.row * 13}
                textAnchor={place.anchor}
                style={condensed(12, 600)}
              >
                {name}
              </text>
            )}
            <NumberedTape x={x} y={TOP} width={width} height={32} fill={fill} size={16}>
              {number}
            </NumberedTape>
            {band && bracketed.has(band.slot) && (
              <path
                d={`M${scale.x(band.p10)} ${TOP + 34}v4m0 -2H${scale.x(band.p90)}m0 -2v4`}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={1.2}
              />
            )}
          </g>
        );
      })}
    </>
  );
}
