/** Show files of the last versions are read as files without what came since. */
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { NO_ANSWERS } from '../core/repertoire/cues';
import { NO_HAND_OUT } from '../core/repertoire/handOut';
import type { KitLine, Substitute } from '../core/repertoire/types';
import { START, Stage, threeSlots } from '../core/testing/stage';
import { readShowFile } from './showFile';
import { showFile } from './testing/arbitrary';

function readsAs(old: string, bare: object): void {
  const read = readShowFile(old);
  if (!read.ok) throw new Error(JSON.stringify(read.faults));
  expect(read.value).toEqual(JSON.parse(JSON.stringify(bare)));
}

test('a version 8 file, before cues, questions and devices, is read as one without any', () => {
  const { plan } = threeSlots;
  const events = new Stage().at(0, 'start').at(60, 'done').events;
  fc.assert(
    fc.property(showFile, (file) => {
      const run = { id: 'r', kind: 'performance' as const, createdAt: START, plan, events };
      const bare = {
        ...file,
        demos: file.demos.map((demo) => ({
          ...demo,
          methods: demo.methods.map((method) => ({
            ...method,
            prediction: null,
            tasks: method.tasks.map((task) => ({ ...task, cues: [] })),
          })),
        })),
        runs: [run],
      };
      const later = ['cues', 'prediction', 'device'];
      const old = JSON.stringify({ ...bare, version: 8 }, (key, value: unknown) =>
        later.includes(key) ? undefined : value,
      );
      readsAs(old, bare);
    }),
    { numRuns: 20, seed: 129 },
  );
});

test('a version 9 file, before results, learned times and trials, is read as one without any', () => {
  const { plan } = threeSlots;
  const events = new Stage().at(0, 'start').at(60, 'done').events;
  fc.assert(
    fc.property(showFile, (file) => {
      const slots = plan.slots.map((slot) => ({ ...slot, results: [], performerId: null }));
      const run = {
        id: 'r',
        kind: 'performance' as const,
        createdAt: START,
        plan: { ...plan, slots },
        events,
      };
      const bare = {
        ...file,
        demos: file.demos.map((demo) => ({
          ...demo,
          methods: demo.methods.map((method) => ({ ...method, results: [], figures: [] })),
        })),
        runs: [run],
      };
      const { trials: _trials, readings: _readings, ...rest } = bare;
      // A slot keeps its performer: only in runs nobody was named.
      const old = JSON.stringify({
        ...rest,
        version: 9,
        demos: rest.demos.map((demo) => ({
          ...demo,
          methods: demo.methods.map(({ results: _r, figures: _f, ...method }) => method),
        })),
        runs: [
          {
            ...run,
            plan: {
              ...plan,
              slots: plan.slots.map(({ results: _r, performerId: _p, ...slot }) => slot),
            },
          },
        ],
      });
      readsAs(old, bare);
    }),
    { numRuns: 20, seed: 130 },
  );
});

test('a version 11 file, before families, faces, told texts, origins and tours, is read as one without any', () => {
  fc.assert(
    fc.property(showFile, (file) => {
      const none = { family: null, face: null, told: '', origin: null };
      const bare = {
        ...file,
        demos: file.demos.map((demo) => ({ ...demo, ...none })),
        show: { ...file.show, tour: '' },
      };
      const later = ['family', 'face', 'told', 'origin', 'tour'];
      const old = JSON.stringify({ ...bare, version: 11 }, (key, value: unknown) =>
        later.includes(key) ? undefined : value,
      );
      readsAs(old, bare);
    }),
    { numRuns: 20, seed: 131 },
  );
});

test('a version 12 file, before anybody’s pace and answers to questions, is read as one without any', () => {
  const { plan } = threeSlots;
  const events = new Stage().at(0, 'start').events;
  const asked = { ask: 'How far?', options: ['Row one', 'The wall'], answer: 1, reveal: '' };
  const slots = plan.slots.map((slot) => ({ ...slot, prediction: { ...asked, ...NO_ANSWERS } }));
  fc.assert(
    fc.property(showFile, (file) => {
      const people = file.people.map((person) => ({ ...person, wordsPerMinute: null }));
      const demos = file.demos.map((demo) => ({
        ...demo,
        methods: demo.methods.map(({ prediction, ...method }) => ({
          ...method,
          prediction: prediction && { ...prediction, ...NO_ANSWERS },
        })),
      }));
      const run = {
        id: 'r',
        kind: 'performance' as const,
        createdAt: START,
        plan: { ...plan, slots },
        events,
      };
      const bare = { ...file, people, demos, runs: [run] };
      const later = ['wordsPerMinute', 'ifFails', 'accepts', 'wrong'];
      const old = JSON.stringify({ ...bare, version: 12 }, (key, value: unknown) =>
        later.includes(key) ? undefined : value,
      );
      readsAs(old, bare);
    }),
    { numRuns: 20, seed: 132 },
  );
});

test('a version 13 file, before pictures, cameras, hand-outs and classes, is read as one without any', () => {
  fc.assert(
    fc.property(showFile, (file) => {
      const demos = file.demos.map((demo) => ({
        ...demo,
        picture: null,
        handOut: NO_HAND_OUT,
        methods: demo.methods.map((method) => ({
          ...method,
          tasks: method.tasks.map((task) => ({ ...task, picture: null, views: [] })),
        })),
      }));
      const bare = {
        ...file,
        demos,
        show: {
          ...file.show,
          filming: [],
          classSet: null,
          agreedWith: '',
          answers: [],
          questions: [],
        },
      };
      const later = [
        ...['picture', 'views', 'handOut', 'filming', 'classSet'],
        ...['agreedWith', 'answers', 'questions'],
      ];

      const old = JSON.stringify({ ...bare, version: 13 }, (key, value: unknown) =>
        later.includes(key) ? undefined : value,
      );
      readsAs(old, bare);
    }),
    { numRuns: 20, seed: 133 },
  );
});

test('a version 14 file, before what keeps, what is hired and what spares are for, is read as one without any', () => {
  fc.assert(
    fc.property(showFile, (file) => {
      const items = file.items.map((item) => ({
        ...item,
        packs: item.packs.map((pack) => ({ ...pack, keeps: null, hireDays: null })),
      }));
      const show = {
        ...file.show,
        slots: file.show.slots.map((slot) => ({ ...slot, wantedGoes: null })),
        sparePolicy: { wish: 'each', mostCost: null, mostGrams: null },
      };
      const demos = file.demos.map((demo) => ({
        ...demo,
        methods: demo.methods.map((method) => ({
          ...method,
          kit: method.kit.map((line) => ({
            ...line,
            most: null,
            groupOf: null,
            chilledIn: null,
            basis: line.basis === 'perGroup' ? 'perShow' : line.basis,
          })),
        })),
      }));
      const bare = { ...file, items, show, demos };
      const later = ['keeps', 'hireDays', 'wantedGoes', 'sparePolicy', 'groupOf', 'chilledIn'];
      const old = JSON.stringify({ ...bare, version: 14 }, (key, value: unknown) =>
        later.includes(key) ? undefined : value,
      );
      readsAs(old, bare);
    }),
    { numRuns: 20, seed: 134 },
  );
});

test('a version 15 file, before how much of what may be used instead, is read as one for one', () => {
  fc.assert(
    fc.property(showFile, (file) => {
      const evenLine = (line: KitLine): KitLine => ({
        ...line,
        instead: line.instead.map(({ itemId }) => ({
          itemId,
          times: 1,
          unit: line.unit,
          figures: null,
        })),
      });
      const demos = file.demos.map((demo) => ({
        ...demo,
        methods: demo.methods.map((method) => ({ ...method, kit: method.kit.map(evenLine) })),
      }));
      const items = file.items.map((item) => ({ ...item, outline: null, stows: [] }));
      const packing = file.packing.map((mark) => ({ ...mark, amount: null, of: null }));
      const journeys = file.show.journeys.map((one) => ({ ...one, mostKg: null }));
      const show = { ...file.show, journeys, swaps: [] };
      const even = { ...file, demos, items, packing, show };
      const old = JSON.stringify({ ...even, version: 15 }, (key, value: unknown) =>
        ['swaps', 'outline', 'stows', 'mostKg'].includes(key) ||
        (key === 'amount' && value === null) ||
        (key === 'of' && value === null)
          ? undefined
          : key === 'instead'
            ? (value as Substitute[]).map(({ itemId }) => itemId)
            : value,
      );
      readsAs(old, even);
    }),
    { numRuns: 20, seed: 135 },
  );
});
