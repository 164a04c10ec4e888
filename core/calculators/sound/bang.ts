import {
  choice,
  number,
  type Assessment,
  type VerdictLevel,
  workingStep,
  calculator,
  toThreeFigures,
} from '../calculator';
import { noiseDose, levelAt } from './level';
import { audienceLimit, NOISE_SOURCE, PEAK } from './limits';

interface Bang {
  peak: number;
  level: number;
  at: number;
  front: number;
  youngest: number;
  crew: number;
  bangs: number;
  lasts: number;
  hands: 'free' | 'busy';
  plugs: number;
}

function heardOf(v: Bang) {
  const crew = levelAt(v.peak, v.at, v.crew);
  const seconds = v.bangs * v.lasts;
  return {
    front: levelAt(v.peak, v.at, v.front),
    crew,
    behind: crew - v.plugs,
    frontDose: noiseDose(levelAt(v.level, v.at, v.front), seconds),
    crewDose: noiseDose(levelAt(v.level, v.at, v.crew), seconds),
    behindDose: noiseDose(levelAt(v.level, v.at, v.crew) - v.plugs, seconds),
    most: audienceLimit(v.youngest),
  };
}

type Heard = ReturnType<typeof heardOf>;

/** Whoever has to wear plugs and has none. */
const unprotected = (v: Bang, { crew, crewDose }: Heard): boolean =>
  v.plugs === 0 && (crew >= PEAK.second || crewDose > 100);

function levelOf(v: Bang, heard: Heard): VerdictLevel {
  if (heard.front >= heard.most || heard.behind >= PEAK.limit) return 'stop';
  if (
    heard.front >= PEAK.first ||
    heard.frontDose > 100 ||
    heard.behindDose > 100 ||
    unprotected(v, heard)
  )
    return 'fix';
  return heard.front >= heard.most - 6 || heard.crew >= PEAK.first || heard.crewDose > 100
    ? 'watch'
    : 'ok';
}

/** Metres from which a peak is below a level. */
const metresFor = (v: Bang, level: number): number => v.at * 10 ** ((v.peak - level) / 20);

function remedyOf(v: Bang, heard: Heard): string {
  const worn = heard.crew >= PEAK.second || heard.crewDose > 100;
  const offered = heard.crew >= PEAK.first || worn;
  return [
    heard.front >= heard.most
      ? `Make it quieter, or keep everybody ${Math.ceil(metresFor(v, heard.most))} m off and farther: hands over ears do not make up for it.`
      : heard.front >= heard.most - 6
        ? 'Ask the audience to cover their ears, and move the front row back.'
        : '',
    offered
      ? `Crew: ear protection ${worn ? 'is worn' : 'for who wants it'}; it does not change what counts as loud.`
      : '',
    offered && v.hands === 'busy'
      ? 'Both hands are busy: plugs in before, ears can’t be covered then.'
      : '',
    heard.frontDose > 100
      ? 'Fewer, shorter, or farther off: the front row has more than a day’s dose.'
      : '',
    heard.behind >= PEAK.limit || heard.behindDose > 100
      ? 'Better plugs, or stand farther off.'
      : '',
  ]
    .filter(Boolean)
    .join(' ');
}

function judge(v: Bang): Assessment {
  const heard = heardOf(v);
  const { front, crew, most, frontDose, crewDose, behind } = heard;
  return {
    level: levelOf(v, heard),
    final: false,
    message:
      front >= most
        ? `${toThreeFigures(front)} dB at the front row: ${most === PEAK.children ? 'no child' : 'nobody'} may meet ${most} dB.`
        : `${toThreeFigures(front)} dB at the front row, ${toThreeFigures(crew)} dB at the crew.`,
    figure: `${toThreeFigures(front)} dB at the front row`,
    limit: `audience ${most} dB; crew without protection ${PEAK.first} and ${PEAK.second} dB(C), behind it ${PEAK.limit}`,
    source: NOISE_SOURCE,
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
        `${toThreeFigures(crew)} dB without protection, ${toThreeFigures(behind)} dB behind it`,
        'the same; action values hold for the first, the limit for the second',
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
      usual: 105,
      slide: [80, 150],
      change: 1,
    }),
    level: number({
      label: 'Level while it lasts, dB(A)',
      unit: 'dB',
      least: 0,
      most: 160,
      usual: 95,
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
      change: 0.5,
      fact: 'frontRow',
    }),
    youngest: number({
      label: 'Youngest in the audience, years',
      unit: 'piece',
      least: 0,
      most: 120,
      usual: 8,
      slide: [3, 25],
      fact: 'youngest',
    }),
    crew: number({
      label: 'Crew',
      unit: 'm',
      least: 0.001,
      most: 200,
      usual: 1,
      slide: [0.3, 10],
      change: 0.5,
    }),
    bangs: number({
      label: 'How many',
      unit: 'piece',
      least: 0,
      most: 10_000,
      usual: 1,
      slide: [1, 20],
      change: 1,
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
      usual: 0,
      slide: [0, 35],
    }),
  },
  grounds: {
    formula: 'L₂ = L₁ − 20·log₁₀(d₂/d₁); dose = time / (8 h / 2^((L − 85)/3))',
    validity:
      'A small source in the open. A hall sends sound back, and is louder than this. Peaks in dB(C), levels in dB(A). One demonstration alone: the whole show is added up on Ready.',
    source: NOISE_SOURCE,
    check: '6.02 dB for twice the distance; 4 h, 2 h, 1 h, 15 min at 88, 91, 94, 100 dB(A), NIOSH',
  },
  evaluate: judge,
  curve: {
    label: 'Peak at the front row',
    unit: 'dB',
    at: (v) => heardOf(v).front,
    limits: () => [
      { label: 'children', value: PEAK.children },
      { label: 'action', value: PEAK.first },
      { label: 'adults', value: PEAK.limit },
    ],
  },
});
