/** Over the demonstrations, what they make: the order that a show has, or one that is proposed for what was said. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type ReactNode, useEffect, useMemo } from 'react';
import { Link, useNavigate } from 'react-router';
import type { ShowBundle } from '../../core/brief/types';
import { endingOf, leftOf, type Outlook } from '../../core/lineup/outlook';
import type { Timeline } from '../../core/lineup/types';
import { stillToAsk, whyProposed } from '../../core/proposal/why';
import { parseClock, sayDuration } from '../../core/time/clock';
import { listInWords } from '../../core/words';
import type { OpenShow } from '../brief/useShow';
import { useForecast, type Foreseen } from '../lineup/useForecast';
import { TapeButton } from '../parts/TapeButton';
import {
  countWord,
  fillWord,
  Lesser,
  Searching,
  SearchState,
  TakeOrder,
  TakesAbout,
} from '../start/ProposedOrder';
import { ProposedStrip } from '../start/ProposedStrip';
import { type ProposedFor, useOrderProposed } from '../start/useOrderProposed';

interface BandProps {
  head: ReactNode;
  outlook: Outlook | null;
  bundle: ShowBundle;
  timeline: Timeline;
  foreseen: Foreseen | null;
  /** What the drawing is, for who does not see it. */
  label: string;
  words: readonly string[];
  actions: ReactNode;
  fresh?: boolean;
  /** When it begins is known: its end is told by the clock. */
  isDated?: boolean;
}

/** What is left before the hard finish, and how much of that rests on guesses. */
function Spare({
  outlook,
  bundle: { show },
  isDated,
}: {
  outlook: Outlook;
  bundle: ShowBundle;
  isDated: boolean;
}) {
  const ending = endingOf(outlook, parseClock(show.start), show.slots.length);
  const { isOver, words } = isDated
    ? { isOver: ending.level === 'over' || ending.level === 'conflict', words: ending.spare }
    : leftOf(outlook);
  return (
    <Box sx={{ fontSize: 14, lineHeight: '20px', color: 'var(--muted)' }}>
      <Box component="span" sx={isOver ? { color: 'var(--ember)', fontWeight: 600 } : {}}>
        {isOver && '△ '}
        {words}.
      </Box>{' '}
      {ending.guesses}
    </Box>
  );
}

function Band({
  head,
  outlook,
  bundle,
  timeline,
  foreseen,
  label,
  words,
  actions,
  fresh = true,
  isDated = true,
}: BandProps) {
  const { show } = bundle;
  const ending = outlook && endingOf(outlook, parseClock(show.start), show.slots.length);
  return (
    <Box>
      <Box sx={{ display: 'flex', columnGap: 3, rowGap: 1, flexWrap: 'wrap', alignItems: 'start' }}>
        <Box sx={{ flex: '3 1 290px', minWidth: 0 }}>
          <Box sx={{ font: '600 16px Bricolage' }}>{head}</Box>
          <Box sx={{ font: '800 27px/33px Bricolage', letterSpacing: '-0.6px' }}>
            {!isDated ? (
              <TakesAbout outlook={outlook} />
            ) : ending ? (
              <>
                {ending.headline}
                <Lesser>, {ending.by}</Lesser>
              </>
            ) : (
              'Ends about …'
            )}
          </Box>
          {outlook && <Spare outlook={outlook} bundle={bundle} isDated={isDated} />}
        </Box>
        <Box sx={{ flex: '1 1 180px', minWidth: 0, fontSize: 14, lineHeight: '20px' }}>
          {words.map((one) => (
            <div key={one}>{one}</div>
          ))}
        </Box>
        <Box sx={{ display: 'grid', justifyItems: { xs: 'start', md: 'end' }, rowGap: 0.5 }}>
          {actions}
        </Box>
      </Box>
      <ProposedStrip
        bundle={bundle}
        timeline={timeline}
        foreseen={foreseen}
        label={label}
        isOld={!fresh}
        {...(isDated && { finish: `hard finish ${show.hardFinish}` })}
      />
    </Box>
  );
}

/** The order that a show has. */
export function ShowBand({ open }: { open: OpenShow }) {
  const navigate = useNavigate();
  const { bundle, timeline, show } = open;
  const foreseen = useForecast(open);
  const lineUp = `/shows/${show.id}/line-up`;
  return (
    <Band
      head={`${countWord(show.slots.length)} ${show.slots.length === 1 ? 'makes' : 'make'} ${show.title}:`}
      outlook={foreseen?.outlook ?? null}
      bundle={bundle}
      timeline={timeline}
      foreseen={foreseen}
      label="The order it has"
      words={whyProposed(bundle, timeline)}
      actions={
        <>
          <TapeButton onClick={() => void navigate(lineUp)}>Open line-up</TapeButton>
          <Button component={Link} to={`${lineUp}?propose`} size="small">
            Propose another
          </Button>
        </>
      }
    />
  );
}

interface ProposedBandProps extends ProposedFor {
  /** “Little Hollin evening”, where it is for a show. */
  title: string | null;
  /** Null where it can’t be taken. */
  takeWords: string | null;
  /** Said beside the reasons. */
  note: string | null;
  onOrder: (bundle: ShowBundle | null) => void;
}

/** An order proposed for what was said. */
export function ProposedBand({ title, takeWords, note, onOrder, ...asked }: ProposedBandProps) {
  const order = useOrderProposed(asked);
  const { found, slots } = order;
  const bundle = found?.bundle ?? null;
  useEffect(() => onOrder(bundle), [bundle]);
  const words = useMemo(() => {
    if (!found) return [];
    const asking = stillToAsk(found.bundle);
    return [
      ...whyProposed(found.bundle, found.plan.timeline, { seen: asked.seen }),
      ...(asking.length > 0 ? [`Still to ask the place: ${listInWords(asking)}.`] : []),
      ...(note === null ? [] : [note]),
    ];
  }, [found?.bundle, found?.plan, asked.seen, note]);
  if (order.looking) return asked.isAsked ? <Searching /> : null;
  if (!found)
    return asked.isAsked && order.done ? (
      <Box sx={{ font: '600 17px Bricolage' }}>Nothing goes into that.</Box>
    ) : null;
  return (
    <Band
      head={`${countWord(slots.length)} of these ${fillWord(order.outlook, slots.length)} ${title ?? sayDuration(found.plan.timeline.hardFinish)}:`}
      outlook={order.outlook}
      bundle={found.bundle}
      timeline={found.plan.timeline}
      foreseen={found.foreseen}
      label="Proposed order"
      isDated={title !== null}
      words={words}
      fresh={order.fresh}
      actions={
        <>
          {takeWords !== null && <TakeOrder order={order} words={takeWords} />}
          <Box sx={{ fontSize: 14 }}>
            <SearchState order={order} />
          </Box>
        </>
      }
    />
  );
}
