import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useController } from 'react-hook-form';
import { Choice, Figure } from './form';
import { STRENGTH_KIND, options } from './words';

/** A strength, or none: no fields until one is wanted. */
export function StrengthFields({ name, label }: { name: string; label: string }) {
  const { field } = useController({ name });
  if (field.value === null || field.value === undefined)
    return (
      <Button
        size="small"
        sx={{ justifySelf: 'start' }}
        onClick={() => field.onChange({ value: 3, kind: 'massPerVolume' })}
      >
        Add {/^[aeiou]/i.test(label) ? 'an' : 'a'} {label.charAt(0).toLowerCase() + label.slice(1)}
      </Button>
    );
  return (
    <Box className="over" sx={{ display: 'flex', gap: 1, alignItems: 'flex-end' }}>
      <Box sx={{ flex: 1 }}>
        <Figure name={`${name}.value`} label={label} />
      </Box>
      <Box sx={{ flex: 1.4, display: 'grid' }}>
        <Choice name={`${name}.kind`} label="Written as" options={options(STRENGTH_KIND)} />
      </Box>
      <Button size="small" onClick={() => field.onChange(null)}>
        None
      </Button>
    </Box>
  );
}
