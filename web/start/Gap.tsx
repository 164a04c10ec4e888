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
}

export function Gap({
  label,
  value,
  onChange,
  type = 'text',
  placeholder = '',
  fault,
  list,
  least = 2,
}: GapProps) {
  const id = useId();
  const letters = Math.max(least, (value || placeholder).length + 1);
  return (
    <Box component="span" sx={{ display: 'inline-block', verticalAlign: 'top' }}>
      <Box
        component="input"
        id={id}
        type={type}
        value={value}
        placeholder={placeholder}
        aria-label={label}
        aria-invalid={fault !== undefined}
        {...(fault !== undefined && { 'aria-describedby': `${id}-fault` })}
        {...(list && { list: `${id}-list` })}
        onChange={(event: React.ChangeEvent<HTMLInputElement>) => onChange(event.target.value)}
        sx={{
          font: 'inherit',
          fontWeight: 700,
          color: 'var(--ink)',
          background: 'none',
          border: 0,
          borderBottom: `2px solid ${fault ? 'var(--ember)' : 'var(--ember-line, var(--ember))'}`,
          borderRadius: 0,
          p: 0,
          height: 36,
          maxWidth: '100%',
          ...(type === 'text' && { width: `${letters * 0.58 + 0.4}em` }),
          '&::placeholder': { color: 'var(--muted)', opacity: 1, fontWeight: 400 },
          '&:focus': { outline: 'none', background: 'var(--ember-wash)', borderBottomWidth: 3 },
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
