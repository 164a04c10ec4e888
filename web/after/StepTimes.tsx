import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { isOdd } from '../../core/after/oddTimes';
import type { ReviewRow } from '../../core/after/review';
import type { RunPlan, StepTime } from '../../core/stage/types';
import { formatDuration, parseDuration } from '../../core/time/clock';
import { InlineForm } from './InlineForm';
import type { Tell } from './tell';

interface LineProps {
  slotId: string;
  name: string;
  of: string;
  planned: number;
  time: StepTime;
  tell: Tell;
}

/** One step’s time: to be put right, or not to be learned from. What was pressed stays as it was. */
function TimeLine({ slotId, name, of, planned, time, tell }: LineProps) {
  const [open, setOpen] = useState(false);
  const { task, go, seconds, measured, doubtful } = time;
  const say = (kind: 'correct' | 'doubt' | 'trust', value: number | null = null): void =>
    void tell(kind, { slot: slotId, step: task, go, value });
  const odd = isOdd(time, planned);
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1.5,
        alignItems: 'center',
        py: 0.5,
        borderBottom: '1px solid var(--line)',
      }}
    >
      <Box sx={{ flex: '1 1 320px' }}>
        {odd && (
          <Box component="span" sx={{ color: 'var(--ember)' }}>
            △{' '}
          </Box>
        )}
        {of}, {name}
        {go > 1 && `, go ${go}`}: <b>{formatDuration(seconds)}</b>, planned{' '}
        {formatDuration(planned)}
        {measured !== null && `, pressed ${formatDuration(measured)}`}
        {doubtful && ', doubtful: not learned from'}
      </Box>
      {!open ? (
        <>
          <Button size="small" onClick={() => setOpen(true)}>
            Put right
          </Button>
          {!doubtful && (
            <Button size="small" onClick={() => say('doubt')}>
              Doubtful
            </Button>
          )}
          {(doubtful || measured !== null) && (
            <Button size="small" onClick={() => say('trust')}>
              As it was pressed
            </Button>
          )}
        </>
      ) : (
        <InlineForm
          label="It took"
          value={formatDuration(planned)}
          onSave={(text) => {
            const read = parseDuration(text);
            if (read === null) return 'Give minutes and seconds, such as 0:31';
            say('correct', read);
            return null;
          }}
          onClose={() => setOpen(false)}
        />
      )}
    </Box>
  );
}

/** Times that the forecast learns from; those that can hardly be right first. */
export function StepTimes({
  plan,
  rows,
  tell,
}: {
  plan: RunPlan;
  rows: readonly ReviewRow[];
  tell: Tell;
}) {
  const [all, setAll] = useState(false);
  const lines = rows.flatMap((row) =>
    row.steps.map((time): Omit<LineProps, 'tell'> => {
      const step = plan.slots
        .find(({ id }) => id === row.slotId)
        ?.steps.find(({ task }) => task === time.task);
      return {
        slotId: row.slotId,
        name: step?.name ?? time.task,
        of: row.name,
        planned: step?.seconds ?? 0,
        time,
      };
    }),
  );
  if (lines.length === 0) return null;
  const wanted = lines.filter(
    ({ time, planned }) => isOdd(time, planned) || time.doubtful || time.measured !== null,
  );
  return (
    <Box component="section" aria-label="Times of the steps" sx={{ mt: 3 }}>
      <Typography variant="h3" component="h2">
        Times of the steps
      </Typography>
      <Typography color="textSecondary">
        {wanted.length > 0
          ? 'The forecast learns from these. Put right what a forgotten press made of them.'
          : 'The forecast learns from these, and none looks wrong.'}
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {(all ? lines : wanted).map((line, i) => (
          <TimeLine
            key={`${line.slotId}/${line.time.task}/${line.time.go}/${i}`}
            {...line}
            tell={tell}
          />
        ))}
      </Box>
      <Button onClick={() => setAll((now) => !now)}>
        {all ? 'Only what may be wrong' : `All ${lines.length} times`}
      </Button>
    </Box>
  );
}
