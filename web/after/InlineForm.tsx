/** One field that opens in a line of a list, to put something right there. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';

interface Props {
  label: string;
  value: string;
  /** Keeps what was typed; answers what is wrong with it, in words, where it can’t be. */
  onSave: (text: string) => string | null;
  onClose: () => void;
  decimal?: boolean;
  longest?: number;
  width?: number;
}

export function InlineForm({ label, value, onSave, onClose, decimal, longest, width }: Props) {
  const [text, setText] = useState(value);
  const [fault, setFault] = useState('');
  return (
    <Box
      component="form"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'flex-start' }}
      onSubmit={(event) => {
        event.preventDefault();
        const wrong = onSave(text.trim());
        if (wrong === null) onClose();
        else setFault(wrong);
      }}
    >
      <TextField
        size="small"
        autoFocus
        label={label}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setFault('');
        }}
        error={fault !== ''}
        helperText={fault || undefined}
        slotProps={{
          htmlInput: {
            ...(decimal && { inputMode: 'decimal' as const }),
            ...(longest !== undefined && { maxLength: longest }),
          },
        }}
        {...(width !== undefined && { sx: { minWidth: width } })}
      />
      <Button type="submit" variant="outlined">
        Save
      </Button>
      <Button onClick={onClose}>Cancel</Button>
    </Box>
  );
}
