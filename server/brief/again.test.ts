/** A show on further days, a tour, and running orders kept to begin from. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import type { AgainAnswer, Template, TourAnswer } from '../../contract/again';
import type { ShowSummary, Versioned } from '../../contract/api';
import { templateOf } from '../../core/brief/copy';
import type { Show } from '../../core/brief/types';
import { type TestServer, testServer } from '../testing/serve';

let server: TestServer;
const FESTIVAL = 'harbour-light-festival';
beforeEach(() => {
  server = testServer(true);
});
afterEach(() => server.close());

const get = async <T>(path: string): Promise<T> =>
  (await request(server.app).get(`/api/${path}`).expect(200)).body as T;
const STOP = { title: '', date: '2031-06-01', start: null, venue: '' };
const again = (more: object, path = `shows/${FESTIVAL}`) =>
  request(server.app)
    .post(`/api/${path}/again`)
    .send({ withCrew: true, tour: '', stops: [STOP], ...more });
const made = async (more: object, path?: string): Promise<Versioned<Show>[]> => {
  const { shows } = (await again(more, path).expect(201)).body as AgainAnswer;
  return Promise.all(shows.map(({ id }) => get<Versioned<Show>>(`shows/${id}`)));
};

test('once more with the crew, and without it', async () => {
  const first = await get<Versioned<Show>>(`shows/${FESTIVAL}`);
  const stop = { ...STOP, venue: ' boat shed' };
  const [withThem] = await made({ stops: [stop] });
  expect(withThem).toMatchObject({
    title: first.title,
    date: STOP.date,
    venueId: first.venueId,
    crew: first.crew,
    slots: first.slots,
    agreed: false,
  });
  const [alone] = await made({ withCrew: false, stops: [stop] });
  // There is one of that name on the day already.
  expect(alone).toMatchObject({ title: `${first.title} (2)`, crew: [] });
  expect(alone?.slots.every(({ performerId }) => performerId === null)).toBe(true);
  expect(await get(`shows/${FESTIVAL}`)).toEqual(first);
});

describe('a tour', () => {
  test('all of it has its name, each stop its place and hour; the kit is over all of it', async () => {
    const shows = await made({
      tour: 'Northern islands',
      stops: [
        { ...STOP, venue: 'Boat Shed', start: '11:00' },
        { ...STOP, date: '2031-06-02', venue: 'Skerry chapel', start: '19:30' },
      ],
    });
    expect(shows.map(({ tour, start }) => [tour, start])).toEqual([
      ['Northern islands', '11:00'],
      ['Northern islands', '19:30'],
    ]);
    const first = await get<Versioned<Show>>(`shows/${FESTIVAL}`);
    // The one that is called so is that one; a new one is made, and the show is called after it.
    expect(shows[0]).toMatchObject({ title: first.title, venueId: first.venueId });
    const venues = await get<{ id: string; name: string }[]>('venues');
    const chapel = venues.find(({ name }) => name === 'Skerry chapel');
    expect(shows[1]).toMatchObject({ title: 'Skerry chapel', venueId: chapel?.id });
    expect(first.tour).toBe('Northern islands');
    const listed = await get<ShowSummary[]>('shows');
    expect(listed.filter(({ tour }) => tour === 'Northern islands')).toHaveLength(3);

    const { lines, shows: counted, unread } = await get<TourAnswer>('tour?name=Northern%20islands');
    expect(unread).toEqual([]);
    const at = shows.map(({ id }) => counted.findIndex((one) => one.id === id));
    expect(at.every((i) => i >= 0)).toBe(true);
    for (const line of lines.filter(({ kind }) => kind !== 'consumable'))
      expect(line.carried).toBe(Math.max(...line.perShow));
    const used = lines.find(({ itemId }) => itemId === 'yeast');
    expect(used?.carried).toBeCloseTo(used?.perShow.reduce((a, b) => a + b, 0) ?? NaN, 9);
  });

  test('one stop that can’t be leaves none behind, and no place either', async () => {
    const places = await get<unknown[]>('venues');
    const before = await get<ShowSummary[]>('shows');
    const answer = await again({
      tour: 'Late',
      stops: [
        { ...STOP, venue: 'Skerry chapel' },
        { ...STOP, start: '23:50' },
      ],
    }).expect(422);
    expect(answer.body).toMatchObject({
      error: { fields: [{ path: 'stops[1].start', message: expect.stringContaining('midnight') }] },
    });
    await again({ stops: [{ ...STOP, venue: 'x'.repeat(81) }] }).expect(422);
    await again({ stops: [] }).expect(422);
    expect(await get<ShowSummary[]>('shows')).toEqual(before);
    expect(await get<unknown[]>('venues')).toEqual(places);
  });

  test('a tour that nobody is on has nothing; without a name it is asked', async () => {
    expect(await get<TourAnswer>('tour?name=none')).toEqual({ shows: [], lines: [], unread: [] });
    await request(server.app).get('/api/tour').expect(400);
  });
});

describe('kept to begin from', () => {
  const keep = async (): Promise<Show> => {
    const { version: _version, ...show } = await get<Versioned<Show>>(`shows/${FESTIVAL}`);
    const plain = templateOf(show, 'evening');
    await request(server.app)
      .post('/api/templates')
      .send({ id: 'evening', name: 'An evening', show: plain })
      .expect(201);
    return show;
  };

  test('it is listed, is no show, and a show is made of it', async () => {
    const before = await get<ShowSummary[]>('shows');
    const show = await keep();
    expect(await get<ShowSummary[]>('shows')).toEqual(before);
    expect(await get<Template[]>('templates')).toMatchObject([{ name: 'An evening' }]);
    const [fresh] = await made({ stops: [{ ...STOP, title: 'Pier night' }] }, 'templates/evening');
    expect(fresh).toMatchObject({ title: 'Pier night', date: STOP.date, crew: [] });
    expect(fresh?.slots.map(({ demoId }) => demoId)).toEqual(
      show.slots.map(({ demoId }) => demoId),
    );
  });

  test('removed it is gone, and comes back', async () => {
    await keep();
    await request(server.app).delete('/api/templates/evening?version=1').expect(204);
    expect(await get('templates')).toEqual([]);
    await again({}, 'templates/evening').expect(410);
    await request(server.app).post('/api/templates/evening/restore').expect(200);
    expect(await get<Template[]>('templates')).toHaveLength(1);
  });

  test('one that can’t be read is named, and takes no other with it', async () => {
    await keep();
    server.context.db.prepare("UPDATE template SET show = '{}' WHERE id = 'evening'").run();
    expect(await get('templates')).toEqual([]);
    expect(await get<{ kind: string }[]>('damaged')).toMatchObject([
      { kind: 'template', name: 'An evening' },
    ]);
    await again({}, 'templates/evening').expect(503);
  });
});
