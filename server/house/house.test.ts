/** Bad days of a data file: in use elsewhere, its log lost, deleted, full; and going back to a backup. */
import { copyFileSync, existsSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import type { BackupsAnswer } from '../../contract/house';
import { migrate, openDatabase } from '../db/open';
import { RoomSensor } from '../ready/sensor';
import Database from 'better-sqlite3';
import { Share } from '../share/share';
import { House } from './house';

let folder: string;
let file: string;
let house: House | null;
let shift: number;

const open = (): House =>
  new House({
    file,
    pages: null,
    demo: false,
    sensor: new RoomSensor('http://127.0.0.1:1/'),
    share: new Share({ file: ':memory:' }),
    now: () => Date.now() + shift,
  });
const api = () => request(house!.answerOwn);
const person = (id: string, name = 'Ines') => ({
  id,
  name,
  role: '',
  competences: [],
  heartDevice: 'unknown' as const,
  wordsPerMinute: null,
  mayWaive: false,
  note: '',
});
const add = (id: string) => api().post('/api/people').send(person(id));
const people = async (): Promise<string[]> =>
  ((await api().get('/api/people').expect(200)).body as { id: string }[]).map((one) => one.id);
const backups = async (): Promise<BackupsAnswer['backups']> =>
  ((await api().get('/api/backups').expect(200)).body as BackupsAnswer).backups;

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hearty-house-'));
  file = join(folder, 'data.sqlite');
  shift = 0;
  house = open();
});
afterEach(async () => {
  await house?.close();
  rmSync(folder, { recursive: true, force: true });
});

describe('a data file', () => {
  test('that another server has open is told of, and nothing of it is touched', async () => {
    expect(() => open()).toThrow('in use, perhaps by a Hearty Stage that is running already');
    await add('ines').expect(201);
    expect(await people()).toEqual(['ines']);
  });

  test('whose log is lost after it was filled has lost nothing of what was filled in', async () => {
    await house?.close();
    house = new House({
      file: join(folder, 'filled.sqlite'),
      pages: null,
      demo: false,
      sensor: new RoomSensor('http://127.0.0.1:1/'),
      share: new Share({ file: ':memory:' }),
      fill: (context) => void context.people.add(person('filled')),
    });
    // What is on the disk now, without the log that a running server keeps beside it.
    copyFileSync(join(folder, 'filled.sqlite'), file);
    rmSync(`${file}-wal`, { force: true });
    await house.close();
    house = open();
    expect(house.context.people.list().map((one) => one.id)).toEqual(['filled']);
  });

  test('that holds nothing because its log is lost is told of, not begun afresh', async () => {
    await house?.close();
    house = null;
    const bare = new Database(join(folder, 'bare.sqlite'));
    bare.pragma('journal_mode = WAL');
    migrate(bare);
    copyFileSync(join(folder, 'bare.sqlite'), file);
    bare.close();
    rmSync(`${file}-wal`, { force: true });
    expect(() => openDatabase(file)).toThrow('the log beside it');
  });

  test('that is deleted under the running server is told of with every write, and reads go on', async () => {
    await add('ines').expect(201);
    rmSync(file);
    const answer = await add('jo').expect(503);
    expect(answer.body).toMatchObject({ error: { code: 'file_gone' } });
    expect(await people()).toEqual(['ines']);
  });

  test.each([
    ['SQLITE_FULL', 'disk_full', 'Make room'],
    ['SQLITE_READONLY', 'read_only', 'right to write'],
    ['SQLITE_BUSY', 'locked', 'Another program'],
    ['SQLITE_IOERR_WRITE', 'disk_trouble', 'Look at the disk'],
    ['SQLITE_CORRUPT', 'damaged', 'restore a backup'],
  ])('%s is told with its cause and what to do', async (code, name, words) => {
    const { context } = house!;
    const real = context.people.add.bind(context.people);
    context.people.add = () => {
      throw Object.assign(new Error('the words of the library'), { code });
    };
    const answer = await add('ines').expect(503);
    expect(answer.body).toMatchObject({ error: { code: name } });
    expect((answer.body as { error: { message: string } }).error.message).toContain(words);
    context.people.add = real;
  });

  test('that is really full says so, and stores again once there is room', async () => {
    const { db } = house!.context;
    const pages = db.pragma('page_count', { simple: true }) as number;
    db.pragma(`max_page_count = ${pages}`);
    const long = { ...person('ines'), note: 'x'.repeat(400) };
    let status = 201;
    for (let i = 0; i < 400 && status === 201; i++)
      status = (
        await api()
          .post('/api/people')
          .send({ ...long, id: `p${i}` })
      ).status;
    expect(status).toBe(503);
    db.pragma('max_page_count = 1000000');
    await add('after').expect(201);
  });
});

describe('backups', () => {
  test('one is made, told of, and read back whole', async () => {
    await add('ines').expect(201);
    await api().post('/api/backups').expect(201);
    const [one] = await backups();
    expect(one).toMatchObject({ reason: 'made' });
    const got = await api()
      .get(`/api/backups/${one?.name}`)
      .buffer(true)
      .parse((res, done) => {
        const parts: Buffer[] = [];
        res.on('data', (part: Buffer) => parts.push(part));
        res.on('end', () => done(null, Buffer.concat(parts)));
      });
    writeFileSync(join(folder, 'got.sqlite'), got.body as Buffer);
    const copy = new Database(join(folder, 'got.sqlite'), { readonly: true });
    expect(copy.prepare('SELECT id FROM person').pluck().all()).toEqual(['ines']);
    copy.close();
  });

  test('one is restored; what was there before is kept first, and can be gone back to', async () => {
    await add('ines').expect(201);
    await api().post('/api/backups').expect(201);
    const [made] = await backups();
    await add('jo').expect(201);
    const known = house!.context.log.epoch;
    await api().post(`/api/backups/${made?.name}/restore`).expect(200);
    expect(await people()).toEqual(['ines']);
    expect(house!.context.log.epoch).not.toBe(known);
    await add('mara').expect(201);
    const before = (await backups()).find((one) => one.reason === 'before-restore');
    await api().post(`/api/backups/${before?.name}/restore`).expect(200);
    expect(await people()).toEqual(['ines', 'jo']);
  });

  test('one that is damaged is refused, and everything stays as it is', async () => {
    await add('ines').expect(201);
    await api().post('/api/backups').expect(201);
    const [made] = await backups();
    writeFileSync(join(folder, 'backups', made!.name), 'not a data file at all, only words');
    const answer = await api().post(`/api/backups/${made?.name}/restore`).expect(422);
    expect((answer.body as { error: { message: string } }).error.message).toContain('damaged');
    expect(await people()).toEqual(['ines']);
  });

  test('none is reached outside of its folder', async () => {
    for (const name of ['..%2Fdata.sqlite', 'data.sqlite', '%2Fetc%2Fpasswd'])
      await api().get(`/api/backups/${name}`).expect(404);
  });

  test('a daily one is made once a day while something changes, and so many are kept', async () => {
    const daily = async (): Promise<number> =>
      (await backups()).filter((one) => one.reason === 'daily').length;
    await house!.dailyBackup();
    await house!.dailyBackup();
    expect(await daily()).toBe(1);
    shift += 25 * 3600 * 1000;
    await house!.dailyBackup();
    expect(await daily()).toBe(1);
    for (let day = 0; day < 18; day++) {
      await add(`p${day}`).expect(201);
      shift += 25 * 3600 * 1000;
      await house!.dailyBackup();
    }
    expect(await daily()).toBe(14);
    expect(readdirSync(join(folder, 'backups')).some((name) => name.endsWith('.part'))).toBe(false);
  });

  test('one is made before a file of an earlier version is brought up to date', async () => {
    await house?.close();
    rmSync(file);
    const early = new Database(file);
    early.pragma('journal_mode = WAL');
    migrate(early, 5);
    early.close();
    house = open();
    const [one] = await backups();
    expect(one).toMatchObject({ reason: 'before-update' });
    const copy = new Database(join(folder, 'backups', one!.name), { readonly: true });
    expect(copy.pragma('user_version', { simple: true })).toBe(5);
    copy.close();
    expect(existsSync(`${file}.before`)).toBe(false);
  });
});
