import Box from '@mui/material/Box';
import { useLine } from './live';

/** Over every screen, moving nothing: what others do does not reach this page. */
export function LineDown() {
  const up = useLine((state) => state.up);
  return (
    <Box
      aria-live="polite"
      sx={{
        position: 'fixed',
        left: { xs: 8, md: 16 },
        bottom: { xs: 72, md: 12 },
        zIndex: 'snackbar',
        pointerEvents: 'none',
        ...(!up && {
          px: 1.5,
          py: 0.75,
          borderRadius: 1.5,
          border: '2px solid var(--ember)',
          background: 'var(--card)',
          color: 'var(--ink)',
          fontWeight: 600,
          boxShadow: 3,
        }),
      }}
    >
      {!up && '△ Cut off: what others do is not shown here. Trying again …'}
    </Box>
  );
}
