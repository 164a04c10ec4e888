/** The way there: cold liquid in the air of a vehicle or a lift, and what carriers may refuse. */
import type { Journey, ShowBundle } from '../brief/types';
import { airOverDay } from '../calculators/air/day';
import { AIR_LIMIT, AIR_RESCUE, AIR_SOURCE, airLevel } from '../calculators/air/limits';
import { toThreeFigures, workingStep } from '../calculators/calculator';
import { gasFrom } from '../calculators/cold/gasFrom';
import type { ColdBudget } from '../kit/cold/budget';
import type { KitOptions } from '../kit/demand';
import { resolveSlots } from '../lineup/fromBundle';
import type { Timeline } from '../lineup/types';
import { kitList } from '../kit/kit';
import { weightOfKit } from '../kit/packing';
import { counted, listInWords, lowerFirst, thingsInWords } from '../words';
import { coldBudgets } from './air/gases';
import { overloaded } from './load';
import { type Verdict, verdict } from './verdict';
import { kilograms } from '../units/format';

/** °C and kPa of a warm vehicle: the large side. Our own mark. */
const WARM = { celsius: 30, kPa: 101.325 };

const KIND = 'journey' as const;

function unsaidOf({ volumeM3, airChanges, minutes }: Journey): string[] {
  return [
    ...(volumeM3 === null ? ['how much air there is'] : []),
    ...(airChanges === null ? ['how often it is changed'] : []),
    ...(minutes === null ? ['how long it takes'] : []),
  ];
}

/** What boils off on the way, and what if it were tipped over there. */
function coldJourney(journey: Journey, budgets: readonly ColdBudget[], slotIds: string[]): Verdict {
  const names = listInWords(budgets.map(({ item }) => lowerFirst(item.name)));
  const shared = {
    key: `journey:${journey.id}`,
    kind: KIND,
    title: journey.name,
    slotIds,
    limit: AIR_LIMIT,
    source: `${AIR_SOURCE}; common practice for lifts`,
    place: { page: 'brief' as const },
  };
  if (journey.by === 'foot')
    return verdict({
      ...shared,
      level: 'ok',
      message: `Carried in the open, ${names}: two hands, the lid loose, nobody close.`,
      figure: 'in the open',
    });
  const unsaid = unsaidOf(journey);
  const { volumeM3, airChanges, minutes } = journey;
  if (volumeM3 === null || airChanges === null || minutes === null)
    return verdict({
      ...shared,
      level: 'unknown',
      message: `Whether there is air enough beside ${names} is not known: ${listInWords(unsaid)}.`,
      remedy: 'Put it in under the way there.',
    });
  const vessels = budgets.filter(({ vessel }) => vessel?.boilsOff == null);
  if (vessels.length > 0)
    return verdict({
      ...shared,
      level: 'unknown',
      message: `What boils off on the way is not known: ${listInWords(vessels.map(({ item }) => lowerFirst(item.name)))} has no vessel with a figure for it.`,
      remedy: 'Choose the vessel in the kit, and weigh it an hour apart.',
      place: { page: 'kit' },
    });
  const room = { volume: volumeM3, changes: airChanges };
  const volume = (of: ColdBudget, base: number): number =>
    of.item.cold ? gasFrom(of.item.cold, base / 1000, WARM.celsius, WARM.kPa) / 1000 : 0;
  const dioxide = (of: ColdBudget): number => (of.item.cold === 'dryIce' ? 1 : 0);
  const until = Math.max(1, minutes * 60);
  const ongoing = [
    { from: 0, until, volume: 0, dioxide: 0, people: journey.people },
    ...budgets.map((of) => ({
      from: 0,
      until,
      volume: volume(of, of.lossPerHour),
      dioxide: dioxide(of),
      people: 0,
    })),
  ];
  const worst = (lets: Parameters<typeof airOverDay>[1]): { oxygen: number; dioxide: number } => {
    const air = airOverDay(room, lets, ongoing, until);
    return {
      oxygen: Math.min(...air.map((one) => one.oxygen)),
      dioxide: Math.max(...air.map((one) => one.dioxide)),
    };
  };
  const plain = worst([]);
  const tipped = worst(
    budgets.map((of) => ({
      at: 0,
      volume: volume(of, of.fetched),
      dioxide: dioxide(of),
      oxygen: 0,
    })),
  );
  const level = airLevel(plain.oxygen, plain.dioxide);
  const deadly = airLevel(tipped.oxygen, tipped.dioxide) === 'stop';
  const figure = `${toThreeFigures(plain.oxygen)} % oxygen, ${toThreeFigures(plain.dioxide * 10_000)} ppm of carbon dioxide`;
  const rides = journey.by === 'lift' && journey.people > 0;
  return verdict({
    ...shared,
    level: rides && level !== 'stop' ? 'fix' : level === 'ok' && deadly ? 'watch' : level,
    message: rides
      ? `${counted(journey.people, 'person', 'people')} in the lift with ${names}: if it sticks or tips, there is no way out.`
      : `Beside ${names}, ${figure}${deadly ? `; tipped over, ${toThreeFigures(tipped.oxygen)} % oxygen` : ''}.`,
    figure,
    remedy: rides
      ? 'Send it alone, a sign on it, somebody at either door; or carry it up the stairs.'
      : level === 'ok' && !deadly
        ? 'Lid loose, upright, lashed; windows open.'
        : `Apart from who drives, windows open, upright and lashed, the lid loose, no long stops. Tipped over: stop, out, doors open. ${AIR_RESCUE}`,
    steps: [
      workingStep(
        'Air about it',
        `${toThreeFigures(volumeM3)} m³, ${toThreeFigures(airChanges)} changes an hour`,
        'c = c∞ + (c₀ − c∞)·e^(−(n + Q/V)·t)',
        'well-mixed; EIGA Doc 44 / BCGA form (source not checked)',
      ),
      ...budgets.map((of) =>
        workingStep(
          `Boils off, ${lowerFirst(of.item.name)}`,
          `${toThreeFigures(volume(of, of.lossPerHour))} m³ an hour`,
          'as the maker of the vessel states it, at 30 °C',
        ),
      ),
      workingStep(
        'If all of it were tipped over',
        `${toThreeFigures(tipped.oxygen)} % oxygen`,
        'V·(1 − V_gas/V), and breath',
      ),
    ],
  });
}

/** What carriers, ferries and tunnels may refuse or want declared. */
function carriedVerdict(bundle: ShowBundle): Verdict[] {
  const used = new Set(
    resolveSlots(bundle).flatMap(({ method }) => method.kit.map(({ itemId }) => itemId)),
  );
  const listed = bundle.items.filter(
    (item) =>
      used.has(item.id) &&
      (item.cold !== null ||
        item.substance === 'peroxide' ||
        item.label.hazards.some((code) => /^H2[2-8]/.test(code) || code === 'H314') ||
        /aerosol|spray can|gas cartridge/i.test(item.name)),
  );
  if (listed.length === 0) return [];
  return [
    verdict({
      key: 'journey:carried',
      kind: KIND,
      level: 'watch',
      title: 'Dangerous goods on the way',
      message: `Carriers, ferries and tunnels may refuse, limit or want declared: ${thingsInWords(listed.map(({ name }) => name))}.`,
      remedy:
        'Ask each of them beforehand, take little, in its own labelled bottle, upright, apart from people. The rules that apply decide, not this list.',
      limit: 'the rules for carrying dangerous goods that apply',
      source: 'common practice; rules for dangerous goods by road, sea and rail decide',
      slotIds: [],
      place: { page: 'brief' },
    }),
  ];
}

/** What all of it weighs, against what each vehicle may carry; what nobody has weighed does not pass. */
function loadVerdicts(bundle: ShowBundle, timeline: Timeline, options: KitOptions): Verdict[] {
  const limited = bundle.show.journeys.filter(({ mostKg }) => mostKg !== null);
  if (limited.length === 0) return [];
  const { grams, unweighed } = weightOfKit(kitList(bundle, timeline, options), bundle.items);
  const weight = kilograms(grams);
  const over = overloaded(limited, grams);
  return limited.flatMap((journey): Verdict[] => {
    const { id, name, mostKg } = journey;
    const limit = `${mostKg} kg`;
    const shared = { key: `load:${id}`, kind: KIND, title: name, figure: weight, limit };
    const rest = {
      source: 'what the vehicle’s papers say it may carry, people included',
      place: { page: 'brief' as const },
    };
    if (over.includes(journey))
      return [
        verdict({
          ...shared,
          ...rest,
          level: 'fix',
          message: `The things of the show weigh ${weight}, without their boxes; it may carry ${limit}.`,
          remedy: 'Go twice, or leave out what is heavy.',
        }),
      ];
    return unweighed === 0
      ? []
      : [
          verdict({
            ...shared,
            ...rest,
            level: 'unknown',
            message: `${weight} and ${counted(unweighed, 'thing')} that nobody has weighed; it may carry ${limit}.`,
            remedy: 'Weigh them, and put it in the store.',
            place: { page: 'kit' },
          }),
        ];
  });
}

export function journeyVerdicts(
  bundle: ShowBundle,
  timeline: Timeline,
  options: KitOptions = {},
): Verdict[] {
  const budgets = coldBudgets(bundle, timeline, options);
  const slotIds = [...new Set(budgets.flatMap(({ draws }) => draws.map((draw) => draw.slotId)))];
  const { journeys } = bundle.show;
  const cold =
    budgets.length === 0
      ? []
      : journeys.length > 0
        ? journeys.map((journey) => coldJourney(journey, budgets, slotIds))
        : [
            verdict({
              key: 'journey:none',
              kind: KIND,
              level: 'unknown',
              title: 'The way there',
              message: `How ${listInWords(budgets.map(({ item }) => lowerFirst(item.name)))} gets there is not known: its gas takes the place of air in a vehicle or a lift.`,
              remedy: 'Put the way there in with the brief: vehicle, lift, ferry or on foot.',
              slotIds,
              place: { page: 'brief' },
            }),
          ];
  return [...cold, ...loadVerdicts(bundle, timeline, options), ...carriedVerdict(bundle)];
}
