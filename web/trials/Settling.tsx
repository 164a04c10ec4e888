import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { roundedTo } from '../../core/statistics/rounded';
import { levelWords, roundsToTell } from '../../core/trials/claim';
import { amountsOf, roundsNeeded } from '../../core/trials/design';
import { formatAmount } from '../../core/units/format';
import { ROUNDS_MOST } from '../../contract/trials';
import { counted } from '../../core/words';
import { useItemNames } from '../app/data';
import type { OpenTrial } from './useTrial';

/** What one more round would say of the step that decides, what it takes, and one press to plan it. */
export function Settling({ open }: { open: OpenTrial }) {
  const { trial, analysis, levels, editing, naming, goes, plan } = open;
  const { data: items = [] } = useItemNames();
  const { nextRound, exact } = analysis;
  if (goes.length < plan.length || goes.length === 0) return null;
  const words = (id: string): string => {
    const level = levels.find((one) => one.id === id);
    return level ? levelWords(level, naming) : '';
  };
  const unit = trial.measure.unit && ` ${trial.measure.unit}`;
  const half = nextRound ? (nextRound.thenHigh - nextRound.thenLow) / 2 : null;
  const figure = (value: number): string => String(roundedTo(value, half));
  const more = exact ? roundsToTell(analysis) : null;
  const needed = roundsNeeded(trial, analysis.anova.residualSd);
  const title = exact
    ? analysis.seen
      ? null
      : more === null
        ? 'Ten more rounds like these would not tell'
        : `${counted(more, 'more round')} like these would tell`
    : nextRound?.settles
      ? `One more round would settle whether ${words(nextRound.from)} differs`
      : nextRound
        ? 'What one more round would say'
        : null;
  const kit = amountsOf({ ...trial, rounds: 1 }).filter(({ amount }) => amount > 0);
  return (
    <Box component="section" sx={{ mb: 3 }}>
      {title && (
        <Typography variant="h3" component="h2">
          {title}
        </Typography>
      )}
      {nextRound && (
        <Typography sx={{ fontSize: 14, mt: 0.5 }}>
          {words(nextRound.to)} less {words(nextRound.from)}: {figure(nextRound.low ?? 0)} to{' '}
          {figure(nextRound.high ?? 0)}
          {unit}. A round more like these narrows that to {figure(nextRound.thenLow)} to{' '}
          {figure(nextRound.thenHigh)}.
        </Typography>
      )}
      {needed !== null && trial.matters !== null && (
        <Typography sx={{ fontSize: 14, mt: 0.5 }}>
          To see {trial.matters}
          {unit} in eight of ten series: {counted(needed, 'round')}
          {needed <= trial.rounds ? ', as many as there are.' : '.'}
        </Typography>
      )}
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', flexWrap: 'wrap', mt: 0.5 }}>
        <Button
          size="small"
          sx={{ ml: -1.5 }}
          disabled={trial.rounds >= ROUNDS_MOST}
          onClick={() => editing.store.change({ ...trial, rounds: trial.rounds + 1 })}
        >
          Plan round {trial.rounds + 1}
        </Button>
        <Typography variant="body2" color="textSecondary">
          {[
            counted(levels.length, 'go', 'goes'),
            ...kit.map(
              ({ itemId, amount, unit: of }) =>
                `${formatAmount(amount, of)} ${items.find(({ id }) => id === itemId)?.name ?? ''}`,
            ),
          ].join(', ')}
        </Typography>
      </Box>
    </Box>
  );
}
