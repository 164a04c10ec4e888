import TextField from '@mui/material/TextField';
import { useEffect, useState } from 'react';
import { useController } from 'react-hook-form';
import { useSettings } from '../app/data';
import { SETTINGS } from '../../contract/inventory';

/** Money, typed in whole units and kept in minor ones. */
export function Price({ name, label }: { name: string; label: string }) {
  const { field, fieldState } = useController({ name });
  const currency = useSettings().data?.currency ?? SETTINGS.currency;
  const value = field.value as number | string;
  const minor = (typed: string): number => Math.round(Number(typed.trim().replace(',', '.')) * 100);
  const [text, setText] = useState(typeof value === 'number' ? (value / 100).toFixed(2) : value);
  useEffect(() => {
    if (typeof value === 'number' && minor(text) !== value) setText((value / 100).toFixed(2));
  }, [value]);
  const fault = fieldState.error?.message;
  return (
    <TextField
      inputRef={field.ref}
      label={`${label} (${currency})`}
      value={text}
      onChange={(event) => {
        const typed = event.target.value;
        setText(typed);
        const number = minor(typed);
        field.onChange(typed.trim() === '' || Number.isNaN(number) ? typed : number);
      }}
      onBlur={field.onBlur}
      error={Boolean(fault)}
      helperText={fault ? `${label} ${fault}` : undefined}
      slotProps={{ htmlInput: { inputMode: 'decimal' } }}
    />
  );
}
