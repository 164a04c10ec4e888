/** Records that can't be read, each with its way out. */
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import type { DamagedRecord } from '../../contract/house';
import { send } from '../app/api';
import { queryClient } from '../app/data';
import { Section } from '../parts/page';
import { useSayUndoable } from '../parts/undoable';
import { useAction } from '../parts/useAction';

const PATH = '/damaged';
/** Where one that was removed is brought back; the settings are always there. */
const LISTS: Record<Exclude<DamagedRecord['kind'], 'settings'>, string> = {
  show: '/shows',
  demo: '/demos',
  item: '/items',
  venue: '/venues',
  person: '/people',
  followUp: '/follow-ups',
  box: '/boxes',
  lot: '/lots',
  trial: '/trials',
  template: '/templates',
  order: '/orders',
};

export function DamagedRecords() {
  const { data: damaged = [] } = useQuery({
    queryKey: [PATH],
    queryFn: () => send<DamagedRecord[]>('GET', PATH),
    staleTime: 0,
  });
  const act = useAction();
  const undoable = useSayUndoable();
  if (damaged.length === 0) return null;
  const remove = ({ kind, id, name }: DamagedRecord): Promise<boolean> =>
    act(async () => {
      await send('DELETE', `${PATH}/${kind}/${id}`);
      await queryClient.invalidateQueries();
      if (kind === 'settings') return;
      undoable(
        `${name} removed`,
        () =>
          void act(async () => {
            // It is brought back as it was, and still can't be read.
            await send('POST', `${LISTS[kind]}/${id}/restore`).catch(() => undefined);
            await queryClient.invalidateQueries();
          }),
      );
    });
  return (
    <Section title="What can’t be read">
      <Alert severity="error" variant="outlined" icon={false} sx={{ maxWidth: 860 }}>
        △ These records are damaged. Everything else goes on without them; a show that uses one is
        no go, and nothing of it is printed. Remove them, or restore a backup from before they were
        damaged.
      </Alert>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, mb: 4, p: 0, maxWidth: 860 }}>
        {damaged.map((record) => (
          <Box
            component="li"
            key={`${record.kind}/${record.id}`}
            sx={{
              display: 'flex',
              alignItems: 'center',
              gap: 2,
              borderBottom: '1px solid var(--line)',
              py: 0.5,
            }}
          >
            <Box sx={{ flex: 1 }}>
              <b>{record.name}</b> ·{' '}
              {record.kind === 'settings' ? 'settings; the usual ones count instead' : record.noun}
            </Box>
            {record.kind === 'settings' ? (
              <Button onClick={() => void remove(record)}>Keep the usual</Button>
            ) : (
              <Button onClick={() => void remove(record)} aria-label={`Remove ${record.name}`}>
                Remove
              </Button>
            )}
          </Box>
        ))}
      </Box>
    </Section>
  );
}
