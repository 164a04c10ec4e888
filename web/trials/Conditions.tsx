import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { numberIn } from '../../core/trials/fromTable';
import type { TrialGo, TrialSeries } from '../../core/trials/series';
import type { OpenTrial } from './useTrial';

export interface ConditionsState {
  /** As typed, by id. */
  typed: Readonly<Record<string, string>>;
  values: TrialGo['conditions'];
  /** Id of one that is no number; null for none. */
  fault: string | null;
}

function stateOf(trial: TrialSeries, typed: ConditionsState['typed']): ConditionsState {
  const values: TrialGo['conditions'] = [];
  let fault: string | null = null;
  for (const { id } of trial.conditions) {
    const text = typed[id] ?? '';
    if (text.trim() === '') continue;
    const value = numberIn(text);
    if (value === null) fault = id;
    else values.push({ id, value });
  }
  return { typed, values, fault };
}

/** As they were at this go, else at the one before it. */
export function readConditions({ trial, goes }: OpenTrial, go: number): ConditionsState {
  const known = goes.find((one) => one.go === go) ?? goes.filter((one) => one.go < go).at(-1);
  return stateOf(
    trial,
    Object.fromEntries((known?.conditions ?? []).map(({ id, value }) => [id, String(value)])),
  );
}

interface ConditionsProps {
  trial: TrialSeries;
  state: ConditionsState;
  onChange: (state: ConditionsState) => void;
}

/** Figures that are taken down beside the reading. */
export const Conditions = ({ trial, state, onChange }: ConditionsProps) =>
  trial.conditions.length === 0 ? null : (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 1.5 }}>
      {trial.conditions.map(({ id, name, unit }) => (
        <TextField
          key={id}
          size="small"
          label={unit === '' ? name : `${name} (${unit})`}
          value={state.typed[id] ?? ''}
          error={state.fault === id}
          helperText={state.fault === id ? `${name} must be a number` : undefined}
          slotProps={{ htmlInput: { inputMode: 'decimal' } }}
          onChange={(event) =>
            onChange(stateOf(trial, { ...state.typed, [id]: event.target.value }))
          }
          sx={{ width: 150 }}
        />
      ))}
    </Box>
  );
