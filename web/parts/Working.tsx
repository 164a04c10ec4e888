import Box from '@mui/material/Box';
import type { WorkingStep } from '../../core/calculators/calculator';

interface WorkingProps {
  steps: readonly WorkingStep[];
  limit: string;
  source: string;
}

/** How a figure came about: numbers put in, formulas, the limit, the source. */
export function Working({ steps, limit, source }: WorkingProps) {
  return (
    <Box sx={{ background: 'var(--sunk)', px: 1.5, py: 1, mt: 0.5, mb: 1, fontSize: 14 }}>
      <Box
        component="dl"
        sx={{
          m: 0,
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: 'fit-content(40%) minmax(0, 1fr)' },
          columnGap: 2,
          rowGap: 0.5,
        }}
      >
        {steps.map((step, i) => (
          <Box key={`${step.label}-${i}`} sx={{ display: 'contents' }}>
            <Box component="dt" sx={{ color: 'var(--muted)' }}>
              {step.label}
            </Box>
            <Box component="dd" sx={{ m: 0, minWidth: 0 }}>
              <b>{step.value}</b>
              {step.formula && (
                <Box component="span" sx={{ color: 'var(--muted)' }}>
                  {' '}
                  · {step.formula}
                </Box>
              )}
              {step.source && (
                <Box component="span" sx={{ color: 'var(--muted)' }}>
                  {' '}
                  · {step.source}
                </Box>
              )}
            </Box>
          </Box>
        ))}
        {limit && (
          <Box sx={{ display: 'contents' }}>
            <Box component="dt" sx={{ color: 'var(--muted)' }}>
              Held against
            </Box>
            <Box component="dd" sx={{ m: 0 }}>
              <b>{limit}</b>
            </Box>
          </Box>
        )}
        {source && (
          <Box sx={{ display: 'contents' }}>
            <Box component="dt" sx={{ color: 'var(--muted)' }}>
              Source
            </Box>
            <Box component="dd" sx={{ m: 0 }}>
              {source}
            </Box>
          </Box>
        )}
      </Box>
    </Box>
  );
}
