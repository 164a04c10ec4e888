import { expect, test } from '@jest/globals';
import { timelineOf } from '../lineup/timelineOf';
import { fetchings } from '../ready/volunteers';
import { after, task } from '../testing/build';
import { bundle, method } from '../testing/bundle';
import { withFetching } from './fetching';

const before = method('m', {
  volunteers: 1,
  tasks: [
    task('set', 'prepare', 60),
    task('talk', 'perform', 40, { after: [after('set')] }),
    task('wipe', 'reset', 30),
  ],
});

test('it stands before all that is watched, and is timed in the show', () => {
  const made = withFetching(before, 'fetch');
  expect(made.tasks.map((one) => one.id)).toEqual(['set', 'fetch', 'talk', 'wipe']);
  const shown = bundle([{ id: 'dome', tasks: made.tasks, over: made }]);
  const timeline = timelineOf(shown);
  const [block] = timeline.blocks;
  expect(fetchings(shown, timeline)).toMatchObject([
    { count: 1, at: block?.start, until: block?.end },
  ]);
  expect((block?.end ?? 0) - (block?.start ?? 0)).toBe(40 + 40);
});

test('more volunteers take longer, and the words of the card are said', () => {
  const card = { ...before.volunteerCard, ask: 'Who is steady?', letGo: 'You can say no.' };
  const three = withFetching({ ...before, volunteers: 3, volunteerCard: card }, 'fetch').tasks[1];
  const one = withFetching(before, 'fetch').tasks[1];
  expect(three).toMatchObject({
    name: 'Fetch 3 volunteers',
    say: 'Who is steady?',
    careful: 'You can say no.',
    time: { shortest: 30, likely: 60, longest: 150 },
  });
  expect(three?.time.likely).toBeGreaterThan(one?.time.likely ?? Infinity);
});

test('of a method with nothing to watch it is the last', () => {
  const empty = withFetching({ ...before, tasks: [task('set', 'prepare', 60)] }, 'fetch');
  expect(empty.tasks.map((one) => one.id)).toEqual(['set', 'fetch']);
});
