/** The names of the lanes, which stay where they are while the strip is panned beneath them. */
import type { ShowBundle } from '../../core/brief/types';
import type { Strip } from '../../core/lineup/strip';
import type { LineupInput } from '../../core/lineup/types';
import { PositionMark } from '../parts/tape';
import { TOP } from './StripAxis';
import { condensed, NARROW_LETTER } from './StripLanes';
import { shorten } from './stripLayout';

export const LANE = 25;
export const BACKGROUND_LANE = 20;

const WIDE_LETTER = 6.8;

/** Tops of the groups of lanes, and the height of all. */
export interface Tops {
  people: number;
  /** Null when no volunteers are asked up. */
  volunteers: number | null;
  positions: number;
  background: number;
  height: number;
}

export function topsOf(
  input: LineupInput,
  positions: number,
  strip: Strip,
  volunteers: boolean,
): Tops {
  const people = TOP + 52;
  const volunteersAt = people + input.crew.length * LANE;
  const below = volunteersAt + (volunteers ? LANE : 0) + 12;
  const background = below + positions * LANE + 12;
  const height = background + 20 + strip.background.length * BACKGROUND_LANE + 10;
  return {
    people,
    volunteers: volunteers ? volunteersAt : null,
    positions: below,
    background,
    height,
  };
}

interface StripNamesProps {
  bundle: ShowBundle;
  input: LineupInput;
  strip: Strip;
  tops: Tops;
  /** Width that there is, in px. */
  room: number;
}

export function StripNames({ bundle, input, strip, tops, room }: StripNamesProps) {
  return (
    <g style={{ transform: 'translateX(var(--panned, 0px))' }}>
      <rect x={-4} y={0} width={room} height={tops.height} fill="var(--ground)" />
      <text x={0} y={TOP + 21} fontWeight={700}>
        Audience sees
      </text>
      {input.crew.map((person, i) => (
        <text key={person.id} x={0} y={tops.people + i * LANE + 17} fontWeight={600}>
          {shorten(person.name, room - 8, WIDE_LETTER)}
        </text>
      ))}
      {tops.volunteers !== null && (
        <text x={0} y={tops.volunteers + 17}>
          {shorten('Volunteers', room - 8, WIDE_LETTER)}
        </text>
      )}
      {bundle.show.positions.map((position, i) => {
        const y = tops.positions + i * LANE;
        return (
          <g key={position.id}>
            <svg x={0} y={y + 5} width={14} height={14}>
              <PositionMark shape={position.mark} size={14} />
            </svg>
            <text x={20} y={y + 17}>
              {shorten(position.name, room - 28, WIDE_LETTER)}
            </text>
          </g>
        );
      })}
      <text x={0} y={tops.background + 12} fontWeight={700}>
        In the background
      </text>
      {strip.background.map((span, i) => (
        <text
          key={`${span.task.slot}/${span.task.task}`}
          x={0}
          y={tops.background + 20 + i * BACKGROUND_LANE + 13}
          style={condensed(12.5)}
        >
          {shorten(span.name, room - 6, NARROW_LETTER)}
        </text>
      ))}
    </g>
  );
}
