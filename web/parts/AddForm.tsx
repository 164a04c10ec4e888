import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { FormEvent, ReactNode } from 'react';

interface AddFormProps {
  /** On the button, and what Enter in a field does. */
  label: string;
  onAdd: () => void;
  children: ReactNode;
}

/** A line of fields for one more thing below a list. */
export const AddForm = ({ label, onAdd, children }: AddFormProps) => (
  <Box
    component="form"
    onSubmit={(event: FormEvent) => {
      event.preventDefault();
      onAdd();
    }}
    sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}
  >
    {children}
    <Button type="submit" variant="outlined">
      {label}
    </Button>
  </Box>
);
