import fc from 'fast-check';
import { EXPECTATIONS, ORDERS, type TrialSeries, VARIABLES } from '../../core/trials/series';
import { LEVELS_MOST, ROUNDS_MOST } from '../trials';
import { measure } from './measure';
import { number, numbered, orNull, whole, words, yes } from './values';

/** Up to so many, with ids of their own. */
const some = <T>(prefix: string, of: fc.Arbitrary<T>, most: number) =>
  fc.array(of, { maxLength: most }).map((all) => numbered(prefix, all));

/** A series that names nothing else. */
export const trial: fc.Arbitrary<TrialSeries> = fc.record({
  id: fc.uuid(),
  name: words(120, 1),
  demoId: fc.constant(null),
  methodId: fc.constant(null),
  place: words(80),
  date: orNull(fc.constantFrom('2027-02-28', '2028-02-29')),
  variable: fc.record({
    kind: fc.constantFrom(...VARIABLES),
    name: words(60, 1),
    unit: words(30),
    settingId: orNull(fc.uuid()),
  }),
  levels: some('l', fc.record({ label: words(40, 1), value: fc.constant(null) }), LEVELS_MOST),
  referenceId: fc.constant(null),
  held: some('h', fc.record({ name: words(60, 1), value: words(80), drifted: words(80) }), 5),
  conditions: some('c', fc.record({ name: words(40, 1), unit: words(20) }), 6),
  predicted: fc.constant([]),
  hypothesis: words(200),
  expects: fc.constantFrom(...EXPECTATIONS),
  guessedBy: fc.constant(null),
  measure,
  matters: orNull(number(0.01, 1000)),
  rounds: whole(1, ROUNDS_MOST),
  order: fc.constantFrom(...ORDERS),
  seed: whole(0, 4_294_967_295),
  stations: whole(1, LEVELS_MOST),
  secondsPerGo: whole(1, 86_400),
  readerId: fc.constant(null),
  blind: yes,
  kit: fc.constant([]),
  evidence: words(600),
  reasoning: words(1000),
  pinned: yes,
  note: words(1000),
});
