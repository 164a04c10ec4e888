/** What protects somebody is a gate: two posts and a bar of tape, opened by holding it, with a name. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useEffect, useRef, useState } from 'react';
import { pinked } from '../parts/tapeShape';
import { useLatest } from '../parts/stable';

/** Held this long, in ms, it opens. */
const HOLD = 1200;
const KEY = 'p';

const Bar = ({ width = 64 }: { width?: number }) => (
  <svg width={width} height={40} viewBox="0 0 64 40" aria-hidden="true" style={{ flex: 'none' }}>
    <path d="M12 2V38M52 2V38" stroke="var(--ink)" strokeWidth={7} />
    <path d="M2 14L5 18L2 22L5 26H59L62 22L59 18L62 14Z" fill="var(--ember)" />
  </svg>
);

/** Held down long enough it calls back; let go before, nothing happens. */
function useHolding(onOpen: () => void): {
  held: boolean;
  down: () => void;
  up: () => void;
} {
  const [held, setHeld] = useState(false);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const open = useLatest(onOpen);
  const up = useLatest(() => {
    if (timer.current) clearTimeout(timer.current);
    timer.current = null;
    setHeld(false);
  });
  const down = useLatest(() => {
    if (timer.current) return;
    setHeld(true);
    timer.current = setTimeout(() => {
      up();
      open();
    }, HOLD);
  });
  useEffect(() => up, [up]);
  return { held, down, up };
}

interface Props {
  /** What it guards against, each in a few words. */
  rules: readonly string[];
  onOpen: () => void;
}

export function Gate({ rules, onOpen }: Props) {
  const { held, down, up } = useHolding(onOpen);
  useEffect(() => {
    const press = (event: KeyboardEvent): void => {
      if (event.key.toLowerCase() === KEY && !event.repeat && !event.ctrlKey && !event.metaKey)
        down();
    };
    const release = (event: KeyboardEvent): void => {
      if (event.key.toLowerCase() === KEY) up();
    };
    window.addEventListener('keydown', press);
    window.addEventListener('keyup', release);
    window.addEventListener('blur', up);
    return () => {
      window.removeEventListener('keydown', press);
      window.removeEventListener('keyup', release);
      window.removeEventListener('blur', up);
    };
  }, [down, up]);
  return (
    <ButtonBase
      aria-label={`Closed: ${rules.join(', ')}. Hold to go past.`}
      onPointerDown={down}
      onPointerUp={up}
      onPointerLeave={up}
      onPointerCancel={up}
      onContextMenu={(event) => event.preventDefault()}
      sx={{
        flex: '3 1 0',
        minHeight: { xs: 72, md: 92 },
        minWidth: { xs: '100%', md: 0 },
        gap: 2,
        px: 2,
        justifyContent: 'flex-start',
        textAlign: 'left',
        position: 'relative',
        background: 'var(--card)',
        border: '2px solid var(--control)',
        clipPath: pinked(8, 6),
        touchAction: 'none',
        userSelect: 'none',
        font: { xs: '700 20px/24px Bricolage', md: '700 28px/32px Bricolage' },
      }}
    >
      <Box
        aria-hidden="true"
        sx={{
          position: 'absolute',
          inset: 0,
          width: held ? '100%' : 0,
          background: 'var(--ember-area)',
          transition: held ? `width ${HOLD}ms linear` : 'none',
          '@media (prefers-reduced-motion: reduce)': { transition: 'none' },
        }}
      />
      <Box sx={{ position: 'relative', display: 'flex' }}>
        <Bar />
      </Box>
      <Box sx={{ position: 'relative', minWidth: 0 }}>
        Closed: {rules.join(', ')}
        <Box
          component="small"
          sx={{
            display: 'block',
            font: { xs: '500 15px Figures, Atkinson', md: '500 20px/24px Figures, Atkinson' },
          }}
        >
          hold here, or hold P, to go past it
        </Box>
      </Box>
    </ButtonBase>
  );
}
