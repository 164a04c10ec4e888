import { describe, expect, test } from '@jest/globals';
import { blankVenue } from '../../brief/blank';
import type { Show, Venue } from '../../brief/types';
import { timelineOf } from '../../lineup/timelineOf';
import { blankHazard } from '../../repertoire/blank';
import { NO_NEEDS } from '../../repertoire/care';
import type { HazardKind, Method } from '../../repertoire/types';
import { task } from '../../testing/build';
import { bundle, item, line } from '../../testing/bundle';
import { type Asked, hostQuestions } from './questions';

function asked(
  over: Partial<Method>,
  venue: Partial<Venue> | null,
  show: Partial<Show> = {},
  shortBy = 0,
): Asked[] {
  const items = [item('water', 'consumable', { unit: 'mL' })];
  const made = bundle([{ id: 'foam', tasks: [task('p', 'perform', 60)], over }], items, show);
  const shown = { ...made, venue: venue && { ...blankVenue('v', 'Hall'), ...venue } };
  return hostQuestions(shown, timelineOf(shown), shortBy);
}
const keys = (all: readonly Asked[]): string[] => all.map(({ key }) => key);
const of = (all: readonly Asked[], key: string): Asked | undefined =>
  all.find((one) => one.key === key);
const hazards = (...kinds: HazardKind[]) => ({ hazards: kinds.map((kind) => blankHazard(kind)) });

test.each<[string, Partial<Method>]>([
  ['water', { needs: { ...NO_NEEDS, water: true } }],
  ['drain', { needs: { ...NO_NEEDS, drain: true } }],
  ['drain', { kit: [line('water', 2000, 'mL')] }],
  ['dark', { needs: { ...NO_NEEDS, dark: true } }],
  ['ceiling', { needs: { ...NO_NEEDS, ceilingM: 4 } }],
  ['frontRow', { needs: { ...NO_NEEDS, clearM: 2 } }],
  ['floor', { needs: { ...NO_NEEDS, levelFloor: true } }],
  ['circuits', { needs: { ...NO_NEEDS, powerW: 2000 } }],
  ['air', hazards('cryogen')],
  ['detectors', hazards('smoke')],
  ['extinguishers', hazards('openFlame')],
])('%s is asked where the line-up needs it, and not without', (key, over) => {
  const question = of(asked(over, {}), key);
  expect(question?.answer).toBeNull();
  expect(question?.why).not.toBe('');
  expect(keys(asked({}, {}))).not.toContain(key);
});

describe('answered', () => {
  test('by what the venue says, in words, and comes after what is open', () => {
    const over = { needs: { ...NO_NEEDS, drain: true, dark: true, ceilingM: 4 } };
    const all = asked(over, { drain: 'no', ceilingM: 6.5 });
    expect(of(all, 'drain')?.answer).toBe('No drain');
    expect(of(all, 'ceiling')?.answer).toBe('6.5 m');
    const open = all.findIndex(({ answer }) => answer !== null);
    expect(all.slice(open).every(({ answer }) => answer !== null)).toBe(true);
    expect(keys(all.slice(0, open))).toContain('dark');
  });

  test('the audience by what the show says', () => {
    const all = asked({}, {}, { youngest: null });
    expect(of(all, 'youngest')?.answer).toBeNull();
    expect(of(all, 'hearing')?.answer).toBe('Nobody does');
    const unknown = { hearing: 'unknown' as const, sight: 'yes' as const, movement: 'no' as const };
    expect(of(asked({}, {}, { audienceNeeds: unknown }), 'hearing')?.answer).toBeNull();
  });

  test('by words where the venue has no fact for it, as long as it is asked', () => {
    const questions = [{ id: 'extinguishers', ask: 'x', answer: 'By the side door' }];
    expect(of(asked(hazards('openFlame'), {}, { questions }), 'extinguishers')?.answer).toBe(
      'By the side door',
    );
    expect(keys(asked({}, {}, { questions }))).not.toContain('extinguishers');
  });
});

test('one’s own questions stand with the others', () => {
  const questions = [
    { id: 'a', ask: 'What comes after us?', answer: '' },
    { id: 'b', ask: 'Who has the key?', answer: 'Tove' },
  ];
  const all = asked({}, {}, { questions });
  expect(of(all, 'a')).toMatchObject({ ask: 'What comes after us?', answer: null });
  expect(all.at(-1)).toMatchObject({ key: 'b', answer: 'Tove' });
});

test('detectors: only one that is there is asked on about', () => {
  const more = ['isolated', 'alarm'];
  const of_ = (venue: Partial<Venue>) =>
    keys(asked(hazards('smoke'), venue)).filter((key) => more.includes(key));
  expect(of_({})).toEqual([]);
  expect(of_({ smokeDetectors: 'no' })).toEqual([]);
  expect(of_({ smokeDetectors: 'yes' })).toEqual(more);
  expect(
    keys(asked(hazards('smoke'), { smokeDetectors: 'yes', detectorsIsolable: 'yes' })),
  ).toContain('isolatedBy');
});

test('outdoors nobody asks for a ceiling, the air of the room, or detectors', () => {
  const over = { ...hazards('smoke', 'cryogen'), needs: { ...NO_NEEDS, ceilingM: 4 } };
  const all = keys(asked(over, { outdoors: true }));
  for (const key of ['ceiling', 'air', 'detectors']) expect(all).not.toContain(key);
});

test('what is poured away is added up, and a glass of it is nothing', () => {
  expect(of(asked({ kit: [line('water', 2150, 'mL')] }, {}), 'drain')?.why).toBe(
    'About 2.2 L to pour away.',
  );
  expect(of(asked({ kit: [line('water', 80, 'mL')] }, {}), 'drain')).toBeUndefined();
});

test('setting up takes longer than there is: earlier, by five minutes’ steps', () => {
  const question = of(asked({}, {}, { arrival: '12:30' }, 12 * 60), 'earlier');
  expect(question?.ask).toBe('Could we come in at 12:15?');
  expect(keys(asked({}, {}))).not.toContain('earlier');
});

test('power at once at the most, whatever circuits are known', () => {
  const over = { needs: { ...NO_NEEDS, powerW: 2000 } };
  expect(of(asked(over, {}), 'circuits')?.why).toBe('2000 W at once at the most.');
  const circuits = [{ id: 'c', name: 'Left wall', watts: 3600 }];
  expect(of(asked(over, { circuits }), 'circuits')?.answer).toBe('Left wall 3600 W');
});

test('without a venue there is nobody to ask; one’s own questions stay', () => {
  const questions = [{ id: 'a', ask: 'Who has the key?', answer: '' }];
  expect(keys(asked({}, null, { questions }))).toEqual(['a']);
});
