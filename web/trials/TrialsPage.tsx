/** All that was tried: what each series asks, how far it is, and what it says. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link, useNavigate } from 'react-router';
import type { Versioned } from '../../contract/api';
import type { TrialSummary } from '../../contract/trials';
import type { TrialSeries } from '../../core/trials/series';
import { send } from '../app/api';
import { queryClient, useTrials } from '../app/data';
import { dayWords } from '../brief/dates';
import { ListState, Page } from '../parts/page';
import { useAction } from '../parts/useAction';
import { freshTrial } from './fresh';
import { FromTable } from './FromTable';
import { GoDots } from './GoDots';

function Row({ trial }: { trial: TrialSummary }) {
  const { id, name, claim, kind, done, planned, date, pinned } = trial;
  const under = done < planned;
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '1fr 220px' },
        columnGap: 3,
        rowGap: 0.5,
        py: 1.75,
        borderBottom: '1px solid var(--line)',
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <Typography variant="h3" component="h2">
          <Link to={`/bench/trials/${id}`} style={{ color: 'inherit' }}>
            {name}
          </Link>
        </Typography>
        <Typography
          sx={{
            mt: 0.25,
            ...(kind === 'thin' || kind === 'unsettled' ? { color: 'var(--muted)' } : {}),
          }}
        >
          {done === 0 ? 'Nothing is read yet.' : claim}
        </Typography>
      </Box>
      <Box sx={{ fontSize: 13, lineHeight: '20px', color: 'var(--muted)' }}>
        <GoDots done={done} planned={planned} />
        <Box sx={{ mt: 0.5, color: under ? 'var(--ember)' : 'inherit' }}>
          {under ? `${done} of ${planned} goes` : `${planned} goes`}
        </Box>
        <Box>
          {date ? dayWords(date) : 'no day yet'}
          {pinned && ' · pinned to its demo'}
        </Box>
      </Box>
    </Box>
  );
}

export default function TrialsPage() {
  const query = useTrials();
  const navigate = useNavigate();
  const act = useAction();
  const add = (): Promise<boolean> =>
    act(async () => {
      const added = await send<Versioned<TrialSeries>>('POST', '/trials', freshTrial());
      await queryClient.invalidateQueries({ queryKey: ['/trials'] });
      void navigate(`/bench/trials/${added.id}/question`);
    });
  return (
    <Page
      title="Trials"
      below="One thing is changed, the rest held, and each go read: what it says is worked out as readings come."
      actions={
        <>
          <FromTable />
          <Button variant="contained" onClick={() => void add()}>
            New trial
          </Button>
        </>
      }
    >
      <ListState query={query} emptyTitle="Nothing was tried yet">
        <Typography sx={{ mb: 2 }}>
          How much of a powder, how long a wait, which filling? Name what you change and what you
          read; the order of goes, what it takes, and when to stop are worked out.
        </Typography>
        <Button variant="outlined" onClick={() => void add()}>
          Plan a first trial
        </Button>
      </ListState>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, maxWidth: 980 }}>
        {query.data?.map((trial) => (
          <Row key={trial.id} trial={trial} />
        ))}
      </Box>
    </Page>
  );
}
