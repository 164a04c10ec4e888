/** Got in another way: borrowed, hired, or bought elsewhere, by a day and at a price. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { blankOrder, ORDER_TERMS, type OrderTerms } from '../../../core/inventory/orders';
import { noHelp } from '../../../core/inventory/placing';
import type { ShoppingLine } from '../../../core/inventory/shoppingLine';
import { BASE_UNIT } from '../../../core/units/units';
import { newId } from '../../app/api';
import { today } from '../../brief/dates';
import { minorOf } from '../../parts/Price';
import { grid } from '../../repertoire/grid';
import { useOrdering } from './useOrders';

const TERMS: Record<OrderTerms, string> = {
  bought: 'bought',
  hired: 'hired',
  borrowed: 'borrowed',
};

interface Props {
  line: ShoppingLine;
  /** Base units that it is for. */
  short: number;
  date: string;
  onDone: () => void;
}

export function LendForm({ line, short, date, onDone }: Props) {
  const { place } = useOrdering();
  const usedUp = line.kind === 'consumable';
  const [terms, setTerms] = useState<OrderTerms>(usedUp ? 'bought' : 'borrowed');
  const [from, setFrom] = useState('');
  const [expected, setExpected] = useState(date);
  const [backBy, setBackBy] = useState(date);
  const [price, setPrice] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const submit = async (): Promise<void> => {
    const paid = price.trim() === '' ? 0 : minorOf(price);
    if (!(paid >= 0)) return setFault('Price must be a number, such as 4.50');
    const order = {
      ...blankOrder(newId(), line.itemId, today()),
      terms,
      amount: short,
      unit: BASE_UNIT[line.dimension],
      price: paid,
      supplier: from.trim(),
      expected,
      backBy: terms === 'bought' || backBy === '' ? null : backBy,
    };
    const wrong = noHelp(order, date, today());
    if (wrong !== null) return setFault(wrong);
    if (await place([order], `${line.name} is ${TERMS[terms]}.`)) onDone();
  };
  return (
    <Box
      component="form"
      aria-label={`${line.name}, got otherwise`}
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
      sx={{ ...grid(140), alignItems: 'start', my: 1 }}
    >
      {!usedUp && (
        <TextField
          select
          label="It is"
          value={terms}
          onChange={(event) => setTerms(event.target.value as OrderTerms)}
        >
          {ORDER_TERMS.map((one) => (
            <MenuItem key={one} value={one}>
              {TERMS[one]}
            </MenuItem>
          ))}
        </TextField>
      )}
      <TextField label="From" value={from} onChange={(event) => setFrom(event.target.value)} />
      <TextField
        type="date"
        label="Comes on"
        value={expected}
        onChange={(event) => setExpected(event.target.value)}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      {terms !== 'bought' && (
        <TextField
          type="date"
          label="Goes back by"
          value={backBy}
          onChange={(event) => setBackBy(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
        />
      )}
      <TextField
        label="Price"
        value={price}
        error={fault !== null}
        helperText={fault ?? undefined}
        onChange={(event) => {
          setPrice(event.target.value);
          setFault(null);
        }}
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="outlined">
          Keep
        </Button>
        <Button onClick={onDone}>Not now</Button>
      </Box>
    </Box>
  );
}
