/** Photos with checks: taken, shown, refused, removed and brought back. */
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import request from 'supertest';
import type { CheckPhoto, ShowAnswer } from '../../contract/api';
import { testServer, type TestServer } from '../testing/serve';
import { afterKey } from '../../core/after/photoKey';
import { PHOTO_LIMIT, PHOTOS_MOST } from './photos';

const EVENING = '/api/shows/little-hollin-evening';
/** Checks of that show. */
const CHECK = 'test:hot-plate';
const OTHER = 'test:tongs';
let server: TestServer;
beforeEach(() => {
  server = testServer();
});
afterEach(() => server.close());

const api = () => request(server.app);

/** The head of a PNG, and so many bytes behind it. */
const png = (more = 20): Buffer =>
  Buffer.concat([Buffer.from('89504e470d0a1a0a', 'hex'), Buffer.alloc(more, 7)]);
const jpeg = Buffer.from('ffd8ffe000104a46494600', 'hex');

const send = (bytes: Buffer, type = 'image/jpeg', query: object = { key: CHECK }) =>
  api().post(`${EVENING}/photos`).query(query).set('content-type', type).send(bytes);

const photos = async (): Promise<CheckPhoto[]> =>
  ((await api().get(`${EVENING}/all`).expect(200)).body as ShowAnswer).photos;

test('kept with the check, byte for byte, as what it is', async () => {
  expect(await photos()).toEqual([]);
  // Sent as one kind and of another: the bytes decide.
  const added = await send(png(), 'image/jpeg', { key: CHECK, by: 'mara' }).expect(201);
  const [photo] = added.body as CheckPhoto[];
  expect(photo).toMatchObject({ key: CHECK, by: 'mara' });
  expect(await photos()).toEqual([photo]);
  const read = await api().get(`${EVENING}/photos/${photo?.id}`).expect(200);
  expect(read.headers['content-type']).toBe('image/png');
  expect(read.headers['cache-control']).toBe('private, no-cache');
  expect((read.body as Buffer).equals(png())).toBe(true);
  // Of another show it is not.
  await api().get(`/api/shows/harbour-light/photos/${photo?.id}`).expect(404);
});

test('removed it is out of sight, and can be brought back', async () => {
  const [photo] = (await send(jpeg).expect(201)).body as CheckPhoto[];
  const path = `${EVENING}/photos/${photo?.id}`;
  expect((await api().delete(path).expect(200)).body).toEqual([]);
  await api().get(path).expect(404);
  expect((await api().post(`${path}/restore`).expect(200)).body).toEqual([photo]);
  await api().delete(`${EVENING}/photos/none`).expect(404);
});

test('removed for longer than anybody undoes it, it is gone from the file', async () => {
  const [photo] = (await send(jpeg).expect(201)).body as CheckPhoto[];
  await api().delete(`${EVENING}/photos/${photo?.id}`).expect(200);
  const { db, photos: store } = server.context;
  store.purge();
  expect(db.prepare('SELECT count(*) FROM check_photo').pluck().get()).toBe(1);
  db.prepare('UPDATE check_photo SET removed_at = removed_at - 3600000').run();
  store.purge();
  expect(db.prepare('SELECT count(*) FROM check_photo').pluck().get()).toBe(0);
});

test.each([
  ['words', Buffer.from('<svg onload="alert(1)"/>'), 'image/png', 422, 'That is no picture'],
  ['nothing', Buffer.alloc(0), 'image/png', 422, 'That is no picture'],
  ['another kind of body', png(), 'image/svg+xml', 422, 'That is no picture'],
  ['too much', png(PHOTO_LIMIT), 'image/png', 413, 'at most 3 MB'],
])('%s is refused in words', async (_what, bytes, type, status, words) => {
  const answer = await send(bytes, type).expect(status);
  expect((answer.body as { error: { message: string } }).error.message).toContain(words);
  expect(await photos()).toEqual([]);
});

test('without a check, or for a show that is not there, it is refused', async () => {
  await send(jpeg, 'image/jpeg', {}).expect(422);
  await send(jpeg, 'image/jpeg', { key: 'test:nothing' }).expect(404);
  await api()
    .post('/api/shows/none/photos?key=x')
    .set('content-type', 'image/jpeg')
    .send(jpeg)
    .expect(404);
});

test('a check has only so many; a removed one makes room', async () => {
  for (let i = 0; i < PHOTOS_MOST; i++) await send(jpeg).expect(201);
  await send(jpeg).expect(409);
  await send(jpeg, 'image/jpeg', { key: OTHER }).expect(201);
  const [first] = await photos();
  await api().delete(`${EVENING}/photos/${first?.id}`).expect(200);
  await send(jpeg).expect(201);
});

test('somebody who was never there is nobody', async () => {
  const added = await send(jpeg, 'image/jpeg', { key: CHECK, by: 'stranger' }).expect(201);
  expect((added.body as CheckPhoto[])[0]?.by).toBeNull();
});

test('of how the show went, and of a demonstration of it; not of what is not in it', async () => {
  const { show } = (await api().get(`${EVENING}/all`).expect(200)).body as ShowAnswer;
  const [slot] = show.slots;
  await send(jpeg, 'image/jpeg', { key: afterKey(null) }).expect(201);
  await send(jpeg, 'image/jpeg', { key: afterKey(slot?.id ?? '') }).expect(201);
  await send(jpeg, 'image/jpeg', { key: afterKey('slot-of-none') }).expect(404);
  expect((await photos()).map(({ key }) => key).sort()).toEqual(
    [afterKey(null), afterKey(slot?.id ?? '')].sort(),
  );
});
