/**
 * Three pages on one document, in every order that chance finds: edits, undos, redos, removals, lines
 * that break, answers that are lost, reloads. In the end everything is stored, everybody shows the
 * same, and nothing that one page alone wrote is lost.
 */
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import fc from 'fast-check';
import type { Device } from './drafts';
import { type Line, playedDevice, PlayedServer, PlayedTransport, type Thing } from './playedServer';
import { DocumentStore } from './store';

type Field = 'title' | 'audience' | 'words';
type Edit =
  | { do: 'field'; page: number; field: Field }
  | { do: 'resize' | 'rename'; page: number; part: number }
  | { do: 'add'; page: number; at: number }
  | { do: 'remove'; page: number; part: number }
  | { do: 'move'; page: number; part: number; to: number }
  | { do: 'undo' | 'redo' | 'wrong'; page: number };
type Action =
  | Edit
  | { do: 'line'; page: number; line: Line }
  | { do: 'readsFail'; page: number; fail: boolean }
  | { do: 'reload'; page: number }
  | { do: 'removeAll' }
  | { do: 'bringBack' }
  | { do: 'wait'; ms: number };

const PAGES = 3;
const page = fc.nat(PAGES - 1);
const part = fc.nat(5);
const of = <K extends Action['do']>(
  kind: K,
  more: Record<string, fc.Arbitrary<unknown>>,
): fc.Arbitrary<Action> => fc.record({ do: fc.constant(kind), ...more }) as fc.Arbitrary<Action>;

const ACTION: fc.Arbitrary<Action> = fc.oneof(
  {
    weight: 4,
    arbitrary: of('field', { page, field: fc.constantFrom('title', 'audience', 'words') }),
  },
  { weight: 4, arbitrary: fc.oneof(of('resize', { page, part }), of('rename', { page, part })) },
  { weight: 3, arbitrary: of('add', { page, at: part }) },
  { weight: 2, arbitrary: of('remove', { page, part }) },
  { weight: 2, arbitrary: of('move', { page, part, to: part }) },
  { weight: 3, arbitrary: of('undo', { page }) },
  { weight: 2, arbitrary: of('redo', { page }) },
  {
    weight: 2,
    arbitrary: of('line', { page, line: fc.constantFrom('up', 'down', 'trouble', 'answersLost') }),
  },
  { weight: 1, arbitrary: of('readsFail', { page, fail: fc.boolean() }) },
  { weight: 2, arbitrary: of('reload', { page }) },
  { weight: 1, arbitrary: of('wrong', { page }) },
  { weight: 1, arbitrary: fc.oneof(of('removeAll', {}), of('bringBack', {})) },
  { weight: 6, arbitrary: of('wait', { ms: fc.constantFrom(10, 30, 200, 400, 2500) }) },
);

/** A page, what it wrote, and how it hears of what others stored. */
class PlayedPage {
  line: PlayedTransport;
  store: DocumentStore<Thing>;
  private opened = 0;

  constructor(
    private readonly server: PlayedServer,
    private readonly device: ReturnType<typeof playedDevice>,
    private readonly name: string,
  ) {
    [this.line, this.store] = this.open('up', false);
  }

  /** What the page that is open has of the device's store; one that has gone writes nothing more. */
  private deviceNow(): Device {
    const mine = this.opened;
    const { device } = this;
    return {
      ...device,
      setItem: (key, value) => void (mine === this.opened && device.setItem(key, value)),
      removeItem: (key) => void (mine === this.opened && device.removeItem(key)),
    };
  }

  private open(line: Line, readsFail: boolean): [PlayedTransport, DocumentStore<Thing>] {
    this.opened++;
    const transport = new PlayedTransport(this.server);
    transport.line = line;
    transport.readsFail = readsFail;
    const store = new DocumentStore<Thing>('/things', 'a', {
      transport,
      device: this.deviceNow(),
      page: `${this.name}-${this.opened}`,
      tab: this.name,
    });
    return [transport, store];
  }

  /** The page goes without a word: what it had sent may still be stored. */
  reload(): void {
    const { line, readsFail } = this.line;
    this.line.line = 'down';
    [this.line, this.store] = this.open(line, readsFail);
    void this.store.load();
  }

  get value(): Thing | null {
    return this.store.state.getState().value;
  }
}

/** Who has written what: for each place, what each page wrote there last. */
class Writers {
  private readonly by = new Map<string, Map<number, unknown>>();

  wrote(page: number, place: string, value: unknown): void {
    const pages = this.by.get(place) ?? new Map<number, unknown>();
    this.by.set(place, pages.set(page, value));
  }

  /** The page took the entry of this place away: whatever comes back with it is right. */
  letGo(page: number, place: string): void {
    this.by.get(place)?.delete(page);
  }

  /** Places that one page alone has ever written, with what it wrote last. */
  *alone(): Generator<[string, unknown]> {
    for (const [place, pages] of this.by)
      if (pages.size === 1 && this.wholeEntryBy(place) <= 1) yield [place, [...pages.values()][0]];
  }

  /** To take an entry away, or to bring it back, is to write all of its fields. */
  private wholeEntryBy(place: string): number {
    const [entry] = /^part \S+/.exec(place) ?? [];
    if (entry === undefined || !this.isTouched(entry)) return 0;
    const all = [...this.by].filter(([other]) => other === entry || other.startsWith(`${entry} `));
    return new Set(all.flatMap(([, pages]) => [...pages.keys()])).size;
  }

  isTouched(place: string): boolean {
    return (this.by.get(place)?.size ?? 0) > 0;
  }
}

const flat = (thing: Thing): Map<string, unknown> =>
  new Map<string, unknown>([
    ['title', thing.title],
    ['audience', thing.audience],
    ['words', thing.words.join(' ')],
    ...thing.parts.flatMap((one): [string, unknown][] => [
      [`part ${one.id}`, true],
      [`part ${one.id} name`, one.name],
      [`part ${one.id} size`, one.size],
    ]),
  ]);

/** Notes down every place that differs on a page before and after something was done on it. */
function noteWrites(
  writers: Writers,
  page: number,
  before: Thing | null,
  after: Thing | null,
): void {
  if (!before || !after) return;
  const [was, is] = [flat(before), flat(after)];
  for (const place of new Set([...was.keys(), ...is.keys()])) {
    const [entry, field] = place.split(/ (?=name$|size$)/);
    const wentWithItsEntry = field !== undefined && !is.has(entry ?? '');
    if (wentWithItsEntry) writers.letGo(page, place);
    else if (was.get(place) !== is.get(place)) writers.wrote(page, place, is.get(place));
  }
}

function edit(action: Edit, store: DocumentStore<Thing>, unique: number): void {
  const pick = (thing: Thing, n: number): number => n % Math.max(1, thing.parts.length);
  switch (action.do) {
    case 'field':
      store.change((thing) => ({
        ...thing,
        ...(action.field === 'title' && { title: `title ${unique}` }),
        ...(action.field === 'audience' && { audience: unique }),
        ...(action.field === 'words' && { words: [`w${unique}`] }),
      }));
      break;
    case 'resize':
    case 'rename':
      store.change((thing) => ({
        ...thing,
        parts: thing.parts.map((one, i) =>
          i !== pick(thing, action.part)
            ? one
            : action.do === 'resize'
              ? { ...one, size: unique }
              : { ...one, name: `name ${unique}` },
        ),
      }));
      break;
    case 'add':
      store.change((thing) => ({
        ...thing,
        parts: thing.parts.toSpliced(pick(thing, action.at), 0, {
          id: `n${unique}`,
          name: `new ${unique}`,
          size: unique,
        }),
      }));
      break;
    case 'remove':
      store.change((thing) => ({
        ...thing,
        parts: thing.parts.filter((_one, i) => i !== pick(thing, action.part)),
      }));
      break;
    case 'move':
      store.change((thing) => {
        const moved = thing.parts[pick(thing, action.part)];
        if (!moved) return thing;
        const rest = thing.parts.filter((one) => one !== moved);
        return { ...thing, parts: rest.toSpliced(action.to % (rest.length + 1), 0, moved) };
      });
      break;
    case 'wrong':
      store.change((thing) => ({ ...thing, audience: -unique }));
      break;
    case 'undo':
      store.undo();
      break;
    case 'redo':
      store.redo();
      break;
  }
}

const wait = (ms: number): Promise<void> => jest.advanceTimersByTimeAsync(ms);

async function act(
  action: Action,
  pages: readonly PlayedPage[],
  server: PlayedServer,
  writers: Writers,
  unique: number,
): Promise<void> {
  if (action.do === 'wait') return wait(action.ms);
  if (action.do === 'bringBack') {
    server.restore();
    return;
  }
  if (action.do === 'removeAll') {
    server.removed = true;
    return;
  }
  const one = pages[action.page]!;
  if (action.do === 'line') one.line.line = action.line;
  else if (action.do === 'readsFail') one.line.readsFail = action.fail;
  else if (action.do === 'reload') {
    one.reload();
    await wait(100);
  } else {
    const before = one.value;
    edit(action, one.store, unique);
    noteWrites(writers, action.page, before, one.value);
  }
}

async function play(actions: readonly Action[], choices: readonly boolean[]): Promise<void> {
  const server = new PlayedServer();
  const device = playedDevice();
  const pages = Array.from({ length: PAGES }, (_, i) => new PlayedPage(server, device, `tab${i}`));
  const writers = new Writers();
  let asked = 0;
  // Everybody is told of what is stored, as long as their line is up.
  const tell = (): void => {
    for (const one of pages) if (one.line.line === 'up') void one.store.load();
  };
  let told = server.stored.version;
  const settle = (one: PlayedPage, i: number): void => {
    const { conflict, leftBehind } = one.store.state.getState();
    const before = one.value;
    if (leftBehind) one.store.takeUpDraft();
    else if (conflict) one.store.settle(choices[asked++ % choices.length] ? 'mine' : 'theirs');
    noteWrites(writers, i, before, one.value);
  };
  for (const one of pages) void one.store.load();
  await wait(100);
  let unique = 100;
  for (const action of actions) {
    unique++;
    await act(action, pages, server, writers, unique);
    if (server.stored.version !== told) {
      told = server.stored.version;
      tell();
    }
    pages.forEach(settle);
  }

  // In the end everything works, everybody decides, and what can't be stored is put right.
  server.restore();
  for (const one of pages) {
    one.line.line = 'up';
    one.line.readsFail = false;
  }
  for (let round = 0; round < 12; round++) {
    tell();
    await wait(5000);
    pages.forEach((one, i) => {
      settle(one, i);
      const before = one.value;
      if (one.store.state.getState().save.is === 'refused')
        one.store.change((thing) => ({ ...thing, audience: 7 }));
      noteWrites(writers, i, before, one.value);
    });
  }
  tell();
  await wait(5000);

  const { version: _version, ...stored } = server.stored;
  for (const one of pages) {
    expect(one.store.state.getState().save.is).toBe('saved');
    expect(one.value).toEqual(stored);
  }
  // Nothing is left on the device that is not on the server.
  expect(device.size()).toBe(0);
  const end = flat(stored);
  for (const [place, value] of writers.alone()) {
    const entry = /^part \S+(?= )/.exec(place)?.[0];
    // A whole entry that was taken away, or taken back, takes its fields along.
    if (entry !== undefined && writers.isTouched(entry) && !end.has(entry)) continue;
    expect([place, end.get(place)]).toEqual([place, value]);
  }
}

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});

test('three pages on one document lose nothing and come to show the same', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(ACTION, { minLength: 5, maxLength: 40 }),
      fc.array(fc.boolean(), { minLength: 1, maxLength: 5 }),
      async (actions, choices) => {
        jest.clearAllTimers();
        await play(actions, choices);
      },
    ),
    { numRuns: Number(process.env.MODEL_RUNS ?? 300), seed: Number(process.env.MODEL_SEED ?? 20) },
  );
});
