/** A label’s code before the camera: Chromium plays a film of it. */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import QRCode from 'qrcode';
import { CHROMIUM } from '../scripts/chromium.mjs';
import { expect, FESTIVAL, test } from './stage';

test('what the camera sees is read, turned and on a table; it leads to the thing', async ({
  demo,
  playwright,
  browser,
}) => {
  const page = await browser.newPage({ viewport: { width: 640, height: 480 } });
  const code = await QRCode.toString(
    'https://10.0.0.5:4443/shows/elsewhere/pack?box=box-gear&item=goggles',
    { type: 'svg' },
  );
  await page.setContent(
    `<body style="margin:0;background:#cbb"><div style="width:300px;margin:80px 150px;transform:rotate(8deg)">${code}</div></body>`,
  );
  const seen = await page.screenshot({ type: 'jpeg', quality: 80 });
  await page.close();
  const folder = mkdtempSync(join(tmpdir(), 'hearty-film-'));
  const film = join(folder, 'label.mjpeg');
  writeFileSync(film, Buffer.concat([seen, seen, seen]));
  const filming = await playwright.chromium.launch({
    ...CHROMIUM,
    args: [
      ...CHROMIUM.args,
      '--use-fake-device-for-media-stream',
      '--use-fake-ui-for-media-stream',
      `--use-file-for-fake-video-capture=${film}`,
    ],
  });
  try {
    const phone = await filming.newPage({ viewport: { width: 390, height: 844 } });
    await phone.goto(demo.url + FESTIVAL + '/pack');
    await phone.getByRole('button', { name: 'Scan' }).click();
    await expect(phone).toHaveURL(/pack\?.*item=goggles/);
    await expect(phone.getByRole('heading', { name: '4 · Protective gear' })).toBeVisible();
    await expect(phone.getByRole('checkbox', { name: /Goggles$/ })).toBeInViewport();
  } finally {
    await filming.close();
    rmSync(folder, { recursive: true });
  }
});

test('without a camera it says so, and a picture does', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/pack');
  await page.getByRole('button', { name: 'Scan' }).click();
  const dialog = page.getByRole('dialog', { name: 'Find by a label’s code' });
  await expect(dialog.getByText(/This page may not film here/)).toBeVisible();
  const chooser = page.waitForEvent('filechooser');
  await dialog.getByRole('button', { name: 'Take a picture of it' }).click();
  await (
    await chooser
  ).setFiles({
    name: 'wall.png',
    mimeType: 'image/png',
    buffer: await page.screenshot(),
  });
  await expect(dialog.getByRole('alert')).toContainText('No code is to be seen in that picture');
});
