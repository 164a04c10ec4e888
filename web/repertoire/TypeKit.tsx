/** Kit typed as it is said: “2 × drinks can, 12 mL water a go, tongs”. What the store has is found; the rest is put in. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import TextField from '@mui/material/TextField';
import { useMemo, useState } from 'react';
import { useFormContext } from 'react-hook-form';
import type { ItemName } from '../../contract/api';
import { blankItem, blankLine } from '../../core/repertoire/blank';
import { plainName } from '../../core/repertoire/plainName';
import type { Item } from '../../core/repertoire/item';
import type { KitLine } from '../../core/repertoire/types';
import { readNeeds, type ThingSaid } from '../../core/told/things';
import { formatAmount } from '../../core/units/format';
import { counted, lowerFirst } from '../../core/words';
import { newId, send } from '../app/api';
import { queryClient } from '../app/data';
import { useAction } from '../parts/useAction';
import { basisWords, ITEM_KIND } from '../parts/words';

interface TypeKitProps {
  /** Of the list of lines in the form. */
  name: string;
  items: readonly ItemName[];
}

/** Chosen for a name that may mean something of the store; “new” for something else. */
type Meant = Readonly<Record<string, string>>;
const NEW_THING = 'new';

const keyOf = (thing: ThingSaid): string => plainName(thing.name);

const meantBy = (thing: ThingSaid, meant: Meant): string | null => {
  const chosen = meant[keyOf(thing)];
  if (chosen !== undefined && chosen !== NEW_THING) return chosen;
  return thing.itemId;
};

const isOpen = (thing: ThingSaid, meant: Meant): boolean =>
  thing.itemId === null && thing.maybe.length > 0 && meant[keyOf(thing)] === undefined;

/** Things are put into the store one by one, the same name once. */
async function linesOf(things: readonly ThingSaid[], meant: Meant): Promise<KitLine[]> {
  const made = new Map<string, string>();
  const lines: KitLine[] = [];
  for (const thing of things) {
    let itemId = meantBy(thing, meant) ?? made.get(keyOf(thing)) ?? null;
    if (itemId === null) {
      const item = { ...blankItem(newId(), thing.name, thing.kind), unit: thing.unit };
      const added = await send<Item>('POST', '/items', item);
      queryClient.setQueryData<ItemName[]>(['/items'], (known) => [
        ...(known ?? []),
        added as unknown as ItemName,
      ]);
      itemId = added.id;
      made.set(keyOf(thing), itemId);
    }
    const { amount, unit, basis, groupOf, note } = thing;
    lines.push({ ...blankLine(newId(), itemId), amount, unit, basis, groupOf, note });
  }
  return lines;
}

export function TypeKit({ name, items }: TypeKitProps) {
  const { getValues, setValue } = useFormContext();
  const [text, setText] = useState('');
  const [meant, setMeant] = useState<Meant>({});
  const [busy, setBusy] = useState(false);
  const act = useAction();
  const things = useMemo(() => readNeeds(text, items), [text, items]);
  const open = things.some((thing) => isOpen(thing, meant));
  const add = (): void => {
    if (things.length === 0 || open || busy) return;
    setBusy(true);
    void act(async () => {
      const lines = await linesOf(things, meant);
      setValue(name, [...(getValues(name) as KitLine[]), ...lines], {
        shouldDirty: true,
        shouldValidate: true,
      });
      setText('');
      setMeant({});
    }).finally(() => setBusy(false));
  };
  return (
    <Box sx={{ display: 'grid', gap: 1, mt: 1.5, mb: 2 }}>
      <TextField
        size="small"
        label="Type what it takes"
        placeholder="2 × drinks can, 12 mL water a go, tongs"
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return;
          event.preventDefault();
          add();
        }}
        helperText="Amount, thing, then a go, a show or each volunteer; Enter adds it"
      />
      <Box component="ul" aria-label="Understood" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {things.map((thing, i) => {
          const id = meantBy(thing, meant);
          const item = items.find((one) => one.id === id);
          return (
            <Box component="li" key={`${i} ${thing.name}`} sx={{ fontSize: 14, py: 0.25 }}>
              <b>{formatAmount(thing.amount, thing.unit)}</b> {item?.name ?? thing.name}{' '}
              <Box component="span" sx={{ color: 'var(--muted)' }}>
                {basisWords(thing)}
                {!item &&
                  !isOpen(thing, meant) &&
                  ` · new in the store, ${lowerFirst(ITEM_KIND[thing.kind])}`}
                {thing.note && ` · ${thing.note}`}
              </Box>
              {isOpen(thing, meant) && (
                <Box sx={{ color: 'var(--ember)' }}>
                  Is it{' '}
                  {[
                    ...thing.maybe.slice(0, 3).map((one) => ({ id: one.id, label: one.name })),
                    { id: NEW_THING, label: `something new, “${thing.name}”` },
                  ].map((one, n) => (
                    <span key={one.id}>
                      {n > 0 && ' or '}
                      <ButtonBase
                        onClick={() => setMeant({ ...meant, [keyOf(thing)]: one.id })}
                        sx={{ font: 'inherit', textDecoration: 'underline', minHeight: 24 }}
                      >
                        {one.label}
                      </ButtonBase>
                    </span>
                  ))}
                  ?
                </Box>
              )}
            </Box>
          );
        })}
      </Box>
      {things.length > 0 && (
        <Button
          size="small"
          variant="outlined"
          disabled={open || busy}
          onClick={add}
          sx={{ justifySelf: 'start' }}
        >
          Add {counted(things.length, 'line')}
        </Button>
      )}
    </Box>
  );
}
