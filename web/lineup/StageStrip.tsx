/** The stage strip: what the audience watches, each person, each position and what runs behind, on one time axis. */
import Box from '@mui/material/Box';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { ShowBundle } from '../../core/brief/types';
import { namesOf } from '../../core/lineup/names';
import { stripOf } from '../../core/lineup/strip';
import type { Block, LineupInput, Timeline } from '../../core/lineup/types';
import { formatClock, formatDuration, parseClock } from '../../core/time/clock';
import { NumberedTape } from '../parts/tape';
import {
  BackgroundLane,
  condensed,
  type LaneContext,
  NAMES,
  PersonLane,
  PositionLane,
  type SlotLook,
} from './StripLanes';
import { labelRows, makeScale } from './stripLayout';

interface StripProps {
  bundle: ShowBundle;
  input: LineupInput;
  timeline: Timeline;
  selected: string | null;
  onSelect: (slotId: string) => void;
}

const LANE = 25;
const BACKGROUND_LANE = 20;
/** Top of the lane in focus. */
const TOP = 58;
/** Width of a letter in a block's name, in px, with a little to spare. */
const LABEL_LETTER = 6.2;
/** A clock time nearer than this to the hard finish gives way to it, in px. */
const CLOCK_WIDTH = 34;
/** Time drawn beyond the last thing, in seconds, so that the hard finish keeps its label. */
const BEYOND = 90;

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

interface FocusProps extends LaneContext {
  blocks: readonly Block[];
}

/** Numbered tape for each demonstration, its name above or below where there is room. */
function FocusLane({ blocks, scale, look, clock, onSelect }: FocusProps) {
  const labels = blocks.map((block) => ({ text: look(block.slot).name, x: scale.x(block.start) }));
  const rows = labelRows(labels, 3, LABEL_LETTER);
  return (
    <>
      <text x={0} y={TOP + 21} fontWeight={700}>
        In focus
      </text>
      {blocks.map((block, i) => {
        const { name, number, fill, opacity } = look(block.slot);
        const x = scale.x(block.start);
        const width = Math.max(4, scale.x(block.end) - x);
        const row = rows[i] ?? -1;
        return (
          <g
            key={block.slot}
            opacity={opacity}
            style={{ cursor: 'pointer' }}
            onClick={() => onSelect(block.slot)}
          >
            <title>{`${name}, ${clock(block.start)}, ${formatDuration(block.end - block.start)}`}</title>
            {row >= 0 && (
              <text
                x={x + 1}
                y={row === 2 ? TOP + 45 : TOP - 6 - row * 13}
                style={condensed(12, 600)}
              >
                {name}
              </text>
            )}
            <NumberedTape x={x} y={TOP} width={width} height={32} fill={fill} size={16}>
              {number}
            </NumberedTape>
          </g>
        );
      })}
    </>
  );
}

/** Clock times every ten minutes, and the preparation on sunk ground. */
function Axis({
  scale,
  clock,
  first,
  last,
  finish,
  height,
}: Pick<LaneContext, 'scale' | 'clock'> & {
  first: number;
  last: number;
  finish: number;
  height: number;
}) {
  const ticks = Array.from({ length: Math.floor(last / 600) + 1 }, (_, i) => i * 600).filter(
    (seconds) => Math.abs(scale.x(seconds) - scale.x(finish)) > CLOCK_WIDTH,
  );
  return (
    <>
      <rect
        x={scale.left}
        y={0}
        width={scale.zero - scale.left}
        height={height}
        fill="var(--sunk)"
      />
      <text x={scale.left + 4} y={12} style={condensed()} fill="var(--muted)">
        from {clock(first)}
      </text>
      <text x={scale.left + 4} y={26} style={condensed()} fill="var(--muted)">
        own scale
      </text>
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

export function StageStrip({ bundle, input, timeline, selected, onSelect }: StripProps) {
  const [box, width] = useWidth();
  const strip = useMemo(() => stripOf(input, timeline), [input, timeline]);
  const names = useMemo(() => namesOf(input), [input]);
  const startOfDay = parseClock(bundle.show.start);
  const clock = (seconds: number): string => formatClock(startOfDay + seconds);
  const first = Math.min(-60, strip.first);
  const last = strip.last + BEYOND;
  const scale = makeScale(first, last, NAMES, width - 8);
  const look = (id: string): SlotLook => {
    const at = input.slots.findIndex((slot) => slot.id === id);
    const position = bundle.show.positions.find((p) => p.id === input.slots[at]?.positionId);
    return {
      number: at + 1,
      name: names.slot(id),
      fill: `var(--tape-${position?.mark ?? 'square'})`,
      opacity: selected === null || selected === id ? 1 : 0.35,
    };
  };
  const context: LaneContext = { scale, look, clock, onSelect };

  const peopleTop = TOP + 46;
  const positionsTop = peopleTop + input.crew.length * LANE + 12;
  const backgroundTop = positionsTop + bundle.show.positions.length * LANE + 12;
  const height = backgroundTop + 20 + strip.background.length * BACKGROUND_LANE + 10;

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
        <Axis
          scale={scale}
          clock={clock}
          first={first}
          last={last}
          finish={timeline.hardFinish}
          height={height}
        />
        {timeline.gaps.map((gap) => (
          <rect
            key={gap.slot}
            x={scale.x(gap.start)}
            y={TOP}
            width={Math.max(2, scale.x(gap.end) - scale.x(gap.start))}
            height={backgroundTop - TOP - 8}
            fill="url(#dead-air)"
            stroke="var(--ember)"
          >
            <title>{`Dead air ${formatDuration(gap.seconds)}: ${gap.reason}`}</title>
          </rect>
        ))}
        <FocusLane {...context} blocks={timeline.blocks} />
        {input.crew.map((person, i) => (
          <PersonLane
            {...context}
            key={person.id}
            y={peopleTop + i * LANE}
            person={person}
            tasks={strip.people.get(person.id) ?? []}
            words={(task) =>
              `${names.task(task)} (${names.slot(task.slot)}), ${clock(task.start)}, ${formatDuration(task.end - task.start)}`
            }
          />
        ))}
        {bundle.show.positions.map((position, i) => (
          <PositionLane
            {...context}
            key={position.id}
            y={positionsTop + i * LANE}
            position={position}
            spans={strip.positions.get(position.id) ?? []}
          />
        ))}
        <text x={0} y={backgroundTop + 12} fontWeight={700}>
          In the background
        </text>
        {strip.background.map((span, i) => (
          <BackgroundLane
            {...context}
            key={`${span.task.slot}/${span.task.task}`}
            y={backgroundTop + 20 + i * BACKGROUND_LANE}
            span={span}
          />
        ))}
        <path
          d={`M${scale.x(timeline.hardFinish)} 18V${height - 4}`}
          stroke="var(--ink)"
          strokeWidth={2}
        />
        <text
          x={scale.x(timeline.hardFinish)}
          y={12}
          textAnchor="middle"
          style={condensed(12, 700)}
        >
          {clock(timeline.hardFinish)}
        </text>
      </svg>
    </Box>
  );
}
