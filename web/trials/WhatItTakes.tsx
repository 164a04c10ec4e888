import Box from '@mui/material/Box';
import { costOf, type Taking, takingOf, type Wanted } from '../../core/inventory/taking';
import { boughtWords } from '../../core/inventory/shopping';
import { formatAmount, formatTotal } from '../../core/units/format';
import { dimensionOf } from '../../core/units/units';
import { listInWords } from '../../core/words';
import { SETTINGS } from '../../contract/inventory';
import { useSettings } from '../app/data';
import { today } from '../brief/dates';
import { useMoney } from '../parts/money';
import type { OpenTrial } from './useTrial';

interface Props {
  open: Pick<OpenTrial, 'items' | 'lots'>;
  wanted: readonly (Wanted & { sum: string })[];
}

/** “63 g in the store: get 21 g, 3 × 7 g” */
function storeWords({ item, there, missing, packs }: Taking): string {
  const dimension = dimensionOf(item.unit);
  const amount = (base: number): string => formatTotal(base, dimension, item.unit);
  if (there === null) return '';
  if (missing === 0) return `${amount(there)} in the store: enough`;
  const bought = packs.flatMap(({ id, count }) => {
    const pack = item.packs.find((one) => one.id === id);
    return pack ? [boughtWords({ pack, count })] : [];
  });
  const how = bought.length > 0 ? `, ${listInWords(bought)}` : '';
  return `${there > 0 ? `${amount(there)} in the store` : 'None in the store'}: get ${amount(missing)}${how}`;
}

/** What is used up, line by line, against what is in the store, and what it costs. */
export function WhatItTakes({ open: { items, lots }, wanted }: Props) {
  const { household: sizes } = useSettings().data ?? SETTINGS;
  const money = useMoney();
  const taking = takingOf(wanted, { items, lots, sizes, day: today() });
  const { worth, toBuy, unknown } = costOf(taking);
  return (
    <>
      {wanted.map(({ itemId, unit, amount, sum }) => {
        const found = taking.find(({ item }) => item.id === itemId);
        const store = found ? storeWords(found) : '';
        return (
          <Box key={itemId} sx={{ borderTop: '1px solid var(--line)', py: 0.75, fontSize: 14 }}>
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
              <Box sx={{ flex: 1 }}>{items.find(({ id }) => id === itemId)?.name ?? '…'}</Box>
              <Box sx={{ color: 'var(--muted)' }}>{sum}</Box>
              <Box sx={{ font: '700 15px/20px Bricolage', minWidth: 64, textAlign: 'right' }}>
                {formatAmount(amount, unit)}
              </Box>
            </Box>
            {store && (
              <Box
                sx={{
                  fontSize: 13,
                  color: found && found.missing > 0 ? 'var(--ember)' : 'var(--muted)',
                }}
              >
                {found && found.missing > 0 ? '△ ' : ''}
                {store}
              </Box>
            )}
          </Box>
        );
      })}
      {taking.length > 0 && (
        <Box sx={{ borderTop: '1px solid var(--line)', py: 0.75, fontSize: 14 }}>
          {worth > 0 && (
            <>
              It uses up <b>{money(Math.round(worth))}</b>
              {toBuy > 0 && `; to buy, ${money(toBuy)}`}.{' '}
            </>
          )}
          {unknown.length > 0 && (
            <Box component="span" sx={{ color: 'var(--muted)' }}>
              No price is known of {listInWords(unknown.map(({ name }) => name))}.
            </Box>
          )}
        </Box>
      )}
    </>
  );
}
