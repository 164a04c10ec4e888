import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useController } from 'react-hook-form';
import { UNIT_IDS, UNITS } from '../../core/units/units';
import { Choice, Figure } from '../parts/form';

/** The figure that a test reads off, with its limits; none at first. */
export function MeasuredFields({ name }: { name: string }) {
  const { field } = useController({ name });
  if (field.value === null || field.value === undefined)
    return (
      <Button
        size="small"
        sx={{ justifySelf: 'start' }}
        onClick={() => field.onChange({ unit: 'V', least: 7, most: null })}
      >
        Add a figure to read off
      </Button>
    );
  return (
    <Box
      className="over"
      sx={{ display: 'flex', gap: 1, alignItems: 'flex-end', gridColumn: '1 / -1' }}
    >
      <Box sx={{ flex: 1 }}>
        <Figure name={`${name}.least`} label="Reads at least" optional />
      </Box>
      <Box sx={{ flex: 1 }}>
        <Figure name={`${name}.most`} label="Reads at most" optional />
      </Box>
      <Box sx={{ flex: 1, display: 'grid' }}>
        <Choice
          name={`${name}.unit`}
          label="Read in"
          options={UNIT_IDS.map((value) => ({ value, label: UNITS[value].label }))}
        />
      </Box>
      <Button size="small" onClick={() => field.onChange(null)}>
        None
      </Button>
    </Box>
  );
}
