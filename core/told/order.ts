/**
 * A running order as one writes it down: a line each, “1 Foam 4:30 @centre”, “14:02 forks 3 min, Mara”. What each line
 * stands for, and what is asked. And such an order written back.
 */
import { formatClock, formatDuration } from '../time/clock';
import { findTimes } from '../time/readTime';
import { linesOf } from './lines';
import { quoted, unquoted } from './quotes';
import { positionCalled } from './title';
import { plainName } from '../repertoire/plainName';
import { upperFirst } from '../words';
import { listed } from './things';
import type { Mark, Question } from './types';

/** A demonstration that a line may mean. */
export interface KnownDemo {
  id: string;
  name: string;
  methods: readonly { id: string; name: string }[];
}

export interface OrderKnows {
  demos: readonly KnownDemo[];
  people: readonly { id: string; name: string }[];
  /** Names of stage positions. */
  positions: readonly string[];
}

/** One line: a demonstration that is known, one that is still to be written, or words. */
export interface OrderEntry {
  line: number;
  kind: 'demo' | 'fresh' | 'talk';
  name: string;
  demoId: string | null;
  methodId: string | null;
  /** Seconds from midnight at which it was written to begin; null where it wasn’t. */
  clock: number | null;
  /** Whole seconds as written, or up to the next clock time; null for none. */
  seconds: number | null;
  position: string | null;
  personId: string | null;
  goes: number | null;
}

export interface OrderTold {
  entries: OrderEntry[];
  marks: Mark[];
  questions: Question[];
}

const TALK =
  /^(?:hello|hi|welcome|intro(?:duction)?|greeting|thanks?|thank you|goodbye|bye|close|closing|outro|questions?|q ?& ?a|break|interval|pause|talk|speech|house rules|announcements?|housekeeping)\b/i;

/** The earliest hour that a figure at the beginning of a line is a time of day rather than a length. Our own mark. */
const EARLIEST_HOUR = 7;

const NUMBERING = /^\s*(?:#?\d{1,2}\s*[.):]?\s+(?!(?:×|x|min|s|sec)\b))/i;
const CLOCK = /^\s*([01]?\d|2[0-3])[:.h]([0-5]\d)(?!:)\s*(?:[-–—:]\s*)?(?=\S)/;
const GOES = /^(?:[×x]\s?(\d{1,2})|(\d{1,2})\s?(?:[×x]|goes))$/i;

/** Demonstrations that a name may mean: called so, else with all of its words. */
function demosCalled(name: string, demos: readonly KnownDemo[]): readonly KnownDemo[] {
  const wanted = plainName(name);
  if (wanted === '') return [];
  const exact = demos.filter((demo) => plainName(demo.name) === wanted);
  if (exact.length > 0) return exact;
  const words = wanted.split(' ').filter((word) => word !== 'the' && word !== 'a');
  return demos.filter(({ name: own }) => {
    const has = new Set(plainName(own).split(' '));
    return words.length > 0 && words.every((word) => has.has(word));
  });
}

class LineReader {
  readonly marks: Omit<Mark, 'line'>[] = [];
  clock: number | null = null;
  seconds: number | null = null;
  position: string | null = null;
  personId: string | null = null;
  goes: number | null = null;
  method: string | null = null;
  isLiteral = false;
  private readonly names: string[] = [];

  constructor(
    private readonly knows: OrderKnows,
    text: string,
    afterClock: boolean,
  ) {
    let rest = text;
    let from = 0;
    const cut = (length: number): void => {
      rest = rest.slice(length);
      from += length;
    };
    const isClock = (clock: RegExpExecArray | null): clock is RegExpExecArray =>
      clock !== null &&
      (afterClock ||
        Number(clock[1]) >= EARLIEST_HOUR ||
        findTimes(rest.slice(clock[0].length)).length > 0);
    let clock = CLOCK.exec(rest);
    if (!isClock(clock)) {
      const numbering = NUMBERING.exec(rest);
      if (numbering) cut(numbering[0].length);
      clock = numbering ? CLOCK.exec(rest) : null;
    }
    if (isClock(clock)) {
      this.clock = Number(clock[1]) * 3600 + Number(clock[2]) * 60;
      this.mark('time', from, from + clock[0].trimEnd().length);
      cut(clock[0].length);
    }
    const place = /\s*@\s*(\p{L}[\p{L}\p{N} ]*?)(?=\s*(?:,|;|\d|×|$))/u.exec(rest);
    if (place && !/["“]/.test(rest.slice(place.index))) {
      this.position = positionCalled(place[1] ?? '', knows);
      this.mark('word', from + place.index, from + place.index + place[0].length);
      rest =
        rest.slice(0, place.index) +
        ' '.repeat(place[0].length) +
        rest.slice(place.index + place[0].length);
    }
    for (const part of listed(rest.replace(/\t/g, ', '))) this.part(part.text, from + part.from);
  }

  get name(): string {
    const name = this.names.join(', ').replace(/\s+/g, ' ').trim();
    return this.isLiteral ? name : name.replace(/^[-–—•*\s]+|[-–—!.:\s]+$/g, '');
  }

  private mark(kind: Mark['kind'], from: number, to: number): void {
    this.marks.push({ kind, from, to });
  }

  private part(text: string, from: number): void {
    const literal = unquoted(text);
    if (literal !== null) {
      this.isLiteral = true;
      return void this.names.push(literal);
    }
    const goes = GOES.exec(text);
    if (goes) {
      this.goes = Number(goes[1] ?? goes[2]);
      return this.mark('amount', from, from + text.length);
    }
    const person = this.knows.people.find(({ name }) =>
      [name, name.split(' ')[0] ?? name].some((one) =>
        new RegExp(`^${one.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?=$|\\s)`, 'iu').test(text),
      ),
    );
    if (person && this.names.length > 0) {
      this.personId = person.id;
      return this.mark('person', from, from + text.length);
    }
    this.words(text, from);
  }

  private words(text: string, from: number): void {
    let name = text;
    const [time] = findTimes(name);
    if (time && this.seconds === null) {
      this.seconds = time.likely ?? Math.round((time.least + time.most) / 2);
      this.mark('time', from + time.from, from + time.to);
      name = `${name.slice(0, time.from)} ${name.slice(time.to)}`;
    }
    const goes = /\s[×x]\s?(\d{1,2})\s*$/i.exec(name);
    if (goes) {
      this.goes = Number(goes[1]);
      name = name.slice(0, goes.index);
    }
    const method = /\s*\(([^()]+)\)\s*/.exec(name);
    if (method) {
      this.method = (method[1] ?? '').trim();
      name = name.replace(method[0], ' ');
    }
    if (name.trim() !== '') this.names.push(name.trim());
  }
}

function asked(
  line: { number: number; text: string },
  name: string,
  maybe: readonly KnownDemo[],
): Question[] {
  const from = line.text.toLowerCase().indexOf(name.toLowerCase());
  if (from < 0) return [];
  const to = from + name.length;
  const put = (words: string): string => line.text.slice(0, from) + words + line.text.slice(to);
  const written = (words: string): string =>
    /^[\p{L}\p{N} ’'-]+$/u.test(words) ? words : quoted(words);
  return [
    {
      ...{ line: line.number, from, to },
      ask: `Which one is “${name}”?`,
      answers: maybe
        .slice(0, 4)
        .map((demo) => ({ label: demo.name, text: put(written(demo.name)) })),
    },
  ];
}

/** Understands a running order. What names nothing known is words, or a demonstration still to be written. */
export function readOrder(text: string, knows: OrderKnows): OrderTold {
  const told: OrderTold = { entries: [], marks: [], questions: [] };
  let clocked = false;
  for (const line of linesOf(text)) {
    const read: LineReader = new LineReader(knows, line.text, clocked);
    clocked ||= read.clock !== null;
    const { name } = read;
    if (name === '') continue;
    told.marks.push(...read.marks.map((mark) => ({ ...mark, line: line.number })));
    const called = demosCalled(name, knows.demos);
    const demo = called.length === 1 ? (called[0] ?? null) : null;
    if (called.length > 1) told.questions.push(...asked(line, name, called));
    const method = demo?.methods.find(
      ({ name: own }) => plainName(own) === plainName(read.method ?? ''),
    );
    told.entries.push({
      line: line.number,
      kind: demo ? 'demo' : TALK.test(name) ? 'talk' : 'fresh',
      name: demo?.name ?? (read.isLiteral ? name : upperFirst(name)).slice(0, 80),
      demoId: demo?.id ?? null,
      methodId: method?.id ?? null,
      clock: read.clock,
      seconds: read.seconds,
      position: read.position,
      personId: read.personId,
      goes: read.goes,
    });
  }
  // Up to the next time of day, where no length was written.
  told.entries.forEach((entry, i) => {
    const next = told.entries[i + 1]?.clock ?? null;
    if (entry.seconds === null && entry.clock !== null && next !== null && next > entry.clock)
      entry.seconds = next - entry.clock;
  });
  return told;
}

/** A line for each of a running order; what is null is not written. */
export function writeOrder(
  entries: readonly Omit<OrderEntry, 'line'>[],
  knows: OrderKnows,
): string {
  return entries
    .map((entry, i) => {
      const person = knows.people.find(({ id }) => id === entry.personId)?.name;
      const method = knows.demos
        .find(({ id }) => id === entry.demoId)
        ?.methods.find(({ id }) => id === entry.methodId)?.name;
      const head = [String(i + 1), ...(entry.clock === null ? [] : [formatClock(entry.clock)])];
      const tail = [
        ...(method ? [`(${method})`] : []),
        ...(entry.seconds === null ? [] : [formatDuration(entry.seconds)]),
        ...(entry.goes === null ? [] : [`× ${entry.goes}`]),
        ...(entry.position === null ? [] : [`@${entry.position}`]),
      ].join(' ');
      const who = person ? `, ${person}` : '';
      const plain = `${[...head, entry.name, ...(tail ? [tail] : [])].join(' ')}${who}`;
      const [read] = readOrder(plain, knows).entries;
      const isRead =
        read?.name === entry.name && read.seconds === entry.seconds && read.demoId === entry.demoId;
      // In quotes it stands alone between its commas.
      return isRead
        ? plain
        : `${head.join(' ')} ${quoted(entry.name)}${tail ? `, ${tail}` : ''}${who}`;
    })
    .join('\n');
}
