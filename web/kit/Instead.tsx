/** What is missing is taken instead of, for this show; and taken back. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { KitEntry } from '../../core/kit/kit';
import { useMay } from '../app/me';
import type { OpenShow } from '../brief/useShow';
import { useSwaps } from './useSwaps';

interface Props {
  open: Pick<OpenShow, 'show' | 'store'>;
  entry: Pick<KitEntry, 'itemId' | 'name' | 'instead'>;
  onDone?: () => void;
}

export function Instead({ open, entry, onDone }: Props) {
  const swaps = useSwaps(open)(entry);
  const mayChange = useMay('presenter');
  if (swaps.length === 0) return null;
  // Who helps is told, and asks.
  if (!mayChange)
    return (
      <Box sx={{ color: 'var(--muted)' }}>{swaps.map(({ label }) => `${label}.`).join(' ')}</Box>
    );
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      {swaps.map(({ key, label, press }) => (
        <Button
          key={key}
          size="small"
          onClick={() => {
            press();
            onDone?.();
          }}
        >
          {label}
        </Button>
      ))}
    </Box>
  );
}
