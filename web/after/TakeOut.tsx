/** What the show used, to be put right and taken out of the store. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Item } from '../../core/repertoire/item';
import type { Used } from '../../core/kit/takeOut';
import { formatTotal } from '../../core/units/format';
import type { HouseholdSizes } from '../../core/units/household';
import { parseAmount } from '../../core/units/parse';
import { dimensionOf, toBase } from '../../core/units/units';
import { ApiError, send } from '../app/api';
import { queryClient, useSettings, useUsed } from '../app/data';
import { usePreferences } from '../app/preferences';
import { useOpenShow } from '../brief/useShow';
import { useAction } from '../parts/useAction';
import { Section } from '../parts/page';

interface Row {
  used: Used;
  item: Item;
  text: string;
  /** Base units; null when it can't be read. */
  base: number | null;
  fault: string | null;
}

/** A thing, and how much of it was used. */
const columns = {
  display: 'grid',
  gridTemplateColumns: { xs: '1fr 160px', md: '1fr 260px' },
  gap: 2,
  alignItems: 'start',
  borderBottom: '1px solid var(--line)',
  py: 1,
} as const;

function read(text: string, item: Item, sizes?: HouseholdSizes): Pick<Row, 'base' | 'fault'> {
  const kind = dimensionOf(item.unit);
  const parsed = parseAmount(text, { kind, bare: item.unit });
  if (!parsed.ok) return { base: null, fault: parsed.message };
  if (parsed.value.amount < 0) return { base: null, fault: 'must not be negative' };
  return { base: toBase(parsed.value.amount, parsed.value.unit, sizes), fault: null };
}

export function TakeOut() {
  const { show, bundle } = useOpenShow();
  const { data } = useUsed(show.id);
  const system = usePreferences((state) => state.system);
  const sizes = useSettings().data?.household;
  const act = useAction();
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [refused, setRefused] = useState<Record<string, string>>({});
  if (!data || data.used.length === 0) return null;
  const rows = data.used.flatMap((used): Row[] => {
    const item = bundle.items.find((candidate) => candidate.id === used.itemId);
    if (!item) return [];
    const text =
      typed[used.itemId] ?? formatTotal(used.used, dimensionOf(item.unit), 'piece', system);
    const own =
      typed[used.itemId] === undefined ? { base: used.used, fault: null } : read(text, item, sizes);
    return [{ used, item, text, ...own }];
  });
  const wrong = rows.some((row) => row.base === null);
  const refresh = (): Promise<void> =>
    queryClient.invalidateQueries({ queryKey: ['/shows', show.id] });
  const takeOut = (): Promise<boolean> =>
    act(async () => {
      setRefused({});
      try {
        await send('POST', `/shows/${show.id}/take-out`, {
          taken: rows.map((row) => ({ itemId: row.used.itemId, base: row.base })),
        });
      } catch (error) {
        // Each refusal stands beside the thing it is about.
        if (error instanceof ApiError)
          setRefused(
            Object.fromEntries(
              error.fields.flatMap(({ path, message }) => {
                const row = rows[Number(/\d+/.exec(path)?.[0] ?? -1)];
                return row ? [[row.used.itemId, message]] : [];
              }),
            ),
          );
        throw error;
      }
      await refresh();
    });
  if (data.takenOut)
    return (
      <Section title="What was used">
        <Typography>✓ Taken out of the store.</Typography>
        <Button
          onClick={() =>
            void act(async () => {
              await send('POST', `/shows/${show.id}/put-back`);
              await refresh();
            })
          }
        >
          Put it back
        </Button>
      </Section>
    );
  return (
    <Section title="What was used">
      <Typography color="textSecondary">
        By the goes there were. Put right what was more or less, then take it out of the store; what
        comes home never left it.
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, mt: 1, maxWidth: 640 }}>
        {rows.map(({ used, item, text, base, fault }) => {
          const message = fault ?? refused[used.itemId];
          return (
            <Box component="li" key={used.itemId} sx={columns}>
              <Box sx={{ pt: 1 }}>
                {used.name}
                <Typography variant="body2" color="textSecondary">
                  planned {formatTotal(used.planned, dimensionOf(item.unit), 'piece', system)}
                  {base !== null &&
                    item.cold === null &&
                    used.planned > base &&
                    `, ${formatTotal(used.planned - base, dimensionOf(item.unit), 'piece', system)} comes home`}
                </Typography>
              </Box>
              <TextField
                label={`Used of ${used.name}`}
                value={text}
                onChange={(event) => {
                  setTyped({ ...typed, [used.itemId]: event.target.value });
                  setRefused({});
                }}
                error={Boolean(message)}
                helperText={message ? `It ${message}` : undefined}
              />
            </Box>
          );
        })}
      </Box>
      <Button variant="contained" disabled={wrong} onClick={() => void takeOut()} sx={{ mt: 1 }}>
        Take it out of the store
      </Button>
    </Section>
  );
}
