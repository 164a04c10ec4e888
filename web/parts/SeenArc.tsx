/** A knot on a cord: how much of it has been looked at, as an arc; a tick when all of it has. */
interface ArcProps {
  x: number;
  y: number;
  open: number;
  all: number;
}

const RADIUS = 8;

export function SeenArc({ x, y, open, all }: ArcProps) {
  const round = 2 * Math.PI * RADIUS;
  const share = all === 0 ? 1 : (all - open) / all;
  return (
    <>
      <circle
        cx={x}
        cy={y}
        r={RADIUS}
        fill="var(--ground)"
        stroke="var(--line-strong)"
        strokeWidth={3}
      />
      <circle
        cx={x}
        cy={y}
        r={RADIUS}
        fill={share === 1 ? 'var(--ink)' : 'none'}
        stroke="var(--ink)"
        strokeWidth={3}
        strokeDasharray={`${share * round} ${round}`}
        transform={`rotate(-90 ${x} ${y})`}
      />
      {share === 1 && (
        <path d={`M${x - 4} ${y}l3 3 5-6`} stroke="var(--ground)" strokeWidth={2} fill="none" />
      )}
    </>
  );
}
