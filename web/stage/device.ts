/** What this device can do for whoever performs: stay awake, fill the screen, buzz, and tick quietly. */
import { useEffect, useRef } from 'react';
import { usePreferences } from '../app/preferences';

/** Where the page is not secure a silent film does it, from the first touch on. Gives what ends it. */
function awakeByFilm(): () => void {
  let over = false;
  let film: { enable(): Promise<unknown>; disable(): void } | null = null;
  const begin = (): void => {
    if (film || over) return;
    void import('nosleep.js').then(({ default: NoSleep }) => {
      if (over || film) return;
      film = new NoSleep();
      // Refused by some browsers, as by those short of power.
      film.enable().catch(() => undefined);
    });
  };
  document.addEventListener('pointerdown', begin);
  return () => {
    over = true;
    document.removeEventListener('pointerdown', begin);
    film?.disable();
  };
}

/** The screen stays on for as long as something is on stage, where the browser can. */
export function useAwake(on: boolean): void {
  const wanted = usePreferences((state) => state.stage.awake);
  useEffect(() => {
    if (!on || !wanted) return;
    if (!('wakeLock' in navigator)) return awakeByFilm();
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const take = (): void => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock
        .request('screen')
        .then((taken) => {
          if (over) void taken.release();
          else lock = taken;
        })
        // A device that is short of power may say no.
        .catch(() => undefined);
    };
    take();
    document.addEventListener('visibilitychange', take);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', take);
      void lock?.release();
    };
  }, [on, wanted]);
}

export const canFillScreen = (): boolean => document.fullscreenEnabled;

export function fillScreen(on: boolean): void {
  const change = on ? document.documentElement.requestFullscreen() : document.exitFullscreen();
  // Refused where nobody has pressed anything yet.
  change.catch(() => undefined);
}

/** A quiet tick of two notes, made on the device. */
function tick(): void {
  const audio = new AudioContext();
  const gain = audio.createGain();
  gain.gain.value = 0.06;
  gain.connect(audio.destination);
  [660, 880].forEach((hertz, i) => {
    const tone = audio.createOscillator();
    tone.frequency.value = hertz;
    tone.connect(gain);
    tone.start(audio.currentTime + 0.18 * i);
    tone.stop(audio.currentTime + 0.18 * i + 0.14);
  });
  setTimeout(() => void audio.close(), 800);
}

/** Buzzes and ticks once for each thing that begins to be urgent; `what` names it, null for nothing. */
export function useUrgency(what: string | null): void {
  const { sound, vibrate } = usePreferences((state) => state.stage);
  const told = useRef<string | null>(null);
  useEffect(() => {
    if (what === null || told.current === what) return;
    told.current = what;
    if (vibrate && 'vibrate' in navigator) navigator.vibrate([120, 80, 120]);
    if (sound && 'AudioContext' in window) tick();
  }, [what, sound, vibrate]);
}
