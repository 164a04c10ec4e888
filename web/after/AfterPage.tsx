import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Versioned } from '../../contract/api';
import type { RunRecord } from '../../contract/stage';
import { type ReviewRow, reviewOf } from '../../core/after/review';
import type { Demo } from '../../core/repertoire/types';
import { fold } from '../../core/stage/fold';
import type { Live, Outcome, RunEvent } from '../../core/stage/types';
import { formatDuration, sayDuration } from '../../core/time/clock';
import { newId, send } from '../app/api';
import { queryClient, useRuns } from '../app/data';
import { usePreferences } from '../app/preferences';
import { whenOf } from '../brief/dates';
import { useOpenShow } from '../brief/useShow';
import { useRemove } from '../parts/editing';
import { Empty, Loading, Section } from '../parts/page';
import { FollowUpList } from './FollowUpList';
import { TwoStrips } from './TwoStrips';
import { CAUSES, OUTCOME, options } from '../parts/words';

function RunReview({ run }: { run: RunRecord }) {
  const { show } = useOpenShow();
  const { me } = usePreferences();
  const { enqueueSnackbar } = useSnackbar();
  const remove = useRemove();
  const [note, setNote] = useState('');
  const [about, setAbout] = useState('');
  const live = fold(run.plan, run.events);
  const review = reviewOf(run.plan, live);
  const tell = async (event: Pick<RunEvent, 'kind'> & Partial<RunEvent>): Promise<void> => {
    const whole: RunEvent = {
      id: newId(),
      at: Date.now(),
      by: me,
      slot: null,
      step: null,
      go: null,
      cause: null,
      outcome: null,
      text: null,
      ...event,
    };
    await send('POST', `/runs/${run.id}/events`, { events: [whole] });
    await queryClient.invalidateQueries({ queryKey: ['/shows'] });
  };
  const takeBack = async (note: Live['notes'][number]): Promise<void> => {
    await tell({ kind: 'takeBackNote', text: note.id });
    enqueueSnackbar('Note removed', {
      action: () => (
        <Button
          color="inherit"
          onClick={() => void tell({ kind: 'note', slot: note.slot, text: note.text })}
        >
          Undo
        </Button>
      ),
    });
  };
  const pin = async (slotId: string | null, text: string): Promise<void> => {
    const demoId = run.plan.slots.find((slot) => slot.id === slotId)?.demoId;
    if (!demoId) return;
    const demo = await send<Versioned<Demo>>('GET', `/demos/${demoId}`);
    await send('PUT', `/demos/${demoId}`, { ...demo, pinnedNote: text.slice(0, 500) });
    enqueueSnackbar(`Pinned to ${demo.name}: it shows the next time`);
  };
  const judge = (row: ReviewRow, go: number, outcome: Outcome, cause: string | null): void =>
    void tell({
      kind: 'judge',
      slot: row.slotId,
      go,
      outcome,
      cause: outcome === 'worked' ? null : cause,
    });
  const over = review.actualEnd === null ? null : review.actualEnd - review.plannedEnd;
  return (
    <>
      <Typography>
        {over === null
          ? 'Nothing was performed.'
          : Math.abs(over) < 15
            ? 'It took what was planned.'
            : `It took ${sayDuration(over)} ${over > 0 ? 'more' : 'less'} than planned.`}
        {review.heldSeconds > 0 && ` Held for ${sayDuration(review.heldSeconds)} besides.`}
        {live.phase !== 'finished' && ' Not finished yet: go on under On stage.'}
      </Typography>
      <TwoStrips review={review} run={run} />
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {review.rows.map((row, i) => (
          <Box
            component="li"
            key={row.slotId}
            sx={{
              display: 'grid',
              gap: 1,
              alignItems: 'center',
              gridTemplateColumns: { xs: '1fr', sm: '1.4fr 1fr 2fr' },
              borderBottom: '1px solid var(--line)',
              py: 1,
            }}
          >
            <Box>
              <b>
                {i + 1} {row.name}
              </b>{' '}
              <Typography variant="body2" component="span" color="textSecondary">
                {row.methodName}
              </Typography>
            </Box>
            <Typography variant="body2">
              planned {formatDuration(row.plannedSeconds)}
              {row.actualSeconds !== null && (
                <>
                  , took <b>{formatDuration(row.actualSeconds)}</b> (
                  {row.difference !== null && row.difference > 0 ? '+' : ''}
                  {formatDuration(row.difference ?? 0)})
                </>
              )}
              {row.status === 'leftOut' && ', left out'}
              {row.status === 'skipped' && ', skipped'}
            </Typography>
            <Box sx={{ display: 'grid', gap: 1 }}>
              {row.goes.map((go) => (
                <Box key={go.go} sx={{ display: 'flex', gap: 1 }}>
                  <TextField
                    select
                    label={`Go ${go.go}`}
                    value={go.outcome}
                    onChange={(e) => judge(row, go.go, e.target.value as Outcome, go.cause)}
                  >
                    {options(OUTCOME).map((option) => (
                      <MenuItem key={option.value} value={option.value}>
                        {option.label}
                      </MenuItem>
                    ))}
                  </TextField>
                  {go.outcome !== 'worked' && (
                    <TextField
                      select
                      label="Because"
                      value={go.cause ?? ''}
                      onChange={(e) => judge(row, go.go, go.outcome, e.target.value || null)}
                    >
                      {[...new Set([...CAUSES, ...(go.cause ? [go.cause] : [])])].map((cause) => (
                        <MenuItem key={cause} value={cause}>
                          {cause}
                        </MenuItem>
                      ))}
                    </TextField>
                  )}
                </Box>
              ))}
            </Box>
          </Box>
        ))}
      </Box>
      <Section title="Notes">
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
          {live.notes.map((entry) => (
            <li key={entry.id}>
              {entry.slot && <b>{run.plan.slots.find((slot) => slot.id === entry.slot)?.name}: </b>}
              {entry.text}
              {entry.slot && (
                <Button size="small" onClick={() => void pin(entry.slot, entry.text)}>
                  Pin to the demo
                </Button>
              )}
              <Button
                size="small"
                aria-label={`Remove the note “${entry.text}”`}
                onClick={() => void takeBack(entry)}
              >
                Remove
              </Button>
            </li>
          ))}
        </Box>
        <Box
          component="form"
          onSubmit={(event: React.FormEvent) => {
            event.preventDefault();
            if (note.trim() === '') return;
            void tell({ kind: 'note', slot: about || null, text: note.trim() }).then(() =>
              setNote(''),
            );
          }}
          sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}
        >
          <TextField
            select
            label="About"
            value={about}
            onChange={(e) => setAbout(e.target.value)}
            sx={{ width: 200 }}
          >
            <MenuItem value="">The whole show</MenuItem>
            {run.plan.slots.map((slot) => (
              <MenuItem key={slot.id} value={slot.id}>
                {slot.name}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            label="Note"
            value={note}
            onChange={(e) => setNote(e.target.value)}
            sx={{ flex: '1 1 240px' }}
            slotProps={{ htmlInput: { maxLength: 500 } }}
          />
          <Button type="submit" variant="outlined">
            Keep the note
          </Button>
        </Box>
      </Section>
      <FollowUpList showId={show.id} />
      <Button sx={{ mt: 3 }} onClick={() => void remove(`/runs/${run.id}`, 'The run')}>
        Remove this run
      </Button>
    </>
  );
}

export default function AfterPage() {
  const { show } = useOpenShow();
  const { data: runs } = useRuns(show.id);
  const [chosen, setChosen] = useState<string | null>(null);
  if (!runs) return <Loading />;
  const run = runs.find((r) => r.id === chosen) ?? runs.at(-1);
  if (!run)
    return (
      <Box sx={{ maxWidth: 900 }}>
        <Empty title="Not performed yet">
          After the show this page sets the plan against what happened.{' '}
          <Link to={`/shows/${show.id}/on-stage`}>Go on stage</Link>, or rehearse there.
        </Empty>
        <FollowUpList showId={show.id} />
      </Box>
    );
  return (
    <Box sx={{ maxWidth: 1000 }}>
      {runs.length > 1 && (
        <TextField
          select
          label="Run"
          value={run.id}
          onChange={(e) => setChosen(e.target.value)}
          sx={{ maxWidth: 320, mb: 2 }}
        >
          {runs.map((r) => (
            <MenuItem key={r.id} value={r.id}>
              {r.kind === 'rehearsal' ? 'Rehearsal' : 'Show'}, {whenOf(r.createdAt)}
            </MenuItem>
          ))}
        </TextField>
      )}
      <RunReview key={run.id} run={run} />
    </Box>
  );
}
