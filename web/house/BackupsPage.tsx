/** Copies of all data: which there are, one more, one to take along, one to go back to. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import dayjs from 'dayjs';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import type { Backup, BackupReason, BackupsAnswer } from '../../contract/house';
import { send } from '../app/api';
import { queryClient } from '../app/data';
import { Empty, Loading, Page, Trouble } from '../parts/page';
import { useAction } from '../parts/useAction';
import { DamagedRecords } from './DamagedRecords';

const REASON: Record<BackupReason, string> = {
  daily: 'every day',
  made: 'made here',
  'before-update': 'before an update',
  'before-restore': 'before a backup was restored',
};

const PATH = '/backups';
const sizeWords = (bytes: number): string => `${(bytes / 1024 / 1024).toFixed(1)} MB`;
const when = (at: number): string => dayjs(at).format('ddd D MMM YYYY, HH:mm');

const cell = { p: 1, borderBottom: '1px solid var(--line)', textAlign: 'left' } as const;

function Row({ backup, onRestore }: { backup: Backup; onRestore: () => void }) {
  return (
    <tr>
      <Box component="th" scope="row" sx={{ ...cell, fontWeight: 600 }}>
        {when(backup.at)}
      </Box>
      <Box component="td" sx={cell}>
        {REASON[backup.reason]}
      </Box>
      <Box component="td" sx={{ ...cell, textAlign: 'right' }}>
        {sizeWords(backup.bytes)}
      </Box>
      <Box component="td" sx={{ ...cell, whiteSpace: { md: 'nowrap' }, textAlign: 'right' }}>
        <Button
          href={`/api${PATH}/${backup.name}`}
          download
          aria-label={`Download ${when(backup.at)}`}
        >
          Download
        </Button>
        <Button onClick={onRestore} aria-label={`Restore ${when(backup.at)}`}>
          Restore …
        </Button>
      </Box>
    </tr>
  );
}

export default function BackupsPage() {
  const { data, error } = useQuery({
    queryKey: [PATH],
    queryFn: () => send<BackupsAnswer>('GET', PATH),
  });
  const [asked, setAsked] = useState<Backup | null>(null);
  const [busy, setBusy] = useState(false);
  const act = useAction();
  const { enqueueSnackbar } = useSnackbar();
  const take = (answer: BackupsAnswer): unknown => queryClient.setQueryData([PATH], answer);
  const doing = async (work: () => Promise<unknown>, done: string): Promise<void> => {
    setBusy(true);
    if (await act(work)) enqueueSnackbar(done);
    setBusy(false);
  };
  const make = (): Promise<void> =>
    doing(async () => take(await send<BackupsAnswer>('POST', PATH)), 'Backup made');
  const restore = async (backup: Backup): Promise<void> => {
    setAsked(null);
    await doing(
      async () => {
        take(await send<BackupsAnswer>('POST', `${PATH}/${backup.name}/restore`));
        await queryClient.invalidateQueries();
      },
      `Everything is as it was on ${when(backup.at)}`,
    );
  };
  return (
    <Page
      title="Backups"
      below="Copies of everything: shows, demos, the store, runs. One is made every day that something changes."
      actions={
        <Button variant="contained" disabled={busy} onClick={() => void make()}>
          Make a backup now
        </Button>
      }
    >
      <DamagedRecords />
      <Trouble error={error} />
      {!data && !error && <Loading />}
      {data?.backups.length === 0 && (
        <Empty title="No backups yet">
          The first is made today by itself, or now, by the button above.
        </Empty>
      )}
      {data && data.backups.length > 0 && (
        <Box sx={{ overflowX: 'auto' }}>
          <Box component="table" sx={{ borderCollapse: 'collapse', width: '100%', maxWidth: 860 }}>
            <thead>
              <tr>
                <Box component="th" sx={cell}>
                  Made
                </Box>
                <Box component="th" sx={cell}>
                  Why
                </Box>
                <Box component="th" sx={{ ...cell, textAlign: 'right' }}>
                  Size
                </Box>
                <Box component="td" sx={cell} />
              </tr>
            </thead>
            <tbody>
              {data.backups.map((backup) => (
                <Row key={backup.name} backup={backup} onRestore={() => setAsked(backup)} />
              ))}
            </tbody>
          </Box>
        </Box>
      )}
      {data && (
        <Typography variant="body2" color="textSecondary" sx={{ mt: 2, overflowWrap: 'anywhere' }}>
          They are in {data.folder}. Copy some to another disk now and then: a backup on the same
          disk goes with the disk.
        </Typography>
      )}
      <Dialog open={asked !== null} onClose={() => setAsked(null)} aria-labelledby="restore-title">
        <DialogTitle id="restore-title">Go back to {asked && when(asked.at)}?</DialogTitle>
        <DialogContent>
          Everything typed since then is taken away, on every device. As it is now, it is kept as a
          backup first, so that you can come back to it here.
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setAsked(null)}>Leave it as it is</Button>
          <Button variant="contained" onClick={() => asked && void restore(asked)}>
            Restore
          </Button>
        </DialogActions>
      </Dialog>
    </Page>
  );
}
