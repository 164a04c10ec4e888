import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { proxy } from 'comlink';
import { useEffect, useState } from 'react';
import { traitsOf } from '../../core/lineup/order/fromBundle';
import type { Objective } from '../../core/lineup/order/objective';
import type { Suggestion } from '../../core/lineup/order/suggest';
import { formatDuration } from '../../core/time/clock';
import { useOpenShow } from '../brief/useShow';
import { useWork } from './useWork';
import { WishFields } from './WishFields';

/** Orders timed at the most. */
const MOST_ORDERS = 20_000;

/** Searches in a worker while it is open; stopped, the best so far is what was found. */
function useSuggestion(open: boolean) {
  const { bundle, input, show } = useOpenShow();
  const [stopped, setStopped] = useState(false);
  const about = [open, show.wishes, bundle, input, stopped];
  const { value, fresh } = useWork<{ found: Suggestion; done: boolean }>(
    open && !stopped
      ? (run, tell) =>
          run
            .suggest(
              input,
              traitsOf(bundle),
              show.wishes,
              { seed: 1, most: MOST_ORDERS },
              proxy((found: Suggestion) => tell({ found, done: false })),
            )
            .then((found) => ({ found, done: true }))
      : null,
    about,
    // Weights are typed figure by figure.
    200,
  );
  // Another wish, or another order, begins a new search.
  useEffect(() => setStopped(false), [open, show.wishes, bundle, input]);
  return {
    soFar: open && (fresh || stopped) ? (value?.found ?? null) : null,
    done: stopped || (fresh && value?.done === true),
    stop: () => setStopped(true),
  };
}

const PARTS: [part: keyof Objective, label: string, say: (value: number) => string][] = [
  ['conflicts', 'Conflicts', String],
  ['late', 'After the hard finish', formatDuration],
  ['deadAir', 'Dead air', formatDuration],
  ['arc', 'Energy away from the arc', (value) => value.toFixed(1)],
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
        {column('Now', today)}
        {column('Suggested', found.slots)}
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
      <Box component="ul" aria-label="Why" sx={{ mt: 2, mb: 0, pl: 2.5 }}>
        {found.reasons.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </Box>
    </>
  );
}

/** A better running order, looked for in the background, compared before it is taken. */
export function SuggestOrder({ onTake }: { onTake: (order: string[]) => void }) {
  const [open, setOpen] = useState(false);
  const { store, show, input } = useOpenShow();
  const { soFar, done, stop } = useSuggestion(open);
  const better = soFar?.better ?? false;
  const close = (): void => setOpen(false);
  return (
    <>
      <Button variant="outlined" aria-haspopup="dialog" onClick={() => setOpen(true)}>
        Suggest an order
      </Button>
      <Dialog open={open} onClose={close} fullWidth maxWidth="sm" aria-labelledby="suggest-title">
        <DialogTitle id="suggest-title">A better order</DialogTitle>
        <DialogContent>
          <WishFields
            wishes={show.wishes}
            slots={input.slots.map((slot, i) => ({
              value: slot.id,
              label: `${i + 1} ${slot.name}`,
            }))}
            onChange={(wishes) => store.change((value) => ({ ...value, wishes }))}
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
            {done && soFar && !soFar.wishesKept && (
              <b>△ No order that was found keeps all of these wishes with the pins as they are.</b>
            )}
            {done && soFar?.wishesKept && !better && (
              <b>
                {soFar?.proven
                  ? 'Your order is already the best.'
                  : 'No better order found; yours may stay.'}
              </b>
            )}
            {done && soFar && better && (
              <b>{soFar.proven ? 'This is the best order.' : 'The best that was found.'}</b>
            )}
          </Box>
          {soFar && better && <SideBySide found={soFar} />}
        </DialogContent>
        <DialogActions>
          <Button onClick={close}>Keep my order</Button>
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
