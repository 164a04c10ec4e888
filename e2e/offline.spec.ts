/** A secure page loads again without a network, with what was known last, and loses nothing of what is pressed. */
import { expect, FESTIVAL, onward, test } from './stage';

test('reloaded with the server gone: stage, checks, packing and order are there; what is pressed is delivered', async ({
  browser,
  demo,
}) => {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(demo.url + FESTIVAL + '/on-stage');
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.getByRole('button', { name: /^Start/ }).click();
  const now = page.getByRole('region', { name: 'Now' });
  await onward(page);
  await expect(now.getByRole('heading', { name: 'Stand beside the drum' })).toBeVisible();
  await expect(page.getByText('unsent')).toBeHidden();
  // Until the worker has the pages, and what they read, in its keeping.
  const run = new URL(page.url()).searchParams.get('run');
  const kept = (): Promise<unknown> =>
    page.evaluate(
      async ([path, runPath]) => {
        const read = ['', '/all', '/runs'].map((part) => path + part);
        const lists = ['/boxes', '/people', '/venues', '/settings/own'];
        const [known, ...others] = await Promise.all(
          [runPath, ...read, ...lists].map((one) => caches.match(`/api${one}`)),
        );
        const { events = [] } = ((await known?.json()) ?? {}) as { events?: unknown[] };
        return [
          Boolean(navigator.serviceWorker.controller) && others.every(Boolean),
          events.length,
        ];
      },
      [FESTIVAL, `/runs/${run}`] as const,
    );
  await expect.poll(kept).toEqual([true, 2]);
  const manifest = await page.evaluate(async () => {
    const link = document.querySelector<HTMLLinkElement>('link[rel=manifest]');
    return (await (await fetch(link?.href ?? '')).json()) as { icons: { src: string }[] };
  });
  expect(manifest).toMatchObject({ name: 'Hearty Stage', display: 'standalone', start_url: '/' });

  await demo.kill();
  await page.reload();
  await expect(now.getByRole('heading', { name: 'Stand beside the drum' })).toBeVisible();
  await expect(page.getByText('△ Cut off')).toBeVisible();
  await onward(page);
  await expect(now.getByRole('heading', { name: 'One dry slap at row three' })).toBeVisible();
  await expect(page.getByText(/1 unsent/)).toBeVisible();
  await page.goto(demo.url + FESTIVAL + '/ready?stop=place/Centre%20table');
  await page.getByRole('checkbox', { name: /Earth rod and lead/ }).click();
  await page.goto(demo.url + FESTIVAL + '/pack');
  await page.getByRole('checkbox').first().click();
  await expect(page.getByText('2 ticks kept on this device')).toBeVisible();
  await page.goto(demo.url + FESTIVAL + '/order');
  await expect(page.getByRole('listitem').filter({ hasText: 'on stage now' })).toContainText(
    'Smoke-ring drum',
  );
  // Loaded once more, it is all still there.
  await page.goto(demo.url + FESTIVAL + '/ready');
  await expect(page.getByText('16 checks must be done before the start')).toBeVisible();

  await demo.restart();
  await expect(page.getByText('Cut off')).toBeHidden();
  const marks = async (): Promise<[number, number]> => {
    const answer = (await (await page.request.get(`${demo.url}/api${FESTIVAL}/all`)).json()) as {
      marks: unknown[];
      packing: unknown[];
    };
    return [answer.marks.length, answer.packing.length];
  };
  const stored = await marks();
  await page.goto(demo.url + FESTIVAL + '/on-stage?run=' + run);
  await expect(now.getByRole('heading', { name: 'One dry slap at row three' })).toBeVisible();
  await expect(page.getByText('unsent')).toBeHidden();
  await expect.poll(marks).toEqual([Math.max(1, stored[0]), Math.max(1, stored[1])]);
  const { events } = (await (await page.request.get(`${demo.url}/api/runs/${run}`)).json()) as {
    events: { kind: string }[];
  };
  expect(events.map(({ kind }) => kind)).toEqual(['start', 'part', 'done']);
  await context.close();
});
