import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { usePeople } from '../app/data';
import { roundedTo } from '../../core/statistics/rounded';
import type { OpenTrial } from './useTrial';

const Part = ({ title, children }: { title: ReactNode; children: ReactNode }) => (
  <Box component="section" sx={{ mb: 2 }}>
    <Typography variant="h3" component="h2">
      {title}
    </Typography>
    <Box sx={{ fontSize: 14, lineHeight: '20px' }}>{children}</Box>
  </Box>
);

/** What was changed, what was held and what drifted, how it was read, and what was guessed. */
export function Held({ open: { trial, levels, analysis } }: { open: OpenTrial }) {
  const { data: people = [] } = usePeople();
  const name = (id: string | null): string | undefined => people.find((one) => one.id === id)?.name;
  const { variable, measure, held } = trial;
  const kept = held.filter(({ value, drifted }) => value !== '' && drifted === '');
  const drifted = held.filter((one) => one.drifted !== '');
  const open = held.filter(({ value, drifted: did }) => value === '' && did === '');
  const [first, last] = [levels[0], levels.at(-1)];
  const reader = name(trial.readerId);
  const guesser = name(trial.guessedBy);
  const amounts = first?.value !== null && first !== undefined;
  const unit = measure.unit && ` ${measure.unit}`;
  const label = (id: string): string => levels.find((one) => one.id === id)?.label ?? '';
  return (
    <>
      <Part title="Changed">
        <b>{variable.name}</b>
        {amounts
          ? `, ${first.label} to ${last?.label ?? ''} ${variable.unit}`
          : `: ${levels.map((level) => level.label).join(', ')}`}
      </Part>
      {kept.length > 0 && (
        <Part title="Held">
          {kept.map((one) => (
            <div key={one.id}>
              {one.name}: {one.value}
            </div>
          ))}
        </Part>
      )}
      {drifted.length > 0 && (
        <Part title={<Box component="span">△ Meant to hold, drifted</Box>}>
          {drifted.map((one) => (
            <div key={one.id}>
              {one.name}: <s>{one.value}</s> {one.drifted}
            </div>
          ))}
          {trial.order === 'blocks' && 'Every round had every level, so it fell on all alike.'}
        </Part>
      )}
      {open.length > 0 && (
        <Part title="Nobody has said">
          <Box sx={{ color: 'var(--ember)' }}>
            {open.map((one) => one.name).join(', ')}: were they the same?
          </Box>
        </Part>
      )}
      {trial.order === 'asListed' && (
        <Part title="△ In the order of the list">
          What changes with time, such as warmth or practice, can’t be told from{' '}
          {variable.name.toLowerCase()}.
        </Part>
      )}
      <Part title="Read">
        {[
          reader && `by ${reader}`,
          measure.how,
          measure.instrument,
          measure.resolution !== null && `to the nearest ${measure.resolution}${unit}`,
          trial.blind ? 'without knowing the level' : 'knowing the level',
        ]
          .filter(Boolean)
          .join(', ')}
      </Part>
      {trial.hypothesis !== '' && (
        <Part title={`“${trial.hypothesis}”`}>
          {guesser ? `${guesser}’s guess before the first go.` : 'The guess before the first go.'}
          {amounts && analysis.steps.length > 0 && (
            <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, mt: 0.5 }}>
              {analysis.steps.map((step) => {
                const half = step.high === null ? null : step.high - step.value;
                const by = roundedTo(step.value, half);
                return (
                  <Box
                    component="li"
                    key={step.to}
                    sx={{
                      display: 'grid',
                      gridTemplateColumns: '54px 74px 1fr',
                      borderTop: '1px solid var(--line)',
                      py: 0.25,
                    }}
                  >
                    <span>
                      {label(step.from)} to {label(step.to)}
                    </span>
                    <b>
                      {by > 0 ? '+' : by < 0 ? '−' : ''}
                      {Math.abs(by)}
                      {unit}
                    </b>
                    <span>
                      {step.credible ? (step.value > 0 ? '✓ higher' : '✓ lower') : '– can’t tell'}
                    </span>
                  </Box>
                );
              })}
            </Box>
          )}
        </Part>
      )}
    </>
  );
}
