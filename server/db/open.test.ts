import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { blankShow } from '../../core/brief/blank';
import { plainSlot } from '../../core/brief/freshSlot';
import { type Journey, NO_CONDITIONS } from '../../core/brief/types';
import { createContext } from '../context';
import { damagedRecords } from '../house/damaged';
import { NO_HAND_OUT } from '../../core/repertoire/handOut';
import { MIGRATIONS } from './migrations';
import { DatabaseTrouble, migrate, openDatabase } from './open';

const TALK = { shortest: 40, likely: 60, longest: 100 };

let folder: string;
let file: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hearty-'));
  file = join(folder, 'data.sqlite');
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('a new file has the whole schema, WAL, full sync and foreign keys', () => {
  const db = openDatabase(file);
  expect(db.pragma('user_version', { simple: true })).toBe(MIGRATIONS.length);
  expect(db.pragma('journal_mode', { simple: true })).toBe('wal');
  expect(db.pragma('synchronous', { simple: true })).toBe(2);
  expect(db.pragma('foreign_keys', { simple: true })).toBe(1);
  const loose = db
    .prepare(
      "SELECT name FROM pragma_table_list WHERE schema = 'main' AND type = 'table' AND strict = 0 AND name NOT LIKE 'sqlite_%'",
    )
    .all();
  expect(loose).toEqual([]);
  db.close();
});

test('every earlier version comes up to this one', () => {
  for (let version = 0; version <= MIGRATIONS.length; version++) {
    const db = new Database(':memory:');
    migrate(db, version);
    migrate(db);
    expect(db.pragma('user_version', { simple: true })).toBe(MIGRATIONS.length);
    db.close();
  }
});

test('things of version 2 keep what they were, and are counted as their kit lines are written', () => {
  const db = new Database(':memory:');
  db.pragma('foreign_keys = ON');
  migrate(db, 2);
  db.exec(`
    INSERT INTO item (id, name, kind, function_test, test_holds, note) VALUES
      ('dye', 'Dye', 'consumable', '', 0, ''), ('salt', 'Salt', 'consumable', '', 0, ''),
      ('jar', 'Jar', 'equipment', '', 0, ''), ('rod', 'Rod', 'equipment', '', 0, '');
    INSERT INTO demo (id, name, hook, idea, keywords, age_from, age_to, lift, talk_pattern,
      volunteer_card, pinned_note, usual_position) VALUES ('d', 'D', '', '', '[]', 5, 99, 3, 'sayFirst', '', '', '');
    INSERT INTO method (demo_id, id, ord, name, summary, one_shot, goes_allowed, volunteers, warning,
      settings, hazards, prior_worked, prior_failed) VALUES ('d', 'm', 0, 'M', '', 0, 1, 0, '', '[]', '[]', 0, 0);
    INSERT INTO kit_line (demo_id, method_id, id, ord, item_id, amount, unit, basis, note) VALUES
      ('d', 'm', 'k1', 0, 'dye', 6, 'drop', 'perGo', 'red'), ('d', 'm', 'k2', 1, 'salt', 2, 'lb', 'perShow', ''),
      ('d', 'm', 'k3', 2, 'jar', 1, 'piece', 'perShow', '');`);
  migrate(db);
  expect(db.prepare('SELECT id, unit FROM item ORDER BY id').all()).toEqual([
    { id: 'dye', unit: 'mL' },
    { id: 'jar', unit: 'piece' },
    { id: 'rod', unit: 'piece' },
    { id: 'salt', unit: 'g' },
  ]);
  expect(db.prepare('SELECT * FROM kit_line WHERE id = ?').get('k1')).toMatchObject({
    item_id: 'dye',
    amount: 6,
    unit: 'drop',
    basis: 'perGo',
    note: 'red',
    instead: '[]',
    chilled: 0,
    strength: null,
  });
  expect(db.pragma('foreign_key_check')).toEqual([]);
  expect(db.prepare('SELECT count(*) FROM settings').pluck().get()).toBe(1);
  expect(damagedRecords(createContext(db))).toEqual([]);
  db.close();
});

test('things of version 3 get what nobody had said of them, and what was measured in version 4 stays', () => {
  const db = new Database(':memory:');
  db.pragma('foreign_keys = ON');
  migrate(db, 3);
  db.exec(`
    INSERT INTO demo (id, name, hook, idea, keywords, age_from, age_to, lift, talk_pattern,
      volunteer_card, pinned_note, usual_position)
      VALUES ('d', 'D', '', '', '[]', 5, 99, 3, 'sayFirst', 'Somebody steady', '', '');
    INSERT INTO method (demo_id, id, ord, name, summary, one_shot, goes_allowed, volunteers, warning,
      settings, hazards, prior_worked, prior_failed) VALUES ('d', 'm', 0, 'M', '', 0, 1, 0, '',
      '[{"id":"a","name":"Dose","value":2,"unit":"mL"}]', '[{"kind":"hot","control":"Tongs"}]', 0, 0);
    INSERT INTO show (id, title, date, zone, arrival, doors, start, hard_finish, audience,
      audience_note, agreed, note)
      VALUES ('s', 'S', '2027-05-30', 'Etc/UTC', '12:30', '13:45', '14:00', '14:40', 80, '', 1, '');`);
  migrate(db, 4);
  const read = (sql: string): unknown => JSON.parse(String(db.prepare(sql).pluck().get()));
  expect(read('SELECT volunteer_card FROM method')).toMatchObject({
    suits: 'Somebody steady',
    mustNot: [],
  });
  expect(read('SELECT settings FROM method')).toEqual([
    { id: 'a', name: 'Dose', value: 2, unit: 'mL', source: '' },
  ]);
  expect(read('SELECT hazards FROM method')).toEqual([
    { kind: 'hot', control: 'Tongs', who: ['performer', 'crew'], firstAid: '', rest: 'low' },
  ]);
  const { sound: _sound, measured: _measured, ...known } = NO_CONDITIONS;
  expect(read('SELECT conditions FROM show')).toEqual(known);
  db.prepare('UPDATE show SET conditions = ?').run(JSON.stringify({ ...known, humidity: 48 }));
  migrate(db);
  expect(read('SELECT conditions FROM show')).toEqual({ ...NO_CONDITIONS, humidity: 48 });
  expect(damagedRecords(createContext(db))).toEqual([]);
  db.close();
});

test('what version 8 had as “no”, or as a risk in a word, is not made more certain than it was', () => {
  const db = new Database(':memory:');
  db.pragma('foreign_keys = ON');
  migrate(db, 8);
  const hazard = (kind: string, remainingRisk: string) => ({
    kind,
    control: 'Tongs',
    atRisk: ['crew'],
    firstAid: '',
    remainingRisk,
  });
  const bound = (input: string) => ({ input, from: 'fixed', ref: '', value: 12 });
  db.exec(`
    INSERT INTO venue (id, name, address, travel, outdoors, water, dark, smoke_detectors,
      detectors_isolated_by, note) VALUES ('v', 'V', '', '', 0, 1, 0, 0, '', '');
    INSERT INTO person (id, name, role, competences, note) VALUES ('p', 'P', '', '[]', '');
    INSERT INTO demo (id, name, hook, idea, keywords, age_from, age_to, energy, talk_pattern,
      pinned_note, usual_position) VALUES ('d', 'D', '', '', '[]', 5, 99, 3, 'sayFirst', '', '');
    INSERT INTO show (id, title, date, zone, arrival, doors, start, hard_finish, audience,
      audience_note, agreed, note)
      VALUES ('s', 'S', '2027-05-30', 'Etc/UTC', '12:30', '13:45', '14:00', '14:40', 80, '', 1, '');`);
  const add = db.prepare(`
    INSERT INTO method (demo_id, id, ord, name, summary, one_shot, goes_allowed, volunteers, warning,
      settings, hazards, calculators, prior_worked, prior_failed)
      VALUES ('d', ?, 0, 'M', '', 0, 1, 0, '', ?, ?, ?, 0, 0)`);
  add.run(
    'm',
    '[{"id":"a","name":"Dose","value":2,"unit":"mL","source":""}]',
    JSON.stringify([hazard('hot', 'medium'), hazard('loud', 'low')]),
    JSON.stringify([
      { id: 'c', calculator: 'turning', inputs: ['still', 'start', 'into'].map(bound) },
      { id: 'e', calculator: 'bang', inputs: [bound('peak')] },
    ]),
  );
  add.run('bare', '[]', '[]', '[]');
  const day = { ...NO_CONDITIONS, temperature: 18, people: 40, takenAt: '12:50' };
  const { measured: _measured, ...old } = day;
  db.prepare('UPDATE show SET conditions = ?').run(JSON.stringify(old));
  migrate(db);
  const context = createContext(db);
  expect(damagedRecords(context)).toEqual([]);
  expect(context.venues.find('v')).toMatchObject({
    water: 'yes',
    dark: 'unknown',
    drain: 'unknown',
    smokeDetectors: 'unknown',
  });
  expect(context.people.find('p')).toMatchObject({ heartDevice: 'unknown' });
  expect(context.shows.find('s')).toMatchObject({
    youngest: null,
    journeys: [],
    conditions: { ...day, measured: ['temperature', 'people'] },
  });
  const methods = context.demos.find('d')?.methods ?? [];
  const [method, bare] = ['m', 'bare'].map((id) => methods.find((one) => one.id === id));
  expect(method).toMatchObject({
    hazardsReviewed: true,
    ruledOut: [],
    settings: [{ id: 'a', value: 2, most: null }],
    hazards: [
      { kind: 'hot', figure: null, before: null, after: { likelihood: 2, severity: 3 } },
      { kind: 'loud', after: { likelihood: 1, severity: 3 } },
    ],
    calculators: [
      { calculator: 'turning', inputs: [bound('start')] },
      { calculator: 'bang', inputs: [bound('peak')] },
    ],
  });
  expect(bare).toMatchObject({ hazardsReviewed: false, hazards: [] });
  db.close();
});

describe('a file that can’t be used is told of and left as it is', () => {
  const refused = (): string => {
    const before = readFileSync(file);
    let message = '';
    try {
      openDatabase(file);
    } catch (error) {
      expect(error).toBeInstanceOf(DatabaseTrouble);
      message = (error as Error).message;
    }
    expect(readFileSync(file).equals(before)).toBe(true);
    return message;
  };

  test('not a database', () => {
    writeFileSync(file, 'These are my notes, not a database.');
    expect(refused()).toContain('damaged or is not');
  });

  test('somebody else’s database', () => {
    const other = new Database(file);
    other.exec('CREATE TABLE recipe (name TEXT)');
    other.close();
    expect(refused()).toContain('is not a Hearty Stage data file');
  });

  test('damaged in the middle', () => {
    const db = openDatabase(file);
    db.pragma('wal_checkpoint(TRUNCATE)');
    db.close();
    const bytes = readFileSync(file);
    bytes.fill(0x5a, 4096, 4096 * 6);
    writeFileSync(file, bytes);
    expect(refused()).toContain('damaged');
  });

  test('of a newer version', () => {
    const db = openDatabase(file);
    db.pragma(`user_version = ${MIGRATIONS.length + 1}`);
    db.pragma('wal_checkpoint(TRUNCATE)');
    db.close();
    expect(refused()).toContain('newer Hearty Stage');
  });
});

test('marks on checks of version 17 stay as they were, and one can be found wrong; questions get their answers', () => {
  const db = new Database(':memory:');
  db.pragma('foreign_keys = ON');
  migrate(db, 17);
  db.exec(`
    INSERT INTO person (id, name, role, competences, note) VALUES ('p', 'P', '', '[]', '');
    INSERT INTO demo (id, name, hook, idea, keywords, age_from, age_to, energy, talk_pattern,
      pinned_note, usual_position) VALUES ('d', 'D', '', '', '[]', 5, 99, 3, 'sayFirst', '', '');
    INSERT INTO show (id, title, date, zone, arrival, doors, start, hard_finish, audience,
      audience_note, agreed, note)
      VALUES ('s', 'S', '2027-05-30', 'Etc/UTC', '12:30', '13:45', '14:00', '14:40', 80, '', 1, '');
    INSERT INTO check_mark (show_id, key, state, reason, by, at, value) VALUES
      ('s', 'test:pump', 'done', '', 'p', 5, 2.5), ('s', 'gear:x', 'waived', 'spare', NULL, 6, NULL);`);
  const asked = '{"ask":"How far?","options":["Near","Far"],"answer":1,"reveal":""}';
  const add = db.prepare(`
    INSERT INTO method (demo_id, id, ord, name, summary, one_shot, goes_allowed, volunteers, warning,
      settings, hazards, calculators, prior_worked, prior_failed, prediction)
      VALUES ('d', ?, ?, 'M', '', 0, 1, 0, '', '[]', '[]', '[]', 0, 0, ?)`);
  add.run('asks', 0, asked);
  add.run('silent', 1, null);
  const plan = {
    title: 'S',
    slots: [
      { id: 'a', prediction: JSON.parse(asked) as unknown },
      { id: 'b', prediction: null },
    ],
  };
  db.prepare(
    "INSERT INTO run (id, show_id, kind, created_at, plan) VALUES ('r', 's', 'rehearsal', 1, ?)",
  ).run(JSON.stringify(plan));
  migrate(db);
  const context = createContext(db);
  expect(context.marks.of('s')).toEqual([
    { key: 'test:pump', state: 'done', reason: '', value: 2.5, by: 'p', at: 5 },
    { key: 'gear:x', state: 'waived', reason: 'spare', value: null, by: null, at: 6 },
  ]);
  const before = db.prepare('SELECT count(*) FROM change').pluck().get() as number;
  context.marks.set('s', {
    ...{ key: 'place:y', state: 'wrong', reason: 'cracked', value: null, by: null, at: 7 },
  });
  // It is told to other pages as before.
  expect(db.prepare('SELECT count(*) FROM change').pluck().get()).toBe(before + 1);
  expect(() =>
    context.marks.set('s', { key: 'z', state: 'wrong', reason: '', value: null, by: null, at: 8 }),
  ).toThrow(/CHECK/);
  const methods = context.demos.find('d')?.methods ?? [];
  const answers = { ifFails: null, accepts: [], wrong: [] };
  expect(methods.map(({ prediction }) => prediction)).toEqual([
    { ...(JSON.parse(asked) as object), ...answers },
    null,
  ]);
  const kept = JSON.parse(
    db.prepare("SELECT plan FROM run WHERE id = 'r'").pluck().get() as string,
  ) as typeof plan;
  expect(kept.slots).toEqual([
    { id: 'a', prediction: { ...(JSON.parse(asked) as object), ...answers } },
    { id: 'b', prediction: null },
  ]);
  expect(context.people.find('p')).toMatchObject({ wordsPerMinute: null });
  db.close();
});

test('demonstrations and shows of version 19 have no pictures, cameras, hand-outs, classes or questions yet', () => {
  const db = new Database(':memory:');
  db.pragma('foreign_keys = ON');
  migrate(db, 19);
  db.exec(`
    INSERT INTO demo (id, name, hook, idea, keywords, age_from, age_to, energy, talk_pattern,
      pinned_note, usual_position) VALUES ('d', 'D', '', '', '[]', 5, 99, 3, 'sayFirst', '', '');
    INSERT INTO method (demo_id, id, ord, name, summary, one_shot, goes_allowed, volunteers, warning,
      settings, hazards, calculators, prior_worked, prior_failed)
      VALUES ('d', 'm', 0, 'M', '', 0, 1, 0, '', '[]', '[]', '[]', 0, 0);
    INSERT INTO task (demo_id, method_id, id, ord, name, phase, shortest, likely, longest, hands,
      place, after, each_go, do, say, cue, gear_on, gear_off, careful, hazards)
      VALUES ('d', 'm', 't', 0, 'T', 'perform', 1, 2, 3, '[]', 'stage', '[]', 0, '', '', '', '[]',
        '[]', '', '[]');
    INSERT INTO show (id, title, date, zone, arrival, doors, start, hard_finish, audience,
      audience_note, agreed, note, conditions)
      VALUES ('s', 'S', '2027-05-30', 'Etc/UTC', '12:30', '13:45', '14:00', '14:40', 80, '', 1, '',
        '${JSON.stringify(NO_CONDITIONS)}');`);
  migrate(db);
  const context = createContext(db);
  expect(context.demos.get('d')).toMatchObject({ picture: null, handOut: NO_HAND_OUT });
  expect(context.demos.get('d').methods[0]?.tasks[0]).toMatchObject({ picture: null, views: [] });
  const none = { filming: [], classSet: null, agreedWith: '', answers: [], questions: [] };
  expect(context.shows.get('s')).toMatchObject(none);
  db.close();
});

test('things of version 20 keep as long as one likes; none owned can be said; a template made before is read', () => {
  const db = new Database(':memory:');
  db.pragma('foreign_keys = ON');
  migrate(db, 20);
  const pack = { id: 'p', amount: 1, unit: 'L', price: 690, leadDays: 4, supplier: 'Far' };
  const slot = { ...plainSlot('t'), talk: { title: 'Hello', time: TALK, say: '' } };
  // As a template of version 17 was stored: none of what shows have had since.
  const journeys: Journey[] = [
    {
      ...{ id: 'j', name: 'Van', by: 'vehicle', volumeM3: 8, airChanges: 4, minutes: 9, people: 1 },
      mostKg: null,
    },
  ];
  const show = JSON.stringify(
    { ...blankShow('s', 'S', '2027-05-30', 'Etc/UTC'), slots: [slot], journeys },
    (key, value: unknown) =>
      [
        'filming',
        'classSet',
        'agreedWith',
        'answers',
        'questions',
        'sparePolicy',
        'wantedGoes',
        'swaps',
        'mostKg',
      ].includes(key)
        ? undefined
        : value,
  );
  db.exec(`
    INSERT INTO item (id, name, kind, function_test, test_holds, note, owned, packs) VALUES
      ('acid', 'Acid', 'consumable', '', 0, '', NULL, '${JSON.stringify([pack])}'),
      ('jar', 'Jar', 'equipment', '', 0, '', 3, '[]');
    INSERT INTO demo (id, name, hook, idea, keywords, age_from, age_to, energy, talk_pattern,
      pinned_note, usual_position) VALUES ('d', 'D', '', '', '[]', 5, 99, 3, 'sayFirst', '', '');
    INSERT INTO method (demo_id, id, ord, name, summary, one_shot, goes_allowed, volunteers, warning,
      settings, hazards, calculators, prior_worked, prior_failed)
      VALUES ('d', 'm', 0, 'M', '', 0, 1, 0, '', '[]', '[]', '[]', 0, 0);
    INSERT INTO kit_line (demo_id, method_id, id, ord, item_id, amount, unit, basis, instead, chilled,
      note) VALUES ('d', 'm', 'k', 0, 'acid', 60, 'mL', 'perGo', '["jar"]', 1, 'cold');
    INSERT INTO template (id, name, show) VALUES ('t', 'Evening', '${show}');`);
  migrate(db);
  const context = createContext(db);
  expect(context.items.get('acid').packs).toEqual([{ ...pack, keeps: null, hireDays: null }]);
  const jar = context.items.get('jar');
  expect(jar.owned).toBe(3);
  const { version, ...rest } = jar;
  expect(context.items.change({ ...rest, owned: 0 }, version).owned).toBe(0);
  expect(context.demos.get('d').methods[0]?.kit).toEqual([
    {
      ...{ id: 'k', itemId: 'acid', amount: 60, most: null, unit: 'mL', basis: 'perGo' },
      ...{
        groupOf: null,
        instead: [{ itemId: 'jar', times: 1, unit: 'mL', figures: null }],
        chilled: true,
      },
      ...{ chilledIn: null, strength: null, note: 'cold' },
    },
  ]);
  expect(context.templates.get('t').show).toEqual({
    ...blankShow('s', 'S', '2027-05-30', 'Etc/UTC'),
    slots: [slot],
    journeys,
  });
  expect(damagedRecords(context)).toEqual([]);
  db.close();
});
