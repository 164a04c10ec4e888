/** Only part of something is in: how much, thing by thing. */
import Add from '@mui/icons-material/Add';
import Remove from '@mui/icons-material/Remove';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { LineState, Way } from '../../../core/kit/packed';
import { formatTotal } from '../../../core/units/format';
import { parseAmount } from '../../../core/units/parse';
import { BASE_UNIT, fromBase, isApproximate, toBase, UNITS } from '../../../core/units/units';

interface RowProps {
  state: LineState;
  most: number;
  onAmount: (amount: number) => void;
}

/** Pieces by one more or less. */
function Counted({ state, most, onAmount }: RowProps) {
  const { line, have, want } = state;
  const step = (by: number): void => onAmount(Math.max(0, Math.min(most, have + by)));
  return (
    <Box role="group" aria-label={line.entry.name} sx={{ display: 'flex', alignItems: 'center' }}>
      <IconButton aria-label={`One less: ${line.entry.name}`} onClick={() => step(-1)}>
        <Remove />
      </IconButton>
      <Box sx={{ minWidth: 64, textAlign: 'center', fontWeight: 700 }}>
        {have} of {want}
      </Box>
      <IconButton
        aria-label={`One more: ${line.entry.name}`}
        disabled={have >= most}
        onClick={() => step(1)}
      >
        <Add />
      </IconButton>
    </Box>
  );
}

/** An amount in the unit that the kit is written in. */
function Weighed({ state, most, onAmount }: RowProps) {
  const { line, have } = state;
  const written = line.entry.parts[0]?.unit;
  // A squirt is as large as the house says; what is in a bottle is measured.
  const unit =
    written === undefined || isApproximate(written) ? BASE_UNIT[line.entry.dimension] : written;
  const [text, setText] = useState(have > 0 ? String(Number(fromBase(have, unit).toFixed(2))) : '');
  const read = parseAmount(text, { kind: line.entry.dimension, bare: unit });
  const base = read.ok ? toBase(read.value.amount, read.value.unit) : null;
  const wrong =
    text.trim() === ''
      ? ''
      : !read.ok
        ? `It ${read.message}`
        : base !== null && base > most + 1e-6
          ? `The store has ${formatTotal(most, line.entry.dimension, unit)}`
          : '';
  return (
    <TextField
      size="small"
      label={`In ${UNITS[unit].label}`}
      value={text}
      error={wrong !== ''}
      helperText={wrong}
      onChange={(event) => setText(event.target.value)}
      onBlur={() => {
        if (base !== null && wrong === '') onAmount(base);
      }}
      slotProps={{ htmlInput: { inputMode: 'decimal', 'aria-label': line.entry.name } }}
      sx={{ width: 150 }}
    />
  );
}

interface Props {
  way: Way;
  states: readonly LineState[];
  /** The most that there is of a line. */
  mostOf: (state: LineState) => number;
  onAmount: (state: LineState, amount: number) => void;
  onClose: () => void;
}

export function HowMuch({ way, states, mostOf, onAmount, onClose }: Props) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="how-much" fullWidth maxWidth="xs">
      <DialogTitle id="how-much">How much is {way === 'out' ? 'in' : 'back'}?</DialogTitle>
      <DialogContent>
        {states.map((state) => {
          const row = {
            state,
            most: mostOf(state),
            onAmount: (amount: number) => onAmount(state, amount),
          };
          return (
            <Box
              key={state.line.key}
              sx={{
                display: 'flex',
                gap: 1,
                alignItems: 'center',
                minHeight: 56,
                borderTop: '1px solid var(--line)',
              }}
            >
              <Box sx={{ flex: 1, minWidth: 0 }}>
                <b>{state.line.entry.name}</b>
              </Box>
              {state.line.entry.dimension === 'count' ? <Counted {...row} /> : <Weighed {...row} />}
            </Box>
          );
        })}
      </DialogContent>
      <DialogActions>
        <Button variant="contained" onClick={onClose}>
          Done
        </Button>
      </DialogActions>
    </Dialog>
  );
}
