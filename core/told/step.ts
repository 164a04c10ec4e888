/** One step, as a line tells it: its name, how long, by whom, with what sign; and a wait after it. */
import type { Competence, Hand, HandRole, Sign } from '../repertoire/types';
import { COMPETENCES } from '../repertoire/types';
import { findTimes, type TimeFound } from '../time/readTime';
import { IN_QUOTES, unquoted } from './quotes';
import { upperFirst } from '../words';
import { listed } from './things';
import { COMPETENCE_WORDS, type Knows, type Mark } from './types';

/** A time as it was written: a range is what it is, one figure has its ends guessed. */
export type Written = Pick<TimeFound, 'least' | 'most' | 'isRange' | 'likely'>;

export interface Wait {
  name: string;
  time: Written | null;
}

export interface StepSaid {
  /** Empty where the line is a wait and nothing else. */
  name: string;
  time: Written | null;
  /** Null for what is usual in its phase. */
  hands: Hand[] | null;
  /** With these besides the one who would do it. */
  besides: Hand[];
  wings: boolean;
  /** Null where the line doesn’t say. */
  eachGo: boolean | null;
  sign: Sign | null;
  wait: Wait | null;
  keeps: number | null;
  cue: string;
  gearOn: string[];
  gearOff: string[];
  marks: Omit<Mark, 'line'>[];
  doubts: {
    from: number;
    to: number;
    kind: 'noUnit' | 'ears' | 'who' | 'manyTimes' | 'waitTime' | 'zero';
  }[];
  people: string[];
  /** The name was in quotes: it is what it is. */
  isLiteral: boolean;
  /** What the name was put together from: where things to bring may be named. */
  parts: { text: string; from: number }[];
}

export const COVER_EARS = 'Cover your ears';

const GEAR_WORDS = String.raw`(?:thick |cold |rubber |nitrile |safety )?(?:goggles|gloves|ear (?:muffs|covers|defenders|plugs)|lab coat|apron|visor|face shield|mask)`;
const GEAR = new RegExp(String.raw`^(${GEAR_WORDS}(?:(?:,| and) ${GEAR_WORDS})*) (on|off)$`, 'i');
const EARS = /^(?:[\p{L}]+!\s*)?(?:cover (?:your )?)?ears\s*([!?])\s*$/iu;
const THEN = /^(?:and\s+)?(?:then\s+)?/i;
/** What goes on by itself: “let it cool” is a wait, “let go” and “stand back” are done by somebody. */
const PROCESS =
  '(?:stand|cool|soak|settle|dry|warm|freeze|chill|steep|rest|rise|sit|set|boil|heat|melt|brew|thaw|dissolve|drip|drain|work|react|be|alone)';
const WAIT = new RegExp(
  String.raw`^(?:and\s+)?(?:then\s+)?(?:wait\b|leave\s+(?:it|them|that|alone|to|for|overnight|about|\d)|leave\s+the\s+(?!stage|room|hall|table)|let\s+(?:(?:it|them|that|everything|the(?:\s+\S+){1,2}?)\s+)?${PROCESS}\b|(?:stands?|soaks?)(?=\s+(?:for\b|about\b|another\b|~?\d)|\s*$))\s*`,
  'i',
);
const ONCE = /^(?:only once|once only|first go only)$/i;
const EACH_GO = /^(?:each|every) go$/i;
const WINGS = /^(?:off stage|offstage|in the wings|behind the curtain|backstage)$/i;
const BY_ITSELF = /^(?:by itself|nobody|alone|runs alone)$/i;
const KEEPS = /^(?:use within|keeps|good for)\s+/i;
const SIGN = new RegExp(
  String.raw`^(?:when|once|as soon as|watch for|wait for)\s+(${IN_QUOTES}|[^"“]+?)\s*(?:->|→|=>)\s*`,
  'iu',
);
const WHEN = new RegExp(
  String.raw`^(?:when|once|as soon as)\s+(${IN_QUOTES}|[^,]+),\s*(?=\S)`,
  'iu',
);

const COMPETENCE = new Map(
  COMPETENCES.map((one): [string, Competence] => [COMPETENCE_WORDS[one], one]),
);
const ROLE_WORDS: Readonly<Record<string, HandRole>> = {
  me: 'performer',
  i: 'performer',
  myself: 'performer',
  you: 'performer',
  performer: 'performer',
  presenter: 'performer',
  helper: 'helper',
  helpers: 'helper',
  assistant: 'helper',
  anyone: 'anyone',
  anybody: 'anyone',
};
const COUNT_WORDS: Readonly<Record<string, number>> = {
  a: 1,
  one: 1,
  the: 1,
  two: 2,
  three: 3,
  four: 4,
};

/** “2 helpers (flame)”, “Jo”, “me”; null for anything else. */
function handOf(text: string, { people }: Knows): { hand: Hand; person: string | null } | null {
  const match =
    /^(?:(\d{1,2}|a|one|the|two|three|four)\s+)?([\p{L}’'. -]+?)(?:\s*\(([^)]+)\))?$/iu.exec(
      text.trim(),
    );
  if (!match) return null;
  const [, many, word = '', trained] = match;
  const competence = trained === undefined ? null : COMPETENCE.get(trained.toLowerCase().trim());
  if (competence === undefined) return null;
  const known = people.find(({ name }) =>
    [name, name.split(' ')[0] ?? name].some((one) => one.toLowerCase() === word.toLowerCase()),
  );
  const role = known ? 'helper' : ROLE_WORDS[word.toLowerCase()];
  if (!role) return null;
  const count = many === undefined ? 1 : (COUNT_WORDS[many.toLowerCase()] ?? Number(many));
  if (count < 1 || count > 12) return null;
  return { hand: { role, count, competence }, person: known?.name ?? null };
}

/** “Jo and a helper”; null where a part of it is nobody. */
function handsOf(text: string, knows: Knows): { hands: Hand[]; people: string[] } | null {
  const all = text.split(/\s+and\s+|\s*\+\s*/i).map((part) => handOf(part, knows));
  if (all.length === 0 || all.some((one) => one === null)) return null;
  const found = all.flatMap((one) => one ?? []);
  return {
    hands: found.map(({ hand }) => hand),
    people: found.flatMap(({ person }) => person ?? []),
  };
}

const written = ({ least, most, isRange, likely }: TimeFound): Written => ({
  least,
  most,
  isRange,
  likely,
});

/** Cuts a part out of a text, with the little word before it that belongs to it. */
function without(text: string, from: number, to: number): string {
  const before = text.slice(0, from).replace(/\s*\b(?:for|in|takes|taking|about)\s*$/i, ' ');
  return `${before.trimEnd()} ${text.slice(to).trimStart()}`.trim();
}

const tidy = (name: string): string =>
  name
    .replace(/\s+/g, ' ')
    .replace(/\s+([,.;!?])/g, '$1')
    .replace(/^[\s,;.–-]+|[\s,;–-]+$/g, '')
    .replace(/\.$/, '')
    .trim();

class StepReader {
  readonly said: StepSaid = {
    name: '',
    time: null,
    hands: null,
    besides: [],
    wings: false,
    eachGo: null,
    sign: null,
    wait: null,
    keeps: null,
    cue: '',
    gearOn: [],
    gearOff: [],
    marks: [],
    doubts: [],
    people: [],
    isLiteral: false,
    parts: [],
  };
  private readonly names: string[] = [];

  constructor(private readonly knows: Knows) {}

  read(body: string, offset: number): StepSaid {
    const { said } = this;
    let text = body;
    let from = offset;
    const by = /^([\p{L}’' -]{1,40}?)\s*:\s*/u.exec(text);
    const hands = by && handsOf(by[1] ?? '', this.knows);
    if (by && hands) {
      said.hands = hands.hands;
      said.people.push(...hands.people);
      said.marks.push({ from, to: from + (by[1] ?? '').length, kind: 'person' });
      from += by[0].length;
      text = text.slice(by[0].length);
    }
    [text, from] = this.sign(text, from);
    for (const part of listed(text)) this.part(part.text, from + part.from);
    const name = this.names.join(', ');
    said.name = said.isLiteral && this.names.length === 1 ? name : upperFirst(tidy(name));
    return said;
  }

  /** “when steam -> 70-85 s”, and what comes after it; “when it boils, flip it”. */
  private sign(text: string, from: number): [string, number] {
    const { said } = this;
    const arrow = SIGN.exec(text);
    if (arrow) {
      const [time] = findTimes(text.slice(arrow[0].length));
      const watchFor = unquoted(arrow[1] ?? '') ?? tidy(arrow[1] ?? '');
      const rest = arrow[0].length + (time?.from === 0 ? time.to : 0);
      said.marks.push({ from, to: from + rest, kind: 'word' });
      said.sign =
        time?.from === 0
          ? {
              watchFor,
              waitLeast: time.least,
              waitMost: time.isRange ? time.most : Math.round(time.least * 1.25),
            }
          : { watchFor, waitLeast: 0, waitMost: 0 };
      const after = text
        .slice(rest)
        .replace(/^\s*(?:,|then\b)\s*/i, (cut) => ' '.repeat(cut.length));
      return [after, from + rest];
    }
    const when = WHEN.exec(text);
    if (!when || (findTimes(when[1] ?? '').length > 0 && unquoted(when[1] ?? '') === null))
      return [text, from];
    said.sign = {
      watchFor: unquoted(when[1] ?? '') ?? tidy(when[1] ?? ''),
      waitLeast: 0,
      waitMost: 0,
    };
    said.marks.push({ from, to: from + when[0].length, kind: 'word' });
    return [text.slice(when[0].length), from + when[0].length];
  }

  /** What stands between two commas. */
  private part(text: string, from: number): void {
    const { said, knows } = this;
    const to = from + text.length;
    const mark = (kind: Mark['kind']): void => void said.marks.push({ from, to, kind });
    const literal = unquoted(text);
    if (literal !== null) {
      said.isLiteral = true;
      return void this.names.push(literal);
    }
    if (ONCE.test(text) || EACH_GO.test(text)) {
      said.eachGo = EACH_GO.test(text);
      return mark('word');
    }
    if (WINGS.test(text)) {
      said.wings = true;
      return mark('word');
    }
    if (BY_ITSELF.test(text)) {
      said.hands = [];
      return mark('person');
    }
    const ears = EARS.exec(text);
    if (ears) {
      if (ears[1] === '!') said.cue = COVER_EARS;
      else said.doubts.push({ from, to, kind: 'ears' });
      return mark(ears[1] === '!' ? 'word' : 'doubt');
    }
    const gear = GEAR.exec(text);
    if (gear) {
      const things = (gear[1] ?? '').split(/,| and /i).map((one) => upperFirst(one.trim()));
      (gear[2]?.toLowerCase() === 'on' ? said.gearOn : said.gearOff).push(...things);
      return mark('word');
    }
    const alone = handsOf(text, knows);
    if (alone) {
      said.hands = [...(said.hands ?? []), ...alone.hands];
      said.people.push(...alone.people);
      return mark('person');
    }
    // A name by itself, of somebody who is not among the people yet.
    if (this.names.length > 0 && /^\p{Lu}\p{Ll}+$/u.test(text))
      said.doubts.push({ from, to, kind: 'who' });
    this.timed(text, from);
  }

  /** A part with a time in it, or with none: a wait, the time of the step, or words of its name. */
  private timed(whole: string, begin: number): void {
    const { said } = this;
    const [text, from] = this.companions(whole, begin);
    const [time, ...others] = findTimes(text);
    const keeps = KEEPS.exec(text);
    if (keeps && time) {
      said.keeps = time.most;
      return void said.marks.push({ from, to: from + text.length, kind: 'word' });
    }
    if (time) {
      const place = { from: from + time.from, to: from + time.to };
      said.marks.push({ ...place, kind: time.noUnit ? 'doubt' : 'time' });
      if (time.noUnit) said.doubts.push({ ...place, kind: 'noUnit' });
      if (time.most === 0) said.doubts.push({ ...place, kind: 'zero' });
      if (others[0])
        said.doubts.push({
          from: from + others[0].from,
          to: from + others[0].to,
          kind: 'manyTimes',
        });
    }
    const wait = WAIT.exec(text);
    // “Wait” by itself, or with how long: nobody is at it. “Let it fall” is a step like any other.
    if (wait && (time || /^wait\b/i.test(wait[0].replace(THEN, ''))) && !said.wait) {
      const name = tidy(time ? without(text, time.from, time.to) : text).replace(THEN, '');
      said.wait = { name: upperFirst(name), time: time ? written(time) : null };
      if (!time) said.doubts.push({ from, to: from + text.length, kind: 'waitTime' });
      return;
    }
    if (time && said.time === null) said.time = written(time);
    else if (time)
      said.doubts.push({ from: from + time.from, to: from + time.to, kind: 'manyTimes' });
    const name = time ? without(text, time.from, time.to) : text;
    if (name !== '') {
      this.names.push(name);
      said.parts.push({ text, from });
    }
  }

  /** “… with Jo” at the end of a part: with them besides. */
  private companions(text: string, from: number): [string, number] {
    const found = /(?:^|\s+)with\s+([^,]+)$/i.exec(text);
    const hands = found && handsOf(found[1] ?? '', this.knows);
    if (!found || !hands) return [text, from];
    this.said.besides.push(...hands.hands);
    this.said.people.push(...hands.people);
    const at = found.index + found[0].search(/with/i);
    this.said.marks.push({ from: from + at, to: from + text.length, kind: 'person' });
    return [text.slice(0, found.index), from];
  }
}

/** Reads the body of a step’s line; `offset` is where it begins in its line. */
export const readStep = (body: string, offset: number, knows: Knows): StepSaid =>
  new StepReader(knows).read(body, offset);
