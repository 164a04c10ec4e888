/** A gap in a sentence: typed straight into it, as wide as what stands there, with what is wrong with it beneath. */
import Box from '@mui/material/Box';
import { useId } from 'react';

interface GapProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  type?: 'text' | 'date' | 'time';
  placeholder?: string;
  fault?: string | undefined;
  list?: readonly string[];
  /** In letters; as long as what is in it when left out. */
  least?: number;
  /** A long text goes on in the next line, where a line is too short for it. */
  wraps?: boolean;
}

const gapStyle = (fault: boolean, isSaid: boolean) =>
  ({
    font: 'inherit',
    fontWeight: isSaid ? 700 : 400,
    color: isSaid ? 'var(--ink)' : 'var(--muted)',
    background: 'none',
    border: 0,
    borderBottom: `2px solid ${fault ? 'var(--ember)' : 'var(--ember-line)'}`,
    borderRadius: 0,
    p: 0,
    height: { xs: 44, md: 36 },
    minWidth: { xs: 44, md: 0 },
    maxWidth: '100%',
    '&:focus': { outline: 'none', background: 'var(--ember-wash)', borderBottomWidth: 3 },
  }) as const;

interface ChoiceProps<V extends string> {
  label: string;
  /** Null is the choice of nothing, where `none` names one. */
  value: V | null;
  options: readonly V[];
  none: string | null;
  /** How it reads there; the choice itself when left out. */
  words?: (value: V) => string;
  onChange: (value: V | null) => void;
}

/** A gap in which one of a few words stands. */
export const ChoiceGap = <V extends string>({
  label,
  value,
  options,
  none,
  words = (one) => one,
  onChange,
}: ChoiceProps<V>) => (
  <Box
    component="select"
    aria-label={label}
    value={value ?? ''}
    onChange={(event: React.ChangeEvent<HTMLSelectElement>) =>
      onChange(options.find((one) => one === event.target.value) ?? null)
    }
    sx={{
      ...gapStyle(false, value !== null),
      // As wide as the word that stands there, where the browser can tell.
      fieldSizing: 'content',
      '& option': { color: 'var(--ink)', background: 'var(--card)' },
    }}
  >
    {none !== null && <option value="">{none}</option>}
    {options.map((one) => (
      <option key={one} value={one}>
        {words(one)}
      </option>
    ))}
  </Box>
);

export function Gap({
  label,
  value,
  onChange,
  type = 'text',
  placeholder = '',
  fault,
  list,
  least = 2,
  wraps = false,
}: GapProps) {
  const id = useId();
  const letters = Math.max(least, (value || placeholder).length + 1);
  return (
    <Box component="span" sx={{ display: 'inline-block', verticalAlign: 'top', maxWidth: '100%' }}>
      <Box
        {...(wraps
          ? {
              component: 'textarea',
              rows: 1,
              onKeyDown: (event: React.KeyboardEvent) => {
                if (event.key === 'Enter') event.preventDefault();
              },
            }
          : { component: 'input', type })}
        id={id}
        value={value}
        placeholder={placeholder}
        aria-label={label}
        aria-invalid={fault !== undefined}
        {...(fault !== undefined && { 'aria-describedby': `${id}-fault` })}
        {...(list && { list: `${id}-list` })}
        onChange={(event: React.ChangeEvent<HTMLInputElement>) =>
          onChange(event.target.value.replaceAll('\n', ' '))
        }
        sx={{
          ...gapStyle(fault !== undefined, true),
          ...(type === 'text' && {
            width: `${letters * 0.58 + 0.4}em`,
            // As wide as what stands in it, where the browser can tell.
            '@supports (field-sizing: content)': {
              fieldSizing: 'content',
              width: 'auto',
              minWidth: { xs: `max(44px, ${least * 0.45}em)`, md: `${least * 0.45}em` },
            },
          }),
          ...(wraps && {
            display: 'block',
            height: 'auto',
            minHeight: { xs: 44, md: 36 },
            // As the words around it stand in their lines.
            mt: { xs: '3px', md: '5px' },
            resize: 'none',
            overflow: 'hidden',
            lineHeight: { xs: '42px', md: '34px' },
          }),
          // What is offered comes by typing, or by the arrow key.
          ...(list && { '&::-webkit-calendar-picker-indicator': { display: 'none !important' } }),
          '&::placeholder': { color: 'var(--muted)', opacity: 1, fontWeight: 400 },
        }}
      />
      {list && (
        <datalist id={`${id}-list`}>
          {list.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      )}
      {fault !== undefined && (
        <Box
          component="span"
          id={`${id}-fault`}
          role="alert"
          sx={{ display: 'block', font: '400 14px/18px Atkinson', color: 'var(--ember)' }}
        >
          {fault}
        </Box>
      )}
    </Box>
  );
}
