import type { RunRecord } from '../../contract/stage';
import type { Review, ReviewRow } from '../../core/after/review';
import { tapePath } from '../parts/tape';

/** Planned over actual on one axis. */
export function TwoStrips({ review, run }: { review: Review; run: RunRecord }) {
  const W = 900;
  const left = 70;
  const last = Math.max(review.plannedEnd, review.actualEnd ?? 0, run.plan.hardFinish);
  const x = (seconds: number): number => left + (seconds / last) * (W - left - 4);
  const fill = (row: ReviewRow): string =>
    `var(--tape-${run.plan.slots.find((slot) => slot.id === row.slotId)?.position?.mark ?? 'square'})`;
  const strip = (
    y: number,
    start: (row: ReviewRow) => number | null,
    end: (row: ReviewRow) => number | null,
  ) =>
    review.rows.map((row, i) => {
      const from = start(row);
      const until = end(row);
      if (from === null || until === null) return null;
      const w = Math.max(3, x(until) - x(from) - 1);
      return (
        <g key={row.slotId}>
          <path d={tapePath(x(from), y, w, 26)} fill={fill(row)} />
          <text
            x={x(from) + w / 2}
            y={y + 18}
            textAnchor="middle"
            style={{ font: '700 14px Bricolage' }}
            fill="var(--on-tape)"
          >
            {i + 1}
          </text>
        </g>
      );
    });
  return (
    <svg
      viewBox={`0 0 ${W} 84`}
      width="100%"
      role="img"
      aria-label="Planned against actual"
      fill="var(--ink)"
      fontSize={13}
    >
      <text x={0} y={28}>
        planned
      </text>
      {strip(
        10,
        (row) => row.plannedStart,
        (row) => row.plannedStart + row.plannedSeconds,
      )}
      <text x={0} y={64}>
        actual
      </text>
      {strip(
        46,
        (row) => row.actualStart,
        (row) => row.actualEnd,
      )}
      <path d={`M${x(run.plan.hardFinish)} 0V80`} stroke="currentColor" strokeWidth={2} />
    </svg>
  );
}
