/**
 * Words of the codes that labels carry: hazard (H) and precautionary (P) statements of the Globally
 * Harmonized System of Classification and Labelling of Chemicals (United Nations), Annex 3. Recalled
 * from it, not looked up here: the supplier's label and data sheet come first. Statements that name a
 * choice for the manufacturer are given in their short form.
 */
const HAZARD_STATEMENTS: Record<string, string> = {
  H220: 'Extremely flammable gas',
  H222: 'Extremely flammable aerosol',
  H224: 'Extremely flammable liquid and vapour',
  H225: 'Highly flammable liquid and vapour',
  H226: 'Flammable liquid and vapour',
  H228: 'Flammable solid',
  H229: 'Pressurized container: may burst if heated',
  H260: 'In contact with water releases flammable gases which may ignite spontaneously',
  H261: 'In contact with water releases flammable gas',
  H270: 'May cause or intensify fire; oxidizer',
  H271: 'May cause fire or explosion; strong oxidizer',
  H272: 'May intensify fire; oxidizer',
  H280: 'Contains gas under pressure; may explode if heated',
  H281: 'Contains refrigerated gas; may cause cryogenic burns or injury',
  H290: 'May be corrosive to metals',
  H301: 'Toxic if swallowed',
  H302: 'Harmful if swallowed',
  H304: 'May be fatal if swallowed and enters airways',
  H311: 'Toxic in contact with skin',
  H312: 'Harmful in contact with skin',
  H314: 'Causes severe skin burns and eye damage',
  H315: 'Causes skin irritation',
  H317: 'May cause an allergic skin reaction',
  H318: 'Causes serious eye damage',
  H319: 'Causes serious eye irritation',
  H331: 'Toxic if inhaled',
  H332: 'Harmful if inhaled',
  H335: 'May cause respiratory irritation',
  H336: 'May cause drowsiness or dizziness',
  H370: 'Causes damage to organs',
  H372: 'Causes damage to organs through prolonged or repeated exposure',
  H373: 'May cause damage to organs through prolonged or repeated exposure',
  H400: 'Very toxic to aquatic life',
  H410: 'Very toxic to aquatic life with long lasting effects',
  H411: 'Toxic to aquatic life with long lasting effects',
  H412: 'Harmful to aquatic life with long lasting effects',
};

const PRECAUTIONS: Record<string, string> = {
  P102: 'Keep out of reach of children',
  P210: 'Keep away from heat, hot surfaces, sparks, open flames and other ignition sources. No smoking',
  P220: 'Keep away from clothing and other combustible materials',
  P233: 'Keep container tightly closed',
  P260: 'Do not breathe dust, fume, gas, mist, vapours or spray',
  P261: 'Avoid breathing dust, fume, gas, mist, vapours or spray',
  P264: 'Wash hands thoroughly after handling',
  P270: 'Do not eat, drink or smoke when using this product',
  P271: 'Use only outdoors or in a well-ventilated area',
  P273: 'Avoid release to the environment',
  P280: 'Wear protective gloves, clothing, eye and face protection',
  P282: 'Wear cold insulating gloves and either face shield or eye protection',
  P336: 'Thaw frosted parts with lukewarm water. Do not rub affected area',
  P403: 'Store in a well-ventilated place',
  P405: 'Store locked up',
  P501: 'Dispose of contents and container by local rules',
};

export const HAZARD_CODES = Object.keys(HAZARD_STATEMENTS);
export const PRECAUTION_CODES = Object.keys(PRECAUTIONS);

const known = (words: Record<string, string>, codes: readonly string[]): string[] =>
  codes.map((code) => (words[code] ? `${code} ${words[code]}.` : code));

/** “H319 Causes serious eye irritation.” for each code; a code that is not known here stands alone. */
export const hazardWords = (codes: readonly string[]): string[] => known(HAZARD_STATEMENTS, codes);
export const precautionWords = (codes: readonly string[]): string[] => known(PRECAUTIONS, codes);
