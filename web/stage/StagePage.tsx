import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import type { RunRecord, RunSummary } from '../../contract/stage';
import { holdingLines } from '../../core/ready/go';
import type { RunKind } from '../../core/stage/types';
import { ApiError, newId, send } from '../app/api';
import { queryClient, useRuns } from '../app/data';
import { useMay } from '../app/me';
import { whenOf } from '../brief/dates';
import { useAtHand } from '../brief/useAtHand';
import { type OpenShow, useShow } from '../brief/useShow';
import { useForecast } from '../lineup/useForecast';
import { NightPage } from '../parts/NightPage';
import { Loading, Trouble, useTitle } from '../parts/page';
import { PerformingRun } from './Performing';
import { TroublePage } from './TroublePage';

/** Lines of what holds the show that are read out; the rest is counted. */
const TOLD = 7;

/** Before a run: begin one, or go back to one that is not finished. */
function Wings({
  open,
  runs,
  onRun,
  onTrouble,
}: {
  open: OpenShow;
  runs: RunSummary[];
  onRun: (id: string) => void;
  onTrouble: () => void;
}) {
  const { show } = open;
  const ending = useForecast(open)?.ending;
  const isOwner = useMay('owner');
  const [error, setError] = useState<string | null>(null);
  const { state } = open.ready;
  const holding = holdingLines(state);
  const unfinished = runs.filter((run) => !run.finished && run.trouble === null);
  const begin = async (kind: RunKind): Promise<void> => {
    try {
      const run = await send<RunRecord>('POST', `/shows/${show.id}/runs`, { id: newId(), kind });
      await queryClient.invalidateQueries({ queryKey: ['/shows', show.id, 'runs'] });
      onRun(run.id);
    } catch (thrown) {
      if (!(thrown instanceof ApiError)) throw thrown;
      setError(thrown.message);
    }
  };
  return (
    <Box sx={{ maxWidth: 900, m: '0 auto', p: 3 }}>
      <Box component="h1" sx={{ font: '800 48px/52px Bricolage', m: 0, mb: 1 }}>
        {show.title}
      </Box>
      <Box sx={{ fontSize: 24, color: state.go ? 'inherit' : 'var(--ember)', mb: 2 }}>
        {state.go ? '' : '△ '}
        {state.words}
      </Box>
      {/* Above what is worked out: nothing that comes later moves them from under a finger. */}
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap' }}>
        <Button
          variant="contained"
          size="large"
          disabled={!state.go || show.slots.length === 0}
          onClick={() => void begin('performance')}
        >
          Open stage view
        </Button>
        <Button
          variant="outlined"
          size="large"
          disabled={show.slots.length === 0}
          onClick={() => void begin('rehearsal')}
        >
          Rehearse it
        </Button>
        <Button
          variant="outlined"
          size="large"
          disabled={show.slots.length === 0}
          onClick={onTrouble}
        >
          Rehearse with trouble
        </Button>
        <Button size="large" component={Link} to={`/shows/${show.id}/ready`}>
          To the checks
        </Button>
        {isOwner && (
          <Button size="large" component={Link} to={`/share?show=${show.id}`}>
            Let the crew in
          </Button>
        )}
      </Box>
      {error && (
        <Alert severity="error" variant="outlined" sx={{ mt: 2 }}>
          {error}
        </Alert>
      )}
      {holding.length > 0 && (
        <Box component="ul" sx={{ fontSize: 18, mt: 2 }}>
          {holding.slice(0, TOLD).map((line) => (
            <li key={line}>{line}</li>
          ))}
          {holding.length > TOLD && <li>and {holding.length - TOLD} more</li>}
        </Box>
      )}
      {ending && (
        <Box sx={{ fontSize: 20, mt: 3 }}>
          {ending.headline}, {ending.by}: {ending.spare}.
        </Box>
      )}
      {unfinished.length > 0 && (
        <Box sx={{ mt: 4 }}>
          <Box component="h2" sx={{ font: '600 22px Bricolage' }}>
            Not finished
          </Box>
          {unfinished.map((run) => (
            <Button
              key={run.id}
              variant="outlined"
              onClick={() => onRun(run.id)}
              sx={{ mr: 1, mb: 1 }}
            >
              {run.kind === 'rehearsal' ? 'Rehearsal' : 'Show'} of {whenOf(run.createdAt)}: go on
            </Button>
          ))}
        </Box>
      )}
    </Box>
  );
}

export default function StagePage() {
  const { showId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const navigate = useNavigate();
  const { open, error } = useShow(showId);
  useAtHand(showId);
  const { data: runs } = useRuns(showId);
  const runId = search.get('run');
  useTitle(open ? `On stage · ${open.show.title}` : 'On stage');
  return (
    <NightPage>
      {search.has('trouble') && open ? (
        <TroublePage open={open} onLeave={() => setSearch({})} />
      ) : runId ? (
        <PerformingRun
          runId={runId}
          open={open}
          showGone={error !== null}
          onLeave={(after) =>
            void navigate(`/shows/${showId}/${after ? `after?run=${runId}` : 'ready'}`)
          }
        />
      ) : (
        <>
          <Box sx={{ p: 2 }}>
            <Link to={`/shows/${showId}/line-up`}>Back to the show</Link>
          </Box>
          <Trouble error={error} />
          {open && runs ? (
            <Wings
              open={open}
              runs={runs}
              onRun={(id) => setSearch({ run: id })}
              onTrouble={() => setSearch({ trouble: 'yes' })}
            />
          ) : (
            !error && <Loading />
          )}
        </>
      )}
    </NightPage>
  );
}
