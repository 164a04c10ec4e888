import type { RibbonSpan } from '../../core/stage/ribbon';
import type { RunPlan } from '../../core/stage/types';

const WIDTH = 1216;
const LEFT = 90;

interface RibbonProps {
  plan: RunPlan;
  spans: readonly RibbonSpan[];
  /** Show times in seconds. */
  now: number;
  end: number;
  finish: number;
}

/** Planned over tonight, on one axis from the start to a little past the end. */
export function Ribbon({ plan, spans, now, end, finish }: RibbonProps) {
  const last = Math.max(end, finish, plan.end) * 1.02;
  const x = (seconds: number): number => LEFT + (seconds / last) * (WIDTH - LEFT);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 56`}
      width="100%"
      role="img"
      aria-label="Planned against tonight"
      style={{ display: 'block' }}
    >
      <text x={0} y={12} fontSize={17} fill="var(--muted)">
        planned
      </text>
      <text x={0} y={42} fontSize={17} fill="var(--muted)">
        tonight
      </text>
      {plan.slots.map((slot) => (
        <rect
          key={slot.id}
          x={x(slot.start)}
          y={3}
          width={Math.max(1, x(slot.end) - x(slot.start) - 3)}
          height={8}
          rx={2}
          fill="var(--control)"
        />
      ))}
      {spans.map((span) => {
        const left = x(span.from);
        const right = x(span.to);
        const current = span.state === 'current';
        return (
          <g key={`${span.slot}/${span.state}`}>
            <rect
              x={left + 1}
              y={22}
              width={Math.max(2, right - left - 4)}
              height={30}
              rx={3}
              fill={span.state === 'done' ? 'var(--person-on-stage)' : 'none'}
              stroke={span.state === 'done' ? 'none' : current ? 'var(--ink)' : 'var(--muted)'}
              strokeWidth={current ? 2 : 1.5}
            />
            {current && (
              <rect
                x={left}
                y={21}
                width={Math.max(0, x(now) - left)}
                height={32}
                rx={3}
                fill="var(--ink)"
              />
            )}
            <text
              x={(left + right) / 2}
              y={44}
              textAnchor="middle"
              style={{ font: '700 20px Bricolage' }}
              fill={current && x(now) > (left + right) / 2 ? 'var(--ground)' : 'var(--ink)'}
            >
              {span.number}
            </text>
          </g>
        );
      })}
      <path d={`M${x(finish)} 0V56`} stroke="var(--ember)" strokeWidth={4} />
    </svg>
  );
}
