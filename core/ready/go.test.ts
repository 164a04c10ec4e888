/** Go or no-go with verdicts and measured figures; checks from last time. */
import { describe, expect, test } from '@jest/globals';
import { blankVenue } from '../brief/blank';
import type { ShowBundle } from '../brief/types';
import { timelineOf } from '../lineup/timelineOf';
import { blankHazard } from '../repertoire/blank';
import { NO_CARD, NO_CARE, NO_NEEDS } from '../repertoire/care';
import type { Method } from '../repertoire/types';
import { after, task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { mark } from '../testing/mark';
import { dayChecks } from './checks';
import {
  goNoGo,
  holdingLines,
  holdingWords,
  type Mark,
  NOTHING_AROUND,
  readiness,
  readingFault,
} from './go';
import type { OpenFollowUp } from './situationChecks';
import { planFrame, withPlace } from './plan';
import { verdict } from './verdict';
import { fetchings, volunteerWords } from './volunteers';

const waived = (key: string): Mark => mark(key, { state: 'waived', reason: 'seen to' });

const show = (over: Partial<Method> = {}, more: Partial<ShowBundle['show']> = {}): ShowBundle => ({
  ...bundle(
    [{ id: 'dome', tasks: [task('p', 'perform', 60)], over }],
    [
      item('pump', 'equipment', {
        functionTest: 'battery reads above 7 V',
        testHolds: true,
        testMeasures: { unit: 'V', least: 7, most: 10 },
      }),
    ],
    more,
  ),
  venue: { ...blankVenue('hall', 'Hall'), frontRowM: 3 },
});

describe('verdicts', () => {
  const of = (level: 'stop' | 'fix' | 'unknown' | 'watch' | 'ok', final = false) =>
    verdict({ key: level, kind: 'calculator', level, final, title: 'Dome', message: 'It is so.' });

  test.each([
    ['stop', 'No: 1 thing stops the show'],
    ['fix', 'Not yet: 1 thing to fix'],
    ['unknown', 'Not yet: 1 not known'],
  ] as const)('%s keeps the show from starting until it is passed over', (level, words) => {
    expect(goNoGo([], [], [of(level)])).toMatchObject({ go: false, words });
    expect(goNoGo([], [waived(level)], [of(level)]).go).toBe(true);
    // A tick is not a reason.
    expect(goNoGo([], [mark(level)], [of(level)]).go).toBe(false);
  });

  test('nothing sets a final stop aside', () => {
    expect(goNoGo([], [waived('stop')], [of('stop', true)])).toMatchObject({
      go: false,
      stop: [{ key: 'stop' }],
    });
  });

  test('all of it in one sentence, and what to see to', () => {
    const state = goNoGo([], [], [of('stop'), of('fix'), of('unknown'), of('watch'), of('ok')]);
    expect(state.words).toBe('No: 1 thing stops the show, 1 thing to fix, 1 not known');
    expect(holdingWords(state)).toBe('Dome: It is so');
    expect(holdingLines(state)[0]).toBe('Dome: It is so');
    expect(new Set(holdingLines(state)).size).toBe(holdingLines(state).length);
  });
});

describe('a figure that is read off', () => {
  const used = () => show({ kit: [line('pump', 1, 'piece')] });
  const test7V = () =>
    dayChecks(used(), timelineOf(used())).checks.find((check) => check.kind === 'test');

  test('is held against its limits', () => {
    const check = test7V();
    if (!check) throw new Error('no test');
    expect(readingFault(check, 6.2)).toBe('6.2 V is below 7 V');
    expect(readingFault(check, 11)).toBe('11 V is above 10 V');
    expect(readingFault(check, 7)).toBeNull();
  });

  test('outside of them the check stays open; without it a tick alone is no reading', () => {
    const from = used();
    const open = (value: number | null) =>
      readiness(from, timelineOf(from), {
        ...NOTHING_AROUND,
        marks: [mark('test:pump', { value })],
      }).state.holding.map((check) => check.key);
    expect(open(8)).not.toContain('test:pump');
    expect(open(6)).toContain('test:pump');
    expect(open(null)).toContain('test:pump');
  });
});

describe('more checks', () => {
  const kinds = (from: ShowBundle, followUps: OpenFollowUp[] = []) =>
    dayChecks(from, timelineOf(from), followUps).checks;

  test('figures are measured where a calculator asks for them', () => {
    const asks = show({ calculators: [{ id: 's', calculator: 'dome', inputs: [] }] });
    expect(kinds(asks).find((c) => c.kind === 'measure')?.detail).toBe('measure the humidity');
    expect(kinds(show()).some((c) => c.kind === 'measure')).toBe(false);
  });

  test('a pinned note and an open follow-up of its demo become checks', () => {
    const from = show();
    const [demo] = from.demos;
    if (!demo) throw new Error('no demo');
    const pinned = { ...from, demos: [{ ...demo, pinnedNote: 'Dry the belt.' }] };
    const open = (over: Partial<OpenFollowUp>): OpenFollowUp => ({
      id: 'f',
      showId: 'earlier',
      demoId: 'dome',
      words: 'Grease the motor',
      ownerId: 'jo',
      done: false,
      ...over,
    });
    expect(kinds(pinned, [open({})]).filter((c) => c.kind === 'lastTime')).toMatchObject([
      { title: 'Grease the motor', personId: 'jo' },
      { title: 'Dry the belt.', personId: 'ines' },
    ]);
    expect(kinds(from, [open({ done: true })]).some((c) => c.kind === 'lastTime')).toBe(false);
    expect(kinds(from, [open({ demoId: 'other' })]).some((c) => c.kind === 'lastTime')).toBe(false);
  });

  test('a flame wants its extinguisher in reach, what flies its line clear; both hold', () => {
    const from = show({
      hazards: [blankHazard('openFlame'), blankHazard('projectile')],
      care: { ...NO_CARE, extinguisher: 'blanket', heldBy: 'helper' },
      needs: { ...NO_NEEDS, clearM: 4 },
    });
    expect(kinds(from).filter((c) => c.kind === 'fire' || c.kind === 'clear')).toMatchObject([
      { holds: true },
      { holds: true },
    ]);
  });

  test('what keeps only for so long has a window that holds the time it was planned for', () => {
    const tasks = [
      task('fill', 'prepare', 60),
      task('p', 'perform', 60, { after: [after('fill', 0, 600)] }),
    ];
    const from = bundle([{ id: 'drum', tasks }]);
    const timeline = timelineOf(from);
    const [window] = dayChecks(from, timeline).checks.filter((c) => c.kind === 'window');
    const placed = timeline.tasks.find((t) => t.task === 'fill');
    const use = timeline.tasks.find((t) => t.task === 'p');
    expect(window?.from).toBe((use?.start ?? 0) - 600);
    expect(placed?.end).toBeGreaterThanOrEqual(window?.from ?? 0);
    expect(placed?.end).toBeLessThanOrEqual(window?.due ?? 0);
  });
});

test('volunteers: when they are fetched, who must not, how to stop', () => {
  const from = show({
    volunteers: 1,
    volunteerCard: { ...NO_CARD, suits: 'dry hair', mustNot: ['heartDevice'], fetchedIn: 'p' },
  });
  expect(fetchings(from, timelineOf(from))).toMatchObject([{ count: 1, at: 0 }]);
  expect(volunteerWords({ ...NO_CARD, mustNot: ['heartDevice'], letGo: 'Say stop.' })).toBe(
    'Not: a heart device. To stop: Say stop.',
  );
});

describe('the plan of the stage', () => {
  test('has every place in sight, and a position goes where it is put', () => {
    const moved = withPlace(show(), 'table', { x: 9, y: 7 });
    expect(moved.show.positions[0]?.at).toEqual({ x: 9, y: 7 });
    const frame = planFrame(moved);
    expect(frame.right).toBeGreaterThan(9);
    expect(frame.back).toBeGreaterThan(7);
    expect(frame.front).toBeLessThan(-3);
    expect(frame.frontRow).toBe(-3);
  });
});
