import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { FollowUp } from '../../contract/day';
import { newId, send } from '../app/api';
import { useFollowUps, usePeople } from '../app/data';
import { dayWords } from '../brief/dates';
import { useAction } from '../parts/useAction';
import { useRemove } from '../parts/editing';
import { AddForm } from '../parts/AddForm';
import { Section } from '../parts/page';
import { Pick } from '../parts/Pick';

/** What is to be done after a show, by whom and by when. */
export function FollowUpList({ showId }: { showId: string }) {
  const { data = [] } = useFollowUps();
  const { data: people = [] } = usePeople();
  const remove = useRemove();
  const act = useAction();
  const [words, setWords] = useState('');
  const [owner, setOwner] = useState<string | null>(null);
  const [due, setDue] = useState('');
  const mine = data.filter((followUp) => followUp.showId === showId);
  const add = async (): Promise<void> => {
    if (words.trim() === '') return;
    const followUp: FollowUp = {
      id: newId(),
      showId,
      demoId: null,
      words: words.trim(),
      ownerId: owner,
      due: due || null,
      done: false,
    };
    if (await act(() => send('POST', '/follow-ups', followUp))) setWords('');
  };
  return (
    <Section title="Follow-ups">
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {mine.map((followUp) => (
          <li key={followUp.id}>
            {followUp.done ? <s>{followUp.words}</s> : followUp.words}{' '}
            <Typography component="span" variant="body2" color="textSecondary">
              {people.find((person) => person.id === followUp.ownerId)?.name}{' '}
              {followUp.due && `by ${dayWords(followUp.due)}`}
            </Typography>
            <Button
              size="small"
              onClick={() =>
                void act(() =>
                  send('PUT', `/follow-ups/${followUp.id}`, { ...followUp, done: !followUp.done }),
                )
              }
            >
              {followUp.done ? 'Open again' : 'Done'}
            </Button>
            <Button
              size="small"
              onClick={() =>
                void remove({
                  path: `/follow-ups/${followUp.id}`,
                  name: 'Follow-up',
                  version: followUp.version,
                })
              }
            >
              Remove
            </Button>
          </li>
        ))}
      </Box>
      <AddForm label="Add" onAdd={() => void add()}>
        <TextField
          label="What to do"
          value={words}
          onChange={(e) => setWords(e.target.value)}
          sx={{ flex: '1 1 240px' }}
          slotProps={{ htmlInput: { maxLength: 300 } }}
        />
        <Pick
          label="Who"
          value={owner}
          none="Nobody yet"
          options={people.map((person) => ({ value: person.id, label: person.name }))}
          onChange={setOwner}
          sx={{ width: 150 }}
        />
        <TextField
          label="By"
          type="date"
          value={due}
          onChange={(e) => setDue(e.target.value)}
          sx={{ width: 160 }}
          slotProps={{ inputLabel: { shrink: true } }}
        />
      </AddForm>
    </Section>
  );
}
