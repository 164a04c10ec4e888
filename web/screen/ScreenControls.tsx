/** What is set on the audience’s screen itself: seen while somebody is at it, and not by the audience. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useEffect, useState } from 'react';
import { usePreferences } from '../app/preferences';
import { canFillScreen, fillScreen } from '../stage/device';

/** They go again so long after the last touch, in ms. */
const SHOWN_FOR = 5000;
const TOUCHES = ['pointermove', 'pointerdown', 'keydown', 'focusin'] as const;

/** Whether somebody is at this device just now. */
export function useTouched(): boolean {
  const [touched, setTouched] = useState(false);
  useEffect(() => {
    let over: number | undefined;
    const touch = (): void => {
      setTouched(true);
      window.clearTimeout(over);
      over = window.setTimeout(() => setTouched(false), SHOWN_FOR);
    };
    for (const kind of TOUCHES) window.addEventListener(kind, touch);
    return () => {
      for (const kind of TOUCHES) window.removeEventListener(kind, touch);
      window.clearTimeout(over);
    };
  }, []);
  return touched;
}

const control = {
  minHeight: 48,
  px: 2,
  border: '2px solid var(--control)',
  borderRadius: 1.5,
  background: 'var(--ground)',
  color: 'var(--ink)',
  font: '600 18px Bricolage',
} as const;

export function ScreenControls() {
  const plays = usePreferences((state) => state.stage.plays);
  const set = usePreferences((state) => state.setStage);
  return (
    <Box
      component="aside"
      aria-label="This screen"
      sx={{ position: 'fixed', right: 16, bottom: 16, display: 'flex', gap: 1.5 }}
    >
      <ButtonBase aria-pressed={plays} onClick={() => set({ plays: !plays })} sx={control}>
        {plays ? '✓ Sounds of cues play here' : 'Play the sounds of cues here'}
      </ButtonBase>
      {canFillScreen() && (
        <ButtonBase onClick={() => fillScreen(!document.fullscreenElement)} sx={control}>
          {document.fullscreenElement ? 'Leave full screen' : 'Fill the screen'}
        </ButtonBase>
      )}
    </Box>
  );
}
