/** One sum of sound over the show: for the front row, for each of the crew, and for whoever has both hands busy. */
import { stationsOf } from '../brief/stations';
import type { ShowBundle } from '../brief/types';
import { type ResolvedInputs, resolveInputs } from '../calculators/bind';
import { inputFaults } from '../calculators/inputs';
import { toThreeFigures, workingStep } from '../calculators/calculator';
import { bang } from '../calculators/sound/bang';
import { levelAt, noiseDose } from '../calculators/sound/level';
import { NOISE_SOURCE, PEAK } from '../calculators/sound/limits';
import { resolveSlots, type ResolvedSlot } from '../lineup/fromBundle';
import type { Timeline } from '../lineup/types';
import { formatClock, parseClock } from '../time/clock';
import { lowerFirst } from '../words';
import type { KitOptions } from '../kit/demand';
import { bindingContext } from './bindings';
import { isPlacedIn } from './hazards/protects';
import { gearPlansOf, placedTasks, protects, wornAt } from './hazards/protects';
import { type Verdict, verdict } from './verdict';

/** A loud moment, or what goes on for some seconds. */
interface Loud {
  of: ResolvedSlot;
  from: number;
  until: number;
  /** dB(C) and dB(A) at the front row and beside it. */
  frontPeak: number;
  frontLevel: number;
  crewPeak: number;
  crewLevel: number;
  /** s it lasts in all. */
  seconds: number;
  /** dB that plugs take, where they are worn. */
  plugs: number;
}

const numbers =
  ({ values }: ResolvedInputs) =>
  (id: string): number =>
    Number(values[id]);

/** What is bound to a bang, as often as there are goes of it. */
function loudOf(bundle: ShowBundle, timeline: Timeline, options: KitOptions): Loud[] {
  return resolveSlots(bundle).flatMap((of) =>
    of.method.calculators
      .filter(({ calculator }) => calculator === bang.id)
      .flatMap((binding): Loud[] => {
        const resolved = resolveInputs(bang, binding.inputs, bindingContext(bundle, of, options));
        const { unsaid, missing, values } = resolved;
        if (unsaid.length > 0 || missing.length > 0) return [];
        if (Object.keys(inputFaults(bang, values)).length > 0) return [];
        const value = numbers(resolved);
        const placed = placedTasks(of, timeline);
        const named = isPlacedIn(of.method.tasks, 'loud');
        const times = placed.filter(({ task }) =>
          named ? task.hazards.includes('loud') : task.phase === 'perform',
        );
        const [first] = times;
        if (!first) return [];
        // Bangs of the same moment: at the worst their pressures add up.
        const together = 20 * Math.log10(stationsOf(of.slot));
        const at = (level: number, where: number): number => levelAt(level, value('at'), where);
        return [
          {
            of,
            from: Math.min(...times.map((one) => one.placed.start)),
            until: Math.max(...times.map((one) => one.placed.end)),
            frontPeak: at(value('peak'), value('front')) + together,
            frontLevel: at(value('level'), value('front')),
            crewPeak: at(value('peak'), value('crew')) + together,
            crewLevel: at(value('level'), value('crew')),
            seconds: value('bangs') * value('lasts') * of.slot.goes * stationsOf(of.slot),
            plugs: value('plugs'),
          },
        ];
      }),
  );
}

const sum = (of: readonly number[]): number => of.reduce((a, b) => a + b, 0);

function frontVerdict(loud: readonly Loud[]): Verdict {
  const dose = sum(loud.map((one) => noiseDose(one.frontLevel, one.seconds)));
  const level = dose > 100 ? 'fix' : dose > 50 ? 'watch' : 'ok';
  return verdict({
    key: 'sound:front',
    kind: 'sound',
    level,
    title: 'Sound at the front row',
    message: `All that is loud comes to ${toThreeFigures(dose)} % of a day’s dose at the front row.`,
    figure: `${toThreeFigures(dose)} %`,
    limit: '100 % of a day’s dose',
    gauge: { unit: 'percent', value: dose, least: null, most: 100 },
    source: NOISE_SOURCE,
    remedy: level === 'ok' ? '' : 'Fewer, shorter or farther off; or leave one of them out.',
    slotIds: loud.map(({ of }) => of.slot.id),
    steps: loud.map((one) =>
      workingStep(
        one.of.demo.name,
        `${toThreeFigures(noiseDose(one.frontLevel, one.seconds))} %`,
        `${toThreeFigures(one.seconds)} s at ${toThreeFigures(one.frontLevel)} dB(A)`,
        'NIOSH REL',
      ),
    ),
  });
}

function personVerdict(
  bundle: ShowBundle,
  timeline: Timeline,
  loud: readonly Loud[],
  personId: string,
): Verdict {
  const person = bundle.people.find(({ id }) => id === personId);
  const plans = gearPlansOf(bundle, timeline);
  const start = parseClock(bundle.show.start);
  const heard = loud.map((one) => {
    const worn = protects(wornAt(plans, personId, one.from), 'ears');
    const busy = timeline.tasks.filter(
      (task) => task.people.includes(personId) && task.start < one.until && one.from < task.end,
    );
    // Plugs count only where a gear line has them on by then.
    const takes = worn ? one.plugs : 0;
    return { one, worn, busy, takes, dose: noiseDose(one.crewLevel - takes, one.seconds) };
  });
  const dose = sum(heard.map((one) => one.dose));
  const bare = heard.filter(({ one, worn }) => !worn && one.crewPeak >= PEAK.first);
  const must = bare.filter(({ one, busy }) => busy.length > 0 || one.crewPeak >= PEAK.second);
  const over = heard.filter(({ one, takes }) => one.crewPeak - takes >= PEAK.limit);
  const name = person?.name ?? 'Somebody of the crew';
  const told = over[0] ?? must[0];
  const level =
    over.length > 0
      ? 'stop'
      : must.length > 0 || dose > 100
        ? 'fix'
        : bare.length > 0 || dose > 50
          ? 'watch'
          : 'ok';
  const busyWith = told?.busy.find((task) => task.slot !== told.one.of.slot.id) ?? told?.busy[0];
  const what = busyWith && taskName(bundle, busyWith.slot, busyWith.task);
  return verdict({
    key: `sound:${personId}`,
    kind: 'sound',
    level,
    title: `Sound for ${name}`,
    message: told
      ? `${toThreeFigures(told.one.crewPeak)} dB from ${told.one.of.demo.name} at ${formatClock(start + told.one.from)}, no ear protection on${what ? `, hands busy with “${lowerFirst(what)}”` : ''}.`
      : `All that is loud comes to ${toThreeFigures(dose)} % of a day’s dose.`,
    figure: `${toThreeFigures(dose)} %`,
    limit: `100 % of a day’s dose; peak ${PEAK.first} and ${PEAK.second} dB(C) bare, ${PEAK.limit} behind protection`,
    gauge: told ? null : { unit: 'percent', value: dose, least: null, most: 100 },
    source: NOISE_SOURCE,
    remedy:
      level === 'ok'
        ? ''
        : told
          ? 'Plugs in before it, as gear of a step that comes first: busy hands can’t cover ears.'
          : 'Ear protection in the steps that are loud, or fewer of them.',
    slotIds: loud.map(({ of }) => of.slot.id),
    steps: heard.map(({ one, worn, dose: share }) =>
      workingStep(
        one.of.demo.name,
        `${toThreeFigures(share)} %`,
        `${toThreeFigures(one.seconds)} s at ${toThreeFigures(one.crewLevel)} dB(A)${worn ? `, ${toThreeFigures(one.plugs)} dB taken by plugs` : ', nothing worn'}`,
        'NIOSH REL',
      ),
    ),
  });
}

const taskName = (bundle: ShowBundle, slotId: string, taskId: string): string =>
  resolveSlots(bundle)
    .find(({ slot }) => slot.id === slotId)
    ?.method.tasks.find(({ id }) => id === taskId)?.name ?? '';

/** Nothing is said where nothing is loud, or where it is not known yet: that is told by its own calculator. */
export function soundVerdicts(
  bundle: ShowBundle,
  timeline: Timeline,
  options: KitOptions = {},
): Verdict[] {
  const loud = loudOf(bundle, timeline, options);
  if (loud.length === 0) return [];
  return [
    frontVerdict(loud),
    ...bundle.show.crew.map((id) => personVerdict(bundle, timeline, loud, id)),
  ];
}
