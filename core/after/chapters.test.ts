/** Chapters of a recording, read back by another parser: webvtt-parser of the W3C. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { WebVTTParser } from 'webvtt-parser';
import { fold } from '../stage/fold';
import { Stage, START, threeSlots } from '../testing/stage';
import { type Chapter, chaptersOf, chaptersVtt } from './chapters';

const read = (vtt: string) =>
  new WebVTTParser({ '&amp;': '&', '&lt;': '<', '&gt;': '>' }).parse(vtt, 'chapters');

describe('visits', () => {
  const [a, b] = threeSlots.plan.slots;
  if (!a || !b) throw new Error('two slots are needed');
  const visit = (slot: string, from: number, until: number | null) => ({
    ...{ slot, entered: from, from, until, acted: true, steps: [] },
  });
  const visits = [
    visit(a.id, 10_000, 70_000),
    visit(b.id, 80_000, 100_000),
    visit(a.id, 100_000, 130_500),
    visit(b.id, 130_500, null),
    visit('gone', 140_000, 150_000),
  ];
  const titles = (recordedFrom: number, finishedAt: number | null) =>
    chaptersOf(threeSlots.plan, { visits, finishedAt }, recordedFrom).map(
      ({ from, until, title }) => [title, from, until],
    );

  test('told once each; what nobody ended ends with the show, and without its end is left out', () => {
    expect(titles(0, 160_000)).toEqual([
      [`1. ${a.name}`, 10_000, 70_000],
      [`2. ${b.name}`, 80_000, 100_000],
      [`1. ${a.name}, again`, 100_000, 130_500],
      [`2. ${b.name}, again`, 130_500, 160_000],
    ]);
    expect(titles(0, null)).toHaveLength(3);
  });

  test('a camera that began late has nothing of what was over, and what was on from its own beginning', () => {
    expect(titles(85_000, null)).toEqual([
      [`2. ${b.name}`, 0, 15_000],
      [`1. ${a.name}, again`, 15_000, 45_500],
    ]);
  });
});

describe('WebVTT', () => {
  test('of no chapters it is a file all the same', () => {
    const { cues, errors } = read(chaptersVtt([]));
    expect(cues).toEqual([]);
    expect(errors).toEqual([]);
  });

  test('written, and read by another parser: the same times and titles, whatever is in them', () => {
    const chapter: fc.Arbitrary<Chapter> = fc
      .record({
        from: fc.integer({ min: 0, max: 30 * 3600 * 1000 }),
        length: fc.integer({ min: 1, max: 3600 * 1000 }),
        title: fc
          .string({ minLength: 1, maxLength: 40 })
          .map((text) => text.replaceAll(/[\s\u0000-\u001f]+/gu, ' ').trim())
          .filter((text) => text !== ''),
      })
      .map(({ from, length, title }) => ({ from, until: from + length, title }));
    fc.assert(
      fc.property(fc.array(chapter, { maxLength: 6 }), (all) => {
        const chapters = all.toSorted((a, b) => a.from - b.from);
        const { cues, errors } = read(chaptersVtt(chapters));
        expect(errors).toEqual([]);
        expect(cues.map(({ startTime, endTime }) => [startTime, endTime])).toEqual(
          chapters.map(({ from, until }) => [from / 1000, until / 1000]),
        );
        cues.forEach(({ tree }, i) => {
          const text = tree.children.map(({ value }) => value ?? '').join('');
          expect(text).toBe(chapters[i]?.title);
        });
      }),
      { seed: 1820 },
    );
  });

  test('from what was pressed: a chapter for each slot that was on, in order', () => {
    const { plan } = threeSlots;
    const stage = new Stage().at(0, 'start');
    for (let at = 30; stage.live().phase === 'running' && at < 3000; at += 30) stage.at(at, 'done');
    const live = fold(plan, stage.events);
    const chapters = chaptersOf(plan, { ...live, finishedAt: START + 3_000_000 }, START);
    expect(chapters.map(({ title }) => title)).toEqual(
      plan.slots.map(({ name }, i) => `${i + 1}. ${name}`),
    );
    expect(chapters[0]?.from).toBe(0);
  });
});
