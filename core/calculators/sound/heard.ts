import {
  choice,
  number,
  type Assessment,
  workingStep,
  calculator,
  toThreeFigures,
} from '../calculator';
import { levelAt } from './level';

type Effort = 'normal' | 'raised' | 'loud';

/** dB(A) at 1 m in front of the mouth, by vocal effort; ISO 9921:2003 (from memory). */
const EFFORT: Record<Effort, number> = { normal: 60, raised: 66, loud: 72 };
/** How far a room's speech interference level lies below its level in dB(A); ISO 9921:2003 (from memory). */
const BELOW_A = 8;
/** dB above the interference level from which intelligibility is good, fair and poor; as above. */
const GOOD = 15;
const FAIR = 10;
const POOR = 3;

interface Voice {
  effort: Effort;
  back: number;
  noise: number;
}

/** dB by which a voice stands above what interferes with it, at the back row. */
const above = (v: Voice): number => levelAt(EFFORT[v.effort], 1, v.back) - (v.noise - BELOW_A);

/** Metres at which it stands by so much above it: the level falls by 20·log₁₀ of the distance. */
const reaches = (v: Voice, wanted: number): number =>
  10 ** ((above({ ...v, back: 1 }) - wanted) / 20);

function wordsFor(stands: number): string {
  if (stands >= GOOD) return 'Heard well';
  if (stands >= FAIR) return 'Heard fairly well';
  return stands >= POOR ? 'Heard with effort' : 'Hard to hear';
}

function judge(v: Voice): Assessment {
  const stands = above(v);
  const source = 'ISO 9921:2003 (source not checked); inverse-square law, free field';
  // In the open it is as calculated; a hall sends some of it back, so that fair is enough there.
  const fits = stands >= FAIR;
  return {
    level: fits ? 'ok' : 'watch',
    final: false,
    message: `${wordsFor(stands)} at the back: the voice stands ${toThreeFigures(stands)} dB above the room.`,
    figure: `${toThreeFigures(stands)} dB at ${toThreeFigures(v.back)} m`,
    limit: `${GOOD} dB and more is good, ${FAIR} dB fair, ${POOR} dB poor`,
    source,
    remedy: fits
      ? ''
      : `Take the microphone, or wait until it is quiet: without one it carries ${toThreeFigures(reaches(v, FAIR))} m. A hall sends some of it back and helps.`,
    steps: [
      workingStep(
        'Voice at the back row',
        `${toThreeFigures(levelAt(EFFORT[v.effort], 1, v.back))} dB(A)`,
        'L − 20·log₁₀(d / 1 m)',
        source,
      ),
      workingStep(
        'What interferes with it',
        `${toThreeFigures(v.noise - BELOW_A)} dB`,
        `level of the room − ${BELOW_A} dB`,
        'ISO 9921:2003 (source not checked)',
      ),
      workingStep(
        'It carries to',
        `${toThreeFigures(reaches(v, FAIR))} m`,
        `where ${FAIR} dB are left`,
      ),
    ],
  };
}

/** Is a voice without a microphone understood at the back row? */
export const heard = calculator({
  id: 'heard',
  family: 'sound',
  title: 'Will they hear me at the back?',
  question: 'The room makes so much noise by itself: is a voice without a microphone understood?',
  inputs: {
    effort: choice('Voice', { normal: 'normal', raised: 'raised', loud: 'loud' }, 'raised'),
    back: number({
      label: 'Back row',
      unit: 'm',
      least: 0.5,
      most: 200,
      usual: 10,
      slide: [1, 40],
      fact: 'backRow',
    }),
    noise: number({
      label: 'Room, dB(A)',
      unit: 'dB',
      least: 0,
      most: 130,
      usual: 45,
      slide: [30, 80],
      fact: 'sound',
    }),
  },
  grounds: {
    formula: 'L − 20·log₁₀(d / 1 m), against the room’s dB(A) − 8',
    validity: 'In the open; a hall sends some of it back and helps, unless it echoes.',
    source: 'ISO 9921:2003 (source not checked)',
    check: '6.02 dB less at twice the distance',
  },
  evaluate: judge,
  curve: {
    label: 'Voice above the room',
    unit: 'dB',
    at: above,
    limits: () => [
      { label: 'good from', value: GOOD },
      { label: 'fair from', value: FAIR },
    ],
  },
});
