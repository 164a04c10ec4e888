import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { roundedTo } from '../../core/statistics/rounded';
import { claimOf } from '../../core/trials/claim';
import { questionOf } from '../../core/trials/design';
import { evenedBy } from '../../core/trials/evened';
import type { Condition } from '../../core/trials/series';
import type { OpenTrial } from './useTrial';

const WIDTH = 600;
const HEIGHT = 44;

/** A figure taken down beside the readings, go by go, and whether it could explain them. */
export function ConditionStrip({ open, condition }: { open: OpenTrial; condition: Condition }) {
  const { trial, goes, plan, claim, naming } = open;
  const points = goes.flatMap(({ go, conditions }) => {
    const one = conditions.find(({ id }) => id === condition.id);
    return one ? [{ go, value: one.value }] : [];
  });
  if (points.length < 2) return null;
  const values = points.map(({ value }) => value);
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const x = (go: number): number => ((go - 0.5) / plan.length) * WIDTH;
  const y = (value: number): number =>
    HEIGHT - 4 - ((value - low) / (high - low || 1)) * (HEIGHT - 8);
  const unit = condition.unit && ` ${condition.unit}`;
  const evened = evenedBy(questionOf(trial), goes, condition.id);
  const then = evened && claimOf(evened.analysis, naming);
  const half = evened ? (evened.worth.high - evened.worth.low) / 2 : null;
  const of = trial.measure.unit && ` ${trial.measure.unit}`;
  const signed = (value: number): string =>
    `${value < 0 ? '−' : '+'}${Math.abs(roundedTo(value, half))}`;
  return (
    <Box component="section" sx={{ mt: 2 }}>
      <Typography variant="h3" component="h2">
        {condition.name}, go by go
      </Typography>
      {evened && then && (
        <Typography sx={{ fontSize: 14 }}>
          {evened.low > 0 || evened.high < 0 ? <b>△ It matters: </b> : <b>Could matter: </b>}
          {roundedTo(evened.to - evened.from, 1)}
          {unit} may be worth {signed(evened.worth.low)} to {signed(evened.worth.high)}
          {of}.{' '}
          {then.level === claim.level && then.kind === claim.kind
            ? 'Evened out, the answer stays.'
            : `Evened out, it would say: ${then.words}`}
        </Typography>
      )}
      <Box
        sx={{ display: 'grid', gridTemplateColumns: '64px 1fr', alignItems: 'stretch', mt: 0.5 }}
      >
        <Box
          sx={{
            display: 'flex',
            flexDirection: 'column',
            justifyContent: 'space-between',
            fontSize: 13,
            color: 'var(--muted)',
          }}
        >
          <span>
            {high}
            {unit}
          </span>
          <span>
            {low}
            {unit}
          </span>
        </Box>
        <svg
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          preserveAspectRatio="none"
          width="100%"
          height={HEIGHT}
          role="img"
          aria-label={`${condition.name} from ${values[0]} at the first go to ${values.at(-1)}${unit} at the last`}
        >
          {Array.from({ length: trial.rounds - 1 }, (_, i) => {
            const at = ((i + 1) / trial.rounds) * WIDTH;
            return (
              <line
                key={i}
                x1={at}
                x2={at}
                y1={0}
                y2={HEIGHT}
                stroke="var(--line-strong)"
                vectorEffect="non-scaling-stroke"
              />
            );
          })}
          <polyline
            points={points.map(({ go, value }) => `${x(go)},${y(value)}`).join(' ')}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.5}
            vectorEffect="non-scaling-stroke"
          />
        </svg>
      </Box>
    </Box>
  );
}
