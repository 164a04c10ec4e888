/** Shows of thirty slots and of none: every page of theirs holds together, wide and on a phone. */
import type { Page } from '@playwright/test';
import type { DemoSummary } from '../contract/api';
import type { ShowBody } from '../contract/brief';
import { colliding, settled, tooSmall, tooWide } from './look';
import { expect, test } from './stage';

const PAGES = [
  'brief',
  'line-up',
  'kit',
  'ready',
  'script',
  'shots',
  'hand-out',
  'class',
  'on-stage',
  'after',
  'cues',
  'pack',
];

/** The festival under another name, with other slots. */
async function like(page: Page, url: string, id: string, slots: number): Promise<void> {
  const read = async <T>(path: string): Promise<T> =>
    (await (await page.request.get(`${url}/api${path}`)).json()) as T;
  const festival = await read<ShowBody & { version?: number }>('/shows/harbour-light-festival');
  delete festival.version;
  const demos = await read<DemoSummary[]>('/demos');
  const show = {
    ...festival,
    id,
    title: id,
    hardFinish: '17:00',
    cold: [],
    filming: [],
    slots: Array.from({ length: slots }, (_, i) => {
      const slot = festival.slots[i % festival.slots.length];
      const demo = demos[i % demos.length];
      return {
        ...slot,
        id: `slot-${i}`,
        demoId: demo?.id,
        methodId: demo?.methods[0]?.id,
        leads: [],
        sideBySide: null,
      };
    }),
    ...(slots === 0 && { crew: [], answers: [], positions: [], venueId: null, journeys: [] }),
  };
  const made = await page.request.post(`${url}/api/shows`, { data: show });
  expect(made.ok(), await made.text()).toBe(true);
}

for (const [id, slots] of [
  ['thirty', 30],
  ['none', 0],
] as const)
  test(`a show of ${slots} slots: nothing runs off, into each other, or is too small to press`, async ({
    page,
    demo,
  }) => {
    test.setTimeout(180_000);
    await like(page, demo.url, id, slots);
    for (const part of PAGES) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.goto(`${demo.url}/shows/${id}/${part}`);
      await settled(page);
      await expect.soft.poll(() => tooWide(page), { message: part }).toBe(0);
      await expect.soft.poll(() => colliding(page), { message: part }).toEqual([]);
      await page.setViewportSize({ width: 390, height: 844 });
      await expect.soft.poll(() => tooWide(page), { message: `${part}, phone` }).toBe(0);
      await expect.soft.poll(() => colliding(page), { message: `${part}, phone` }).toEqual([]);
      await expect.soft.poll(() => tooSmall(page), { message: `${part}, phone` }).toEqual([]);
    }
  });
