import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import type { Show } from '../../core/brief/types';
import type { OrderedShow } from '../../core/told/orderShow';
import { TypeOrder } from './TypeOrder';

interface DialogProps {
  show: Show;
  onTake: (ordered: OrderedShow) => void;
}

/** Adds what was typed to the end of a running order. */
export function TypeOrderDialog({ show, onTake }: DialogProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button size="small" onClick={() => setOpen(true)}>
        Type the order
      </Button>
      <Dialog
        open={open}
        onClose={() => setOpen(false)}
        fullWidth
        maxWidth="md"
        aria-labelledby="order-title"
      >
        <DialogTitle id="order-title">The order as you have it</DialogTitle>
        <DialogContent sx={{ pt: '8px !important' }}>
          <TypeOrder
            show={show}
            words={(slots) => `Add ${slots}`}
            onTake={(ordered) => {
              onTake(ordered);
              setOpen(false);
            }}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setOpen(false)}>Not now</Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
