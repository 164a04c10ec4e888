import EditOutlined from '@mui/icons-material/EditOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { type ReactNode, useState } from 'react';
import { useFormContext } from 'react-hook-form';

interface EditInPlaceProps {
  /** What is edited, for the button: “Edit the kit”. */
  what: string;
  /** Form fields inside; it does not close over a fault in one of them. */
  names: string[];
  read: ReactNode;
  edit: ReactNode;
  startsOpen?: boolean;
}

/** Something to read, with a pencil that turns it into its fields where it stands. */
export function EditInPlace({ what, names, read, edit, startsOpen = false }: EditInPlaceProps) {
  const { trigger } = useFormContext();
  const [open, setOpen] = useState(startsOpen);
  const [wrong, setWrong] = useState(false);
  const close = async (): Promise<void> => {
    const fits = await trigger(names, { shouldFocus: true });
    setWrong(!fits);
    setOpen(!fits);
  };
  if (!open)
    return (
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
        <Box sx={{ flex: 1, minWidth: 0 }}>{read}</Box>
        <IconButton aria-label={`Edit ${what}`} size="small" onClick={() => setOpen(true)}>
          <EditOutlined fontSize="small" />
        </IconButton>
      </Box>
    );
  return (
    <Box
      role="group"
      aria-label={`Editing ${what}`}
      sx={{ border: '1px solid var(--line-strong)', borderRadius: 1.5, p: 2, my: 1 }}
    >
      {edit}
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mt: 2 }}>
        <Button variant="outlined" onClick={() => void close()}>
          That’s it
        </Button>
        {wrong && <Typography color="error">△ Put this right first.</Typography>}
      </Box>
    </Box>
  );
}
