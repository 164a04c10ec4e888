import AddIcon from '@mui/icons-material/Add';
import RemoveIcon from '@mui/icons-material/Remove';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';

interface CountProps {
  label: string;
  value: number;
  least: number;
  most: number;
  onChange: (value: number) => void;
}

/** A whole number, one more or less at a press. */
export const Count = ({ label, value, least, most, onChange }: CountProps) => (
  <Box
    sx={{
      display: 'flex',
      alignItems: 'center',
      borderTop: '1px solid var(--line)',
      minHeight: 44,
    }}
  >
    <Box sx={{ flex: 1, fontSize: 14 }}>{label}</Box>
    <IconButton
      size="small"
      aria-label={`One less: ${label}`}
      disabled={value <= least}
      onClick={() => onChange(value - 1)}
    >
      <RemoveIcon fontSize="small" />
    </IconButton>
    <Box
      aria-live="polite"
      sx={{ width: 34, textAlign: 'center', font: '700 17px/24px Bricolage' }}
    >
      {value}
    </Box>
    <IconButton
      size="small"
      aria-label={`One more: ${label}`}
      disabled={value >= most}
      onClick={() => onChange(value + 1)}
    >
      <AddIcon fontSize="small" />
    </IconButton>
  </Box>
);
