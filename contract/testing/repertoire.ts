/** Random demos that the contract allows. */
import fc from 'fast-check';
import { FAMILIES } from '../../core/repertoire/families';
import { HAPPENINGS, VESSELS } from '../../core/repertoire/face';
import { CUE_KINDS, CUE_MOMENTS } from '../../core/repertoire/cues';
import { findCalculator } from '../../core/calculators/catalogue';
import {
  COMPETENCES,
  type Demo,
  HAND_ROLES,
  HAZARDS,
  KIT_BASES,
  type KitLine,
  type Method,
  PHASES,
  RESIDUES,
  TALK_PATTERNS,
  type Task,
  type Substitute,
} from '../../core/repertoire/types';
import { KIT_UNITS, UNIT_IDS } from '../../core/units/units';
import { card, care, hazard, needs, calculators } from './care';
import { strength } from './inventory';
import { figures, results } from './measure';
import { handOut, picture, views } from './pictures';
import { number, numbered, orNull, whole, wordList, words, yes } from './values';

export const estimate = fc
  .tuple(whole(0, 900), whole(0, 900), whole(0, 900))
  .map((times) => [...times].sort((a, b) => a - b))
  .map(([shortest = 0, likely = 0, longest = 0]) => ({ shortest, likely, longest }));

const hands = fc.array(
  fc.record({
    role: fc.constantFrom(...HAND_ROLES),
    count: whole(1, 3),
    competence: orNull(fc.constantFrom(...COMPETENCES)),
  }),
  { maxLength: 2 },
);

const cues: fc.Arbitrary<Task['cues']> = fc
  .array(
    fc.record({
      name: words(60, 1),
      kind: fc.constantFrom(...CUE_KINDS),
      at: fc.constantFrom(...CUE_MOMENTS),
      seconds: whole(0, 3600),
      output: orNull(fc.constant('desk')),
      send: words(200),
      args: words(200),
      media: orNull(fc.constant('drum-roll')),
      to: orNull(fc.constant('jo')),
      words: words(200),
    }),
    { maxLength: 2 },
  )
  .map((all) => numbered('c', all));

const prediction: fc.Arbitrary<Method['prediction']> = orNull(
  fc
    .uniqueArray(words(40, 1), { minLength: 2, maxLength: 5, selector: (text) => text.trim() })
    .chain((options) =>
      fc.record({
        ask: words(120, 1),
        options: fc.constant(options),
        answer: orNull(whole(0, options.length - 1)),
        ifFails: orNull(whole(0, options.length - 1)),
        reveal: words(200),
        accepts: fc.uniqueArray(words(80, 1), { maxLength: 3, selector: (text) => text.trim() }),
        wrong: fc.array(fc.record({ answer: words(120, 1), then: words(300) }), { maxLength: 2 }),
      }),
    ),
);

const task: fc.Arbitrary<Omit<Task, 'id'>> = fc
  .record({
    name: words(80, 1),
    phase: fc.constantFrom(...PHASES),
    time: estimate,
    hands,
    place: fc.constantFrom('stage' as const, 'wings' as const),
    after: fc.constant<Task['after']>([]),
    eachGo: yes,
    do: words(300),
    say: words(600),
    cue: words(120),
    gearOn: wordList(40),
    gearOff: wordList(40),
    careful: words(200),
    sign: orNull(
      fc.record({ watchFor: words(80, 1), waitLeast: whole(0, 60), waitMost: whole(60, 3600) }),
    ),
    hazards: fc.subarray([...HAZARDS], { maxLength: 2 }),
    cues,
    picture,
    views,
  })
  .map((value) => (value.phase === 'settle' ? { ...value, hands: [] } : value));

const line: fc.Arbitrary<Omit<KitLine, 'id' | 'itemId'>> = fc
  .record({
    amount: number(0.001, 1000),
    most: orNull(number(1001, 2000)),
    groupOf: whole(1, 30),
    unit: fc.constantFrom(...KIT_UNITS),
    basis: fc.constantFrom(...KIT_BASES),
    instead: fc.constant<Substitute[]>([]),
    chilled: yes,
    chilledIn: fc.constant<string | null>(null),
    strength: orNull(strength),
    note: words(200),
  })
  .map((value) => ({ ...value, groupOf: value.basis === 'perGroup' ? value.groupOf : null }));

/** Each task may wait for one before it, so that there is always an order. */
const tasks: fc.Arbitrary<Task[]> = fc
  .array(fc.tuple(task, orNull(fc.tuple(fc.nat(), whole(0, 60), orNull(whole(60, 900))))), {
    maxLength: 5,
  })
  .map((all) =>
    numbered(
      't',
      all.map(([value]) => value),
    ).map((value, i) => {
      const lag = all[i]?.[1];
      if (!lag || i === 0) return value;
      const [which, least, greatest] = lag;
      return { ...value, after: [{ task: `t${which % i}`, least, greatest }] };
    }),
  );

/** Methods whose kit names items of this list; without one they have no kit. */
const methods = (items: readonly string[]): fc.Arbitrary<Method[]> =>
  fc
    .array(
      fc.record({
        name: words(60, 1),
        summary: words(400),
        oneShot: yes,
        goesAllowed: whole(1, 20),
        volunteers: whole(0, 60),
        warning: words(400),
        tasks,
        kit: items.length
          ? fc.array(fc.tuple(line, fc.constantFrom(...items)), { maxLength: 4 }).map((all) =>
              numbered(
                'k',
                all.map(([value, itemId], i) => ({
                  ...value,
                  itemId,
                  instead: items
                    .filter((id, n) => id !== itemId && n % 2 === i % 2)
                    .map((id) => ({
                      itemId: id,
                      times: 1 + (i % 3),
                      unit: 'piece' as const,
                      figures: i % 2 ? null : [],
                    })),
                })),
              ),
            )
          : fc.constant<KitLine[]>([]),
        settings: fc
          .array(
            fc.record({
              name: words(60, 1),
              value: number(-1000, 1000),
              most: orNull(number(1001, 2000)),
              unit: fc.constantFrom(...UNIT_IDS),
              source: words(120),
            }),
            { maxLength: 2 },
          )
          .map((all) => numbered('s', all)),
        hazards: fc.array(hazard, { maxLength: 3 }),
        prediction,
        hazardsReviewed: yes,
        ruledOut: fc.array(fc.record({ kind: fc.constantFrom(...HAZARDS), why: words(200, 1) }), {
          maxLength: 2,
        }),
        needs,
        care,
        volunteerCard: card,
        calculators,
        leaves: fc
          .array(
            fc.record({
              kind: fc.constantFrom(...RESIDUES),
              where: fc.constantFrom('position' as const, 'stage' as const),
              time: estimate,
              hands,
            }),
            { maxLength: 2 },
          )
          .map((all) => numbered('r', all)),
        results,
        figures,
        chance: orNull(
          fc.record({ worked: whole(0, 90), failed: whole(0, 90), at: whole(0, 9_000_000_000) }),
        ),
        forbids: fc.subarray([...RESIDUES], { maxLength: 2 }),
        priorWorked: whole(0, 50),
        priorFailed: whole(0, 50),
      }),
      { minLength: 1, maxLength: 2 },
    )
    .chain((all) =>
      fc
        .array(fc.oneof(number(-1000, 1000), fc.constantFrom(0, -1)), {
          minLength: all.length,
          maxLength: all.length,
        })
        .map((figures) => all.map((method, i) => boundToSetting(method, figures[i] ?? 0))),
    )
    .map((all) => numbered('m', all));

/** Its first calculator reads a number from a setting, which may be any figure at all. */
function boundToSetting<T extends Omit<Method, 'id'>>(method: T, value: number): T {
  const [first, ...others] = method.calculators;
  const inputs = findCalculator(first?.calculator ?? '')?.inputs ?? {};
  const at = Object.entries(inputs).find(([, input]) => input.kind === 'number');
  if (!first || at?.[1].kind !== 'number') return method;
  const [input, { unit }] = at;
  const bound = { input, from: 'setting' as const, ref: 'figure', value: null };
  return {
    ...method,
    settings: [
      ...method.settings,
      { id: 'figure', name: 'Figure', value, most: null, unit, source: '' },
    ],
    calculators: [
      { ...first, inputs: [bound, ...first.inputs.filter((one) => one.input !== input)] },
      ...others,
    ],
  };
}

export const demo = (items: readonly string[] = []): fc.Arbitrary<Demo> =>
  fc
    .record({
      id: fc.uuid(),
      name: words(80, 1),
      hook: words(200),
      idea: words(600),
      keywords: wordList(40),
      ages: fc.tuple(whole(0, 120), whole(0, 120)),
      energy: whole(1, 5),
      talkPattern: fc.constantFrom(...TALK_PATTERNS),
      pinnedNote: words(500),
      usualPosition: words(40),
      family: orNull(fc.constantFrom(...FAMILIES)),
      face: orNull(
        fc.record({
          figure: orNull(fc.uuid()),
          vessel: fc.constantFrom(...VESSELS),
          happening: fc.constantFrom(...HAPPENINGS),
        }),
      ),
      told: words(400),
      origin: orNull(
        fc.record({
          demoId: fc.uuid(),
          mark: words(40),
          methods: fc.array(fc.record({ methodId: fc.uuid(), mark: words(40) }), { maxLength: 3 }),
        }),
      ),
      picture,
      methods: methods(items),
    })
    .chain((rest) => handOut(rest.methods, items).map((given) => ({ ...rest, handOut: given })))
    .map(({ ages: [a, b], ...rest }) => ({
      ...rest,
      ageFrom: Math.min(a, b),
      ageTo: Math.max(a, b),
    }));
