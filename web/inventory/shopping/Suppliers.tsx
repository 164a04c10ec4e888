/** What to order, by who sells it: one message or table each. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { Link } from 'react-router';
import { boughtWords, type ShoppingList } from '../../../core/inventory/shopping';
import type { BoughtPack, ShoppingLine } from '../../../core/inventory/shoppingLine';
import { orderFor } from '../../../core/inventory/placing';
import { bySupplier, orderMessage, type SupplierOrder } from '../../../core/inventory/suppliers';
import { formatTotal } from '../../../core/units/format';
import { counted } from '../../../core/words';
import { newId } from '../../app/api';
import { usePreferences } from '../../app/preferences';
import { dayWords, today } from '../../brief/dates';
import { useMoney } from '../../parts/money';
import { useOrdering } from './useOrders';

const columns = {
  display: 'grid',
  columnGap: 2,
  alignItems: 'baseline',
  gridTemplateColumns: { xs: '84px 1fr 84px', md: '110px 150px minmax(0, 1fr) 90px 108px' },
} as const;

/** “Wed 2 Dec”, or “Mon 30 Nov to Wed 2 Dec” of what must not come too soon. */
function When({ bought: { orderBy, orderFrom } }: { bought: BoughtPack }) {
  const due = orderBy <= today();
  return (
    <Box sx={{ color: due ? 'var(--ember)' : 'inherit', fontWeight: 600 }}>
      {due ? '△ today' : dayWords(orderBy)}
      {orderFrom !== null && orderFrom > today() && (
        <Box component="span" sx={{ display: 'block', fontWeight: 400, color: 'var(--muted)' }}>
          {orderFrom === orderBy ? 'not before' : `from ${dayWords(orderFrom)}`}
        </Box>
      )}
    </Box>
  );
}

function Row({ line, bought }: { line: ShoppingLine; bought: BoughtPack }) {
  const money = useMoney();
  const system = usePreferences((state) => state.system);
  const { place } = useOrdering();
  const [busy, setBusy] = useState(false);
  const text = (base: number): string => formatTotal(base, line.dimension, 'piece', system);
  const ordered = async (): Promise<void> => {
    setBusy(true);
    await place([orderFor(line, bought, newId(), today())], `${line.name} is ordered.`);
    setBusy(false);
  };
  return (
    <Box component="li" sx={{ ...columns, borderTop: '1px solid var(--line)', py: 0.75 }}>
      <When bought={bought} />
      <Box sx={{ font: '700 17px/24px Bricolage', textAlign: { md: 'right' } }}>
        {boughtWords(bought)}
      </Box>
      <Box sx={{ minWidth: 0, gridColumn: { xs: '2', md: 'auto' }, order: { xs: 1, md: 0 } }}>
        <b>
          <Link to={`/store/items/${line.itemId}`}>{line.name}</Link>
        </b>{' '}
        <Box component="span" sx={{ color: 'var(--muted)', fontSize: 14 }}>
          for{' '}
          {line.shows
            .filter(({ date }) => bought.days.includes(date) || line.kind !== 'consumable')
            .map(({ title }) => title)
            .join(', ')}
          {bought.backBy !== null && `, hired, back by ${dayWords(bought.backBy)}`};{' '}
          {text(line.missing)} missing
          {line.over > 0 && `, ${text(line.over)} over`}
          {!line.proven && '. The cheapest found; there may be a cheaper one'}
          {line.problem && (
            <Box component="span" sx={{ color: 'var(--ember)' }}>
              {' '}
              △ {line.problem}
            </Box>
          )}
        </Box>
      </Box>
      <Box component="b" sx={{ textAlign: 'right', fontFamily: 'Bricolage' }}>
        {money(bought.cost)}
      </Box>
      <Button
        size="small"
        sx={{ gridColumn: { xs: 3, md: 'auto' }, justifySelf: 'end', order: { xs: 2, md: 0 } }}
        disabled={busy}
        aria-label={`${line.name}: ordered`}
        onClick={() => void ordered()}
      >
        Ordered
      </Button>
    </Box>
  );
}

/** What is asked of an address, without what nobody has said. */
const query = (of: Record<string, string | null>): string =>
  new URLSearchParams(
    Object.entries(of).flatMap(([name, value]) => (value === null ? [] : [[name, value]])),
  ).toString();

function Supplier({ order, shows }: { order: SupplierOrder; shows: string | null }) {
  const money = useMoney();
  const { place } = useOrdering();
  const { enqueueSnackbar } = useSnackbar();
  const [busy, setBusy] = useState(false);
  const [message, setMessage] = useState<string | null>(null);
  const name = order.supplier || 'Nobody named';
  const copy = async (): Promise<void> => {
    const text = orderMessage(order, dayWords);
    try {
      await navigator.clipboard.writeText(text);
      enqueueSnackbar(`The message to ${name} is copied.`);
    } catch {
      // No clipboard without a secure page: shown, to be copied by hand.
      setMessage(text);
    }
  };
  const all = async (): Promise<void> => {
    setBusy(true);
    await place(
      order.entries.map(({ line, bought }) => orderFor(line, bought, newId(), today())),
      `${counted(order.entries.length, 'thing')} from ${name}: ordered.`,
    );
    setBusy(false);
  };
  return (
    <Box component="section" aria-label={name} sx={{ mt: 2.5 }}>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'baseline' }}>
        <Box component="h3" sx={{ font: '700 20px/26px Bricolage', m: 0 }}>
          {name}
        </Box>
        <Box sx={{ color: 'var(--muted)', flex: '1 1 220px' }}>
          {counted(order.entries.length, 'thing')}, {money(order.cost)}, by{' '}
          {dayWords(order.orderBy)}
        </Box>
        <Button size="small" onClick={() => void copy()}>
          Copy as a message
        </Button>
        <Button
          size="small"
          component="a"
          href={`/api/shopping.xlsx?${query({ supplier: order.supplier, shows })}`}
          download
        >
          As a table
        </Button>
        <Button size="small" disabled={busy} onClick={() => void all()}>
          All ordered
        </Button>
      </Box>
      {message && (
        <Box
          component="textarea"
          readOnly
          aria-label={`Message to ${name}`}
          defaultValue={message}
          rows={6}
          sx={{ width: '100%', font: 'inherit', p: 1 }}
        />
      )}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {order.entries.map(({ line, bought }) => (
          <Row
            key={`${line.itemId}/${line.shows[0]?.showId}/${bought.pack.id}/${bought.orderBy}`}
            line={line}
            bought={bought}
          />
        ))}
      </Box>
    </Box>
  );
}

interface Props {
  list: ShoppingList;
  /** Ids of the shows it is for, as the address has them; null for all. */
  shows: string | null;
}

export const Suppliers = ({ list, shows }: Props) =>
  bySupplier(list).map((order) => <Supplier key={order.supplier} order={order} shows={shows} />);
