/** Find: one key, a few letters, Enter. */
import SearchIcon from '@mui/icons-material/SearchOutlined';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { plainName } from '../../core/repertoire/plainName';
import { MAKE } from '../parts/make';
import { useAction } from '../parts/useAction';
import { type Entry, findEntries, KIND_WORDS } from './entries';
import { useFind } from './findState';
import { useEntries } from './useEntries';

/** What can be made of what was typed, where nothing is called so yet. */
const MAKES = [
  { path: (id: string) => `/venues?open=${id}`, ...MAKE.venue },
  { path: (id: string) => `/people?open=${id}`, ...MAKE.person },
  { path: (id: string) => `/store/items/${id}`, ...MAKE.thing },
];

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.closest(
    'input:not([type="checkbox"]):not([type="radio"]), textarea, [contenteditable]',
  ) !== null;

function useKey(): void {
  const setOpen = useFind((state) => state.setOpen);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const chord = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k';
      const slash =
        event.key === '/' && !event.ctrlKey && !event.metaKey && !isTyping(event.target);
      if (!chord && !slash) return;
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [setOpen]);
}

type Choice = Entry & { make?: () => Promise<string> };

function made(asked: string, entries: readonly Entry[]): Choice[] {
  const name = asked.trim();
  if (name === '' || entries.some((one) => plainName(one.name) === plainName(name))) return [];
  return MAKES.map(({ words, make, path }) => ({
    key: words(name),
    kind: 'action',
    name: words(name),
    about: '',
    to: '',
    make: async () => path(await make(name)),
  }));
}

function Finder({ onClose }: { onClose: () => void }) {
  const [asked, setAsked] = useState('');
  const entries = useEntries();
  const navigate = useNavigate();
  const act = useAction();
  const found: Choice[] = [...findEntries(entries, asked), ...made(asked, entries)].sort(
    // Kinds stay together; what can be done comes after what there is.
    (a, b) => Number(a.kind === 'action') - Number(b.kind === 'action'),
  );
  const go = (choice: Choice | undefined): void => {
    if (!choice) return;
    onClose();
    if (choice.make) void act(async () => navigate((await choice.make?.()) ?? '/'));
    else void navigate(choice.to);
  };
  return (
    <Box sx={{ p: 1.5, minHeight: { xs: 300, md: 460 } }}>
      <Box component="h2" id="find-title" sx={{ m: 0, mb: 1.5, font: '600 16px Bricolage' }}>
        Find
      </Box>
      <Autocomplete<Choice, false, false, true>
        open
        freeSolo
        autoHighlight
        disablePortal
        options={found}
        filterOptions={(all) => all}
        inputValue={asked}
        onInputChange={(_event, value, reason) => {
          if (reason === 'input') setAsked(value);
        }}
        value={null}
        onChange={(_event, choice) => {
          // Enter before the list has caught up with what was typed: the first of it.
          if (choice !== null) go(typeof choice === 'string' ? found[0] : choice);
        }}
        onClose={(_event, reason) => {
          if (reason === 'escape') onClose();
        }}
        groupBy={({ kind }) => KIND_WORDS[kind]}
        renderGroup={({ key, group, children }) => (
          <Box component="li" key={key} role="group" aria-label={group} sx={{ pt: 1 }}>
            <Box
              aria-hidden="true"
              sx={{ px: 2, color: 'var(--muted)', font: '600 14px Bricolage' }}
            >
              {group}
            </Box>
            <Box component="ul" role="presentation" sx={{ p: 0 }}>
              {children}
            </Box>
          </Box>
        )}
        getOptionLabel={(choice) => (typeof choice === 'string' ? choice : choice.name)}
        getOptionKey={(choice) => (typeof choice === 'string' ? choice : choice.key)}
        renderOption={({ key, ...props }, choice) => (
          <Box component="li" key={key} {...props} sx={{ gap: 1.5 }}>
            <b>{choice.name}</b>
            <Box
              component="span"
              sx={{
                color: 'var(--muted)',
                overflow: 'hidden',
                textOverflow: 'ellipsis',
                whiteSpace: 'nowrap',
              }}
            >
              {choice.about}
            </Box>
          </Box>
        )}
        slotProps={{ listbox: { sx: { maxHeight: { xs: 260, md: 400 } } } }}
        renderInput={(params) => (
          <TextField
            {...params}
            autoFocus
            label="Find"
            placeholder="A show, demo, thing, person, place, or what you want to do"
            slotProps={{
              ...params.slotProps,
              input: {
                ...params.slotProps.input,
                startAdornment: (
                  <InputAdornment position="start">
                    <SearchIcon />
                  </InputAdornment>
                ),
              },
            }}
          />
        )}
      />
    </Box>
  );
}

export function Find() {
  useKey();
  const { open, setOpen } = useFind();
  const close = (): void => setOpen(false);
  return (
    <Dialog
      open={open}
      onClose={close}
      fullWidth
      maxWidth="sm"
      aria-labelledby="find-title"
      sx={{ '& .MuiDialog-container': { alignItems: 'flex-start' } }}
    >
      <Finder onClose={close} />
    </Dialog>
  );
}
