/** The running order that is proposed for a booking, as it will go, with why, what else would fit, and the way to take it. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { type ReactNode, useEffect } from 'react';
import type { Slot } from '../../core/brief/types';
import { fillsTime, guessWords, type Outlook, shareWords } from '../../core/lineup/outlook';
import type { FitWishes } from '../../core/proposal/fitWishes';
import { stillToAsk, whyProposed } from '../../core/proposal/why';
import { formatDuration } from '../../core/time/clock';
import { counted, listInWords } from '../../core/words';
import { TapeButton } from '../parts/TapeButton';
import { FitWishFields } from './FitWishFields';
import { ProposedStrip } from './ProposedStrip';
import { type OrderProposed, type ProposedFor, useOrderProposed } from './useOrderProposed';

const NOTHING: ReadonlySet<string> = new Set();

/** “Five of them fill it” */
const COUNTS = 'None One Two Three Four Five Six Seven Eight Nine Ten Eleven Twelve'.split(' ');
export const countWord = (count: number): string => COUNTS[count] ?? String(count);

/** “fill”, or less where much of the time is left. */
export function fillWord(outlook: Outlook | null, count: number): string {
  const [one, many] = outlook && !fillsTime(outlook) ? ['goes into', 'go into'] : ['fills', 'fill'];
  return count === 1 ? one : many;
}

interface ProposedProps extends ProposedFor {
  onWishes: (wishes: FitWishes) => void;
  onOrder?: (slots: readonly Slot[]) => void;
  takeWords: string;
  /** Offered where nothing fits; left out where there is nothing to begin. */
  emptyWords?: string;
  /** Said where nothing fits. */
  nothingWords?: string;
}

export const Searching = () => (
  <LinearProgress sx={{ mt: 3 }} aria-label="Looking for a running order" />
);

/** “Others”, and how far the search is. */
export const SearchState = ({ order }: { order: OrderProposed }) => (
  <>
    <Button size="small" onClick={order.others}>
      Others
    </Button>
    {order.first && (
      <Button size="small" onClick={order.first}>
        The first ones
      </Button>
    )}
    <span role="status">
      {!order.fresh
        ? 'Looking anew …'
        : !order.done
          ? 'Still looking for better …'
          : order.proven
            ? 'No other choice comes to more.'
            : 'The best found.'}
    </span>
  </>
);

export const TakeOrder = ({ order, words }: { order: OrderProposed; words: string }) => (
  <TapeButton onClick={order.take} disabled={order.busy} aria-disabled={order.waits}>
    {order.waits ? 'Once it is ready …' : words}
  </TapeButton>
);

/** What stands behind the figure that matters most. */
export const Lesser = ({ children }: { children: ReactNode }) => (
  <Box component="span" sx={{ font: '500 17px Bricolage', letterSpacing: 0, whiteSpace: 'nowrap' }}>
    {children}
  </Box>
);

/** How long it takes, where nobody has said when it begins. */
export const TakesAbout = ({ outlook }: { outlook: Outlook | null }) =>
  outlook ? (
    <>
      Takes about {formatDuration(outlook.about)} of {formatDuration(outlook.hardFinish)}
      <Lesser>
        , under {formatDuration(outlook.by)} in {shareWords(outlook.share)}
      </Lesser>
    </>
  ) : (
    'Takes about …'
  );

export function ProposedOrder({
  onWishes,
  onOrder,
  takeWords,
  emptyWords,
  nothingWords = 'Nothing goes into that.',
  ...asked
}: ProposedProps) {
  const { stock, seen, wishes, isAsked } = asked;
  const order = useOrderProposed(asked);
  const { found, slots, outlook } = order;
  const orderKey = slots.map(({ id }) => id).join();
  useEffect(() => onOrder?.(slots), [orderKey]);

  const letIn = order.letIn
    .slice(0, 2)
    .map(({ remedy, more }) => `${remedy}: ${counted(more, 'more fits', 'more fit')}.`);
  const wishFields = (
    <FitWishFields wishes={wishes} onWishes={onWishes} atHand={stock?.atHand ?? NOTHING} />
  );
  if (order.looking) return <Searching />;
  if (!found)
    return isAsked && order.done ? (
      <Box sx={{ mt: 2, fontSize: 16 }}>
        {nothingWords} {letIn.join(' ')}{' '}
        {emptyWords !== undefined && (
          <Button size="small" onClick={order.takeEmpty} disabled={order.busy}>
            {emptyWords}
          </Button>
        )}
        <div>{wishFields}</div>
      </Box>
    ) : null;
  const { bundle, plan, foreseen } = found;
  const asking = stillToAsk(bundle);
  return (
    <Box sx={{ mt: 2 }}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <Box component="b" sx={{ font: '700 16px Bricolage' }}>
          {countWord(slots.length)} {fillWord(outlook, slots.length)} it.
        </Box>
        {wishFields}
        <SearchState order={order} />
      </Box>
      <Box
        sx={{
          font: { xs: '800 26px/32px Bricolage', md: '800 31px/38px Bricolage' },
          letterSpacing: '-0.8px',
        }}
      >
        <TakesAbout outlook={outlook} />
      </Box>
      {outlook && (
        <Box sx={{ color: 'var(--muted)', fontSize: 14, mt: 0.5 }}>
          {formatDuration(outlook.written)} if everything goes as written.{' '}
          {guessWords(outlook.guesses, slots.length)}
        </Box>
      )}
      <ProposedStrip
        bundle={bundle}
        timeline={plan.timeline}
        foreseen={foreseen}
        isOld={!order.fresh}
      />
      <Box sx={{ display: 'flex', gap: 2, mt: 2, alignItems: 'flex-end', flexWrap: 'wrap' }}>
        <Box sx={{ flex: '1 1 260px', fontSize: 15, lineHeight: '21px' }}>
          {whyProposed(bundle, plan.timeline, { seen }).map((words) => (
            <div key={words}>{words}</div>
          ))}
          {asking.length > 0 && (
            <Box sx={{ color: 'var(--muted)' }}>Still to ask the place: {listInWords(asking)}.</Box>
          )}
          {letIn.map((words) => (
            <Box key={words} sx={{ color: 'var(--muted)' }}>
              {words}
            </Box>
          ))}
        </Box>
        <TakeOrder order={order} words={takeWords} />
      </Box>
    </Box>
  );
}
