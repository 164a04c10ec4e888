/**
 * The checks of the day that follow from the line-up: what to place, fill, test, put on, say and
 * brief. By whom and by when is worked out in `due.ts`.
 */
import type { ShowBundle } from '../brief/types';
import { type ResolvedSlot, resolveSlots } from '../lineup/fromBundle';
import type { Timeline } from '../lineup/types';
import type { Item, Measured } from '../repertoire/item';
import type { HazardKind } from '../repertoire/types';
import { parseClock } from '../time/clock';
import { arrivalChecks } from './arrivalChecks';
import { type CheckDemand, dueTimes } from './due';
import { wearersOf } from './gear';
import {
  guardChecks,
  lastTimeChecks,
  measureCheck,
  type OpenFollowUp,
  windowChecks,
} from './situationChecks';
import { formatAmount } from '../units/format';
import { dimensionOf } from '../units/units';
import { volunteerWords } from './volunteers';
import { stopKey } from './walk/stops';
import { counted, listInWords, thingsInWords } from '../words';

export const CHECK_KINDS = [
  'place',
  'fill',
  'test',
  'exits',
  'frontRow',
  'power',
  'gear',
  'volunteer',
  'measure',
  'lastTime',
  'fire',
  'clear',
  'window',
] as const;
export type CheckKind = (typeof CHECK_KINDS)[number];

/** Something that stands, or is filled, or worn. */
export interface Thing {
  itemId: string;
  name: string;
  /** “12 mL”; empty for one piece. */
  amount: string;
  /** Of what is counted, how many; 1 of anything else. */
  count: number;
}

export interface Check {
  /** The same for the same check as long as its slot and item are in the show. */
  key: string;
  kind: CheckKind;
  title: string;
  detail: string;
  slotIds: string[];
  demoName: string;
  /** Who does it; null when the show has no crew. */
  personId: string | null;
  /** Where it is done: a position's name, or empty. */
  place: string;
  /** Not before then, where it does not keep; null for as early as one likes. */
  from: number | null;
  /** To be done by then, in seconds from the show's start; negative. */
  due: number;
  /** Seconds it takes, as common practice has it. */
  takes: number;
  /** What is looked at, thing by thing; empty where the title says it all. */
  things: readonly Thing[];
  /** A figure that is read off, with its limits. */
  measures: Measured | null;
  /** The show does not start until it is done or waived. */
  holds: boolean;
}

/** Hazards whose protective gear and warnings hold the show. */
const HOLDING: readonly HazardKind[] = [
  'openFlame',
  'flammableVapour',
  'oxidiser',
  'corrosive',
  'cryogen',
  'asphyxiant',
  'loud',
  'projectile',
  'pressure',
  'highVoltage',
];

const holdsShow = ({ method }: ResolvedSlot): boolean =>
  method.hazards.some((hazard) => HOLDING.includes(hazard.kind));

/** A check whose time and, where anybody will do, whose person is still open. */
export type CheckDraft = Omit<CheckDemand<Omit<Check, 'due' | 'takes'>>, 'stop'>;

const thingWords = ({ name, amount }: Thing): string => (amount ? `${name} (${amount})` : name);

/** Who may set a slot out: those with the competences its preparation asks for. */
function setters(bundle: ShowBundle, { method }: ResolvedSlot): string[] {
  const skills = method.tasks
    .filter((task) => task.phase === 'prepare')
    .flatMap((task) => task.hands.flatMap((hand) => hand.competence ?? []));
  const able = bundle.show.crew.filter((id) => {
    const person = bundle.people.find((p) => p.id === id);
    return person && skills.every((skill) => person.competences.includes(skill));
  });
  return able.length > 0 ? able : bundle.show.crew;
}

const fetchedOnStage = ({ tasks, volunteerCard }: ResolvedSlot['method']): boolean =>
  tasks.some(({ id, phase }) => id === volunteerCard.fetchedIn && phase === 'perform');

function slotChecks(bundle: ShowBundle, timeline: Timeline, resolved: ResolvedSlot): CheckDraft[] {
  const { slot, demo, method } = resolved;
  const mine = timeline.tasks.filter((task) => task.slot === slot.id);
  const firstUse = Math.min(0, ...mine.map((task) => task.start));
  const speaker = slot.performerId ?? bundle.show.crew[0] ?? null;
  const people = setters(bundle, resolved);
  const position = resolved.position?.name;
  const base = {
    slotIds: [slot.id],
    demoName: demo.name,
    personId: null,
    place: position ?? '',
    from: null,
    measures: null,
    things: [],
  };
  const itemsOf = (kind: Item['kind']): Thing[] =>
    method.kit.flatMap((line) => {
      const item = bundle.items.find((i) => i.id === line.itemId);
      if (item?.kind !== kind) return [];
      const amount =
        line.unit === 'piece' && line.amount === 1 ? '' : formatAmount(line.amount, line.unit);
      const count = dimensionOf(line.unit) === 'count' ? Math.max(1, Math.round(line.amount)) : 1;
      return [{ itemId: item.id, name: item.name, amount, count }];
    });
  // A position belongs to the first slot there until that is cleared.
  const firstThere =
    bundle.show.slots.find((other) => other.positionId === slot.positionId)?.id === slot.id;
  const drafts: CheckDraft[] = [];

  const equipment = itemsOf('equipment');
  if (equipment.length > 0) {
    drafts.push({
      people,
      before: firstUse,
      check: {
        ...base,
        key: `place:${slot.id}`,
        kind: 'place',
        title: `${demo.name} ${firstThere ? 'set out' : 'laid ready in the wings'}${position ? ` ${firstThere ? 'at' : 'for'} ${position}` : ''}`,
        detail: listInWords(equipment.map(thingWords)),
        things: equipment,
        holds: false,
      },
    });
  }
  const consumables = itemsOf('consumable');
  if (consumables.length > 0) {
    const goes = slot.goes > 1 ? ` for ${counted(slot.goes, 'go', 'goes')}` : '';
    drafts.push({
      people,
      before: firstUse,
      check: {
        ...base,
        key: `fill:${slot.id}`,
        kind: 'fill',
        title: `${demo.name} filled and measured out${goes}`,
        detail: listInWords(consumables.map(thingWords)),
        things: consumables,
        holds: false,
      },
    });
  }
  drafts.push(...gearChecks(bundle, resolved, timeline), ...guardChecks(bundle, resolved));
  // Who is fetched in a step of the show is briefed in it.
  if (method.volunteers > 0 && !fetchedOnStage(method)) {
    drafts.push({
      people: [],
      before: 0,
      check: {
        ...base,
        key: `volunteer:${slot.id}`,
        kind: 'volunteer',
        personId: speaker,
        title: `${counted(method.volunteers, 'volunteer')} briefed for ${demo.name}`,
        detail: volunteerWords(method.volunteerCard),
        holds: true,
      },
    });
  }
  return drafts;
}

function gearChecks(bundle: ShowBundle, resolved: ResolvedSlot, timeline: Timeline): CheckDraft[] {
  const { slot, demo, position } = resolved;
  return wearersOf(resolved, timeline).map(({ personId, gear, from }) => ({
    people: [],
    before: Math.min(0, from),
    check: {
      key: `gear:${slot.id}:${personId}`,
      kind: 'gear',
      title: `${thingsInWords(gear)} to hand for ${bundle.people.find((p) => p.id === personId)?.name ?? 'the wearer'}`,
      detail: demo.name,
      slotIds: [slot.id],
      demoName: demo.name,
      personId,
      place: position?.name ?? '',
      from: null,
      measures: null,
      things: [],
      holds: holdsShow(resolved),
    },
  }));
}

/** One test for each item that has one, however many slots use it, before the first of them. */
function testChecks(bundle: ShowBundle, timeline: Timeline): CheckDraft[] {
  const slots = resolveSlots(bundle);
  return bundle.items
    .filter((item) => item.functionTest !== '')
    .flatMap((item): CheckDraft[] => {
      const users = slots.filter(({ method }) => method.kit.some((l) => l.itemId === item.id));
      const [first] = users;
      if (!first) return [];
      const { position } = first;
      const ids = users.map(({ slot }) => slot.id);
      const uses = timeline.tasks.filter((task) => ids.includes(task.slot));
      return [
        {
          people: setters(bundle, first),
          before: Math.min(0, ...uses.map((task) => task.start)),
          check: {
            key: `test:${item.id}`,
            kind: 'test',
            title: `${item.name}: ${item.functionTest}`,
            detail: listInWords(users.map(({ demo }) => demo.name)),
            slotIds: ids,
            demoName: users.map(({ demo }) => demo.name).join(', '),
            personId: null,
            place: position?.name ?? '',
            from: null,
            things: [{ itemId: item.id, name: item.name, amount: '', count: 1 }],
            measures: item.testMeasures,
            holds: item.testHolds,
          },
        },
      ];
    });
}

export interface DayChecks {
  /** By the time they fall due. */
  checks: Check[];
  /** Seconds by which setting up begins before the crew arrives; 0 when there is time enough. */
  shortBy: number;
}

/** Every check of the show, with who does it and by when, counted back from the start; the earliest first. */
export function dayChecks(
  bundle: ShowBundle,
  timeline: Timeline,
  followUps: readonly OpenFollowUp[] = [],
): DayChecks {
  const start = parseClock(bundle.show.start);
  const drafts = [
    ...arrivalChecks(bundle, timeline),
    ...resolveSlots(bundle).flatMap((slot) => slotChecks(bundle, timeline, slot)),
    ...testChecks(bundle, timeline),
    ...(bundle.show.slots.length > 0 ? measureCheck(bundle) : []),
    ...lastTimeChecks(bundle, followUps),
  ];
  const day = {
    arrival: parseClock(bundle.show.arrival) - start,
    doors: parseClock(bundle.show.doors) - start,
  };
  const { timed, shortBy } = dueTimes(
    drafts.map((draft) => ({ ...draft, stop: stopKey(draft.check, day) })),
    timeline.tasks,
    day,
  );
  const checks = [...timed, ...windowChecks(bundle, timeline)].sort(
    (a, b) => a.due - b.due || a.key.localeCompare(b.key),
  );
  return { checks, shortBy };
}
