/** What shows take instead of something: not bought for them, until it is taken back. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { ShoppingList } from '../../../core/inventory/shopping';
import { lowerFirst } from '../../../core/words';
import { dayWords } from '../../brief/dates';
import { Section } from '../../parts/page';
import { lineRow } from './lineRow';
import { useOrdering } from './useOrders';

export function InsteadOf({ list: { instead } }: { list: Pick<ShoppingList, 'instead'> }) {
  const { swap } = useOrdering();
  if (instead.length === 0) return null;
  return (
    <Section title="Instead">
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {instead.map(({ showId, title, date, itemId, by, name, byName }) => (
          <Box component="li" key={`${showId} ${itemId}`} sx={lineRow}>
            <Box sx={{ flex: '1 1 240px', minWidth: 0 }}>
              <b>
                <Link to={`/store/items/${by}`}>{byName}</Link>
              </b>{' '}
              instead of {lowerFirst(name)}{' '}
              <Box component="span" sx={{ color: 'var(--muted)' }}>
                at {title}, {dayWords(date)}
              </Box>
            </Box>
            <Button
              size="small"
              aria-label={`${title}: ${name} after all`}
              onClick={() =>
                void swap(
                  showId,
                  { itemId: by, by: itemId },
                  `${title} takes ${lowerFirst(name)} again.`,
                )
              }
            >
              Not after all
            </Button>
          </Box>
        ))}
      </Box>
    </Section>
  );
}
