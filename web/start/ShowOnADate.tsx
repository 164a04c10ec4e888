/** A show on a date: one sentence with gaps, and the running order that is proposed for it. */
import Box from '@mui/material/Box';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Slot } from '../../core/brief/types';
import { type FitWishes, NO_FIT_WISHES } from '../../core/proposal/fitWishes';
import { useVenues } from '../app/data';
import { beginShow } from './begin';
import { Gap } from '../parts/Gap';
import { ProposedOrder } from './ProposedOrder';
import { bookingOf, faultsOf, firstSentence, namesOf, type Sentence } from './sentence';
import { useSeen } from './useSeen';
import { type Stock, useBooking, useNamed } from './useProposed';

interface Props {
  stock: Stock | null;
  /** Which ones are in the order now. */
  onOrder?: (slots: readonly Slot[]) => void;
}

export function ShowOnADate({ stock, onOrder }: Props) {
  const [sentence, setSentence] = useState<Sentence>(firstSentence);
  const [wishes, setWishes] = useState<FitWishes>(NO_FIT_WISHES);
  const navigate = useNavigate();
  const { data: venues = [] } = useVenues();
  const type =
    (gap: keyof Sentence) =>
    (value: string): void =>
      setSentence((now) => ({ ...now, [gap]: value }));
  const faults = faultsOf(sentence);
  const facts = bookingOf(sentence);
  const names = namesOf(sentence.crew);
  const { people, venue } = useNamed(names, sentence.place);
  const booking = useBooking(stock, facts, people, venue);
  const seen = useSeen(venue?.id ?? null, sentence.date);

  const take = async (slots: readonly Slot[]): Promise<void> => {
    if (!facts || !stock) return;
    const show = await beginShow({ facts, place: sentence.place, people, slots }, stock);
    await navigate(`/shows/${show.id}/line-up`);
  };

  return (
    <Box component="section" aria-label="A show on a date">
      <Box component="h2" sx={{ font: '700 17px Bricolage', m: 0, mb: 1.5 }}>
        A show on a date
      </Box>
      <Box
        sx={{
          font: { xs: '400 21px/42px Bricolage', md: '400 25px/46px Bricolage' },
          color: 'var(--muted)',
          letterSpacing: '-0.3px',
        }}
      >
        I have{' '}
        <Gap
          label="How long"
          value={sentence.length}
          onChange={type('length')}
          fault={faults.length}
        />{' '}
        on{' '}
        <Gap
          label="Day"
          type="date"
          value={sentence.date}
          onChange={type('date')}
          fault={faults.date}
        />{' '}
        at{' '}
        <Gap
          label="Start"
          type="time"
          value={sentence.start}
          onChange={type('start')}
          fault={faults.start}
        />{' '}
        in{' '}
        <Gap
          label="Place"
          value={sentence.place}
          placeholder="a place"
          onChange={type('place')}
          fault={faults.place}
          list={venues.map(({ name }) => name)}
          least={8}
        />{' '}
        for{' '}
        <Gap
          label="People"
          value={sentence.people}
          onChange={type('people')}
          fault={faults.people}
        />{' '}
        people, by{' '}
        <Gap
          label="Who performs"
          value={sentence.crew}
          placeholder="just me"
          onChange={type('crew')}
          fault={faults.crew}
          least={8}
        />
        .
      </Box>

      <ProposedOrder
        booking={booking}
        stock={stock}
        seen={seen}
        wishes={wishes}
        onWishes={setWishes}
        {...(onOrder && { onOrder })}
        onTake={take}
        isAsked={facts !== null}
        takeWords="Take this order"
        emptyWords="Begin it empty"
      />
    </Box>
  );
}
