import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import type { SxProps } from '@mui/material/styles';
import TextField from '@mui/material/TextField';
import { type ReactNode, type Ref, useId } from 'react';

export interface Option<V extends string = string> {
  value: V;
  label: string;
  /** Drawn before the label. */
  icon?: ReactNode;
}

interface PickProps<V extends string> {
  label: string;
  /** Null is the choice of nothing, where `none` names one. */
  value: V | null;
  options: readonly Option<V>[];
  /** What choosing nothing is called; without it something must be chosen. */
  none?: string;
  onChange: (value: V | null) => void;
  onBlur?: () => void;
  inputRef?: Ref<unknown>;
  error?: boolean;
  helperText?: string | undefined;
  sx?: SxProps;
}

/** One of a few, from a list that drops down. Nothing chosen is said in words, not left blank. */
export function Pick<V extends string>({
  label,
  value,
  options,
  none,
  onChange,
  ...more
}: PickProps<V>) {
  const id = useId();
  return (
    <TextField
      {...more}
      select
      id={id}
      label={label}
      value={value ?? ''}
      onChange={(event) => onChange(event.target.value === '' ? null : (event.target.value as V))}
      {...(none !== undefined && {
        slotProps: { select: { displayEmpty: true }, inputLabel: { shrink: true } },
      })}
    >
      {none !== undefined && <MenuItem value="">{none}</MenuItem>}
      {options.map((option) => (
        <MenuItem key={option.value} value={option.value}>
          {option.icon && (
            <Box component="span" sx={{ display: 'inline-flex', mr: 1, verticalAlign: 'middle' }}>
              {option.icon}
            </Box>
          )}
          {option.label}
        </MenuItem>
      ))}
    </TextField>
  );
}
