import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import DialogTitle from '@mui/material/DialogTitle';
import { type ReactNode, useId } from 'react';

/** What is pressed in it: large enough for a thumb in the dark. */
export const askButton = {
  minHeight: 56,
  px: 2,
  border: '2px solid var(--control)',
  borderRadius: 1.5,
  fontSize: 20,
} as const;

interface Props {
  title: string;
  onClose: () => void;
  /** As wide as its contents, and not as there is room for. */
  narrow?: boolean;
  children: ReactNode;
}

/** Asked on stage, over everything else, in words that are read from where one stands. */
export function Ask({ title, onClose, narrow = false, children }: Props) {
  const id = useId();
  return (
    <Dialog
      transitionDuration={0}
      open
      onClose={onClose}
      aria-labelledby={id}
      {...(narrow ? {} : { slotProps: { paper: { sx: { width: 720, maxWidth: '100%' } } } })}
    >
      <DialogTitle id={id} sx={{ fontSize: 28 }}>
        {title}
      </DialogTitle>
      <Box sx={{ p: 3, pt: 0 }}>{children}</Box>
    </Dialog>
  );
}
