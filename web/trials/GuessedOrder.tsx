import DownIcon from '@mui/icons-material/ArrowDownward';
import UpIcon from '@mui/icons-material/ArrowUpward';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { useEffect } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { moved, withAll } from '../../core/trials/order';
import type { TrialSeries } from '../../core/trials/series';

/** Which level is expected to read highest, and so on down; none of it where nobody has guessed. */
export function GuessedOrder() {
  const { setValue } = useFormContext<TrialSeries>();
  const levels = useWatch<TrialSeries, 'levels'>({ name: 'levels' });
  const predicted = useWatch<TrialSeries, 'predicted'>({ name: 'predicted' });
  const ids = levels.map(({ id }) => id);
  const fitting = withAll(predicted, ids);
  const stale = fitting.join() !== predicted.join();
  const say = (order: string[]): void => setValue('predicted', order, { shouldDirty: true });
  useEffect(() => {
    // A level that came or went since: the order is of all of them, or none.
    if (stale) say(fitting);
  });
  if (levels.length < 3) return null;
  if (predicted.length === 0)
    return (
      <Button size="small" sx={{ mt: 1 }} onClick={() => say(ids)}>
        Guess the whole order
      </Button>
    );
  const name = (id: string): string => levels.find((one) => one.id === id)?.label ?? '';
  return (
    <Box role="group" aria-label="Guessed order" sx={{ mt: 1.5, maxWidth: 360 }}>
      <Typography variant="body2" color="textSecondary">
        From the highest reading to the lowest:
      </Typography>
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {predicted.map((id, i) => (
          <Box
            component="li"
            key={id}
            sx={{ display: 'flex', alignItems: 'center', borderTop: '1px solid var(--line)' }}
          >
            <Box sx={{ width: 28, color: 'var(--muted)' }}>{i + 1}</Box>
            <Box sx={{ flex: 1 }}>{name(id)}</Box>
            <IconButton
              aria-label={`${name(id)} higher`}
              disabled={i === 0}
              onClick={() => say(moved(predicted, i, -1))}
            >
              <UpIcon fontSize="small" />
            </IconButton>
            <IconButton
              aria-label={`${name(id)} lower`}
              disabled={i === predicted.length - 1}
              onClick={() => say(moved(predicted, i, 1))}
            >
              <DownIcon fontSize="small" />
            </IconButton>
          </Box>
        ))}
      </Box>
      <Button size="small" onClick={() => say([])}>
        No order is guessed
      </Button>
    </Box>
  );
}
