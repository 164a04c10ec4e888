/** Pictures of how it should look, what cameras see, slow motion, and who films. */
import { deflateSync } from 'node:zlib';
import {
  FESTIVAL,
  expect,
  phoneOf,
  pick,
  rehearseFrom,
  refuses,
  saved,
  test,
  takesPdf,
} from './stage';

const WORDS = '/demos/foam-fountain/words';

function crc(bytes: Buffer): number {
  let sum = 0xffffffff;
  for (const byte of bytes) {
    sum ^= byte;
    for (let bit = 0; bit < 8; bit++) sum = sum & 1 ? (sum >>> 1) ^ 0xedb88320 : sum >>> 1;
  }
  return (sum ^ 0xffffffff) >>> 0;
}

/** A grey picture of one pixel. */
function png(): Buffer {
  const part = (type: string, data: Buffer): Buffer => {
    const body = Buffer.concat([Buffer.from(type, 'latin1'), data]);
    const length = Buffer.alloc(4);
    length.writeUInt32BE(data.length);
    const check = Buffer.alloc(4);
    check.writeUInt32BE(crc(body));
    return Buffer.concat([length, body, check]);
  };
  return Buffer.concat([
    Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'),
    part('IHDR', Buffer.from([0, 0, 0, 1, 0, 0, 0, 1, 8, 0, 0, 0, 0])),
    part('IDAT', deflateSync(Buffer.from([0, 128]))),
    part('IEND', Buffer.alloc(0)),
  ]);
}

test('a picture of how it should look: put to a demo, said in words, seen on the walk, and said where it is gone', async ({
  browser,
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos/foam-fountain');
  await page.getByRole('button', { name: 'Edit what it shows' }).click();
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Add a picture of Foam fountain' }).click(),
  ]);
  await chooser.setFiles({ name: 'set.png', mimeType: 'image/png', buffer: png() });
  await page
    .getByRole('textbox', { name: 'What is to be seen on it' })
    .fill('Cylinder on the tray, label to the front');
  await page
    .getByRole('group', { name: 'Editing what it shows' })
    .getByRole('button', { name: 'Done' })
    .click();
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + FESTIVAL + '/ready?stop=place/Centre%20table');
  await page
    .getByRole('button', { name: 'Cylinder on the tray, label to the front: larger' })
    .click();
  await expect(
    page.getByRole('dialog').getByRole('img', { name: 'Cylinder on the tray, label to the front' }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  // Its file taken away, a page that has not seen it says so and goes on.
  demo.damage("UPDATE media SET removed = 1 WHERE name = 'Foam fountain'");
  const other = await browser.newPage();
  await other.goto(demo.url + '/demos/foam-fountain');
  await expect(other.getByText('The picture of Foam fountain isn’t here.').first()).toBeVisible();
  await other.close();
});

test('a picture that is none is told, and nothing is put there', async ({ page, demo }) => {
  await page.goto(demo.url + '/demos/foam-fountain');
  await page.getByRole('button', { name: 'Edit what it shows' }).click();
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Add a picture of Foam fountain' }).click(),
  ]);
  await chooser.setFiles({ name: 'set.png', mimeType: 'image/png', buffer: Buffer.from('no') });
  await expect(page.getByText('That is no picture this browser can read.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add a picture of Foam fountain' })).toBeEnabled();
});

test('a camera is added to a step; half a second at 240 shown at 30 is 4 s; the shot is on the list', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + WORDS);
  const camera = page.getByRole('region', { name: 'Camera' });
  await camera.getByRole('button', { name: 'From above' }).click();
  await camera.getByRole('button', { name: /^From above in step 3,/ }).click();
  const editing = camera.getByRole('group', { name: 'Editing from above in step 3' });
  await editing.getByRole('textbox', { name: 'What is in the picture' }).fill('into the neck');
  await editing.getByRole('button', { name: 'Slow motion' }).click();
  await editing.getByRole('textbox', { name: 'Filmed (s)' }).fill('0.5');
  await expect(editing.getByText(/: 4 s, 8 times slower\./)).toBeVisible();
  await expect(editing.getByText(/Each frame gets 3 stops less light/)).toBeVisible();
  // Fewer frames than are shown are no slow motion.
  const rate = editing.getByRole('textbox', { name: 'Frames a second' });
  await rate.fill('20');
  await refuses(rate, /at least as many as are shown/);
  await rate.fill('240');
  await editing.getByRole('button', { name: 'Done' }).click();
  await expect(camera.getByText('4 s, 8 times slower').first()).toBeVisible();
  await expect(saved(page)).toBeVisible();

  await page.goto(demo.url + FESTIVAL + '/ready');
  await page.getByRole('link', { name: 'Shot list', exact: true }).click();
  const above = page.getByRole('region', { name: 'From above' });
  await expect(above.getByText('into the neck')).toBeVisible();
  await expect(
    above.getByText(/have nothing|Nobody of the crew is free|has nothing/),
  ).toBeVisible();
  await pick(above.getByRole('combobox', { name: 'Who films, from above' }), 'Ines');
  await expect(above.getByText(/△ Ines is at work then: Pour the yeast in/)).toBeVisible();
  await pick(above.getByRole('combobox', { name: 'Who films, from above' }), 'On a stand');
  await expect(above.getByText(/△/)).toHaveCount(0);
  await takesPdf(page, 'Print it (PDF)');
});

test('whoever films sees on their phone what is in the picture now', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/shots');
  await pick(page.getByRole('combobox', { name: 'Who films, close' }), 'Jo');
  await expect(saved(page)).toBeVisible();
  await rehearseFrom(page, demo.url, /Foam fountain/);
  const phone = await phoneOf(page, demo.url, 'Jo');
  const mine = phone.getByRole('region', { name: 'You film' });
  await expect(mine).toContainText('You film now, close');
  await expect(mine).toContainText('the labels of the two cups');
});
