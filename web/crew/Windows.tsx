/** What keeps only so long, on one axis: from now to when it is used, and the bracket where it ends. */
import Box from '@mui/material/Box';
import type { WindowTold } from '../../core/stage/replan/tell';
import { timeOf } from '../brief/dates';
import { PositionTape } from './PositionTape';
import type { SlotFace } from './faces';

interface Props {
  windows: readonly WindowTold[];
  faceOf: (slot: string) => SlotFace | null;
  /** Milliseconds since 1970. */
  now: number;
}

const WIDTH = 358;
const LEFT = 48;
/** More than this is counted. */
const SHOWN = 3;
const MINUTE = 60_000;

export function Windows({ windows, faceOf, now }: Props) {
  const shown = windows.slice(0, SHOWN);
  if (shown.length === 0) return null;
  const last = Math.max(...shown.map(({ until, at }) => Math.max(until, at ?? 0)));
  const span = Math.max(10 * MINUTE, last - now);
  const x = (at: number): number =>
    LEFT + ((Math.min(Math.max(at, now), now + span) - now) / span) * (WIDTH - LEFT - 16);
  const every = span > 40 * MINUTE ? 20 : span > 18 * MINUTE ? 10 : 5;
  const first = Math.ceil((now + 2 * MINUTE) / (every * MINUTE)) * every * MINUTE;
  const marks: number[] = [];
  for (let at = first; at <= now + span; at += every * MINUTE) marks.push(at);
  return (
    <Box component="section" aria-label="In the background" sx={{ mt: 1.5 }}>
      <Box sx={{ color: 'var(--muted)', fontSize: 17, lineHeight: '24px' }}>In the background</Box>
      {shown.map((window) => {
        const face = faceOf(window.slot);
        const missed = !window.kept;
        return (
          <Box key={`${window.slot}/${window.name}`} sx={{ mt: 0.75 }}>
            <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1, fontSize: 18 }}>
              <span>
                <b>{window.name}</b> {window.isReady ? 'ready' : `ready at ${timeOf(window.from)}`}
              </span>
              <Box
                component="span"
                sx={{ whiteSpace: 'nowrap', color: missed ? 'var(--ember)' : 'var(--muted)' }}
              >
                {missed ? '△ won’t keep past ' : 'use by '}
                <Box component="b" sx={{ color: missed ? 'inherit' : 'var(--ink)' }}>
                  {timeOf(window.until)}
                </Box>
              </Box>
            </Box>
            <svg width="100%" viewBox={`0 0 ${WIDTH} 34`} aria-hidden="true">
              <path
                d="M10 5H3V29H10"
                fill="none"
                stroke="var(--ink)"
                strokeWidth="3"
                opacity={window.isReady ? 1 : 0.5}
              />
              <path d={`M${LEFT} 2V32`} stroke="var(--ink)" strokeWidth="3" />
              <path
                d={`M${LEFT + 8} 17H${x(window.until) - 8}`}
                stroke="var(--control)"
                strokeWidth="3"
                strokeDasharray="3 5"
              />
              {window.at !== null && face && (
                <PositionTape x={x(window.at) - 13} y={4} face={face} width={26} height={26} />
              )}
              <path
                d={`M${x(window.until) - 7} 5h7V29h-7`}
                fill="none"
                stroke={missed ? 'var(--ember)' : 'var(--ink)'}
                strokeWidth="3"
              />
            </svg>
          </Box>
        );
      })}
      <svg width="100%" viewBox={`0 0 ${WIDTH} 18`} aria-hidden="true">
        <text x={LEFT} y={14} textAnchor="middle" fill="var(--ink)" fontSize="14" fontWeight="700">
          now
        </text>
        {marks.map((at) => (
          <text key={at} x={x(at)} y={14} textAnchor="middle" fill="var(--muted)" fontSize="14">
            {timeOf(at)}
          </text>
        ))}
      </svg>
      {windows.length > SHOWN && (
        <Box sx={{ color: 'var(--muted)', fontSize: 16 }}>
          and {windows.length - SHOWN} more, later
        </Box>
      )}
    </Box>
  );
}
