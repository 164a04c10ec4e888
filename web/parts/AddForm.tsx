import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { FormEvent, KeyboardEvent, ReactNode } from 'react';

interface AddFormProps {
  /** On the button, and what Enter in a field does. */
  label: string;
  onAdd: () => void;
  children: ReactNode;
  /** It stands in a form, which can’t have another in it. */
  inForm?: boolean;
}

const row = { display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap', alignItems: 'flex-start' } as const;

/** A line of fields for one more thing below a list. */
export const AddForm = ({ label, onAdd, children, inForm = false }: AddFormProps) =>
  inForm ? (
    <Box
      sx={row}
      onKeyDown={(event: KeyboardEvent) => {
        if (event.key !== 'Enter' || !(event.target instanceof HTMLInputElement)) return;
        event.preventDefault();
        onAdd();
      }}
    >
      {children}
      <Button variant="outlined" onClick={onAdd}>
        {label}
      </Button>
    </Box>
  ) : (
    <Box
      component="form"
      onSubmit={(event: FormEvent) => {
        event.preventDefault();
        onAdd();
      }}
      sx={row}
    >
      {children}
      <Button type="submit" variant="outlined">
        {label}
      </Button>
    </Box>
  );
