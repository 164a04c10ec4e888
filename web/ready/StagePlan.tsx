/**
 * The stage from above, to scale, at one moment: what is shown then, what must be clear round it, how far that is to
 * the front row and to the way out. Positions are dragged, or moved by arrow keys, and judged as they move.
 */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import type { MarkShape, Place, Position } from '../../core/brief/types';
import { exitVerdicts } from '../../core/ready/exits';
import { distanceVerdicts, planFrame, type Ring, wayOut, withPlace } from '../../core/ready/plan';
import { firstMoment, momentOf, spansOf } from '../../core/ready/walk/moment';
import { formatClock, parseClock } from '../../core/time/clock';
import { useOpenShow } from '../brief/useShow';
import { PositionMark, Tape } from '../parts/tape';
import { tapeFill } from '../parts/tapeShape';
import { VerdictLines } from '../parts/VerdictMark';
import { MomentLine } from './MomentLine';

/** Units of the drawing to a metre. */
const M = 50;
/** Metres an arrow key moves; with Shift a whole one. */
const NUDGE = 0.1;
const MARK = 34;
/** Words stay readable across a line. */
const PLAN_TEXT = {
  font: '600 19px Bricolage',
  fontStretch: '85%',
  paintOrder: 'stroke',
  stroke: 'var(--card)',
  strokeWidth: 5,
} as const;

const rounded = (value: number): number => Math.round(value * 10) / 10;

const ARROWS: Record<string, [x: number, y: number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

interface ClearProps {
  ring: Ring;
  mark: MarkShape | null;
  frontRow: number | null;
  way: { at: Place; metres: number } | null;
}

/** What must be clear, how far the front row is, and the way out: of one demonstration at its moment. */
function Clear({ ring, mark, frontRow, way }: ClearProps) {
  const near = ring.nearest !== null && ring.nearest < ring.radius;
  const x = ring.at.x * M;
  const y = -ring.at.y * M;
  const stroke = near ? 'var(--ember)' : tapeFill(mark);
  return (
    <g>
      <circle
        cx={x}
        cy={y}
        r={ring.radius * M}
        fill={stroke}
        fillOpacity={0.1}
        stroke={stroke}
        strokeWidth={2.5}
        strokeDasharray={near ? '8 4' : undefined}
      />
      <text
        x={x - 8}
        y={y + ring.radius * M - 12}
        textAnchor="end"
        fill="var(--ink)"
        style={PLAN_TEXT}
      >
        {rounded(ring.radius)} m kept clear
      </text>
      {frontRow !== null && ring.nearest !== null && (
        <>
          <path
            d={`M${x} ${y}V${-frontRow * M}`}
            stroke="var(--ink)"
            strokeWidth={1.5}
            strokeDasharray="4 4"
          />
          <text
            x={x + 8}
            y={(y - frontRow * M) / 2 + 10}
            fill={near ? 'var(--ember)' : 'var(--ink)'}
            style={PLAN_TEXT}
          >
            {rounded(ring.nearest)} m
          </text>
        </>
      )}
      {way && (
        <path
          d={`M${x} ${y}L${way.at.x * M} ${-way.at.y * M}`}
          stroke="var(--muted)"
          strokeWidth={1.5}
          strokeDasharray="2 5"
        />
      )}
    </g>
  );
}

export function StagePlan() {
  const { store, latest: bundle, show, timeline } = useOpenShow();
  const svg = useRef<SVGSVGElement>(null);
  const [moved, setMoved] = useState<{ id: string; at: Place } | null>(null);
  const [chosen, setChosen] = useState<number | null>(null);
  const seen = moved ? withPlace(bundle, moved.id, moved.at) : bundle;
  const frame = planFrame(bundle);
  const start = parseClock(show.start);
  const at = chosen ?? firstMoment(bundle, timeline);
  const moment = momentOf(seen, timeline, at);
  const spans = spansOf(bundle, timeline);
  const shownNow = spans.filter(({ slotId }) => moment.slotIds.includes(slotId));
  const positionOf = (id: string | null): Position | undefined =>
    seen.show.positions.find((position) => position.id === id);
  const nameOf = (id: string): string => bundle.people.find((one) => one.id === id)?.name ?? '';

  const keep = (id: string, to: Place): void =>
    store.change((value) => withPlace({ show: value }, id, to).show);
  const placeAt = (event: PointerEvent): Place | null => {
    const matrix = svg.current?.getScreenCTM();
    if (!matrix) return null;
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    return { x: rounded(point.x / M), y: rounded(-point.y / M) };
  };
  const drag = (event: PointerEvent, id: string): void => {
    const to = placeAt(event);
    if (moved?.id === id && to) setMoved({ id, at: to });
  };
  const drop = (): void => {
    if (moved) keep(moved.id, moved.at);
    setMoved(null);
  };
  const nudge = (event: KeyboardEvent, position: Position): void => {
    const way = ARROWS[event.key];
    if (!way) return;
    event.preventDefault();
    const by = event.shiftKey ? 1 : NUDGE;
    const from = position.at ?? { x: 0, y: 1 };
    keep(position.id, { x: rounded(from.x + way[0] * by), y: rounded(from.y + way[1] * by) });
  };

  const viewBox = [
    frame.left * M,
    -frame.back * M,
    (frame.right - frame.left) * M,
    (frame.back - frame.front) * M,
  ].join(' ');
  const [ring] = moment.rings;
  const way = ring ? wayOut(seen, ring.at) : null;
  const exits = (bundle.venue?.exits ?? []).filter((exit) => exit.y >= frame.front);
  const judged = [...distanceVerdicts(seen, timeline), ...exitVerdicts(seen, timeline)];
  // What is wrong is told whenever it is so; what holds, of the moment that is looked at.
  const told = judged.filter(
    ({ level, slotIds }) =>
      (level !== 'ok' && level !== 'watch') || slotIds.some((id) => moment.slotIds.includes(id)),
  );
  return (
    <Box>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap', minHeight: 30 }}>
        <Box component="h3" sx={{ font: '600 17px/24px Bricolage', m: 0 }}>
          The stage at {formatClock(start + at)}
        </Box>
        {shownNow.map(({ slotId, number, demoName, positionId }) => (
          <Box key={slotId} sx={{ display: 'flex', alignItems: 'center', gap: 0.75, fontSize: 15 }}>
            <Tape
              width={24}
              height={18}
              fill={tapeFill(positionOf(positionId)?.mark ?? null)}
              size={12}
            >
              {number}
            </Tape>
            {demoName}
          </Box>
        ))}
      </Box>
      <Box
        component="svg"
        ref={svg}
        viewBox={viewBox}
        role="group"
        aria-label="Plan of the stage, seen from above; the audience is at the bottom"
        sx={{ width: '100%', maxHeight: 420, background: 'var(--sunk)', display: 'block' }}
      >
        <rect
          x={(-frame.width / 2) * M}
          y={-frame.depth * M}
          width={frame.width * M}
          height={frame.depth * M}
          fill="var(--card)"
          stroke="var(--line-strong)"
        />
        {frame.frontRow !== null && (
          <>
            <line
              x1={frame.left * M}
              x2={frame.right * M}
              y1={-frame.frontRow * M}
              y2={-frame.frontRow * M}
              stroke="var(--ink)"
              strokeWidth={5}
            />
            <text
              x={frame.left * M + 8}
              y={-frame.frontRow * M + 26}
              fill="var(--ink)"
              style={PLAN_TEXT}
            >
              Front row, {rounded(-frame.frontRow)} m off
            </text>
          </>
        )}
        {exits.map((exit) => (
          <g key={exit.id}>
            <rect
              x={exit.x * M - 20}
              y={-exit.y * M - 6}
              width={40}
              height={12}
              fill="var(--ink)"
            />
            <text
              x={exit.x * M}
              y={-exit.y * M - 12}
              textAnchor={
                exit.x < frame.left + 1.5 ? 'start' : exit.x > frame.right - 1.5 ? 'end' : 'middle'
              }
              fill="var(--ink)"
              style={PLAN_TEXT}
            >
              {exit.name}
              {way?.name === exit.name && `, ${rounded(way.metres)} m`}
            </text>
          </g>
        ))}
        {moment.rings.map((one) => (
          <Clear
            key={one.slotId}
            ring={one}
            mark={positionOf(one.positionId)?.mark ?? null}
            frontRow={frame.frontRow}
            way={one === ring ? way : null}
          />
        ))}
        {seen.show.positions.map((position) => {
          const { at: place } = position;
          if (!place) return null;
          const here = moment.people
            .filter(({ positionId }) => positionId === position.id)
            .map(({ personId }) => nameOf(personId));
          return (
            <g
              key={position.id}
              tabIndex={0}
              role="button"
              aria-label={`${position.name}: ${rounded(place.x)} m across, ${rounded(place.y)} m back. Arrow keys move it.`}
              style={{ cursor: 'grab', touchAction: 'none' }}
              onKeyDown={(event) => nudge(event, position)}
              onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId);
                setMoved({ id: position.id, at: place });
              }}
              onPointerMove={(event) => drag(event, position.id)}
              onPointerUp={drop}
              onPointerCancel={() => setMoved(null)}
            >
              <rect
                x={place.x * M - 30}
                y={-place.y * M - 30}
                width={60}
                height={60}
                fill="transparent"
              />
              <g transform={`translate(${place.x * M - MARK / 2} ${-place.y * M - MARK / 2})`}>
                <PositionMark shape={position.mark} size={MARK} />
              </g>
              <text
                x={place.x * M}
                y={-place.y * M + 38}
                textAnchor="middle"
                fill="var(--ink)"
                style={PLAN_TEXT}
              >
                {here.length > 0 ? here.join(', ') : position.name}
              </text>
            </g>
          );
        })}
      </Box>
      {spans.length > 0 && (
        <MomentLine
          spans={spans}
          markOf={(id) => positionOf(id)?.mark ?? null}
          at={at}
          start={start}
          onAt={setChosen}
        />
      )}
      <Box aria-live="polite" sx={{ mt: 1 }}>
        <VerdictLines
          verdicts={told.map((one) => ({ ...one, message: `${one.title}: ${one.message}` }))}
        />
      </Box>
      {show.positions.some((position) => position.at === null) && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
          {show.positions
            .filter((position) => position.at === null)
            .map((position) => (
              <Button
                key={position.id}
                size="small"
                onClick={() => keep(position.id, { x: 0, y: 1 })}
              >
                Put {position.name} on the plan
              </Button>
            ))}
        </Box>
      )}
      <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
        To scale. Drag a position, or move it with the arrow keys (Shift: a metre); every distance
        is judged as it moves. Slide to another moment of the show.
      </Typography>
    </Box>
  );
}
