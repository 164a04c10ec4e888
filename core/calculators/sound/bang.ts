import {
  choice,
  type VerdictLevel,
  number,
  type Assessment,
  workingStep,
  calculator,
  toThreeFigures,
} from '../calculator';
import { noiseDose, levelAt } from './level';

/** dB(C): first and second action values and the limit of EU Directive 2003/10/EC. */
const PEAK = { first: 135, second: 137, limit: 140 };
/** dB: the peak that children should not meet (WHO, from memory). */
const CHILDREN = 120;

interface Bang {
  peak: number;
  level: number;
  at: number;
  front: number;
  crew: number;
  bangs: number;
  lasts: number;
  hands: 'free' | 'busy';
  plugs: number;
}

function heardOf(v: Bang) {
  const front = levelAt(v.peak, v.at, v.front);
  const crew = levelAt(v.peak, v.at, v.crew);
  const seconds = v.bangs * v.lasts;
  return {
    front,
    crew,
    behind: crew - v.plugs,
    frontDose: noiseDose(levelAt(v.level, v.at, v.front), seconds),
    crewDose: noiseDose(levelAt(v.level, v.at, v.crew), seconds),
  };
}

function levelOf(heard: ReturnType<typeof heardOf>): Exclude<VerdictLevel, 'unknown'> {
  if (heard.front >= PEAK.limit || heard.behind >= PEAK.limit) return 'stop';
  if (heard.front >= PEAK.first || heard.behind >= PEAK.second || heard.frontDose > 100)
    return 'fix';
  return heard.front >= CHILDREN || heard.crew >= PEAK.first || heard.crewDose > 100
    ? 'watch'
    : 'ok';
}

function remedyOf(v: Bang, heard: ReturnType<typeof heardOf>): string {
  const protect = heard.crew >= PEAK.first || heard.crewDose > 100;
  return [
    heard.front >= CHILDREN
      ? 'Ask the audience to cover their ears; move the front row back, or make it quieter.'
      : '',
    protect ? 'Crew: ear protection.' : '',
    protect && v.hands === 'busy'
      ? 'Both hands are busy: plugs in before, ears can’t be covered then.'
      : '',
    heard.frontDose > 100
      ? 'Fewer, shorter, or further off: the front row has more than a day’s dose.'
      : '',
    heard.behind >= PEAK.second ? 'Better plugs, or stand further off.' : '',
  ]
    .filter(Boolean)
    .join(' ');
}

function judge(v: Bang): Assessment {
  const heard = heardOf(v);
  const { front, crew, frontDose, crewDose } = heard;
  const source = 'EU Directive 2003/10/EC; NIOSH REL; children’s peak WHO (source not checked)';
  return {
    level: levelOf(heard),
    final: false,
    message: `${toThreeFigures(front)} dB at the front row, ${toThreeFigures(crew)} dB at the crew.`,
    figure: `${toThreeFigures(front)} dB at the front row`,
    limit: `children ${CHILDREN} dB; action from ${PEAK.first} and ${PEAK.second} dB(C), never ${PEAK.limit}`,
    source,
    remedy: remedyOf(v, heard),
    steps: [
      workingStep(
        'Peak at the front row',
        `${toThreeFigures(front)} dB`,
        'L − 20·log₁₀(d₂ / d₁)',
        'inverse-square law, free field',
      ),
      workingStep(
        'Peak at the crew',
        `${toThreeFigures(crew)} dB, ${toThreeFigures(crew - v.plugs)} dB behind the plugs`,
        'the same, less what the plugs take',
      ),
      workingStep(
        'Dose at the front row',
        `${toThreeFigures(frontDose)} % of a day’s`,
        'time / (8 h / 2^((L − 85) / 3))',
        'NIOSH REL',
      ),
      workingStep(
        'Dose of the crew, without plugs',
        `${toThreeFigures(crewDose)} % of a day’s`,
        'the same',
        'NIOSH REL',
      ),
    ],
  };
}

/** How loud is it at the front row and at the crew, and who needs protection? */
export const bang = calculator({
  id: 'bang',
  family: 'sound',
  title: 'How loud is it for each of them?',
  question:
    'A level was measured at a distance: what reaches the front row and the crew, and who needs plugs?',
  inputs: {
    peak: number({
      label: 'Peak, dB(C)',
      unit: 'dB',
      least: 0,
      most: 190,
      usual: 120,
      slide: [80, 150],
    }),
    level: number({
      label: 'Level while it lasts, dB(A)',
      unit: 'dB',
      least: 0,
      most: 160,
      usual: 100,
      slide: [60, 130],
    }),
    at: number({
      label: 'Measured at',
      unit: 'm',
      least: 0.001,
      most: 200,
      usual: 1,
      slide: [0.5, 10],
    }),
    front: number({
      label: 'Front row',
      unit: 'm',
      least: 0.001,
      most: 200,
      usual: 3,
      slide: [1, 20],
      fact: 'frontRow',
    }),
    crew: number({
      label: 'Crew',
      unit: 'm',
      least: 0.001,
      most: 200,
      usual: 1,
      slide: [0.3, 10],
    }),
    bangs: number({
      label: 'How many',
      unit: 'piece',
      least: 0,
      most: 10_000,
      usual: 1,
      slide: [1, 20],
    }),
    lasts: number({
      label: 'Each lasts',
      unit: 's',
      least: 0,
      most: 36_000,
      usual: 0.5,
      slide: [0.1, 30],
    }),
    hands: choice('Hands of the one beside it', { free: 'free', busy: 'both busy' }, 'free'),
    plugs: number({
      label: 'Plugs take',
      unit: 'dB',
      least: 0,
      most: 40,
      usual: 20,
      slide: [0, 35],
    }),
  },
  evaluate: judge,
  curve: {
    label: 'Peak at the front row',
    unit: 'dB',
    at: (v) => heardOf(v).front,
    limits: () => [
      { label: 'children', value: CHILDREN },
      { label: 'action', value: PEAK.first },
      { label: 'never', value: PEAK.limit },
    ],
  },
});
