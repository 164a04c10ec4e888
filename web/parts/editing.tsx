/** The conduct around an edited thing: whether it is saved, undo, clashes, removal. */
import RedoIcon from '@mui/icons-material/Redo';
import UndoIcon from '@mui/icons-material/Undo';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import IconButton from '@mui/material/IconButton';
import Tooltip from '@mui/material/Tooltip';
import { useSnackbar } from 'notistack';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { counted } from '../../core/words';
import { send } from '../app/api';
import { queryClient } from '../app/data';
import type { Editing } from '../documents/useDocument';
import { useAction } from './useAction';

const PART_WORDS: Record<string, string> = {
  hardFinish: 'hard finish',
  slots: 'running order',
  venueId: 'venue',
  audienceNote: 'note on the audience',
  methods: 'methods',
  positions: 'stage positions',
};

const partWords = (keys: readonly PropertyKey[]): string =>
  keys.map((key) => PART_WORDS[String(key)] ?? String(key)).join(', ');

function stateWords({ save, draft }: Pick<Editing<object>, 'save' | 'draft'>): string {
  const wrong = Object.keys(draft).length;
  if (wrong > 0 && (save.is === 'saved' || save.is === 'saving'))
    return `Not saved yet: ${counted(wrong, 'entry needs', 'entries need')} another look`;
  switch (save.is) {
    case 'saved':
      return 'Saved';
    case 'saving':
      return 'Saving …';
    case 'offline':
      return 'Kept here; will be saved when Hearty Stage can be reached';
    case 'refused':
      return `Not saved: ${save.faults[0] ? `${save.faults[0].path} ${save.faults[0].message}` : save.message}`;
    case 'removed':
      return 'Not saved: removed elsewhere';
  }
}

/** Saved or not, undo and redo; Ctrl+Z and Ctrl+Shift+Z outside of fields. */
export function SaveBar<T extends { id: string }>({ editing }: { editing: Editing<T> }) {
  const { store, past, future } = editing;
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const typing = (event.target as HTMLElement).closest('input, textarea, [contenteditable]');
      if (typing || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      event.preventDefault();
      if (event.shiftKey) store.redo();
      else store.undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [store]);
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.5 }}>
      <Box
        role="status"
        sx={{
          fontSize: 13,
          mr: 0.5,
          color:
            Object.keys(editing.draft).length === 0 &&
            (editing.save.is === 'saved' || editing.save.is === 'saving')
              ? 'var(--muted)'
              : 'var(--ember)',
        }}
      >
        {stateWords(editing)}
      </Box>
      <Tooltip title="Undo (Ctrl+Z)">
        <span>
          <IconButton
            aria-label="Undo"
            size="small"
            disabled={past.length === 0}
            onClick={() => store.undo()}
          >
            <UndoIcon fontSize="small" />
          </IconButton>
        </span>
      </Tooltip>
      <Tooltip title="Redo (Ctrl+Shift+Z)">
        <span>
          <IconButton
            aria-label="Redo"
            size="small"
            disabled={future.length === 0}
            onClick={() => store.redo()}
          >
            <RedoIcon fontSize="small" />
          </IconButton>
        </span>
      </Tooltip>
    </Box>
  );
}

/** What another page did to the same thing: told, asked where both changed the same part. */
export function EditingNotices<T extends { id: string }>({
  editing,
  noun,
}: {
  editing: Editing<T>;
  noun: string;
}) {
  const { clash, store, takenIn, save } = editing;
  return (
    <>
      {takenIn.length > 0 && (
        <Alert severity="info" variant="outlined" sx={{ my: 1 }}>
          Also changed elsewhere: {partWords(takenIn)}. Both changes are kept.
        </Alert>
      )}
      {save.is === 'removed' && (
        <Alert
          severity="warning"
          variant="outlined"
          sx={{ my: 1 }}
          action={<Button onClick={() => void store.bringBack()}>Bring it back</Button>}
        >
          This {noun} was removed elsewhere. Nothing you typed is lost.
        </Alert>
      )}
      <Dialog open={clash !== null} aria-labelledby="clash-title">
        <DialogTitle id="clash-title">Changed in two places</DialogTitle>
        <DialogContent>
          Somebody else, or another tab, has just changed the {partWords(clash?.keys ?? [])} of this{' '}
          {noun} too. Which shall stand? Undo brings the other one back.
        </DialogContent>
        <DialogActions>
          <Button onClick={() => store.settle('theirs')}>Take theirs</Button>
          <Button variant="contained" onClick={() => store.settle('mine')}>
            Keep mine
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}

/** Removes something with an Undo in the message that says so. */
export function useRemove(): (path: string, name: string, then?: string) => Promise<void> {
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const navigate = useNavigate();
  const act = useAction();
  return async (path, name, then) => {
    if (!(await act(() => send('DELETE', path)))) return;
    if (then) void navigate(then);
    void queryClient.invalidateQueries();
    enqueueSnackbar(`${name} removed`, {
      autoHideDuration: 10_000,
      action: (key) => (
        <Button
          color="inherit"
          onClick={() => {
            closeSnackbar(key);
            void act(() => send('POST', `${path}/restore`)).then(() =>
              queryClient.invalidateQueries(),
            );
          }}
        >
          Undo
        </Button>
      ),
    });
  };
}
