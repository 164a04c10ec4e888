/** When a cue goes off, in words. */
import { sayDuration } from '../time/clock';
import type { StepCue } from './cues';

export function cueMoment({ at, seconds }: Pick<StepCue, 'at' | 'seconds'>): string {
  switch (at) {
    case 'start':
      return 'when the step is on';
    case 'sign':
      return 'when its sign is seen';
    case 'done':
      return 'when it is done';
    case 'after':
      return seconds === 0 ? 'when the step is on' : `${sayDuration(seconds)} into it`;
  }
}
