/** A bar of the strip that can be dragged to an earlier time, as far as arrival and what keeps allow. */
import { useState } from 'react';
import { LEAD_STEP, type LeadRange, leadWithin } from '../../core/lineup/lead';
import type { PlacedTask } from '../../core/lineup/types';
import { formatDuration } from '../../core/time/clock';
import type { Scale } from './stripLayout';

/** Nearer than this is a press, not a drag, in px. */
const STILL = 3;

interface LeadBarProps {
  placed: PlacedTask;
  range: LeadRange;
  /** “Set tray and cylinder (Foam fountain)”. */
  name: string;
  scale: Scale;
  y: number;
  height: number;
  children: React.ReactNode;
  onSelect: () => void;
  onLead: (seconds: number) => void;
}

export function LeadBar(props: LeadBarProps) {
  const { placed, range, name, scale, y, height, children, onSelect, onLead } = props;
  const [drag, setDrag] = useState<{ from: number; by: number } | null>(null);
  const within = (seconds: number): number => leadWithin(range, seconds);
  const block = placed.end + range.now;
  const wanted = drag && within(block - scale.at(scale.x(placed.end) + drag.by));
  const shift = wanted === null ? 0 : range.now - wanted;
  const onKeyDown = (event: React.KeyboardEvent): void => {
    const to: Record<string, number> = {
      ArrowLeft: range.now + LEAD_STEP,
      ArrowRight: range.now - LEAD_STEP,
      Home: range.most,
      End: range.least,
    };
    if (event.key === 'Enter' || event.key === ' ') onSelect();
    else if (event.key in to) onLead(within(to[event.key] ?? range.now));
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={`${name}, earlier than its block`}
      aria-valuemin={range.least}
      aria-valuemax={Math.max(range.least, Math.round(range.most))}
      aria-valuenow={Math.round(range.now)}
      aria-valuetext={`done ${formatDuration(range.now)} before`}
      style={{ cursor: 'ew-resize', touchAction: 'pan-y' }}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        if (event.button !== 0) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        setDrag({ from: event.clientX, by: 0 });
      }}
      onPointerMove={(event) => setDrag((now) => now && { ...now, by: event.clientX - now.from })}
      onPointerCancel={() => setDrag(null)}
      onPointerUp={() => {
        if (drag && Math.abs(drag.by) > STILL && wanted !== null) onLead(wanted);
        else onSelect();
        setDrag(null);
      }}
    >
      {children}
      {wanted !== null && drag && Math.abs(drag.by) > STILL && (
        <>
          <rect
            x={scale.x(placed.start + shift)}
            y={y}
            width={Math.max(3, scale.x(placed.end + shift) - scale.x(placed.start + shift))}
            height={height}
            fill="var(--ember-wash)"
            stroke="var(--ember)"
            strokeDasharray="3 2"
          />
          <text
            x={scale.x(placed.start + shift)}
            y={y - 3}
            style={{ font: '700 12px Bricolage' }}
            fill="var(--ember)"
          >
            {formatDuration(wanted)} before
          </text>
        </>
      )}
    </g>
  );
}
