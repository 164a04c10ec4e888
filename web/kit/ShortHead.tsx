/** What of a kit is short, from whom to get it and by when; or that nothing is. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { dueOrders } from '../../core/inventory/shopping';
import type { KitEntry } from '../../core/kit/kit';
import type { StockView } from '../../core/kit/stockWords';
import { counted, listInWords, lowerFirst } from '../../core/words';
import { useShopping } from '../app/data';
import { dayWords, today } from '../brief/dates';
import { useMoney } from '../parts/money';

interface ShortProps {
  showId: string;
  short: readonly { entry: KitEntry; stock: StockView }[];
}

/** “Quay stores: order by Thu 26 Nov, 2.40”, the first to be ordered first; what can’t be in time before it. */
function HowToGet({ showId, short }: ShortProps) {
  const { data: list } = useShopping([showId]);
  const money = useMoney();
  if (!list) return null;
  const mine = new Set(short.map(({ entry }) => entry.itemId));
  const late = list.lines.filter(
    ({ itemId, tooLate }) => mine.has(itemId) && tooLate.some((one) => one.showId === showId),
  );
  const [first, ...others] = dueOrders(list, today(), Infinity).filter(({ line }) =>
    mine.has(line.itemId),
  );
  return (
    <Box sx={{ fontSize: 17, lineHeight: '24px', mt: 0.5 }}>
      {late.length > 0 && (
        <Box sx={{ color: 'var(--ember)', fontWeight: 700 }}>
          {listInWords(late.slice(0, 3).map(({ name }) => name))} can’t be bought in time.
        </Box>
      )}
      {first && (
        <>
          {first.bought.pack.supplier || 'No supplier said'}: order {lowerFirst(first.line.name)}{' '}
          <b>
            {first.bought.orderBy <= today() ? 'today' : `by ${dayWords(first.bought.orderBy)}`}
          </b>
          {others.length > 0 && ` and ${counted(others.length, 'more thing')} after that`}.{' '}
          {money(list.cost)} for what is lacking.
        </>
      )}
    </Box>
  );
}

export function ShortHead({ showId, short, whole }: ShortProps & { whole: boolean }) {
  const names = short.slice(0, 3).map(({ entry }) => lowerFirst(entry.name));
  const [only] = short;
  const alone = only && short.length === 1;
  return (
    <>
      <Box
        sx={{
          font: { xs: '800 26px/32px Bricolage', md: '800 40px/46px Bricolage' },
          letterSpacing: '-0.8px',
          color: short.length > 0 || !whole ? 'var(--ember)' : 'inherit',
        }}
      >
        {short.length > 0
          ? `△ ${counted(short.length, 'thing')} short: ${alone ? lowerFirst(only.entry.name) : listInWords(names)}${short.length > names.length ? ' …' : ''}`
          : whole
            ? 'Nothing is short'
            : '△ Not all of it is known'}
      </Box>
      {short.length > 0 && <HowToGet showId={showId} short={short} />}
    </>
  );
}

/** To where it is ordered, hired or borrowed. */
export const OrderThem = ({ showId, count }: { showId: string; count: number }) => (
  <Button variant="contained" component={Link} to={`/store/shopping?shows=${showId}`}>
    Order {count === 1 ? 'it' : 'them'}
  </Button>
);
