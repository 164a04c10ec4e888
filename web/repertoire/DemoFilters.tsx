/** What demonstrations are looked for by. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import {
  type BrowseWishes,
  type EnergyKind,
  type Length,
  LONG_FROM,
  SHORT_MOST,
} from '../../core/library/browse';
import { FAMILIES, FAMILY_WORDS } from '../../core/repertoire/families';
import { Pick } from '../parts/Pick';

const LENGTH_WORDS: Readonly<Record<Length, string>> = {
  short: `up to ${SHORT_MOST / 60} min`,
  middle: `${SHORT_MOST / 60} to ${LONG_FROM / 60} min`,
  long: `over ${LONG_FROM / 60} min`,
};
const WITHOUT_WORDS = {
  openFlame: 'without flame',
  cryogen: 'without cold liquids',
  loud: 'nothing loud',
} as const;

const ENERGY_WORDS: Readonly<Record<EnergyKind, string>> = {
  quiet: 'quiet',
  lively: 'lively',
  loud: 'loud',
};
const WHERE_WORDS = { indoors: 'indoors', outdoors: 'outdoors' } as const;

/** What is wished, as it is typed. */
export interface Wanted extends Omit<BrowseWishes, 'youngest' | 'without'> {
  without: keyof typeof WITHOUT_WORDS | null;
  age: string;
  energy: EnergyKind | null;
  where: BrowseWishes['where'];
  /** Only what can be done with what lies in the store. */
  inHouse: boolean;
}

export const ANYTHING: Wanted = {
  words: '',
  length: null,
  family: null,
  without: null,
  age: '',
  energy: null,
  where: null,
  inHouse: false,
};

export const wishesOf = ({ age, inHouse: _inHouse, ...wanted }: Wanted): BrowseWishes => ({
  ...wanted,
  youngest: /^\d{1,3}$/.test(age.trim()) ? Number(age) : null,
});

const optionsOf = <K extends string>(words: Readonly<Record<K, string>>) =>
  (Object.keys(words) as K[]).map((value) => ({ value, label: words[value] }));

const FAMILY_OPTIONS = FAMILIES.map((value) => ({ value, label: FAMILY_WORDS[value] }));

export function DemoFilters({
  wanted,
  onChange,
}: {
  wanted: Wanted;
  onChange: (wanted: Wanted) => void;
}) {
  const set = (more: Partial<Wanted>): void => onChange({ ...wanted, ...more });
  return (
    <Box
      role="search"
      sx={{
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: { xs: '1fr 1fr', sm: '1fr 1fr 1fr', lg: '1.4fr repeat(5, 1fr) 100px' },
        mb: 2,
        alignItems: 'center',
      }}
    >
      <TextField
        label="Search"
        type="search"
        value={wanted.words}
        onChange={(e) => set({ words: e.target.value })}
      />
      <Pick
        label="Length"
        value={wanted.length}
        none="any length"
        options={optionsOf(LENGTH_WORDS)}
        onChange={(length) => set({ length })}
      />
      <Pick
        label="Of what"
        value={wanted.family}
        none="anything"
        options={FAMILY_OPTIONS}
        onChange={(family) => set({ family })}
      />
      <Pick
        label="Hazards"
        value={wanted.without}
        none="any"
        options={optionsOf(WITHOUT_WORDS)}
        onChange={(without) => set({ without })}
      />
      <Pick
        label="Energy"
        value={wanted.energy}
        none="any"
        options={optionsOf(ENERGY_WORDS)}
        onChange={(energy) => set({ energy })}
      />
      <Pick
        label="Where"
        value={wanted.where}
        none="anywhere"
        options={optionsOf(WHERE_WORDS)}
        onChange={(where) => set({ where })}
      />
      <TextField
        label="Youngest"
        value={wanted.age}
        onChange={(e) => set({ age: e.target.value })}
        slotProps={{ htmlInput: { inputMode: 'numeric' } }}
      />
      <Box sx={{ gridColumn: '1 / -1', display: 'flex', gap: 1, alignItems: 'center' }}>
        <FormControlLabel
          label="Only with what is in the house"
          control={
            <Checkbox
              size="small"
              checked={wanted.inHouse}
              onChange={(_event, inHouse) => set({ inHouse })}
            />
          }
        />
        {wanted !== ANYTHING && <Button onClick={() => onChange(ANYTHING)}>All</Button>}
      </Box>
    </Box>
  );
}
