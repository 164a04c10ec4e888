/** When it ends: as planned, in how many shows of a hundred in time, and what would help. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { finishOf } from '../../core/lineup/finish';
import type { Forecast } from '../../core/lineup/forecast/types';
import {
  adviceWords,
  bestToLeaveOut,
  ofHundred,
  rangeWords,
} from '../../core/lineup/forecast/words';
import type { Timeline } from '../../core/lineup/types';
import { formatClock, formatDuration } from '../../core/time/clock';

interface HeadProps {
  timeline: Timeline;
  forecast: Forecast | null;
  /** False while a newer forecast is on its way. */
  fresh: boolean;
  startOfDay: number;
  nameOf: (slot: string) => string;
  onLeaveOut: (slots: string[]) => void;
}

export function ForecastHead(props: HeadProps) {
  const { timeline, forecast, fresh, startOfDay, nameOf, onLeaveOut } = props;
  const finish = finishOf(timeline, startOfDay);
  const trouble = finish.level === 'over' || finish.level === 'conflict';
  const hardFinish = formatClock(startOfDay + timeline.hardFinish);
  const best = forecast && bestToLeaveOut(forecast);
  return (
    <Box
      aria-live="polite"
      sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 4, rowGap: 1, flex: '1 1 420px' }}
    >
      <Box sx={{ flex: '1 1 270px', minWidth: 0 }}>
        <Box
          sx={{
            font: { xs: '800 36px/40px Bricolage', md: '800 44px/48px Bricolage' },
            letterSpacing: '-1.2px',
            color: trouble ? 'var(--ember)' : 'inherit',
          }}
        >
          {trouble && '△ '}
          {finish.headline}
        </Box>
        <Typography>{finish.words}</Typography>
        {timeline.deadAir > 0 && (
          <Typography>
            <b>{formatDuration(timeline.deadAir)} dead air</b>,{' '}
            {timeline.proven ? 'the least this order has' : 'the least found'}
          </Typography>
        )}
      </Box>
      {/* As tall before it is known, so that nothing below moves under a finger. */}
      <Box
        aria-busy={(!fresh && timeline.blocks.length > 0) || undefined}
        sx={{
          flex: '1 1 270px',
          minWidth: 0,
          minHeight: 92,
          opacity: forecast && !fresh ? 0.55 : 1,
        }}
      >
        {!forecast && timeline.blocks.length > 0 && (
          <Typography color="textSecondary">Simulating many such shows …</Typography>
        )}
        {forecast && (
          <Typography>
            <b>{ofHundred(forecast.chance)} shows</b> like this end by {hardFinish}; most{' '}
            {rangeWords(forecast, startOfDay)}.
          </Typography>
        )}
        {best && (
          <Typography>
            {adviceWords(best, nameOf, hardFinish)}{' '}
            <Button
              size="small"
              sx={{ p: 0, minWidth: 0, minHeight: 24, verticalAlign: 'baseline' }}
              onClick={() => onLeaveOut(best.slots)}
            >
              Leave it out
            </Button>
          </Typography>
        )}
      </Box>
    </Box>
  );
}
