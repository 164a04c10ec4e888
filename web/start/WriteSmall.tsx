/** The first lines of a demonstration, understood as they are typed; it is gone on with on the page for writing. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { readTold } from '../../core/told/read';
import { formatDuration } from '../../core/time/clock';
import { formatAmount } from '../../core/units/format';
import { useKnown } from '../write/useKnown';
import { draft, useDraft } from '../write/draft';

export function WriteSmall() {
  const navigate = useNavigate();
  const { text } = useDraft();
  const knows = useKnown();
  const told = useMemo(() => readTold(text, knows), [text, knows]);
  const steps = told.methods.flatMap((method) => method.steps);
  const kit = told.methods.flatMap((method) => method.kit);
  return (
    <>
      <Box sx={{ color: 'var(--muted)', fontSize: 14, mt: 0.5, mb: 1 }}>
        Type it as you’d tell it.
      </Box>
      <Box
        component="textarea"
        aria-label="A demo as you would tell it"
        value={text}
        rows={5}
        placeholder={'Tablecloth pull\n1 min lay cloth and three plates\npull straight down, 10 s'}
        onChange={(event: React.ChangeEvent<HTMLTextAreaElement>) =>
          draft({ text: event.target.value })
        }
        sx={{
          width: '100%',
          font: '400 16px/26px Atkinson',
          color: 'var(--ink)',
          background: 'var(--card)',
          border: '1px solid var(--control)',
          borderRadius: 1.5,
          p: 1.5,
          resize: 'vertical',
        }}
      />
      <Box
        component="ul"
        aria-label="Understood so far"
        sx={{ listStyle: 'none', p: 0, m: 0, mt: 1 }}
      >
        {steps.slice(0, 5).map((step, i) => (
          <Box
            component="li"
            key={i}
            sx={{
              display: 'flex',
              gap: 1,
              py: 0.5,
              borderBottom: '1px solid var(--line)',
              fontSize: 15,
            }}
          >
            <Box component="span" sx={{ width: 66, color: 'var(--muted)', fontSize: 13 }}>
              {step.phase === 'perform' ? 'On stage' : step.phase === 'reset' ? 'After' : 'Before'}
            </Box>
            <Box component="b" sx={{ flex: 1, fontFamily: 'Bricolage' }}>
              {step.name}
            </Box>
            <Box
              component="span"
              sx={{ color: step.time.said === 'none' ? 'var(--muted)' : 'inherit' }}
            >
              {formatDuration(step.time.likely)}
            </Box>
          </Box>
        ))}
        {kit.length > 0 && (
          <Box component="li" sx={{ py: 0.5, fontSize: 14 }}>
            Kit:{' '}
            {kit
              .map(
                ({ amount, unit, name }) => `${formatAmount(amount, unit)} ${name.toLowerCase()}`,
              )
              .join(', ')}
          </Box>
        )}
      </Box>
      <Button sx={{ mt: 1 }} onClick={() => void navigate('/demos/write')}>
        Write on, full page
      </Button>
    </>
  );
}
