import { useLayoutEffect, useRef } from 'react';

export interface StageKeys {
  forward: () => void;
  back: () => void;
  again: () => void;
  failed: () => void;
  skip: () => void;
  hold: () => void;
  sign: () => void;
  leaveOut: () => void;
  goTo: () => void;
  moveFinish: () => void;
  device: () => void;
  jobs: () => void;
  /** What the audience’s screen shows. */
  screen: () => void;
  /** The cues of what is on stage. */
  cues: () => void;
  /** What is to be read of this go, or was not. */
  reading: () => void;
  /** What trials found out about it, and the finale that follows from it. */
  tried: () => void;
  blackout: () => void;
  house: () => void;
  undo: () => void;
  /** A figure, 1 to 10. */
  number: (figure: number) => void;
}

type Plain = Exclude<keyof StageKeys, 'number'>;

/** What a key does on stage. Clickers for presentations send Page Down and Page Up, or arrows, and B or a dot. */
const KEYS: Record<string, Plain> = {
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
  b: 'goTo',
  '.': 'goTo',
  f: 'moveFinish',
  d: 'device',
  j: 'jobs',
  v: 'screen',
  c: 'cues',
  m: 'reading',
  n: 'tried',
  k: 'blackout',
  u: 'house',
  Escape: 'undo',
};

/** The same in words, for the list of keys. */
export const STAGE_KEYS: readonly (readonly [keys: string, what: string])[] = [
  ['Space, →, ↓, Page Down', 'done, and on; a clicker’s forward key'],
  ['←, ↑, Page Up', 'back one step; a clicker’s back key'],
  ['R', 'again'],
  ['X', 'didn’t work'],
  ['Esc', 'it did work after all'],
  ['S', 'skip this demo'],
  ['T', 'the sign is seen: start the timer'],
  ['L', 'leave out what is advised'],
  ['G, B, dot', 'go to another demo; a clicker’s blank key. There, forward steps on, blank goes'],
  ['1 to 9, 0', 'that demo, with its price; once more to go. After a failure: why'],
  ['H', 'hold, and go on'],
  ['P, held', 'past a closed gate, with a name'],
  ['F', 'move the hard finish by as much as the show began late'],
  ['J', 'who does what, now and next'],
  ['V', 'what the audience’s screen shows'],
  ['C', 'cues of this demo: fire one by hand, stop what plays'],
  ['M', 'put in what was read: figures on the keys, Enter keeps it'],
  ['N', 'what trials found out: show it, or put a finale in'],
  ['K', 'blackout, and back'],
  ['U', 'house lights up, and down'],
  ['D', 'this device: size of the words, sound, screen; who is here'],
];

/** Clickers bounce: the same key so soon again, in ms, is the same press. */
const BOUNCE = 80;

/**
 * Listens while `on`; not inside fields, and not to a key that is held down. What is on the screen can
 * be pressed: the listener is there, and knows of it, before it is painted.
 */
export function useStageKeys(keys: StageKeys, on: boolean): void {
  const latest = useRef(keys);
  const last = useRef({ key: '', at: -Infinity });
  useLayoutEffect(() => {
    latest.current = keys;
  });
  useLayoutEffect(() => {
    if (!on) return;
    const listen = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if ((event.target as HTMLElement).closest('input, textarea')) return;
      const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
      const action = KEYS[key];
      const figure = /^\d$/.test(key);
      if (!action && !figure) return;
      // Space on a focused button would press that button as well; held down, when it is let go.
      event.preventDefault();
      if (event.repeat) return;
      const before = last.current;
      last.current = { key, at: event.timeStamp };
      if (before.key === key && event.timeStamp - before.at < BOUNCE) return;
      if (action) latest.current[action]();
      else latest.current.number(Number(key) || 10);
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [on]);
}
