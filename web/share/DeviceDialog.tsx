/** What a device is called, and whose it is. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { DeviceTold } from '../../contract/share';
import { usePeople } from '../app/data';
import { Pick } from '../parts/Pick';

const MOST = 40;

export function DeviceDialog({
  device,
  usual,
  onClose,
  onSave,
}: {
  device: DeviceTold;
  /** What it is called without a name of its own. */
  usual: string;
  onClose: () => void;
  onSave: (change: { name: string; person: string | null }) => void;
}) {
  const { data: people = [] } = usePeople();
  const [name, setName] = useState(device.name);
  const [person, setPerson] = useState(device.person);
  const long = name.trim().length > MOST;
  return (
    <Dialog open onClose={onClose} transitionDuration={0} aria-labelledby="device-dialog">
      <DialogTitle id="device-dialog">This device</DialogTitle>
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          if (!long) onSave({ name: name.trim(), person });
        }}
      >
        <DialogContent sx={{ display: 'grid', gap: 2.5, minWidth: { sm: 380 } }}>
          <Pick
            label="Whose it is"
            value={person}
            none="Nobody’s"
            options={people.map(({ id, name: label }) => ({ value: id, label }))}
            onChange={setPerson}
          />
          <TextField
            label="Called"
            value={name}
            placeholder={usual}
            onChange={(event) => setName(event.target.value)}
            error={long}
            helperText={long ? `At most ${MOST} letters` : 'Empty: by whose it is'}
            slotProps={{ inputLabel: { shrink: true } }}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained">
            Save
          </Button>
        </DialogActions>
      </Box>
    </Dialog>
  );
}
