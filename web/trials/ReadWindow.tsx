import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { formatDuration } from '../../core/time/clock';
import { useUrgency } from '../stage/device';
import type { Stopwatch } from './useStopwatch';

interface ReadWindowProps {
  watch: Stopwatch;
  /** Seconds between which it is read. */
  from: number;
  until: number;
}

/** Time since the go began, on an axis with the bracket in which it is read. */
export function ReadWindow({ watch, from, until }: ReadWindowProps) {
  const { seconds } = watch;
  const end = until * 1.35;
  const share = (value: number): string => `${Math.min(100, (value / end) * 100)}%`;
  const now = seconds ?? 0;
  const inside = seconds !== null && now >= from && now <= until;
  // Who stirs, pours or looks elsewhere is called to it.
  useUrgency(inside ? 'read' : null);
  const words =
    seconds === null
      ? `read from ${formatDuration(from)} to ${formatDuration(until)}`
      : now < from
        ? `read in ${formatDuration(from - now)}`
        : inside
          ? `read now, until ${formatDuration(until)}`
          : '△ late: read it and say so';
  return (
    <Box>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5 }}>
        <Box component="span" sx={{ font: '700 30px/36px Bricolage' }}>
          {formatDuration(now)}
        </Box>
        <Box component="span" sx={{ color: 'var(--muted)' }}>
          since it began
        </Box>
        <Box
          component="span"
          role="status"
          sx={{
            ml: 'auto',
            font: '700 18px/24px Bricolage',
            color: inside || now > until ? 'var(--ember)' : 'inherit',
            textAlign: 'right',
          }}
        >
          {words}
        </Box>
      </Box>
      <Box
        aria-hidden="true"
        sx={{
          position: 'relative',
          height: 22,
          my: 1,
          border: '1px solid var(--line-strong)',
          borderRadius: 1,
        }}
      >
        <Box
          sx={{
            position: 'absolute',
            inset: 0,
            right: 'auto',
            width: share(now),
            background: 'var(--timer-fill)',
          }}
        />
        <Box
          sx={{
            position: 'absolute',
            top: -4,
            bottom: -4,
            left: share(from),
            width: `calc(${share(until)} - ${share(from)})`,
            border: '3px solid var(--ember)',
            borderTopWidth: 3,
            clipPath:
              'polygon(0 0, 8px 0, 8px 3px, 3px 3px, 3px calc(100% - 3px), 8px calc(100% - 3px), 8px 100%, 0 100%, 0 100%, 100% 100%, calc(100% - 8px) 100%, calc(100% - 8px) calc(100% - 3px), calc(100% - 3px) calc(100% - 3px), calc(100% - 3px) 3px, calc(100% - 8px) 3px, calc(100% - 8px) 0, 100% 0, 100% 100%, 0 100%)',
          }}
        />
      </Box>
      <Button
        variant={seconds === null ? 'outlined' : 'text'}
        size="small"
        onClick={seconds === null ? watch.start : watch.reset}
      >
        {seconds === null ? 'It begins now' : 'Back to 0:00'}
      </Button>
    </Box>
  );
}
