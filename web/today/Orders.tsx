/** What is due around the store: to be ordered in time, and to be taken out after a show. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { ShowSummary } from '../../contract/api';
import { boughtWords, dueOrders } from '../../core/inventory/shopping';
import { dayAfter } from '../../core/time/days';
import { useShopping } from '../app/data';
import { dayWords, today } from '../brief/dates';
import { Section } from '../parts/page';

/** Days ahead that orders are told of. */
const ORDERS_AHEAD = 7;

/** What must be ordered soon for the shows that are coming. */
export function Orders() {
  const { data: list } = useShopping(null);
  const due = list ? dueOrders(list, today(), ORDERS_AHEAD) : [];
  const late =
    list?.lines.flatMap((line) =>
      line.tooLate.flatMap((one) => (one.days === null ? [] : [{ line, one }])),
    ) ?? [];
  if (due.length === 0 && late.length === 0) return null;
  return (
    <Section
      title="To order"
      actions={
        <Button component={Link} to="/store/shopping">
          Shopping list
        </Button>
      }
    >
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {late.slice(0, 3).map(({ line, one }) => (
          <Box
            component="li"
            key={`late/${line.itemId}/${one.showId}`}
            sx={{ display: 'flex', gap: 1.5, py: 0.5, flexWrap: 'wrap', color: 'var(--ember)' }}
          >
            <Box component="b" sx={{ width: 110 }}>
              △ too late
            </Box>
            <span>
              {line.name} for {one.title}, {dayWords(one.date)}
            </span>
          </Box>
        ))}
        {due.slice(0, 6).map(({ line, bought }) => (
          <Box
            component="li"
            key={`${line.itemId}/${line.shows[0]?.showId}/${bought.pack.id}/${bought.orderBy}`}
            sx={{ display: 'flex', gap: 1.5, py: 0.5, flexWrap: 'wrap' }}
          >
            <Box
              component="b"
              sx={{ width: 110, color: bought.orderBy <= today() ? 'var(--ember)' : 'inherit' }}
            >
              {bought.orderBy <= today() ? '△ today' : dayWords(bought.orderBy)}
            </Box>
            <span>
              {line.name}: {boughtWords(bought)}{' '}
              <Box component="span" sx={{ color: 'var(--muted)' }}>
                {bought.pack.supplier}
                {bought.pack.supplier && ' · '}
                {line.shows.map((show) => show.title).join(', ')}
              </Box>
            </span>
          </Box>
        ))}
        {due.length > 6 && <li>and {due.length - 6} more</li>}
      </Box>
    </Section>
  );
}

/** Days back that one still knows what was used. */
const USED_BACK = 30;

/** Shows that were performed, and what they used still counts as being in the store. */
export function ToTakeOut({ shows }: { shows: readonly ShowSummary[] }) {
  const open = shows.filter(
    (show) => !show.takenOut && show.date >= dayAfter(today(), -USED_BACK) && show.performed > 0,
  );
  if (open.length === 0) return null;
  return (
    <Section title="To take out of the store">
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {open.map((show) => (
          <Box component="li" key={show.id} sx={{ py: 0.5 }}>
            <Link to={`/shows/${show.id}/after`}>What {show.title} used</Link>{' '}
            <Box component="span" sx={{ color: 'var(--muted)' }}>
              {dayWords(show.date)}
            </Box>
          </Box>
        ))}
      </Box>
    </Section>
  );
}
