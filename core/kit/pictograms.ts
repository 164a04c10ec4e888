/**
 * Pictograms of the Globally Harmonized System of Classification and Labelling of Chemicals (United Nations), which a
 * label carries by its hazard statements: Annex 1 and, for which give way to which, 1.4.10.5.3. Recalled from it, not
 * looked up here: the supplier’s label and data sheet come first.
 */
export const PICTOGRAMS = [
  'explosive',
  'flame',
  'oxidiser',
  'gasCylinder',
  'corrosion',
  'skull',
  'health',
  'exclamation',
  'environment',
] as const;
export type Pictogram = (typeof PICTOGRAMS)[number];

export const PICTOGRAM_WORDS: Record<Pictogram, string> = {
  explosive: 'Exploding bomb',
  flame: 'Flame',
  oxidiser: 'Flame over circle',
  gasCylinder: 'Gas cylinder',
  corrosion: 'Corrosion',
  skull: 'Skull and crossbones',
  health: 'Health hazard',
  exclamation: 'Exclamation mark',
  environment: 'Environment',
};

const CARRIES: Record<Exclude<Pictogram, 'exclamation'>, readonly string[]> = {
  explosive: ['H200', 'H201', 'H202', 'H203', 'H204', 'H240', 'H241'],
  flame: [
    ...['H220', 'H222', 'H223', 'H224', 'H225', 'H226', 'H228', 'H241', 'H242'],
    ...['H250', 'H251', 'H252', 'H260', 'H261'],
  ],
  oxidiser: ['H270', 'H271', 'H272'],
  gasCylinder: ['H280', 'H281'],
  corrosion: ['H290', 'H314', 'H318'],
  skull: ['H300', 'H301', 'H310', 'H311', 'H330', 'H331'],
  health: [
    ...['H304', 'H334', 'H340', 'H341', 'H350', 'H351', 'H360', 'H361', 'H370', 'H371'],
    ...['H372', 'H373'],
  ],
  environment: ['H400', 'H410', 'H411'],
};

/** The exclamation mark stands for these whatever else is there, but for a skull; for those only where nothing graver does. */
const HARMFUL = ['H302', 'H312', 'H332', 'H335', 'H336', 'H420'];
const IRRITANT = ['H315', 'H319'];
const SENSITISER = 'H317';
const RESPIRATORY_SENSITISER = 'H334';

function exclaims(codes: ReadonlySet<string>, others: readonly Pictogram[]): boolean {
  if (others.includes('skull')) return false;
  if (HARMFUL.some((code) => codes.has(code))) return true;
  if (codes.has(RESPIRATORY_SENSITISER)) return false;
  return (
    codes.has(SENSITISER) ||
    (!others.includes('corrosion') && IRRITANT.some((code) => codes.has(code)))
  );
}

/** What a label with these hazard codes shows, the gravest first; more than one code may stand for the same. */
export function pictogramsOf(hazards: readonly string[]): Pictogram[] {
  const codes = new Set(hazards);
  const others = PICTOGRAMS.filter(
    (one) => one !== 'exclamation' && CARRIES[one].some((code) => codes.has(code)),
  );
  const found = new Set<Pictogram>(others);
  if (exclaims(codes, others)) found.add('exclamation');
  return PICTOGRAMS.filter((one) => found.has(one));
}
