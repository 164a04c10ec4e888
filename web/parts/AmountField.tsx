/** Amounts typed as people write them: “1½ cups”, “8 drops”. The form gets figures, or keeps the text as a fault. */
import TextField from '@mui/material/TextField';
import { useEffect, useState } from 'react';
import { useController, useFormContext, useWatch } from 'react-hook-form';
import { convertible } from '../../core/inventory/convert';
import { formatTotal, readableUnit, writeAmount } from '../../core/units/format';
import { kindInWords, parseAmount } from '../../core/units/parse';
import {
  BASE_UNIT,
  type Dimension,
  UNITS,
  type UnitId,
  dimensionOf,
  fromBase,
  isApproximate,
  toBase,
} from '../../core/units/units';
import { useSettings } from '../app/data';
import { usePreferences } from '../app/preferences';

interface AmountFieldProps {
  /** Name of the part that holds `amount` and `unit`. */
  at: string;
  /** Name of the number, where it is not `amount`. */
  part?: string;
  label: string;
  /** Kinds that will do; all when left out. */
  kinds?: readonly Dimension[];
  /** Said when the unit is of another kind than this, which only the form knows of. */
  like?:
    { unit: UnitId; name: string; density: number | null; gramsEach: number | null } | undefined;
}

const unlike = (unit: UnitId, like: NonNullable<AmountFieldProps['like']>): boolean =>
  !convertible(dimensionOf(unit), dimensionOf(like.unit), like);

export function AmountField({ at, part = 'amount', label, kinds, like }: AmountFieldProps) {
  const { setValue } = useFormContext();
  const { field, fieldState } = useController({ name: `${at}.${part}` });
  const unit = useWatch({ name: `${at}.unit` }) as UnitId;
  const sizes = useSettings().data?.household;
  const system = usePreferences((state) => state.system);
  const amount = field.value as number | string;
  const written = typeof amount === 'number' ? writeAmount(amount, unit) : String(amount ?? '');
  const [text, setText] = useState(written);
  const [wrong, setWrong] = useState<string | null>(null);
  // Undo, or another page, changed it: the field follows.
  useEffect(() => {
    const shown = parseAmount(text, { bare: unit });
    if (typeof amount !== 'number') return;
    if (!shown.ok || shown.value.amount !== amount || shown.value.unit !== unit) {
      setText(writeAmount(amount, unit));
      setWrong(null);
    }
  }, [amount, unit]);
  // A number alone keeps the unit that is there, unless the thing is not counted so.
  const bare = like && unlike(unit, like) ? like.unit : unit;
  const type = (typed: string): void => {
    setText(typed);
    const read = parseAmount(typed, { bare });
    const message = !read.ok
      ? read.message
      : kinds && !kinds.includes(dimensionOf(read.value.unit))
        ? `must be ${kinds.map(kindInWords).join(', or ')}`
        : null;
    setWrong(message);
    if (read.ok && message === null) setValue(`${at}.unit`, read.value.unit);
    field.onChange(read.ok && message === null ? read.value.amount : typed);
  };
  const fault =
    wrong ??
    fieldState.error?.message ??
    (like && unlike(unit, like)
      ? `must be ${kindInWords(dimensionOf(like.unit))}: ${like.name} is counted so in the store`
      : null);
  const known = typeof amount === 'number' && Number.isFinite(amount);
  const dimension = dimensionOf(unit);
  const metric: readonly UnitId[] = ['mL', 'L', 'g', 'kg', 'piece'];
  const help =
    known && dimension !== 'count' && !(system === 'metric' && metric.includes(unit))
      ? `${isApproximate(unit) ? 'about' : '='} ${formatTotal(toBase(amount, unit, sizes), dimension, unit, system)}`
      : undefined;
  return (
    <TextField
      inputRef={field.ref}
      label={label}
      value={text}
      onChange={(event) => type(event.target.value)}
      onBlur={() => {
        // With its unit in sight, a number typed alone hides nothing.
        if (typeof amount === 'number') setText(writeAmount(amount, unit));
        field.onBlur();
      }}
      error={Boolean(fault)}
      helperText={fault ? `${label} ${fault}` : help}
    />
  );
}

interface BaseAmountFieldProps {
  name: string;
  label: string;
  kind: Dimension;
  /** The unit of a number that stands alone; the base unit when left out. */
  bare?: UnitId;
  help?: string;
  /** An emptied field means “not known”. */
  optional?: boolean;
}

/** The same for a number that is kept in the base unit of one kind. */
export function BaseAmountField({
  name,
  label,
  kind,
  bare = BASE_UNIT[kind],
  help,
  optional,
}: BaseAmountFieldProps) {
  const { field, fieldState } = useController({ name });
  const system = usePreferences((state) => state.system);
  const sizes = useSettings().data?.household;
  const value = field.value as number | string | null | undefined;
  const write = (base: number): string => {
    const unit = readableUnit(base, kind, system);
    return writeAmount(Number(fromBase(base, unit).toPrecision(6)), unit);
  };
  const read = (typed: string) => parseAmount(typed, { kind, bare });
  const baseOf = (typed: string): number | null => {
    const parsed = read(typed);
    return parsed.ok ? toBase(parsed.value.amount, parsed.value.unit, sizes) : null;
  };
  const [text, setText] = useState(
    typeof value === 'number' ? write(value) : typeof value === 'string' ? value : '',
  );
  const [wrong, setWrong] = useState<string | null>(null);
  useEffect(() => {
    if (typeof value === 'number' && baseOf(text) !== value) setText(write(value));
    if (value === null && text !== '') setText('');
  }, [value]);
  const type = (typed: string): void => {
    setText(typed);
    if (typed.trim() === '' && optional) {
      setWrong(null);
      field.onChange(null);
      return;
    }
    const parsed = read(typed);
    setWrong(parsed.ok ? null : parsed.message);
    field.onChange(baseOf(typed) ?? typed);
  };
  const fault = wrong ?? fieldState.error?.message ?? null;
  return (
    <TextField
      inputRef={field.ref}
      label={label}
      value={text}
      onChange={(event) => type(event.target.value)}
      onBlur={() => {
        if (typeof value === 'number') setText(write(value));
        field.onBlur();
      }}
      error={Boolean(fault)}
      helperText={
        fault
          ? `${label} ${fault}`
          : (help ?? `Such as 2 ${UNITS[readableUnit(2000, kind, system)].label}`)
      }
    />
  );
}
