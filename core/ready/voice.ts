/** Whether a voice carries to the back row, once somebody has measured how loud the room is. */
import type { ShowBundle } from '../brief/types';
import { usualValues } from '../sums/inputs';
import { heard } from '../sums/sound/heard';
import { step } from '../sums/sum';
import { factsOf } from './facts';
import { type Verdict, verdict } from './verdict';

export function voiceVerdicts(bundle: ShowBundle): Verdict[] {
  const { sound, backRow } = factsOf(bundle);
  // Nothing depends on it, so that nobody is asked to measure it.
  if (sound === null || backRow === null || bundle.show.slots.length === 0) return [];
  const found = heard.reckon({ ...usualValues(heard), back: backRow, noise: sound });
  return [
    verdict({
      ...found,
      key: 'voice',
      kind: 'sum',
      title: 'Voice',
      steps: [
        step('Room', `${sound} dB(A)`, 'the day’s sound level'),
        step('Back row', `${backRow} m`, 'the venue’s length, at the most'),
        ...found.steps,
      ],
    }),
  ];
}
