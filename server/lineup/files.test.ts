/** The running order as files: each is read back by a reader that is not ours. */
import { describe, expect, test } from '@jest/globals';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import { callSheet, sheetTable } from '../../core/lineup/callSheet';
import { lineupInput } from '../../core/lineup/fromBundle';
import { schedule } from '../../core/lineup/schedule';
import { season } from '../../season/season';
import { csvFile } from '../http/csv';
import { localInstant } from '../instant';
import { calendarFile } from './calendarFile';
import { sheetPdf } from './sheetPdf';

const [, , festival] = season('2027-05-30', 'Etc/GMT-2', localInstant);
if (!festival) throw new Error('The season has a show today');
const input = lineupInput(festival);
const timeline = schedule(input);
const sheet = callSheet(festival, input, timeline);

describe('the calendar file, read by another reader (RFC 5545)', () => {
  const parse = (text: string) =>
    new ICAL.Component(ICAL.parse(text) as unknown[])
      .getAllSubcomponents('vevent')
      .map((component) => new ICAL.Event(component));
  const text = calendarFile(festival, input, timeline);
  const events = parse(text);
  const named = (title: string) => events.find((event) => event.summary.includes(title));

  test('arrival, doors, start and finish at their times, in whatever zone', () => {
    // The zone is two hours ahead of UTC.
    expect(named('arrive')?.startDate.toJSDate().toISOString()).toBe('2027-05-30T10:30:00.000Z');
    expect(named('doors')?.startDate.toJSDate().toISOString()).toBe('2027-05-30T11:45:00.000Z');
    expect(named('hard finish')?.startDate.toJSDate().toISOString()).toBe(
      '2027-05-30T12:40:00.000Z',
    );
    const show = events.find((event) => event.summary === festival.show.title);
    expect(show?.startDate.toJSDate().toISOString()).toBe('2027-05-30T12:00:00.000Z');
    const minutes = (show?.duration.toSeconds() ?? 0) / 60;
    expect(minutes).toBeCloseTo(timeline.end / 60, 5);
  });

  test('every preparation with an alarm before it', () => {
    const prepared = timeline.tasks.filter((task) => task.phase === 'prepare');
    expect(prepared.length).toBeGreaterThan(5);
    for (const task of prepared) {
      const name = input.slots
        .find((slot) => slot.id === task.slot)
        ?.tasks.find((t) => t.id === task.task)?.name;
      const event = events.find(
        (e) =>
          e.summary.startsWith(name ?? '?') &&
          e.startDate.toJSDate().getTime() ===
            localInstant(festival.show.date, festival.show.start, festival.show.zone) +
              task.start * 1000,
      );
      expect(event?.component.getAllSubcomponents('valarm')).toHaveLength(1);
    }
  });

  test('lines are folded and ended as the standard asks, and the same show gives the same file', () => {
    for (const line of text.trimEnd().split('\r\n'))
      expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    expect(text).not.toMatch(/[^\r]\n/);
    expect(calendarFile(festival, input, timeline)).toBe(text);
    expect(new Set(events.map((event) => event.uid)).size).toBe(events.length);
  });
});

describe('the running order as CSV (RFC 4180)', () => {
  test('every slot and every call comes back as it went out', () => {
    const rows = sheetTable(sheet);
    const read = Papa.parse<string[]>(
      csvFile(rows)
        .replace(/^\uFEFF/, '')
        .trimEnd(),
    );
    expect(read.errors).toEqual([]);
    expect(read.data).toEqual(rows);
    const calls = sheet.slots.reduce((sum, slot) => sum + slot.calls.length, 0);
    expect(rows).toHaveLength(
      1 + sheet.before.length + sheet.slots.length + calls + sheet.after.length,
    );
  });

  test('what a spreadsheet would run as a formula is plain text', () => {
    const [row] = Papa.parse<string[]>(
      csvFile([['=1+1', '@x', '-5', 'a "b", c', 'two\nlines']]).slice(1),
    ).data;
    expect(row).toEqual(["'=1+1", "'@x", "'-5", 'a "b", c', 'two\nlines']);
  });
});

test('every preparation and clearing is somebody’s, once', () => {
  const calls = [...sheet.before, ...sheet.slots.flatMap((slot) => slot.calls), ...sheet.after];
  const behind = timeline.tasks.filter((t) => t.phase !== 'perform' && t.end > t.start);
  expect(calls).toHaveLength(behind.length);
  expect(calls.map((call) => call.at)).toEqual(calls.map((call) => call.at).sort((a, b) => a - b));
});

describe('the running order as PDF', () => {
  const pages = (pdf: Buffer): number =>
    pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0;

  test('is one page', async () => {
    const pdf = await sheetPdf(sheet, 'Boat Shed');
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
    expect(pages(pdf)).toBe(1);
  });

  test('and still one with twice as many slots', async () => {
    const slots = ['a', 'b'].flatMap((k) =>
      festival.show.slots.map((slot) => ({ ...slot, id: `${slot.id}-${k}` })),
    );
    const long = { ...festival, show: { ...festival.show, slots } };
    const longInput = lineupInput(long);
    const pdf = await sheetPdf(callSheet(long, longInput, schedule(longInput)), 'Boat Shed');
    expect(pages(pdf)).toBe(1);
  });
});
