/** Metals that currents are driven in by a moving magnet. */

/** 10⁻⁸ Ω m at 20 °C (CRC Handbook, from memory); of alloys the middle of their range. */
export const RESISTIVITY = {
  silver: 1.59,
  copper: 1.68,
  gold: 2.21,
  aluminium: 2.65,
  zinc: 5.9,
  brass: 6.5,
  tin: 11.5,
  bronze: 15,
  lead: 21,
  titanium: 50,
  stainless: 72,
} as const;

export type Metal = keyof typeof RESISTIVITY;

export const METALS = Object.keys(RESISTIVITY) as Metal[];

export const METAL_WORDS: Record<Metal, string> = {
  silver: 'silver',
  copper: 'copper',
  gold: 'gold',
  aluminium: 'aluminium',
  zinc: 'zinc',
  brass: 'brass',
  tin: 'tin',
  bronze: 'bronze',
  lead: 'lead',
  titanium: 'titanium',
  stainless: 'stainless steel, the kind no magnet holds to',
};

/** Metals from the one that slows a magnet most to the least, as thick as each other. */
export const slowestFirst = (metals: readonly Metal[]): Metal[] =>
  [...metals].sort((a, b) => RESISTIVITY[a] - RESISTIVITY[b]);
