import TextField from '@mui/material/TextField';
import { useEffect, useState } from 'react';
import { useController } from 'react-hook-form';
import { useSettings } from '../app/data';
import { SETTINGS } from '../../contract/inventory';
import { Gap } from './Gap';

/** Minor units of money as typed in whole ones; NaN where that is no number. */
export const minorOf = (typed: string): number =>
  Math.round(Number(typed.trim().replace(',', '.')) * 100);
const written = (value: unknown): string =>
  typeof value === 'number' ? (value / 100).toFixed(2) : typeof value === 'string' ? value : '';

/** Money as it is typed, in whole units; the form gets minor ones, or what was typed where that is none. */
function useMoneyText(name: string, optional: boolean) {
  const { field, fieldState } = useController({ name });
  const currency = useSettings().data?.currency ?? SETTINGS.currency;
  const value = field.value as number | string | null;
  const [text, setText] = useState(written(value));
  useEffect(() => {
    if (typeof value === 'number' && minorOf(text) !== value) setText(written(value));
    if (value === null && text.trim() !== '') setText('');
  }, [value]);
  const type = (typed: string): void => {
    setText(typed);
    const empty = typed.trim() === '';
    const number = minorOf(typed);
    field.onChange(empty && optional ? null : empty || Number.isNaN(number) ? typed : number);
  };
  return { text, type, currency, fault: fieldState.error?.message, field };
}

export function Price({ name, label }: { name: string; label: string }) {
  const { text, type, currency, fault, field } = useMoneyText(name, false);
  return (
    <TextField
      inputRef={field.ref}
      label={`${label} (${currency})`}
      value={text}
      onChange={(event) => type(event.target.value)}
      onBlur={field.onBlur}
      error={Boolean(fault)}
      helperText={fault ? `${label} ${fault}` : undefined}
      slotProps={{ htmlInput: { inputMode: 'decimal' } }}
    />
  );
}

/** Money in a sentence, which need not be said. */
export function PriceGap({ name, label, unsaid }: { name: string; label: string; unsaid: string }) {
  const { text, type, currency, fault } = useMoneyText(name, true);
  return (
    <>
      <Gap
        label={`${label} (${currency})`}
        placeholder={unsaid}
        least={2}
        value={text}
        onChange={type}
        fault={fault ? `${label} ${fault}` : undefined}
      />
      {text.trim() !== '' && ` ${currency}`}
    </>
  );
}
