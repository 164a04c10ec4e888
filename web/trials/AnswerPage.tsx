/** What a series says: the claim first, then every reading, what was held, and what would settle more. */
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useMemo } from 'react';
import { Link } from 'react-router';
import { roundedTo } from '../../core/statistics/rounded';
import { evidencePhrases } from '../../core/trials/evidence';
import { sensitivityOf, sensitivityWords } from '../../core/trials/sensitivity';
import { counted } from '../../core/words';
import { ConditionStrip } from './ConditionStrip';
import { Held } from './Held';
import { LookAt } from './LookAt';
import { Rounds } from './Rounds';
import { SizeFinale } from './SizeFinale';
import { Settling } from './Settling';
import { type OpenTrial, useOpenTrial } from './useTrial';

const TrialChart = lazy(() => import('./TrialChart'));

/** “4 teaspoons 44.5 cm (40.9 to 48.1, n 4) against …” */
function Support({ open: { analysis, claim, naming, trial, goes } }: { open: OpenTrial }) {
  const sure = useMemo(
    () => sensitivityOf(trial, goes, { analysis, claim, naming }),
    [trial, goes, analysis, claim, naming],
  );
  return (
    <>
      {evidencePhrases(analysis, claim, naming).map(({ words, strong }, i) =>
        strong ? <b key={i}>{words}</b> : <span key={i}>{words}</span>,
      )}{' '}
      {claim.kind !== 'thin' && sensitivityWords(sure)}
    </>
  );
}

/** A guessed order, and the one that came out. */
function Order({ open: { order, trial } }: { open: OpenTrial }) {
  if (!order) return null;
  const name = (id: string): string => trial.levels.find((one) => one.id === id)?.label ?? '';
  return (
    <Typography sx={{ mt: 1 }}>
      Guessed: {trial.predicted.map(name).join(', ')}. Came out:{' '}
      <b>{order.observed.map(name).join(', ')}</b>. {order.agree} of {order.agree + order.differ}{' '}
      pairs agree
      {order.tau !== null && ` (τ ${roundedTo(order.tau, 0.1)}`}
      {order.p !== null && `, by accident in ${Math.round(order.p * 100)} of 100`}
      {order.tau !== null && ')'}.
    </Typography>
  );
}

export default function AnswerPage() {
  const open = useOpenTrial();
  const { claim, goes, plan, trial } = open;
  const left = plan.length - goes.length;
  return (
    <Box
      component="main"
      sx={{
        display: 'grid',
        columnGap: 4,
        rowGap: 3,
        pt: 2,
        gridTemplateColumns: { xs: '1fr', lg: '200px minmax(0, 1fr) 264px' },
        // What stands beside is as long as it is: the claim takes only its own height.
        gridTemplateRows: { lg: 'auto 1fr' },
        gridTemplateAreas: {
          xs: '"claim" "chart" "beside" "held"',
          lg: '"claim claim beside" "held chart beside"',
        },
      }}
    >
      <Box sx={{ gridArea: 'claim' }}>
        <Typography
          component="h2"
          sx={{ font: { xs: '800 26px/30px Bricolage', md: '800 38px/42px Bricolage' } }}
          aria-live="polite"
        >
          {goes.length === 0 ? 'Nothing is read yet.' : claim.words}
        </Typography>
        <Typography sx={{ mt: 1 }}>
          {goes.length === 0 ? (
            <>
              {counted(plan.length, 'go', 'goes')} are planned.{' '}
              <Link to={`/bench/trials/${trial.id}/goes`}>Begin with the first</Link>
            </>
          ) : (
            <Support open={open} />
          )}
        </Typography>
        <Order open={open} />
        {goes.length > 0 && left > 0 && (
          <Typography sx={{ mt: 1, color: 'var(--ember)' }}>
            △ {counted(left, 'go', 'goes')} to come: what stands here can still change.{' '}
            <Link to={`/bench/trials/${trial.id}/goes`} style={{ color: 'inherit' }}>
              Go on
            </Link>
          </Typography>
        )}
      </Box>
      <Box sx={{ gridArea: 'held' }}>
        <Held open={open} />
      </Box>
      <Box sx={{ gridArea: 'chart', minWidth: 0 }}>
        <Typography variant="h3" component="h2">
          {trial.measure.name}
          {trial.measure.unit && `, ${trial.measure.unit}`}
          <Box
            component="span"
            sx={{ ml: 1, font: '400 13px/20px Atkinson', color: 'var(--muted)' }}
          >
            every go a ring, rounds from left; the mean on tape in its 95 % bracket
          </Box>
        </Typography>
        {/* Readings stand above their columns: they are moved sideways together. */}
        <Box sx={{ overflowX: 'auto' }}>
          <Box sx={{ minWidth: 64 + trial.levels.length * 58 }}>
            <Suspense fallback={<Box aria-busy="true" sx={{ height: 300 }} />}>
              <TrialChart open={open} />
            </Suspense>
            <Rounds open={open} />
          </Box>
        </Box>
        {trial.conditions.map((condition) => (
          <ConditionStrip key={condition.id} open={open} condition={condition} />
        ))}
      </Box>
      <Box
        sx={{
          gridArea: 'beside',
          borderLeft: { lg: '1px solid var(--line)' },
          pl: { lg: 3 },
        }}
      >
        <Settling open={open} />
        <SizeFinale open={open} />
        <LookAt open={open} />
      </Box>
    </Box>
  );
}
