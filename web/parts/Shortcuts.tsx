import CloseIcon from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import IconButton from '@mui/material/IconButton';
import type { SxProps } from '@mui/material/styles';
import { useEffect } from 'react';
import { create } from 'zustand';
import { STAGE_KEYS } from '../stage/keys';
import { GLOSSARY } from './glossary';

interface ShortcutsState {
  open: boolean;
  setOpen: (open: boolean) => void;
}

export const useShortcuts = create<ShortcutsState>()((set) => ({
  open: false,
  setOpen: (open) => set({ open }),
}));

type Row = readonly [keys: string, what: string];

const GROUPS: readonly (readonly [title: string, rows: readonly Row[]])[] = [
  [
    'Everywhere',
    [
      ['/', 'find anything, go there, or make it'],
      ['?', 'this list'],
      ['Tab, Shift Tab', 'to the next thing, and back'],
      ['Enter', 'press or open it'],
      ['Ctrl Z', 'undo'],
      ['Ctrl Shift Z', 'do it again after all'],
      ['Esc', 'close what is open'],
    ],
  ],
  [
    'Running order, on a number',
    [
      ['Space', 'pick the card up, put it down'],
      ['↑ ↓', 'move it'],
      ['Esc', 'leave it where it was'],
    ],
  ],
  [
    'Stage strip',
    [
      ['+ −', 'more detail, less'],
      ['0', 'the whole show'],
      ['← →', 'pan; on a bar: do it earlier, later'],
      ['Home, End', 'on a bar: as early, as late as can be'],
      ['Enter', 'on a bar: its words and its neighbours'],
    ],
  ],
  [
    'Ready, the walk',
    [
      ['Enter', 'all as it should be; on to the next stop'],
      ['X', 'say what isn’t'],
      ['← →', 'along the walk'],
    ],
  ],
  ['On stage', STAGE_KEYS],
];

interface TermsProps {
  title: string;
  rows: readonly (readonly [term: string, meaning: string])[];
  sx: SxProps;
}

const Terms = ({ title, rows, sx }: TermsProps) => (
  <Box component="section" sx={sx}>
    <Box component="h3" sx={{ font: '600 16px Bricolage', m: 0, mb: 1 }}>
      {title}
    </Box>
    <Box
      component="dl"
      sx={{ m: 0, display: 'grid', gridTemplateColumns: '160px 1fr', rowGap: 0.75 }}
    >
      {rows.map(([term, meaning]) => (
        <Box key={term} sx={{ display: 'contents' }}>
          <Box component="dt" sx={{ font: '600 14px/21px Bricolage' }}>
            {term}
          </Box>
          <Box component="dd" sx={{ m: 0 }}>
            {meaning}
          </Box>
        </Box>
      ))}
    </Box>
  </Box>
);

/** Every key there is, under “?”. */
export function Shortcuts() {
  const { open, setOpen } = useShortcuts();
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const typing = (event.target as HTMLElement).closest('input, textarea, [contenteditable]');
      if (event.key !== '?' || typing || event.ctrlKey || event.metaKey) return;
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [setOpen]);
  return (
    <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="keys-title" maxWidth="md">
      <DialogTitle
        id="keys-title"
        sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center' }}
      >
        Keys and words
        <IconButton aria-label="Close" onClick={() => setOpen(false)}>
          <CloseIcon />
        </IconButton>
      </DialogTitle>
      <DialogContent
        tabIndex={0}
        sx={{
          display: 'grid',
          gap: 4,
          gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' },
          alignItems: 'start',
        }}
      >
        {GROUPS.map(([title, rows]) => (
          <Terms
            key={title}
            title={title}
            rows={rows}
            sx={{
              gridRow: { md: title === 'On stage' ? '1 / span 4' : 'auto' },
              gridColumn: { md: title === 'On stage' ? 2 : 1 },
            }}
          />
        ))}
        <Terms title="Words" rows={GLOSSARY} sx={{ gridColumn: { md: '1 / span 2' } }} />
      </DialogContent>
    </Dialog>
  );
}
