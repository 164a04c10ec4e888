/** What each circuit of the venue carries over the show, against its limit. */
import type { Circuit, ShowBundle } from '../brief/types';
import { resolveSlots } from '../lineup/fromBundle';
import type { Timeline } from '../lineup/types';
import { formatClock, parseClock } from '../time/clock';
import { listInWords } from '../words';
import { workingStep } from '../calculators/calculator';
import { type Verdict, verdict } from './verdict';

/** W that all circuits of a place bear together. */
export const totalWatts = ({ circuits }: { circuits: readonly Circuit[] }): number =>
  circuits.reduce((sum, { watts }) => sum + watts, 0);

export interface Load {
  circuit: Circuit;
  /** From its time on, the watts drawn; by time, the last 0. */
  steps: { at: number; watts: number; slotIds: string[] }[];
  peak: number;
}

interface Use {
  slotId: string;
  watts: number;
  circuitId: string;
  from: number;
  until: number;
}

/** A slot draws its power from its first task, which may be hours before the audience, to its last. */
function usesOf(bundle: ShowBundle, timeline: Timeline): Use[] {
  const circuits = bundle.venue?.circuits ?? [];
  const first = circuits[0];
  if (!first) return [];
  return resolveSlots(bundle).flatMap(({ slot, method, position }): Use[] => {
    const watts = method.needs.powerW;
    const mine = timeline.tasks.filter((task) => task.slot === slot.id);
    if (watts === null || mine.length === 0) return [];
    const circuit = circuits.find((c) => c.id === position?.circuitId) ?? first;
    return [
      {
        slotId: slot.id,
        watts,
        circuitId: circuit.id,
        from: Math.min(...mine.map((task) => task.start)),
        until: Math.max(...mine.map((task) => task.end)),
      },
    ];
  });
}

/** The load of every circuit over time. */
export function loadsOf(bundle: ShowBundle, timeline: Timeline): Load[] {
  const uses = usesOf(bundle, timeline);
  return (bundle.venue?.circuits ?? []).map((circuit): Load => {
    const mine = uses.filter((use) => use.circuitId === circuit.id);
    const times = [...new Set(mine.flatMap((use) => [use.from, use.until]))].sort((a, b) => a - b);
    const steps = times.map((at) => {
      const on = mine.filter((use) => use.from <= at && at < use.until);
      return {
        at,
        watts: on.reduce((sum, use) => sum + use.watts, 0),
        slotIds: on.map((use) => use.slotId),
      };
    });
    return { circuit, steps, peak: Math.max(0, ...steps.map((s) => s.watts)) };
  });
}

/** Seconds drawn before the first load and after the last. */
const AROUND = 120;

/** Times and watts at the corners of a circuit's load, with nothing drawn before and after. */
export function loadPoints({ steps }: Load): [at: number, watts: number][] {
  const first = steps[0];
  const last = steps.at(-1);
  if (!first || !last) return [];
  return [
    [first.at - AROUND, 0],
    ...steps.map(({ at, watts }): [number, number] => [at, watts]),
    [last.at + AROUND, 0],
  ];
}

/** A fuse carries a load for long up to this share of it; common practice. */
export const LONG_SHARE = 0.8;

export function powerVerdicts(bundle: ShowBundle, timeline: Timeline): Verdict[] {
  const { venue, show } = bundle;
  const thirsty = resolveSlots(bundle).filter(({ method }) => method.needs.powerW !== null);
  if (!venue || thirsty.length === 0) return [];
  if (venue.circuits.length === 0)
    return [
      verdict({
        key: 'power:circuits',
        kind: 'power',
        level: 'unknown',
        title: 'Power',
        message: 'What the circuits bear is not known.',
        remedy: 'Ask for the fuses, and put the circuits in with the venue.',
        slotIds: thirsty.map(({ slot }) => slot.id),
      }),
    ];
  const nameOf = (id: string): string =>
    thirsty.find(({ slot }) => slot.id === id)?.demo.name ?? '';
  return loadsOf(bundle, timeline).flatMap(({ circuit, steps, peak }): Verdict[] => {
    const worst = steps.find((s) => s.watts === peak);
    if (!worst || peak === 0) return [];
    const level = peak > circuit.watts ? 'fix' : peak > circuit.watts * LONG_SHARE ? 'watch' : 'ok';
    const who = listInWords(worst.slotIds.map(nameOf));
    const at = formatClock(parseClock(show.start) + worst.at);
    return [
      verdict({
        key: `power:${circuit.id}`,
        kind: 'power',
        level,
        title: 'Power',
        figure: `${peak} W at ${at}`,
        limit: `${circuit.watts} W`,
        gauge: { unit: 'W', value: peak, least: null, most: circuit.watts },
        source: 'the venue’s fuses; 80 % for long, common practice',
        message:
          level === 'fix'
            ? `${circuit.name} would trip: ${peak} W from ${at} (${who}), the limit is ${circuit.watts} W.`
            : `${circuit.name} is within its limit: ${peak} of ${circuit.watts} W at ${at} (${who}).`,
        remedy: level === 'ok' ? '' : 'Put one of them on another circuit, or switch it on later.',
        slotIds: worst.slotIds,
        steps: steps.map((s) =>
          workingStep(
            formatClock(parseClock(show.start) + s.at),
            `${s.watts} W`,
            listInWords(s.slotIds.map(nameOf)) || 'nothing',
          ),
        ),
      }),
    ];
  });
}
