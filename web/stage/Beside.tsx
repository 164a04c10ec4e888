import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { RunRecord } from '../../contract/stage';
import { backgroundJobs } from '../../core/stage/background';
import type { Live, RunPlan, RunSlot } from '../../core/stage/types';
import { formatDuration } from '../../core/time/clock';
import { PositionMark } from '../parts/tape';
import { JobLine } from './StageParts';
import { wide } from './type';

function nextUp(plan: RunPlan, live: Live): RunSlot | null {
  const at = plan.slots.findIndex((slot) => slot.id === live.slot);
  const waiting = (slot: RunSlot): boolean =>
    live.slots[slot.id]?.status === 'waiting' && slot.id !== live.slot;
  return plan.slots.slice(at + 1).find(waiting) ?? plan.slots.find(waiting) ?? null;
}

/** What comes next and whether it is ready; what runs behind, the most urgent first. */
export function Beside({
  run,
  live,
  time,
  behind,
  onBegin,
  onGoTo,
}: {
  run: RunRecord;
  live: Live;
  time: number;
  behind: number;
  onBegin: (slot: string, task: string) => void;
  onGoTo: () => void;
}) {
  const next = nextUp(run.plan, live);
  const jobs = backgroundJobs(run.plan, live, time, behind);
  const start = new Date(live.startedAt ?? Date.now());
  const showStart =
    start.getHours() * 3600 + start.getMinutes() * 60 + start.getSeconds() + live.heldMs / 1000;
  const unready = jobs.find(
    (job) => job.slot === next?.id && (job.status === 'underWay' || job.status === 'due'),
  );
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
              showStart={showStart}
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
    </Box>
  );
}
