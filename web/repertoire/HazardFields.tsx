/** What a hazard is, how it is kept down, and how likely and bad it is without and with that. */
import Box from '@mui/material/Box';
import { useFormContext, useWatch } from 'react-hook-form';
import { HAZARD_FIGURES } from '../../core/repertoire/hazards';
import { LIKELIHOOD_WORDS, ratingText, SEVERITY_WORDS } from '../../core/repertoire/matrix';
import type { Hazard } from '../../core/repertoire/types';
import { useRiskMatrix } from '../app/data';
import { Choice, Figure, Many, Words } from '../parts/form';
import { Pick } from '../parts/Pick';
import { AT_RISK, HAZARD, options } from '../parts/words';

const steps = (words: readonly string[]) =>
  words.map((label, i) => ({ value: String(i + 1), label: `${i + 1} · ${label}` }));

/** Likelihood and severity, and what they come to; both empty while it is not rated. */
function RatingFields({ name, label }: { name: string; label: string }) {
  const { setValue } = useFormContext();
  const rating = useWatch({ name }) as Hazard['after'];
  const matrix = useRiskMatrix();
  const set = (part: 'likelihood' | 'severity', value: string | null): void =>
    setValue(
      name,
      value === null ? null : { likelihood: 3, severity: 3, ...rating, [part]: Number(value) },
      { shouldValidate: true, shouldDirty: true },
    );
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Pick
        label={`${label}: how likely`}
        value={rating ? String(rating.likelihood) : null}
        none="not rated"
        options={steps(LIKELIHOOD_WORDS)}
        onChange={(value) => set('likelihood', value)}
      />
      <Pick
        label={`${label}: how bad`}
        value={rating ? String(rating.severity) : null}
        none="not rated"
        options={steps(SEVERITY_WORDS)}
        onChange={(value) => set('severity', value)}
      />
      <Box sx={{ fontSize: 13, color: 'var(--muted)' }}>{ratingText(rating, matrix)}</Box>
    </Box>
  );
}

export function HazardFields({ row }: { row: string }) {
  const kind = useWatch({ name: `${row}.kind` }) as Hazard['kind'];
  const counted = HAZARD_FIGURES[kind];
  return (
    <>
      <Choice name={`${row}.kind`} label="Hazard" options={options(HAZARD)} />
      <Words name={`${row}.control`} label="Control" />
      <Many name={`${row}.atRisk`} label="Who is at risk" options={options(AT_RISK)} />
      {counted && <Figure name={`${row}.figure`} label={counted.label} optional />}
      <RatingFields name={`${row}.before`} label="Without it" />
      <RatingFields name={`${row}.after`} label="With it" />
      <Words name={`${row}.firstAid`} label="First aid" help="Empty for the usual line" />
    </>
  );
}
