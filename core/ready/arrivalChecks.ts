/** What is looked at on arrival, because the line-up leans on it: ways out, the front row, the circuits. */
import type { ShowBundle } from '../brief/types';
import { resolveSlots } from '../lineup/fromBundle';
import type { Timeline } from '../lineup/types';
import { formatClock, parseClock } from '../time/clock';
import { formatAmount } from '../units/format';
import { listInWords } from '../words';
import type { CheckDraft } from './checks';
import { ringsOf } from './plan';
import { loadsOf } from './power';

const BASE = {
  slotIds: [] as string[],
  demoName: '',
  personId: null,
  place: '',
  from: null,
  measures: null,
  things: [],
};

const draft = (bundle: ShowBundle, check: CheckDraft['check']): CheckDraft => ({
  people: bundle.show.crew,
  before: 0,
  check,
});

/** Indoors, whatever is shown: the ways out are walked to. */
function exitsCheck(bundle: ShowBundle): CheckDraft[] {
  const { venue } = bundle;
  if (!venue || venue.outdoors) return [];
  const names = venue.exits.map(({ name }) => name);
  return [
    draft(bundle, {
      ...BASE,
      key: 'exits',
      kind: 'exits',
      title:
        names.length > 0
          ? `Exits open, ways free: ${listInWords(names)}`
          : 'Exits found, ways free',
      detail: 'Walked to and opened; nothing will stand in them.',
      holds: true,
    }),
  ];
}

/** The least that the front row must be off the stage’s edge for every clear distance on the plan; null without any. */
export function frontRowNeeded(bundle: ShowBundle, timeline: Timeline): number | null {
  const wanted = ringsOf(bundle, timeline).map(({ at, radius }) => radius - at.y);
  const most = Math.max(...wanted);
  return wanted.length === 0 || most <= 0 ? null : Math.ceil(most * 10) / 10;
}

function frontRowCheck(bundle: ShowBundle, timeline: Timeline): CheckDraft[] {
  const least = frontRowNeeded(bundle, timeline);
  if (least === null) return [];
  const rings = ringsOf(bundle, timeline).filter(({ at, radius }) => radius > at.y);
  const planned = bundle.venue?.frontRowM ?? null;
  return [
    draft(bundle, {
      ...BASE,
      slotIds: rings.map(({ slotId }) => slotId),
      key: 'frontRow',
      kind: 'frontRow',
      title: 'Front row measured from the stage’s edge',
      detail: `For ${listInWords([...new Set(rings.map(({ demoName }) => demoName))])}${planned === null ? '' : `; the plan has ${formatAmount(planned, 'm')}`}.`,
      measures: { unit: 'm', least, most: null },
      holds: true,
    }),
  ];
}

/** Each circuit that something draws from, with what goes on it. */
function powerChecks(bundle: ShowBundle, timeline: Timeline): CheckDraft[] {
  const start = parseClock(bundle.show.start);
  const slots = resolveSlots(bundle);
  return loadsOf(bundle, timeline).flatMap(({ circuit, steps, peak }): CheckDraft[] => {
    const worst = steps.find(({ watts }) => watts === peak);
    if (!worst || peak === 0) return [];
    const slotIds = [...new Set(steps.flatMap((step) => step.slotIds))];
    const names = slots
      .filter(({ slot }) => slotIds.includes(slot.id))
      .map(({ demo }) => demo.name);
    return [
      draft(bundle, {
        ...BASE,
        slotIds,
        key: `circuit:${circuit.id}`,
        kind: 'power',
        title: `${circuit.name} found, and live`,
        detail: `For ${listInWords([...new Set(names)])}; most at ${formatClock(start + worst.at)}, ${peak} of ${circuit.watts} W.`,
        holds: false,
      }),
    ];
  });
}

/** Nothing is looked at for an empty line-up. */
export const arrivalChecks = (bundle: ShowBundle, timeline: Timeline): CheckDraft[] =>
  bundle.show.slots.length === 0
    ? []
    : [...exitsCheck(bundle), ...frontRowCheck(bundle, timeline), ...powerChecks(bundle, timeline)];
