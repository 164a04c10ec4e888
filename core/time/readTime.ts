/**
 * Durations as people write them: “1:30”, “90 s”, “2 min”, “2 min 30 s”, “1½ min”, “half a minute”, “70–85 s”,
 * “1:20 (1:00–2:00)”, “about 3”. Found inside a sentence, with where they stand in it.
 */

/** A duration in a text. Seconds, whole; `from` and `to` are places in the text, as of `slice`. */
export interface TimeFound {
  from: number;
  to: number;
  /** Shortest and longest where a range was written; the same where one figure was. */
  least: number;
  most: number;
  /** Both ends were written, even where they are the same. */
  isRange: boolean;
  /** With “1:20 (1:00–2:00)” the first of them; null otherwise. */
  likely: number | null;
  /** “about 3”: no unit was written, and minutes are taken. */
  noUnit: boolean;
}

const COUNT_WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
};

const VULGAR: Readonly<Record<string, number>> = {
  '½': 0.5,
  '¼': 0.25,
  '¾': 0.75,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
};

const SECONDS: Readonly<Record<string, number>> = { s: 1, m: 60, h: 3600 };

const words = Object.keys(COUNT_WORDS).join('|');
const NUMBER = String.raw`(?:\d+(?:[.,]\d+)?(?:\s?[½¼¾⅓⅔])?|[½¼¾⅓⅔]|(?:half\s+an?|${words})(?=\s))`;
const UNIT = String.raw`(?:s(?:ec(?:ond)?s?)?|min(?:ute)?s?|h(?:(?:ou)?rs?)?)(?![\p{L}\d])`;
const COLON = String.raw`\d{1,3}:[0-5]\d(?::[0-5]\d)?(?![\d:])`;
/** “2 min 30”, “1 h 5 min”, “a minute and a half”. */
const REST = String.raw`\s+and\s+a\s+half|\s*(?:and\s+)?\d{1,2}(?:\s*(?:s(?:ec(?:ond)?s?)?|min(?:ute)?s?))?(?![\p{L}\d:×]|\s*\p{L})`;
/** “A second helper” is no time. */
const ORDINAL = String.raw`(?!(?:an?|one)\s+second\s+(?!of\b)\p{L})`;
const SPOKEN = String.raw`${ORDINAL}${NUMBER}\s*${UNIT}(?:${REST})?`;
const DASH = String.raw`\s*(?:-|–|—|\.\.\.?|\bto\b)\s*`;
const ABOUT = String.raw`(?:(?:about|around|roughly|some|circa|ca\.?)\s+|~\s*)`;
const ONE = `(?:${COLON}|${SPOKEN})`;
/** “70-85 s”: what comes first may leave its unit to the second. */
const RANGE = `(?:${ONE}|${NUMBER})${DASH}${ONE}`;

const TIME = new RegExp(
  String.raw`(?<![\p{L}\d:.,])(?:${ABOUT})?(?:(?<likely>${ONE})\s*\((?<within>${RANGE})\)|(?<range>${RANGE})|(?<one>${ONE}))` +
    String.raw`|(?<![\p{L}\d])(?:about|around|roughly)\s+(?<bare>\d{1,3}(?:[.,]\d+)?)(?=\s*(?:$|[,.;)]))`,
  'giu',
);

function numberOf(text: string): number {
  const plain = text.trim().toLowerCase();
  if (plain.startsWith('half')) return 0.5;
  const word = COUNT_WORDS[plain];
  if (word !== undefined) return word;
  const parts = /^(\d+(?:[.,]\d+)?)?\s?([½¼¾⅓⅔])?$/.exec(plain);
  return Number((parts?.[1] ?? '0').replace(',', '.')) + (VULGAR[parts?.[2] ?? ''] ?? 0);
}

/** Seconds of one written duration; `unit` is that of a number that stands alone. */
function secondsOf(text: string, unit = 60): number {
  const plain = text.trim().toLowerCase();
  if (plain.includes(':'))
    return Math.round(plain.split(':').reduce((sum, part) => sum * 60 + Number(part), 0));
  const spoken = new RegExp(String.raw`^(${NUMBER})\s*(${UNIT})(.*)$`, 'iu').exec(plain);
  if (!spoken) return Math.round(numberOf(plain) * unit);
  const [, amount = '', written = '', rest = ''] = spoken;
  const each = SECONDS[written[0] ?? 's'] ?? 1;
  const more = rest.includes('half') ? each / 2 : Number(/\d+/.exec(rest)?.[0] ?? 0) * (each / 60);
  return Math.round(numberOf(amount) * each + more);
}

/** What a number in front of this duration is in: seconds of its unit. */
function unitOf(text: string): number {
  const written = /[\d½¼¾⅓⅔\s](s|m|h)[\p{L}]*/iu.exec(text);
  return text.includes(':') ? 60 : (SECONDS[(written?.[1] ?? 'm').toLowerCase()] ?? 60);
}

function rangeOf(text: string): [number, number] {
  const split = new RegExp(`^(${ONE}|${NUMBER})${DASH}(${ONE})$`, 'iu').exec(text.trim());
  const [, first = text, last = text] = split ?? [];
  const [a, b] = [secondsOf(first, unitOf(last)), secondsOf(last)];
  return [Math.min(a, b), Math.max(a, b)];
}

/** All durations in a text, in their order. */
export function findTimes(text: string): TimeFound[] {
  return [...text.matchAll(TIME)].map((match): TimeFound => {
    const place = { from: match.index, to: match.index + match[0].length };
    const { likely, within, range, one, bare } = match.groups ?? {};
    if (bare !== undefined) {
      const seconds = secondsOf(bare);
      return {
        ...place,
        least: seconds,
        most: seconds,
        isRange: false,
        likely: null,
        noUnit: true,
      };
    }
    const [least, most] = rangeOf(within ?? range ?? one ?? '');
    const isRange = one === undefined;
    if (likely === undefined)
      return { ...place, least, most, isRange, likely: null, noUnit: false };
    const middle = secondsOf(likely);
    return {
      ...place,
      least: Math.min(least, middle),
      most: Math.max(most, middle),
      isRange,
      likely: middle,
      noUnit: false,
    };
  });
}

/** Seconds of a text that is one duration and nothing else; a number alone is seconds. Null for anything else. */
export function readTime(text: string): number | null {
  const plain = text.trim();
  if (/^\d{1,5}$/.test(plain)) return Number(plain);
  const [found] = findTimes(plain);
  if (!found || found.from !== 0 || found.to !== plain.length) return null;
  return found.likely ?? Math.round((found.least + found.most) / 2);
}
