/** Times typed as people write them: “1:30”, “90 s”, “2 min”, “half a minute”; a number alone is seconds. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useEffect, useRef, useState } from 'react';
import { useController, useFormContext, useWatch } from 'react-hook-form';
import type { Estimate } from '../../core/repertoire/types';
import { FAMILY, spreadOf, type StepFamily } from '../../core/told/guess';
import { isGuessed, withLikely } from '../../core/told/spread';
import { formatDuration } from '../../core/time/clock';
import { readTime } from '../../core/time/readTime';

/** What is said where none can be read. */
export const NO_TIME = 'must be a time, such as 1:30, 90 s or 2 min';

interface TimeFieldProps {
  /** Of whole seconds in the form. */
  name: string;
  label: string;
  help?: string | undefined;
  /** An emptied field means “none”. */
  optional?: boolean;
  /** Told of every time that can be read, in the place of the form. */
  onTime?: (seconds: number) => void;
  onFocus?: () => void;
}

export function TimeField({ name, label, help, optional, onTime, onFocus }: TimeFieldProps) {
  const { field, fieldState } = useController({ name });
  const value = field.value as number | string | null | undefined;
  const written = (of: typeof value): string =>
    typeof of === 'number' ? formatDuration(of) : (of ?? '');
  const [text, setText] = useState(written(value));
  const [wrong, setWrong] = useState<string | null>(null);
  // Undo, or another page, changed it: the field follows.
  useEffect(() => {
    if (typeof value === 'number' && readTime(text) !== value) {
      setText(written(value));
      setWrong(null);
    }
    if (value === null && text !== '') setText('');
  }, [value]);
  const type = (typed: string): void => {
    setText(typed);
    const empty = typed.trim() === '' && optional === true;
    const seconds = readTime(typed);
    setWrong(seconds === null && !empty ? NO_TIME : null);
    if (seconds !== null && onTime) onTime(seconds);
    else field.onChange(empty ? null : (seconds ?? typed));
  };
  const fault = wrong ?? fieldState.error?.message ?? null;
  return (
    <TextField
      inputRef={field.ref}
      name={name}
      label={label}
      value={text}
      onChange={(event) => type(event.target.value)}
      onFocus={onFocus}
      onBlur={() => {
        // With its minutes in sight, a number typed alone hides nothing.
        if (typeof value === 'number' && wrong === null) setText(written(value));
        field.onBlur();
      }}
      error={fault !== null}
      helperText={fault === null ? help : `${label} ${fault}`}
    />
  );
}

interface SpreadProps {
  /** Of the part with `shortest`, `likely` and `longest`. */
  at: string;
  /** What it is guessed by. */
  family: StepFamily;
}

/** One time is enough: its ends are guessed from it until they are said, and never keep it from being what it is. */
export function TimeSpread({ at, family }: SpreadProps) {
  const { setValue, getValues } = useFormContext();
  const time = useWatch({ name: at }) as Estimate | undefined;
  // Ends follow what stood there when one began to type, not every figure on the way.
  const from = useRef<Estimate | null>(null);
  const read = (): Estimate | null => {
    const now = getValues(at) as Estimate;
    return Object.values(now).every((part) => typeof part === 'number') ? now : null;
  };
  const put = (to: Estimate): void => {
    for (const part of ['shortest', 'longest', 'likely'] as const)
      setValue(`${at}.${part}`, to[part], { shouldDirty: true, shouldValidate: true });
  };
  const guessed = time !== undefined && isGuessed(time, family);
  return (
    <Box sx={{ display: 'contents' }}>
      <TimeField
        name={`${at}.likely`}
        label="Likely"
        help={guessed ? `Its ends are guessed: ${FAMILY[family].words}` : undefined}
        onFocus={() => {
          from.current = read();
        }}
        onTime={(likely) => {
          const base = from.current ?? read();
          if (base) put(withLikely(base, likely, family));
          else setValue(`${at}.likely`, likely, { shouldDirty: true, shouldValidate: true });
        }}
      />
      <TimeField name={`${at}.shortest`} label="Shortest" />
      <TimeField name={`${at}.longest`} label="Longest" />
      {time && !guessed && typeof time.likely === 'number' && (
        <Button size="small" onClick={() => put(spreadOf(time.likely, family))}>
          Guess its ends
        </Button>
      )}
    </Box>
  );
}
