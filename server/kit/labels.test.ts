/** Labels and packing of the demo season. */
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import request from 'supertest';
import { kitList } from '../../core/kit/kit';
import { bottleLabel, boxLabels, wantsLabel } from '../../core/kit/labels';
import { packingOf } from '../../core/kit/packing';
import { timelineOf } from '../../core/lineup/timelineOf';
import { Hall } from '../testing/hall';
import { type TestServer, testServer } from '../testing/serve';
import { labelsOf } from './labelSheet';

let server: TestServer;
beforeAll(() => {
  server = testServer();
});
afterAll(() => server.close());

const FESTIVAL = 'harbour-light-festival';

test('a label for every box: number, weight, load order, content, and the way to its list', () => {
  const bundle = server.context.bundles.of(FESTIVAL);
  const packed = packingOf(
    kitList(bundle, timelineOf(bundle)),
    bundle.items,
    server.context.boxes.list(),
  );
  const labels = boxLabels(packed, FESTIVAL);
  expect(labels.map((label) => label.load)).toEqual([1, 2, 3, 4].map((n) => `Load ${n} of 4`));
  const gear = labels.find((label) => label.name === 'Protective gear');
  expect(gear?.path).toBe(`/shows/${FESTIVAL}/pack?box=box-gear`);
  expect(gear?.weight).toMatch(/^\d+\.\d kg/);
  expect(gear?.contents.join()).toContain('Goggles');
});

test('a mixture carries its own name, strength and codes, not those of what it was mixed from', () => {
  const peroxide = server.context.items.get('peroxide-9');
  expect(wantsLabel(peroxide)).toBe(true);
  expect(wantsLabel(server.context.items.get('towels'))).toBe(false);
  const mixed = (value: number) =>
    bottleLabel(peroxide, 2, FESTIVAL, {
      strength: { value, kind: 'massPerVolume' },
      day: '2027-05-30',
    });
  expect(mixed(3)).toMatchObject({
    content: 'Hydrogen peroxide',
    strength: '3 % (g in 100 mL)',
    from: 'Mixed from Hydrogen peroxide 9 %',
    mixed: 'Mixed 2027-05-30',
    signal: '',
    hazards: [],
    box: 2,
  });
  expect(mixed(6)).toMatchObject({
    signal: 'Warning',
    hazards: ['H319 Causes serious eye irritation.'],
  });
  const unknown = bottleLabel({ ...peroxide, substance: null }, null, FESTIVAL, {
    strength: { value: 3, kind: 'massPerVolume' },
    day: '2027-05-30',
  });
  // Better too much than too little.
  expect(unknown).toMatchObject({ signal: 'Danger' });
  expect(unknown.from).toContain('the mixture’s own are not known here');
  const label = bottleLabel(peroxide, 2, FESTIVAL, null);
  expect(label).toMatchObject({ content: 'Hydrogen peroxide 9 %', signal: 'Danger', from: '' });
  // Words of the harmonised system, Annex 3 (from memory).
  expect(label.hazards).toEqual(['H302 Harmful if swallowed.', 'H318 Causes serious eye damage.']);
  expect(label.precautions[0]).toBe('P102 Keep out of reach of children.');
});

test('the sheet is a PDF; of one bottle too; a mixture without its day is refused', async () => {
  const pdf = async (query = '') => {
    const answer = await request(server.app)
      .get(`/api/shows/${FESTIVAL}/labels.pdf${query}`)
      .buffer()
      .expect(200);
    return (answer.body as Buffer).subarray(0, 5).toString('latin1');
  };
  expect(await pdf()).toBe('%PDF-');
  expect(await pdf('?item=peroxide-9&strength=3&as=massPerVolume&mixed=2027-05-30')).toBe('%PDF-');
  await request(server.app)
    .get(`/api/shows/${FESTIVAL}/labels.pdf?item=peroxide-9&strength=3`)
    .expect(400);
  await request(server.app).get(`/api/shows/${FESTIVAL}/labels.pdf?item=none`).expect(404);
});

test('codes lead where phones can follow while it is shared, otherwise to a page that says what to do', async () => {
  const hall = await Hall.open();
  const { context, share } = hall.server;
  const bundle = context.bundles.of(FESTIVAL);
  const codes = (): string[] => {
    const sheet = labelsOf({
      context,
      bundle,
      shared: share.origin,
      own: 'http://here',
      query: {},
    });
    return [...JSON.stringify(sheet).matchAll(/"qr":"([^"]*)"/g)].map(([, to = '']) => to);
  };
  expect(codes().length).toBeGreaterThan(4);
  for (const to of codes()) expect(to).toMatch(`${hall.origin}/shows/${FESTIVAL}/pack`);
  await hall.set({ on: false });
  for (const to of codes())
    expect(to).toMatch(`http://here/not-shared?to=%2Fshows%2F${FESTIVAL}%2Fpack`);
  await hall.close();
});

test('labels show their pictograms; small containers have the codes alone, and no boxes among them', () => {
  const { context } = server;
  const bundle = context.bundles.of('little-hollin-evening');
  const peroxide = context.items.get('peroxide-9');
  expect(bottleLabel(peroxide, 2, FESTIVAL, null)).toMatchObject({
    pictograms: ['corrosion', 'exclamation'],
    codes: 'H302 H318',
  });
  const sheet = (query: Record<string, unknown>): string =>
    JSON.stringify(labelsOf({ context, bundle, shared: 'https://x', own: 'http://y', query }));
  const whole = sheet({ item: 'peroxide-9' });
  expect(whole).toContain('<svg');
  expect(whole).toContain('H318 Causes serious eye damage.');
  const small = sheet({ form: 'small', item: 'peroxide-9' });
  expect(small).toContain('DANGER · H302 H318');
  expect(small).not.toContain('Causes serious eye damage');
  expect(small).toContain('Whole label on its box 2');
  expect(sheet({})).toContain('This way up');
  expect(sheet({ form: 'small' })).not.toContain('Load 1 of');
});
