/** Tables that came in; each is taken back whole by one press. */
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useQuery } from '@tanstack/react-query';
import dayjs from 'dayjs';
import { useState } from 'react';
import type { TableImport, TakenBack } from '../../../contract/imports';
import { counted } from '../../../core/words';
import { send } from '../../app/api';
import { queryClient } from '../../app/data';
import { Section } from '../../parts/page';
import { useAction } from '../../parts/useAction';

/** How often it is asked how far one is, in ms. */
const ASKED_EVERY = 400;

export const useImports = (often: boolean) =>
  useQuery({
    queryKey: ['/store/imports'],
    queryFn: () => send<TableImport[]>('GET', '/store/imports'),
    refetchInterval: often ? ASKED_EVERY : false,
  });

/** Takes one back, and says what came of it; null while nothing was. */
export function useTakeBack(): {
  told: TakenBack | null;
  going: string | null;
  takeBack: (id: string) => Promise<void>;
} {
  const act = useAction();
  const [told, setTold] = useState<TakenBack | null>(null);
  const [going, setGoing] = useState<string | null>(null);
  return {
    told,
    going,
    takeBack: async (id) => {
      setGoing(id);
      await act(async () => {
        setTold(await send<TakenBack>('POST', `/store/imports/${id}/back`));
        await queryClient.invalidateQueries();
      });
      setGoing(null);
    },
  };
}

/** How far a table is that comes in, and an end to it. */
export function Coming({ id, onStop }: { id: string; onStop: () => void }) {
  const { data = [] } = useImports(true);
  const table = data.find((one) => one.id === id);
  return (
    <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', my: 2 }}>
      <Box sx={{ flex: '1 1 240px' }}>
        <LinearProgress
          aria-label="How far it is"
          {...(table && table.items > 0
            ? { variant: 'determinate', value: (100 * table.came) / table.items }
            : {})}
        />
        {table
          ? `${table.came} of ${counted(table.items, 'item')} are in`
          : 'Every row is looked at once more'}
      </Box>
      <Button disabled={!table} onClick={onStop}>
        Stop, and take it back
      </Button>
    </Box>
  );
}

export function Told({ told }: { told: TakenBack }) {
  const { items, lots, stays } = told;
  return (
    <Alert severity={stays.length > 0 ? 'warning' : 'success'} variant="outlined" sx={{ my: 2 }}>
      Taken back: {counted(items, 'item')}, {counted(lots, 'lot')}.
      {stays.length > 0 && ' What has changed since stays:'}
      {stays.slice(0, 20).map(({ name, why }) => (
        <div key={`${name}/${why}`}>
          <b>{name}</b>: {why}
        </div>
      ))}
      {stays.length > 20 && <div>and {stays.length - 20} more</div>}
    </Alert>
  );
}

const stateOf = ({ back, busy, whole, came, items }: TableImport): string =>
  back !== null
    ? `taken back on ${dayjs(back).format('D MMM YYYY')}`
    : busy
      ? 'under way'
      : whole
        ? ''
        : `stopped at ${came} of ${items}`;

export function CameIn() {
  const { data = [] } = useImports(false);
  const { told, going, takeBack } = useTakeBack();
  if (data.length === 0) return null;
  return (
    <Section title="Tables that came in">
      {told && <Told told={told} />}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {data.map((table) => (
          <Box
            component="li"
            key={table.id}
            sx={{
              display: 'flex',
              gap: 1.5,
              alignItems: 'center',
              flexWrap: 'wrap',
              minHeight: 48,
              borderBottom: '1px solid var(--line)',
              color: table.back === null ? undefined : 'var(--muted)',
            }}
          >
            <Box sx={{ flex: '1 1 280px' }}>
              <b>{table.name}</b>, {dayjs(table.at).format('D MMM YYYY, HH:mm')}
              <Box component="span" sx={{ color: 'var(--muted)' }}>
                {' '}
                · {counted(table.items, 'item')}, {counted(table.lots, 'lot')}
                {stateOf(table) && ` · ${stateOf(table)}`}
              </Box>
            </Box>
            {table.back === null && (
              <Button
                size="small"
                disabled={going !== null}
                onClick={() => void takeBack(table.id)}
                aria-label={`Take ${table.name} back`}
              >
                {going === table.id ? 'Taking it back …' : 'Take it back'}
              </Button>
            )}
          </Box>
        ))}
      </Box>
    </Section>
  );
}
