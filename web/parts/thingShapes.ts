/**
 * What a thing looks like from the front row, by the words of its name. Each shape stands on y = 0 and rises to
 * negative y, in units of about a centimetre; what it is drawn with (solid, dashed) is said where it is used.
 */
export interface ThingShape {
  width: number;
  height: number;
  /** Outline, from x = 0 to its width. */
  body: string;
  /** Lines inside it. */
  lines?: string;
}

const SHAPES = {
  plate: {
    width: 26,
    height: 12,
    body: 'M1 0V-8H25V0ZM4-8V-12H22V-8Z',
    lines: 'M4-4h4M21-4h.1',
  },
  can: {
    width: 9,
    height: 16,
    body: 'M1 0L0-1.500V-14.500L1-16H8L9-14.500V-1.500L8 0Z',
    lines: 'M0-13H9',
  },
  bottle: {
    width: 10,
    height: 28,
    body: 'M0 0V-16C0-19 3-20 3.500-22V-28H6.500V-22C7-20 10-19 10-16V0Z',
    lines: 'M0-12H10',
  },
  flask: {
    width: 16,
    height: 24,
    body: 'M2 0C0 0-.5-2 .5-4L5.500-15V-24H10.500V-15L15.500-4C16.500-2 16 0 14 0Z',
    lines: 'M3-8H13',
  },
  dewar: {
    width: 18,
    height: 30,
    body: 'M0 0V-20C0-24 5-24 5-27V-30H13V-27C13-24 18-24 18-20V0Z',
    lines: 'M4-14H14M4-10H14',
  },
  beaker: { width: 12, height: 16, body: 'M1 0V-15L0-16H12V0Z', lines: 'M1-9H12M9-12h3M9-5h3' },
  glass: { width: 9, height: 13, body: 'M1.500 0L0-13H9L7.500 0Z', lines: 'M.700-8H8.300' },
  bowl: {
    width: 26,
    height: 11,
    body: 'M0-11H26C26-4 21 0 17 0H9C5 0 0-4 0-11Z',
    lines: 'M1.500-7H24.500',
  },
  tray: { width: 34, height: 6, body: 'M0-6H34L32 0H2Z' },
  bucket: { width: 20, height: 20, body: 'M2 0L0-20H20L18 0Z', lines: 'M.500-15H19.500' },
  balloon: {
    width: 16,
    height: 22,
    body: 'M8-2C0-7-1-22 8-22S16-7 8-2ZM6.500 0L8-2L9.500 0Z',
  },
  ball: { width: 14, height: 14, body: 'M7-14A7 7 0 0 1 7 0A7 7 0 0 1 7-14Z' },
  box: { width: 22, height: 14, body: 'M0 0V-14H22V0Z', lines: 'M0-10H22M9-10v4h4v-4' },
  tube: { width: 8, height: 40, body: 'M0 0V-2H8V0ZM2-2V-40H6V-2Z', lines: 'M0-14H8M0-28H8' },
  stand: { width: 18, height: 38, body: 'M0 0V-2H18V0ZM8-2V-38H10V-2Z', lines: 'M9-30H17M17-33v6' },
  tongs: {
    width: 28,
    height: 7,
    body: 'M0-1.500L20-5A3 3 0 1 1 20-2.500L0-5.500V-6.500L14-4L0-.500Z',
  },
  stick: { width: 30, height: 3, body: 'M0 0V-2.500H28L30-1.200L28 0Z' },
  meter: {
    width: 16,
    height: 13,
    body: 'M0 0V-13H16V0Z',
    lines: 'M3-10H13V-6H3ZM4-3h1M8-3h1M12-3h1',
  },
  dome: {
    width: 18,
    height: 40,
    body: 'M5 0V-3H7.500V-24A9 9 0 1 1 10.500-24V-3H13V0Z',
  },
  candle: {
    width: 5,
    height: 18,
    body: 'M0 0V-13H5V0ZM2.500-13C.500-15 2.500-16 2.500-18C2.500-16 4.500-15 2.500-13Z',
  },
  cloth: { width: 24, height: 5, body: 'M0 0V-4C4-6 8-3 12-5S20-3 24-5V0Z' },
  bag: { width: 14, height: 16, body: 'M0 0L1-13L3-16H11L13-13L14 0Z', lines: 'M2-12H12' },
  jug: {
    width: 17,
    height: 18,
    body: 'M1 0L0-17L-1-18H12L11.500 0Z',
    lines: 'M11.800-14C17-14 17-5 11.600-5M.500-9H11.700',
  },
  dish: { width: 12, height: 4, body: 'M0-4H12L10 0H2Z' },
  fork: { width: 12, height: 18, body: 'M5 0V-9H2V-18H3.500V-11H5V-18H7V-11H8.500V-18H10V-9H7V0Z' },
  fan: {
    width: 18,
    height: 26,
    body: 'M6 0V-2H8V-8A9 9 0 1 1 10-8V-2H12V0Z',
    lines: 'M9-17L4-20M9-17L14-20M9-17V-11',
  },
  lamp: { width: 16, height: 12, body: 'M0-3V-9H9L16-12V0L9-3Z' },
  coil: {
    width: 22,
    height: 14,
    body: 'M0 0V-2H22V0ZM3-2V-14H19V-2Z',
    lines: 'M6-14V-2M9-14V-2M12-14V-2M15-14V-2',
  },
  flower: {
    width: 12,
    height: 26,
    body: 'M5.500 0V-16H6.500V0ZM6-16A5 5 0 1 1 6-26A5 5 0 1 1 6-16Z',
    lines: 'M6-8C3-8 2-10 2-12M6-5C9-5 10-7 10-9',
  },
  thing: { width: 14, height: 12, body: 'M0 0V-12H14V0Z' },
} satisfies Record<string, ThingShape>;

const CLUES: readonly (readonly [RegExp, keyof typeof SHAPES])[] = [
  [/\b(?:hot ?plate|cooker|stove|heater|warmer|burner|hob)\b/, 'plate'],
  [/\b(?:dome|generator)\b/, 'dome'],
  [/\b(?:dewar|vacuum flask|cold flask|nitrogen)\b/, 'dewar'],
  [/\b(?:candles?|tea ?lights?|matches|lighter)\b/, 'candle'],
  [/\bballoons?\b/, 'balloon'],
  [/\b(?:cans?|tins?|drums?|barrels?)\b/, 'can'],
  [
    /\b(?:bottles?|peroxide|liquid|alcohol|ethanol|propan\S*|acid|solution|oil|colou?r(?:ing)?|syrup|cola)\b/,
    'bottle',
  ],
  [/\b(?:flasks?|volumetric)\b/, 'flask'],
  [/\b(?:jugs?|pitchers?|kettles?|water|vinegar|milk|juice)\b/, 'jug'],
  [/\b(?:beakers?|cylinders?|jars?)\b/, 'beaker'],
  [/\b(?:tumblers?|glass(?:es)?|cups?|goblets?)\b/, 'glass'],
  [/\b(?:trays?|sheets?|boards?|tiles?|mats?)\b/, 'tray'],
  [/\b(?:buckets?|bins?|tubs?|basins?)\b/, 'bucket'],
  [/\b(?:bowls?|pans?|dish(?:es)?|plates?)\b/, 'bowl'],
  [/\b(?:tubes?|pipes?|hoses?|straws?)\b/, 'tube'],
  [/\b(?:tongs|pliers|scissors|tweezers|knife|spoons?|ladle)\b/, 'tongs'],
  [/\b(?:forks?)\b/, 'fork'],
  [/\b(?:sticks?|rods?|wands?|skewers?|wicks?|splints?|rulers?|tape)\b/, 'stick'],
  [
    /\b(?:timers?|meters?|thermometers?|scales?|balance|counter|microphone|batter(?:y|ies)|pump|sensor)\b/,
    'meter',
  ],
  [/\b(?:cloths?|towels?|blankets?|gloves?|sponge|paper|tissues?)\b/, 'cloth'],
  [/\b(?:powder|salt|sugar|soda|flour|crystals?|yeast|iodide|dye|soap|detergent|sweets?)\b/, 'bag'],
  [/\b(?:magnets?|coins?|weights?|discs?|buttons?)\b/, 'dish'],
  [/\b(?:coils?|wire|leads?|cables?|transformer)\b/, 'coil'],
  [/\b(?:flowers?|leaf|leaves|plants?|grass)\b/, 'flower'],
  [/\b(?:fan|wheel|turntable|stool|gyroscope)\b/, 'fan'],
  [/\b(?:lamps?|torch(?:es)?|lasers?|lights?|projector)\b/, 'lamp'],
  [/\b(?:balls?|oranges?|apples?|eggs?|marbles?)\b/, 'ball'],
  [/\b(?:stands?|clamps?|tripods?|ramps?|launchers?)\b/, 'stand'],
  [/\b(?:box(?:es)?|cases?|crates?|cannon)\b/, 'box'],
];

/**
 * The shape that the words of a name call up; a plain block where none does. In English the last noun says what it
 * is, “of” and “with” apart: “bottle of water” is a bottle. Of two that end together the longer one is meant.
 */
export const thingShape = (name: string): ThingShape =>
  lastNamed(name.toLowerCase().split(/ (?:of|with|for|in) /)[0] ?? '');

/** The shape that words of what is seen call up, whatever part of it: “the rim of the cylinder” is a cylinder. */
export const shapeSeen = (words: string): ThingShape => lastNamed(words.toLowerCase());

function lastNamed(head: string): ThingShape {
  const found = CLUES.flatMap(([clue, shape]) =>
    [...head.matchAll(new RegExp(clue.source, 'g'))].map((match) => ({
      shape,
      length: match[0].length,
      end: match.index + match[0].length,
    })),
  ).sort((a, b) => b.end - a.end || b.length - a.length);
  return SHAPES[found[0]?.shape ?? 'thing'];
}
