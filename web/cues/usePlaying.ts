/** Sounds of cues on the device that was chosen for them, and words of cues for its holder. */
import { useEffect, useRef } from 'react';
import type { FiredCue } from '../../contract/api';
import { useFired } from '../app/live';
import { usePreferences } from '../app/preferences';
import { mediaUrl, useMedia } from './useMedia';

/** Sounds at once; the oldest ends for one more. */
const AT_ONCE = 8;
/** A word of a cue is news for so long, in ms. */
const NEWS = 30_000;

/** Calls back for each cue that goes off from here on, and with null when everything is to end. */
export function useEachFired(listener: (cue: FiredCue | null) => void): void {
  const latest = useRef(listener);
  latest.current = listener;
  useEffect(() => useFired.subscribe(({ fired }) => latest.current(fired.at(-1) ?? null)), []);
}

/** Plays what is fired while it is wanted here. What a browser won't play before it was touched is let be. */
export function usePlaying(): void {
  const plays = usePreferences((state) => state.stage.plays);
  const { data: media } = useMedia();
  const playing = useRef<HTMLAudioElement[]>([]);
  // Fetched before they are needed.
  useEffect(() => {
    if (!plays) return;
    for (const { id, kind } of media ?? [])
      if (kind === 'sound') void fetch(mediaUrl(id)).catch(() => undefined);
  }, [plays, media]);
  useEachFired((cue) => {
    if (cue === null) {
      for (const sound of playing.current) sound.pause();
      playing.current = [];
    } else if (plays && cue.kind === 'sound' && cue.media !== null) {
      const sound = new Audio(mediaUrl(cue.media));
      playing.current = [...playing.current.filter(({ ended }) => !ended), sound];
      while (playing.current.length > AT_ONCE) playing.current.shift()?.pause();
      sound.play().catch(() => undefined);
    }
  });
}

/** A word of a cue for this person, or for everybody, for as long as it is news; null for none. */
export function useWord(person: string | null, now: number): FiredCue | null {
  const fired = useFired((state) => state.fired);
  const word = fired.findLast(
    ({ kind, to }) => kind === 'message' && (to === null || to === person),
  );
  return word && now - word.at < NEWS ? word : null;
}
