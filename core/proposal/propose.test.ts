/** Proposed shows, against every choice in every order on small cases, and for what a presenter would ask of them. */
import { describe, expect, test } from '@jest/globals';
import { LIBRARY_ITEMS } from '../../library/all';
import { LIBRARY_DEMOS } from '../../library/demos';
import type { ShowBundle } from '../brief/types';
import { FrozenShows } from '../lineup/forecast/frozen';
import { policiesOf } from '../lineup/forecast/fromBundle';
import { lineupInput } from '../lineup/fromBundle';
import { traitsOf } from '../lineup/order/fromBundle';
import { objectiveOf } from '../lineup/order/objective';
import { meanBeyond } from '../lineup/forecast/frozen';
import { timelineOf } from '../lineup/timelineOf';
import { bookingOf, person } from '../testing/booking';
import { worthOf } from './choose';
import { type Option, optionsFor } from './fits';
import { HeldShows } from './held';
import { type Proposal, type ProposalFound, type ProposalLimits, proposeShow } from './propose';
import { choosingWeights, pointsOf } from './points';
import { whyProposed } from './why';

const booking = bookingOf(LIBRARY_ITEMS);
const TWO = [person('ines'), person('jo')];
const demosOf = (...ids: string[]) => LIBRARY_DEMOS.filter(({ id }) => ids.includes(id));
const fitting = (of: ShowBundle, demos = LIBRARY_DEMOS): Option[] =>
  optionsFor(of, demos).filter(({ obstacles }) => obstacles.length === 0);

function finished(
  of: ShowBundle,
  options: Option[],
  more: { wanted?: number; seen?: string[]; limits?: ProposalLimits } = {},
): ProposalFound {
  const { wanted = 0.9, seen = [], limits } = more;
  const search = proposeShow(
    { bundle: of, options, records: [], seen: new Set(seen), wanted },
    limits,
  );
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
  }
}

const withSlots = (
  of: ShowBundle,
  options: readonly Option[],
  { slots }: Pick<Proposal, 'slots'>,
): ShowBundle => ({
  ...of,
  demos: [...new Set(options.map(({ demo }) => demo))],
  show: { ...of.show, slots },
});

const permutations = <T>(set: readonly T[]): T[][] =>
  set.length <= 1
    ? [[...set]]
    : set.flatMap((first, i) => permutations(set.toSpliced(i, 1)).map((rest) => [first, ...rest]));

/** Every choice in every order, by the line-up’s own clock and the same shows. */
function exhaustive(of: ShowBundle, options: Option[], wanted: number): number {
  const all = withSlots(of, options, { slots: options.map(({ slot }) => slot) });
  const policies = policiesOf(all, []);
  const traits = traitsOf(all);
  const held = new HeldShows(policies, wanted, timelineOf(all).hardFinish);
  const { weights } = of.show.wishes;
  const choices = options.map((option) => ({
    group: option.demo.id,
    family: option.demo.family ?? '',
    worth: pointsOf(option, policies.get(option.slot.id), false),
    weight: 0,
  }));
  let best = -Infinity;
  for (let mask = 1; mask < 2 ** options.length; mask++) {
    const set = options.map((_, i) => i).filter((i) => (mask & (1 << i)) !== 0);
    if (new Set(set.map((i) => choices[i]?.group)).size < set.length) continue;
    for (const order of permutations(set)) {
      const slots = order.flatMap((i) => options[i]?.slot ?? []);
      const shown = withSlots(of, options, { slots });
      const timeline = timelineOf(shown);
      const input = lineupInput(shown);
      if (!held.chanceOf(input, timeline).holds || timeline.conflicts.length > 0) continue;
      const ends = held.few.ends(input, timeline);
      const late = Math.round(meanBeyond(ends, timeline.hardFinish) * 10) / 10;
      const inOrder = slots.flatMap(({ id }) => traits.get(id) ?? []);
      const cost = objectiveOf(timeline, inOrder, 'twoPeaks', choosingWeights(weights), late).total;
      best = Math.max(best, worthOf(choices, set) - cost);
    }
  }
  return best;
}

describe.each([
  ['dry and loud', 8, ['foam-fountain', 'rolling-can', 'paper-fall', 'hoot-tube']],
  ['one family', 7, ['tablecloth-pull', 'paper-fall', 'balancing-forks', 'hoot-tube']],
  ['wet before dry', 12, ['static-dome', 'pot-pop', 'tablecloth-pull', 'light-in-the-stream']],
  ['tight', 4, ['straw-through-potato', 'tablecloth-pull', 'hoot-tube', 'skewered-balloon']],
])('%s, in %d minutes', (_name, minutes, ids) => {
  const of = booking(minutes, [person('ines', ['highVoltage']), person('jo', ['highVoltage'])]);
  const options = fitting(of, demosOf(...ids));

  test('no choice in any order comes to more, and that is proven', () => {
    const { proposals, proven } = finished(of, options);
    expect(options.length).toBeGreaterThanOrEqual(4);
    expect(proven).toBe(true);
    expect(proposals[0]?.score).toBeCloseTo(exhaustive(of, options, 0.9), 3);
  });
});

test('the whole library into twenty minutes: in time in nine of ten, no conflict, several families', () => {
  const of = booking(20, TWO);
  const options = fitting(of);
  const { proposals } = finished(of, options, {
    limits: { sets: 12, polish: 30, kept: 3 },
  });
  expect(proposals.length).toBeGreaterThan(1);
  for (const proposal of proposals) {
    const shown = withSlots(of, options, proposal);
    const { conflicts } = timelineOf(shown);
    expect(conflicts).toEqual([]);
    expect(proposal.chance).toBeGreaterThanOrEqual(0.9);
    const ids = proposal.slots.map(({ demoId }) => demoId);
    expect(new Set(ids).size).toBe(ids.length);
    const families = new Set(ids.map((id) => LIBRARY_DEMOS.find((demo) => demo.id === id)?.family));
    expect(families.size).toBeGreaterThanOrEqual(4);
  }
});

test.each([
  [22, 3],
  [33, 3],
])(
  'what is proposed for %d minutes and %d people ends in time in shows that nobody looked at, too',
  (minutes, crew) => {
    const names = ['ines', 'jo', 'mara'].slice(0, crew);
    const of = booking(
      minutes,
      names.map((name) => person(name, ['flame'])),
      { youngest: null },
    );
    const options = fitting(of);
    const [best] = finished(of, options, { limits: { sets: 20, polish: 30, kept: 2 } }).proposals;
    if (!best) throw new Error('something fits');
    const shown = withSlots(of, options, best);
    const [input, timeline] = [lineupInput(shown), timelineOf(shown)];
    const ends = new FrozenShows(policiesOf(shown, []), 6000, 77).ends(input, timeline);
    const share = ends.filter((end) => end <= timeline.hardFinish).length / ends.length;
    // By what chance makes of the many shows it was held against.
    expect(share).toBeGreaterThanOrEqual(0.9 - 0.012);
    expect(best.chance).toBeCloseTo(share, 1);
  },
);

test('by oneself, too, the time is mostly filled: nothing that still goes in is left out', () => {
  const of = booking(20, [person('ines')]);
  const options = fitting(of);
  const [best] = finished(of, options, { limits: { sets: 40, polish: 20, kept: 2 } }).proposals;
  if (!best) throw new Error('something fits');
  const shown = withSlots(of, options, best);
  const ends = new FrozenShows(policiesOf(shown, []), 200, 1).ends(
    lineupInput(shown),
    timelineOf(shown),
  );
  expect(ends.filter((end) => end <= 1200).length / ends.length).toBeGreaterThanOrEqual(0.9);
  expect(ends.reduce((sum, end) => sum + end, 0) / ends.length).toBeGreaterThan(800);
});

test('what they saw last time makes room for others', () => {
  const of = booking(8, TWO);
  const options = fitting(
    of,
    demosOf('foam-fountain', 'rolling-can', 'hoot-tube', 'walk-on-starch', 'paper-fall'),
  );
  const first = finished(of, options).proposals[0]?.slots.map(({ demoId }) => demoId ?? '') ?? [];
  const again =
    finished(of, options, { seen: first }).proposals[0]?.slots.map(({ demoId }) => demoId) ?? [];
  expect(again.filter((id) => !first.includes(id ?? '')).length).toBeGreaterThan(0);
});

test('slots that are there stay, and none of them comes twice', () => {
  const of = booking(12, TWO);
  const [own] = fitting(of, demosOf('balancing-forks'));
  if (!own) throw new Error('forks fit');
  const booked: ShowBundle = {
    ...of,
    demos: [own.demo],
    show: { ...of.show, slots: [{ ...own.slot, id: 'mine', pinned: true }] },
  };
  const options = fitting(booked, demosOf('balancing-forks', 'foam-fountain', 'hoot-tube'));
  const ids = finished(booked, options).proposals[0]?.slots.map(({ id }) => id) ?? [];
  expect(ids[0]).toBe('mine');
  expect(ids.filter((id) => id.includes('forks'))).toEqual([]);
  expect(ids.length).toBeGreaterThan(1);
});

test('nothing fits into no time, and nothing is proposed', () => {
  const of = booking(1, TWO);
  expect(fitting(of)).toEqual([]);
  expect(finished(of, [])).toMatchObject({ proposals: [], proven: true });
});

test('the reasons are true of the order', () => {
  const of = booking(20, TWO);
  const options = fitting(of, demosOf('smoke-ring-drum', 'hoot-tube', 'walk-on-starch'));
  const order = ['smoke-ring-drum', 'walk-on-starch', 'hoot-tube'];
  const slots = order.flatMap((id) => options.find(({ demo }) => demo.id === id)?.slot ?? []);
  const shown = withSlots(of, options, { slots });
  const [first, ...rest] = whyProposed(shown, timelineOf(shown));
  expect(first).toMatch(
    /^Opens loud with Smoke-ring drum, The tube that hoots last, (?:no dead air|dead air \d)/,
  );
  expect(rest).toEqual(['A volunteer second.']);
  expect(whyProposed({ ...shown, show: { ...shown.show, slots: [] } }, { deadAir: 0 })).toEqual([]);
});
