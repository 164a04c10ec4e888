/** Fields of a form as gaps in a sentence. */
import ButtonBase from '@mui/material/ButtonBase';
import Box from '@mui/material/Box';
import { useController } from 'react-hook-form';
import { type FieldProps, faultOf, inWords, useFigureText } from './form';
import type { Option } from './Pick';
import { ChoiceGap, Gap } from './Gap';
import { pinked } from './tapeShape';

interface GapFieldProps extends FieldProps {
  type?: 'text' | 'date' | 'time';
  /** What stands there while nothing is said. */
  unsaid?: string;
  least?: number;
  wraps?: boolean;
}

export function WordsGap({
  name,
  label,
  type = 'text',
  unsaid = '',
  least = 3,
  wraps = false,
}: GapFieldProps) {
  const { field, fieldState } = useController({ name });
  return (
    <Gap
      label={label}
      type={type}
      placeholder={unsaid}
      least={least}
      wraps={wraps}
      value={(field.value as string | null | undefined) ?? ''}
      onChange={field.onChange}
      fault={inWords(label, faultOf(fieldState.error))}
    />
  );
}

/** Keeps what was typed as it was typed; the form gets the number, or a fault. */
export function FigureGap({
  name,
  label,
  unsaid = '?',
  optional = false,
}: GapFieldProps & { optional?: boolean }) {
  const { text, type, fault } = useFigureText(name, optional);
  return (
    <Gap
      label={label}
      placeholder={unsaid}
      least={2}
      value={text}
      onChange={type}
      fault={inWords(label, fault)}
    />
  );
}

interface OneProps extends FieldProps {
  options: readonly Option[];
  /** How nothing reads, where nothing may be chosen. */
  none?: string;
}

/** One of a few, as a word in a sentence. */
export function OneGap({ name, label, options, none }: OneProps) {
  const { field } = useController({ name });
  const labels = new Map(options.map((option) => [option.value, option.label]));
  return (
    <ChoiceGap
      label={label}
      value={(field.value as string | null | undefined) ?? null}
      options={options.map(({ value }) => value)}
      none={none ?? null}
      words={(value) => labels.get(value) ?? value}
      onChange={field.onChange}
    />
  );
}

/** Yes or no, as the words that make it so. */
export function EitherGap({ name, label, yes, no }: FieldProps & { yes: string; no: string }) {
  const { field } = useController({ name });
  return (
    <ChoiceGap
      label={label}
      value={field.value === true ? yes : no}
      options={[yes, no]}
      none={null}
      onChange={(value) => field.onChange(value === yes)}
    />
  );
}

/** Any of a few: a piece of tape each, pressed on or off. */
export function PiecesField({ name, label, options }: FieldProps & { options: readonly Option[] }) {
  const { field } = useController({ name });
  const on = (field.value as string[] | undefined) ?? [];
  const toggle = (value: string): void =>
    // In the order they are offered in, whichever was pressed first.
    field.onChange(
      options.flatMap((one) =>
        (one.value === value) !== on.includes(one.value) ? [one.value] : [],
      ),
    );
  return (
    <Box
      role="group"
      aria-label={label}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}
    >
      {options.map(({ value, label: words }) => (
        <ButtonBase
          key={value}
          aria-pressed={on.includes(value)}
          onClick={() => toggle(value)}
          sx={{
            minHeight: { xs: 44, md: 32 },
            px: 1.75,
            font: '600 15px/22px Bricolage',
            clipPath: pinked(4, 4),
            background: on.includes(value) ? 'var(--ink)' : 'var(--sunk)',
            color: on.includes(value) ? 'var(--ground)' : 'var(--muted)',
            '&:focus-visible': { outline: '3px solid var(--ember)', outlineOffset: -5 },
          }}
        >
          {on.includes(value) ? '✓ ' : ''}
          {words}
        </ButtonBase>
      ))}
    </Box>
  );
}
