/** What there is of an item, lot by lot: counted, looked after, and what has come. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Versioned } from '../../contract/api';
import { LotBody } from '../../contract/inventory';
import type { Item } from '../../core/repertoire/item';
import { blankLot } from '../../core/inventory/blank';
import { firstExpiredFirst, lastDay, nextTest } from '../../core/inventory/dates';
import type { Lot, StockedLot } from '../../core/inventory/types';
import { formatAmount, formatTotal, writeAmount } from '../../core/units/format';
import { parseAmount } from '../../core/units/parse';
import { BASE_UNIT, dimensionOf, isApproximate, toBase, type UnitId } from '../../core/units/units';
import { isWanted } from '../documents/ghosts';
import { newId, send } from '../app/api';
import { queryClient, useLots, useSettings } from '../app/data';
import { usePreferences } from '../app/preferences';
import { dayWords, today } from '../brief/dates';
import { useDocument } from '../documents/useDocument';
import { useAction } from '../parts/useAction';
import { EditingNotices, SaveBar, useRemove } from '../parts/editing';
import { AutoForm, Choice, Words } from '../parts/form';
import { LOT_STATE, options } from '../parts/words';
import { grid } from '../repertoire/grid';

const refresh = (): Promise<void> => queryClient.invalidateQueries({ queryKey: ['/lots'] });

interface CountProps {
  item: Item;
  label: string;
  button: string;
  /** In a unit that stock is counted in. */
  onAmount: (amount: number, unit: UnitId) => Promise<boolean>;
  suggestions?: readonly string[];
  least: 'nothing' | 'something';
  children?: React.ReactNode;
}

/** An amount and a button; what can't be read says so at the field and stays there. */
function AmountForm({
  item,
  label,
  button,
  onAmount,
  suggestions = [],
  least,
  children,
}: CountProps) {
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const sizes = useSettings().data?.household;
  const submit = async (): Promise<void> => {
    const read = parseAmount(text, { kind: dimensionOf(item.unit), bare: item.unit });
    const wrong = !read.ok
      ? read.message
      : read.value.amount < 0
        ? 'must not be negative'
        : read.value.amount === 0 && least === 'something'
          ? 'must be more than nothing'
          : null;
    setFault(wrong);
    if (!read.ok || wrong !== null) return;
    // “A squirt” is no unit of stock: what it comes to is.
    const { amount, unit } = isApproximate(read.value.unit)
      ? {
          amount: toBase(read.value.amount, read.value.unit, sizes),
          unit: BASE_UNIT[dimensionOf(read.value.unit)],
        }
      : read.value;
    setBusy(true);
    if (await onAmount(amount, unit)) setText('');
    setBusy(false);
  };
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
      sx={{ ...grid(150), alignItems: 'start', mt: 1 }}
    >
      <Box>
        <TextField
          fullWidth
          label={label}
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            setFault(null);
          }}
          error={fault !== null}
          helperText={fault === null ? undefined : `${label} ${fault}`}
        />
        {suggestions.map((words) => (
          <Button key={words} size="small" onClick={() => setText(words)}>
            {words}
          </Button>
        ))}
      </Box>
      {children}
      <Button type="submit" variant="outlined" disabled={busy} sx={{ justifySelf: 'start' }}>
        {button}
      </Button>
    </Box>
  );
}

function LotFields({ lotId, item }: { lotId: string; item: Item }) {
  const editing = useDocument<Lot>('/lots', lotId);
  if (!editing.value) return null;
  return (
    <>
      <SaveBar editing={editing} />
      <EditingNotices editing={editing} noun="lot" />
      <AutoForm editing={editing} type={LotBody}>
        <Box sx={grid(150)}>
          <Words name="place" label="Place" help="Shelf, cupboard or box" />
          <Choice name="state" label="State" options={options(LOT_STATE)} />
          <Day name="expiry" label="Expiry" />
          <Day name="opened" label="Opened" />
          {item.testEvery !== null && <Day name="lastTest" label="Last test" />}
          <Words name="note" label="Note" />
        </Box>
      </AutoForm>
    </>
  );
}

/** A day, or none. */
function Day({ name, label }: { name: string; label: string }) {
  return <Words name={name} label={label} type="date" emptyIsNull />;
}

function LotRow({ lot, item }: { lot: Versioned<StockedLot>; item: Item }) {
  const system = usePreferences((state) => state.system);
  const [open, setOpen] = useState(false);
  const act = useAction();
  const remove = useRemove();
  const dimension = dimensionOf(item.unit);
  const last = lastDay(lot, item);
  const test = nextTest(lot, item, today());
  const past = last !== null && last < today();
  const facts = [
    lot.place,
    lot.state === 'good' ? '' : LOT_STATE[lot.state],
    last === null ? '' : `${past ? 'was good until' : 'good until'} ${dayWords(last)}`,
    lot.opened ? `opened ${dayWords(lot.opened)}` : '',
    test === null ? '' : `${test <= today() ? 'test due since' : 'test due'} ${dayWords(test)}`,
    lot.note,
  ].filter(Boolean);
  const trouble = past || lot.state !== 'good' || (test !== null && test <= today());
  return (
    <Box component="li" sx={{ borderBottom: '1px solid var(--line)', py: 1 }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Box component="b" sx={{ minWidth: 90, font: '600 18px/24px Bricolage' }}>
          {formatTotal(lot.stock, dimension, item.unit, system)}
        </Box>
        <Box sx={{ flex: '1 1 200px', color: trouble ? 'var(--ember)' : 'var(--muted)' }}>
          {trouble && '△ '}
          {facts.join(' · ') || 'nothing said of it yet'}
        </Box>
        <Button aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Done' : 'Count or change'}
        </Button>
      </Box>
      {open && (
        <Box sx={{ border: '1px solid var(--line-strong)', borderRadius: 1.5, p: 2, my: 1 }}>
          <AmountForm
            item={item}
            label="Counted"
            button="Save count"
            least="nothing"
            onAmount={(amount, unit) =>
              act(async () => {
                await send('POST', `/lots/${lot.id}/count`, { amount, unit, note: '' });
                await refresh();
              })
            }
          />
          <Box sx={{ mt: 2 }}>
            <LotFields lotId={lot.id} item={item} />
          </Box>
          {lot.stock === 0 && (
            <Button
              onClick={() =>
                void remove({
                  path: `/lots/${lot.id}`,
                  name: 'The empty lot',
                  version: lot.version,
                }).then(refresh)
              }
            >
              Remove this empty lot
            </Button>
          )}
        </Box>
      )}
    </Box>
  );
}

function Receive({ item }: { item: Item }) {
  const act = useAction();
  const [place, setPlace] = useState('');
  const [expiry, setExpiry] = useState('');
  const late = expiry !== '' && expiry < today();
  return (
    <AmountForm
      item={item}
      label="Delivered"
      button="Put it in the store"
      least="something"
      suggestions={item.packs.map((pack) => writeAmount(pack.amount, pack.unit))}
      onAmount={(amount, unit) =>
        act(async () => {
          isWanted('/items', item.id);
          await send('POST', '/deliveries', {
            lot: {
              ...blankLot(newId(), item.id),
              place,
              expiry: expiry === '' ? null : expiry,
            },
            amount,
            unit,
            note: '',
          });
          await refresh();
          setExpiry('');
        })
      }
    >
      <TextField
        label="Good until"
        type="date"
        value={expiry}
        onChange={(event) => setExpiry(event.target.value)}
        slotProps={{ inputLabel: { shrink: true } }}
        error={late}
        helperText={late ? 'This day has passed: it will be kept, and will not count' : undefined}
      />
      <TextField label="Put on" value={place} onChange={(event) => setPlace(event.target.value)} />
    </AmountForm>
  );
}

export function Lots({ item }: { item: Item }) {
  const { data: lots = [] } = useLots(item.id);
  const mine = firstExpiredFirst(lots, item);
  return (
    <Box component="section" aria-label="In the store" sx={{ mb: 3, maxWidth: 1000 }}>
      {mine.length === 0 && (
        <Typography color="textSecondary">
          {item.kind === 'consumable'
            ? 'None yet: put in what has come.'
            : `None counted here; the card says ${item.owned === null ? 'as many as wanted' : formatAmount(item.owned, 'piece')}.`}
        </Typography>
      )}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {mine.map((lot) => (
          <LotRow key={lot.id} lot={lot} item={item} />
        ))}
      </Box>
      <Receive item={item} />
    </Box>
  );
}
