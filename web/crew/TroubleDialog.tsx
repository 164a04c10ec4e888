/** What is wrong with one’s work: one press, and a word if there is one. It goes to the stage at once. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Dialog from '@mui/material/Dialog';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Duty } from '../../core/stage/crew';
import type { JobKind } from '../stage/Beside';

const SAYS: readonly { kind: JobKind; label: string }[] = [
  { kind: 'late', label: 'Late: it takes longer' },
  { kind: 'spoiled', label: 'Spoiled: I do it again' },
  { kind: 'blocked', label: 'Can’t be done' },
];

const MOST = 300;

interface Props {
  duty: Duty;
  onClose: () => void;
  onSay: (kind: JobKind | null, words: string) => void;
}

export function TroubleDialog({ duty, onClose, onSay }: Props) {
  const [words, setWords] = useState('');
  const long = words.length > MOST;
  const row = {
    minHeight: 64,
    border: '2px solid var(--control)',
    borderRadius: 1.5,
    font: '600 22px Bricolage',
  };
  return (
    <Dialog
      open
      transitionDuration={0}
      onClose={onClose}
      fullWidth
      aria-labelledby="crew-trouble"
      slotProps={{ paper: { sx: { m: 2, width: '100%' } } }}
    >
      <DialogTitle id="crew-trouble" sx={{ fontSize: 24 }}>
        {duty.name}: what is it?
      </DialogTitle>
      <Box sx={{ display: 'grid', gap: 1.5, p: 2.5, pt: 0 }}>
        <TextField
          label="In a word, if you like"
          value={words}
          onChange={(event) => setWords(event.target.value)}
          error={long}
          helperText={long ? `At most ${MOST} letters` : undefined}
        />
        {SAYS.map(({ kind, label }) => (
          <ButtonBase key={kind} disabled={long} onClick={() => onSay(kind, words.trim())} sx={row}>
            {label}
          </ButtonBase>
        ))}
        <ButtonBase onClick={onClose} sx={{ ...row, borderColor: 'transparent' }}>
          Nothing: go back
        </ButtonBase>
      </Box>
    </Dialog>
  );
}
