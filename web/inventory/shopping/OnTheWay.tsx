/** What is ordered and has not come, and what is hired or borrowed and has not gone back. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { Versioned } from '../../../contract/api';
import { isOpen, type Order } from '../../../core/inventory/orders';
import { waitsFor } from '../../../core/inventory/placing';
import { formatAmount } from '../../../core/units/format';
import { useItemNames, useOrders } from '../../app/data';
import { dayWords, today } from '../../brief/dates';
import { useMoney } from '../../parts/money';
import { Section } from '../../parts/page';
import { lineRow } from './lineRow';
import { useOrdering } from './useOrders';

/** What it waits for, in words; late on the day that it must be back. */
function waits(order: Order): { late: boolean; words: string } {
  const what = waitsFor(order);
  if (what === null) return { late: false, words: order.terms };
  const day = dayWords(what.by);
  const past = what.by < today();
  if (what.for === 'come')
    return { late: past, words: past ? `should have come ${day}` : `comes ${day}` };
  return {
    late: what.by <= today(),
    words: past ? `should be back since ${day}` : `back by ${day}`,
  };
}

function Row({ order, name }: { order: Versioned<Order>; name: string }) {
  const money = useMoney();
  const { come, wentBack, cancel } = useOrdering();
  const { late, words } = waits(order);
  const many =
    order.unit === 'piece' && order.amount === 1 ? '' : formatAmount(order.amount, order.unit);
  return (
    <Box component="li" sx={lineRow}>
      <Box sx={{ minWidth: 170, fontWeight: 600, color: late ? 'var(--ember)' : 'inherit' }}>
        {late ? '△ ' : ''}
        {words}
      </Box>
      <Box sx={{ flex: '1 1 240px', minWidth: 0 }}>
        <b>
          {[order.count > 1 || many === '' ? order.count : '', many].filter(Boolean).join(' × ')}{' '}
          <Link to={`/store/items/${order.itemId}`}>{name}</Link>
        </b>{' '}
        <Box component="span" sx={{ color: 'var(--muted)' }}>
          {[
            order.terms === 'bought' ? '' : order.terms,
            order.supplier,
            order.price > 0 ? money(order.price) : '',
            `ordered ${dayWords(order.ordered)}`,
          ]
            .filter(Boolean)
            .join(', ')}
        </Box>
      </Box>
      {order.come === null ? (
        <>
          <Button
            size="small"
            aria-label={`${name}: not ordered after all`}
            onClick={() => void cancel(order, `${name} is not ordered.`)}
          >
            Not after all
          </Button>
          <Button
            size="small"
            aria-label={`${name}: it has come`}
            onClick={() => void come(order, `${name} has come.`)}
          >
            It has come
          </Button>
        </>
      ) : (
        <Button
          size="small"
          aria-label={`${name}: it went back`}
          onClick={() => void wentBack(order, `${name} went back.`)}
        >
          It went back
        </Button>
      )}
    </Box>
  );
}

export function OnTheWay() {
  const { data: orders = [] } = useOrders();
  const { data: items = [] } = useItemNames();
  const open = orders.filter(isOpen);
  if (open.length === 0) return null;
  const names = new Map(items.map(({ id, name }) => [id, name]));
  const day = (order: Order): string => waitsFor(order)?.by ?? '9999';
  return (
    <Section title="On its way, and to give back">
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {[...open]
          .sort((a, b) => (day(a) < day(b) ? -1 : 1))
          .map((order) => (
            <Row key={order.id} order={order} name={names.get(order.itemId) ?? 'Something'} />
          ))}
      </Box>
    </Section>
  );
}
