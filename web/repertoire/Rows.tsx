import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Tooltip from '@mui/material/Tooltip';
import Typography from '@mui/material/Typography';
import { useFieldArray, useFormContext } from 'react-hook-form';
import { faultOf, UNSAID } from '../parts/form';
import { grid } from './grid';

interface RowsProps {
  name: string;
  add: string;
  fresh: () => object;
  row: (at: string, i: number) => React.ReactNode;
  /** Why a row can’t be taken away; null where it can. */
  held?: (i: number) => string | null;
  /** No field of a row is narrower, px. */
  least?: number;
}

/** A short list of like rows of fields, each removable, with one to add. */
export function Rows({ name, add, fresh, row, held = () => null, least = 130 }: RowsProps) {
  const { fields, append, remove } = useFieldArray({ name, keyName: 'key' });
  const { formState, getFieldState } = useFormContext();
  // Of the list as a whole: each row says itself what is wrong with it.
  const fault = faultOf(getFieldState(name, formState).error);
  return (
    <Box className="rows" sx={{ display: 'grid', gap: 1.5 }}>
      {fields.map((field, i) => (
        <Box key={field.key} sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
          <Box sx={{ ...grid(least), flex: 1 }}>{row(`${name}.${i}`, i)}</Box>
          <Tooltip title={held(i) ?? ''} enterTouchDelay={0}>
            <span>
              <IconButton
                aria-label={`Remove row ${i + 1}`}
                disabled={held(i) !== null}
                onClick={() => remove(i)}
              >
                <DeleteIcon />
              </IconButton>
            </span>
          </Tooltip>
        </Box>
      ))}
      {fault && fault !== UNSAID && (
        <Typography color="error" role="alert">
          △ The list {fault}.
        </Typography>
      )}
      <Button
        size="small"
        startIcon={<AddIcon />}
        sx={{ justifySelf: 'start' }}
        onClick={() => append(fresh())}
      >
        {add}
      </Button>
    </Box>
  );
}
