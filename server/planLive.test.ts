/** `npm run plan -- FILE --live RUN.json`: what a run has come to, and the rest of it, from files alone. */
import { afterAll, describe, expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { faultInWords } from '../contract/validate';
import { recordsOf } from '../core/after/review';
import { withOwned } from '../core/inventory/owned';
import { forecastSize } from '../core/lineup/outlook';
import { timelineOf } from '../core/lineup/timelineOf';
import { runPlanOf } from '../core/stage/plan';
import type { RunEvent } from '../core/stage/types';
import { season } from '../season/season';
import { localInstant } from './instant';
import { liveAnswer, readRunFile } from './planLive';

const folder = mkdtempSync(join(tmpdir(), 'hearty-live-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const [festival] = season('2026-06-20', 'Etc/UTC', localInstant).filter(
  ({ show }) => show.id === 'harbour-light-festival',
);
if (!festival) throw new Error('the season has no festival');
const file = join(folder, 'festival.json');
writeFileSync(file, JSON.stringify(festival));
const run = runPlanOf(
  festival,
  timelineOf(festival),
  localInstant(festival.show.date, festival.show.start, festival.show.zone),
);

interface Told {
  now: number;
  end: number;
  chance: number;
  behind: number;
  next: string[];
  hardFinish: number;
  tasks: { slot: string; task: string; start: number; end: number; state: string }[];
  windows: { slot: string; after: string; until: number; kept: boolean }[];
  advice: { leaveOut: string[]; end: number; chance: number; enough: boolean } | null;
}

const show = { ...festival, items: withOwned(festival.items, festival.lots, festival.show.date) };
const records = recordsOf(show.demos, show.runs);

function live(events: readonly Partial<RunEvent>[], at: number | null = null): Told {
  const read = readRunFile(JSON.stringify({ events }));
  if ('faults' in read) throw new Error(JSON.stringify(read.faults));
  const found = liveAnswer(show, records, read.run, forecastSize(1000, '9of10'), at);
  if ('faults' in found) throw new Error(JSON.stringify(found.faults));
  return found.live as Told;
}

function command(text: string, ...args: string[]) {
  const path = join(folder, 'run.json');
  writeFileSync(path, text);
  return spawnSync(
    process.execPath,
    ['--import', 'tsx', 'server/plan.ts', file, '--live', path, ...args],
    { encoding: 'utf8' },
  );
}

/** Done, step by step, the first slot so many seconds longer than planned. */
function pressed(slots: number, late: number): Partial<RunEvent>[] {
  const events: Partial<RunEvent>[] = [{ id: 'start', at: run.startsAt, kind: 'start' }];
  let clock = 0;
  for (const [i, slot] of run.slots.slice(0, slots).entries()) {
    clock = Math.max(clock, i === 0 ? 0 : slot.start + late);
    slot.steps
      .filter((step) => !step.between)
      .forEach((step, k, all) => {
        clock += step.seconds + (i === 0 && k === all.length - 1 ? late : 0);
        events.push({
          id: `${slot.id}-${step.task}`,
          at: run.startsAt + clock * 1000,
          kind: 'done',
          slot: slot.id,
          step: step.task,
          go: 1,
        });
      });
  }
  return events;
}

describe('the live plan of a run file', () => {
  test('on the plan it ends as it was written, dead air and all', () => {
    for (const slots of [1, 3, 5]) {
      const told = live(pressed(slots, 0));
      expect(told).toMatchObject({ end: run.end, behind: 0, hardFinish: 2400 });
      expect(told?.next).toEqual(run.slots.slice(slots + 1).map(({ id }) => id));
    }
  });

  test('six minutes late it says what the scheduler says of what happened, not a sum of lengths', () => {
    const told = live(pressed(1, 360));
    expect(told).toMatchObject({ behind: 360, end: run.end + 360 });
    // The stool hides in the drying of the table: without it the show ends no sooner.
    const without = (slot: string) =>
      live([...pressed(1, 360), { id: 'x', at: run.startsAt + 600_000, kind: 'leaveOut', slot }]);
    expect(without('slot-spinning-stool').end).toBe(told.end);
    const foam = without('slot-foam-fountain');
    expect(foam.end).toBeLessThan(told.end - 400);
    expect(foam.behind).toBeLessThanOrEqual(360);
    expect(told.advice).toMatchObject({ enough: true });
    expect(told.advice?.leaveOut).toContain('slot-foam-fountain');
    expect(told.advice?.chance).toBeGreaterThanOrEqual(0.9);
    expect(told.advice?.end).toBeLessThanOrEqual(2400);
  });

  test('a window closes in real time, however long the show is held', () => {
    const begun = pressed(1, 0);
    const at = (begun.at(-1)?.at ?? 0) + 10_000;
    const hold = { id: 'hold', at, kind: 'hold' as const };
    const soak = (told: Told) => told.windows.find(({ after }) => after === 'soak');
    const before = live([...begun, hold]);
    const after = live([...begun, hold, { id: 'n', at: at + 1_200_000, kind: 'note' }]);
    expect(soak(before)?.kept).toBe(true);
    expect(soak(after)?.kept).toBe(false);
    // In show time, which stood still, it closes by so much sooner as the soaking could not be put off.
    const sooner = (soak(before)?.until ?? 0) - (soak(after)?.until ?? 0);
    expect(sooner).toBeGreaterThan(900);
    expect(sooner).toBeLessThanOrEqual(1200);
    expect(after.now).toBe(before.now);
  });

  test('--at takes it back to a moment of show time', () => {
    const told = live(pressed(5, 0), 500);
    expect(told).toMatchObject({ now: 500, behind: 0 });
    expect(told.next[0]).toBe(run.slots[3]?.id);
    const text = JSON.stringify({ events: pressed(5, 0) });
    const { status, stdout } = command(text, '--at', '500', '--forecast', '1000');
    expect(status).toBe(0);
    expect((JSON.parse(stdout) as { live: Told }).live).toEqual(told);
  });

  test.each([
    ['{', 'is not JSON'],
    ['null', 'events must be a list'],
    ['{"events":7}', 'events must be a list'],
    ['{"kind":"party","events":[]}', 'kind must be one of rehearsal, performance'],
    ['{"events":[{"id":"a","at":"noon","kind":"start"}]}', 'events[0].at must be a number'],
    ['{"events":[3]}', 'events[0]'],
  ])('%s is refused in words', (text, words) => {
    const read = readRunFile(text);
    const told = 'faults' in read ? read.faults.map(faultInWords).join() : '';
    expect(told).toContain(words);
  });

  test('so is a press for what the show does not have, by the command too', () => {
    const { status, stderr } = command(
      JSON.stringify({ events: [{ id: 'a', at: 1, kind: 'goTo', slot: 'x' }] }),
    );
    expect(status).toBe(2);
    expect(stderr).toContain('not in this run');
  });
});
