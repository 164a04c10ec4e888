/** What is asked on stage: where to go, how a job stands, why it failed, and who goes past a gate. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import TextField from '@mui/material/TextField';
import { type ReactNode, useEffect, useState } from 'react';
import { ofTen } from '../../core/lineup/forecast/words';
import { type LiveJob, liveJobs } from '../../core/stage/replan/jobs';
import type { PriceTold, Telling } from '../../core/stage/replan/tell';
import type { Live, RunPlan, RunSlot } from '../../core/stage/types';
import { aboutMinute, formatDuration } from '../../core/time/clock';
import { listInWords } from '../../core/words';
import { timeOf } from '../brief/dates';
import { useLatest } from '../parts/stable';
import { Ask } from './Ask';
import { type JobKind, jobWords } from './Beside';
import { missingWords } from './Waiting';

const WIDE_BUTTON = {
  minHeight: 64,
  px: 2,
  border: '2px solid var(--control)',
  borderRadius: 1.5,
  fontSize: 22,
};

/** Own words for why it failed. */
export function CauseDialog({
  onClose,
  onCause,
}: {
  onClose: () => void;
  onCause: (cause: string) => void;
}) {
  const [text, setText] = useState('');
  const most = 80;
  const long = text.trim().length > most;
  return (
    <Ask title="What was it?" onClose={onClose}>
      <Box
        component="form"
        sx={{ display: 'grid', gap: 2 }}
        onSubmit={(event) => {
          event.preventDefault();
          if (text.trim() !== '' && !long) onCause(text.trim());
        }}
      >
        <TextField
          autoFocus
          label="In your own words"
          value={text}
          onChange={(event) => setText(event.target.value)}
          error={long}
          helperText={long ? `At most ${most} letters: it has ${text.trim().length}` : undefined}
        />
        <Box sx={{ display: 'flex', gap: 2 }}>
          <Button type="submit" variant="contained" size="large" disabled={text.trim() === ''}>
            Save the cause
          </Button>
          <Button size="large" onClick={onClose}>
            Cancel
          </Button>
        </Box>
      </Box>
    </Ask>
  );
}

const JOB_SAYS: readonly { kind: JobKind; label: string }[] = [
  { kind: 'begin', label: 'Started now' },
  { kind: 'ready', label: 'Finished' },
  { kind: 'late', label: 'Late' },
  { kind: 'spoiled', label: 'Spoiled: do it again' },
  { kind: 'blocked', label: 'Can’t be done' },
  { kind: 'unmark', label: 'Take back what was said' },
];

export const JobDialog = ({
  job,
  onClose,
  onSay,
}: {
  job: LiveJob;
  onClose: () => void;
  onSay: (kind: JobKind) => void;
}) => (
  <Ask title={`${job.name}, for ${job.of}`} onClose={onClose}>
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, gap: 1.5 }}>
      {JOB_SAYS.map(({ kind, label }) => (
        <ButtonBase key={kind} onClick={() => onSay(kind)} sx={WIDE_BUTTON}>
          {label}
        </ButtonBase>
      ))}
      {job.people.length > 0 && (
        <ButtonBase onClick={() => onSay('call')} sx={{ ...WIDE_BUTTON, gridColumn: '1 / -1' }}>
          Call {listInWords(job.people)} to it
        </ButtonBase>
      )}
    </Box>
  </Ask>
);

/** Everybody’s work now and next, so that nobody has to ask. */
export function JobsDialog({
  telling,
  now,
  onClose,
  onJob,
}: {
  telling: Telling;
  now: number;
  onClose: () => void;
  onJob: (job: LiveJob) => void;
}) {
  const jobs = liveJobs(telling, now);
  const names = [...new Set(jobs.flatMap(({ people }) => people))].sort();
  const groups = [
    ...names.map((name) => ({ name, mine: jobs.filter(({ people }) => people.includes(name)) })),
    { name: 'By itself', mine: jobs.filter(({ people }) => people.length === 0) },
  ].filter(({ mine }) => mine.length > 0);
  return (
    <Ask title="Who does what" onClose={onClose}>
      {groups.length === 0 && <Box sx={{ fontSize: 22 }}>Nothing in the next five minutes.</Box>}
      {groups.map(({ name, mine }) => (
        <Box key={name} component="section" aria-label={name} sx={{ mb: 2 }}>
          <Box component="h3" sx={{ m: 0, mb: 0.5, fontSize: 24 }}>
            {name}
          </Box>
          {[...mine]
            .sort((a, b) => a.from - b.from)
            .map((job) => (
              <ButtonBase
                key={`${job.slot}/${job.task}`}
                onClick={() => onJob(job)}
                sx={{
                  width: '100%',
                  minHeight: 52,
                  justifyContent: 'space-between',
                  gap: 2,
                  textAlign: 'left',
                  borderTop: '1px solid var(--line)',
                  fontSize: 20,
                }}
              >
                <span>
                  {job.name}, for {job.of}
                </span>
                <Box component="span" sx={{ color: 'var(--muted)', whiteSpace: 'nowrap' }}>
                  {jobWords(job, now)}
                </Box>
              </ButtonBase>
            ))}
        </Box>
      ))}
    </Ask>
  );
}

/** The deliberate second step: whose word it is goes into the log with the rule. */
export const PassDialog = ({
  slot,
  rules,
  people,
  onClose,
  onPass,
}: {
  slot: RunSlot;
  rules: readonly string[];
  people: readonly { id: string; name: string }[];
  onClose: () => void;
  onPass: (by: string) => void;
}) => (
  <Ask title={`Begin ${slot.name} all the same?`} onClose={onClose}>
    <Box sx={{ fontSize: 22, mb: 2, color: 'var(--ember)' }}>
      △ {rules.join(', ')}. This protects somebody. Who takes it on? The name goes into the log.
    </Box>
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      {people.map(({ id, name }) => (
        <ButtonBase key={id} onClick={() => onPass(id)} sx={WIDE_BUTTON}>
          {name} goes past it
        </ButtonBase>
      ))}
      <ButtonBase onClick={onClose} sx={{ ...WIDE_BUTTON, borderColor: 'var(--ink)' }}>
        Keep it closed
      </ButtonBase>
    </Box>
  </Ask>
);

function priceWords(price: PriceTold | null, now: number): ReactNode {
  if (!price) return 'working out …';
  const wait = (price.from - now) / 1000;
  const [first] = price.ready?.missing ?? [];
  return (
    <>
      {first ? missingWords(first, now) : 'ready'}
      {wait >= 5 && `, ${formatDuration(wait)} of dead air`}; ends{' '}
      {timeOf(aboutMinute(price.end.about / 1000) * 1000)}, {ofTen(price.end.chance)} in time
    </>
  );
}

interface GoToProps {
  plan: RunPlan;
  live: Live;
  /** Asks for the price of going to a slot. */
  prices: ReadonlyMap<string, PriceTold>;
  /** Where it opens; null for the first. */
  at: string | null;
  now: number;
  onClose: () => void;
  onGo: (kind: 'goTo' | 'bringBack', slot: string) => void;
}

/** Every slot with what going there costs. A clicker steps through it with its forward key. */
export function GoToDialog({ plan, live, prices, at, now, onClose, onGo }: GoToProps) {
  const choices = plan.slots.filter(({ id }) => id !== live.slot);
  const first = choices.findIndex(({ id }) => id === at);
  const [chosen, setChosen] = useState(Math.max(0, first));
  const kindOf = (id: string): 'goTo' | 'bringBack' => {
    const status = live.slots[id]?.status;
    return status === 'leftOut' || status === 'skipped' ? 'bringBack' : 'goTo';
  };
  const go = (slot: RunSlot | undefined): void => {
    if (slot) onGo(kindOf(slot.id), slot.id);
  };
  const onKey = useLatest((event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
    const { key } = event;
    if (key === 'PageDown' || key === 'ArrowDown' || key === 'ArrowRight')
      setChosen((now_) => (now_ + 1) % choices.length);
    else if (key === 'PageUp' || key === 'ArrowUp' || key === 'ArrowLeft')
      setChosen((now_) => (now_ + choices.length - 1) % choices.length);
    else if (key === ' ' || key === 'b' || key === '.') go(choices[chosen]);
    else if (/^\d$/.test(key)) {
      const number = Number(key) || 10;
      const slot = plan.slots[number - 1];
      const place = choices.findIndex((one) => one === slot);
      if (place < 0) return;
      // The same number once more is a yes.
      if (place === chosen) go(slot);
      else setChosen(place);
    } else return;
    event.preventDefault();
  });
  useEffect(() => {
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [onKey]);
  return (
    <Ask title="Go to" onClose={onClose}>
      <Box sx={{ display: 'grid', gap: 1 }}>
        {choices.map((slot, i) => {
          const status = live.slots[slot.id]?.status;
          const out = kindOf(slot.id) === 'bringBack';
          const words = out ? 'bring back' : status === 'performed' ? 'done; once more' : '';
          return (
            <ButtonBase
              key={slot.id}
              onClick={() => go(slot)}
              aria-current={i === chosen ? 'true' : undefined}
              sx={{
                minHeight: 56,
                px: 2,
                py: 0.5,
                display: 'block',
                textAlign: 'left',
                border: `2px solid ${i === chosen ? 'var(--ink)' : 'var(--control)'}`,
                borderRadius: 1.5,
                fontSize: 22,
              }}
            >
              <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2 }}>
                <b>
                  {plan.slots.indexOf(slot) + 1} {slot.name}
                </b>
                <Box component="span" sx={{ color: 'var(--muted)' }}>
                  {words}
                </Box>
              </Box>
              {!out && (
                <Box sx={{ fontSize: 19, color: 'var(--muted)' }}>
                  {priceWords(prices.get(slot.id) ?? null, now)}
                </Box>
              )}
            </ButtonBase>
          );
        })}
      </Box>
    </Ask>
  );
}
