/** Random values that the contract allows, for property tests. */
import { CREW_SAID } from '../../core/brief/agreed';
import fc from 'fast-check';
import { ARCS, type SlotPair, WEIGHTS } from '../../core/brief/wishes';
import {
  CONDITION_FIGURES,
  FLOORS,
  JOURNEY_BY,
  KNOWN,
  MARK_SHAPES,
  SPARE_WISHES,
  type Person,
  type Show,
  type Slot,
  type Venue,
} from '../../core/brief/types';
import { COMPETENCES, type Demo } from '../../core/repertoire/types';
import { PACK_MARKS } from '../../core/kit/packing';
import type { FollowUp } from '../day';
import { FILE_FORMAT, FILE_VERSION, type ShowFile } from '../showFile';
import { box, item, stockedLot } from './inventory';
import { demo, estimate } from './repertoire';
import { number, numbered, orNull, whole, words, yes } from './values';
import { classSet, filming } from './pictures';

export const person: fc.Arbitrary<Person> = fc.record({
  id: fc.uuid(),
  name: words(60, 1),
  role: words(60),
  competences: fc.subarray([...COMPETENCES]),
  heartDevice: fc.constantFrom(...KNOWN),
  wordsPerMinute: fc.option(fc.integer({ min: 60, max: 260 })),
  mayWaive: yes,
  note: words(400),
});

export const venue: fc.Arbitrary<Venue> = fc.record({
  id: fc.uuid(),
  name: words(80, 1),
  address: words(200),
  travel: words(400),
  outdoors: yes,
  lengthM: orNull(number(0.5, 500)),
  widthM: orNull(number(0.5, 500)),
  ceilingM: orNull(number(1, 100)),
  frontRowM: orNull(number(0, 100)),
  powerSockets: orNull(whole(0, 200)),
  water: fc.constantFrom(...KNOWN),
  dark: fc.constantFrom(...KNOWN),
  smokeDetectors: fc.constantFrom(...KNOWN),
  detectorsIsolable: fc.constantFrom(...KNOWN),
  detectorsIsolatedBy: words(120),
  alarmToFireService: fc.constantFrom(...KNOWN),
  drain: fc.constantFrom(...KNOWN),
  airChanges: orNull(number(0, 100)),
  floor: fc.constantFrom(...FLOORS),
  circuits: fc
    .array(fc.record({ name: words(40, 1), watts: number(1, 20_000) }), { maxLength: 2 })
    .map((all) => numbered('c', all)),
  surface: words(120),
  stageWidthM: orNull(number(0.5, 100)),
  stageDepthM: orNull(number(0.5, 100)),
  exits: fc
    .array(fc.record({ name: words(40, 1), x: number(-50, 50), y: number(-50, 50) }), {
      maxLength: 2,
    })
    .map((all) => numbered('e', all)),
  emergencyNumber: words(40),
  emergencyNote: words(400),
  note: words(1000),
});

export const followUp: fc.Arbitrary<FollowUp> = fc.record({
  id: fc.uuid(),
  showId: fc.constant(null),
  demoId: fc.constant(null),
  words: words(300, 1),
  ownerId: fc.constant(null),
  due: orNull(fc.constantFrom('2027-02-28', '2028-02-29')),
  done: yes,
});

const clock = (minutes: number): string =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;

const pairs = (first: string, second: string): fc.Arbitrary<SlotPair[]> =>
  fc.boolean().map((wanted) => (wanted ? [{ first, second }] : []));

interface Around {
  people: readonly Person[];
  demos: readonly Demo[];
  venue: Venue | null;
  /** Ids of items. */
  items?: readonly string[];
}

const coldPlan = fc.record({
  daysBefore: whole(0, 14),
  collected: fc.constantFrom('00:00', '09:40', '23:59'),
  vesselWarm: yes,
  pourLoss: number(0, 80),
  reserve: number(0, 300),
  ordered: orNull(number(0, 10_000)),
  measured: orNull(fc.record({ at: fc.constantFrom('12:00', '19:05'), amount: number(0, 9000) })),
});

/** A show that names only what is around it. */
export const show = ({ people, demos, venue: at, items = [] }: Around): fc.Arbitrary<Show> => {
  const positions = MARK_SHAPES.slice(0, 3).map((mark, i) => ({
    id: `p${i}`,
    name: `Place ${i}`,
    mark,
    at: i === 0 ? null : { x: i - 1.5, y: i },
    circuitId: null,
  }));
  const personId = orNull(
    people.length ? fc.constantFrom(...people.map((p) => p.id)) : fc.constant(null),
  );
  const slot: fc.Arbitrary<Omit<Slot, 'id'>> = fc
    .record({
      demo: fc.constantFrom(...(demos.length ? demos : [null])),
      which: fc.nat(),
      performerId: personId,
      positionId: orNull(fc.constantFrom(...positions.map((p) => p.id))),
      talk: orNull(fc.record({ title: words(80, 1), time: estimate, say: words(600) })),
      goes: whole(1, 3),
      again: whole(0, 3),
      wantedGoes: orNull(fc.constant(1)),
      fallback: whole(0, 90),
      leads: fc.constant<Slot['leads']>([]),
      pinned: yes,
      mayLeaveOut: yes,
      worth: whole(1, 5),
      sideBySide: fc.constant<Slot['sideBySide']>(null),
    })
    .map(({ demo: of, which, ...rest }) => ({
      ...rest,
      demoId: rest.talk ? null : (of?.id ?? ''),
      methodId: rest.talk ? null : (of?.methods[which % of.methods.length]?.id ?? ''),
    }));
  return fc
    .record({
      id: fc.uuid(),
      title: words(80, 1),
      tour: words(80),
      date: fc.constantFrom('2027-05-30', '2028-02-29'),
      zone: fc.constantFrom('Etc/UTC', 'Etc/GMT+5'),
      times: fc.uniqueArray(whole(0, 300), { minLength: 4, maxLength: 4 }),
      venueId: fc.constant(at?.id ?? null),
      audience: whole(0, 20_000),
      audienceNote: words(200),
      youngest: orNull(number(0, 120)),
      audienceNeeds: fc.record({
        hearing: fc.constantFrom(...KNOWN),
        sight: fc.constantFrom(...KNOWN),
        movement: fc.constantFrom(...KNOWN),
      }),
      journeys: fc
        .array(
          fc.record({
            name: words(60, 1),
            by: fc.constantFrom(...JOURNEY_BY),
            volumeM3: orNull(number(0.1, 100)),
            airChanges: orNull(number(0, 100)),
            minutes: orNull(number(0, 500)),
            people: whole(0, 5),
            mostKg: orNull(number(1, 5000)),
          }),
          { maxLength: 2 },
        )
        .map((all) => numbered('j', all)),
      agreed: yes,
      crew: fc.subarray(people.map((p) => p.id)),
      positions: fc.constant(positions),
      slots: demos.length ? fc.array(slot, { maxLength: 5 }) : fc.constant([]),
      wishes: fc.record({
        arc: fc.constantFrom(...ARCS),
        before: pairs('slot0', 'slot1'),
        apart: pairs('slot0', 'slot2'),
        weights: fc.constant(WEIGHTS),
      }),
      rehearsals: whole(0, 20),
      wantedChance: number(50, 99.9),
      swaps: fc.constant<Show['swaps']>([]),
      sparePolicy: fc.record({
        wish: fc.constantFrom(...SPARE_WISHES),
        mostCost: orNull(whole(0, 100_000)),
        mostGrams: orNull(number(0, 50_000)),
      }),
      cold: orNull(coldPlan).map((plan) =>
        plan && items[0] ? [{ ...plan, itemId: items[0], vesselId: items[1] ?? null }] : [],
      ),
      conditions: fc.record({
        temperature: orNull(number(-60, 60)),
        humidity: orNull(number(0, 100)),
        people: orNull(whole(0, 50_000)),
        wind: orNull(number(0, 60)),
        pressure: orNull(number(500, 1100)),
        sound: orNull(number(0, 130)),
        measured: fc.subarray([...CONDITION_FIGURES]),
        takenAt: orNull(fc.constantFrom('13:05')),
      }),
      agreedWith: words(120),
      answers: fc
        .subarray(people.map(({ id }) => id))
        .chain((ids) =>
          fc.tuple(
            ...ids.map((personId) =>
              fc.constantFrom(...CREW_SAID).map((said) => ({ personId, said })),
            ),
          ),
        ),
      questions: fc
        .array(fc.record({ ask: words(160, 1), answer: words(300) }), { maxLength: 2 })
        .map((all) => numbered('q', all)),
      filming: filming(people.map(({ id }) => id)),
      classSet: classSet(demos),
      note: words(2000),
    })
    .map(({ times, slots, ...rest }) => {
      const [arrival = 0, doors = 0, start = 0, hardFinish = 0] = [...times]
        .sort((a, b) => a - b)
        .map((m) => m + 600);
      return {
        ...rest,
        arrival: clock(arrival),
        doors: clock(doors),
        start: clock(start),
        hardFinish: clock(hardFinish),
        slots: numbered('slot', slots),
      };
    });
};

/** A whole show file without runs. */
export const showFile: fc.Arbitrary<ShowFile> = fc
  .record({
    people: fc.array(person, { maxLength: 4 }),
    items: fc.array(item, { maxLength: 4 }),
    boxes: fc.array(box, { maxLength: 2 }),
    venue: orNull(venue),
    household: fc.record({
      drop: number(0.01, 1),
      squirt: number(0.1, 100),
      stroke: number(1, 1000),
      pinch: number(0.01, 20),
    }),
    riskMatrix: fc.record({
      medium: whole(2, 6),
      high: whole(7, 12),
      extreme: whole(13, 25),
    }),
  })
  .map(({ items, boxes, ...rest }) => ({
    ...rest,
    boxes,
    items: items.map((one, i) => ({ ...one, boxId: boxes[i]?.id ?? null })),
  }))
  .chain((around) =>
    fc
      .record({
        demos: fc.array(demo(around.items.map((i) => i.id)), { maxLength: 3 }),
        lots: fc.tuple(...around.items.map((i) => stockedLot(i.id))),
        packing: fc.uniqueArray(
          fc.record({
            key: fc.constantFrom(...around.items.map((i) => `${i.id}.count`), 'x.mass'),
            kind: fc.constantFrom(...PACK_MARKS),
            by: fc.constant(null),
            at: whole(0, 2_000_000_000),
            amount: orNull(number(0, 5000)),
            of: orNull(number(0, 5000)),
          }),
          { maxLength: 4, selector: (mark) => `${mark.key}/${mark.kind}` },
        ),
      })
      .map((more) => ({ ...around, ...more })),
  )
  .chain((around) =>
    show({ ...around, items: around.items.map((i) => i.id) }).map((booked) => ({
      format: FILE_FORMAT,
      version: FILE_VERSION,
      show: booked,
      ...around,
      runs: [],
      trials: [],
      readings: [],
    })),
  );
