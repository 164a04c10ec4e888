/** The server and the plan command as programs: started, refused, killed. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { season } from '../season/season';
import type { StoreAnswer } from '../contract/api';
import type { Suggestion } from '../core/lineup/order/suggest';
import type { Ending, Outlook } from '../core/lineup/outlook';
import { timelineOf } from '../core/lineup/timelineOf';
import type { RunEvent } from '../core/stage/types';
import { localInstant, todayHere } from './instant';
import { Visitor } from './testing/hall';
import { killed } from './testing/killing';

const ROOT = join(import.meta.dirname, '..');
const PROGRAMS = join(ROOT, 'test-results', 'programs');
const SERVER = join(PROGRAMS, 'main.js');
const PLAN = join(PROGRAMS, 'plan.js');

let folder: string;
const running: ChildProcess[] = [];
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hearty-'));
});
afterEach(() => {
  for (const child of running.splice(0)) child.kill('SIGKILL');
  rmSync(folder, { recursive: true, force: true });
});

/** Without the test runner's own options, which would confuse the program. */
const environment = (more: NodeJS.ProcessEnv): NodeJS.ProcessEnv => ({
  ...process.env,
  NODE_OPTIONS: '',
  HOST: '',
  PORT: '',
  ...more,
});

function start(mode: 'demo' | 'own', data: string): Promise<{ url: string; child: ChildProcess }> {
  const child = spawn(process.execPath, [SERVER, mode], {
    cwd: ROOT,
    env: environment({ PORT: '0', HEARTY_DATA: data }),
  });
  running.push(child);
  return new Promise((resolve, reject) => {
    let said = '';
    child.stdout.on('data', (chunk) => {
      said += String(chunk);
      const url = /http:\/\/127\.0\.0\.1:\d+/.exec(said)?.[0];
      if (url) resolve({ url, child });
    });
    child.on('exit', () => reject(new Error(`The server did not start: ${said}`)));
  });
}

const refusedStart = (env: NodeJS.ProcessEnv): { status: number | null; words: string } => {
  const { status, stderr } = spawnSync(process.execPath, [SERVER, 'own'], {
    cwd: ROOT,
    env: environment({ HEARTY_DATA: join(folder, 'own.sqlite'), ...env }),
    encoding: 'utf8',
  });
  return { status, words: stderr };
};

async function json<T>(url: string, body?: unknown): Promise<T> {
  const answer = await fetch(url, {
    method: body === undefined ? 'GET' : 'POST',
    headers: { 'Content-Type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  expect(answer.ok).toBe(true);
  return (await answer.json()) as T;
}

describe('the server', () => {
  test('killed in the middle of a run, it has lost no event it had acknowledged', async () => {
    const data = join(folder, 'demo.sqlite');
    const first = await start('demo', data);
    await json(`${first.url}/api/shows/harbour-light-festival/runs`, {
      id: 'r',
      kind: 'rehearsal',
    });
    const acknowledged: string[] = [];
    const press = async (i: number): Promise<void> => {
      const event: RunEvent = {
        id: `e${i}`,
        at: i,
        kind: i === 0 ? 'start' : 'note',
        by: 'ines',
        slot: null,
        step: null,
        go: null,
        cause: null,
        outcome: null,
        text: `press ${i}`,
        value: null,
        onMove: null,
        device: null,
      };
      await json(`${first.url}/api/runs/r/events`, { events: [event], sentAt: i, known: i });
      acknowledged.push(event.id);
    };
    for (let i = 0; i < 25; i++) await press(i);
    const inFlight = press(25).catch(() => undefined);
    first.child.kill('SIGKILL');
    await Promise.all([once(first.child, 'exit'), inFlight]);

    const second = await start('demo', data);
    const run = await json<{ events: RunEvent[] }>(`${second.url}/api/runs/r`);
    const stored = run.events.map((event) => event.id);
    expect(stored.slice(0, acknowledged.length)).toEqual(acknowledged);
    expect(acknowledged.length).toBeGreaterThanOrEqual(25);
    expect(await json<unknown[]>(`${second.url}/api/shows`)).toHaveLength(5);
  });

  test('killed again and again with five devices pressing: nothing lost, doubled or out of order', async () => {
    const data = join(folder, 'kills.sqlite');
    const came = await killed({ program: SERVER, root: ROOT, data, kills: 4, seed: 1 });
    expect(came).toMatchObject({ lost: 0, doubled: 0, disordered: 0, missing: 0 });
    expect(came.acknowledged).toBeGreaterThan(20);
  });

  test('shared from the start, it says where and by which code; over TLS with --https', async () => {
    const shared = (args: string[]): Promise<{ origin: string; code: string }> => {
      const child = spawn(process.execPath, [SERVER, 'own', ...args], {
        cwd: ROOT,
        env: environment({
          PORT: '0',
          HTTPS_PORT: '0',
          HEARTY_DATA: join(folder, args.join(''), 'own.sqlite'),
          HEARTY_ADDRESSES: '127.0.0.3',
        }),
      });
      running.push(child);
      return new Promise((resolve, reject) => {
        let said = '';
        child.stdout.on('data', (chunk) => {
          said += String(chunk);
          const [, origin, code] = /Shared at (\S+), code (\w{6})/.exec(said) ?? [];
          if (origin && code) resolve({ origin, code });
        });
        child.on('exit', () => reject(new Error(`The server did not start: ${said}`)));
      });
    };
    const plain = await shared(['--share']);
    expect(plain.origin).toMatch(/^http:\/\/127\.0\.0\.3:\d+$/);
    expect((await fetch(`${plain.origin}/api/shows`)).status).toBe(401);
    const phone = new Visitor(plain.origin);
    expect((await phone.join(plain.code)).status).toBe(201);
    const secure = await shared(['--share', '--https']);
    expect(secure.origin).toMatch(/^https:/);
    await expect(fetch(secure.origin)).rejects.toThrow();
  });

  test('on a person’s own data it begins empty', async () => {
    const { url } = await start('own', join(folder, 'own.sqlite'));
    expect(await json<unknown[]>(`${url}/api/shows`)).toEqual([]);
    expect(await json(`${url}/api/health`)).toMatchObject({ ok: true, demo: false });
  });

  test('what takes long is answered by a thread of its own, of what is stored now', async () => {
    const { url } = await start('demo', join(folder, 'threads.sqlite'));
    const get = async <T>(path: string): Promise<T> =>
      (await (await fetch(`${url}/api${path}`)).json()) as T;
    const lots = (): Promise<{ id: string; stock: number; version: number }[]> =>
      get('/lots?item=yeast');
    const stored = async (): Promise<string | undefined> =>
      (await get<StoreAnswer>(`/store?find=yeast&shown=all&day=${todayHere()}&system=metric`))
        .lines[0]?.text;
    const before = await stored();
    const [first] = await lots();
    const path = `${url}/api/lots/${first?.id}/count`;
    const count = (unit: string) => json<{ stock: number }>(path, { amount: 1, unit, note: '' });
    const counted = await count('g').catch(() => count('piece'));
    expect(counted.stock).not.toBe(first?.stock);
    expect((await lots()).find((lot) => lot.id === first?.id)?.stock).toBe(counted.stock);
    expect((await get<{ lines: unknown[] }>('/shopping')).lines.length).toBeGreaterThan(0);
    expect(before).not.toBeUndefined();
    expect(await stored()).not.toBe(before);
    expect((await get<unknown[]>('/items')).length).toBeGreaterThan(50);
    const refused = await fetch(`${url}/api/shows/none/stock`);
    expect(refused.status).toBe(404);
  });

  test('a taken port is said, with a way out', async () => {
    const holder = createServer().listen(0, '127.0.0.1');
    await once(holder, 'listening');
    const { port } = holder.address() as { port: number };
    const { status, words } = refusedStart({ PORT: String(port) });
    holder.close();
    expect(status).toBe(1);
    expect(words).toContain(`Port ${port} is taken`);
  });

  test.each([
    [{ HOST: '0.0.0.0' }, 'others on the network'],
    [{ PORT: 'eighty' }, 'must be a whole number'],
    [{ PORT: '70000' }, 'must be a whole number'],
  ])('%j is refused with a sentence', (env, expected) => {
    const { status, words } = refusedStart(env);
    expect(status).toBe(1);
    expect(words).toContain(expected);
    expect(words.trim().split('\n')).toHaveLength(1);
  });

  test('a damaged data file is refused with a sentence', () => {
    const data = join(folder, 'own.sqlite');
    writeFileSync(data, 'not a database at all');
    const { status, words } = refusedStart({});
    expect(status).toBe(1);
    expect(words).toContain('It was left as it is');
  });
});

describe('the plan command', () => {
  const plan = (...args: string[]) =>
    spawnSync(process.execPath, [PLAN, ...args], {
      cwd: ROOT,
      env: environment({}),
      encoding: 'utf8',
    });
  const festival = season('2027-05-30', 'Etc/UTC', localInstant)[2];
  if (!festival) throw new Error('the season has no festival');

  test('prints what the core computes, as one JSON object', () => {
    const file = join(folder, 'festival.show.json');
    writeFileSync(file, JSON.stringify(festival));
    const { status, stdout } = plan(file);
    expect(status).toBe(0);
    const printed = JSON.parse(stdout) as {
      timeline: { end: number; tasks: { person: string | null; position: string | null }[] };
      kit: { name: string }[];
    };
    const expected = timelineOf(festival);
    expect(printed.timeline).toMatchObject({
      end: expected.end,
      deadAir: expected.deadAir,
      blocks: expected.blocks,
      gaps: expected.gaps,
    });
    expect(printed.timeline.tasks).toHaveLength(expected.tasks.length);
    expect(printed.timeline.tasks.every((t) => t.person === null || t.person.length > 0)).toBe(
      true,
    );
    expect(printed.kit.map((entry) => entry.name)).toContain('Liquid nitrogen');
  });

  test('says when it ends, as the pages do: by the forecast, held against the share that is asked for', () => {
    const file = join(folder, 'ends.show.json');
    writeFileSync(file, JSON.stringify(festival));
    const outlookOf = (...args: string[]): Outlook & { words: Ending } => {
      const { status, stdout, stderr } = plan(file, ...args);
      expect([status, stderr]).toEqual([0, '']);
      return (JSON.parse(stdout) as { outlook: Outlook & { words: Ending } }).outlook;
    };
    const usual = outlookOf();
    const surer = outlookOf('--sure', '19of20');
    expect(usual.written).toBe(timelineOf(festival).end);
    expect(usual.about).toBeLessThan(usual.by);
    expect(surer).toMatchObject({ about: usual.about, share: 0.95 });
    expect(surer.by).toBeGreaterThan(usual.by);
    expect(usual.words.headline).toMatch(/^Ends about 14:\d\d$/);
    expect(surer.words.by).toMatch(/ in 19 of 20$/);
  });

  test('with --seconds it gives the best it has by then', () => {
    const file = join(folder, 'short.show.json');
    writeFileSync(file, JSON.stringify(festival));
    const { status, stdout } = plan(file, '--order', '--seconds', '0.05');
    expect(status).toBe(0);
    const { order, timeline } = JSON.parse(stdout) as {
      order: Suggestion;
      timeline: { blocks: object[] };
    };
    expect(timeline.blocks).toHaveLength(festival.show.slots.length);
    expect([...order.slots].sort()).toEqual(festival.show.slots.map(({ id }) => id).sort());
    expect(order.proven).toBe(false);
  });

  test.each([
    [['--sure', '7of9'], /--sure must be one of: 8of10, 9of10, 19of20/],
    [['--seconds', '0'], /--seconds must be more than 0/],
    [['--seconds', 'soon'], /--seconds must be more than 0/],
  ])('%j is refused in words', (args, words) => {
    const file = join(folder, 'refused.show.json');
    writeFileSync(file, JSON.stringify(festival));
    const { status, stderr } = plan(file, ...args);
    expect(status).toBe(2);
    expect(stderr).toMatch(words);
  });

  test('with --order, a better running order and what it is better for, the same each time', () => {
    const file = join(folder, 'order.show.json');
    // All nine take twenty seconds, twice.
    const show = { ...festival.show, slots: festival.show.slots.slice(0, 7) };
    writeFileSync(file, JSON.stringify({ ...festival, show }));
    // Given time enough, however busy the machine, it is searched to its end: then it is the same each time.
    const asked = ['--order', '--seed', '3', '--seconds', '400'];
    const first = plan(file, ...asked);
    expect(first.status).toBe(0);
    const { order, timeline } = JSON.parse(first.stdout) as {
      order: Suggestion;
      timeline: { deadAir: number; gaps: { fixes: { gain: number; words: string }[] }[] };
    };
    expect([...order.slots].sort()).toEqual(show.slots.map((slot) => slot.id).sort());
    expect(order.before.deadAir).toBe(timeline.deadAir);
    expect(order).toMatchObject({ proven: true, objective: { deadAir: 0 } });
    expect(order.reasons.length).toBeGreaterThan(0);
    expect(timeline.gaps[0]?.fixes[0]?.gain).toBeGreaterThan(0);
    expect(plan(file, ...asked).stdout).toBe(first.stdout);
  }, 900_000);

  test('exit 2 and the faults for a file that can’t be read or is not valid', () => {
    const bad = join(folder, 'bad.json');
    writeFileSync(bad, JSON.stringify({ ...festival, show: { ...festival.show, start: 'noon' } }));
    const invalid = plan(bad);
    expect(invalid.status).toBe(2);
    expect(invalid.stdout).toBe('');
    expect(invalid.stderr).toContain('show.start must be a time');
    expect(plan(join(folder, 'none.json'))).toMatchObject({ status: 2 });
    expect(plan(folder).stderr).toContain('is a folder');
    expect(plan().stderr).toContain('Usage: npm run plan -- FILE');
    for (const wrong of [['a', 'b'], ['a', '--arc', 'up'], ['a', '--seed', 'x'], ['--bogus']])
      expect(plan(...wrong)).toMatchObject({ status: 2, stdout: '' });
  });
});
