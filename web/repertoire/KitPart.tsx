/** The kit of a method: what it takes, in amounts as people write them. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useController, useFormContext, useWatch } from 'react-hook-form';
import { strengthText } from '../../core/kit/strength';
import type { ItemName } from '../../contract/api';
import type { KitBasis, KitLine, Method } from '../../core/repertoire/types';
import { MAKE } from '../parts/make';
import { AmountField } from '../parts/AmountField';
import { EditInPlace } from '../parts/EditInPlace';
import { Choice, Figure, Find, Words, YesNoField } from '../parts/form';
import { Pick } from '../parts/Pick';
import { useAmountText } from '../parts/useAmountText';
import { StrengthFields } from '../parts/StrengthFields';
import { BASIS, basisWords, options } from '../parts/words';
import { freshLine } from './fresh';
import { InsteadRows } from './InsteadRows';
import { KitTable } from './KitTable';
import { grid } from './grid';
import { Heading, line, list, Nothing, type PartProps } from './partLayout';
import { Rows } from './Rows';
import { TypeKit } from './TypeKit';

/** How many share one, until somebody says. */
const USUAL_GROUP = 4;

const KINDS = ['volume', 'mass', 'count', 'length'] as const;

/** Those who share it are asked for where it is counted by the group, and only there. */
function BasisField({ row }: { row: string }) {
  const { field } = useController({ name: `${row}.basis` });
  const { setValue } = useFormContext();
  return (
    <Pick
      label="Needed"
      value={field.value as KitBasis}
      options={options(BASIS)}
      onChange={(basis) => {
        setValue(`${row}.groupOf`, basis === 'perGroup' ? USUAL_GROUP : null);
        field.onChange(basis);
      }}
    />
  );
}

interface LineFieldsProps {
  row: string;
  method: Method;
  items: readonly ItemName[];
  /** Cold liquids that the method draws from, so that what goes into them matters. */
  colds: readonly ItemName[];
}

function LineFields({ row, method, items, colds }: LineFieldsProps) {
  const line = useWatch({ name: row }) as KitLine | undefined;
  const [more, setMore] = useState(false);
  if (!line) return null;
  const item = items.find((candidate) => candidate.id === line.itemId);
  const choices = items.map(({ id, name }) => ({ value: id, label: name }));
  const open = more || line.instead.length > 0 || line.strength !== null || line.chilled;
  return (
    <Box sx={{ gridColumn: '1 / -1', display: 'grid', gap: 1.5 }}>
      <Find name={`${row}.itemId`} label="Item" options={choices} make={MAKE.thing} />
      <Box sx={grid(105)}>
        <AmountField at={row} label="Amount" kinds={KINDS} like={item} />
        <Figure name={`${row}.most`} label="Up to" optional />
        <BasisField row={row} />
        {line.basis === 'perGroup' && <Figure name={`${row}.groupOf`} label="For every" />}
      </Box>
      {!open && (
        <Button size="small" sx={{ justifySelf: 'start' }} onClick={() => setMore(true)}>
          Note, or what will do instead
        </Button>
      )}
      {(open || line.note !== '') && <Words name={`${row}.note`} label="Note" />}
      {open && (
        <>
          <InsteadRows row={row} line={line} choices={choices} method={method} />
          {item?.kind === 'consumable' && item.cold === null && (
            <StrengthFields name={`${row}.strength`} label="Wanted strength" />
          )}
          {colds.length > 0 && item?.cold === null && (
            <YesNoField name={`${row}.chilled`} label="Goes warm into the cold liquid" />
          )}
          {colds.length > 1 && line.chilled && (
            <Choice
              name={`${row}.chilledIn`}
              label="Into which"
              none={colds[0]?.name ?? ''}
              options={colds.slice(1).map(({ id, name }) => ({ value: id, label: name }))}
            />
          )}
        </>
      )}
    </Box>
  );
}

export function KitPart({ at, method, items }: PartProps & { items: readonly ItemName[] }) {
  const nameOf = (id: string): string => items.find((item) => item.id === id)?.name ?? 'no item';
  const amountText = useAmountText();
  const colds = method.kit.flatMap((entry) =>
    items.filter((item) => item.id === entry.itemId && item.cold !== null),
  );
  return (
    <EditInPlace
      what="the kit"
      part="kit"
      names={[`${at}.kit`]}
      read={
        <>
          <Heading>Kit</Heading>
          {method.kit.length === 0 && <Nothing>Nothing listed yet.</Nothing>}
          <Box component="ul" sx={list}>
            {method.kit.map((entry) => (
              <Box component="li" key={entry.id} sx={line}>
                <b>
                  {amountText(entry.amount, entry.unit)}
                  {entry.most !== null && ` to ${amountText(entry.most, entry.unit)}`}
                </b>{' '}
                {nameOf(entry.itemId)}
                <Typography variant="body2" component="span" color="textSecondary">
                  {entry.basis === 'perShow' ? '' : ` ${basisWords(entry)}`}
                  {entry.strength && ` · at ${strengthText(entry.strength)}`}
                  {entry.chilled && ' · cooled down'}
                  {entry.note && ` · ${entry.note}`}
                  {entry.instead.length > 0 &&
                    ` · or ${entry.instead.map(({ itemId }) => nameOf(itemId)).join(', ')}`}
                </Typography>
              </Box>
            ))}
          </Box>
        </>
      }
      edit={
        <>
          <Heading>Kit</Heading>
          <TypeKit name={`${at}.kit`} items={items} />
          <Rows
            name={`${at}.kit`}
            add="Add a kit line"
            fresh={() => freshLine('')}
            row={(row) => <LineFields row={row} method={method} items={items} colds={colds} />}
          />
          <KitTable name={`${at}.kit`} items={items} />
        </>
      }
    />
  );
}
