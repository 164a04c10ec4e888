/** What a run added to the records, and what that does to the sets that are brought. */
import { expect, test } from '@jest/globals';
import { Stage, threeSlots } from '../testing/stage';
import { countedOn, sparesMoved } from './countedOn';
import { recordsOf, type RunForRecord } from './review';

const { plan, show } = threeSlots;
const night = (...goes: ('worked' | 'failed')[]): Stage => {
  const stage = new Stage().at(0, 'start').at(60, 'done');
  goes.forEach((outcome, i) => {
    const last = i === goes.length - 1;
    if (outcome === 'failed') {
      stage.at(100 + 60 * i, 'failed', { cause: 'damp' });
      stage.at(110 + 60 * i, last ? 'done' : 'again');
    } else stage.at(110 + 60 * i, 'done');
  });
  return stage;
};
const run = (stage: Stage, kind: RunForRecord['kind'] = 'performance'): RunForRecord => ({
  kind,
  plan,
  events: stage.events,
});
const counted = (last: Stage, earlier: RunForRecord[] = [], kind?: RunForRecord['kind']) => {
  const ran = run(last, kind);
  return countedOn(ran, last.live(), recordsOf(show.demos, [...earlier, ran]));
};

test('before is the record without the goes of this run, method by method', () => {
  const earlier = [run(night('worked')), run(night('worked'))];
  const [drum, ...others] = counted(night('failed', 'worked'), earlier);
  expect(drum).toMatchObject({
    demoId: 'drum',
    before: { worked: 2, partly: 0, failed: 0 },
    now: { worked: 3, partly: 0, failed: 1 },
  });
  expect(others).toEqual([]);
  // Wilson 95 % of 3 of 4, worked from the formula (Newcombe 1998): 0.301 to 0.954.
  expect(drum?.low).toBeCloseTo(0.301, 3);
  expect(drum?.high).toBeCloseTo(0.954, 3);
});

test('a rehearsal counts apart, and a slot that had no go is not there', () => {
  expect(counted(night('worked'), [], 'rehearsal')).toEqual([]);
  expect(counted(new Stage().at(0, 'start'))).toEqual([]);
});

test('a failure brings another set along; a night as usual does not', () => {
  const demos = show.demos.map((demo) => ({
    ...demo,
    methods: demo.methods.map((method) => ({ ...method, goesAllowed: 5 })),
  }));
  const many = Array.from({ length: 14 }, () => run(night('worked')));
  const slots = show.show.slots.map((slot) => ({ ...slot, again: 4 }));
  const wanted = { ...show, demos, show: { ...show.show, slots, wantedChance: 95 } };
  const [more] = sparesMoved(wanted, counted(night('failed'), many));
  expect(more?.name).toBe('drum');
  expect((more?.now.spare ?? 0) - (more?.before.spare ?? 0)).toBeGreaterThan(0);
  const longer = Array.from({ length: 30 }, () => run(night('worked')));
  expect(sparesMoved(wanted, counted(night('worked'), longer))).toEqual([]);
});
