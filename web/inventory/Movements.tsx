import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Item } from '../../core/repertoire/item';
import type { Move } from '../../core/inventory/types';
import { formatTotal } from '../../core/units/format';
import { dimensionOf } from '../../core/units/units';
import { send } from '../app/api';
import { queryClient, useMovements, useShows } from '../app/data';
import { usePreferences } from '../app/preferences';
import { whenOf } from '../brief/dates';
import { useAction } from '../parts/useAction';
import { Section } from '../parts/page';

const WORDS: Record<Move, string> = {
  received: 'came in',
  counted: 'counted',
  taken: 'taken out',
  reversed: 'taken back',
};

/** Every time it became more or less, the newest first; each can be taken back. */
export function Movements({ item }: { item: Item }) {
  const { data: movements = [] } = useMovements(item.id);
  const { data: shows = [] } = useShows();
  const system = usePreferences((state) => state.system);
  const act = useAction();
  if (movements.length === 0) return null;
  const dimension = dimensionOf(item.unit);
  const undone = new Set(movements.map((movement) => movement.reverses));
  return (
    <Section title="What happened to it">
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {movements.map(({ id, at, kind, change, showId, note }) => (
          <Box
            component="li"
            key={id}
            sx={{
              display: 'flex',
              gap: 2,
              alignItems: 'center',
              flexWrap: 'wrap',
              borderBottom: '1px solid var(--line)',
              minHeight: 44,
            }}
          >
            <Box sx={{ width: 130, color: 'var(--muted)', fontSize: 14 }}>{whenOf(at)}</Box>
            <Box component="b" sx={{ width: 100, fontFamily: 'Bricolage' }}>
              {change < 0 ? '−' : '+'}
              {formatTotal(Math.abs(change), dimension, item.unit, system)}
            </Box>
            <Box
              sx={{ flex: '1 1 160px', textDecoration: undone.has(id) ? 'line-through' : 'none' }}
            >
              {[WORDS[kind], shows.find((show) => show.id === showId)?.title, note]
                .filter(Boolean)
                .join(' · ')}
            </Box>
            {!undone.has(id) && (
              <Button
                size="small"
                onClick={() =>
                  void act(async () => {
                    await send('POST', `/movements/${id}/reverse`);
                    await queryClient.invalidateQueries({ queryKey: ['/lots'] });
                  })
                }
              >
                Take back
              </Button>
            )}
          </Box>
        ))}
      </Box>
    </Section>
  );
}
