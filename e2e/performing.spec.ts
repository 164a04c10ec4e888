import type { Locator, Page } from '@playwright/test';
import { eventOf } from '../core/stage/event';
import { FESTIVAL, expect, onward, pick, test, pressKey } from './stage';

async function rehearse(page: Page, url: string): Promise<void> {
  await page.goto(url + FESTIVAL + '/on-stage');
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await expect(page.getByText('The clock starts when you do')).toBeVisible();
}

/** The clock is started, and the server has it. */
async function started(page: Page): Promise<Locator> {
  await onward(page);
  const now = page.getByRole('region', { name: 'Now' });
  // The room is warned before anything is done.
  await expect(now).toContainText('There will be stage smoke');
  // What may begin is known.
  await expect(page.getByRole('region', { name: 'Pace' })).toContainText('ends about');
  await onward(page);
  await expect(now.getByRole('heading', { name: 'Stand beside the drum' })).toBeVisible();
  await expect(page.getByText('unsent')).toBeHidden();
  return now;
}

test('checks block the show until they are done or waived with a reason', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/on-stage');
  await expect(page.getByRole('button', { name: 'Open stage view' })).toBeDisabled();
  await page.goto(demo.url + FESTIVAL + '/ready?stop=place/Centre%20table');
  await expect(page.getByText('17 checks must be done before the start')).toBeVisible();
  await page.getByRole('checkbox', { name: /Earth rod and lead/ }).click();
  await expect(page.getByText('16 checks must be done before the start')).toBeVisible();
  await page.getByRole('button', { name: 'Say who you are' }).click();
  await page.getByRole('menuitem', { name: 'Ines' }).click();
  await page.getByRole('button', { name: /^More about Static dome: spark/ }).click();
  await page.getByRole('button', { name: /^Waive: Static dome: spark/ }).click();
  await page.getByRole('button', { name: 'Waive it' }).click();
  await expect(page.getByText('Say why the show may go on without it')).toBeVisible();
  await page.getByLabel('Reason').fill('Spare in the van');
  await page.getByRole('button', { name: 'Waive it' }).click();
  await expect(page.getByText('15 checks must be done before the start')).toBeVisible();
  await expect(page.getByText('Waived: Spare in the van')).toBeVisible();
});

test('driven by a clicker; a reload, a second tab and a killed server show the same', async ({
  page,
  context,
  demo,
}) => {
  await rehearse(page, demo.url);
  const now = await started(page);
  await expect(now.getByRole('heading', { name: 'Smoke-ring drum' })).toBeVisible();
  await expect(now.getByRole('heading', { name: 'Stand beside the drum' })).toBeVisible();
  await pressKey(page, 'PageDown');
  await expect(now.getByRole('heading', { name: 'One dry slap at row three' })).toBeVisible();
  await expect(now).toContainText('Hands up if you felt it');
  await pressKey(page, 'PageUp');
  await expect(now.getByRole('heading', { name: 'Stand beside the drum' })).toBeVisible();
  await pressKey(page, 'ArrowRight');

  const second = await context.newPage();
  await second.goto(page.url());
  await expect(second.getByRole('region', { name: 'Now' })).toContainText('One dry slap');
  await onward(second);
  await expect(now).toContainText('Fill the drum with smoke');

  await pressKey(page, 'h');
  await expect(page.getByText(/^Held/)).toBeVisible();
  await demo.restart();
  await page.reload();
  await expect(page.getByText(/^Held/)).toBeVisible();
  await onward(page);
  await expect(now).toContainText('Fill the drum with smoke');
});

test('presses while the server is away are kept and delivered', async ({ page, demo, request }) => {
  await rehearse(page, demo.url);
  const now = await started(page);
  await demo.kill();
  await onward(page);
  await expect(now).toContainText('step 2 of 5');
  await expect(page.getByText('on this device, 1 unsent')).toBeVisible();
  await demo.restart();
  await expect(page.getByText('on this device, 1 unsent')).toBeHidden();
  const id = new URL(page.url()).searchParams.get('run') ?? '';
  const run = (await (await request.get(`${demo.url}/api/runs/${id}`)).json()) as {
    events: { kind: string }[];
  };
  expect(run.events.map((event) => event.kind)).toEqual(['start', 'part', 'done']);
});

test('on a phone the clock stands beside the pace, and the end under both', async ({
  page,
  demo,
}) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await rehearse(page, demo.url);
  await started(page);
  const pace = page.getByRole('region', { name: 'Pace' });
  const middle = async (of: Locator): Promise<number> => {
    const { y = 0, height = 0 } = (await of.boundingBox()) ?? {};
    return y + height / 2;
  };
  const [clock, words, end] = await Promise.all([
    middle(pace.getByRole('time')),
    middle(pace.locator('b').first()),
    middle(pace.getByText(/^ends/)),
  ]);
  expect(Math.abs(clock - words)).toBeLessThan(4);
  expect(end).toBeGreaterThan(clock + 10);
});

test('a press that is refused is told, and the presses after it are delivered', async ({
  page,
  demo,
}) => {
  await rehearse(page, demo.url);
  const now = await started(page);
  // Kept on this device by whatever it was before: a press for something that the run does not have.
  const run = new URL(page.url()).searchParams.get('run') ?? '';
  const event = eventOf({ id: 'strange', at: Date.now(), by: null }, 'done', { slot: 'nowhere' });
  await page.evaluate(
    ([key, kept]) => localStorage.setItem(key ?? '', kept ?? ''),
    [`hearty-stage-run-${run}`, JSON.stringify([event])],
  );
  await expect(page.getByRole('alert').filter({ hasText: 'not in this run' })).toBeVisible();
  // It never counted: the step is still to be done, and the next press does it.
  await expect(now).toContainText('step 1 of 5');
  await onward(page);
  await expect(now).toContainText('step 2 of 5');
  await expect(page.getByText('unsent')).toBeHidden();
});

test('what didn’t work has a cause in one tap, and After and the record know it', async ({
  page,
  demo,
}) => {
  await rehearse(page, demo.url);
  const now = await started(page);
  await pressKey(page, 'x');
  await expect(now).toContainText('didn’t work');
  // Both ways on are priced; a cause is one tap, and none is needed to go on.
  for (const way of ['Move on', 'Again'])
    await expect(now.getByRole('region', { name: way })).toContainText(/ends \d\d:\d\d.*in time/);
  await now.getByRole('button', { name: 'own words' }).click();
  await page.getByLabel('In your own words').fill('Too damp');
  await page.getByRole('button', { name: 'Save the cause' }).click();
  await expect(now.getByRole('button', { name: 'Too damp' })).toBeVisible();
  await pressKey(page, 'r');
  await expect(now).toContainText('go 2');
  for (const words of ['Three slow slaps', 'Draw the rolling ring']) {
    await page.getByRole('button', { name: /^Done/ }).click();
    await expect(now.getByRole('heading', { name: words })).toBeVisible();
  }
  await page.getByRole('button', { name: /^Done/ }).click();
  await expect(now.getByRole('heading', { name: 'Slow-falling magnet' })).toBeVisible();
  for (let left = 8; left > 0; left--) {
    const name = await now.getByRole('heading', { level: 1 }).textContent();
    await page.getByRole('button', { name: /^Skip/ }).click();
    if (left > 1) await expect(now.getByRole('heading', { level: 1 })).not.toHaveText(name ?? '');
  }
  await expect(page.getByText('That was the last one')).toBeVisible();
  await onward(page);
  await page.getByRole('button', { name: 'To the write-up' }).click();
  await expect(page.getByRole('combobox', { name: 'Because' })).toHaveText('Too damp');
  await page.getByLabel('Note').fill('Skin was slack in the damp');
  await pick(page.getByRole('combobox', { name: 'About' }), 'Smoke-ring drum');
  await page.getByRole('button', { name: 'Keep the note' }).click();
  await page.getByRole('button', { name: 'Pin to the demo' }).click();
  await expect(page.getByText('Pinned: it shows the next time')).toBeVisible();
  await page.goto(demo.url + FESTIVAL + '/line-up');
  // Rehearsals count apart.
  await expect(page.getByText('works 8 of 9')).toBeVisible();
  await page.getByRole('button', { name: /Smoke-ring drum big drum/ }).click();
  await expect(page.getByText('Skin was slack in the damp')).toBeVisible();
});

test('pressed before it is known what may begin, each press counts, and Back takes one of them back', async ({
  page,
  demo,
}) => {
  // What works that out is asked only once the test says so.
  await page.addInitScript(() => {
    const asked: (() => void)[] = [];
    let open = false;
    window.Worker = new Proxy(Worker, {
      construct(made, [url, options]: [string | URL, WorkerOptions?]) {
        const worker = new made(url, options);
        if (!String(url).includes('stage.worker')) return worker;
        const really = worker.postMessage.bind(worker) as (...sent: unknown[]) => void;
        worker.postMessage = (...sent: unknown[]): void => {
          const send = (): void => really(...sent);
          if (open) send();
          else asked.push(send);
        };
        return worker;
      },
    });
    window.addEventListener('let-through', () => {
      open = true;
      for (const send of asked) send();
    });
  });
  await rehearse(page, demo.url);
  await onward(page);
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now).toContainText('There will be stage smoke');
  // Warned, beside the drum, one slap, and that one not yet.
  for (let i = 0; i < 3; i++) await onward(page);
  await pressKey(page, 'PageUp');
  await expect(now).toContainText('There will be stage smoke');
  await page.evaluate(() => window.dispatchEvent(new Event('let-through')));
  await expect(now.getByRole('heading', { name: 'One dry slap at row three' })).toBeVisible();
  await expect(page.getByText('unsent')).toBeHidden();
  await pressKey(page, 'PageUp');
  await expect(now.getByRole('heading', { name: 'Stand beside the drum' })).toBeVisible();
});

test('a press that comes while the run is on its way to a page is not lost on it', async ({
  page,
  browser,
  demo,
}) => {
  await rehearse(page, demo.url);
  await started(page);
  const device = await browser.newContext({ serviceWorkers: 'block' });
  const other = await device.newPage();
  let pass = (): void => undefined;
  const answered = new Promise<void>((asked) => {
    void other.route(/\/api\/runs\/[^/]+$/, async (route) => {
      const response = await route.fetch();
      const through = new Promise<void>((done) => (pass = done));
      asked();
      await through;
      await route.fulfill({ response });
    });
  });
  const heard = other
    .waitForEvent('websocket')
    .then((socket) =>
      socket.waitForEvent('framereceived', ({ payload }) => String(payload).includes('"done"')),
    );
  await other.goto(page.url());
  await answered;
  await onward(page);
  await heard;
  pass();
  const theirs = other.getByRole('region', { name: 'Now' });
  await expect(theirs.getByRole('heading', { name: 'One dry slap at row three' })).toBeVisible();
  await device.close();
});
