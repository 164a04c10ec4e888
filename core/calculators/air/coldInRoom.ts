import { gasFrom } from '../cold/gasFrom';
import {
  type VerdictLevel,
  number,
  pressureInput,
  type Assessment,
  workingStep,
  calculator,
  temperatureInput,
  toThreeFigures,
} from '../calculator';
import { BREATHED, carbonDioxideAfter, oxygenAfter } from './overTime';
import { coldKindInput } from '../cold/kind';

/** OSHA 29 CFR 1910.146. */
const OXYGEN_SHORT = 19.5;
/** Half-way from fresh air: time to open a door. Our own mark, no source. */
const OXYGEN_WATCH = 20.2;
/** NIOSH Pocket Guide: eight hours, a quarter of an hour, immediately dangerous; per cent by volume. */
const CARBON_DIOXIDE = { day: 0.5, short: 3, danger: 4 };

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

function levelOf(oxygen: number, carbonDioxide: number): Exclude<VerdictLevel, 'unknown'> {
  if (oxygen < OXYGEN_SHORT || carbonDioxide >= CARBON_DIOXIDE.short) return 'stop';
  if (carbonDioxide >= CARBON_DIOXIDE.day) return 'fix';
  return oxygen < OXYGEN_WATCH || carbonDioxide >= CARBON_DIOXIDE.day / 2 ? 'watch' : 'ok';
}

function judge(v: ColdRoom): Assessment {
  const { oxygen, carbonDioxide, gas } = airOf(v);
  const level = levelOf(oxygen, carbonDioxide);
  const dioxideText = `${toThreeFigures(carbonDioxide * 10_000)} ppm of carbon dioxide`;
  return {
    level,
    final: false,
    message:
      level === 'stop'
        ? `The air would fall short: ${toThreeFigures(oxygen)} % oxygen, ${dioxideText}.`
        : `${toThreeFigures(oxygen)} % oxygen at the least, ${dioxideText} at the most.`,
    figure: `${toThreeFigures(oxygen)} % oxygen, ${dioxideText}`,
    limit: `oxygen ${OXYGEN_SHORT} %; carbon dioxide 5,000 ppm over a day, 30,000 for a quarter of an hour`,
    source: 'OSHA 29 CFR 1910.146; NIOSH Pocket Guide; well-mixed room',
    remedy:
      level === 'ok'
        ? 'Doors open all the same; low corners and pits fill first.'
        : 'Take less, open doors on two sides, or go outdoors. Low corners and pits fill first. Who feels faint goes out, and nobody goes in after them alone.',
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
  evaluate: judge,
  curve: {
    label: 'Oxygen',
    unit: '%',
    at: (v) => airOf(v).oxygen,
    limits: () => [{ label: 'short of oxygen below', value: OXYGEN_SHORT }],
  },
});
