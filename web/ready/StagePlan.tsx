/** The stage from above, to scale. Positions are dragged, or moved by arrow keys, and judged as they move. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import type { Place, Position } from '../../core/brief/types';
import { exitVerdicts } from '../../core/ready/exits';
import { distanceVerdicts, planFrame, type Ring, ringsOf, withPlace } from '../../core/ready/plan';
import { formatClock, parseClock } from '../../core/time/clock';
import { useOpenShow } from '../brief/useShow';
import { Pick } from '../parts/Pick';
import { PositionMark } from '../parts/tape';
import { VerdictLines } from '../parts/VerdictMark';

/** Units of the drawing to a metre. */
const M = 50;
/** Metres an arrow key moves; with Shift a whole one. */
const NUDGE = 0.1;
const MARK = 34;
/** Words stay readable across a line. */
const PLAN_TEXT = {
  font: '600 15px Bricolage',
  paintOrder: 'stroke',
  stroke: 'var(--card)',
  strokeWidth: 4,
} as const;

const rounded = (value: number): number => Math.round(value * 10) / 10;

const ARROWS: Record<string, [x: number, y: number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

function RingShape({ ring, faint }: { ring: Ring; faint: boolean }) {
  const near = ring.nearest !== null && ring.nearest < ring.radius;
  return (
    <circle
      cx={ring.at.x * M}
      cy={-ring.at.y * M}
      r={ring.radius * M}
      fill="none"
      stroke={near ? 'var(--ember)' : 'var(--muted)'}
      strokeWidth={faint ? 1.2 : 2.5}
      strokeDasharray={near ? undefined : '6 5'}
    />
  );
}

export function StagePlan() {
  const { store, latest: bundle, show, timeline } = useOpenShow();
  const svg = useRef<SVGSVGElement>(null);
  const [moved, setMoved] = useState<{ id: string; at: Place } | null>(null);
  const [shown, setShown] = useState<string | null>(null);
  const seen = moved ? withPlace(bundle, moved.id, moved.at) : bundle;
  const frame = planFrame(bundle);
  const rings = ringsOf(seen, timeline);
  const startOfDay = parseClock(show.start);
  const drawn = rings.filter((ring) => shown === null || ring.slotId === shown);

  const keep = (id: string, at: Place): void =>
    store.change((value) => withPlace({ show: value }, id, at).show);
  const placeAt = (event: PointerEvent): Place | null => {
    const matrix = svg.current?.getScreenCTM();
    if (!matrix) return null;
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    return { x: rounded(point.x / M), y: rounded(-point.y / M) };
  };
  const drag = (event: PointerEvent, id: string): void => {
    const at = placeAt(event);
    if (moved?.id === id && at) setMoved({ id, at });
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
    const at = position.at ?? { x: 0, y: 1 };
    keep(position.id, { x: rounded(at.x + way[0] * by), y: rounded(at.y + way[1] * by) });
  };

  const viewBox = [
    frame.left * M,
    -frame.back * M,
    (frame.right - frame.left) * M,
    (frame.back - frame.front) * M,
  ].join(' ');
  const exits = (bundle.venue?.exits ?? []).filter((exit) => exit.y >= frame.front);
  return (
    <Box>
      <Box sx={{ maxWidth: 320, mb: 1 }}>
        <Pick
          label="Clear distance of"
          value={shown}
          none="every demonstration"
          options={rings.map((ring) => ({
            value: ring.slotId,
            label: `${formatClock(startOfDay + ring.from)} ${ring.demoName}, ${rounded(ring.radius)} m`,
          }))}
          onChange={setShown}
        />
      </Box>
      <Box
        component="svg"
        ref={svg}
        viewBox={viewBox}
        role="group"
        aria-label="Plan of the stage, seen from above; the audience is at the bottom"
        sx={{ width: '100%', maxHeight: 460, background: 'var(--sunk)', display: 'block' }}
      >
        <rect
          x={(-frame.width / 2) * M}
          y={-frame.depth * M}
          width={frame.width * M}
          height={frame.depth * M}
          fill="var(--card)"
          stroke="var(--line-strong)"
        />
        <text x={(-frame.width / 2) * M + 8} y={-8} fill="var(--muted)" style={PLAN_TEXT}>
          Front edge, {rounded(frame.width)} m wide
        </text>
        {frame.frontRow !== null && (
          <>
            <line
              x1={frame.left * M}
              x2={frame.right * M}
              y1={-frame.frontRow * M}
              y2={-frame.frontRow * M}
              stroke="var(--ink)"
              strokeWidth={2}
            />
            <text
              x={frame.left * M + 8}
              y={-frame.frontRow * M + 20}
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
              x={exit.x * M - 18}
              y={-exit.y * M - 5}
              width={36}
              height={10}
              fill="var(--ink)"
            />
            <text
              x={exit.x * M}
              y={-exit.y * M - 10}
              textAnchor="middle"
              fill="var(--ink)"
              style={PLAN_TEXT}
            >
              Exit: {exit.name}
            </text>
          </g>
        ))}
        {drawn.map((ring) => (
          <RingShape key={ring.slotId} ring={ring} faint={shown === null} />
        ))}
        {seen.show.positions.map((position) => {
          const at = position.at;
          if (!at) return null;
          return (
            <g
              key={position.id}
              tabIndex={0}
              role="button"
              aria-label={`${position.name}: ${rounded(at.x)} m across, ${rounded(at.y)} m back. Arrow keys move it.`}
              style={{ cursor: 'grab', touchAction: 'none' }}
              onKeyDown={(event) => nudge(event, position)}
              onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId);
                setMoved({ id: position.id, at });
              }}
              onPointerMove={(event) => drag(event, position.id)}
              onPointerUp={drop}
              onPointerCancel={() => setMoved(null)}
            >
              <rect
                x={at.x * M - 26}
                y={-at.y * M - 26}
                width={52}
                height={52}
                fill="transparent"
              />
              <g transform={`translate(${at.x * M - MARK / 2} ${-at.y * M - MARK / 2})`}>
                <PositionMark shape={position.mark} size={MARK} />
              </g>
              <text
                x={at.x * M}
                y={-at.y * M + 34}
                textAnchor="middle"
                fill="var(--ink)"
                style={PLAN_TEXT}
              >
                {position.name}
              </text>
            </g>
          );
        })}
      </Box>
      <Box aria-live="polite" sx={{ mt: 1 }}>
        <VerdictLines
          verdicts={[...distanceVerdicts(seen, timeline), ...exitVerdicts(seen, timeline)].map(
            (one) => ({
              ...one,
              message: `${one.title}: ${one.message}`,
            }),
          )}
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
        is judged as it moves.
      </Typography>
    </Box>
  );
}
