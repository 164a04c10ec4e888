/** What coming shows lack: what can’t be in time, what to order from whom and by when, what is on its way. */
import Box from '@mui/material/Box';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { Link, useSearchParams } from 'react-router';
import type { ShoppingAnswer } from '../../../contract/api';
import { dueOrders } from '../../../core/inventory/shopping';
import { counted } from '../../../core/words';
import { useShopping } from '../../app/data';
import { dayWords, today } from '../../brief/dates';
import { useMoney } from '../../parts/money';
import { Empty, Page, Section, Trouble } from '../../parts/page';
import { SaveAs } from '../../parts/SaveAs';
import { InsteadOf } from './InsteadOf';
import { OnTheWay } from './OnTheWay';
import { ShowsToBuyFor } from './ShowsToBuyFor';
import { Suppliers } from './Suppliers';
import { TooLateList } from './TooLate';

/** The most pressing in one sentence: what can’t be in time, or what must be ordered first. */
function Headline({ list }: { list: ShoppingAnswer }) {
  const money = useMoney();
  const late = list.lines.filter(({ tooLate }) => tooLate.some(({ days }) => days !== null));
  const [first] = dueOrders(list, today(), Infinity);
  const toOrder = list.lines.filter(({ packs }) => packs.length > 0).length;
  const [name] = late.map((line) => line.name);
  const pressing = late.length > 0 || (first && first.bought.orderBy <= today());
  return (
    <>
      <Box
        sx={{
          font: { xs: '800 26px/32px Bricolage', md: '800 38px/44px Bricolage' },
          letterSpacing: '-0.8px',
          color: pressing ? 'var(--ember)' : 'inherit',
        }}
      >
        {late.length > 0
          ? `△ ${counted(late.length, 'thing')} can’t be in time: ${late.length === 1 ? name : `${name} first`}`
          : first
            ? `${first.bought.orderBy <= today() ? '△ Order today' : `Order by ${dayWords(first.bought.orderBy)}`}: ${first.line.name}`
            : list.lines.length > 0
              ? `△ ${counted(list.lines.length, 'thing')} without a pack`
              : list.unread.length > 0
                ? 'Nothing to buy for what can be read'
                : 'Nothing to buy'}
      </Box>
      <Typography color="textSecondary">
        {toOrder > 0 && (
          <>
            <b>{money(list.cost)}</b> for {counted(toOrder, 'thing')}, in the cheapest packs that
            are there in time and keep until they are used.{' '}
          </>
        )}
        What the store has, and what is on its way, is shared out by date first.
      </Typography>
    </>
  );
}

/** What is in no pack that can be reckoned with. */
function NotKnown({ list }: { list: ShoppingAnswer }) {
  const without = list.lines.filter(({ packs, problem }) => packs.length === 0 && problem !== null);
  return (
    <>
      {list.unread.length > 0 && (
        <Typography color="error">
          △ Not counted, because something of it can’t be read: {list.unread.join(', ')}.{' '}
          <Link to="/backups">What can’t be read</Link>
        </Typography>
      )}
      {list.unlike.length > 0 && (
        <Typography color="error">
          △ Not calculated, because kit lines and store count differently and no weight is known:{' '}
          {list.unlike.join(', ')}.
        </Typography>
      )}
      {without.length > 0 && (
        <Typography color="error">
          △ No pack is known of{' '}
          {without.map(({ itemId, name }, i) => (
            <span key={itemId}>
              {i > 0 && ', '}
              <Link to={`/store/items/${itemId}`}>{name}</Link>
            </span>
          ))}
          : put one with its price in the store, or get it otherwise.
        </Typography>
      )}
    </>
  );
}

export default function ShoppingPage() {
  const [search, setSearch] = useSearchParams();
  const named = search.get('shows');
  const chosen = named === null ? null : named.split(',').filter(Boolean);
  const { data: list, error } = useShopping(chosen);
  const query = named === null ? '' : `?shows=${named}`;
  const late = list?.lines.filter(({ tooLate }) => tooLate.length > 0) ?? [];
  return (
    <Page
      title="Shopping"
      actions={
        <SaveAs
          label="Save"
          files={[
            [`/api/shopping.xlsx${query}`, 'Shopping list as a spreadsheet (xlsx)'],
            [`/api/shopping.csv${query}`, 'Shopping list as CSV'],
          ]}
        />
      }
    >
      <Trouble error={error} />
      {!list && !error && (
        <>
          <Box sx={{ font: '700 20px/28px Bricolage' }}>
            Working out what coming shows lack, and what to buy for it …
          </Box>
          <LinearProgress aria-label="Working out what to buy" sx={{ my: 1.5, maxWidth: 640 }} />
          <OnTheWay />
        </>
      )}
      {list && (
        <>
          <Headline list={list} />
          <NotKnown list={list} />
          <Box
            sx={{
              display: 'grid',
              columnGap: 5,
              alignItems: 'start',
              gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 340px' },
            }}
          >
            <Box>
              {late.length > 0 && (
                <Section title="Can’t be in time, or no pack is known">
                  <TooLateList lines={late} />
                </Section>
              )}
              <Section title="To order">
                {list.lines.length === 0 ? (
                  <Empty title="The store has all of it">
                    What is used after a show, counted or out of date shows up here again.
                  </Empty>
                ) : (
                  <Suppliers list={list} shows={named} />
                )}
              </Section>
              <OnTheWay />
              <InsteadOf list={list} />
            </Box>
            <Box component="aside">
              <Section title="For which shows">
                <ShowsToBuyFor
                  list={list}
                  chosen={chosen}
                  onChoose={(ids) => setSearch({ shows: ids.join(',') }, { replace: true })}
                />
              </Section>
            </Box>
          </Box>
        </>
      )}
    </Page>
  );
}
