import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { FollowUp } from '../../contract/day';
import { newId, send } from '../app/api';
import { useFollowUps, usePeople } from '../app/data';
import { useAction } from '../parts/useAction';
import { AddForm } from '../parts/AddForm';
import { Section } from '../parts/page';
import { Pick } from '../parts/Pick';
import { FollowUpRow } from './FollowUpRow';

/** What is to be done after a show, by whom and by when. */
export function FollowUpList({
  showId,
  demos,
}: {
  showId: string;
  /** Those of the show. */
  demos: readonly { id: string; name: string }[];
}) {
  const { data = [] } = useFollowUps();
  const { data: people = [] } = usePeople();
  const act = useAction();
  const [words, setWords] = useState('');
  const [owner, setOwner] = useState<string | null>(null);
  const [due, setDue] = useState('');
  const [about, setAbout] = useState<string | null>(null);
  const mine = data.filter((followUp) => followUp.showId === showId);
  const add = async (): Promise<void> => {
    if (words.trim() === '') return;
    const followUp: FollowUp = {
      id: newId(),
      showId,
      demoId: about,
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
          <FollowUpRow key={followUp.id} followUp={followUp} />
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
        <Pick
          label="Which demo"
          value={about}
          none="No demo in particular"
          options={demos.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={setAbout}
          sx={{ width: 190 }}
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
