import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useWatch } from 'react-hook-form';
import { Link } from 'react-router';
import { levelWords } from '../../core/trials/claim';
import { amountsOf, plannedGoes, roundsNeeded, secondsOf } from '../../core/trials/design';
import type { TrialSeries } from '../../core/trials/series';
import { namingOf } from '../../core/trials/words';
import { sayDuration } from '../../core/time/clock';
import { formatAmount } from '../../core/units/format';
import { counted } from '../../core/words';
import type { OpenTrial } from './useTrial';
import { WhatItTakes } from './WhatItTakes';

/** What the plan takes, as it is being written. */
export function Takes({ sd, open }: { sd: number | null; open: OpenTrial }) {
  const trial = useWatch() as TrialSeries;
  const { levels, rounds, stations, secondsPerGo, matters, measure } = trial;
  if (![rounds, stations, secondsPerGo].every((n) => Number.isInteger(n) && n > 0)) return null;
  const rows = plannedGoes(trial).filter(({ round }) => round <= 2);
  const needed = typeof matters === 'number' && matters > 0 ? roundsNeeded(trial, sd) : null;
  const naming = namingOf(trial);
  const name = (id: string): string => {
    const level = levels.find((one) => one.id === id);
    return level ? levelWords(level, { ...naming, factor: '', levelUnit: '' }) : '';
  };
  return (
    <Box
      component="aside"
      aria-label="What it takes"
      sx={{ borderLeft: { lg: '1px solid var(--line)' }, pl: { lg: 3 }, mt: { xs: 2, lg: 3 } }}
    >
      <Typography variant="h2">{counted(levels.length * rounds, 'go', 'goes')}</Typography>
      <Typography>
        {sayDuration(secondsOf(trial))} with {counted(stations, 'station')}.
      </Typography>
      <WhatItTakes
        open={open}
        wanted={amountsOf(trial)
          .filter(({ amount }) => amount > 0)
          .map(({ itemId, unit, amount, perRound }) => ({
            itemId,
            unit,
            amount,
            sum: `${formatAmount(perRound, unit)} a round`,
          }))}
      />
      <Typography sx={{ mt: 2 }} variant="h3" component="h3">
        The order
      </Typography>
      {[1, 2].map((round) => {
        const own = rows.filter((row) => row.round === round);
        return own.length === 0 ? null : (
          <Typography key={round}>
            Round {round}: {own.map((row) => name(row.levelId)).join(', ')}
          </Typography>
        );
      })}
      {trial.order === 'asListed' && (
        <Typography sx={{ color: 'var(--ember)' }}>
          △ In the order of the list, what changes with time can’t be told from what is changed.
        </Typography>
      )}
      <Typography sx={{ mt: 2 }} variant="h3" component="h3">
        How many rounds
      </Typography>
      <Typography>
        {needed !== null
          ? `${counted(needed, 'round')} to see a difference of ${matters} ${measure.unit} in eight of ten series, by the spread so far.`
          : sd === null
            ? 'Two rounds at least; after them the spread is known, and how many more it takes is said here.'
            : 'Say above which difference would matter, and it is said here how many it takes.'}
      </Typography>
      <Button component={Link} to="../goes" variant="contained" sx={{ mt: 2 }}>
        To the goes
      </Button>
    </Box>
  );
}
