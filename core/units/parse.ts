/** Amounts as people write them: "1½ cups", "2 tbsp", "40mL", "8 drops", "a squirt", "3 strokes", "68 °F", "2 x 500 mL". */
import { type Dimension, type UnitId, UNITS, UNIT_IDS, dimensionOf } from './units';

export interface Amount {
  amount: number;
  unit: UnitId;
}

export type Parsed = { ok: true; value: Amount } | { ok: false; message: string };

/** Other ways of writing each unit, in lower case; plurals with s are understood besides. */
const WRITTEN: Partial<Record<UnitId, readonly string[]>> = {
  mL: ['ml', 'millilitre', 'milliliter', 'cc', 'cm3', 'cm³'],
  L: ['l', 'lt', 'ltr', 'litre', 'liter'],
  m3: ['m3', 'cubic metre', 'cubic meter'],
  tsp: ['teaspoon', 'teaspoonful'],
  tbsp: ['tablespoon', 'tablespoonful', 'tbs', 'tbl'],
  flOz: ['fl oz', 'fl. oz', 'floz', 'fluid ounce'],
  cup: ['cupful', 'c'],
  pint: ['pt'],
  quart: ['qt'],
  gallon: ['gal'],
  squirt: ['squeeze'],
  stroke: ['pump', 'pump stroke'],
  g: ['gram', 'gramme', 'gm'],
  kg: ['kilo', 'kilogram', 'kilogramme'],
  oz: ['ounce'],
  lb: ['pound'],
  pinch: ['pinche'],
  piece: ['pc', 'pce', 'pcs', 'off', 'no', 'x', '×', 'each', 'ea'],
  m: ['metre', 'meter'],
  cm: ['centimetre', 'centimeter'],
  mm: ['millimetre', 'millimeter'],
  in: ['inch', 'inche', '"', '″'],
  ft: ['foot', 'feet', "'", '′'],
  s: ['sec', 'second'],
  min: ['minute'],
  h: ['hr', 'hour'],
  degC: [
    '°c',
    'c',
    'deg c',
    'degree c',
    'degrees c',
    'celsius',
    'degrees celsius',
    'degree celsius',
  ],
  degF: [
    '°f',
    'f',
    'deg f',
    'degree f',
    'degrees f',
    'fahrenheit',
    'degrees fahrenheit',
    'degree fahrenheit',
  ],
  percent: ['%', 'per cent', 'pct'],
  V: ['v', 'volt'],
  kV: ['kv', 'kilovolt'],
  ppm: ['parts per million'],
  hPa: ['hpa', 'mbar', 'millibar'],
  rpm: ['turns/min', 'rev/min', 'turns a minute'],
  mps: ['m/s', 'metres per second', 'meters per second'],
  kmh: ['km/h', 'kph'],
  mph: ['miles an hour', 'miles per hour'],
  N: ['n', 'newton'],
  gf: ['gram-force'],
  W: ['w', 'watt'],
  kW: ['kw', 'kilowatt'],
  dB: ['db', 'dba', 'db(a)', 'dbc', 'db(c)', 'decibel'],
  perHour: ['/h', 'per hour', 'times an hour', 'changes an hour'],
  kgm2: ['kg m2', 'kgm²'],
  T: ['tesla'],
};

const FRACTIONS: Record<string, number> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅕': 1 / 5,
  '⅙': 1 / 6,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};

const WORDS: Record<string, number> = { a: 1, an: 1, one: 1, two: 2, three: 3, half: 0.5 };

/** Figures with a decimal point or comma, or grouped by threes: 1,000 is a thousand and 1,5 is one and a half. */
const FIGURES = String.raw`\d{1,3}(?:[,\u202f\u00a0 ]\d{3})+(?:\.\d+)?|\d+(?:[.,]\d+)?|[.,]\d+`;
const VULGAR = `[${Object.keys(FRACTIONS).join('')}]`;
const NUMBER = new RegExp(
  String.raw`^([-+−]?)(?:(${FIGURES})?\s*(${VULGAR})|(?:(\d+)\s+)?(\d+)\s*[/⁄]\s*(\d+)|(${FIGURES}))`,
);

function figure(text: string): number {
  if (/^\d{1,3}(?:[, \u202f\u00a0]\d{3})+(?:\.\d+)?$/.test(text))
    return Number(text.replace(/[, \u202f\u00a0]/g, ''));
  return Number(text.replace(',', '.'));
}

/** The number at the start of a text, and what is left of it; null without one. */
function leadingNumber(text: string): { number: number; rest: string } | null {
  const found = NUMBER.exec(text);
  if (found) {
    const [all, sign, whole, vulgar, wholeBefore, over, under, plain] = found;
    const size = vulgar
      ? (whole ? figure(whole) : 0) + (FRACTIONS[vulgar] ?? 0)
      : over && under
        ? Number(wholeBefore ?? 0) + Number(over) / Number(under)
        : figure(plain ?? '');
    return { number: sign === '-' || sign === '−' ? -size : size, rest: text.slice(all.length) };
  }
  const word = /^(half an?|an?|one|two|three|half)(?=\s)/i.exec(text);
  if (!word) return null;
  const first = word[0].toLowerCase().split(/\s/)[0] ?? '';
  return { number: WORDS[first] ?? 1, rest: text.slice(word[0].length) };
}

const NAMES = new Map<string, UnitId[]>();
for (const unit of UNIT_IDS)
  for (const name of [
    unit.toLowerCase(),
    UNITS[unit].label.toLowerCase(),
    ...(WRITTEN[unit] ?? []),
  ])
    NAMES.set(name, [...new Set([...(NAMES.get(name) ?? []), unit])]);

/** Units that a word may stand for; "c" is cups among volumes and degrees among temperatures. */
function unitsNamed(written: string): UnitId[] {
  const word = written.trim().replace(/\s+/g, ' ').replace(/\.$/, '');
  // Case tells a capital L from nothing, but M is not a metre and T is a tablespoon in some kitchens.
  if (word === 'T') return ['tbsp', 'T'];
  if (word === 't') return ['tsp'];
  const lower = word.toLowerCase();
  return (
    NAMES.get(lower) ??
    NAMES.get(lower.replace(/s$/, '')) ??
    NAMES.get(lower.replace(/es$/, '')) ??
    []
  );
}

const KIND_WORDS: Record<Dimension, string> = {
  volume: 'a volume, such as 40 mL',
  mass: 'a weight, such as 20 g',
  count: 'a number of pieces, such as 3',
  length: 'a length, such as 20 cm',
  time: 'a time, such as 4 min',
  temperature: 'a temperature, such as 20 °C',
  pressure: 'a pressure, such as 300 kPa',
  share: 'a share, such as 5 %',
  voltage: 'a voltage, such as 9 V',
  turning: 'a speed of turning, such as 30 turns/min',
  speed: 'a speed, such as 12 m/s',
  force: 'a force, such as 5 N',
  power: 'a power, such as 900 W',
  level: 'a sound level, such as 85 dB',
  rate: 'so many times an hour, such as 4 an hour',
  inertia: 'a moment of inertia, such as 2 kg m²',
  field: 'a magnet’s field, such as 1.2 T',
};

/** How an amount of a kind is asked for: "a volume, such as 40 mL". */
export const kindInWords = (dimension: Dimension): string => KIND_WORDS[dimension];

/** “2 x 500 mL”, “2 bottles of 500 mL”, “500 mL x 2”: so many of one amount. */
const FEW_OF = /^\s*[x×*]\s*(?=[\d.,½⅓⅔¼¾⅛])/i;
const PACKS_OF = /^\s*(\p{L}{3,})\s+(?:of|à|@)\s+(?=\d)/iu;
const TIMES_AFTER = /^\s*(\p{L}[\p{L}\s.]*?)\s*[x×*]\s*(\d{1,4})$/iu;

const times = (count: number, one: Parsed): Parsed =>
  one.ok
    ? {
        ok: true,
        value: { amount: Number((count * one.value.amount).toPrecision(12)), unit: one.value.unit },
      }
    : one;

/**
 * Reads an amount leniently. `kind` is what is wanted, where only one will do: the unit of another kind
 * is told as such. `bare` is the unit of a number that stands alone.
 */
export function parseAmount(
  text: string,
  { kind, bare = 'piece' }: { kind?: Dimension; bare?: UnitId } = {},
): Parsed {
  const fault = (message: string): Parsed => ({ ok: false, message });
  const trimmed = text.trim();
  if (trimmed === '') return fault('is missing');
  const led = leadingNumber(trimmed);
  if (!led)
    return fault(
      `must begin with a number, such as ${kind ? (KIND_WORDS[kind].split('such as ')[1] ?? '') : '40 mL'}`,
    );
  if (!Number.isFinite(led.number)) return fault('must be a number that can be measured out');
  const of = FEW_OF.exec(led.rest) ?? PACKS_OF.exec(led.rest);
  if (of && (of[1] === undefined || unitsNamed(of[1]).length === 0))
    return times(led.number, parseAmount(led.rest.slice(of[0].length), { kind, bare }));
  const after = TIMES_AFTER.exec(led.rest);
  if (after)
    return times(Number(after[2]), parseAmount(`${led.number} ${after[1]}`, { kind, bare }));
  const word = led.rest.replace(/^\s*of\s+a?/, '').trim();
  if (word === '') {
    return kind && dimensionOf(bare) !== kind
      ? fault(`must be ${KIND_WORDS[kind]}`)
      : { ok: true, value: { amount: led.number, unit: bare } };
  }
  const named = unitsNamed(word);
  if (named.length === 0) return fault(`has a unit that is not known here: “${word}”`);
  const unit = named.find((id) => kind === undefined || dimensionOf(id) === kind);
  if (!unit)
    return fault(
      `must be ${KIND_WORDS[kind ?? 'count']}; “${word}” measures ${(KIND_WORDS[dimensionOf(named[0] ?? 'piece')].split(',')[0] ?? '').replace(/^an? /, '')}`,
    );
  return { ok: true, value: { amount: led.number, unit } };
}
