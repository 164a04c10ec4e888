/** Cords from the lines of a text to what each became. Measured anew whenever either side moves. */
import { type RefObject, useLayoutEffect, useState } from 'react';

interface Cord {
  line: number;
  from: number;
  to: number;
  asks: boolean;
}

interface CordsProps {
  /** The box that both sides stand in. */
  box: RefObject<HTMLElement | null>;
  /** Changes when what is drawn may have moved. */
  of: unknown;
  width: number;
}

/** Both sides carry the number of their line: `data-line` on the left, `data-became` on the right. */
function measured(box: HTMLElement): { cords: Cord[]; height: number } {
  const { top, height } = box.getBoundingClientRect();
  const middle = (element: Element): number => {
    const { top: at, height: high } = element.getBoundingClientRect();
    return at - top + Math.min(high / 2, 14);
  };
  const lines = new Map(
    [...box.querySelectorAll<HTMLElement>('[data-line]')].map((line) => [line.dataset.line, line]),
  );
  const cords = [...box.querySelectorAll<HTMLElement>('[data-became]')].flatMap(
    (became): Cord[] => {
      const line = lines.get(became.dataset.became);
      if (!line) return [];
      return [
        {
          line: Number(became.dataset.became),
          from: middle(line),
          to: middle(became),
          asks: became.dataset.asks === 'true',
        },
      ];
    },
  );
  return { cords, height };
}

export function Cords({ box, of, width }: CordsProps) {
  const [drawn, setDrawn] = useState<{ cords: Cord[]; height: number }>({ cords: [], height: 0 });
  useLayoutEffect(() => {
    const element = box.current;
    if (!element) return;
    const look = (): void => setDrawn(measured(element));
    look();
    const watch = new ResizeObserver(look);
    watch.observe(element);
    return () => watch.disconnect();
  }, [box, of]);
  return (
    <svg width={width} height={drawn.height} aria-hidden="true" style={{ display: 'block' }}>
      {drawn.cords.map(({ line, from, to, asks }, i) => (
        <g key={`${line}/${i}`} stroke={asks ? 'var(--ember)' : 'var(--control)'} fill="none">
          <path
            d={`M3 ${from}C${width * 0.55} ${from} ${width * 0.45} ${to} ${width - 4} ${to}`}
            strokeWidth={asks ? 1.8 : 1.3}
          />
          <circle cx={3} cy={from} r={2} fill={asks ? 'var(--ember)' : 'var(--control)'} />
          <circle cx={width - 4} cy={to} r={3} fill="var(--ground)" />
        </g>
      ))}
    </svg>
  );
}
