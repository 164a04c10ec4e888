/** A series, or its finale, into a show in one press; what was put there can be taken out again. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Versioned } from '../../contract/api';
import type { TrialSlotBody } from '../../contract/trials';
import type { Show, Slot } from '../../core/brief/types';
import { send } from '../app/api';
import { queryClient, useShows } from '../app/data';
import { useMay } from '../app/me';
import { comingShows } from '../brief/coming';
import { dayWords } from '../brief/dates';
import { Pick } from '../parts/Pick';
import { useAction } from '../parts/useAction';

interface Props {
  trialId: string;
  /** Without a demonstration it has no steps to be done by. */
  demoId: string | null;
  /** Null for the series itself. */
  size: TrialSlotBody['size'];
  label: string;
}

const readAnew = (): Promise<unknown> =>
  Promise.all(
    ['/shows', '/trials'].map((key) => queryClient.invalidateQueries({ queryKey: [key] })),
  );

async function takeOut({ showId, slotId }: { showId: string; slotId: string }): Promise<void> {
  const { version, ...show } = await send<Versioned<Show>>('GET', `/shows/${showId}`);
  const slots = show.slots.filter(({ id }) => id !== slotId);
  await send('PUT', `/shows/${showId}`, { ...show, slots, version });
  await readAnew();
}

export function PutInShow({ trialId, demoId, size, label }: Props) {
  const { data: shows = [] } = useShows();
  const act = useAction();
  const may = useMay('presenter');
  const [chosen, setChosen] = useState<string | null>(null);
  const [put, setPut] = useState<{ showId: string; slotId: string } | null>(null);
  const [busy, setBusy] = useState(false);
  if (!may) return null;
  const coming = comingShows(shows);
  const show = coming.find(({ id }) => id === chosen) ?? coming[0];
  if (demoId === null)
    return (
      <Typography variant="body2" color="textSecondary">
        To put it in a show,{' '}
        <Link to={`/bench/trials/${trialId}/question`}>say of which demonstration it is</Link>.
      </Typography>
    );
  if (!show)
    return (
      <Typography variant="body2" color="textSecondary">
        No show is coming to put it in. <Link to="/shows">Plan one</Link>
      </Typography>
    );
  const inIt = put && shows.find(({ id }) => id === put.showId);
  return (
    <Box sx={{ display: 'grid', gap: 1, pt: 1 }}>
      {coming.length > 1 && (
        <Pick
          label="Which show"
          value={show.id}
          options={coming.map(({ id, title, date }) => ({
            value: id,
            label: `${title}, ${dayWords(date)}`,
          }))}
          onChange={setChosen}
        />
      )}
      <Button
        variant="contained"
        size="large"
        disabled={busy}
        onClick={() => {
          setBusy(true);
          void act(async () => {
            const body = { showId: show.id, size };
            const slot = await send<Slot>('POST', `/trials/${trialId}/slots`, body);
            setPut({ showId: show.id, slotId: slot.id });
            await readAnew();
          }).then(() => setBusy(false));
        }}
      >
        {label}
      </Button>
      <Box role="status" sx={{ fontSize: 14 }}>
        {put && inIt ? (
          <>
            It is the last in <Link to={`/shows/${put.showId}/line-up`}>{inIt.title}</Link> now.{' '}
            <Button
              size="small"
              onClick={() =>
                void act(async () => {
                  await takeOut(put);
                  setPut(null);
                })
              }
            >
              Take it out again
            </Button>
          </>
        ) : (
          coming.length === 1 && `${show.title}, ${dayWords(show.date)}`
        )}
      </Box>
    </Box>
  );
}
