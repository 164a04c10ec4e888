/** Whether a voice carries to the back row, once somebody has measured how loud the room is. */
import type { ShowBundle } from '../brief/types';
import { usualValues } from '../calculators/inputs';
import { heard } from '../calculators/sound/heard';
import { workingStep } from '../calculators/calculator';
import { dayFactsOf } from './facts';
import { type Verdict, verdict } from './verdict';

export function voiceVerdicts(bundle: ShowBundle): Verdict[] {
  const { sound, backRow } = dayFactsOf(bundle);
  // Nothing depends on it, so that nobody is asked to measure it.
  if (sound === null || backRow === null || bundle.show.slots.length === 0) return [];
  const found = heard.evaluate({ ...usualValues(heard), back: backRow, noise: sound });
  return [
    verdict({
      ...found,
      key: 'voice',
      kind: 'calculator',
      title: 'Voice',
      steps: [
        workingStep('Room', `${sound} dB(A)`, 'the day’s sound level'),
        workingStep('Back row', `${backRow} m`, 'the venue’s length, at the most'),
        ...found.steps,
      ],
    }),
  ];
}
