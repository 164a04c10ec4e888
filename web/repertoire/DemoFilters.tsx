/** What demonstrations are looked for by, whether they do or not. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import {
  ANYTHING,
  type EnergyKind,
  type Length,
  LONG_FROM,
  SHORT_MOST,
  type Whose,
} from '../../core/library/browse';
import { FAMILIES, FAMILY_WORDS } from '../../core/repertoire/families';
import { Pick } from '../parts/Pick';
import { options } from '../parts/words';
import { lookFor, lookForAll, useBrowsing } from './browsing';

const LENGTH_WORDS: Record<Length, string> = {
  short: `up to ${SHORT_MOST / 60} min`,
  middle: `${SHORT_MOST / 60} to ${LONG_FROM / 60} min`,
  long: `over ${LONG_FROM / 60} min`,
};
const ENERGY_WORDS: Record<EnergyKind, string> = {
  quiet: 'quiet',
  lively: 'lively',
  loud: 'loud',
};
const WHOSE_WORDS: Record<Whose, string> = { mine: 'yours', library: 'the library’s' };

const FAMILY_OPTIONS = FAMILIES.map((value) => ({ value, label: FAMILY_WORDS[value] }));

export function DemoFilters() {
  const wanted = useBrowsing((state) => state.wanted);
  return (
    <Box
      role="search"
      sx={{
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: { xs: '1fr 1fr', sm: '1.5fr 1fr 1fr 1fr 1fr auto' },
        mb: 1,
        alignItems: 'center',
      }}
    >
      <TextField
        label="Search"
        type="search"
        value={wanted.words}
        onChange={(e) => lookFor({ words: e.target.value })}
        sx={{ gridColumn: { xs: '1 / -1', sm: 'auto' } }}
      />
      <Pick
        label="Length"
        value={wanted.length}
        none="any"
        options={options(LENGTH_WORDS)}
        onChange={(length) => lookFor({ length })}
      />
      <Pick
        label="Of what"
        value={wanted.family}
        none="anything"
        options={FAMILY_OPTIONS}
        onChange={(family) => lookFor({ family })}
      />
      <Pick
        label="Energy"
        value={wanted.energy}
        none="any"
        options={options(ENERGY_WORDS)}
        onChange={(energy) => lookFor({ energy })}
      />
      <Pick
        label="Whose"
        value={wanted.whose}
        none="anybody’s"
        options={options(WHOSE_WORDS)}
        onChange={(whose) => lookFor({ whose })}
      />
      {wanted !== ANYTHING && <Button onClick={lookForAll}>All</Button>}
    </Box>
  );
}
