import { useLayoutEffect, useRef } from 'react';

export interface StageKeys {
  forward(): void;
  back(): void;
  again(): void;
  failed(): void;
  skip(): void;
  hold(): void;
  sign(): void;
  leaveOut(): void;
  goTo(): void;
}

/** What a key does on stage. Clickers for presentations send Page Down and Page Up, or arrows. */
const KEYS: Record<string, keyof StageKeys> = {
  ' ': 'forward',
  ArrowRight: 'forward',
  ArrowDown: 'forward',
  PageDown: 'forward',
  ArrowLeft: 'back',
  ArrowUp: 'back',
  PageUp: 'back',
  r: 'again',
  x: 'failed',
  s: 'skip',
  h: 'hold',
  t: 'sign',
  l: 'leaveOut',
  g: 'goTo',
};

/** The same in words, for the list of keys. */
export const STAGE_KEYS: readonly (readonly [keys: string, what: string])[] = [
  ['Space, →, ↓, Page Down', 'done, and on; a clicker’s forward key'],
  ['←, ↑, Page Up', 'back one step; a clicker’s back key'],
  ['R', 'again'],
  ['X', 'didn’t work'],
  ['S', 'skip this demo'],
  ['T', 'the sign is seen: start the timer'],
  ['L', 'leave out what is advised'],
  ['G', 'go to another demo'],
  ['H', 'hold, and go on'],
];

/**
 * Listens while `on`; not inside fields, and not to a key that is held down. What is on the screen can
 * be pressed: the listener is there, and knows of it, before it is painted.
 */
export function useStageKeys(keys: StageKeys, on: boolean): void {
  const latest = useRef(keys);
  useLayoutEffect(() => {
    latest.current = keys;
  });
  useLayoutEffect(() => {
    if (!on) return;
    const listen = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
      if ((event.target as HTMLElement).closest('input, textarea')) return;
      const action = KEYS[event.key.length === 1 ? event.key.toLowerCase() : event.key];
      if (!action) return;
      // Space on a focused button would press that button as well.
      event.preventDefault();
      latest.current[action]();
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [on]);
}
