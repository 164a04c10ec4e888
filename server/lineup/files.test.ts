/** The running order as files: each is read back by a reader that is not ours. */
import { describe, expect, test } from '@jest/globals';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import { callSheet, sheetTable } from '../../core/lineup/callSheet';
import { calendarEvents } from '../../core/lineup/calendarEvents';
import { endingOf, forecastSize } from '../../core/lineup/outlook';
import { prospectOf } from '../../core/lineup/prospect';
import { parseClock } from '../../core/time/clock';
import { season } from '../../season/season';
import { csvFile } from '../http/csv';
import { localInstant } from '../instant';
import { calendarFile } from './calendarFile';
import { sheetPdf } from './sheetPdf';

const [, , festival] = season('2027-05-30', 'Etc/GMT-2', localInstant);
if (!festival) throw new Error('The season has a show today');
const size = forecastSize(200, '9of10');
const prospect = prospectOf(festival, [], size);
const { input, timeline, outlook } = prospect;
const sheet = callSheet(festival, prospect);

describe('the calendar file, read by another reader (RFC 5545)', () => {
  const parse = (text: string) =>
    new ICAL.Component(ICAL.parse(text) as unknown[])
      .getAllSubcomponents('vevent')
      .map((component) => new ICAL.Event(component));
  const text = calendarFile(festival, prospect);
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
    expect(minutes).toBeCloseTo(outlook.by / 60, 5);
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
    expect(calendarFile(festival, prospect)).toBe(text);
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
      // And when it ends, by the forecast and as written.
      1 + sheet.before.length + sheet.slots.length + calls + sheet.after.length + 2,
    );
  });

  test('what a spreadsheet would run as a formula is plain text', () => {
    const [row] = Papa.parse<string[]>(
      csvFile([['=1+1', '@x', '-5', 'a "b", c', 'two\nlines']]).slice(1),
    ).data;
    expect(row).toEqual(["'=1+1", "'@x", "'-5", 'a "b", c', 'two\nlines']);
  });
});

test('every file tells the same end as the pages do, and the clock as written by that name', () => {
  const said = endingOf(outlook, parseClock(festival.show.start), timeline.blocks.length);
  expect(sheet.ending).toEqual(said);
  expect(sheetTable(sheet).slice(-2)).toEqual([
    [sheet.end, '', `${said.headline}, ${said.by}`, '', '', '', ''],
    ['', '', said.written, '', '', '', ''],
  ]);
  const show = calendarEvents(festival, prospect).find((event) => event.key === 'show');
  expect(show?.end).toBe(outlook.by);
  expect(show?.note).toContain(`${said.headline}, ${said.by}; ${said.written}`);
  // The time in the table is the one in its words.
  expect(said.headline).toBe(`Ends about ${sheet.end}`);
  // The demo season's show is one whose clock as written is not when it ends.
  expect(outlook.by).toBeGreaterThan(outlook.written + 60);
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
    const pdf = await sheetPdf(callSheet(long, prospectOf(long, [], size)), 'Boat Shed');
    expect(pages(pdf)).toBe(1);
  });
});
