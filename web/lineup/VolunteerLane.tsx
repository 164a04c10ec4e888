import type { Timed } from '../../core/ready/volunteers';
import { counted } from '../../core/words';
import { condensed, type LaneContext, Line, NARROW_LETTER } from './StripLanes';

interface VolunteerLaneProps {
  y: number;
  fetched: readonly Timed[];
  context: LaneContext;
}

/** When people from the audience are up, and how many. */
export const VolunteerLane = ({ y, fetched, context }: VolunteerLaneProps) => {
  const { scale, look, clock, onSelect } = context;
  return (
    <g>
      <Line y={y + 13} scale={scale} />
      {fetched.map(({ slotId, demoName, count, at, until }) => {
        const words = counted(count, 'volunteer');
        const width = Math.max(2, scale.x(until) - scale.x(at));
        return (
          <g
            key={slotId}
            opacity={look(slotId).opacity}
            style={{ cursor: 'pointer' }}
            onClick={() => onSelect({ slot: slotId, task: null })}
          >
            <rect
              x={scale.x(at)}
              y={y + 5}
              width={width}
              height={16}
              rx={2}
              fill="var(--card)"
              stroke="var(--ink)"
              strokeDasharray="3 2"
            >
              <title>{`${demoName}: ${words} up from ${clock(at)} to ${clock(until)}`}</title>
            </rect>
            <text x={scale.x(at) + 3} y={y + 17} style={condensed(11.5)}>
              {words.length * NARROW_LETTER <= width - 5 ? words : count}
            </text>
          </g>
        );
      })}
    </g>
  );
};
