import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { RunRecord } from '../../contract/stage';
import { backgroundJobs, notReady } from '../../core/stage/background';
import { comingUp } from '../../core/stage/fold';
import type { Live } from '../../core/stage/types';
import { formatDuration } from '../../core/time/clock';
import type { ReactNode } from 'react';
import { PositionMark } from '../parts/tape';
import { JobLine } from './StageParts';
import { wide } from './type';

/** What comes next and whether it is ready; what runs behind, the most urgent first. */
export function Beside({
  run,
  live,
  time,
  behind,
  onBegin,
  onGoTo,
  children,
}: {
  run: RunRecord;
  live: Live;
  time: number;
  behind: number;
  onBegin: (slot: string, task: string) => void;
  onGoTo: () => void;
  /** What else is to be watched. */
  children?: ReactNode;
}) {
  const [next] = comingUp(run.plan, live);
  const jobs = backgroundJobs(run.plan, live, time, behind);
  const unready = next ? notReady(jobs, next.id) : null;
  return (
    <Box
      component="aside"
      sx={{ flex: '0 1 360px', borderLeft: { md: '1.5px solid var(--line)' }, pl: { md: 4 } }}
    >
      <Box sx={{ font: '600 22px/28px Atkinson', color: 'var(--muted)' }}>Next</Box>
      <ButtonBase
        onClick={onGoTo}
        sx={{ font: wide(36, 26, 700), minHeight: 48, textAlign: 'left' }}
        aria-label="Choose what comes next"
      >
        {next ? `${run.plan.slots.indexOf(next) + 1} ${next.name}` : 'The end'}
      </ButtonBase>
      {next?.position && (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', fontSize: 24 }}>
          <PositionMark shape={next.position.mark} size={24} />
          {next.position.name}
        </Box>
      )}
      {next && (
        <Box sx={{ fontSize: 24, lineHeight: '32px', mt: 1 }}>
          {unready ? (
            <>
              ◐ <b>Ready in {formatDuration(Math.max(0, unready.done - time))}</b> ({unready.name})
            </>
          ) : (
            <>
              ☑ <b>Ready</b> by the plan
            </>
          )}
        </Box>
      )}
      {jobs.length > 0 && (
        <Box sx={{ mt: 2, pt: 2, borderTop: '1.5px solid var(--line)' }}>
          <Box sx={{ font: '600 22px/28px Atkinson', color: 'var(--muted)' }}>
            In the background
          </Box>
          {jobs.slice(0, 2).map((job) => (
            <JobLine
              key={`${job.slot}/${job.task}`}
              job={job}
              now={time}
              startedAt={(live.startedAt ?? 0) + live.heldMs}
              onBegin={() => onBegin(job.slot, job.task)}
            />
          ))}
          {jobs.length > 2 && (
            <Box sx={{ mt: 1, fontSize: 20, color: 'var(--muted)' }}>
              and {jobs.length - 2} more
            </Box>
          )}
        </Box>
      )}
      {children}
    </Box>
  );
}
