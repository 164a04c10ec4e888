import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { ReactNode } from 'react';
import { type LiveJob, liveJobs } from '../../core/stage/replan/jobs';
import type { Telling } from '../../core/stage/replan/tell';
import { comingUp } from '../../core/stage/steps';
import type { Live, RunPlan } from '../../core/stage/types';
import { formatDuration } from '../../core/time/clock';
import { timeOf } from '../brief/dates';
import { PositionMark } from '../parts/tape';
import { LABEL, LOW, wide } from './type';
import { isStop, missingWords } from './Waiting';

const GLYPH: Record<LiveJob['state'], string> = {
  blocked: '△',
  spent: '△',
  due: '○',
  underWay: '◐',
  ready: '☑',
};

export function jobWords({ state, from, to, until }: LiveJob, now: number): string {
  switch (state) {
    case 'blocked':
      return 'can’t be done now';
    case 'spent':
      return `no good since ${timeOf(until ?? to)}`;
    case 'due':
      return from - now < 5000 ? 'start now' : `starts in ${formatDuration((from - now) / 1000)}`;
    case 'underWay':
      return `${formatDuration((to - now) / 1000)} to go`;
    case 'ready':
      return until === null ? 'ready' : `ready until ${timeOf(until)}`;
  }
}

/** What one tap says of it, by how it stands. */
const NEXT_SAID: Partial<Record<LiveJob['state'], { kind: JobKind; label: string }>> = {
  due: { kind: 'begin', label: 'Started' },
  underWay: { kind: 'ready', label: 'Finished' },
  blocked: { kind: 'ready', label: 'Finished' },
};

export type JobKind = 'begin' | 'ready' | 'late' | 'spoiled' | 'blocked' | 'unmark' | 'call';

interface JobProps {
  job: LiveJob;
  now: number;
  onSay: (kind: JobKind) => void;
  onMore: () => void;
}

function JobRow({ job, now, onSay, onMore }: JobProps) {
  const said = NEXT_SAID[job.state];
  const bad = job.state === 'spent' || job.state === 'blocked';
  const share = (now - job.from) / Math.max(1, job.to - job.from);
  return (
    <Box sx={{ mt: 1 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <ButtonBase
          onClick={onMore}
          aria-label={`${job.name}, for ${job.of}: say how it stands`}
          sx={{
            flex: 1,
            minWidth: 0,
            minHeight: 48,
            display: 'block',
            textAlign: 'left',
            color: bad ? 'var(--ember)' : 'inherit',
          }}
        >
          <Box
            component="b"
            sx={{
              display: 'block',
              font: { xs: '600 19px/23px Atkinson', md: '600 26px/29px Atkinson' },
              overflow: 'hidden',
              textOverflow: 'ellipsis',
            }}
          >
            {job.name}
          </Box>
          <Box
            component="span"
            sx={{ display: 'block', fontSize: { xs: 17, md: 24 }, lineHeight: 1.2 }}
          >
            <span aria-hidden="true">{GLYPH[job.state]}</span> {jobWords(job, now)}
            {job.people.length > 0 && `, ${job.people.join(', ')}`}
            {!job.said && job.state !== 'due' && (
              <Box component="span" sx={{ color: 'var(--muted)' }}>
                , by the plan
              </Box>
            )}
          </Box>
        </ButtonBase>
        {said && (
          <ButtonBase
            onClick={() => onSay(said.kind)}
            sx={{
              minHeight: 52,
              px: 1.25,
              border: '1.5px solid var(--control)',
              borderRadius: 1,
              fontSize: { xs: 17, md: 22 },
            }}
          >
            {said.label}
          </ButtonBase>
        )}
      </Box>
      {job.state === 'underWay' && (
        <Box
          aria-hidden="true"
          sx={{ mt: 0.5, height: 12, border: '1.5px solid var(--control)', borderRadius: 0.5 }}
        >
          <Box
            sx={{
              height: '100%',
              width: `${Math.min(100, Math.max(2, share * 100))}%`,
              background: 'var(--timer-fill)',
            }}
          />
        </Box>
      )}
    </Box>
  );
}

interface Props {
  plan: RunPlan;
  live: Live;
  telling: Telling | null;
  /** Milliseconds since 1970. */
  now: number;
  onSay: (kind: JobKind, job: Pick<LiveJob, 'slot' | 'task'>) => void;
  onMore: (job: LiveJob) => void;
  onAll: () => void;
  onGoTo: () => void;
  /** What else is to be watched. */
  children?: ReactNode;
}

/** What is shown at once; the rest is counted. */
const SHOWN = 2;
/** The letters of their names that there is room for, under a next one that is ready or is not. */
const LETTERS = { ready: 68, missing: 54 };

/** What comes next and whether it is ready; what runs behind, the most urgent first. */
export function Beside({
  plan,
  live,
  telling,
  now,
  onSay,
  onMore,
  onAll,
  onGoTo,
  children,
}: Props) {
  const [next] = comingUp(plan, live);
  const ready = telling?.ready.find((one) => one.slot === next?.id);
  const jobs = telling ? liveJobs(telling, now) : [];
  const left = ready?.missing ?? [];
  const [worst] = [...left].sort((a, b) => (b.until ?? Infinity) - (a.until ?? Infinity));
  const long =
    jobs.slice(0, SHOWN).reduce((sum, { name }) => sum + name.length, 0) >
    LETTERS[worst ? 'missing' : 'ready'];
  const shown = long ? 1 : SHOWN;
  const hidden = jobs.length - shown;
  return (
    <Box
      component="aside"
      sx={{
        flex: '0 1 376px',
        minWidth: { xs: '100%', md: 0 },
        borderLeft: { md: '1.5px solid var(--line)' },
        pl: { md: 3 },
        [LOW]: { display: 'none' },
      }}
    >
      <Box sx={{ font: LABEL, color: 'var(--muted)' }}>Next</Box>
      <ButtonBase
        onClick={onGoTo}
        sx={{ font: wide(38, 26, 700), minHeight: 48, textAlign: 'left' }}
        aria-label="Choose what comes next"
      >
        {next ? `${plan.slots.indexOf(next) + 1} ${next.name}` : 'The end'}
      </ButtonBase>
      {next?.position && (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', fontSize: { xs: 18, md: 26 } }}>
          <PositionMark shape={next.position.mark} size={26} />
          {next.position.name}
        </Box>
      )}
      {next && telling && (
        <Box sx={{ fontSize: { xs: 18, md: 24 }, lineHeight: 1.2, mt: 0.5, minHeight: { md: 58 } }}>
          {!telling.known ? (
            <Box sx={{ color: 'var(--ember)' }}>
              △ The show can’t be read any more: whether it is ready is not known
            </Box>
          ) : worst ? (
            <Box sx={{ color: isStop(worst) ? 'var(--ember)' : 'inherit' }}>
              {isStop(worst) ? '△ ' : '◐ '}
              {missingWords(worst, now)}
              {left.length > 1 && ` (+${left.length - 1})`}
            </Box>
          ) : (
            <>
              ☑ <b>Ready</b>
              {ready?.said === false && (
                <Box component="span" sx={{ color: 'var(--muted)' }}>
                  {' '}
                  by the plan
                </Box>
              )}
            </>
          )}
        </Box>
      )}
      {jobs.length > 0 && (
        <Box sx={{ mt: 1, pt: 1, borderTop: '1.5px solid var(--line)' }}>
          <Box sx={{ display: 'flex', alignItems: 'center', color: 'var(--muted)' }}>
            <Box sx={{ font: LABEL, flex: 1 }}>In the background</Box>
            {hidden > 0 && (
              <ButtonBase
                onClick={onAll}
                sx={{ minHeight: { xs: 48, md: 36 }, fontSize: { xs: 17, md: 22 }, px: 0.5 }}
              >
                {hidden} more{' '}
                {jobs.slice(shown).every(({ state }) => state !== 'blocked' && state !== 'spent')
                  ? 'fine'
                  : 'to look at'}
              </ButtonBase>
            )}
          </Box>
          {jobs.slice(0, shown).map((job) => (
            <JobRow
              key={`${job.slot}/${job.task}`}
              job={job}
              now={now}
              onSay={(kind) => onSay(kind, job)}
              onMore={() => onMore(job)}
            />
          ))}
        </Box>
      )}
      {children}
    </Box>
  );
}
