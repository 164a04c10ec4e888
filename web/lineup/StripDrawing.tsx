/** What is drawn of a show's day on the strip: lanes, bars, dots and the hard finish. */
import { type TaskKey, taskKey } from '../../core/keys';
import { memo, useMemo } from 'react';
import type { ShowBundle } from '../../core/brief/types';
import type { Forecast, LeaveOut } from '../../core/lineup/forecast/types';
import { type LeadRange, leadRange } from '../../core/lineup/lead';
import { namesOf } from '../../core/lineup/names';
import { type Neighbours, neighboursOf } from '../../core/lineup/neighbours';
import { stripOf } from '../../core/lineup/strip';
import type { LineupInput, PlacedTask, Timeline } from '../../core/lineup/types';
import { timedFetchings } from '../../core/ready/volunteers';
import { formatClock, formatDuration, parseClock } from '../../core/time/clock';
import { listInWords } from '../../core/words';
import type { Selection } from './selection';
import { Axis, CLOCK_WIDTH, FocusLane, TOP } from './StripAxis';
import { DOTS_HEIGHT, StripDots } from './StripDots';
import {
  BackgroundLane,
  condensed,
  type LaneContext,
  type Light,
  PersonLane,
  PositionLane,
  type SlotLook,
} from './StripLanes';
import { makeScale } from './stripLayout';
import { BACKGROUND_LANE, LANE, StripNames, topsOf } from './StripNames';
import { VolunteerLane } from './VolunteerLane';

export type DrawnForecast = Pick<Forecast, 'dots' | 'starts' | 'chance' | 'end'>;

/** Time drawn beyond the last thing, in seconds, so that the hard finish keeps its label. */
const BEYOND = 90;

const isTask = (a: PlacedTask, b: PlacedTask): boolean => a.slot === b.slot && a.task === b.task;

function lightOf(near: Neighbours | null, task: PlacedTask): Light {
  if (!near) return null;
  if (isTask(near.placed, task)) return 'chosen';
  return [...near.before, ...near.after].some((other) => isTask(other, task)) ? 'near' : null;
}

/** Every task's room to be done earlier, worked out once for each timeline. */
function rangesOf(input: LineupInput, timeline: Timeline): Map<TaskKey, LeadRange> {
  return new Map(
    timeline.tasks
      .filter((task) => task.phase === 'prepare' || task.phase === 'settle')
      .flatMap((task): [TaskKey, LeadRange][] => {
        const range = leadRange(input, timeline, task.slot, task.task);
        return range ? [[taskKey(task), range]] : [];
      }),
  );
}

export interface DrawingProps {
  bundle: ShowBundle;
  input: LineupInput;
  timeline: Timeline;
  forecast: DrawnForecast | null;
  /** What had best be left out, as far as it is known. */
  best: LeaveOut | null;
  /** False while a newer forecast is on its way. */
  fresh: boolean;
  selected: Selection | null;
  onSelect: (chosen: Selection) => void;
  onLead: (task: PlacedTask, seconds: number) => void;
  /** For the names at the left, and of the window it is seen through; both in px. */
  room: number;
  width: number;
  zoom: number;
}

/** Everything on the strip. Drawn anew only when something on it has changed. */
export const StripDrawing = memo(function StripDrawing(props: DrawingProps) {
  const { bundle, input, timeline, forecast, best, fresh, selected, onSelect, onLead } = props;
  const { room, width, zoom } = props;
  const strip = useMemo(() => stripOf(input, timeline), [input, timeline]);
  const names = useMemo(() => namesOf(input), [input]);
  const fetched = useMemo(() => timedFetchings(bundle, timeline), [bundle, timeline]);
  const ranges = useMemo(() => rangesOf(input, timeline), [input, timeline]);
  const near = useMemo(
    () =>
      selected?.task ? neighboursOf(timeline, { slot: selected.slot, task: selected.task }) : null,
    [timeline, selected],
  );
  const startOfDay = parseClock(bundle.show.start);
  const clock = (seconds: number): string => formatClock(startOfDay + seconds);
  const first = Math.min(-60, strip.first);
  const last = Math.max(strip.last, ...(forecast?.dots.slice(-1) ?? [])) + BEYOND;
  const right = room + (width - 8 - room) * zoom;
  const scale = makeScale(first, last, room, right);
  const look = (id: string): SlotLook => {
    const at = input.slots.findIndex((slot) => slot.id === id);
    const position = bundle.show.positions.find((p) => p.id === input.slots[at]?.positionId);
    return {
      number: at + 1,
      name: names.slot(id),
      fill: position ? `var(--tape-${position.mark})` : 'var(--muted)',
      opacity: selected === null || selected.slot === id ? 1 : 0.35,
    };
  };
  const context: LaneContext = {
    scale,
    look,
    clock,
    light: (task) => lightOf(near, task),
    taskName: (task) => names.task(task),
    range: (task) => ranges.get(taskKey(task)) ?? null,
    onSelect,
    onLead,
  };
  const tops = topsOf(input, bundle.show.positions.length, strip, fetched.length > 0);
  const above = forecast ? DOTS_HEIGHT : 0;
  const finish = scale.x(timeline.hardFinish);
  // Its time stands on the other side where there is no room for it.
  const isAtEdge = finish + CLOCK_WIDTH > scale.right;

  return (
    <svg
      width={right + 8}
      height={above + tops.height}
      role="group"
      aria-label={`${timeline.blocks.length} slots over ${formatDuration(timeline.end)}`}
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
        <pattern
          id="buffer"
          width="4"
          height="4"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="1.5" height="4" fill="var(--background-job)" />
        </pattern>
      </defs>
      {forecast && (
        <StripDots
          forecast={forecast}
          fresh={fresh}
          scale={scale}
          hardFinish={timeline.hardFinish}
          without={
            best && {
              band: best,
              name: `without ${listInWords(best.slots.map((id) => String(look(id).number)))}`,
            }
          }
        />
      )}
      <g transform={`translate(0 ${above})`}>
        <Axis
          scale={scale}
          clock={clock}
          first={first}
          last={last}
          finish={timeline.hardFinish}
          height={tops.height}
        />
        {timeline.gaps.map((gap) => (
          <rect
            key={gap.slot}
            x={scale.x(gap.start)}
            y={TOP}
            width={Math.max(2, scale.x(gap.end) - scale.x(gap.start))}
            height={tops.background - TOP - 8}
            fill="url(#dead-air)"
            stroke="var(--ember)"
          >
            <title>{`Dead air ${formatDuration(gap.seconds)}: ${gap.reason}`}</title>
          </rect>
        ))}
        <FocusLane
          blocks={timeline.blocks}
          bands={fresh && forecast ? forecast.starts : []}
          gaps={timeline.gaps}
          context={context}
        />
        {input.crew.map((person, i) => (
          <PersonLane
            key={person.id}
            context={context}
            y={tops.people + i * LANE}
            tasks={strip.people.get(person.id) ?? []}
            words={(task) =>
              `${names.task(task)} (${names.slot(task.slot)}), ${clock(task.start)}, ${formatDuration(task.end - task.start)}`
            }
          />
        ))}
        {tops.volunteers !== null && (
          <VolunteerLane context={context} y={tops.volunteers} fetched={fetched} />
        )}
        {bundle.show.positions.map((position, i) => (
          <PositionLane
            key={position.id}
            context={context}
            y={tops.positions + i * LANE}
            name={position.name}
            spans={strip.positions.get(position.id) ?? []}
          />
        ))}
        {timeline.tasks.some((task) => task.buffer > 0) && (
          <g transform={`translate(${scale.x(0) + 4} ${tops.background})`}>
            <rect
              width="18"
              height="8"
              fill="url(#buffer)"
              stroke="var(--chore)"
              strokeWidth={0.5}
            />
            <text x="23" y="8" style={condensed(12)} fill="var(--muted)">
              buffer for its own spread
            </text>
          </g>
        )}
        {strip.background.map((span, i) => (
          <BackgroundLane
            key={`${span.task.slot}/${span.task.task}`}
            context={context}
            y={tops.background + 20 + i * BACKGROUND_LANE}
            span={span}
          />
        ))}
      </g>
      <path
        d={`M${finish} ${forecast ? 4 : above + 18}V${above + tops.height - 4}`}
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <text
        x={finish + (isAtEdge ? -4 : 4)}
        y={above + 12}
        textAnchor={isAtEdge ? 'end' : 'start'}
        style={condensed(12, 700)}
      >
        {clock(timeline.hardFinish)}
      </text>
      <g transform={`translate(0 ${above})`}>
        <StripNames bundle={bundle} input={input} strip={strip} tops={tops} room={room} />
      </g>
    </svg>
  );
});
