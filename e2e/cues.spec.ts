/** Cues that leave the machine, and the audience’s screen, driven from the stage. */
import { createSocket } from 'node:dgram';
import { once } from 'node:events';
import type { Versioned } from '../contract/api';
import { blankCue, type StepCue } from '../core/repertoire/cues';
import type { Demo } from '../core/repertoire/types';
import { guest, share, startedRehearsal } from './hall';
import { expect, FESTIVAL, onward, test, pressKey } from './stage';

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
  // Once more by hand: from what it says on the step, or by its key.
  await pressKey(page, 'c');
  const cues = page.getByRole('dialog', { name: 'Cues of Smoke-ring drum' });
  await expect(cues.getByRole('listitem').filter({ hasText: 'Spot on the drum' })).toBeVisible();
  await cues.getByRole('button', { name: 'Fire Spot on the drum' }).click();
  await expect.poll(() => lights.got).toEqual(['/lights/spot', '/lights/spot']);
  await cues.getByRole('button', { name: 'Stop what plays' }).click();
  await cues.getByRole('button', { name: 'Done' }).click();
  for (const key of ['k', 'u', 'k', 'u']) await pressKey(page, key);
  await expect
    .poll(() => [...lights.got].sort())
    .toEqual(['/back', '/blackout', '/house', '/house', '/lights/spot', '/lights/spot']);
  lights.close();
  const now = page.getByRole('region', { name: 'Now' });
  await onward(page);
  await expect(now.getByRole('heading', { name: 'Stand beside the drum' })).toBeVisible();
  await onward(page);
  await expect(page.getByText('△ Lighting desk quiet')).toBeVisible();
  await expect(now.getByRole('heading', { name: 'One dry slap at row three' })).toBeVisible();
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

/** The first step of the first demo. */
const STEP = 'Stand beside the drum';
/** A picture of one point. */
const pixel = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

test('several go off in one moment, and each gets where it belongs: a word, a sound, a picture, whatever else is lit', async ({
  page,
  browser,
  demo,
}) => {
  const upload = async (name: string, bytes: Buffer): Promise<string> => {
    const answer = await page.request.post(`${demo.url}/api/media?name=${name}`, { data: bytes });
    return ((await answer.json()) as { id: string }).id;
  };
  const roll = await upload('Roll', Buffer.from('RIFF\0\0\0\0WAVEfmt ' + '\0'.repeat(64)));
  const cups = await upload('Cups', pixel);
  const path = `${demo.url}/api/demos/smoke-ring-drum`;
  const { version, ...drum } = (await (await page.request.get(path)).json()) as Versioned<Demo>;
  const words = (id: string, to: string | null, said: string): StepCue => ({
    ...blankCue(id, id, 'message'),
    to,
    words: said,
  });
  const cues: StepCue[] = [
    words('cups', 'jo', 'Cups to row three'),
    words('towel', 'mara', 'Fetch the towel'),
    { ...blankCue('roll', 'Roll', 'sound'), media: roll },
    { ...blankCue('far', 'Far', 'picture'), media: cups },
    blankCue('dark', 'Dark', 'light'),
  ];
  const methods = drum.methods.map((method) => ({
    ...method,
    tasks: method.tasks.map((task) => (task.name === STEP ? { ...task, cues } : task)),
  }));
  const changed = await page.request.put(path, { data: { ...drum, methods, version } });
  expect(changed.ok()).toBe(true);

  const beamer = await guest(browser, page, demo, {
    role: 'audience',
    viewport: { width: 1024, height: 768 },
  });
  const screen = beamer.page;
  await screen.addInitScript(() => {
    HTMLAudioElement.prototype.play = function play() {
      document.title = `playing ${new URL(this.src).pathname}`;
      return Promise.resolve();
    };
  });
  await screen.goto(demo.hallUrl + '/screen');
  // Set on the screen itself, by whoever stands at it.
  await expect(screen.getByText('Harbour Light Festival')).toBeVisible();
  await screen.mouse.move(200, 200);
  await screen.getByRole('button', { name: 'Play the sounds of cues here' }).click();
  const jo = await guest(browser, page, demo, { person: 'jo' });
  await jo.page.goto(demo.hallUrl + FESTIVAL + '/crew');
  await expect(jo.page.getByText('Jo, joined', { exact: true })).toBeVisible();
  await startedRehearsal(page, demo);
  await expect(jo.page.getByRole('alert')).toHaveText('Cups to row three');
  await expect(screen.locator(`img[src$="/api/media/${cups}"]`)).toBeVisible();
  await expect(screen).toHaveTitle(`playing /api/media/${roll}`);
  // Stopped, the picture goes; what is chosen for the screen goes before one.
  await page.request.post(`${demo.url}/api/cues/stop`);
  await expect(screen.locator('img')).toHaveCount(0);
  await jo.context.close();
  await beamer.context.close();
});
