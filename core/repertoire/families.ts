/** What a demonstration is about, so that a show has some of everything and no two of a kind side by side. */
export const FAMILIES = [
  'air',
  'water',
  'gas',
  'cold',
  'flame',
  'colour',
  'light',
  'sound',
  'charge',
  'magnet',
  'motion',
  'turning',
  'matter',
  'body',
] as const;
export type Family = (typeof FAMILIES)[number];

export const FAMILY_WORDS: Readonly<Record<Family, string>> = {
  air: 'air and pressure',
  water: 'water and floating',
  gas: 'gases made',
  cold: 'cold',
  flame: 'heat and flame',
  colour: 'colours that change',
  light: 'light',
  sound: 'sound',
  charge: 'electric charge',
  magnet: 'magnets',
  motion: 'falling, flying, balance',
  turning: 'turning',
  matter: 'what things are made of',
  body: 'the body',
};
