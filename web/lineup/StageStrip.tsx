/** The stage strip: what the audience watches, each person, each position and what runs behind, on one time axis. */
import Box from '@mui/material/Box';
import { useEffect, useRef, useState } from 'react';
import type { ShowBundle } from '../../core/brief/types';
import type { LineupInput, PlacedTask, Timeline } from '../../core/lineup/types';
import { formatClock, formatDuration, parseClock } from '../../core/time/clock';
import { PositionMark, tapePath } from '../parts/tape';
import { labelRows, makeScale, type Scale } from './stripLayout';

interface StripProps {
  bundle: ShowBundle;
  input: LineupInput;
  timeline: Timeline;
  selected: string | null;
  onSelect: (slotId: string) => void;
}

const LANE = 25;
const NAMES = 132;
const LETTER = 6.2;

function useWidth(): [React.RefObject<HTMLDivElement | null>, number] {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(720);
  useEffect(() => {
    const element = box.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setWidth(Math.max(560, Math.floor(entry.contentRect.width)));
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [box, width];
}

const condensed = (size = 12, weight = 500): React.CSSProperties => ({
  font: `${weight} ${size}px Bricolage`,
  fontStretch: '75%',
});

export function StageStrip({ bundle, input, timeline, selected, onSelect }: StripProps) {
  const [box, width] = useWidth();
  const start = parseClock(bundle.show.start);
  const first = Math.min(-60, ...timeline.tasks.map((task) => task.start));
  const last = Math.max(timeline.hardFinish, ...timeline.tasks.map((task) => task.end)) + 90;
  const scale = makeScale(first, last, NAMES, width - 8);
  const number = (slotId: string): number =>
    input.slots.findIndex((slot) => slot.id === slotId) + 1;
  const nameOf = (slotId: string): string =>
    input.slots.find((slot) => slot.id === slotId)?.name ?? '';
  const shapeOf = (slotId: string) =>
    bundle.show.positions.find((p) => p.id === input.slots.find((s) => s.id === slotId)?.positionId)
      ?.mark ?? 'square';
  const fillOf = (slotId: string): string => `var(--tape-${shapeOf(slotId)})`;
  const dim = (slotId: string): number => (selected === null || selected === slotId ? 1 : 0.35);
  const taskName = (placed: PlacedTask): string =>
    input.slots.find((s) => s.id === placed.slot)?.tasks.find((t) => t.id === placed.task)?.name ??
    '';

  const labels = timeline.blocks.map((block) => ({
    text: nameOf(block.slot),
    x: scale.x(block.start),
  }));
  const rows = labelRows(labels, 3, LETTER);
  const settles = timeline.tasks.filter((task) => task.phase === 'settle' && task.end > task.start);
  const crew = input.crew;
  const top = 58;
  const people = top + 46;
  const positions = people + crew.length * LANE + 12;
  const background = positions + input.positions.length * LANE + 12;
  const height = background + 20 + settles.length * 20 + 10;
  const axis = [...Array(Math.floor(last / 600) + 1).keys()].map((i) => i * 600);

  return (
    <Box ref={box} sx={{ overflowX: 'auto' }}>
      <svg
        width={width}
        height={height}
        role="group"
        aria-label={`Stage strip: ${timeline.blocks.length} demonstrations over ${formatDuration(timeline.end)}`}
        style={{ display: 'block', fontSize: 12.5 }}
        fill="var(--ink)"
      >
        <defs>
          <pattern
            id="dead-air"
            width="6"
            height="6"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width="2" height="6" fill="var(--ember)" opacity=".6" />
          </pattern>
        </defs>
        <rect
          x={scale.left}
          y={0}
          width={scale.zero - scale.left}
          height={height}
          fill="var(--sunk)"
        />
        <text x={scale.left + 4} y={12} style={condensed()} fill="var(--muted)">
          from {formatClock(start + first)}
        </text>
        <text x={scale.left + 4} y={26} style={condensed()} fill="var(--muted)">
          own scale
        </text>
        {axis.map((seconds) => (
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
              {formatClock(start + seconds)}
            </text>
          </g>
        ))}

        {timeline.gaps.map((gap) => (
          <g key={gap.slot}>
            <rect
              x={scale.x(gap.start)}
              y={top}
              width={Math.max(2, scale.x(gap.end) - scale.x(gap.start))}
              height={background - top - 8}
              fill="url(#dead-air)"
              stroke="var(--ember)"
            >
              <title>{`Dead air ${formatDuration(gap.seconds)}: ${gap.reason}`}</title>
            </rect>
          </g>
        ))}

        <text x={0} y={top + 21} fontWeight={700}>
          In focus
        </text>
        {timeline.blocks.map((block, i) => {
          const x = scale.x(block.start);
          const w = Math.max(4, scale.x(block.end) - x);
          const row = rows[i] ?? -1;
          return (
            <g
              key={block.slot}
              opacity={dim(block.slot)}
              style={{ cursor: 'pointer' }}
              onClick={() => onSelect(block.slot)}
            >
              <title>{`${nameOf(block.slot)}, ${formatClock(start + block.start)}, ${formatDuration(block.end - block.start)}`}</title>
              {row >= 0 && (
                <text
                  x={x + 1}
                  y={row === 2 ? top + 45 : top - 6 - row * 13}
                  style={condensed(12, 600)}
                >
                  {nameOf(block.slot)}
                </text>
              )}
              <path d={tapePath(x, top, w, 32)} fill={fillOf(block.slot)} />
              <text
                x={x + w / 2}
                y={top + 22}
                textAnchor="middle"
                style={{ font: '700 16px Bricolage' }}
                fill="var(--on-tape)"
              >
                {number(block.slot)}
              </text>
            </g>
          );
        })}

        {crew.map((person, i) => {
          const y = people + i * LANE;
          return (
            <g key={person.id}>
              <text x={0} y={y + 17} fontWeight={600}>
                {person.name}
              </text>
              <path d={`M${scale.left} ${y + 13}H${scale.right}`} stroke="var(--line)" />
              {timeline.tasks
                .filter((task) => task.people.includes(person.id))
                .map((task) => (
                  <rect
                    key={`${task.slot}/${task.task}/${task.go}`}
                    opacity={dim(task.slot)}
                    x={scale.x(task.start)}
                    y={y + 5}
                    width={Math.max(2, scale.x(task.end) - scale.x(task.start))}
                    height={16}
                    rx={2}
                    fill={task.phase === 'perform' ? 'var(--person-on-stage)' : 'var(--card)'}
                    stroke={task.phase === 'perform' ? 'none' : 'var(--chore)'}
                    onClick={() => onSelect(task.slot)}
                  >
                    <title>{`${taskName(task)} (${nameOf(task.slot)}), ${formatClock(start + task.start)}, ${formatDuration(task.end - task.start)}`}</title>
                  </rect>
                ))}
            </g>
          );
        })}

        {input.positions.map((position, i) => {
          const y = positions + i * LANE;
          const shape = bundle.show.positions[i]?.mark ?? 'square';
          return (
            <g key={position.id}>
              <svg x={0} y={y + 5} width={14} height={14}>
                <PositionMark shape={shape} size={14} />
              </svg>
              <text x={20} y={y + 17}>
                {position.name}
              </text>
              <path d={`M${scale.left} ${y + 13}H${scale.right}`} stroke="var(--line)" />
              {timeline.blocks
                .filter(
                  (block) =>
                    input.slots.find((s) => s.id === block.slot)?.positionId === position.id,
                )
                .map((block) => {
                  const there = timeline.tasks.filter(
                    (t) => t.slot === block.slot && t.position !== null,
                  );
                  const from = Math.min(block.start, ...there.map((t) => t.start));
                  const until = Math.max(block.end, ...there.map((t) => t.end));
                  return (
                    <g key={block.slot} opacity={dim(block.slot)}>
                      <rect
                        x={scale.x(from)}
                        y={y + 9}
                        width={scale.x(until) - scale.x(from)}
                        height={8}
                        fill={fillOf(block.slot)}
                        opacity={0.3}
                      >
                        <title>{`${nameOf(block.slot)} holds ${position.name} from ${formatClock(start + from)} to ${formatClock(start + until)}`}</title>
                      </rect>
                      <rect
                        x={scale.x(block.start)}
                        y={y + 5}
                        width={scale.x(block.end) - scale.x(block.start)}
                        height={16}
                        rx={2}
                        fill={fillOf(block.slot)}
                      />
                    </g>
                  );
                })}
            </g>
          );
        })}

        <text x={0} y={background + 12} fontWeight={700}>
          In the background
        </text>
        {settles.map((task, i) => (
          <Background
            key={`${task.slot}/${task.task}`}
            y={background + 20 + i * 20}
            task={task}
            name={taskName(task)}
            number={number(task.slot)}
            fill={fillOf(task.slot)}
            opacity={dim(task.slot)}
            scale={scale}
            until={readyUntil(input, task)}
            use={useOf(input, timeline, task)}
          />
        ))}

        <path
          d={`M${scale.x(timeline.hardFinish)} 18V${height - 4}`}
          stroke="var(--ink)"
          strokeWidth={2}
        />
        <text x={scale.x(timeline.hardFinish) + 4} y={28} style={condensed(12, 600)}>
          {formatClock(start + timeline.hardFinish)}
        </text>
      </svg>
    </Box>
  );
}

/** End of the ready window that the first task after this one sets, or null when it keeps. */
function readyUntil(input: LineupInput, placed: PlacedTask): number | null {
  const tasks = input.slots.find((slot) => slot.id === placed.slot)?.tasks ?? [];
  const greatest = tasks.flatMap((task) =>
    task.after.flatMap((lag) =>
      lag.task === placed.task && lag.greatest !== null ? [lag.greatest] : [],
    ),
  );
  return greatest.length > 0 ? placed.end + Math.min(...greatest) : null;
}

function useOf(input: LineupInput, timeline: Timeline, placed: PlacedTask): number | null {
  const tasks = input.slots.find((slot) => slot.id === placed.slot)?.tasks ?? [];
  const next = tasks.find((task) => task.after.some((lag) => lag.task === placed.task));
  return timeline.tasks.find((t) => t.slot === placed.slot && t.task === next?.id)?.start ?? null;
}

interface BackgroundProps {
  y: number;
  task: PlacedTask;
  name: string;
  number: number;
  fill: string;
  opacity: number;
  scale: Scale;
  until: number | null;
  use: number | null;
}

/** A job that runs by itself: the bar while it runs, then square brackets around its ready window. */
function Background({ y, task, name, number, fill, opacity, scale, until, use }: BackgroundProps) {
  const a = scale.x(task.end) + 1;
  const b = Math.min(scale.right, until === null ? a : scale.x(until));
  const middle = y + 9;
  return (
    <g opacity={opacity}>
      <text x={0} y={y + 13} style={condensed(12.5)}>
        {name}
      </text>
      <rect
        x={scale.x(task.start)}
        y={y + 4}
        width={Math.max(2, scale.x(task.end) - scale.x(task.start))}
        height={10}
        rx={2}
        fill="var(--background-job)"
      />
      {until !== null && b > a + 8 && (
        <path
          d={`M${a + 4} ${y + 4}H${a}V${y + 14}H${a + 4}M${b - 4} ${y + 4}H${b}V${y + 14}H${b - 4}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.3}
        />
      )}
      {until !== null && b > a + 8 && (
        <path
          d={`M${a + 1} ${middle}H${b - 1}`}
          stroke="var(--ink)"
          strokeWidth={1.3}
          strokeDasharray="1 3"
        />
      )}
      {use !== null && (
        <g>
          <path
            d={tapePath(scale.x(use) - 9, y + 1, 18, 16)}
            fill={fill}
            stroke="var(--ground)"
            strokeWidth={1.5}
            paintOrder="stroke"
          />
          <text
            x={scale.x(use)}
            y={y + 13.5}
            textAnchor="middle"
            style={{ font: '600 12px Bricolage' }}
            fill="var(--on-tape)"
          >
            {number}
          </text>
        </g>
      )}
    </g>
  );
}
