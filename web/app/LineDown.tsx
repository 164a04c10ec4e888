import Box from '@mui/material/Box';
import { useLocation } from 'react-router';
import { counted } from '../../core/words';
import { useLine } from './live';
import { useTicks } from './ticks';
import { cssVariables } from './tokens';

/** Screens that have a place of their own for it, or stand before an audience. */
const SAYS_IT_ITSELF = /\/(crew|confidence)$|^\/screen(\/|$)/;

/**
 * Over every screen, moving nothing and in the way of nothing: what others do does not reach this page.
 * A show that is on says so itself, where nothing is covered.
 */
export function LineDown() {
  const up = useLine((state) => state.up);
  const ticks = useTicks((state) => state.waiting.length);
  const { pathname, search } = useLocation();
  // The stage is dark by day too, and its foot is for thumbs.
  const onStage = pathname.endsWith('/on-stage');
  if (onStage && new URLSearchParams(search).has('run')) return null;
  if (SAYS_IT_ITSELF.test(pathname)) return null;
  return (
    <Box
      aria-live="polite"
      style={onStage ? cssVariables('night') : undefined}
      sx={{
        position: 'fixed',
        left: { xs: 8, md: onStage ? 32 : 88 },
        right: { xs: 8, md: 'auto' },
        bottom: onStage ? { xs: 210, md: 116 } : { xs: 72, md: 12 },
        zIndex: 'snackbar',
        pointerEvents: 'none',
        ...(!up && {
          px: 1.5,
          py: 0.75,
          borderRadius: 1.5,
          border: '2px solid var(--ember)',
          background: 'var(--card)',
          color: 'var(--ink)',
          fontSize: onStage ? 20 : 15,
          fontWeight: 600,
        }),
      }}
    >
      {!up &&
        `△ Cut off: what others do is not shown. ${ticks > 0 ? `${counted(ticks, 'tick')} kept on this device. ` : ''}${window.isSecureContext ? '' : 'Leave this page open: loaded again it would wait for the laptop. '}Trying again …`}
    </Box>
  );
}
