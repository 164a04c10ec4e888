/** Show files of earlier versions. */
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  CONDITION_FIGURES,
  type Known,
  NO_AUDIENCE_NEEDS,
  NO_CONDITIONS,
} from '../core/brief/types';
import { NO_WISHES } from '../core/brief/wishes';
import { NO_CARE, NO_NEEDS } from '../core/repertoire/care';
import { HOUSEHOLD } from '../core/units/household';
import { dimensionOf } from '../core/units/units';
import { Stage, START, threeSlots } from '../core/testing/stage';
import { FILE_VERSION, readShowFile, type ShowFile } from './showFile';
import { showFile } from './testing/arbitrary';

type Plain = Record<string, unknown>;

const without = (value: Plain, names: readonly string[]): Plain =>
  Object.fromEntries(Object.entries(value).filter(([name]) => !names.includes(name)));

const NEW_OF_ITEMS = [
  ...['atVenue', 'unit', 'waste', 'density', 'gramsEach', 'material', 'cold', 'holds', 'boilsOff'],
  ...['substance', 'strength', 'label', 'keepsOpen', 'testEvery', 'boxId', 'packs'],
];

const NEW_OF_VENUES = [
  ...['detectorsIsolable', 'alarmToFireService', 'drain', 'airChanges', 'floor', 'circuits'],
  ...['surface', 'stageWidthM', 'stageDepthM', 'exits'],
];

const renamed = (value: Plain, names: Record<string, string>): Plain =>
  Object.fromEntries(Object.entries(value).map(([name, entry]) => [names[name] ?? name, entry]));

/** Facts of a venue that were yes or no before. */
const ASKED = ['water', 'dark', 'drain', 'smokeDetectors'];

/** The file as version 6 wrote it: what nobody had asked was “no”. */
function asVersion6(file: Plain): Plain {
  const show = file.show as Plain;
  const venue = file.venue as Plain | null;
  const hazard = (of: Plain): Plain => ({
    ...without(of, ['figure', 'before', 'after']),
    remainingRisk: 'medium',
  });
  const method = (of: Plain): Plain => ({
    ...without(of, ['hazardsReviewed', 'ruledOut']),
    tasks: (of.tasks as Plain[]).map((task) => without(task, ['hazards'])),
    hazards: (of.hazards as Plain[]).map(hazard),
    settings: (of.settings as Plain[]).map((one) => without(one, ['most'])),
  });
  return {
    ...file,
    version: 6,
    show: {
      ...without(show, ['youngest', 'audienceNeeds', 'journeys']),
      conditions: without(show.conditions as Plain, ['measured']),
    },
    venue: venue && {
      ...without(venue, ['emergencyNumber', 'emergencyNote']),
      ...Object.fromEntries(ASKED.map((name) => [name, venue[name] === 'yes'])),
    },
    people: (file.people as Plain[]).map((person) => without(person, ['heartDevice'])),
    demos: (file.demos as Plain[]).map((demo) => ({
      ...demo,
      methods: (demo.methods as Plain[]).map(method),
    })),
    items: (file.items as Plain[]).map((item) => without(item, ['lid'])),
  };
}

/** What is left of a file once it has been through version 6: what that did not know is not known. */
function afterVersion6({ show, venue, people, demos, items, ...rest }: ShowFile): ShowFile {
  const unlessYes = (value: Known): Known => (value === 'yes' ? 'yes' : 'unknown');
  const { conditions } = show;
  return {
    ...rest,
    show: {
      ...show,
      youngest: null,
      audienceNeeds: NO_AUDIENCE_NEEDS,
      journeys: [],
      conditions: {
        ...conditions,
        measured:
          conditions.takenAt === null
            ? []
            : CONDITION_FIGURES.filter((name) => conditions[name] !== null),
      },
    },
    venue: venue && {
      ...venue,
      water: unlessYes(venue.water),
      dark: unlessYes(venue.dark),
      drain: unlessYes(venue.drain),
      smokeDetectors: unlessYes(venue.smokeDetectors),
      emergencyNumber: '',
      emergencyNote: '',
    },
    people: people.map((person) => ({ ...person, heartDevice: 'unknown' })),
    demos: demos.map((demo) => ({
      ...demo,
      methods: demo.methods.map((method) => ({
        ...method,
        hazardsReviewed: method.hazards.length > 0,
        ruledOut: [],
        tasks: method.tasks.map((task) => ({ ...task, hazards: [] })),
        settings: method.settings.map((one) => ({ ...one, most: null })),
        hazards: method.hazards.map((one) => ({
          ...one,
          figure: null,
          before: null,
          after: { likelihood: 2, severity: 3 },
        })),
      })),
    })),
    items: items.map((item) => ({ ...item, lid: 'unknown' })),
  };
}

const OLD_TASK = { careful: 'mind' };
const OLD_HAZARD = { atRisk: 'who', remainingRisk: 'rest' };

/** The file as version 5 wrote it: some things had other names. */
function asVersion5(newest: Plain): Plain {
  const file = asVersion6(newest);
  const method = (of: Plain): Plain => {
    const card = of.volunteerCard as Plain;
    return renamed(
      {
        ...of,
        tasks: (of.tasks as Plain[]).map((task) => renamed(task, OLD_TASK)),
        hazards: (of.hazards as Plain[]).map((one) => renamed(one, OLD_HAZARD)),
        calculators: (of.calculators as Plain[]).map((one) => renamed(one, { calculator: 'sum' })),
        volunteerCard: {
          ...card,
          mustNot: (card.mustNot as string[]).map((m) => (m === 'pregnant' ? 'withChild' : m)),
        },
      },
      { calculators: 'sums' },
    );
  };
  const slot = (of: Plain): Plain => ({
    ...of,
    steps: (of.steps as Plain[]).map((step) => renamed(step, OLD_TASK)),
  });
  const run = (of: Plain): Plain => {
    const plan = of.plan as Plain;
    return { ...of, plan: { ...plan, slots: (plan.slots as Plain[]).map(slot) } };
  };
  return {
    ...file,
    version: 5,
    demos: (file.demos as Plain[]).map((demo) => ({
      ...renamed(demo, { energy: 'lift' }),
      methods: (demo.methods as Plain[]).map(method),
    })),
    runs: (file.runs as Plain[]).map(run),
  };
}

/** The file as version 4 wrote it: without how loud the room is. */
const asVersion4 = (newest: Plain): Plain => {
  const file = asVersion5(newest);
  const show = file.show as Plain;
  return {
    ...file,
    version: 4,
    show: { ...show, conditions: without(show.conditions as Plain, ['sound']) },
  };
};

/** The file as version 3 wrote it: the words of the volunteer card stood with the demo. */
function asVersion3(newest: Plain): Plain {
  const file = asVersion5(newest);
  const show = file.show as Plain;
  return {
    ...file,
    version: 3,
    show: {
      ...without(show, ['conditions']),
      positions: (show.positions as Plain[]).map((p) => without(p, ['at', 'circuitId'])),
    },
    venue: file.venue && without(file.venue as Plain, NEW_OF_VENUES),
    people: (file.people as Plain[]).map((person) => without(person, ['mayWaive'])),
    demos: (file.demos as Plain[]).map((demo) => ({
      ...demo,
      volunteerCard: 'Somebody steady.',
      methods: (demo.methods as Plain[]).map((method) => ({
        ...without(method, ['needs', 'care', 'volunteerCard', 'sums']),
        settings: (method.settings as Plain[]).map((one) => without(one, ['source'])),
        hazards: (method.hazards as Plain[]).map((one) =>
          without(one, ['who', 'firstAid', 'rest']),
        ),
      })),
    })),
    items: (file.items as Plain[]).map((item) => without(item, ['testMeasures'])),
  };
}

/** The file as version 2 wrote it; counting by the day was not known then. */
function asVersion2(newest: Plain): Plain {
  const file = asVersion3(newest);
  const { household: _h, boxes: _b, lots: _l, packing: _p, ...rest } = file;
  return {
    ...rest,
    version: 2,
    show: without(file.show as Plain, ['rehearsals', 'wantedChance', 'cold']),
    demos: (file.demos as Plain[]).map((demo) => ({
      ...demo,
      methods: (demo.methods as Plain[]).map((method) => ({
        ...method,
        kit: (method.kit as Plain[]).map((line) =>
          without(line, ['instead', 'chilled', 'strength']),
        ),
      })),
    })),
    items: (file.items as Plain[]).map((item) => without(item, NEW_OF_ITEMS)),
  };
}

/** The file as version 1 wrote it. */
function asVersion1(newest: Plain): Plain {
  const file = asVersion2(newest);
  const show = file.show as Plain;
  return {
    ...file,
    version: 1,
    show: {
      ...without(show, ['wishes']),
      slots: (show.slots as Plain[]).map((slot) =>
        without(slot, ['talk', 'again', 'fallback', 'leads']),
      ),
    },
    demos: (file.demos as Plain[]).map((demo) => ({
      ...demo,
      methods: (demo.methods as Plain[]).map((method) => without(method, ['leaves', 'forbids'])),
    })),
    items: (file.items as Plain[]).map((item) => without(item, ['owned'])),
  };
}

test('version 1 is read, and what it lacked changes nothing', () => {
  fc.assert(
    fc.property(showFile, (file) => {
      const plain = JSON.parse(JSON.stringify(file)) as Plain;
      const slots = (file.show.slots ?? []).filter((slot) => slot.talk === null);
      const old = asVersion1({ ...plain, show: { ...(plain.show as Plain), slots } });
      const read = readShowFile(JSON.stringify(old));
      if (!read.ok) throw new Error(JSON.stringify(read.faults));
      expect(read.value.version).toBe(FILE_VERSION);
      expect(read.value.show.wishes).toEqual(NO_WISHES);
      for (const slot of read.value.show.slots)
        expect(slot).toMatchObject({ talk: null, again: 0, fallback: 0, leads: [] });
      for (const method of read.value.demos.flatMap((demo) => demo.methods))
        expect(method).toMatchObject({ leaves: [], forbids: [] });
    }),
    { numRuns: 40, seed: 121 },
  );
});

test('version 2 is read: there is no store yet, and things are counted as they are used', () => {
  fc.assert(
    fc.property(showFile, (file) => {
      const plain = JSON.parse(JSON.stringify(file)) as Plain;
      const read = readShowFile(JSON.stringify(asVersion2(plain)));
      if (!read.ok) throw new Error(JSON.stringify(read.faults));
      const { show, items, demos, ...rest } = read.value;
      expect(rest).toMatchObject({ household: HOUSEHOLD, boxes: [], lots: [], packing: [] });
      expect(show).toMatchObject({ rehearsals: 0, wantedChance: 95, cold: [] });
      const lines = demos.flatMap((demo) => demo.methods.flatMap((method) => method.kit));
      for (const item of items) {
        const first = lines.find((line) => line.itemId === item.id);
        expect(dimensionOf(item.unit)).toBe(first ? dimensionOf(first.unit) : 'count');
        expect(item).toMatchObject({ waste: 0, packs: [], boxId: null });
      }
    }),
    { numRuns: 40, seed: 122 },
  );
});

test('version 3 is read: nothing is asked of the room yet, and volunteer cards go to the methods', () => {
  fc.assert(
    fc.property(showFile, (file) => {
      const plain = JSON.parse(JSON.stringify(file)) as Plain;
      const read = readShowFile(JSON.stringify(asVersion3(plain)));
      if (!read.ok) throw new Error(JSON.stringify(read.faults));
      expect(read.value.show.conditions).toEqual(NO_CONDITIONS);
      for (const method of read.value.demos.flatMap((demo) => demo.methods)) {
        expect(method).toMatchObject({ needs: NO_NEEDS, care: NO_CARE, calculators: [] });
        expect(method.volunteerCard.suits).toBe('Somebody steady.');
      }
      for (const person of read.value.people) expect(person.mayWaive).toBe(true);
    }),
    { numRuns: 40, seed: 123 },
  );
});

test('version 4 is read: all but the sound level of the room is as it was', () => {
  fc.assert(
    fc.property(showFile, (file) => {
      const plain = JSON.parse(JSON.stringify(file)) as Plain;
      const read = readShowFile(JSON.stringify(asVersion4(plain)));
      if (!read.ok) throw new Error(JSON.stringify(read.faults));
      const { conditions } = file.show;
      expect(read.value).toEqual(
        afterVersion6({
          ...file,
          show: { ...file.show, conditions: { ...conditions, sound: null } },
        }),
      );
    }),
    { numRuns: 40, seed: 124 },
  );
});

test('version 5 is read: the same things by their newer names', () => {
  fc.assert(
    fc.property(showFile, (file) => {
      const plain = JSON.parse(JSON.stringify(file)) as Plain;
      const read = readShowFile(JSON.stringify(asVersion5(plain)));
      if (!read.ok) throw new Error(JSON.stringify(read.faults));
      expect(read.value).toEqual(afterVersion6(file));
    }),
    { numRuns: 40, seed: 125 },
  );
});

test('version 6 is read: what nobody was asked is not known, and no figure without its time was measured', () => {
  fc.assert(
    fc.property(showFile, (file) => {
      const plain = JSON.parse(JSON.stringify(file)) as Plain;
      const read = readShowFile(JSON.stringify(asVersion6(plain)));
      if (!read.ok) throw new Error(JSON.stringify(read.faults));
      expect(read.value).toEqual(afterVersion6(file));
    }),
    { numRuns: 40, seed: 126 },
  );
});

test('a turning stool that was calculated from its inertia is read without those inputs', () => {
  fc.assert(
    fc.property(showFile, (file) => {
      const plain = asVersion6(JSON.parse(JSON.stringify(file)) as Plain);
      const input = (name: string, value: number): Plain => ({
        input: name,
        from: 'fixed',
        ref: '',
        value,
      });
      const inputs = [input('still', 1.5), input('start', 12), input('out', 70), input('into', 15)];
      const turning = { id: 'turn', calculator: 'turning', inputs };
      const demos = (plain.demos as Plain[]).map((demo) => ({
        ...demo,
        methods: (demo.methods as Plain[]).map((method) => ({ ...method, calculators: [turning] })),
      }));
      const read = readShowFile(JSON.stringify({ ...plain, demos }));
      if (!read.ok) throw new Error(JSON.stringify(read.faults));
      for (const method of read.value.demos.flatMap((demo) => demo.methods))
        expect(method.calculators).toEqual([{ ...turning, inputs: [input('start', 12)] }]);
    }),
    { numRuns: 10, seed: 127 },
  );
});

test('the runs of a version 7 file: steps without what lets go, presses without a number', () => {
  const { plan } = threeSlots;
  const events = new Stage().at(0, 'start').at(60, 'done').events;
  fc.assert(
    fc.property(showFile, (file) => {
      const run = { id: 'r', kind: 'performance' as const, createdAt: START, plan, events };
      const now = { ...file, runs: [run] };
      const slots = plan.slots.map((slot) => ({
        ...slot,
        steps: slot.steps.map((step) => without({ ...step }, ['clear', 'letGo'])),
      }));
      const old = {
        ...now,
        version: 7,
        runs: [
          {
            ...run,
            plan: { ...plan, slots },
            events: events.map((event) => without({ ...event }, ['value'])),
          },
        ],
      };
      const read = readShowFile(JSON.stringify(old));
      if (!read.ok) throw new Error(JSON.stringify(read.faults));
      expect(read.value).toEqual(now);
    }),
    { numRuns: 10, seed: 128 },
  );
});

test('a version 1 file that is broken is told of by its own faults', () => {
  for (const broken of [
    '{"format":"hearty-stage/show","version":1}',
    '{"format":"hearty-stage/show","version":1,"show":3,"demos":{},"items":[7],"runs":[null]}',
  ]) {
    const read = readShowFile(broken);
    expect(read.ok).toBe(false);
  }
});

test('a slot is a demo with its method, or a talk', () => {
  fc.assert(
    fc.property(showFile, (file) => {
      const [slot] = file.show.slots;
      if (!slot) return;
      const spoilt = {
        ...file,
        show: { ...file.show, slots: [{ ...slot, demoId: null, methodId: null, talk: null }] },
      };
      const read = readShowFile(JSON.stringify(spoilt));
      expect(read.ok ? [] : read.faults).toContainEqual({
        path: 'show.slots[0].id',
        message: 'must be of a slot with a demo and its method, or with a talk',
      });
    }),
    { numRuns: 20, seed: 122 },
  );
});
