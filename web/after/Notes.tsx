import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import type { Versioned } from '../../contract/api';
import type { Demo } from '../../core/repertoire/types';
import type { Live, RunPlan } from '../../core/stage/types';
import { send } from '../app/api';
import { useAction } from '../parts/useAction';
import { AddForm } from '../parts/AddForm';
import { Section } from '../parts/page';
import { Pick } from '../parts/Pick';
import type { Tell } from './tell';

type Note = Live['notes'][number];

/** Longest note, in characters, so that every note can also be pinned to its demo. */
const LONGEST = 500;

/** What was noted, of one demonstration or of the whole show; a note can be pinned for next time. */
export function Notes({ plan, notes, tell }: { plan: RunPlan; notes: Note[]; tell: Tell }) {
  const { enqueueSnackbar } = useSnackbar();
  const act = useAction();
  const [text, setText] = useState('');
  const [about, setAbout] = useState<string | null>(null);
  const slotOf = (id: string | null) => plan.slots.find((slot) => slot.id === id);

  const takeBack = async (note: Note): Promise<void> => {
    if (!(await tell('takeBackNote', { text: note.id }))) return;
    enqueueSnackbar('Note removed', {
      action: () => (
        <Button
          color="inherit"
          onClick={() => void tell('note', { slot: note.slot, text: note.text })}
        >
          Undo
        </Button>
      ),
    });
  };
  const pin = async (demoId: string, note: Note): Promise<void> => {
    let before: Versioned<Demo> | null = null;
    const put = (pinnedNote: string) => async (): Promise<void> => {
      const demo = await send<Versioned<Demo>>('GET', `/demos/${demoId}`);
      before ??= demo;
      await send('PUT', `/demos/${demoId}`, { ...demo, pinnedNote });
    };
    if (!(await act(put(note.text.slice(0, LONGEST))))) return;
    enqueueSnackbar('Pinned: it shows the next time the demo is planned', {
      action: () => (
        <Button color="inherit" onClick={() => void act(put(before?.pinnedNote ?? ''))}>
          Undo
        </Button>
      ),
    });
  };
  const add = async (): Promise<void> => {
    if (text.trim() === '') return;
    if (await tell('note', { slot: about, text: text.trim() })) setText('');
  };

  return (
    <Section title="Notes">
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {notes.map((note) => {
          const slot = slotOf(note.slot);
          return (
            <li key={note.id}>
              {slot && <b>{slot.name}: </b>}
              {note.text}
              {slot?.demoId && (
                <Button size="small" onClick={() => void pin(slot.demoId ?? '', note)}>
                  Pin to the demo
                </Button>
              )}
              <Button
                size="small"
                aria-label={`Remove the note “${note.text}”`}
                onClick={() => void takeBack(note)}
              >
                Remove
              </Button>
            </li>
          );
        })}
      </Box>
      <AddForm label="Keep the note" onAdd={() => void add()}>
        <Pick
          label="About"
          value={about}
          none="The whole show"
          options={plan.slots.map((slot) => ({ value: slot.id, label: slot.name }))}
          onChange={setAbout}
          sx={{ width: 200 }}
        />
        <TextField
          label="Note"
          value={text}
          onChange={(event) => setText(event.target.value)}
          sx={{ flex: '1 1 240px' }}
          slotProps={{ htmlInput: { maxLength: LONGEST } }}
        />
      </AddForm>
    </Section>
  );
}
