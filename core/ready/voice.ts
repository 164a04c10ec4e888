/** Whether a voice carries to the back row, once the loudness of the room is measured. */
import type { ShowBundle } from '../brief/types';
import { evaluateChecked } from '../calculators/evaluate';
import { heard } from '../calculators/sound/heard';
import { workingStep } from '../calculators/calculator';
import { passes } from '../calculators/edge';
import { dayFactsOf, expectedFacts } from './facts';
import { lowerFirst } from '../words';
import { DAY_FIGURES, type Verdict, verdict } from './verdict';

export function voiceVerdicts(bundle: ShowBundle): Verdict[] {
  const { sound, backRow } = dayFactsOf(bundle);
  // Nothing depends on it, so no measurement is asked for.
  if (sound === null || backRow === null || bundle.show.slots.length === 0) return [];
  const key = { key: 'voice', kind: 'calculator' as const, title: 'Voice' };
  const evaluated = evaluateChecked(heard, { effort: 'raised', back: backRow, noise: sound });
  if (!evaluated.ok)
    return [
      verdict({
        ...key,
        level: 'unknown',
        message: `Whether a voice carries can’t be calculated: ${Object.values(evaluated.faults).join('; ')}.`,
        remedy: 'Correct the venue’s length, or the day’s sound level.',
      }),
    ];
  const found = evaluated.assessment;
  const message = `With a raised voice: ${lowerFirst(found.message)}`;
  const open = passes(found.level) && expectedFacts(bundle).has('sound');
  return [
    verdict({
      ...found,
      ...key,
      message,
      ...(open
        ? {
            level: 'unknown' as const,
            message: `Only expected so far. ${message}`,
            remedy: 'Measure how loud the room is.',
            place: DAY_FIGURES,
          }
        : {}),
      steps: [
        workingStep('Room', `${sound} dB(A)`, 'the day’s sound level'),
        workingStep('Back row', `${backRow} m`, 'the venue’s length, at the most'),
        ...found.steps,
      ],
    }),
  ];
}
