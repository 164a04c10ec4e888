import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { proxy } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import { inOrder } from '../../core/lineup/change';
import { ofHundred } from '../../core/lineup/forecast/words';
import { traitsOf } from '../../core/lineup/order/fromBundle';
import type { Objective } from '../../core/lineup/order/objective';
import type { Suggestion } from '../../core/lineup/order/suggest';
import { formatDuration } from '../../core/time/clock';
import { useOpenShow } from '../brief/useShow';
import { type Foreseen, useForecast } from './useForecast';
import { usePlan } from './usePlan';
import { useWork } from './useWork';
import { WishFields } from './WishFields';

const TODAY = 'Today’s order';
const PROPOSED = 'Proposed order';

/** Orders timed at the most. */
const MOST_ORDERS = 20_000;

/** Searches in a worker while it is open; stopped, the best so far is what was found. */
function useSuggestion(open: boolean) {
  const { bundle, input, show, foreseen } = useOpenShow();
  const { policies } = foreseen;
  const [stopped, setStopped] = useState(false);
  const about = [open, show.wishes, bundle, input, policies, stopped];
  const { value, fresh } = useWork<{ found: Suggestion; done: boolean }>(
    open && !stopped
      ? (run, tell) =>
          run
            .suggest(
              input,
              traitsOf(bundle),
              show.wishes,
              { seed: 1, most: MOST_ORDERS },
              policies,
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
  ['deadAir', 'Dead air as written', formatDuration],
  ['arc', 'Energy away from the arc', (value) => value.toFixed(1)],
  ['repeats', 'Alike side by side', String],
];

/** What is said of an order, in a row of the comparison. */
type Row = [label: string, today: string, proposed: string];

/** When each of the two ends, by the same forecast as everywhere. */
function endRows(today: Foreseen, proposed: Foreseen | null): Row[] {
  const row = (label: string, say: (of: Foreseen) => string | undefined): Row => [
    label,
    say(today) ?? '…',
    (proposed && say(proposed)) ?? '…',
  ];
  return [
    row('Ends', ({ ending }) => ending?.headline.replace('Ends ', '')),
    row('By', ({ ending }) => ending?.by.replace('by ', '')),
    row('In time', ({ outlook }) => (outlook ? ofHundred(outlook.chance) : undefined)),
  ];
}

/** Today's order and the proposed one side by side, each by its name; what moved is marked. */
function SideBySide({ found }: { found: Suggestion }) {
  const { input, latest, answer, foreseen } = useOpenShow();
  const today = input.slots.map((slot) => slot.id);
  const nameOf = (id: string): string => input.slots.find((slot) => slot.id === id)?.name ?? '';
  const proposed = useMemo(
    () => ({ ...latest, show: inOrder(latest.show, found.slots) }),
    [latest, found.slots.join()],
  );
  const { plan } = usePlan(proposed);
  const about = useMemo(() => plan && { ...plan, answer }, [plan, answer]);
  const rows = [
    ...endRows(foreseen, useForecast(about)),
    ...PARTS.filter(([part]) => found.before[part] > 0 || found.objective[part] > 0).map(
      ([part, label, say]): Row => [label, say(found.before[part]), say(found.objective[part])],
    ),
  ];
  const column = (title: string, order: readonly string[]) => (
    <Box component="section" aria-label={title}>
      <Typography variant="h3">{title}</Typography>
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
        {column(TODAY, today)}
        {column(PROPOSED, found.slots)}
      </Box>
      <Box
        component="table"
        sx={{
          mt: 2,
          borderCollapse: 'collapse',
          '& td, & th': { pr: 3, py: 0.25, textAlign: 'left' },
          '& th': { fontWeight: 400 },
        }}
      >
        <thead>
          <tr>
            <Box component="td" />
            <Box component="th" scope="col" sx={{ color: 'var(--muted)' }}>
              {TODAY}
            </Box>
            <Box component="th" scope="col" sx={{ color: 'var(--muted)' }}>
              {PROPOSED}
            </Box>
          </tr>
        </thead>
        <tbody>
          {rows.map(([label, now, then]) => (
            <tr key={label}>
              <th scope="row">{label}</th>
              <td>{now}</td>
              <td>
                <b>{then}</b>
              </td>
            </tr>
          ))}
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

/** What the search has come to, once it has ended. */
function verdictOn({ refused, wishesKept, better, proven }: Suggestion): string {
  if (refused.length > 0) return '△ There is nothing to look for';
  if (!wishesKept)
    return '△ No order that was found keeps all of these wishes with the pins as they are.';
  if (better)
    return proven
      ? 'The proposed order is the best there is.'
      : 'The proposed order is better than today’s; there may be a better one still.';
  return proven ? 'Today’s order is the best there is.' : 'No order better than today’s was found.';
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
            {done && soFar && <b>{verdictOn(soFar)}</b>}
            {soFar && soFar.refused.length > 0 && (
              <Box component="ul" sx={{ my: 0.5, pl: 2.5 }}>
                {soFar.refused.map((words) => (
                  <li key={words}>{words}</li>
                ))}
              </Box>
            )}
          </Box>
          {soFar && better && <SideBySide found={soFar} />}
        </DialogContent>
        <DialogActions>
          <Button onClick={close}>Keep today’s order</Button>
          <Button
            variant="contained"
            disabled={!better}
            onClick={() => {
              if (soFar) onTake(soFar.slots);
              close();
            }}
          >
            Take the proposed order
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
