/** A hand of tape with so many fingers up: which option it stands for. */
import { tapePath } from '../parts/tapeShape';

const FINGERS: readonly (readonly number[])[] = [
  [],
  [0],
  [-12, 12],
  [-20, 0, 20],
  [-26, -9, 9, 26],
  [-32, -16, 0, 16, 32],
];

export function Hand({ fingers, size }: { fingers: number; size: number }) {
  const spread = FINGERS[fingers] ?? [];
  return (
    <svg width={size} height={size * 1.2} viewBox="0 0 100 120" aria-hidden="true">
      {spread.map((turn, i) => {
        const x = spread.length === 1 ? 38 : 18 + (i * 50) / Math.max(1, spread.length - 1);
        return (
          <path
            key={turn}
            d={tapePath(0, -9, 64, 18)}
            transform={`translate(${x + 4} 68) rotate(${turn - 90})`}
            fill="#DDD1C3"
          />
        );
      })}
      <rect x="10" y="56" width="70" height="56" rx="6" fill="#DDD1C3" />
      <path
        d={tapePath(0, 0, 58, 18)}
        transform="translate(32 92) rotate(-22)"
        fill="#DDD1C3"
        stroke="#171311"
        strokeWidth="2"
      />
    </svg>
  );
}
