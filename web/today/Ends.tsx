/** When the next show ends: in words, on tape with ten evenings like it, and what to leave out where it is too long. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { bestToLeaveOut } from '../../core/lineup/forecast/words';
import { namesOf } from '../../core/lineup/names';
import type { OpenShow } from '../brief/useShow';
import { type Foreseen, useForecast, useLeaveOut } from '../lineup/useForecast';
import { ProposedStrip } from '../start/ProposedStrip';

/** What would help most, where it is over. */
function BestOut({ open: { input, show }, foreseen }: { open: OpenShow; foreseen: Foreseen }) {
  const best = bestToLeaveOut(useLeaveOut(input, foreseen, 'single').rows);
  return best ? (
    <Box sx={{ mt: 1 }}>
      Leaving out <b>{namesOf(input).slot(best.slots[0] ?? '')}</b> would help most.{' '}
      <Link to={`/shows/${show.id}/line-up`}>See what it would buy</Link>
    </Box>
  ) : null;
}

export function Ends({ open }: { open: OpenShow }) {
  const foreseen = useForecast(open);
  const { timeline, bundle, show } = open;
  const ending = foreseen?.ending;
  if (show.slots.length === 0)
    return (
      <Box>
        <Typography variant="h2">Nothing in the line-up yet.</Typography>
        <Button variant="contained" component={Link} to={`/shows/${show.id}/line-up`}>
          Fill it
        </Button>
      </Box>
    );
  const over = ending?.level === 'over';
  return (
    <Box sx={{ minWidth: 0 }}>
      <Box sx={{ font: { xs: '800 24px/30px Bricolage', md: '800 31px/38px Bricolage' } }}>
        {ending ? ending.headline : 'Ends about …'}
        {ending && (
          <Box component="span" sx={{ font: '500 18px Bricolage' }}>
            , {ending.by}
          </Box>
        )}
      </Box>
      {ending && (
        <Box sx={{ color: over ? 'var(--ember)' : 'var(--muted)', fontSize: 15 }}>
          {over && '△ '}
          {ending.spare}. {ending.written}.
        </Box>
      )}
      <ProposedStrip
        bundle={bundle}
        timeline={timeline}
        foreseen={foreseen}
        label="Running order"
        named={false}
        finish={`hard finish ${show.hardFinish}`}
      />
      {over && foreseen && <BestOut open={open} foreseen={foreseen} />}
    </Box>
  );
}
