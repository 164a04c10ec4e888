import EditOutlined from '@mui/icons-material/EditOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { type ReactNode, useEffect, useState } from 'react';
import { useFormContext } from 'react-hook-form';
import { useAskedFor } from './useAskedFor';

interface EditInPlaceProps {
  /** What is edited, for the button: “Edit the kit”. */
  what: string;
  /** Form fields inside; it does not close over a fault in one of them. */
  names: string[];
  read: ReactNode;
  edit: ReactNode;
  startsOpen?: boolean;
  /** Its name in an address that asks for it to be open: “?edit=hazards”. */
  part?: string;
}

/** The first message in a form’s faults, however deep it lies. */
function firstMessage(fault: unknown): string | undefined {
  if (typeof fault !== 'object' || fault === null) return undefined;
  const { message, ref: _ref, ...parts } = fault as { message?: unknown; ref?: unknown };
  if (typeof message === 'string' && message !== '') return message;
  return Object.values(parts).map(firstMessage).find(Boolean);
}

/** Something to read, with a pencil that turns it into its fields where it stands. */
export function EditInPlace({
  what,
  names,
  read,
  edit,
  startsOpen = false,
  part,
}: EditInPlaceProps) {
  const { trigger, formState, getFieldState } = useFormContext();
  const { asked, place } = useAskedFor('edit', part);
  const [open, setOpen] = useState(startsOpen || asked);
  useEffect(() => {
    if (asked) setOpen(true);
  }, [asked]);
  const [wrong, setWrong] = useState(false);
  const close = async (): Promise<void> => {
    const fits = await trigger(names, { shouldFocus: true });
    setWrong(!fits);
    setOpen(!fits);
  };
  const fault = names
    .map((name) => firstMessage(getFieldState(name, formState).error))
    .find(Boolean);
  if (!open)
    return (
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
        <Box sx={{ flex: 1, minWidth: 0 }}>
          {read}
          {fault && (
            <Typography color="error">
              △ Not saved: it {fault}. Open it and put it right.
            </Typography>
          )}
        </Box>
        <IconButton aria-label={`Edit ${what}`} size="small" onClick={() => setOpen(true)}>
          <EditOutlined fontSize="small" />
        </IconButton>
      </Box>
    );
  return (
    <Box
      ref={place}
      role="group"
      aria-label={`Editing ${what}`}
      sx={{ border: '1px solid var(--line-strong)', borderRadius: 1.5, p: 2, my: 1 }}
    >
      {edit}
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mt: 2 }}>
        <Button variant="outlined" onClick={() => void close()}>
          Done
        </Button>
        {wrong && <Typography color="error">△ Put this right first.</Typography>}
      </Box>
    </Box>
  );
}
