import { useEffect } from 'react';
import { useLatest } from '../../parts/stable';

interface Keys {
  all: () => void;
  wrong: () => void;
  step: (by: 1 | -1) => void;
}

/** What is typed in, pressed or chosen keeps its own keys. */
const OWN =
  'input, textarea, select, button, a, summary, [role="button"], [role="slider"], [role="dialog"], [contenteditable]';

/** Enter: all as it should be; X: something isn’t; ← →: along the walk. ↑ ↓ scroll the page, as everywhere. */
export function useWalkKeys(keys: Keys): void {
  const press = useLatest((event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
    if (document.querySelector('[role="dialog"]')) return;
    const target = event.target as HTMLElement;
    const isTyping = target.closest(
      'input:not([type="checkbox"]), textarea, select, [role="slider"], [role="combobox"], svg [role="button"]',
    );
    if (isTyping) return;
    if (event.key.toLowerCase() === 'x') keys.wrong();
    else if (event.key === 'ArrowRight') keys.step(1);
    else if (event.key === 'ArrowLeft') keys.step(-1);
    else if (event.key === 'Enter' && !target.closest(OWN)) keys.all();
    else return;
    event.preventDefault();
  });
  useEffect(() => {
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [press]);
}
