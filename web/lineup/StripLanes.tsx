/** The lanes of the stage strip: each person, each position, and what runs by itself. */
import type { Person, Position } from '../../core/brief/types';
import type { BackgroundSpan, PositionSpan } from '../../core/lineup/strip';
import type { PlacedTask } from '../../core/lineup/types';
import { NumberedTape, PositionMark } from '../parts/tape';
import { shorten, type Scale } from './stripLayout';

/** Widths of letters in the strip's two faces, in px; near enough to tell what fits. */
const WIDE_LETTER = 6.8;
const NARROW_LETTER = 5.4;
/** Room for the names at the left. */
export const NAMES = 132;

export const condensed = (size = 12, weight = 500): React.CSSProperties => ({
  font: `${weight} ${size}px Bricolage`,
  fontStretch: '75%',
});

/** How a slot looks and what is said of it, wherever it appears on the strip. */
export interface SlotLook {
  number: number;
  name: string;
  fill: string;
  opacity: number;
}

export interface LaneContext {
  scale: Scale;
  look: (slot: string) => SlotLook;
  /** “14:05” for seconds from the start. */
  clock: (seconds: number) => string;
  onSelect: (slot: string) => void;
}

const Line = ({ y, scale }: { y: number; scale: Scale }) => (
  <path d={`M${scale.left} ${y}H${scale.right}`} stroke="var(--line)" />
);

interface PersonLaneProps extends LaneContext {
  y: number;
  person: Pick<Person, 'name'>;
  tasks: readonly PlacedTask[];
  words: (task: PlacedTask) => string;
}

export const PersonLane = ({ y, person, tasks, words, scale, look, onSelect }: PersonLaneProps) => (
  <g>
    <text x={0} y={y + 17} fontWeight={600}>
      {shorten(person.name, NAMES - 8, WIDE_LETTER)}
    </text>
    <Line y={y + 13} scale={scale} />
    {tasks.map((task) => (
      <rect
        key={`${task.slot}/${task.task}/${task.go}`}
        opacity={look(task.slot).opacity}
        x={scale.x(task.start)}
        y={y + 5}
        width={Math.max(2, scale.x(task.end) - scale.x(task.start))}
        height={16}
        rx={2}
        fill={task.phase === 'perform' ? 'var(--person-on-stage)' : 'var(--card)'}
        stroke={task.phase === 'perform' ? 'none' : 'var(--chore)'}
        onClick={() => onSelect(task.slot)}
      >
        <title>{words(task)}</title>
      </rect>
    ))}
  </g>
);

interface PositionLaneProps extends LaneContext {
  y: number;
  position: Position;
  spans: readonly PositionSpan[];
}

/** The pale bar is while the position is held, the full one while it is watched. */
export const PositionLane = ({ y, position, spans, scale, look, clock }: PositionLaneProps) => (
  <g>
    <svg x={0} y={y + 5} width={14} height={14}>
      <PositionMark shape={position.mark} size={14} />
    </svg>
    <text x={20} y={y + 17}>
      {shorten(position.name, NAMES - 28, WIDE_LETTER)}
    </text>
    <Line y={y + 13} scale={scale} />
    {spans.map(({ slot, from, until, blockStart, blockEnd }) => {
      const { fill, opacity, name } = look(slot);
      return (
        <g key={slot} opacity={opacity}>
          <rect
            x={scale.x(from)}
            y={y + 9}
            width={scale.x(until) - scale.x(from)}
            height={8}
            fill={fill}
            opacity={0.3}
          >
            <title>{`${name} holds ${position.name} from ${clock(from)} to ${clock(until)}`}</title>
          </rect>
          <rect
            x={scale.x(blockStart)}
            y={y + 5}
            width={scale.x(blockEnd) - scale.x(blockStart)}
            height={16}
            rx={2}
            fill={fill}
          />
        </g>
      );
    })}
  </g>
);

interface BackgroundLaneProps extends LaneContext {
  y: number;
  span: BackgroundSpan;
}

/** A job that runs by itself: the bar while it runs, then square brackets around its ready window. */
export function BackgroundLane({ y, span, scale, look, clock }: BackgroundLaneProps) {
  const { task, name, readyFrom, readyUntil, useAt } = span;
  const { number, fill, opacity } = look(task.slot);
  const a = scale.x(readyFrom) + 1;
  const b = readyUntil === null ? a : Math.min(scale.right, scale.x(readyUntil));
  const middle = y + 9;
  return (
    <g opacity={opacity}>
      <title>
        {`${name}: ${clock(task.start)} to ${clock(task.end)}`}
        {readyUntil !== null && `, to be used by ${clock(readyUntil)}`}
      </title>
      <text x={0} y={y + 13} style={condensed(12.5)}>
        {shorten(name, NAMES - 6, NARROW_LETTER)}
      </text>
      <rect
        x={scale.x(task.start)}
        y={y + 4}
        width={Math.max(2, scale.x(task.end) - scale.x(task.start))}
        height={10}
        rx={2}
        fill="var(--background-job)"
      />
      {b > a + 8 && (
        <>
          <path
            d={`M${a + 4} ${y + 4}H${a}V${y + 14}H${a + 4}M${b - 4} ${y + 4}H${b}V${y + 14}H${b - 4}`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.3}
          />
          <path
            d={`M${a + 1} ${middle}H${b - 1}`}
            stroke="var(--ink)"
            strokeWidth={1.3}
            strokeDasharray="1 3"
          />
        </>
      )}
      {useAt !== null && (
        <NumberedTape
          x={scale.x(useAt) - 9}
          y={y + 1}
          width={18}
          height={16}
          fill={fill}
          size={12}
          edged
        >
          {number}
        </NumberedTape>
      )}
    </g>
  );
}
