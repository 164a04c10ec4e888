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
import { options } from '../parts/words';
import type { Tell } from './tell';

type Note = Live['notes'][number];
type Kind = 'note' | 'question';

const KIND: Record<Kind, string> = { note: 'Note', question: 'Best question asked' };

/** Longest note, in characters, so that every note can also be pinned to its demo. */
const LONGEST = 500;

/** What was noted, of one demonstration or of the whole show; a note can be pinned for next time. */
export function Notes({
  plan,
  notes,
  questions,
  tell,
}: {
  plan: RunPlan;
  notes: readonly Note[];
  questions: readonly Note[];
  tell: Tell;
}) {
  const { enqueueSnackbar } = useSnackbar();
  const act = useAction();
  const [text, setText] = useState('');
  const [about, setAbout] = useState<string | null>(null);
  const slotOf = (id: string | null) => plan.slots.find((slot) => slot.id === id);

  const [kind, setKind] = useState<Kind>('note');

  const takeBack = async (note: Note, of: Kind): Promise<void> => {
    if (!(await tell('takeBackNote', { text: note.id }))) return;
    enqueueSnackbar(of === 'note' ? 'Note removed' : 'Question removed', {
      action: () => (
        <Button color="inherit" onClick={() => void tell(of, { slot: note.slot, text: note.text })}>
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
    if (await tell(kind, { slot: about, text: text.trim() })) setText('');
  };

  return (
    <Section title="Notes">
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {[
          ...questions.map((note) => ({ note, of: 'question' as const })),
          ...notes.map((note) => ({ note, of: 'note' as const })),
        ].map(({ note, of }) => {
          const slot = slotOf(note.slot);
          return (
            <li key={note.id}>
              {of === 'question' && 'Asked: '}
              {slot && <b>{slot.name}: </b>}
              {of === 'question' ? `“${note.text}”` : note.text}
              {slot?.demoId && of === 'note' && (
                <Button size="small" onClick={() => void pin(slot.demoId ?? '', note)}>
                  Pin to the demo
                </Button>
              )}
              <Button
                size="small"
                aria-label={`Remove the ${of} “${note.text}”`}
                onClick={() => void takeBack(note, of)}
              >
                Remove
              </Button>
            </li>
          );
        })}
      </Box>
      <AddForm
        label={kind === 'note' ? 'Keep the note' : 'Keep the question'}
        onAdd={() => void add()}
      >
        <Pick
          label="What it is"
          value={kind}
          options={options(KIND)}
          onChange={(picked) => setKind(picked ?? 'note')}
          sx={{ width: 200 }}
        />
        <Pick
          label="About"
          value={about}
          none="The whole show"
          options={plan.slots.map((slot) => ({ value: slot.id, label: slot.name }))}
          onChange={setAbout}
          sx={{ width: 200 }}
        />
        <TextField
          label={KIND[kind]}
          value={text}
          onChange={(event) => setText(event.target.value)}
          sx={{ flex: '1 1 240px' }}
          slotProps={{ htmlInput: { maxLength: LONGEST } }}
        />
      </AddForm>
    </Section>
  );
}
