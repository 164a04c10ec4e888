/**
 * Fields as the lines of a page: what it is, and what it comes to, on one line that can be changed where it stands.
 * Only their look: what is in them stays the fields it was.
 */
import Box from '@mui/material/Box';
import type { SxProps } from '@mui/material/styles';
import type { ReactNode } from 'react';

/** The label is out of the way at all times: what nothing is called is shown at all times. */
export const PLACEHOLDER_SHOWN = {
  '& label[data-shrink=false] + .MuiInputBase-formControl .MuiInputBase-input::placeholder': {
    opacity: '1 !important',
    color: 'var(--muted)',
    fontWeight: 400,
  },
} as const;

/** The value, underlined as everything that can be changed. */
const value = {
  '& .MuiOutlinedInput-root': {
    p: '0 !important',
    borderRadius: 0,
    background: 'none',
    font: '600 16px/24px Bricolage',
    '&:focus-within': { background: 'var(--ember-wash)' },
    '&.Mui-disabled': { color: 'var(--muted)' },
  },
  '& .MuiOutlinedInput-input': {
    font: 'inherit',
    height: 24,
    py: { xs: '10px !important', md: '4px !important' },
    pl: '2px !important',
  },
  '& textarea.MuiOutlinedInput-input': { font: '400 16px/24px Atkinson', height: 'auto' },
  // The arrow and the cross lie over its end: what is typed keeps off them.
  '& .MuiAutocomplete-inputRoot': { pr: '66px !important' },
  '& fieldset': {
    border: '0 !important',
    borderBottom: '2px solid var(--ember-line) !important',
    borderRadius: 0,
  },
  '& .Mui-focused fieldset, & .Mui-error fieldset': {
    borderBottom: '2px solid var(--ember) !important',
  },
  '& fieldset legend': { display: 'none' },
  '& .MuiFormHelperText-root': { m: 0, fontSize: 13 },
} as const;

/** What it is: beside the value, never over it. */
const label = {
  position: 'static',
  transform: 'none',
  font: '400 15px/20px Atkinson',
  color: 'var(--muted)',
  whiteSpace: 'normal',
  overflow: 'visible',
  maxWidth: 'none',
  pointerEvents: 'auto',
  '&.Mui-focused, &.Mui-error': { color: 'var(--ink)' },
} as const;

const lines = {
  ...value,
  ...PLACEHOLDER_SHOWN,
  '& .MuiTextField-root': {
    display: 'grid',
    gridTemplateColumns: 'minmax(92px, 2fr) minmax(0, 3fr)',
    columnGap: 1.5,
    alignItems: 'end',
  },
  '& .MuiInputLabel-root': { ...label, py: { xs: '12px', md: '6px' } },
  '& .MuiFormHelperText-root': { ...value['& .MuiFormHelperText-root'], gridColumn: 2 },
  // Of a list, what it is stands over each.
  '& .rows .MuiTextField-root, & .over .MuiTextField-root, & .MuiTextField-root:has(textarea)': {
    gridTemplateColumns: 'minmax(0, 1fr)',
  },
  '& .rows .MuiInputLabel-root, & .over .MuiInputLabel-root': {
    fontSize: 13,
    lineHeight: '16px',
    py: 0,
  },
  '& .rows .MuiFormHelperText-root, & .over .MuiFormHelperText-root, & .MuiTextField-root:has(textarea) .MuiFormHelperText-root':
    { gridColumn: 1 },
  '& .MuiFormControlLabel-root': { m: 0, justifySelf: 'start', minHeight: { xs: 44, md: 36 } },
  '& .MuiFormControlLabel-label': { font: '400 15px/20px Atkinson' },
} as const;

export const FactLines = ({ children, sx }: { children: ReactNode; sx?: SxProps }) => (
  <Box sx={[lines, ...(Array.isArray(sx) ? (sx as SxProps[]) : sx ? [sx] : [])] as SxProps}>
    {children}
  </Box>
);
