import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { ReactNode } from 'react';
import type { Sign } from '../../core/repertoire/types';
import type { RunRecord } from '../../contract/stage';
import type { RunPlan, RunSlot } from '../../core/stage/types';
import { counted } from '../../core/words';
import { formatDuration } from '../../core/time/clock';
import { PositionMark, Tape } from '../parts/tape';
import { pinked, tapePath } from '../parts/tapeShape';
import { LABEL, LOW, wide } from './type';

/** Number, name and place of a slot, in one line that keeps its height; with several performers, whose it is. */
export const SlotHead = ({
  plan,
  slot,
  said,
  narrow = false,
  children,
}: {
  plan: RunPlan;
  slot: RunSlot;
  /** Said of it, as trouble; its place gives way. */
  said?: string;
  /** In half the width: its place is told by its mark alone. */
  narrow?: boolean;
  children?: ReactNode;
}) => {
  const several = new Set(plan.slots.map(({ performer }) => performer)).size > 1;
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 1.5,
        minHeight: { xs: 44, md: 48 },
        color: 'var(--muted)',
        fontSize: { xs: 17, md: 26 },
        flexWrap: { xs: 'wrap', md: 'nowrap' },
        whiteSpace: 'nowrap',
        [LOW]: { flexWrap: 'nowrap' },
      }}
    >
      <Tape
        width={56}
        height={44}
        size={32}
        fill={`var(--tape-${slot.position?.mark ?? 'square'})`}
      >
        {plan.slots.indexOf(slot) + 1}
      </Tape>
      <span>of {plan.slots.length}</span>
      <Box
        component="h1"
        sx={{
          m: 0,
          font: wide(narrow ? 34 : 40, 28, 700),
          color: 'var(--ink)',
          overflow: 'hidden',
          textOverflow: 'ellipsis',
        }}
      >
        {slot.name}
      </Box>
      {several && (
        <Box component="span" sx={{ color: 'var(--ink)' }}>
          {slot.performer}
        </Box>
      )}
      {slot.position && <PositionMark shape={slot.position.mark} size={30} />}
      {said ? (
        <Box role="alert">
          <Box component="h2" sx={{ m: 0, font: wide(36, 26, 800), color: 'var(--ember)' }}>
            {said}
          </Box>
        </Box>
      ) : narrow || several ? null : (
        <Box component="span" sx={{ flex: '0 1000 auto', minWidth: 0, overflow: 'hidden' }}>
          {slot.position?.name}
        </Box>
      )}
      <Box component="span" sx={{ ml: 'auto', color: 'var(--muted)' }}>
        {children}
      </Box>
    </Box>
  );
};

interface BigButtonProps {
  label: string;
  /** What it costs, and its key: a line or two beneath. */
  keys: string;
  price?: string;
  disabled?: boolean;
  onClick: () => void;
  main?: boolean;
  apart?: boolean;
  grow?: number;
}

export const BigButton = ({
  label,
  keys,
  onClick,
  main,
  apart,
  disabled,
  price,
  grow = 1,
}: BigButtonProps) => (
  <ButtonBase
    onClick={onClick}
    disabled={disabled}
    sx={{
      flex: `${grow} 1 0`,
      minWidth: { xs: main ? '100%' : 56, md: 0 },
      minHeight: { xs: main ? 72 : 60, md: 92 },
      opacity: disabled ? 0.5 : 1,
      [LOW]: { minHeight: 48, minWidth: 0 },
      flexDirection: 'column',
      borderRadius: 1.5,
      border: main ? 0 : `2px solid ${apart ? 'var(--ink)' : 'var(--control)'}`,
      background: main ? 'var(--ember-area)' : 'none',
      clipPath: main ? pinked(8, 6) : undefined,
      color: 'var(--ink)',
      font: { xs: `700 ${main ? 24 : 16}px/20px Bricolage`, md: '700 28px/34px Bricolage' },
      whiteSpace: { md: 'nowrap' },
      px: 0.5,
      ml: { md: apart ? 3 : 0 },
    }}
  >
    {label}
    <Box
      component="small"
      sx={{
        font: '500 20px/24px Figures, Atkinson',
        color: main ? 'var(--on-ember)' : 'var(--muted)',
        display: { xs: 'none', md: 'block' },
        whiteSpace: 'nowrap',
        [LOW]: { display: 'none' },
      }}
    >
      {price && (
        <>
          {price}
          <br />
        </>
      )}
      {keys}
    </Box>
  </ButtonBase>
);

/** Audience cue on tape. */
export const Cue = ({ words, size }: { words: string; size: number }) => (
  <Box
    sx={{
      display: 'inline-flex',
      alignItems: 'center',
      gap: 2,
      background: 'var(--cue-tape)',
      clipPath: pinked(8, 6),
      px: 3,
      py: 0.5,
      font: {
        xs: '700 22px/30px Atkinson',
        md: `700 ${size}px/${Math.round(size * 1.3)}px Atkinson`,
      },
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
  small,
  onSign,
}: {
  sign: Sign;
  since: number | null;
  /** In little room: without the sentence beneath, which the bracket says too. */
  small: boolean;
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
          sx={{
            font: {
              xs: '800 48px/52px Bricolage',
              md: small ? '800 56px/56px Bricolage' : '800 72px/72px Bricolage',
            },
          }}
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
        {since >= sign.waitLeast && since <= sign.waitMost && (
          // Now: the bracket fills.
          <rect
            x={x(sign.waitLeast)}
            y={10}
            width={Math.max(0, x(sign.waitMost) - x(sign.waitLeast))}
            height={32}
            fill="var(--ember)"
          />
        )}
        <path
          d={`M${x(sign.waitLeast) + 10} 2H${x(sign.waitLeast)}V50h10M${x(sign.waitMost) - 10} 2H${x(sign.waitMost)}V50h-10`}
          fill="none"
          stroke="var(--ember)"
          strokeWidth={4}
        />
      </svg>
      <Box
        sx={{
          color: 'var(--muted)',
          fontSize: { xs: 16, md: 24 },
          display: { md: small ? 'none' : 'block' },
        }}
      >
        act between <b>{formatDuration(sign.waitLeast)}</b> and{' '}
        <b>{formatDuration(sign.waitMost)}</b>
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
        font: LABEL,
        color: 'var(--muted)',
      }}
    >
      {label}
    </Box>
    <Box sx={{ flex: 1, minWidth: 0 }}>{children}</Box>
  </Box>
);

/** What it is that begins, and how long it is. */
export const BeforeStart = ({ run: { plan, kind } }: { run: Pick<RunRecord, 'plan' | 'kind'> }) => (
  <Box sx={{ font: wide(64, 40, 800), m: 'auto', textAlign: 'center' }}>
    {plan.title}
    <Box sx={{ font: wide(28, 20, 400), color: 'var(--muted)', mt: 2 }}>
      {kind === 'rehearsal' ? 'Rehearsal. ' : ''}
      {counted(plan.slots.length, 'slot')}, {formatDuration(plan.end)} as written. The clock starts
      when you do.
    </Box>
  </Box>
);
