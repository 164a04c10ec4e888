/** A text as lines, each with the word it begins with, where that says what the line is. */

export const KEYWORDS = [
  'before',
  'show',
  'clear',
  'wait',
  'method',
  'say',
  'cue',
  'careful',
  'do',
  'wear',
  'takeOff',
  'needs',
  'see',
  'idea',
  'place',
  'ages',
  'energy',
  'goes',
  'volunteers',
  'about',
  'warn',
] as const;
export type Keyword = (typeof KEYWORDS)[number];

/** Each as it is written back, and other words for it. */
const WRITTEN: Readonly<Record<Keyword, readonly [string, ...string[]]>> = {
  before: ['before', 'prepare', 'preparation', 'prep', 'beforehand'],
  show: ['show', 'on stage', 'perform', 'performance'],
  clear: ['clear', 'after', 'afterwards', 'clearing', 'clean up'],
  wait: ['wait', 'by itself'],
  method: ['method', 'way'],
  say: ['say', 'words'],
  cue: ['cue', 'audience'],
  careful: ['careful', 'care', 'mind', 'watch out'],
  do: ['do'],
  wear: ['wear', 'put on'],
  takeOff: ['take off'],
  needs: ['needs', 'kit', 'bring', 'need'],
  see: ['people see', 'they see', 'hook'],
  idea: ['idea', 'the idea'],
  place: ['place', 'at'],
  ages: ['ages', 'age'],
  energy: ['energy'],
  goes: ['goes', 'go'],
  volunteers: ['volunteers', 'volunteer'],
  about: ['about', 'in short'],
  warn: ['warn', 'warning', 'say before'],
};

const BY_WORD = new Map(
  KEYWORDS.flatMap((key) => WRITTEN[key].map((word) => [word, key] as const)),
);

export const keywordTold = (key: Keyword): string => `${WRITTEN[key][0]}:`;

export interface Line {
  /** From 1. */
  number: number;
  text: string;
  keyword: Keyword | null;
  /** A word before a colon that is none of ours; null for none. */
  strange: string | null;
  /** What comes after the keyword, and where that begins. */
  body: string;
  from: number;
}

const HEAD = /^(\s*)(\p{L}[\p{L} ’'-]{0,24}?)\s*:(?!\d)\s*/u;

function lineOf(text: string, index: number): Line {
  const number = index + 1;
  const indent = text.length - text.trimStart().length;
  const plain = { number, text, keyword: null, strange: null, body: text.trim(), from: indent };
  const head = HEAD.exec(text);
  if (!head) return plain;
  const word = (head[2] ?? '').toLowerCase();
  const keyword = BY_WORD.get(word) ?? null;
  const from = head[0].length;
  if (keyword) return { ...plain, keyword, body: text.slice(from).trim(), from };
  return { ...plain, strange: head[2] ?? null };
}

/** The lines of a text that hold anything. */
export const linesOf = (text: string): Line[] =>
  text.split(/\r\n|\r|\n/).flatMap((line, i) => (line.trim() === '' ? [] : [lineOf(line, i)]));
