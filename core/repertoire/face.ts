/** The look of a demonstration: a figure of the library, or a vessel and what happens to it. */

export const VESSELS = [
  'bottle',
  'beaker',
  'jar',
  'can',
  'bowl',
  'glass',
  'tube',
  'balloon',
  'box',
  'ball',
  'table',
  'stand',
  'person',
] as const;
export type Vessel = (typeof VESSELS)[number];

export const HAPPENINGS = [
  'foams',
  'burns',
  'bursts',
  'flies',
  'falls',
  'turns',
  'sparks',
  'freezes',
  'clouds',
  'colours',
  'sounds',
  'floats',
  'pulls',
  'shines',
] as const;
export type Happening = (typeof HAPPENINGS)[number];

export interface Face {
  /** A drawing that comes with the application, by the library’s id; null for one put together. */
  figure: string | null;
  vessel: Vessel;
  happening: Happening;
}

const VESSEL_CLUES: readonly [RegExp, Vessel][] = [
  [/\bballoons?\b/, 'balloon'],
  [/\bbottles?\b/, 'bottle'],
  [/\b(?:cans?|tins?|drum|barrel)\b/, 'can'],
  [/\b(?:beakers?|cups?|cylinders?)\b/, 'beaker'],
  [/\b(?:jars?|flasks?)\b/, 'jar'],
  [/\b(?:bowls?|trays?|tubs?|buckets?|basins?)\b/, 'bowl'],
  [/\bglass(?:es)?\b/, 'glass'],
  [/\b(?:tubes?|pipes?|hoses?|straws?)\b/, 'tube'],
  [/\bballs?\b/, 'ball'],
  [/\b(?:boxe?s?|case)\b/, 'box'],
  [/\b(?:stand|ramp|pendulum|string|rope|stool|wheel)\b/, 'stand'],
  [/\b(?:volunteers?|person|hands?|hair|heart)\b/, 'person'],
];

const HAPPENING_CLUES: readonly [RegExp, Happening][] = [
  [/\bfoams?\b/, 'foams'],
  [/\b(?:burns?|flames?|fire|candles?|light it|alight)\b/, 'burns'],
  [/\b(?:bang|bursts?|pops?|crush(?:ed|es)?|explodes?|implodes?)\b/, 'bursts'],
  [/\b(?:fl(?:y|ies)|launch(?:es)?|rockets?|shoots?|jumps?)\b/, 'flies'],
  [/\b(?:spins?|turns?|whirls?|rolls?|gyro\w*)\b/, 'turns'],
  [/\b(?:sparks?|charge\w*|static|volts?)\b/, 'sparks'],
  [/\b(?:freez\w*|froze\w*|cold|ice|nitrogen)\b/, 'freezes'],
  [/\b(?:clouds?|fog|mist|smoke|steam)\b/, 'clouds'],
  [/\b(?:colou?rs?|dye|ink|indicator|red|blue)\b/, 'colours'],
  [/\b(?:sounds?|sings?|hums?|music|hoots?|loud|tones?)\b/, 'sounds'],
  [/\b(?:floats?|hovers?|sinks?|rises?)\b/, 'floats'],
  [/\b(?:magnets?|pulls?|attracts?|sticks?)\b/, 'pulls'],
  [/\b(?:shines?|glows?|rainbow|laser|torch|lights?)\b/, 'shines'],
  [/\b(?:falls?|drops?|slides?|tips?)\b/, 'falls'],
];

/** What a demonstration looks like as long as nobody has chosen: by the first of its words that shows something. */
export function guessFace(words: string): Face {
  const text = words.toLowerCase();
  const first = <T>(clues: readonly [RegExp, T][], usual: T): T =>
    clues
      .flatMap(([clue, one]): [number, T][] => {
        const at = text.search(clue);
        return at < 0 ? [] : [[at, one]];
      })
      .sort((a, b) => a[0] - b[0])[0]?.[1] ?? usual;
  return {
    figure: null,
    vessel: first(VESSEL_CLUES, 'table'),
    happening: first(HAPPENING_CLUES, 'shines'),
  };
}
