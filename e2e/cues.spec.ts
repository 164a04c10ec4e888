/** Cues that leave the machine, and the audience’s screen, driven from the stage. */
import { createSocket } from 'node:dgram';
import { once } from 'node:events';
import { guest, share, startedRehearsal } from './hall';
import { expect, FESTIVAL, onward, test } from './stage';

/** A desk that tells what came in, as its addresses; the arguments are looked at elsewhere. */
async function desk(): Promise<{ port: number; got: string[]; close: () => void }> {
  const socket = createSocket('udp4');
  const got: string[] = [];
  socket.on('message', (bytes, { port, address }) => {
    got.push(bytes.subarray(0, bytes.indexOf(0)).toString());
    socket.send(Buffer.from('/got\0\0\0\0,\0\0\0'), port, address);
  });
  socket.bind(0, '127.0.0.1');
  await once(socket, 'listening');
  return { port: socket.address().port, got, close: () => void socket.close() };
}

test('a cue is written on a step, tried, and goes off on stage; a quiet desk is told of and stops nothing', async ({
  page,
  demo,
}) => {
  const lights = await desk();
  await page.goto(demo.url + '/light-and-sound');
  const address = page.getByLabel('Address').first();
  await expect(address).toHaveValue('127.0.0.1:4491');
  await address.fill('desk at the back');
  await expect(
    page.getByText('Address must be a host and a port, as 192.168.4.20:8000'),
  ).toBeVisible();
  await address.fill(`127.0.0.1:${lights.port}`);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Try Blackout (K)' }).click();
  await expect.poll(() => lights.got).toEqual(['/blackout']);

  await page.goto(demo.url + '/demos/smoke-ring-drum');
  await page.getByRole('button', { name: 'Edit “Stand beside the drum”' }).click();
  await page.getByRole('button', { name: 'Add a light, sound, picture or message' }).click();
  await page.getByLabel('Called').fill('Spot on the drum');
  await page.getByLabel('Goes to').press('ArrowDown');
  await page.getByRole('option', { name: 'Lighting desk' }).press('Enter');
  await page.getByLabel('Address').fill('/lights/spot');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();

  await page.goto(demo.url + FESTIVAL + '/cues');
  await expect(page.getByRole('row')).toHaveCount(1 + 5);
  await page.getByRole('button', { name: 'Try Spot on the drum' }).click();
  await expect.poll(() => lights.got.at(-1)).toBe('/lights/spot');
  lights.got.length = 0;
  await startedRehearsal(page, demo);
  // It goes off when its step is on.
  await expect.poll(() => lights.got).toEqual(['/lights/spot']);
  for (const key of ['k', 'u', 'k', 'u']) await page.keyboard.press(key);
  await expect
    .poll(() => [...lights.got].sort())
    .toEqual(['/back', '/blackout', '/house', '/house', '/lights/spot']);
  lights.close();
  const now = page.getByRole('region', { name: 'Now' });
  await onward(page);
  await expect(now).toContainText('Stand beside the drum');
  await onward(page);
  await expect(page.getByText('△ Lighting desk quiet')).toBeVisible();
  await expect(now).toContainText('One dry slap at row three');
});

test('the audience’s screen: title, question with hands from stage and phone, reveal, black', async ({
  page,
  browser,
  demo,
}) => {
  await share(page, demo);
  const beamer = await guest(browser, page, demo, {
    role: 'audience',
    viewport: { width: 1024, height: 768 },
  });
  const screen = beamer.page;
  await screen.goto(demo.hallUrl + '/screen');
  await expect(screen.getByText('Harbour Light Festival')).toBeVisible();
  await startedRehearsal(page, demo);
  await expect(screen.getByText('Smoke-ring drum')).toBeVisible();
  const jo = await guest(browser, page, demo, { person: 'jo' });
  await jo.page.goto(demo.hallUrl + FESTIVAL + '/crew');
  await page.getByRole('button', { name: 'What the audience’s screen shows' }).click();
  await page.getByRole('button', { name: 'Ask it: hands up' }).click();
  await expect(screen.getByText('How far does the air fly?')).toBeVisible();
  await expect(screen.getByText('hands up')).toBeVisible();
  await jo.page.getByRole('button', { name: '10 more: To row three' }).click();
  await page.getByRole('button', { name: '1 more: To row three' }).click();
  await expect(screen.getByText('11', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Reveal' }).click();
  await expect(screen.getByText('All the way: watch the cups.')).toBeVisible();
  await page.getByRole('button', { name: 'Cover your ears' }).click();
  await expect(screen.getByText('Cover your ears')).toBeVisible();
  await page.getByRole('button', { name: 'Black', exact: true }).click();
  await expect(screen.locator('main')).toHaveText('');
  // It may look at nothing else.
  expect(
    await screen.evaluate(async (path) => (await fetch(`/api${path}/all`)).status, FESTIVAL),
  ).toBe(403);
  await jo.context.close();
  await beamer.context.close();
});
