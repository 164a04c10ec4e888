/** What coming shows lack, in the cheapest packs, by the day to order. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { blankLot } from '../../core/inventory/blank';
import {
  type BoughtPack,
  boughtWords,
  dueOrders,
  type ShoppingLine,
  type ShoppingList,
} from '../../core/inventory/shopping';
import { formatAmount, formatTotal } from '../../core/units/format';
import { counted } from '../../core/words';
import { newId, send } from '../app/api';
import { queryClient, useShopping, useShows } from '../app/data';
import { usePreferences } from '../app/preferences';
import { dayWords, today } from '../brief/dates';
import { useAction } from '../parts/useAction';
import { useMoney } from '../parts/money';
import { Empty, Loading, Page, Section, Trouble } from '../parts/page';
import { SaveAs } from '../parts/SaveAs';

const columns = {
  display: 'grid',
  columnGap: 2,
  alignItems: 'center',
  gridTemplateColumns: { xs: '70px 1fr 84px', md: '110px minmax(0, 1fr) 90px 130px' },
} as const;

function PackRow({ line, bought }: { line: ShoppingLine; bought: BoughtPack }) {
  const money = useMoney();
  const act = useAction();
  const [busy, setBusy] = useState(false);
  const { pack, count, cost, orderBy, late } = bought;
  const come = async (): Promise<void> => {
    setBusy(true);
    await act(async () => {
      await send('POST', '/deliveries', {
        lot: blankLot(newId(), line.itemId),
        amount: pack.amount * count,
        unit: pack.unit,
        note: [formatAmount(pack.amount, pack.unit), pack.supplier].filter(Boolean).join(', '),
      });
      await queryClient.invalidateQueries({ queryKey: ['/shopping'] });
    });
    setBusy(false);
  };
  return (
    <Box sx={{ ...columns, py: 0.5 }}>
      <Box sx={{ color: late ? 'var(--ember)' : 'inherit', fontWeight: 600 }}>
        {late ? '△ ' : ''}
        {dayWords(orderBy)}
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <b>{boughtWords(bought)}</b>{' '}
        <Box component="span" sx={{ color: 'var(--muted)' }}>
          {pack.supplier}
        </Box>
      </Box>
      <Box component="b" sx={{ textAlign: 'right', fontFamily: 'Bricolage' }}>
        {money(cost)}
      </Box>
      <Button
        size="small"
        sx={{ gridColumn: { xs: 2, md: 'auto' }, justifySelf: { xs: 'start', md: 'end' } }}
        disabled={busy}
        aria-label={`${line.name}: it has come`}
        onClick={() => void come()}
      >
        It has come
      </Button>
    </Box>
  );
}

function Line({ line }: { line: ShoppingLine }) {
  const system = usePreferences((state) => state.system);
  const text = (base: number): string => formatTotal(base, line.dimension, 'piece', system);
  return (
    <Box component="li" sx={{ borderBottom: '1px solid var(--line)', py: 1 }}>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'baseline' }}>
        <Typography variant="h3" component="span">
          {line.name}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {text(line.missing)} missing:{' '}
          {line.shows.map((show) => `${text(show.short)} ${show.title}`).join(', ')}
          {line.over > 0 && `; ${text(line.over)} over`}
        </Typography>
      </Box>
      {line.packs.map((bought) => (
        <PackRow key={bought.pack.id} line={line} bought={bought} />
      ))}
      {line.problem && <Typography color="error">△ {line.problem}</Typography>}
      {!line.proven && (
        <Typography variant="body2" color="textSecondary">
          The cheapest found; there may be a cheaper one.
        </Typography>
      )}
    </Box>
  );
}

function Costs({
  list,
  chosen,
  onChoose,
}: {
  list: ShoppingList;
  chosen: readonly string[] | null;
  onChoose: (ids: string[]) => void;
}) {
  const money = useMoney();
  const { data: shows } = useShows();
  if (!shows) return <Loading rows={3} />;
  const coming = shows.filter((show) => show.date >= today());
  const ids = chosen ?? coming.map((show) => show.id);
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, maxWidth: 640 }}>
      {coming.map((show) => {
        const cost = list.perShow.find((one) => one.showId === show.id);
        const on = ids.includes(show.id);
        return (
          <Box
            component="li"
            key={show.id}
            sx={{
              display: 'flex',
              gap: 1,
              alignItems: 'center',
              borderBottom: '1px solid var(--line)',
            }}
          >
            <Checkbox
              checked={on}
              slotProps={{ input: { 'aria-label': `Buy for ${show.title}` } }}
              onChange={() => onChoose(on ? ids.filter((id) => id !== show.id) : [...ids, show.id])}
            />
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <b>{show.title}</b>{' '}
              <Box component="span" sx={{ color: 'var(--muted)' }}>
                {dayWords(show.date)}
              </Box>
            </Box>
            <Box sx={{ textAlign: 'right' }}>
              <b>{cost ? money(cost.cost) : '–'}</b>
              <Typography variant="body2" color="textSecondary">
                {cost?.perHead != null ? `${money(cost.perHead)} a head` : ''}
              </Typography>
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}

export default function ShoppingPage() {
  const [search, setSearch] = useSearchParams();
  const named = search.get('shows');
  const chosen = named === null ? null : named.split(',').filter(Boolean);
  const { data: list, error } = useShopping(chosen);
  const money = useMoney();
  const query = named === null ? '' : `?shows=${named}`;
  const first = list && dueOrders(list, today(), Infinity)[0]?.bought.orderBy;
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
      {!list && !error && <Loading />}
      {list && (
        <>
          <Box
            sx={{
              font: { xs: '800 26px/32px Bricolage', md: '800 32px/38px Bricolage' },
              letterSpacing: '-0.6px',
            }}
          >
            {list.lines.length === 0
              ? list.unread.length > 0
                ? 'Nothing to buy for what can be read'
                : 'Nothing to buy'
              : `${money(list.cost)} for ${counted(list.lines.length, 'thing')}${first ? `, first order by ${dayWords(first)}` : ''}`}
          </Box>
          <Typography color="textSecondary">
            The cheapest packs that cover what coming shows lack, after the store is shared out by
            date.
          </Typography>
          {list.unread.length > 0 && (
            <Typography color="error">
              △ Not counted, because something of it can’t be read: {list.unread.join(', ')}.{' '}
              <Link to="/backups">What can’t be read</Link>
            </Typography>
          )}
          {list.unlike.length > 0 && (
            <Typography color="error">
              △ Not calculated, because kit lines and store count differently and no weight is
              known: {list.unlike.join(', ')}.
            </Typography>
          )}
          <Section title="For which shows">
            <Costs
              list={list}
              chosen={chosen}
              onChoose={(ids) => setSearch({ shows: ids.join(',') }, { replace: true })}
            />
          </Section>
          <Section title="To buy">
            {list.lines.length === 0 ? (
              <Empty title="The store has all of it">
                What is used after a show, counted or out of date shows up here again.
              </Empty>
            ) : (
              <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                {list.lines.map((line) => (
                  <Line key={`${line.itemId}/${line.shows[0]?.showId}`} line={line} />
                ))}
              </Box>
            )}
          </Section>
        </>
      )}
    </Page>
  );
}
