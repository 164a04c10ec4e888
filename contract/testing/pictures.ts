/** Random pictures, cameras, hand-outs and class sets that the contract allows. */
import fc from 'fast-check';
import type { ClassSet } from '../../core/brief/classSet';
import type { Filming } from '../../core/brief/filming';
import { AT_HOME, type HandOut } from '../../core/repertoire/handOut';
import { CAMERAS, type CameraView, type Picture } from '../../core/repertoire/pictures';
import { type Demo, HAZARDS, type Method } from '../../core/repertoire/types';
import { KIT_UNITS } from '../../core/units/units';
import { number, numbered, orNull, whole, words } from './values';

export const picture: fc.Arbitrary<Picture | null> = orNull(
  fc.record({ media: fc.constantFrom('set-out', 'the-rim'), words: words(120) }),
);

export const views: fc.Arbitrary<CameraView[]> = fc
  .array(
    fc.record({
      camera: fc.constantFrom(...CAMERAS),
      sees: words(80),
      slow: orNull(
        fc
          .tuple(number(0.01, 600), number(1, 240), number(0, 1000))
          .map(([seconds, shownAt, more]) => ({ seconds, shownAt, rate: shownAt + more })),
      ),
    }),
    { maxLength: 2 },
  )
  .map((all) => numbered('v', all));

/** Of a demonstration with these methods; what it takes is among these items. */
export const handOut = (
  methods: readonly Method[],
  items: readonly string[],
): fc.Arbitrary<HandOut> =>
  orNull(fc.constantFrom(...methods)).chain((method) =>
    fc.record({
      saw: words(300),
      why: words(900),
      atHome: fc.constantFrom(...AT_HOME),
      whyNot: words(200),
      methodId: fc.constant(method?.id ?? null),
      steps: words(600),
      things: items[0]
        ? fc
            .array(
              fc.record({
                itemId: fc.constantFrom(...items),
                amount: number(0.001, 1000),
                unit: fc.constantFrom(...KIT_UNITS),
              }),
              { maxLength: 2 },
            )
            .map((all) => numbered('h', all))
        : fc.constant([]),
      figures: fc
        .subarray((method ?? methods[0])?.settings.map(({ id }) => id) ?? [])
        .chain((ids) =>
          fc.tuple(
            ...ids.map((settingId) => number(-1000, 1000).map((value) => ({ settingId, value }))),
          ),
        ),
      without: fc.subarray([...HAZARDS], { maxLength: 2 }),
      questions: fc.uniqueArray(words(160, 1), { maxLength: 2, selector: (text) => text.trim() }),
    }),
  );

export const filming = (people: readonly string[]): fc.Arbitrary<Filming[]> =>
  fc
    .subarray([...CAMERAS])
    .chain((cameras) =>
      fc.tuple(
        ...cameras.map((camera) =>
          fc.constantFrom(null, ...people).map((personId) => ({ camera, personId })),
        ),
      ),
    );

export const classSet = (demos: readonly Demo[]): fc.Arbitrary<ClassSet | null> =>
  orNull(
    fc.record({
      pupils: whole(1, 500),
      perGroup: whole(1, 12),
      enough: number(50, 99.9),
      options: demos[0]
        ? fc
            .array(
              fc.record({
                demo: fc.constantFrom(...demos),
                chose: orNull(whole(0, 500)),
                before: fc
                  .tuple(whole(0, 100), whole(0, 100))
                  .map(([chose, more]) => ({ chose, of: chose + more })),
                errors: fc
                  .array(fc.record({ words: words(80, 1), count: whole(0, 500) }), { maxLength: 2 })
                  .map((all) => numbered('e', all)),
              }),
              { maxLength: 3 },
            )
            .map((all) =>
              numbered(
                'o',
                all.map(({ demo, ...rest }) => ({
                  ...rest,
                  demoId: demo.id,
                  methodId: demo.methods[0]?.id ?? '',
                })),
              ),
            )
        : fc.constant([]),
    }),
  );
