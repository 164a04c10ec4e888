import type { RunRecord } from '../../contract/stage';
import type { Review } from '../../core/after/review';
import { timeOf } from '../brief/dates';
import { NumberedTape } from '../parts/tape';

const WIDTH = 960;
const LEFT = 70;
/** Every five minutes a mark on the axis, in seconds. */
const MARK_EVERY = 300;

interface TwoStripsProps {
  review: Review;
  run: RunRecord;
  /** Milliseconds since 1970; the planned start when it was never begun. */
  startedAt: number | null;
}

/** Planned over actual on one axis, from the start to the hard finish or past it. */
export function TwoStrips({ review, run, startedAt }: TwoStripsProps) {
  const { plan } = run;
  const last = Math.max(review.plannedEnd, review.actualEnd ?? 0, plan.hardFinish) * 1.03;
  const x = (seconds: number): number => LEFT + (seconds / last) * (WIDTH - LEFT);
  const clock = (seconds: number): string => timeOf((startedAt ?? plan.startsAt) + seconds * 1000);
  const marks = Array.from({ length: Math.floor(last / MARK_EVERY) + 1 }, (_, i) => i * MARK_EVERY);
  const fill = (slotId: string): string =>
    `var(--tape-${plan.slots.find((slot) => slot.id === slotId)?.position?.mark ?? 'square'})`;
  const piece = (id: string, number: number, y: number, from: number, until: number) => {
    const width = Math.max(3, x(until) - x(from) - 1);
    return (
      <NumberedTape key={id} x={x(from)} y={y} width={width} height={26} fill={fill(id)} size={14}>
        {number}
      </NumberedTape>
    );
  };
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 104`}
      width="100%"
      role="img"
      aria-label="Planned against actual"
      fill="var(--ink)"
      fontSize={13}
    >
      {marks.map((seconds) => (
        <g key={seconds}>
          <path d={`M${x(seconds)} 4V84`} stroke="var(--line)" strokeDasharray="1 3" />
          <text
            x={x(seconds)}
            y={100}
            textAnchor={seconds === 0 ? 'start' : 'middle'}
            style={{ font: '500 12px Bricolage' }}
            fill="var(--muted)"
          >
            {clock(seconds)}
          </text>
        </g>
      ))}
      <text x={0} y={28}>
        planned
      </text>
      {review.rows.map((row, i) =>
        piece(row.slotId, i + 1, 10, row.plannedStart, row.plannedStart + row.plannedSeconds),
      )}
      <text x={0} y={68}>
        actual
      </text>
      {review.rows.map((row, i) =>
        row.actualStart === null || row.actualEnd === null
          ? null
          : piece(row.slotId, i + 1, 50, row.actualStart, row.actualEnd),
      )}
      <path d={`M${x(plan.hardFinish)} 2V86`} stroke="currentColor" strokeWidth={2}>
        <title>Hard finish</title>
      </path>
    </svg>
  );
}
