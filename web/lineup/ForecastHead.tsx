/** When it ends: about, by when surely, and what would help; the clock as written second. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { LeaveOut } from '../../core/lineup/forecast/types';
import { ofHundred } from '../../core/lineup/forecast/words';
import type { Timeline } from '../../core/lineup/types';
import { aboutMinute, formatClock, formatDuration } from '../../core/time/clock';
import type { Foreseen } from './useForecast';

export interface HeadProps {
  timeline: Timeline;
  foreseen: Foreseen;
  /** The one thing to leave out that buys most; null while it is not known, or where nothing does. */
  best: LeaveOut | null;
  startOfDay: number;
  nameOf: (slot: string) => string;
  onLeaveOut: (slots: string[]) => void;
  /** Whether there is room for the advice beside it; else it stands elsewhere, where it moves nothing. */
  wide: boolean;
}

/** What had best be left out, and what that would give. */
export function Advice({
  best,
  foreseen,
  startOfDay,
  nameOf,
  onLeaveOut,
  timeline,
}: Omit<HeadProps, 'wide'>) {
  const { outlook } = foreseen;
  const [slot] = best?.slots ?? [];
  if (!best || !outlook || slot === undefined) return null;
  const less = outlook.about - best.p50;
  return (
    <Box
      sx={{
        minWidth: 0,
        borderLeft: { sm: '1px solid var(--line)' },
        pl: { sm: 2.5 },
      }}
    >
      <Typography sx={{ font: '600 18px/24px Bricolage' }}>
        Leave out {nameOf(slot)}: <b>{ofHundred(best.chance)}</b> by{' '}
        {formatClock(startOfDay + timeline.hardFinish)}
      </Typography>
      <Typography color="textSecondary">
        ends about {formatClock(startOfDay + aboutMinute(best.p50))}
        {less > 0 && `, ${formatDuration(less)} less`}; worth {best.worth} of 5
      </Typography>
      <Button size="small" sx={{ px: 0 }} onClick={() => onLeaveOut(best.slots)}>
        Leave it out
      </Button>
    </Box>
  );
}

export function ForecastHead(props: HeadProps) {
  const { timeline, foreseen } = props;
  const { ending, fresh } = foreseen;
  const trouble = ending?.level === 'over' || ending?.level === 'conflict';
  const deadAir =
    timeline.deadAir > 0
      ? `${formatDuration(timeline.deadAir)} dead air, ${timeline.proven ? 'the least this order has' : 'the least found'}.`
      : '';
  return (
    <Box
      aria-live="polite"
      aria-busy={(!fresh && timeline.blocks.length > 0) || undefined}
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        columnGap: 3,
        rowGap: 1,
        flex: '1 1 420px',
        // As tall before it is known, so that nothing below moves under a finger.
        minHeight: { xs: 200, md: 172 },
        opacity: ending && !fresh ? 0.55 : 1,
      }}
    >
      <Box sx={{ flex: '2 1 330px', minWidth: 0 }}>
        <Box
          sx={{
            font: { xs: '800 36px/40px Bricolage', md: '800 44px/48px Bricolage' },
            letterSpacing: '-1.2px',
          }}
        >
          {ending ? `${ending.headline},` : 'Ends about …'}
        </Box>
        <Box sx={{ font: '600 20px/26px Bricolage' }}>
          {ending ? (
            <>
              {ending.by}; {ending.odds}
            </>
          ) : (
            'Simulating many such shows'
          )}
        </Box>
        {ending && (
          <Typography sx={{ mt: 0.5, ...(trouble && { color: 'var(--ember)', fontWeight: 600 }) }}>
            {trouble && '△ '}
            {ending.spare}
          </Typography>
        )}
        <Typography color="textSecondary">
          {[ending && `${ending.written}.`, ending?.why, deadAir].filter(Boolean).join(' ')}
        </Typography>
        {ending?.guesses && <Typography color="textSecondary">{ending.guesses}</Typography>}
      </Box>
      {/* Its room is kept, so that what stands beside it does not wrap when it comes. */}
      {props.wide && (
        <Box sx={{ flex: '1 1 240px', minWidth: 0 }}>
          <Advice {...props} />
        </Box>
      )}
    </Box>
  );
}
