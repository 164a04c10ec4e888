/** Demonstrations as they are listed: one’s own with their record, and what of the library one doesn’t have. */
import type { DemoSummary } from '../../contract/api';
import { recordWords } from '../../core/after/review';
import { browsable, type Browsable, hazardsOf, type Whose } from '../../core/library/browse';
import { hasIt } from '../../core/library/take';
import type { Demo, HazardKind } from '../../core/repertoire/types';

export interface Listed extends Browsable, Pick<Demo, 'id' | 'name' | 'hook' | 'face'> {
  whose: Whose;
  /** Made by oneself, and not taken from the library. */
  ours: boolean;
  hazards: readonly HazardKind[];
  record: string;
  methods: number;
  /** Every way of it needs somebody out of the audience. */
  volunteer: boolean;
}

const needsVolunteer = (demo: Pick<Demo, 'methods'> | undefined): boolean =>
  demo !== undefined &&
  demo.methods.length > 0 &&
  demo.methods.every(({ volunteers }) => volunteers > 0);

const ownOf = (demo: DemoSummary, whole: Demo | undefined): Listed => ({
  ...demo,
  seconds: demo.showSeconds,
  whose: 'mine',
  ours: demo.origin === null,
  record: recordWords(demo.record),
  methods: demo.methods.length,
  volunteer: needsVolunteer(whole),
});

const libraryOf = (demo: Demo): Listed => ({
  ...browsable(demo),
  id: demo.id,
  name: demo.name,
  hook: demo.hook,
  face: demo.face,
  ours: false,
  hazards: hazardsOf(demo),
  record: 'not tried here',
  methods: demo.methods.length,
  volunteer: needsVolunteer(demo),
});

/** One’s own first. `whole` are those of one’s own that could be read. */
export const listedOf = (
  own: readonly DemoSummary[],
  whole: readonly Demo[],
  library: readonly Demo[],
): Listed[] => [
  ...own.map((demo) =>
    ownOf(
      demo,
      whole.find(({ id }) => id === demo.id),
    ),
  ),
  ...library.filter(({ id }) => !hasIt(own, id)).map(libraryOf),
];

/** Those of the order by their numbers, then one’s own, then what lifts the room most. */
export const inListOrder = (
  demos: readonly Listed[],
  numberOf: (demoId: string) => number | undefined,
): Listed[] => {
  const number = (demo: Listed): number => numberOf(demo.id) ?? Infinity;
  const whose = (demo: Listed): number => (demo.whose === 'mine' ? 0 : 1);
  return demos.toSorted(
    (a, b) =>
      (number(a) === number(b) ? 0 : number(a) - number(b)) ||
      whose(a) - whose(b) ||
      b.energy - a.energy ||
      a.name.localeCompare(b.name),
  );
};
