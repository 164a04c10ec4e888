/** How shots are told: to whoever films, and to whoever plans. */
import {
  type Camera,
  replaySeconds,
  type SlowMotion,
  stopsDarker,
  timesSlower,
} from '../../repertoire/pictures';
import { sayDuration } from '../../time/clock';
import { lowerFirst } from '../../words';
import type { Shot, ShotFault } from './shots';

export const CAMERA_WORDS: Readonly<Record<Camera, string>> = {
  wide: 'Wide',
  close: 'Close',
  above: 'From above',
  hand: 'In the hand',
};

/** “wide, both cups up”. */
export const cameraInWords = (camera: Camera, sees: string): string =>
  [lowerFirst(CAMERA_WORDS[camera]), sees].filter(Boolean).join(', ');

const plain = (value: number): string => String(Number(value.toPrecision(3)));

/** Short times with their tenths: “0.5 s”. */
const short = (seconds: number): string =>
  seconds < 10 ? `${plain(seconds)} s` : sayDuration(seconds);

/** “0.5 s at 240 frames a second, shown at 30: 4 s, 8 times slower”. */
export const slowInWords = (slow: SlowMotion): string =>
  `${short(slow.seconds)} at ${plain(slow.rate)} frames a second, shown at ${plain(slow.shownAt)}: ${short(replaySeconds(slow))}, ${plain(timesSlower(slow))} times slower`;

/** “3 stops less light”; empty where it is no less. */
export const darkerInWords = (slow: SlowMotion): string => {
  const stops = Math.round(stopsDarker(slow) * 2) / 2;
  return stops === 0 ? '' : `${plain(stops)} ${stops === 1 ? 'stop' : 'stops'} less light`;
};

/** What is in the way of a shot. */
export function shotFaultWords(
  shot: Shot,
  fault: ShotFault,
  nameOf: (id: string) => string,
): string {
  const who = shot.personId === null ? 'Somebody' : nameOf(shot.personId);
  switch (fault) {
    case 'nobody':
      return 'nobody films it yet';
    case 'gone':
      return 'who was to film it is not of the show any more';
    case 'busy':
      return `${who} is at work then: ${shot.busyWith}`;
    case 'both':
      return `${who} holds another camera then`;
    case 'long':
      return 'more is filmed than the step is likely to take';
    case 'replay':
      return `showing it takes ${short(shot.replay?.takes ?? 0)}, and the next begins ${
        shot.replay && shot.replay.has > 0 ? `${short(shot.replay.has)} after the step` : 'at once'
      }`;
  }
}
