/** The stock of a consumable as one line, from what happened to what is promised; its bottles stand in it. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import dayjs from 'dayjs';
import { useMemo } from 'react';
import { Link } from 'react-router';
import {
  type StockStep,
  lastsTo,
  standingOn,
  stockAfter,
  stockBefore,
} from '../../../core/inventory/stockAhead';
import { stockLine } from '../../../core/inventory/stockLine';
import type { StockedLot } from '../../../core/inventory/types';
import type { Item } from '../../../core/repertoire/item';
import { formatAmount, formatTotal } from '../../../core/units/format';
import { dimensionOf } from '../../../core/units/units';
import { counted } from '../../../core/words';
import { useAhead, useLots, useMovements, useShows } from '../../app/data';
import { usePreferences } from '../../app/preferences';
import { dayWords, today } from '../../brief/dates';
import { useMoney } from '../../parts/money';
import { AheadPicture } from './AheadPicture';

const big = {
  font: { xs: '800 30px/36px Bricolage', md: '800 40px/46px Bricolage' },
  letterSpacing: '-0.8px',
} as const;

interface HeadProps {
  item: Item;
  lots: readonly StockedLot[];
  steps: readonly StockStep[];
  amount: (base: number) => string;
}

/** “376 mL: lasts to Science day, then 44 mL short”. */
function Head({ item, lots, steps, amount }: HeadProps) {
  const system = usePreferences((state) => state.system);
  const { text, until, places, warnings } = stockLine(item, lots, today(), system);
  const { to, lacks, shows } = lastsTo(steps);
  const short = lacks ? `${amount(lacks.short)} short` : '';
  const facts = [places, until === null ? '' : `good until ${dayWords(until)}`];
  const wanted =
    shows === 0 ? 'No coming show wants any.' : `Enough for ${counted(shows, 'show')}.`;
  return (
    <>
      <Box sx={big}>
        {text}
        {to && lacks && `: lasts to ${to.title}, `}
        {lacks && (
          <Box component="span" sx={{ color: 'var(--ember)' }}>
            {to ? `then ${short}` : `: ${short} for ${lacks.title}`}
          </Box>
        )}
        {warnings.length > 0 && !lacks && (
          <Box component="span" sx={{ color: 'var(--ember)' }}>
            : {warnings.join(', ')}
          </Box>
        )}
      </Box>
      <Box sx={{ fontSize: 17, lineHeight: '24px' }}>
        {lacks
          ? `${lacks.title} on ${dayWords(lacks.day)} lacks ${amount(lacks.short)}. `
          : `${wanted} `}
        <Box component="span" sx={{ color: 'var(--muted)' }}>
          {[...facts, ...(lacks ? warnings : [])].filter(Boolean).join(' · ')}
        </Box>
      </Box>
    </>
  );
}

/** How it is got: the pack, by when and for how much; or that nothing can be there in time. */
function ToOrder({ item }: { item: Item }) {
  const { data: ahead } = useAhead(item.id);
  const money = useMoney();
  const line = ahead?.line;
  if (!line) return null;
  const [first] = line.packs;
  return (
    <Box sx={{ display: 'grid', justifyItems: { md: 'end' }, gap: 0.5 }}>
      <Button variant="contained" component={Link} to="/store/shopping">
        {first
          ? `Order ${first.count} × ${formatAmount(first.pack.amount, first.pack.unit)}, ${money(first.cost)}`
          : 'How to get it'}
      </Button>
      <Box sx={{ color: 'var(--ember)', fontWeight: 600 }}>
        {first
          ? first.orderBy <= today()
            ? 'Order today'
            : `Order by ${dayWords(first.orderBy)}`
          : (line.problem ?? 'Can’t be in time')}
      </Box>
    </Box>
  );
}

export function StockAhead({ item }: { item: Item }) {
  const { data: lots } = useLots(item.id);
  const { data: ahead } = useAhead(item.id);
  const { data: movements } = useMovements(item.id);
  const { data: shows } = useShows();
  const system = usePreferences((state) => state.system);
  const dimension = dimensionOf(item.unit);
  const amount = (base: number): string => formatTotal(base, dimension, item.unit, system);
  const day = today();
  const steps = useMemo(
    () => (lots && ahead ? stockAfter(item, lots, ahead.wanting, ahead.arriving, day) : null),
    [item, lots, ahead, day],
  );
  const past = useMemo(
    () =>
      stockBefore(
        movements ?? [],
        (at) => dayjs(at).format('YYYY-MM-DD'),
        (id) => shows?.find((show) => show.id === id)?.title ?? 'a show',
      ).filter((step) => step.day <= day),
    [movements, shows, day],
  );
  if (!lots || !steps || !ahead) return null;
  return (
    <Box component="section" aria-label="In the store today" sx={{ mb: 2 }}>
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <Box sx={{ flex: '1 1 420px' }}>
          <Head item={item} lots={lots} steps={steps} amount={amount} />
        </Box>
        <ToOrder item={item} />
      </Box>
      {(past.length > 0 || steps.length > 0) && (
        <AheadPicture
          {...{ item, past, steps, amount }}
          standing={standingOn(item, lots, day)}
          wanting={ahead.wanting}
          order={ahead.line?.packs[0] ?? null}
        />
      )}
    </Box>
  );
}
