/** The running order that is proposed for a booking, as it will go, with why, what else would fit, and the way to take it. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useEffect, useMemo, useState } from 'react';
import type { ShowBundle, Slot } from '../../core/brief/types';
import type { FitWishes } from '../../core/proposal/fitWishes';
import { stillToAsk, whyProposed } from '../../core/proposal/why';
import { formatDuration } from '../../core/time/clock';
import { counted, listInWords } from '../../core/words';
import { useHealth } from '../app/data';
import { useForecast } from '../lineup/useForecast';
import { usePlan } from '../lineup/usePlan';
import { TapeButton } from '../parts/TapeButton';
import { useAction } from '../parts/useAction';
import { FitWishFields } from './FitWishFields';
import { ProposedStrip } from './ProposedStrip';
import { type Stock, useProposed, useProposedBundle } from './useProposed';

const NOTHING: ReadonlySet<string> = new Set();

/** “Five of them fill it” */
const COUNTS = 'None One Two Three Four Five Six Seven Eight Nine Ten Eleven Twelve'.split(' ');

interface ProposedProps {
  /** Its slots stay. Null while it is not known. */
  booking: ShowBundle | null;
  stock: Stock | null;
  /** Seen by these people before. */
  seen: ReadonlySet<string>;
  wishes: FitWishes;
  onWishes: (wishes: FitWishes) => void;
  onOrder?: (slots: readonly Slot[]) => void;
  onTake: (slots: readonly Slot[]) => Promise<void>;
  /** False while what is asked has a slip in it: nothing is looked for. */
  isAsked: boolean;
  takeWords: string;
  /** Offered where nothing fits; left out where there is nothing to begin. */
  emptyWords?: string;
  /** Said where nothing fits. */
  nothingWords?: string;
}

export function ProposedOrder({
  booking,
  stock,
  seen,
  wishes,
  onWishes,
  onOrder,
  onTake,
  isAsked,
  takeWords,
  emptyWords,
  nothingWords = 'Nothing goes into that.',
}: ProposedProps) {
  const [shown, setShown] = useState<ReadonlySet<string>>(NOTHING);
  const [busy, setBusy] = useState(false);
  const [wanted, setWanted] = useState(false);
  const act = useAction();
  const others = useMemo(() => new Set([...seen, ...shown]), [seen, shown]);
  const { told, done, fresh } = useProposed(booking, stock, { seen: others, wishes });
  const proposal = told?.found?.proposals[0] ?? null;
  const bundle = useProposedBundle(booking, stock, proposal);
  const { plan } = usePlan(bundle);
  const { data: health } = useHealth();
  const answer = useMemo(() => ({ records: stock?.records?.records ?? [] }), [stock]);
  const about = useMemo(() => plan && health && { ...plan, answer }, [plan, health, answer]);
  const foreseen = useForecast(about ?? null);
  const slots = proposal?.slots ?? [];
  const orderKey = slots.map(({ id }) => id).join();
  useEffect(() => onOrder?.(slots), [orderKey]);

  const take = (chosen: readonly Slot[]): void => {
    setBusy(true);
    void act(() => onTake(chosen)).finally(() => setBusy(false));
  };
  // Pressed while it is still of what was asked before: the new one is taken once it is there.
  const waits = wanted && !fresh && isAsked;
  useEffect(() => {
    if (!wanted || waits) return;
    setWanted(false);
    if (isAsked) take(slots);
  }, [wanted, waits]);

  const outlook = foreseen?.outlook;
  const asked = bundle ? stillToAsk(bundle) : [];
  const letIn = (told?.letIn.slice(0, 2) ?? []).map(
    ({ remedy, more }) => `${remedy}: ${counted(more, 'more fits', 'more fit')}.`,
  );
  const wishFields = (
    <FitWishFields wishes={wishes} onWishes={onWishes} atHand={stock?.atHand ?? NOTHING} />
  );
  if (!stock || (isAsked && !proposal && !done))
    return <LinearProgress sx={{ mt: 3 }} aria-label="Looking for a running order" />;
  if (!proposal || !bundle || !plan)
    return isAsked && done ? (
      <Box sx={{ mt: 2, fontSize: 16 }}>
        {nothingWords} {letIn.join(' ')}{' '}
        {emptyWords !== undefined && (
          <Button size="small" onClick={() => take([])} disabled={busy}>
            {emptyWords}
          </Button>
        )}
        <div>{wishFields}</div>
      </Box>
    ) : null;
  return (
    <Box sx={{ mt: 2, opacity: fresh ? 1 : 0.55 }}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <Box component="b" sx={{ font: '700 16px Bricolage' }}>
          {COUNTS[slots.length] ?? slots.length} fill it.
        </Box>
        <Button
          size="small"
          onClick={() =>
            setShown(new Set([...shown, ...slots.flatMap(({ demoId }) => demoId ?? [])]))
          }
        >
          Others
        </Button>
        {shown.size > 0 && (
          <Button size="small" onClick={() => setShown(NOTHING)}>
            The first ones
          </Button>
        )}
        {wishFields}
        <span role="status">
          {!done
            ? 'Still looking for better …'
            : told?.found?.proven
              ? 'No other choice comes to more.'
              : 'The best found.'}
        </span>
      </Box>
      <Box
        sx={{
          font: { xs: '800 26px/32px Bricolage', md: '800 31px/38px Bricolage' },
          letterSpacing: '-0.8px',
        }}
      >
        {outlook
          ? `Takes about ${formatDuration(outlook.about)} of ${formatDuration(outlook.hardFinish)}`
          : 'Takes about …'}
        {outlook && (
          <Box component="span" sx={{ font: '500 18px Bricolage', letterSpacing: 0 }}>
            , under {formatDuration(outlook.by)} in {Math.round(outlook.share * 10)} of 10
          </Box>
        )}
      </Box>
      {outlook && (
        <Box sx={{ color: 'var(--muted)', fontSize: 14, mt: 0.5 }}>
          {formatDuration(outlook.written)} if everything goes as written.
          {outlook.guesses.length > 0 &&
            (outlook.guesses.length === slots.length
              ? ' Its times are guesses until you have done it once.'
              : ` Guesses until you have done them once: ${listInWords(outlook.guesses)}.`)}
        </Box>
      )}
      <ProposedStrip bundle={bundle} timeline={plan.timeline} foreseen={foreseen} />
      <Box sx={{ display: 'flex', gap: 2, mt: 2, alignItems: 'flex-end', flexWrap: 'wrap' }}>
        <Box sx={{ flex: '1 1 260px', fontSize: 15, lineHeight: '21px' }}>
          {whyProposed(bundle, plan.timeline, { seen }).map((words) => (
            <div key={words}>{words}</div>
          ))}
          {asked.length > 0 && (
            <Box sx={{ color: 'var(--muted)' }}>Still to ask the place: {listInWords(asked)}.</Box>
          )}
          {letIn.map((words) => (
            <Box key={words} sx={{ color: 'var(--muted)' }}>
              {words}
            </Box>
          ))}
        </Box>
        <TapeButton onClick={() => setWanted(true)} disabled={busy} aria-disabled={waits}>
          {waits ? 'Once it is ready …' : takeWords}
        </TapeButton>
      </Box>
    </Box>
  );
}
