/** Where a demonstration was taken from, and what the library has changed of it since. */
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import { Link } from 'react-router';
import { takeOver, type Wanted } from '../../core/library/takeOver';
import { changedSince } from '../../core/repertoire/origin';
import type { Item } from '../../core/repertoire/item';
import type { Demo } from '../../core/repertoire/types';
import { newId, send } from '../app/api';
import { useItemNames, useLibrary } from '../app/data';
import { useMay } from '../app/me';
import { useAction } from '../parts/useAction';

interface OriginProps {
  demo: Demo;
  /** Undoable like anything typed. */
  onChange: (demo: Demo) => void;
}

/** Things first: a demonstration never names what the store doesn’t have. */
async function withItems(items: readonly Item[]): Promise<void> {
  for (const item of items) await send('POST', '/items', item);
}

export function LibraryChanged({ demo, onChange }: OriginProps) {
  const { data: library } = useLibrary(demo.origin !== null);
  const { data: own } = useItemNames();
  const [without, setWithout] = useState<ReadonlySet<string>>(new Set());
  const mayChange = useMay('presenter');
  const act = useAction();
  const theirs = library?.demos.find(({ id }) => id === demo.origin?.demoId);
  const change = demo.origin && changedSince(demo.origin, theirs);
  if (!change || !theirs || !library || !own || !mayChange) return null;
  const mine = new Set(demo.methods.map(({ id }) => id));
  const parts = [
    ...(change.words ? [{ key: 'words', label: 'What it is called and shows' }] : []),
    ...change.methods.map(({ id, name }) => ({
      key: id,
      label: mine.has(id) ? `The method “${name}”` : `A method that is new: “${name}”`,
    })),
  ];
  const toggle = (key: string): void =>
    setWithout((now) => {
      const next = new Set(now);
      if (!next.delete(key)) next.add(key);
      return next;
    });
  const take = (wanted: Wanted): void =>
    void act(async () => {
      const { demo: to, items } = takeOver(demo, theirs, library.items, wanted, {
        items: own,
        // Removed things keep their ids: new ones are as good.
        isTaken: () => true,
        newId,
      });
      await withItems(items);
      onChange(to);
    });
  const wanted = parts.map(({ key }) => key).filter((key) => !without.has(key));
  return (
    <Alert severity="info" variant="outlined" icon={false} sx={{ my: 1 }}>
      <Box component="b">The library has changed this since you took it.</Box>{' '}
      <Link to={`/demos/library/${theirs.id}`}>Read the library’s</Link>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {parts.map(({ key, label }) => (
          <li key={key}>
            <FormControlLabel
              label={label}
              control={<Checkbox checked={!without.has(key)} onChange={() => toggle(key)} />}
            />
          </li>
        ))}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button
          variant="outlined"
          disabled={wanted.length === 0}
          onClick={() =>
            take({
              words: wanted.includes('words'),
              methodIds: wanted.filter((key) => key !== 'words'),
            })
          }
        >
          Take these over mine
        </Button>
        <Button onClick={() => take({ words: false, methodIds: [] })}>Keep mine as it is</Button>
      </Box>
    </Alert>
  );
}

/** “from the library” with the way there, or “ours”. */
export const WhereFrom = ({ demo: { origin } }: { demo: Pick<Demo, 'origin'> }) =>
  origin ? (
    <>
      from the <Link to={`/demos/library/${origin.demoId}`}>library</Link>
    </>
  ) : (
    'ours'
  );
