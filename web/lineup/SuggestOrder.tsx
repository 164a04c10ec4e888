import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { traitsOf } from '../../core/lineup/order/fromBundle';
import type { Arc, Objective } from '../../core/lineup/order/objective';
import { NO_WISHES, type Suggestion } from '../../core/lineup/order/suggest';
import { formatDuration } from '../../core/time/clock';
import { useOpenShow } from '../brief/useShow';
import { Pick } from '../parts/Pick';
import { type HeavyWork, startWork } from './lineupWorker';

const ARC: Record<Arc, string> = {
  none: 'As it comes',
  climb: 'A steady climb',
  twoPeaks: 'Two peaks',
  wave: 'A wave',
};
/** Orders timed at the most. */
const MOST_ORDERS = 1500;

interface Search {
  soFar: Suggestion | null;
  done: boolean;
}

/** Searches in a worker while it is open; stopped, the best so far is what was found. */
function useSuggestion(open: boolean, arc: Arc): Search & { stop: () => void } {
  const { bundle, input } = useOpenShow();
  const [search, setSearch] = useState<Search>({ soFar: null, done: false });
  const work = useRef<HeavyWork | null>(null);
  useEffect(() => {
    if (!open) return;
    setSearch({ soFar: null, done: false });
    const started = startWork();
    work.current = started;
    const wishes = { ...NO_WISHES, arc };
    const limits = { seed: 1, most: MOST_ORDERS };
    const tell = proxy((soFar: Suggestion) => setSearch({ soFar, done: false }));
    void started.run
      .suggest(input, traitsOf(bundle), wishes, limits, tell)
      .then((found) => setSearch({ soFar: found, done: true }));
    return started.stop;
  }, [open, arc, bundle, input]);
  return {
    ...search,
    stop: () => {
      work.current?.stop();
      setSearch(({ soFar }) => ({ soFar, done: true }));
    },
  };
}

const PARTS: [part: keyof Objective, label: string, say: (value: number) => string][] = [
  ['conflicts', 'Conflicts', String],
  ['late', 'After the hard finish', formatDuration],
  ['deadAir', 'Dead air', formatDuration],
  ['arc', 'Lift away from the arc', (value) => value.toFixed(1)],
  ['repeats', 'Alike side by side', String],
];

/** Today's order and the proposed one side by side; what moved is marked, by word and by weight. */
function SideBySide({ found }: { found: Suggestion }) {
  const { input } = useOpenShow();
  const today = input.slots.map((slot) => slot.id);
  const nameOf = (id: string): string => input.slots.find((slot) => slot.id === id)?.name ?? '';
  const column = (title: string, order: readonly string[]) => (
    <Box>
      <Typography variant="h3" component="h3">
        {title}
      </Typography>
      <Box component="ol" sx={{ pl: 3, m: 0, mt: 0.5 }}>
        {order.map((id, i) => {
          const from = today.indexOf(id);
          const moved = order !== today && from !== i;
          return (
            <Box component="li" key={id} sx={{ fontWeight: moved ? 700 : 400 }}>
              {nameOf(id)}
              {moved && (
                <Box component="span" sx={{ color: 'var(--muted)', fontWeight: 400, fontSize: 13 }}>
                  {' '}
                  was {from + 1}
                </Box>
              )}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
  return (
    <>
      <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: '1fr 1fr' }}>
        {column('Today', today)}
        {column('Proposed', found.slots)}
      </Box>
      <Box
        component="table"
        sx={{ mt: 2, borderCollapse: 'collapse', '& td, & th': { pr: 3, py: 0.25 } }}
      >
        <tbody>
          {PARTS.filter(([part]) => found.before[part] > 0 || found.objective[part] > 0).map(
            ([part, label, say]) => (
              <tr key={part}>
                <Box component="th" scope="row" sx={{ textAlign: 'left', fontWeight: 400 }}>
                  {label}
                </Box>
                <td>{say(found.before[part])}</td>
                <td>
                  → <b>{say(found.objective[part])}</b>
                </td>
              </tr>
            ),
          )}
        </tbody>
      </Box>
    </>
  );
}

/** A better running order, looked for in the background, compared before it is taken. */
export function SuggestOrder({ onTake }: { onTake: (order: string[]) => void }) {
  const [open, setOpen] = useState(false);
  const [arc, setArc] = useState<Arc>('none');
  const { soFar, done, stop } = useSuggestion(open, arc);
  const better = soFar !== null && soFar.objective.total < soFar.before.total;
  const close = (): void => setOpen(false);
  return (
    <>
      <Button variant="outlined" aria-haspopup="dialog" onClick={() => setOpen(true)}>
        Suggest an order
      </Button>
      <Dialog open={open} onClose={close} fullWidth maxWidth="sm" aria-labelledby="suggest-title">
        <DialogTitle id="suggest-title">A better order</DialogTitle>
        <DialogContent>
          <Pick
            label="The lift should run"
            value={arc}
            options={(Object.keys(ARC) as Arc[]).map((value) => ({ value, label: ARC[value] }))}
            onChange={(value) => value && setArc(value)}
            sx={{ mt: 1, mb: 2, maxWidth: 260 }}
          />
          <Box aria-live="polite" sx={{ mb: 2 }}>
            {!done && (
              <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
                <LinearProgress aria-label="Searching" sx={{ flex: 1 }} />
                {soFar ? `${soFar.tried} orders timed` : 'Timing orders …'}
                <Button size="small" onClick={stop}>
                  Stop
                </Button>
              </Box>
            )}
            {done && !better && (
              <b>
                {soFar?.proven
                  ? 'No order is better than today’s.'
                  : 'Nothing better than today’s was found.'}
              </b>
            )}
            {done && better && (
              <b>
                {soFar.proven ? 'No order is better than this one.' : 'The best that was found.'}
              </b>
            )}
          </Box>
          {better && <SideBySide found={soFar} />}
        </DialogContent>
        <DialogActions>
          <Button onClick={close}>Leave it</Button>
          <Button
            variant="contained"
            disabled={!better}
            onClick={() => {
              if (soFar) onTake(soFar.slots);
              close();
            }}
          >
            Take this order
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
