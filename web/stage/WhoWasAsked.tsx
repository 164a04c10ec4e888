/** Who has been asked today, so that it is not always the same: first names, on this device, for the day. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { askButton } from './Ask';
import { useNamesToday } from './namesAsked';

export function WhoWasAsked() {
  const { names, add, remove } = useNamesToday();
  const [typed, setTyped] = useState('');
  return (
    <Box
      component="form"
      aria-label="Who has been asked"
      onSubmit={(event) => {
        event.preventDefault();
        add(typed);
        setTyped('');
      }}
      sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}
    >
      {names.map((name, i) => (
        <ButtonBase
          key={`${name} ${i}`}
          onClick={() => remove(name)}
          aria-label={`Take ${name} off again`}
          sx={{ ...askButton, minHeight: 44, fontSize: 17, px: 1.5 }}
        >
          {name}
        </ButtonBase>
      ))}
      <TextField
        label="Asked: first name"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        helperText="Kept on this device, for today only"
        size="small"
        sx={{ flex: '1 1 180px' }}
      />
      <ButtonBase type="submit" sx={{ ...askButton, minHeight: 48 }}>
        Add
      </ButtonBase>
    </Box>
  );
}
