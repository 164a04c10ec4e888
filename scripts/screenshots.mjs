/** Pictures of the main views from the demo data, for the README: `npm run screenshots [name …]`. */
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import Database from 'better-sqlite3';
import { buildIfStale } from './build.mjs';
import { CHROMIUM } from './chromium.mjs';

const root = join(import.meta.dirname, '..');
const out = process.env.SHOTS ?? join(root, 'docs', 'screenshots');
const only = process.argv.slice(2);
await buildIfStale();
const folder = mkdtempSync(join(tmpdir(), 'hearty-shots-'));
const server = spawn(process.execPath, [join(root, 'dist', 'server', 'main.js'), 'demo'], {
  cwd: root,
  env: {
    ...process.env,
    PORT: '0',
    HEARTY_DATA: join(folder, 'demo.sqlite'),
    NODE_ENV: 'production',
  },
});
const url = await new Promise((resolve) => {
  server.stdout.on('data', (chunk) => {
    const found = /http:\S+/.exec(String(chunk));
    if (found) resolve(found[0]);
  });
});
const browser = await chromium.launch(CHROMIUM);
const SHOW = '/shows/harbour-light-festival';
const wide = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };
const beamer = { width: 1280, height: 720 };

const MINUTE = 60_000;

/** Moves the show so that it began 25 minutes ago: whatever the hour, the picture shows one on its way. */
async function beginEarlier(page) {
  const address = `${url}/api${SHOW}`;
  const show = await (await page.request.get(address)).json();
  const minutes = (clock) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
  const begun = Math.floor((Date.now() - 25 * MINUTE) / MINUTE) % 1440;
  const by = begun - minutes(show.start);
  const moved = (clock) => {
    const at = (minutes(clock) + by + 1440) % 1440;
    return `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`;
  };
  const times = ['arrival', 'doors', 'start', 'hardFinish'].map((name) => [
    name,
    moved(show[name]),
  ]);
  await page.request.put(address, { data: { ...show, ...Object.fromEntries(times) } });
}

const NOTHING = {
  by: 'ines',
  slot: null,
  step: null,
  go: null,
  cause: null,
  outcome: null,
  text: null,
  value: null,
  onMove: null,
  device: null,
};

async function rehearse(page) {
  await beginEarlier(page);
  const post = (path, body) =>
    page.request.post(`${url}/api${path}`, { data: body }).then((answer) => answer.json());
  const run = await post(`${SHOW}/runs`, { id: `shot-${Date.now()}`, kind: 'rehearsal' });
  // No press is taken for earlier than its run: this one has begun a while ago.
  const db = new Database(join(folder, 'demo.sqlite'));
  db.prepare('UPDATE run SET created_at = created_at - 3600000 WHERE id = ?').run(run.id);
  db.close();
  const start = Math.floor((Date.now() - 25 * MINUTE) / MINUTE) * MINUTE;
  const done = (slot, step, at) => ({
    ...NOTHING,
    id: `${slot.id}${step.task}`,
    at,
    kind: 'done',
    slot: slot.id,
    step: step.task,
    go: 1,
  });
  const events = [{ ...NOTHING, id: 's', at: start, kind: 'start' }];
  let at = start;
  for (const slot of run.plan.slots.slice(0, 5))
    for (const step of slot.steps) {
      at += step.seconds * 1050;
      events.push(done(slot, step, at));
    }
  // The can: its first step is done, the gear for the second is on, and the steam was seen.
  const can = run.plan.slots[5];
  const [first, second] = can.steps;
  events.push(
    done(can, first, Date.now() - 50_000),
    { ...done(can, second, Date.now() - 49_000), id: 'gear', kind: 'part', text: 'gear' },
    { ...done(can, second, Date.now() - 48_000), id: 'sign', kind: 'sign' },
  );
  await post(`/runs/${run.id}/events`, { events, sentAt: Date.now(), known: 0 });
  await page.goto(`${url}${SHOW}/on-stage?run=${run.id}`);
  // It is behind: what to leave out is worked out after all else.
  await page.getByRole('button', { name: /^Leave out/ }).waitFor();
}

/** Half packed, by two people. */
async function pack(page) {
  const marks = [
    ['earth-rod.count', 'jo', 1, 1],
    ['foil-dishes.count', 'jo', 5, 8],
    ['copper-pipe.count', 'ines', 1, 1],
    ['magnet.count', 'ines', 1, 1],
  ];
  const put = (kind, key, by, amount = null, of = null) =>
    page.request.put(`${url}/api${SHOW}/packing/${kind}/${key}`, { data: { by, amount, of } });
  for (const mark of marks) await put('packed', ...mark);
  await put('tested', 'magnet.count', 'ines');
  await page.goto(`${url}${SHOW}/pack?box=box-spark`);
}

/** The run that the stage's picture has left, gone on with by whoever asks. */
async function pressed(page, ...events) {
  const runs = await (await page.request.get(`${url}/api${SHOW}/runs`)).json();
  const id = runs.at(-1).id;
  await page.request.post(`${url}/api/runs/${id}/events`, {
    data: {
      events: events.map((event, i) => ({
        ...NOTHING,
        ...event,
        id: `picture-${Date.now()}-${i}`,
        at: Date.now(),
      })),
      sentAt: Date.now(),
      known: 0,
    },
  });
}

/** A helper's own work, in the same show. */
async function helper(page) {
  await page.goto(`${url}${SHOW}/crew`);
  await page.getByRole('region', { name: 'In the background' }).waitFor();
}

/** The question before the foam, with hands. */
async function audience(page) {
  const hands = [12, 47, 31].map((value, i) => ({
    kind: 'tally',
    slot: 'slot-foam-fountain',
    text: String(i),
    value,
  }));
  await pressed(page, { kind: 'goTo', slot: 'slot-foam-fountain' });
  await pressed(page, { kind: 'screen', text: 'question', value: 30 }, ...hands);
  await page.goto(`${url}/screen${SHOW.replace('/shows', '')}`);
  await page.getByText('hands up').waitFor();
}

/** A person, once it is reckoned how long things take them. */
async function paced(page) {
  await page.goto(`${url}/people?open=ines`);
  await page.getByText('How long it takes them').waitFor();
}

/** With what fits the next show, and when that will end. */
async function fitting(page) {
  await page.goto(`${url}/demos`);
  await page.getByText(/^Ends about \d/).waitFor();
  await page.getByRole('heading', { name: /^\d+ fit$/ }).waitFor();
}

const SHOTS = [
  ['today', '/', wide],
  ['line-up', `${SHOW}/line-up`, wide],
  ['brief', `${SHOW}/brief`, wide],
  ['kit', `${SHOW}/kit`, wide],
  ['ready', '/shows/little-hollin-evening/ready', wide],
  ['after', '/shows/hollin-school-morning/after', wide],
  ['demos', fitting, wide],
  ['demo', '/demos/foam-fountain', wide],
  ['shows', '/shows', wide],
  ['store', '/store', wide],
  ['venue', '/venues?open=boat-shed', wide],
  ['people', paced, wide],
  ['pack-phone', pack, phone],
  ['bench', '/bench/calculators/will-it-light', wide],
  ['trial', '/bench/trials/foam-yeast/answer', wide],
  // Last: a rehearsal counts in the record of what is shown above.
  ['on-stage', rehearse, wide],
  ['on-stage-phone', rehearse, phone],
  ['crew-phone', helper, phone],
  ['audience', audience, beamer],
];
for (const [name, where, viewport] of SHOTS) {
  if (only.length > 0 && !only.includes(name)) continue;
  const context = await browser.newContext({ viewport, serviceWorkers: 'block' });
  await context.addInitScript(
    (state) => localStorage.setItem('hearty-stage-preferences', state),
    JSON.stringify({
      state: { mode: 'day', me: name === 'crew-phone' ? 'jo' : 'ines' },
      version: 0,
    }),
  );
  const page = await context.newPage();
  page.on('pageerror', (error) => console.error(name, error.message));
  page.on('console', (m) => m.type() === 'error' && console.error(name, m.text()));
  if (typeof where === 'function') await where(page);
  else await page.goto(url + where);
  await page.locator('main h1, main h2').first().waitFor();
  await page.waitForFunction(() => document.querySelector('[aria-busy]') === null);
  await page.evaluate(() => document.fonts.ready);
  // What would mend the dead air is worked out beside the page: two moves for one gap, then the other's.
  if (name.startsWith('line-up'))
    await page
      .getByText(/^Move /)
      .nth(2)
      .waitFor();
  // So is when a show will end, of each that is told of.
  const ends = { today: 3, shows: 3, 'on-stage': 1, 'on-stage-phone': 1 }[name] ?? 0;
  if (ends > 0)
    await page
      .getByText(/by \d\d:\d\d in 9 of 10/)
      .nth(ends - 1)
      .waitFor();
  if (name === 'trial') await page.getByText('Dried yeast', { exact: true }).waitFor();
  await page.screenshot({ path: join(out, `${name}.png`) });
  await context.close();
}
await browser.close();
server.kill();
rmSync(folder, { recursive: true, force: true });
