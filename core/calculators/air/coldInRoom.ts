import { gasFrom } from '../cold/gasFrom';
import {
  number,
  pressureInput,
  type Assessment,
  workingStep,
  calculator,
  temperatureInput,
  toThreeFigures,
} from '../calculator';
import { AIR_LIMIT, AIR_RESCUE, AIR_SOURCE, airLevel, OXYGEN } from './limits';
import { BREATHED, carbonDioxideAfter, oxygenAfter } from './overTime';
import { coldKindInput } from '../cold/kind';

interface ColdRoom {
  kind: 'nitrogen' | 'dryIce';
  spilled: number;
  boiling: number;
  room: number;
  changes: number;
  people: number;
  minutes: number;
  temperature: number;
  pressure: number;
}

function airOf(v: ColdRoom): { oxygen: number; carbonDioxide: number; gas: number } {
  const gas = (amount: number): number =>
    gasFrom(v.kind, amount, v.temperature, v.pressure / 10) / 1000;
  const room = { volume: v.room, changes: v.changes };
  const release = { once: gas(v.spilled), steady: gas(v.boiling) };
  // A spill thins out and a steady release builds up: the worst of a stay is at one of its two ends.
  const ends = [0, v.minutes / 60];
  const dioxide = (hours: number): number =>
    carbonDioxideAfter(
      room,
      {
        once: v.kind === 'dryIce' ? release.once : 0,
        steady: v.people * BREATHED + (v.kind === 'dryIce' ? release.steady : 0),
      },
      hours,
    );
  return {
    oxygen: Math.min(...ends.map((hours) => oxygenAfter(room, release, hours))),
    carbonDioxide: Math.max(...ends.map(dioxide)),
    gas: release.once + (release.steady * v.minutes) / 60,
  };
}

function judge(v: ColdRoom): Assessment {
  const { oxygen, carbonDioxide, gas } = airOf(v);
  const level = airLevel(oxygen, carbonDioxide);
  const dioxideText = `${toThreeFigures(carbonDioxide * 10_000)} ppm of carbon dioxide`;
  return {
    level,
    final: false,
    message:
      level === 'stop'
        ? `The air would fall short: ${toThreeFigures(oxygen)} % oxygen, ${dioxideText}.`
        : `${toThreeFigures(oxygen)} % oxygen at the least, ${dioxideText} at the most.`,
    figure: `${toThreeFigures(oxygen)} % oxygen, ${dioxideText}`,
    limit: AIR_LIMIT,
    source: AIR_SOURCE,
    remedy:
      level === 'ok'
        ? 'Doors open all the same; low corners and pits fill first.'
        : `Take less, open doors on two sides, or go outdoors. ${AIR_RESCUE}`,
    steps: [
      workingStep(
        'Gas given off',
        `${toThreeFigures(gas)} m³`,
        'amount × density / M × R·T / p',
        'ideal gas',
      ),
      workingStep(
        'Oxygen, the least',
        `${toThreeFigures(oxygen)} %`,
        'c = c∞ + (c₀ − c∞)·e^(−(n + Q/V)·t), c∞ = n·V·20.95 % / (n·V + Q)',
        'EIGA Doc 44 / BCGA form (source not checked), with air changes',
      ),
      workingStep(
        'Carbon dioxide, the most',
        `${toThreeFigures(carbonDioxide)} %`,
        'the same, with what people breathe out (0.018 m³ an hour each)',
        'building services handbooks (source not checked)',
      ),
    ],
  };
}

/** Cold liquid or dry ice in a room: is there air enough? */
export const coldInRoom = calculator({
  id: 'cold-in-room',
  family: 'air',
  title: 'Is there air enough in the room?',
  question:
    'Cold liquid boils off, or is spilled: what is left of the oxygen, and how much carbon dioxide is there?',
  inputs: {
    kind: coldKindInput('What boils off'),
    spilled: number({
      label: 'All at once, L or kg',
      unit: 'piece',
      also: ['L', 'kg'],
      least: 0,
      most: 1000,
      usual: 2,
      slide: [0, 20],
    }),
    boiling: number({
      label: 'Boiling off',
      unit: 'perHour',
      least: 0,
      most: 500,
      usual: 2,
      slide: [0, 20],
    }),
    room: number({
      label: 'Room',
      unit: 'm3',
      least: 0.001,
      most: 1_000_000,
      usual: 300,
      slide: [20, 2000],
      fact: 'roomVolume',
    }),
    changes: number({
      label: 'Air changes',
      unit: 'perHour',
      least: 0,
      most: 100,
      usual: 1,
      slide: [0, 10],
      fact: 'airChanges',
    }),
    people: number({
      label: 'People in the room',
      unit: 'piece',
      least: 0,
      most: 50_000,
      usual: 80,
      slide: [0, 500],
      fact: 'people',
    }),
    minutes: number({
      label: 'For how long',
      unit: 'min',
      least: 0,
      most: 1440,
      usual: 45,
      slide: [0, 240],
    }),
    temperature: temperatureInput,
    pressure: pressureInput,
  },
  grounds: {
    formula: 'c = c∞ + (c₀ − c∞)·e^(−(n + Q/V)·t); at once V·(1 − V_gas/V)',
    validity:
      'A well-mixed room. Cold gas lies low: pits, corners, stairs and small rooms beside it fill first, and are worse than this. Ready adds up all gases of the show.',
    source:
      'EIGA Doc 44 / BCGA form (source not checked); OSHA 29 CFR 1910.146; NIOSH Pocket Guide',
    check: '50 L of nitrogen let go in 60 m³ leave 9.0 % oxygen, EIGA; 1 kg of dry ice is 0.547 m³',
  },
  evaluate: judge,
  curve: {
    label: 'Oxygen',
    unit: '%',
    at: (v) => airOf(v).oxygen,
    limits: () => [{ label: 'short of oxygen below', value: OXYGEN.short }],
  },
});
