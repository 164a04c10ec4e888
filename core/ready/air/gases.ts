/** Every gas that a show lets into its room: what boils off, what fizzes, what is breathed out. */
import { stationsOf } from '../../brief/stations';
import type { ShowBundle } from '../../brief/types';
import { resolveInputs } from '../../calculators/bind';
import type { LetGo, Ongoing } from '../../calculators/air/day';
import { findCalculator } from '../../calculators/catalogue';
import { gasFrom } from '../../calculators/cold/gasFrom';
import { inputFaults } from '../../calculators/inputs';
import { type ColdBudget, coldBudget } from '../../kit/cold/budget';
import { coldPlanOf } from '../../kit/cold/plan';
import { type KitOptions, kitDemands } from '../../kit/demand';
import { resolveSlots } from '../../lineup/fromBundle';
import type { Timeline } from '../../lineup/types';
import type { ColdKind } from '../../repertoire/materials';
import { parseClock } from '../../time/clock';
import { bindingContext } from '../bindings';
import { bookedPeople } from '../facts';

/** The budget of every cold liquid that the show has a use for. */
export const coldBudgets = (
  bundle: ShowBundle,
  timeline: Timeline,
  options: KitOptions = {},
): ColdBudget[] =>
  [...new Set(kitDemands(bundle, options).map(({ item }) => item))]
    .filter((item) => item.cold !== null)
    .flatMap((item) => coldBudget(bundle, timeline, coldPlanOf(bundle.show, item), options) ?? []);

/** Calculators whose drawn figure is litres of a gas that goes into the room. */
const GIVES: Readonly<Record<string, Pick<LetGo, 'dioxide' | 'oxygen'>>> = {
  fizz: { dioxide: 1, oxygen: 0 },
  'soda-gas': { dioxide: 1, oxygen: 0 },
};

export interface Gases {
  lets: LetGo[];
  ongoing: Ongoing[];
  /** All the cold liquid that was fetched, as if it were let go together. */
  spilled: LetGo[];
  /** In words, what counts: “3 L of liquid nitrogen”. */
  names: { name: string; kind: ColdKind; amount: number }[];
  slotIds: string[];
}

/** m³ of an amount in the base unit of its kind. */
const volumeOf = (kind: ColdKind, base: number, celsius: number, kPa: number): number =>
  gasFrom(kind, base / 1000, celsius, kPa) / 1000;

/** Planned and spilled, at a temperature and a pressure. Nothing is there before the crew is. */
export function gasesOf(
  bundle: ShowBundle,
  timeline: Timeline,
  { celsius, kPa }: { celsius: number; kPa: number },
  options: KitOptions = {},
): Gases {
  const { show } = bundle;
  const start = parseClock(show.start);
  const arrival = parseClock(show.arrival) - start;
  const doors = parseClock(show.doors) - start;
  const budgets = coldBudgets(bundle, timeline, options);
  const dioxide = (kind: ColdKind): number => (kind === 'dryIce' ? 1 : 0);
  const lets: LetGo[] = [];
  const ongoing: Ongoing[] = [
    {
      from: doors,
      until: timeline.end,
      volume: 0,
      dioxide: 0,
      people: show.conditions.people ?? bookedPeople(show),
    },
  ];
  for (const { item, draws, lossPerHour } of budgets) {
    if (!item.cold) continue;
    const kind = item.cold;
    for (const draw of draws)
      lets.push({
        at: Math.max(arrival, draw.at),
        volume: volumeOf(kind, draw.total, celsius, kPa),
        dioxide: dioxide(kind),
        oxygen: 0,
      });
    ongoing.push({
      from: arrival,
      until: timeline.end,
      volume: volumeOf(kind, lossPerHour, celsius, kPa),
      dioxide: dioxide(kind),
      people: 0,
    });
  }
  const made: string[] = [];
  for (const resolved of resolveSlots(bundle)) {
    const { slot, method } = resolved;
    const context = bindingContext(bundle, resolved, options);
    const block = timeline.blocks.find((one) => one.slot === slot.id);
    for (const binding of method.calculators) {
      const calculator = findCalculator(binding.calculator);
      const gives = GIVES[binding.calculator];
      if (!calculator?.curve || !gives || !block) continue;
      const { values } = resolveInputs(calculator, binding.inputs, context);
      if (Object.keys(inputFaults(calculator, values)).length > 0) continue;
      made.push(slot.id);
      lets.push({
        at: block.start,
        volume: (calculator.curve.at(values) * slot.goes * stationsOf(slot)) / 1000,
        ...gives,
      });
    }
  }
  return {
    lets,
    ongoing,
    spilled: budgets.flatMap(({ item, fetched }): LetGo[] =>
      item.cold
        ? [
            {
              at: 0,
              volume: volumeOf(item.cold, fetched, celsius, kPa),
              dioxide: dioxide(item.cold),
              oxygen: 0,
            },
          ]
        : [],
    ),
    names: budgets.flatMap(({ item, fetched }) =>
      item.cold ? [{ name: item.name, kind: item.cold, amount: fetched / 1000 }] : [],
    ),
    slotIds: [
      ...new Set([...budgets.flatMap(({ draws }) => draws.map(({ slotId }) => slotId)), ...made]),
    ],
  };
}
