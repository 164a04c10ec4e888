/** Proposed shows, against every choice in every order on small cases, and for what a presenter would ask of them. */
import { describe, expect, test } from '@jest/globals';
import { LIBRARY_ITEMS } from '../../library/all';
import { LIBRARY_DEMOS } from '../../library/demos';
import { blankVenue } from '../brief/blank';
import type { Person, ShowBundle, Venue } from '../brief/types';
import { FrozenShows } from '../lineup/forecast/frozen';
import { policiesOf } from '../lineup/forecast/fromBundle';
import { lineupInput } from '../lineup/fromBundle';
import { traitsOf } from '../lineup/order/fromBundle';
import { objectiveOf } from '../lineup/order/objective';
import { meanBeyond } from '../lineup/forecast/frozen';
import { timelineOf } from '../lineup/timelineOf';
import { bundle as madeBundle } from '../testing/bundle';
import { worthOf } from './choose';
import { type Option, optionsFor, whatLetsIn } from './fits';
import { NO_FIT_WISHES } from './fitWishes';
import { type Proposal, type ProposalFound, type ProposalLimits, proposeShow } from './propose';
import { choosingWeights, pointsOf } from './points';
import { stillToAsk, whyProposed } from './why';
import { usualPositions } from '../brief/blank';

const person = (id: string, competences: Person['competences'] = []): Person => ({
  id,
  name: id,
  role: '',
  competences,
  heartDevice: 'no',
  mayWaive: true,
  note: '',
});

function booking(
  minutes: number,
  people: Person[],
  more: Partial<ShowBundle['show']> = {},
  venue: Venue | null = null,
): ShowBundle {
  const made = madeBundle([]);
  return {
    ...made,
    venue,
    people,
    demos: [],
    items: LIBRARY_ITEMS,
    show: {
      ...made.show,
      arrival: '12:00',
      doors: '13:45',
      start: '14:00',
      hardFinish: `14:${String(minutes).padStart(2, '0')}`,
      venueId: venue?.id ?? null,
      crew: people.map(({ id }) => id),
      positions: usualPositions(),
      slots: [],
      ...more,
    },
  };
}

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
  const shows = new FrozenShows(policies, 200, 1);
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
      const ends = shows.ends(lineupInput(shown), timeline);
      const inTime = ends.filter((end) => end <= timeline.hardFinish).length / ends.length;
      if (inTime < wanted || timeline.conflicts.length > 0) continue;
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

describe('what fits', () => {
  const obstaclesOf = (of: ShowBundle, id: string, wishes = NO_FIT_WISHES): string[] =>
    optionsFor(of, demosOf(id), wishes)[0]?.obstacles.map(({ key }) => key) ?? [];
  const LOW: Venue = {
    ...blankVenue('hall', 'Hall'),
    ceilingM: 3.6,
    frontRowM: 3,
    water: 'yes',
    dark: 'no',
  };

  test('a low ceiling, the front row, people, age, hazards and the time each have their words', () => {
    expect(obstaclesOf(booking(30, TWO, {}, LOW), 'long-pendulum')).toContain('room:ceiling');
    expect(obstaclesOf(booking(30, TWO, {}, LOW), 'rainbow-tray')).toContain('room:dark');
    expect(obstaclesOf(booking(30, [person('ines')]), 'smoke-ring-drum')).toContain('people:2');
    expect(obstaclesOf(booking(30, TWO), 'rising-water')).toEqual(['competence:flame']);
    expect(obstaclesOf(booking(30, TWO, { youngest: 4 }), 'glass-clock')).toEqual(['age']);
    expect(obstaclesOf(booking(1, TWO), 'foam-fountain')).toContain('time');
    expect(
      obstaclesOf(booking(30, [person('ines', ['flame']), person('jo')]), 'rising-water', {
        without: ['openFlame'],
        atHand: null,
      }),
    ).toEqual(['hazard:openFlame']);
    expect(obstaclesOf(booking(30, TWO), 'hoot-tube', { without: [], atHand: new Set() })).toEqual([
      'kit',
    ]);
    expect(
      obstaclesOf(booking(30, TWO), 'hoot-tube', { without: [], atHand: new Set(['hoot-tube']) }),
    ).toEqual([]);
  });

  test('a place of which nothing is known keeps nothing out, and what it must have is still to be asked', () => {
    const of = booking(30, TWO, {}, blankVenue('x', 'Barn'));
    expect(obstaclesOf(of, 'rainbow-tray')).toEqual([]);
    const options = fitting(of, demosOf('rainbow-tray'));
    const shown = withSlots(of, options, { slots: options.map(({ slot }) => slot) });
    expect(stillToAsk(shown)).toEqual(['water', 'whether it can be darkened']);
  });

  test('what would let most in comes first, by itself, once for each demonstration', () => {
    const options = optionsFor(booking(30, TWO), LIBRARY_DEMOS);
    const [first, ...others] = whatLetsIn(options);
    expect(first?.remedy).toBe('Say who is used to open flames');
    for (const one of others) expect(one.more).toBeLessThanOrEqual(first?.more ?? 0);
    const withFlame = optionsFor(
      booking(30, [person('ines', ['flame']), person('jo', ['flame'])]),
      LIBRARY_DEMOS,
    );
    const count = (all: Option[]) =>
      new Set(all.flatMap(({ demo, obstacles }) => (obstacles.length === 0 ? [demo.id] : []))).size;
    expect(count(withFlame)).toBe(count(options) + (first?.more ?? 0));
  });
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
