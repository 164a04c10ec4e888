/** Sounds of cues on the device that was chosen for them, and words of cues for its holder. */
import { useEffect, useRef } from 'react';
import type { FiredCue } from '../../contract/api';
import { useFired } from '../app/live';
import { usePreferences } from '../app/preferences';
import { mediaUrl, useMedia } from './useMedia';

/** Sounds at once; the oldest ends for one more. */
const AT_ONCE = 8;

/** Plays what is fired while it is wanted here. What a browser won't play before it was touched is let be. */
export function usePlaying(): void {
  const plays = usePreferences((state) => state.stage.plays);
  const { last, count } = useFired();
  const { data: media } = useMedia();
  const playing = useRef<HTMLAudioElement[]>([]);
  const told = useRef(count);
  // Fetched before they are needed.
  useEffect(() => {
    if (!plays) return;
    for (const { id, kind } of media ?? [])
      if (kind === 'sound') void fetch(mediaUrl(id)).catch(() => undefined);
  }, [plays, media]);
  useEffect(() => {
    if (told.current === count) return;
    told.current = count;
    if (last === null) {
      for (const sound of playing.current) sound.pause();
      playing.current = [];
    } else if (plays && last.kind === 'sound' && last.media !== null) {
      const sound = new Audio(mediaUrl(last.media));
      playing.current = [...playing.current.filter(({ ended }) => !ended), sound];
      while (playing.current.length > AT_ONCE) playing.current.shift()?.pause();
      sound.play().catch(() => undefined);
    }
  }, [count, last, plays]);
}

/** A word of a cue for this person, or for everybody, for as long as it is news; null for none. */
export function useWord(person: string | null, now: number): FiredCue | null {
  const last = useFired((state) => state.last);
  const news = last !== null && last.kind === 'message' && now - last.at < 30_000;
  return news && (last.to === null || last.to === person) ? last : null;
}
