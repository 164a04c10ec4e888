/** The show as a line of tape, to choose a moment on: by a press on a slot, or with the slider beneath. */
import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import type { MarkShape } from '../../core/brief/types';
import type { Span } from '../../core/ready/walk/moment';
import { formatClock } from '../../core/time/clock';
import { NumberedTape } from '../parts/tape';
import { tapeFill } from '../parts/tapeShape';
import { useWidth } from '../parts/useWidth';

const LINE = { height: 46, tape: 22, edge: 10 } as const;

export function MomentLine({
  spans,
  markOf,
  at,
  start,
  onAt,
}: {
  spans: readonly Span[];
  markOf: (positionId: string | null) => MarkShape | null;
  at: number;
  start: number;
  onAt: (at: number) => void;
}) {
  const [box, width] = useWidth();
  const first = Math.min(0, ...spans.map(({ from }) => from));
  const last = Math.max(1, ...spans.map(({ until }) => until));
  const x = (time: number): number =>
    LINE.edge + ((time - first) / (last - first)) * Math.max(0, width - 2 * LINE.edge);
  return (
    <Box ref={box} sx={{ position: 'relative', height: LINE.height + 26 }}>
      <svg width={width} height={LINE.height} aria-hidden="true" style={{ display: 'block' }}>
        {spans.map(({ slotId, number, positionId, from, until }) => {
          const on = from <= at && at < until;
          const wide = Math.max(4, x(until) - x(from) - 2);
          return (
            <g
              key={slotId}
              style={{ cursor: 'pointer' }}
              onClick={() => onAt(Math.round((from + until) / 2))}
            >
              <NumberedTape
                x={x(from)}
                y={LINE.height - LINE.tape - 6}
                width={wide}
                height={LINE.tape}
                fill={on ? tapeFill(markOf(positionId)) : 'var(--chore)'}
                size={13}
              >
                {wide > 16 ? number : ''}
              </NumberedTape>
            </g>
          );
        })}
      </svg>
      <Slider
        size="small"
        aria-label="The moment"
        min={first}
        max={last - 1}
        step={5}
        value={at}
        onChange={(_event, value) => onAt(value)}
        getAriaValueText={(value) => formatClock(start + value)}
        sx={{
          position: 'absolute',
          left: LINE.edge,
          right: LINE.edge,
          width: 'auto',
          bottom: 12,
          py: '10px',
          color: 'var(--ember)',
          '& .MuiSlider-track': { opacity: 0 },
        }}
      />
      <Box
        sx={{
          position: 'absolute',
          bottom: -2,
          left: 0,
          right: 0,
          display: 'flex',
          justifyContent: 'space-between',
          font: '500 13px Bricolage',
          color: 'var(--muted)',
        }}
      >
        <span>{formatClock(start + first)}</span>
        <span>{formatClock(start + last)}</span>
      </Box>
    </Box>
  );
}
