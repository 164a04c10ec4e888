/** The lanes of the stage strip: each person, each position, and what runs by itself. */
import type { LeadRange } from '../../core/lineup/lead';
import type { BackgroundSpan, PositionSpan } from '../../core/lineup/strip';
import type { PlacedTask } from '../../core/lineup/types';
import { NumberedTape } from '../parts/tape';
import { LeadBar } from './LeadBar';
import type { Selection } from './selection';
import { shorten, type Scale } from './stripLayout';

/** Width of a letter in the strip's narrow face, in px; near enough to tell what fits. */
export const NARROW_LETTER = 5.4;
/** A bar shorter than this says nothing inside it, in px. */
const READABLE = 34;

export const condensed = (size = 12, weight = 500): React.CSSProperties => ({
  font: `${weight} ${size}px Bricolage`,
  fontStretch: '75%',
});

/** How a slot looks and what is said of it on every lane of the strip. */
export interface SlotLook {
  number: number;
  name: string;
  fill: string;
  opacity: number;
}

/** How a task is lit: it is the one chosen, it lies next to it in time, or neither. */
export type Light = 'chosen' | 'near' | null;

export interface LaneContext {
  scale: Scale;
  look: (slot: string) => SlotLook;
  light: (task: PlacedTask) => Light;
  taskName: (task: PlacedTask) => string;
  /** “14:05” for seconds from the start. */
  clock: (seconds: number) => string;
  /** How much earlier it could be done; null for what can't be moved. */
  range: (task: PlacedTask) => LeadRange | null;
  onSelect: (chosen: Selection) => void;
  onLead: (task: PlacedTask, seconds: number) => void;
}

export const Line = ({ y, scale }: { y: number; scale: Scale }) => (
  <path d={`M${scale.left} ${y}H${scale.right}`} stroke="var(--line)" />
);

/** A bar that can be chosen, and dragged where it has room to be. */
function Movable({
  task,
  y,
  height,
  context,
  children,
}: {
  task: PlacedTask;
  y: number;
  height: number;
  context: LaneContext;
  children: React.ReactNode;
}) {
  const select = (): void => context.onSelect({ slot: task.slot, task: task.task });
  const range = context.range(task);
  if (!range)
    return (
      <g onClick={select} style={{ cursor: 'pointer' }}>
        {children}
      </g>
    );
  return (
    <LeadBar
      placed={task}
      range={range}
      name={`${context.taskName(task)} (${context.look(task.slot).name})`}
      scale={context.scale}
      y={y}
      height={height}
      onSelect={select}
      onLead={(seconds) => context.onLead(task, seconds)}
    >
      {children}
    </LeadBar>
  );
}

interface BufferProps {
  task: PlacedTask;
  y: number;
  height: number;
  scale: Scale;
}

/** The time after preparation by which it may take longer without keeping anything waiting. */
function Buffer({ task: { end, buffer }, y, height, scale }: BufferProps) {
  const width = scale.x(end + buffer) - scale.x(end);
  if (width < 1.5) return null;
  return (
    <rect
      x={scale.x(end)}
      y={y}
      width={width}
      height={height}
      fill="url(#buffer)"
      stroke="var(--chore)"
      strokeWidth={0.5}
    />
  );
}

interface PersonLaneProps {
  y: number;
  tasks: readonly PlacedTask[];
  words: (task: PlacedTask) => string;
  context: LaneContext;
}

export const PersonLane = ({ y, tasks, words, context }: PersonLaneProps) => {
  const { scale, look, light, taskName } = context;
  return (
    <g>
      <Line y={y + 13} scale={scale} />
      {tasks.map((task) => {
        const width = Math.max(2, scale.x(task.end) - scale.x(task.start));
        const lit = light(task);
        const watched = task.phase === 'perform';
        return (
          <Movable
            key={`${task.slot}/${task.task}/${task.go}/${task.phase}`}
            task={task}
            y={y + 5}
            height={16}
            context={context}
          >
            <g opacity={lit ? 1 : look(task.slot).opacity}>
              <rect
                x={scale.x(task.start)}
                y={y + 5}
                width={width}
                height={16}
                rx={2}
                fill={watched ? 'var(--person-on-stage)' : 'var(--card)'}
                stroke={
                  lit === 'chosen'
                    ? 'var(--ember)'
                    : lit === 'near'
                      ? 'var(--ink)'
                      : watched
                        ? 'none'
                        : 'var(--chore)'
                }
                strokeWidth={lit ? 2 : 1}
              >
                <title>{words(task)}</title>
              </rect>
              <Buffer task={task} y={y + 9} height={8} scale={scale} />
              {width >= READABLE && (
                <text x={scale.x(task.start) + 3} y={y + 17} style={condensed(11.5)}>
                  {shorten(taskName(task), width - 5, NARROW_LETTER - 0.3)}
                </text>
              )}
            </g>
          </Movable>
        );
      })}
    </g>
  );
};

interface PositionLaneProps {
  y: number;
  name: string;
  spans: readonly PositionSpan[];
  context: LaneContext;
}

/** The pale bar is while the position is held, the full one while it is watched. */
export const PositionLane = ({ y, name: position, spans, context }: PositionLaneProps) => {
  const { scale, look, clock, onSelect } = context;
  return (
    <g>
      <Line y={y + 13} scale={scale} />
      {spans.map(({ slot, from, until, blockStart, blockEnd }) => {
        const { fill, opacity, name } = look(slot);
        return (
          <g
            key={slot}
            opacity={opacity}
            style={{ cursor: 'pointer' }}
            onClick={() => onSelect({ slot, task: null })}
          >
            <rect
              x={scale.x(from)}
              y={y + 9}
              width={scale.x(until) - scale.x(from)}
              height={8}
              fill={fill}
              opacity={0.3}
            >
              <title>{`${name} holds ${position} from ${clock(from)} to ${clock(until)}`}</title>
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
};

interface BackgroundLaneProps {
  y: number;
  span: BackgroundSpan;
  context: LaneContext;
}

/** A job that runs by itself: the bar while it runs, then square brackets around its ready window. */
export function BackgroundLane({ y, span, context }: BackgroundLaneProps) {
  const { scale, look, light, clock } = context;
  const { task, name, readyFrom, readyUntil, useAt } = span;
  const { number, fill, opacity } = look(task.slot);
  const a = scale.x(readyFrom) + 1;
  const b = readyUntil === null ? a : Math.min(scale.right, scale.x(readyUntil));
  const middle = y + 9;
  const lit = light(task);
  return (
    <Movable task={task} y={y + 4} height={10} context={context}>
      <g opacity={lit ? 1 : opacity}>
        <title>
          {`${name}: ${clock(task.start)} to ${clock(task.end)}`}
          {readyUntil !== null && `, to be used by ${clock(readyUntil)}`}
        </title>
        <rect
          x={scale.x(task.start)}
          y={y + 4}
          width={Math.max(2, scale.x(task.end) - scale.x(task.start))}
          height={10}
          rx={2}
          fill="var(--background-job)"
          {...(lit && { stroke: lit === 'chosen' ? 'var(--ember)' : 'var(--ink)', strokeWidth: 2 })}
        />
        <Buffer task={task} y={y + 4} height={10} scale={scale} />
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
    </Movable>
  );
}
