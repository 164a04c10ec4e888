/** What the demonstrations make: the order of a show that has one, or one proposed for what was said, to be taken. */
import Box from '@mui/material/Box';
import { type ReactNode, useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import type { ShowBundle, Slot } from '../../core/brief/types';
import { resolveSlots } from '../../core/lineup/fromBundle';
import { useMay } from '../app/me';
import type { OpenShow } from '../brief/useShow';
import { Loading } from '../parts/page';
import { useSayUndoable } from '../parts/undoable';
import { beginShow } from '../start/begin';
import type { Stock } from '../start/useProposed';
import { useSeen } from '../start/useSeen';
import type { Place } from './DemoCard';
import { ProposedBand, ShowBand } from './OrderBand';
import { withOwnDemos } from './takeAll';
import { type Asked, forMe } from './useFits';

/** Demonstrations in the order that is shown, by their ids, each with its place in it. */
export type Places = ReadonlyMap<string, Place>;
export const NOWHERE: Places = new Map();

function placesOf(bundle: ShowBundle | null): Places {
  const slots = bundle ? resolveSlots(bundle) : [];
  // One that comes twice is known by its first place.
  return new Map(
    slots
      .map(
        ({ demo, position }, i) =>
          [demo.id, { number: i + 1, mark: position?.mark ?? null }] as const,
      )
      .toReversed(),
  );
}

interface BandProps {
  isLoading: boolean;
  asked: Asked;
  stock: Stock | null;
  open: OpenShow | null;
  onPlaces: (places: Places) => void;
}

const Strip = ({ children }: { children: ReactNode }) => (
  <Box
    component="section"
    aria-label="What they make"
    sx={{
      background: 'var(--sunk)',
      borderBottom: '1px solid var(--line)',
      px: { xs: 2, lg: 2.5 },
      pt: 2,
      pb: 1,
      ['--face-on' as string]: 'var(--sunk)',
    }}
  >
    {children}
  </Box>
);

function OrderOfShow({ open, onPlaces }: { open: OpenShow; onPlaces: BandProps['onPlaces'] }) {
  useEffect(() => onPlaces(placesOf(open.bundle)), [open.bundle]);
  return <ShowBand open={open} />;
}

function OrderProposed({ asked, stock, open, onPlaces }: BandProps) {
  const navigate = useNavigate();
  const mayTake = useMay('presenter');
  const mine = useMemo(() => forMe(asked), [asked.booking, asked.wishes, asked.people]);
  const [bundle, setBundle] = useState<ShowBundle | null>(null);
  useEffect(() => onPlaces(placesOf(bundle)), [bundle]);
  const { booking } = asked;
  const seen = useSeen(booking?.venue?.id ?? null, booking?.show.date ?? '');
  const into = open && asked.asItIs ? open : null;
  const say = useSayUndoable();

  const take = async (slots: readonly Slot[]): Promise<void> => {
    if (!stock || !booking || !asked.setting?.minutes) return;
    if (into) {
      const own = await withOwnDemos(slots, stock.isOwn, new Set());
      into.store.change((show) => ({ ...show, slots: own }));
      say('The proposed order taken', () => into.store.undo());
      await navigate(`/shows/${into.show.id}/line-up`);
      return;
    }
    const { date, start, zone, audience, youngest } = booking.show;
    const { minutes } = asked.setting;
    const facts = { title: '', date, start, minutes, audience, youngest, zone };
    const people = asked.people;
    const show = await beginShow({ facts, place: booking.venue?.name ?? '', people, slots }, stock);
    await navigate(`/shows/${show.id}/brief`);
  };

  return (
    <ProposedBand
      title={into ? into.show.title : null}
      booking={mine.booking}
      stock={stock}
      seen={seen}
      wishes={mine.wishes}
      isAsked={mine.booking !== null}
      takeWords={!mayTake ? null : into ? 'Take this order' : 'Begin a show with it'}
      note={
        asked.setting?.crew === null ? 'For one person: say who performs, and more goes in.' : null
      }
      onOrder={setBundle}
      onTake={take}
    />
  );
}

export function SettingBand(props: BandProps) {
  const { isLoading, asked, open, onPlaces } = props;
  const hasOrder = open !== null && asked.asItIs && open.show.slots.length > 0;
  const isTimed = asked.setting?.minutes != null;
  const isEmpty = !hasOrder && !isTimed;
  useEffect(() => {
    if (isEmpty) onPlaces(NOWHERE);
  }, [isEmpty]);
  if (isLoading)
    return (
      <Strip>
        <Loading rows={3} />
      </Strip>
    );
  if (isEmpty)
    return (
      <Strip>
        <Box sx={{ color: 'var(--muted)', pb: 1 }}>
          Say how long you have, and an order is proposed for it.
        </Box>
      </Strip>
    );
  return (
    <Strip>
      {hasOrder ? <OrderOfShow open={open} onPlaces={onPlaces} /> : <OrderProposed {...props} />}
    </Strip>
  );
}
