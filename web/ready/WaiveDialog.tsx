import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';

interface WaiveDialogProps {
  title: string;
  /** Why this person may not; null when they may. */
  barred: string | null;
  onClose: () => void;
  onWaive: (reason: string) => void;
}

/** Why what holds the show may be passed over; nothing is waived without a reason. */
export function WaiveDialog({ title, barred, onClose, onWaive }: WaiveDialogProps) {
  const [reason, setReason] = useState('');
  const [asked, setAsked] = useState(false);
  const empty = reason.trim() === '';
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="waive-title">
      <DialogTitle id="waive-title">Waive: {title}</DialogTitle>
      <DialogContent>
        {barred ?? (
          <TextField
            autoFocus
            label="Reason"
            value={reason}
            onChange={(event) => setReason(event.target.value)}
            error={asked && empty}
            helperText={
              asked && empty
                ? 'Say why the show may go on without it'
                : 'Kept with the check, with your name'
            }
            sx={{ mt: 1 }}
            slotProps={{ htmlInput: { maxLength: 300 } }}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it open</Button>
        {barred === null && (
          <Button
            variant="contained"
            onClick={() => (empty ? setAsked(true) : onWaive(reason.trim()))}
          >
            Waive it
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
