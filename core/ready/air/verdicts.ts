/** Whether there is air enough: all gases of the show in one sum over the day, and all cold liquid let go at once. */
import type { ShowBundle } from '../../brief/types';
import { airOverDay, type Air } from '../../calculators/air/day';
import { AIR_LIMIT, AIR_RESCUE, AIR_SOURCE, airLevel, OXYGEN } from '../../calculators/air/limits';
import { toThreeFigures, workingStep } from '../../calculators/calculator';
import type { FactId } from '../../calculators/calculator';
import type { KitOptions } from '../../kit/demand';
import type { Timeline } from '../../lineup/types';
import { formatClock, parseClock } from '../../time/clock';
import { formatAmount } from '../../units/format';
import { listInWords, lowerFirst } from '../../words';
import { dayFactsOf, expectedFacts, FACT_WORDS } from '../facts';
import { DAY_FIGURES, type Verdict, verdict } from '../verdict';
import { gasesOf } from './gases';

/** What stands in for figures that are not known, to find out only whether there is any gas at all. */
const ANY = { celsius: 20, kPa: 101.325 };

const NEEDED: readonly FactId[] = ['temperature', 'pressure', 'roomVolume', 'airChanges'];

const worst = (
  air: readonly Air[],
): { oxygen: number; most: number; dioxide: number; at: number } => {
  const least = air.reduce((a, b) => (b.oxygen < a.oxygen ? b : a));
  return {
    oxygen: least.oxygen,
    at: least.at,
    most: Math.max(...air.map(({ oxygen }) => oxygen)),
    dioxide: Math.max(...air.map(({ dioxide }) => dioxide)),
  };
};

const figureOf = ({ oxygen, dioxide }: { oxygen: number; dioxide: number }): string =>
  `${toThreeFigures(oxygen)} % oxygen, ${toThreeFigures(dioxide * 10_000)} ppm of carbon dioxide`;

export function airVerdicts(
  bundle: ShowBundle,
  timeline: Timeline,
  options: KitOptions = {},
): Verdict[] {
  const { show, venue } = bundle;
  const about = gasesOf(bundle, timeline, ANY, options);
  if (about.slotIds.length === 0) return [];
  const shared = {
    key: 'air:room',
    kind: 'air' as const,
    title: 'Air in the room',
    slotIds: about.slotIds,
    limit: AIR_LIMIT,
    source: AIR_SOURCE,
  };
  if (venue?.outdoors)
    return [
      verdict({
        ...shared,
        level: 'ok',
        message: 'Outdoors: nothing gathers, but in hollows, tents and behind windbreaks.',
        figure: 'outdoors',
        remedy: 'Nobody sits or bends where cold gas flows to.',
      }),
    ];
  const facts = dayFactsOf(bundle);
  const missing = NEEDED.filter((fact) => facts[fact] === null);
  const { temperature, pressure, roomVolume, airChanges } = facts;
  if (temperature === null || pressure === null || roomVolume === null || airChanges === null)
    return [
      verdict({
        ...shared,
        level: 'unknown',
        message: `Whether there is air enough is not known: ${missing.map((fact) => FACT_WORDS[fact]).join(', ')}.`,
        remedy: 'Put it in with the venue, or measure it.',
        // Size and airing are the venue’s; the others are measured on the day.
        ...(roomVolume === null || airChanges === null ? {} : { place: DAY_FIGURES }),
      }),
    ];
  const gases = gasesOf(bundle, timeline, { celsius: temperature, kPa: pressure }, options);
  const room = { volume: roomVolume / 1_000_000, changes: airChanges };
  const planned = worst(airOverDay(room, gases.lets, gases.ongoing, timeline.end));
  // As early and as late as it can be dropped: with nobody's breath in the room, and with everybody's.
  const accidents = [Math.min(0, ...gases.lets.map(({ at }) => at)), timeline.end].map((at) =>
    worst(
      airOverDay(
        room,
        gases.spilled.map((one) => ({ ...one, at })),
        gases.ongoing,
        timeline.end,
      ),
    ),
  );
  const all = accidents.reduce((a, b) =>
    b.oxygen < a.oxygen || (b.oxygen === a.oxygen && b.dioxide > a.dioxide) ? b : a,
  );
  const spilled = {
    ...all,
    dioxide: Math.max(...accidents.map(({ dioxide }) => dioxide)),
  };
  const expected = [...expectedFacts(bundle)].filter((fact) => NEEDED.includes(fact));
  const names = listInWords(
    gases.names.map(
      ({ name, kind, amount }) =>
        `${formatAmount(Math.round(amount * 100) / 100, kind === 'nitrogen' ? 'L' : 'kg')} of ${lowerFirst(name)}`,
    ),
  );
  const clock = (at: number): string => formatClock(parseClock(show.start) + at);
  const one = (key: string, of: typeof planned, words: string): Verdict => {
    const level = airLevel(of.oxygen, of.dioxide, of.most);
    const short = level === 'stop' ? 'the air would fall short: ' : '';
    const open = expected.length > 0 && (level === 'ok' || level === 'watch');
    return verdict({
      ...shared,
      key,
      level: open ? 'unknown' : level,
      message: `${words} ${short}${figureOf(of)}.`,
      figure: figureOf(of),
      // Where carbon dioxide decides, the oxygen says nothing.
      gauge:
        airLevel(of.oxygen, 0, of.most) === level
          ? {
              unit: 'percent',
              value: of.most >= OXYGEN.enriched ? of.most : of.oxygen,
              least: OXYGEN.short,
              most: OXYGEN.enriched,
            }
          : null,
      remedy: open
        ? `Only expected so far: ${listInWords(expected.map((fact) => FACT_WORDS[fact]))}.`
        : level === 'ok'
          ? 'Doors open all the same; low corners and pits fill first.'
          : `Take less, open doors on two sides, or go outdoors. ${AIR_RESCUE}`,
      ...(open ? { place: DAY_FIGURES } : {}),
      steps: [
        ...gases.lets.map((gas) =>
          workingStep(
            `Let go at ${clock(gas.at)}`,
            `${toThreeFigures(gas.volume)} m³`,
            'amount × density / M × R·T / p',
            'ideal gas',
          ),
        ),
        workingStep(
          'Room',
          `${toThreeFigures(room.volume)} m³, ${toThreeFigures(room.changes)} air changes an hour`,
          'c = c∞ + (c₀ − c∞)·e^(−(n + Q/V)·t), for each gas, and what people breathe out',
          'EIGA Doc 44 / BCGA form (source not checked)',
        ),
      ],
    });
  };
  return [
    one('air:room', planned, 'As planned, everything of the show together comes to'),
    ...(gases.spilled.length > 0
      ? [one('air:spilled', spilled, `If all ${names} were let go at once:`)]
      : []),
  ];
}
