/** What there is of an item today, as the first thing that is read. */
import Box from '@mui/material/Box';
import { stockLine } from '../../core/inventory/stockLine';
import type { Item } from '../../core/repertoire/item';
import { useLots } from '../app/data';
import { usePreferences } from '../app/preferences';
import { dayWords, today } from '../brief/dates';

export function StockHead({ item }: { item: Item }) {
  const { data: lots } = useLots(item.id);
  const system = usePreferences((state) => state.system);
  if (!lots) return null;
  const { text, until, places, warnings } = stockLine(item, lots, today(), system);
  const facts = [places, until === null ? '' : `good until ${dayWords(until)}`].filter(Boolean);
  return (
    <Box component="section" aria-label="In the store today" sx={{ mb: 1 }}>
      <Box sx={{ font: '800 40px/46px Bricolage', letterSpacing: '-0.5px' }}>
        {text}
        {warnings.length > 0 && (
          <Box component="span" sx={{ color: 'var(--ember)' }}>
            : {warnings.join(', ')}
          </Box>
        )}
      </Box>
      {facts.length > 0 && (
        <Box sx={{ fontSize: 16, color: 'var(--muted)' }}>{facts.join(' · ')}</Box>
      )}
    </Box>
  );
}
