import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { Projection } from '../../core/stage/project';
import { ribbonOf } from '../../core/stage/ribbon';
import type { Live, RunPlan } from '../../core/stage/types';
import { aboutMinute, byMinute } from '../../core/time/clock';
import { timeOf } from '../brief/dates';
import { Ribbon } from './Ribbon';
import { wide } from './type';

/** How far from the plan, when it will end, and what leaving something out would buy. */
export function Pace({
  plan,
  live,
  now,
  projection,
  onLeaveOut,
}: {
  plan: RunPlan;
  live: Live;
  /** Milliseconds since 1970. */
  now: number;
  projection: Projection;
  onLeaveOut: (slot: string) => void;
}) {
  const late = projection.behind >= 15;
  return (
    <Box component="section" aria-label="Pace">
      <Box
        sx={{
          display: 'flex',
          alignItems: 'center',
          columnGap: 2,
          rowGap: { xs: 1, md: 0 },
          flexWrap: 'wrap',
          // The line and what it advises leave the step below its room.
          fontSize: { xs: 18, md: 22 },
        }}
      >
        <Box
          component="b"
          sx={{ font: wide(32, 24, 800), color: late ? 'var(--ember)' : 'inherit' }}
        >
          {projection.behind >= 15 ? '« ' : projection.behind <= -15 ? '» ' : ''}
          {projection.paceWords}
        </Box>
        {/* On a phone a line of its own, under the pace and the clock, however wide their digits are. */}
        <Box sx={{ order: { xs: 1, md: 0 }, flexBasis: { xs: '100%', md: 'auto' } }}>
          ends about {timeOf(aboutMinute(projection.endsAt / 1000) * 1000)}
          {projection.shareWords
            ? `, by ${timeOf(byMinute(projection.endsBy / 1000) * 1000)} in ${projection.shareWords}`
            : ' as written'}
          ,{' '}
          <Box component="b" sx={{ color: projection.over > 0 ? 'var(--ember)' : 'inherit' }}>
            {projection.overWords}
          </Box>
        </Box>
        {projection.leaveOut && (
          <ButtonBase
            onClick={() => onLeaveOut(projection.leaveOut?.slot ?? '')}
            sx={{
              order: { xs: 1, md: 0 },
              minHeight: { xs: 48, md: 36 },
              borderBottom: '2px solid var(--ember)',
              font: 'inherit',
              lineHeight: 1.2,
              textAlign: 'left',
            }}
          >
            leave out {projection.leaveOut.name} to end about{' '}
            {timeOf(aboutMinute(projection.leaveOut.endsAt / 1000) * 1000)} (L)
          </ButtonBase>
        )}
        <Box component="time" sx={{ ml: 'auto', font: wide(36, 28, 700) }}>
          {timeOf(now)}
        </Box>
      </Box>
      <Box sx={{ display: { xs: 'none', sm: 'block' }, mt: 0.5 }}>
        <Ribbon
          plan={plan}
          spans={ribbonOf(plan, live, projection.now)}
          now={projection.now}
          end={projection.end}
          finish={projection.now + (projection.hardFinishAt - now) / 1000}
        />
      </Box>
    </Box>
  );
}
