/** A table of readings as a new series: which columns, and what they say, before it is kept. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { TableAnswer, TrialTableBody } from '../../contract/trials';
import { send } from '../app/api';
import { queryClient } from '../app/data';
import { TABLE_FILES, csvText, readTableFile } from '../tables/tableFile';
import { Pick } from '../parts/Pick';
import { useAction } from '../parts/useAction';

interface Looked {
  asked: TrialTableBody;
  answer: TableAnswer;
}

export function FromTable() {
  const act = useAction();
  const navigate = useNavigate();
  const [looked, setLooked] = useState<Looked | null>(null);
  const look = (asked: TrialTableBody): Promise<boolean> =>
    act(async () => {
      setLooked({ asked, answer: await send<TableAnswer>('POST', '/trials/table', asked) });
    });
  const choose = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const name = file.name.replace(/\.[^.]*$/, '').slice(0, 120) || 'From a table';
    await act(async () => {
      const { sheets } = await readTableFile(file);
      const csv = await csvText(sheets[0]?.rows ?? []);
      await look({ name, csv, factor: null, response: null, save: false });
    });
  };
  const keep = (asked: TrialTableBody): Promise<boolean> =>
    act(async () => {
      const { id } = await send<TableAnswer>('POST', '/trials/table', { ...asked, save: true });
      await queryClient.invalidateQueries({ queryKey: ['/trials'] });
      void navigate(`/bench/trials/${id}/answer`);
    });
  return (
    <>
      <Button component="label">
        From a table
        <input
          type="file"
          accept={TABLE_FILES}
          hidden
          onChange={(event) => {
            void choose(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </Button>
      {looked && (
        <Columns
          {...looked}
          onLook={(asked) => void look(asked)}
          onKeep={(name) => void keep({ ...looked.asked, name })}
          onClose={() => setLooked(null)}
        />
      )}
    </>
  );
}

interface ColumnsProps extends Looked {
  onLook: (asked: TrialTableBody) => void;
  onKeep: (name: string) => void;
  onClose: () => void;
}

function Columns({ asked, answer, onLook, onKeep, onClose }: ColumnsProps) {
  const [name, setName] = useState(asked.name);
  const { columns, factor, response, faults, words, claim } = answer;
  const options = columns.filter((one) => one !== '').map((value) => ({ value, label: value }));
  const unnamed = name.trim() === '';
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <DialogTitle>A series from a table</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2, pt: '8px !important' }}>
        <TextField
          label="Question"
          value={name}
          error={unnamed}
          helperText={unnamed ? 'Question must be filled in' : undefined}
          onChange={(event) => setName(event.target.value)}
          onBlur={() => !unnamed && onLook({ ...asked, name: name.trim() })}
        />
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: '1fr 1fr' }}>
          <Pick
            label="What was changed"
            value={asked.factor ?? factor}
            options={options}
            onChange={(value) => onLook({ ...asked, factor: value })}
          />
          <Pick
            label="What was read"
            value={asked.response ?? response}
            options={options}
            onChange={(value) => onLook({ ...asked, response: value })}
          />
        </Box>
        {faults.length > 0 ? (
          <Box role="alert" sx={{ color: 'var(--ember)' }}>
            {faults.map((fault) => (
              <div key={fault}>△ {fault}</div>
            ))}
          </Box>
        ) : (
          <Box role="status">
            <Typography>{words}.</Typography>
            <Typography sx={{ font: '700 20px/26px Bricolage' }}>{claim}</Typography>
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={faults.length > 0 || unnamed}
          onClick={() => onKeep(name.trim())}
        >
          Bring it in
        </Button>
      </DialogActions>
    </Dialog>
  );
}
