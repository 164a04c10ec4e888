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
import dayjs from 'dayjs';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { counted } from '../../core/words';
import { send } from '../app/api';
import { queryClient } from '../app/data';
import { pathParts } from '../documents/fit';
import { pathsInWords, pathWords } from '../documents/pathWords';
import type { Editing } from '../documents/useDocument';
import { useSayUndoable } from './undoable';
import { useAction } from './useAction';

type Saving = Pick<Editing<object>, 'save' | 'typed' | 'unfit' | 'value'>;

const isQuiet = ({ save, typed }: Pick<Saving, 'save' | 'typed'>): boolean =>
  typed === null && ['saved', 'waiting', 'sending', 'catchingUp'].includes(save.is);

function stateWords(editing: Saving): string {
  const { save, unfit, typed, value } = editing;
  if (typed !== null && isQuiet({ save, typed: null }))
    return `Not saved yet: ${counted(Math.max(1, unfit.length), 'entry needs', 'entries need')} another look`;
  switch (save.is) {
    case 'saved':
      return 'Saved';
    case 'waiting':
    case 'sending':
    case 'catchingUp':
      return 'Saving …';
    case 'offline':
      return save.message === null
        ? 'Kept on this device; will be saved when Hearty Stage can be reached'
        : `Kept on this device: ${save.message}`;
    case 'conflict':
      return 'Not saved: changed in two places';
    case 'refused': {
      const [fault] = save.faults;
      return `Not saved: ${fault ? `${pathWords(pathParts(fault.path), value)} ${fault.message}` : save.message}`;
    }
    case 'removed':
      return 'Not saved: removed elsewhere';
  }
}

/** Saved or not, undo and redo; Ctrl+Z and Ctrl+Shift+Z outside of fields. */
export function SaveBar<T extends { id: string }>({ editing }: { editing: Editing<T> }) {
  const { store, history } = editing;
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
          color: isQuiet(editing) ? 'var(--muted)' : 'var(--ember)',
        }}
      >
        {stateWords(editing)}
      </Box>
      <Tooltip title="Undo (Ctrl+Z)">
        <span>
          <IconButton
            aria-label="Undo"
            size="small"
            disabled={history.past.length === 0}
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
            disabled={history.future.length === 0}
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
  const act = useAction();
  const { conflict, store, takenIn, notUndone, save, value, leftBehind } = editing;
  return (
    <>
      {leftBehind && (
        <Alert
          severity="warning"
          variant="outlined"
          sx={{ my: 1 }}
          action={
            <>
              <Button onClick={() => store.takeUpDraft()}>Put it back</Button>
              <Button onClick={() => store.letDraftGo()}>Discard it</Button>
            </>
          }
        >
          Something typed in this {noun} on {when(leftBehind.at)} was not saved. It is still on this
          device.
        </Alert>
      )}
      {takenIn.length > 0 && (
        <Alert severity="info" variant="outlined" sx={{ my: 1 }}>
          Also changed elsewhere: {pathsInWords(takenIn, value)}. Both changes are kept.
        </Alert>
      )}
      {notUndone.length > 0 && (
        <Alert severity="info" variant="outlined" sx={{ my: 1 }}>
          Left as it is, because somebody else has changed it since:{' '}
          {pathsInWords(notUndone, value)}.
        </Alert>
      )}
      {save.is === 'removed' && (
        <Alert
          severity="warning"
          variant="outlined"
          sx={{ my: 1 }}
          action={<Button onClick={() => void act(() => store.bringBack())}>Bring it back</Button>}
        >
          This {noun} was removed elsewhere. Nothing you typed is lost.
        </Alert>
      )}
      <Dialog open={conflict !== null} aria-labelledby="conflict-title">
        <DialogTitle id="conflict-title">Changed in two places</DialogTitle>
        <DialogContent>
          Changed here and elsewhere: {pathsInWords(conflict?.paths ?? [], value)}. Everything else
          of both changes is kept. Which version of this do you want? Undo brings the other one
          back.
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

const when = (at: number): string => dayjs(at).format('D MMM [at] HH:mm');

/** What is removed, and the version it was looked at in; runs have none: events are only added. */
export interface Removal {
  path: string;
  name: string;
  version?: number | (() => Promise<number | null>);
  /** The page to go to. */
  then?: string;
}

/** Removes something with an Undo in the message that says so. */
export function useRemove(): (removal: Removal) => Promise<void> {
  const say = useSayUndoable();
  const navigate = useNavigate();
  const act = useAction();
  return async ({ path, name, version, then }) => {
    const from = typeof version === 'function' ? await version() : version;
    const query = from === undefined || from === null ? '' : `?version=${from}`;
    if (!(await act(() => send('DELETE', `${path}${query}`)))) return;
    if (then) void navigate(then);
    void queryClient.invalidateQueries();
    say(`${name} removed`, () => {
      void act(() => send('POST', `${path}/restore`)).then(() => queryClient.invalidateQueries());
    });
  };
}
