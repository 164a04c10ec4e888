/** Fields of a form as gaps in a sentence. */
import { useController } from 'react-hook-form';
import { type FieldProps, faultOf, inWords, useFigureText } from './form';
import { Gap } from './Gap';

interface GapFieldProps extends FieldProps {
  type?: 'text' | 'date' | 'time';
  /** What stands there while nothing is said. */
  unsaid?: string;
  least?: number;
}

export function WordsGap({ name, label, type = 'text', unsaid = '', least = 3 }: GapFieldProps) {
  const { field, fieldState } = useController({ name });
  return (
    <Gap
      label={label}
      type={type}
      placeholder={unsaid}
      least={least}
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
