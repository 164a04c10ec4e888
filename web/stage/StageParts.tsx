import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { ReactNode } from 'react';
import type { LiveJob } from '../../core/stage/background';
import type { Sign } from '../../core/repertoire/types';
import { formatDuration } from '../../core/time/clock';
import { timeOf } from '../brief/dates';
import { pinked, tapePath } from '../parts/tapeShape';

interface BigButtonProps {
  label: string;
  keys: string;
  onClick: () => void;
  main?: boolean;
  apart?: boolean;
  grow?: number;
}

export const BigButton = ({ label, keys, onClick, main, apart, grow = 1 }: BigButtonProps) => (
  <ButtonBase
    onClick={onClick}
    sx={{
      flex: `${grow} 1 0`,
      minWidth: { xs: main ? '100%' : 0, md: 0 },
      minHeight: { xs: main ? 72 : 60, md: 92 },
      flexDirection: 'column',
      borderRadius: 1.5,
      border: main ? 0 : `2px solid ${apart ? 'var(--ink)' : 'var(--control)'}`,
      background: main ? 'var(--ember-area)' : 'none',
      clipPath: main ? pinked(8, 6) : undefined,
      color: 'var(--ink)',
      font: { xs: `700 ${main ? 24 : 18}px/22px Bricolage`, md: '700 30px/38px Bricolage' },
      ml: { md: apart ? 3 : 0 },
    }}
  >
    {label}
    <Box
      component="small"
      sx={{
        font: '500 17px/22px Figures, Atkinson',
        color: main ? 'var(--on-ember)' : 'var(--muted)',
        display: { xs: 'none', md: 'block' },
      }}
    >
      {keys}
    </Box>
  </ButtonBase>
);

/** Audience cue on tape. */
export const Cue = ({ words }: { words: string }) => (
  <Box
    sx={{
      display: 'inline-flex',
      alignItems: 'center',
      gap: 2,
      background: 'var(--cue-tape)',
      clipPath: pinked(8, 6),
      px: 3,
      py: 0.5,
      font: { xs: '700 22px/30px Atkinson', md: '700 32px/44px Atkinson' },
    }}
  >
    <Box component="span" sx={{ color: 'var(--cue-glyph)' }}>
      Room
    </Box>
    {words}
  </Box>
);

/** Counts from a sign, with the window to act in. `since` is null until the sign is seen. */
export function SignTimer({
  sign,
  since,
  onSign,
}: {
  sign: Sign;
  since: number | null;
  onSign: () => void;
}) {
  if (since === null) {
    return (
      <ButtonBase
        onClick={onSign}
        sx={{
          border: '2px solid var(--control)',
          borderRadius: 1.5,
          px: 2,
          minHeight: 56,
          font: { xs: '600 20px Atkinson', md: '600 28px Atkinson' },
        }}
      >
        Seen: {sign.watchFor} (T)
      </ButtonBase>
    );
  }
  const whole = Math.max(sign.waitMost * 1.15, since * 1.05, 1);
  const W = 728;
  const x = (seconds: number): number => (seconds / whole) * W;
  const state =
    since < sign.waitLeast ? (
      <>
        act in <b>{formatDuration(sign.waitLeast - since)}</b>
      </>
    ) : since <= sign.waitMost ? (
      <b>act now, {formatDuration(sign.waitMost - since)} left</b>
    ) : (
      <b>△ {formatDuration(since - sign.waitMost)} too late</b>
    );
  return (
    <Box role="timer" aria-label={`Since ${sign.watchFor}`}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: { xs: 1, md: 2 } }}>
        <Box
          component="b"
          sx={{ font: { xs: '800 48px/52px Bricolage', md: '800 72px/72px Bricolage' } }}
        >
          {formatDuration(since)}
        </Box>
        <Box
          component="span"
          sx={{ color: 'var(--muted)', fontSize: { xs: 15, md: 26 }, minWidth: 0 }}
        >
          since {sign.watchFor}
        </Box>
        <Box
          component="span"
          sx={{
            ml: 'auto',
            color: 'var(--ember)',
            fontSize: { xs: 22, md: 32 },
            whiteSpace: 'nowrap',
          }}
        >
          {state}
        </Box>
      </Box>
      <svg viewBox={`0 0 ${W} 52`} width="100%" aria-hidden="true">
        <rect
          x={0.75}
          y={10.75}
          width={W - 1.5}
          height={30.5}
          rx={4}
          fill="var(--card)"
          stroke="var(--control)"
        />
        <path d={tapePath(0, 10, Math.max(6, x(since)), 32)} fill="var(--timer-fill)" />
        <path
          d={`M${x(sign.waitLeast) + 10} 2H${x(sign.waitLeast)}V50h10M${x(sign.waitMost) - 10} 2H${x(sign.waitMost)}V50h-10`}
          fill="none"
          stroke="var(--ember)"
          strokeWidth={4}
        />
      </svg>
      <Box sx={{ color: 'var(--muted)', fontSize: { xs: 16, md: 22 } }}>
        act between <b>{formatDuration(sign.waitLeast)}</b> and{' '}
        <b>{formatDuration(sign.waitMost)}</b>
      </Box>
    </Box>
  );
}

const JOB_GLYPH: Record<LiveJob['status'], string> = {
  due: '○',
  underWay: '◐',
  ready: '☑',
  late: '△',
};

/** One thing in the background: who has it, how long still, and its window. */
export function JobLine({
  job,
  now,
  startedAt,
  onBegin,
}: {
  job: LiveJob;
  now: number;
  /** The moment of show time 0, in milliseconds since 1970, moved by what was held. */
  startedAt: number;
  onBegin: () => void;
}) {
  const clock = (seconds: number): string => timeOf(startedAt + seconds * 1000);
  const words = {
    due: now >= job.from - 5 ? 'start now' : `starts in ${formatDuration(job.from - now)}`,
    underWay: `${formatDuration(job.done - now)} to go`,
    ready: job.readyUntil === null ? 'ready' : `ready until ${clock(job.readyUntil)}`,
    late: `too late since ${clock(job.readyUntil ?? job.done)}`,
  }[job.status];
  return (
    <Box sx={{ mt: 1.5, color: job.status === 'late' ? 'var(--ember)' : 'inherit' }}>
      <Box
        sx={{
          display: 'flex',
          justifyContent: 'space-between',
          gap: 1,
          font: '600 24px/30px Atkinson',
        }}
      >
        <span>{job.name}</span>
        <Box component="span" sx={{ color: 'var(--muted)', fontWeight: 400 }}>
          {job.people.join(', ')}
        </Box>
      </Box>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, fontSize: 22 }}>
        <span aria-hidden="true">{JOB_GLYPH[job.status]}</span> {words}
        {!job.confirmed && job.status !== 'ready' && (
          <ButtonBase
            onClick={onBegin}
            sx={{
              ml: 'auto',
              minHeight: 48,
              px: 1.5,
              border: '1.5px solid var(--control)',
              borderRadius: 1.5,
              fontSize: 18,
            }}
          >
            Started
          </ButtonBase>
        )}
      </Box>
    </Box>
  );
}

export const Labelled = ({ label, children }: { label: string; children: ReactNode }) => (
  <Box
    sx={{
      display: 'flex',
      gap: 2,
      mt: 1.25,
      alignItems: 'baseline',
      flexDirection: { xs: 'column', md: 'row' },
      rowGap: 0,
    }}
  >
    <Box
      sx={{
        width: { md: 88 },
        flex: 'none',
        font: { xs: '600 16px Atkinson', md: '600 24px/32px Atkinson' },
        color: 'var(--muted)',
      }}
    >
      {label}
    </Box>
    <Box sx={{ flex: 1, minWidth: 0 }}>{children}</Box>
  </Box>
);
