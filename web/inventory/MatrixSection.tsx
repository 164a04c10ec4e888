/** From which product of likelihood and severity a risk counts as what, drawn as the matrix that it is. */
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import {
  LIKELIHOOD_WORDS,
  RISK_LEVEL_WORDS,
  riskLevel,
  riskProduct,
  type RiskLevel,
  type RiskMatrix,
  SEVERITY_WORDS,
} from '../../core/repertoire/matrix';
import { FigureGap } from '../parts/formGaps';
import { Section } from '../parts/page';
import { SentenceText } from '../parts/SentenceText';

/** Told apart by their words; the ground only helps the eye. */
const GROUND: Record<RiskLevel, string> = {
  low: 'transparent',
  medium: 'color-mix(in srgb, var(--ember) 8%, transparent)',
  high: 'color-mix(in srgb, var(--ember) 18%, transparent)',
  extreme: 'color-mix(in srgb, var(--ember) 30%, transparent)',
};

export const MatrixSection = ({ matrix }: { matrix: RiskMatrix }) => (
  <Section title="How risks are counted">
    <SentenceText>
      Medium from <FigureGap name="riskMatrix.medium" label="Medium from" />, high from{' '}
      <FigureGap name="riskMatrix.high" label="High from" />, extreme from{' '}
      <FigureGap name="riskMatrix.extreme" label="Extreme from" />.
    </SentenceText>
    <Typography color="textSecondary" sx={{ mt: 1 }}>
      How likely times how bad, one to five each. A risk that stays high with its control is to fix;
      one that stays extreme stops the show.
    </Typography>
    <Box
      sx={{ overflowX: 'auto', mt: 2, maxWidth: 860 }}
      tabIndex={0}
      role="region"
      aria-label="Risk matrix"
    >
      <Box
        component="table"
        sx={{
          borderCollapse: 'collapse',
          fontSize: 14,
          '& th': { fontWeight: 400, textAlign: 'left', p: 1, color: 'var(--muted)' },
          '& td': { border: '1px solid var(--line)', p: 1, minWidth: 96 },
        }}
      >
        <thead>
          <tr>
            <th scope="col">How likely, how bad</th>
            {SEVERITY_WORDS.map((words, i) => (
              <th key={words} scope="col">
                {i + 1} · {words}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {LIKELIHOOD_WORDS.map((words, likely) => (
            <tr key={words}>
              <th scope="row">
                {likely + 1} · {words}
              </th>
              {SEVERITY_WORDS.map((severe, bad) => {
                const rating = { likelihood: likely + 1, severity: bad + 1 };
                const level = riskLevel(rating, matrix);
                return (
                  <Box component="td" key={severe} sx={{ background: GROUND[level] }}>
                    {riskProduct(rating)} {RISK_LEVEL_WORDS[level]}
                  </Box>
                );
              })}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  </Section>
);
