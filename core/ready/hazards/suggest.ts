/** Hazards that a method may have, from what it uses, needs, leaves and is calculated with. */
import { findCalculator } from '../../calculators/catalogue';
import { blankHazard } from '../../repertoire/blank';
import type { Item } from '../../repertoire/item';
import type { Demo, HazardKind, Method, ResidueKind } from '../../repertoire/types';
import { listInWords, lowerFirst } from '../../words';

export interface Suggestion {
  kind: HazardKind;
  /** What it is suggested for. */
  because: string[];
}

/** Hazard statements of the harmonised system, by what they warn of. */
const CODES: readonly (readonly [pattern: RegExp, kind: HazardKind])[] = [
  [/^H22[0-9]/, 'flammableVapour'],
  [/^H27[0-2]/, 'oxidiser'],
  [/^H280/, 'compressedGas'],
  [/^H281/, 'cryogen'],
  [/^H314/, 'corrosive'],
  [/^H31[589]/, 'splash'],
  [/^H3(17|34)/, 'allergen'],
  [/^H3(30|31|32|35|36|70|71)/, 'toxicVapour'],
];

/** Things by their names: where the name says it, it is asked about. */
const NAMES: readonly (readonly [pattern: RegExp, kind: HazardKind])[] = [
  [/candle|match(es)?\b|lighter|burner|torch flame|sparkler/i, 'openFlame'],
  [/hot ?plate|kettle|soldering|heat gun|hob\b/i, 'hot'],
  [/magnet/i, 'strongMagnet'],
  [/balloon|latex/i, 'latex'],
  [/helium|gas (bottle|cylinder)|carbon dioxide (bottle|cylinder)/i, 'compressedGas'],
  [/laser/i, 'laser'],
  [/strobe|stroboscop/i, 'photosensitive'],
  [/ultraviolet|\buv\b|black ?light/i, 'ultraviolet'],
  [/ladder|steps\b/i, 'workAtHeight'],
  [/smoke machine|fog machine|hazer/i, 'smoke'],
  [/dry ice/i, 'cryogen'],
  [/liquid nitrogen/i, 'cryogen'],
  [/charcoal|generator/i, 'carbonMonoxide'],
  [/flour|cornflour|starch|lycopodium|icing sugar/i, 'dust'],
  // What it is called where nobody has put its label in yet.
  [/peroxide/i, 'oxidiser'],
  [/peroxide|\bacid\b|vinegar|bleach|washing soda/i, 'splash'],
  [/caustic|hydroxide|drain cleaner/i, 'corrosive'],
  [
    /methylated|white spirit|ethanol|\balcohol\b|propanol|acetone|petrol|lighter fluid/i,
    'flammableVapour',
  ],
];

/** What the audience or the crew is told or wears says what they are kept from. */
const WORN: readonly (readonly [pattern: RegExp, kind: HazardKind])[] = [
  [/\bears?\b|\bear (?:defenders|plugs)\b/i, 'loud'],
];

const LEFT: Partial<Record<ResidueKind, HazardKind>> = {
  water: 'slip',
  foam: 'slip',
  vapour: 'flammableVapour',
  oxygen: 'oxidiser',
  smoke: 'smoke',
  debris: 'shatter',
  heat: 'hot',
  charge: 'highVoltage',
};

const CALCULATED: Readonly<Record<string, readonly HazardKind[]>> = {
  'will-it-light': ['flammableVapour', 'openFlame'],
  'another-go': ['flammableVapour', 'openFlame'],
  foam: ['oxidiser', 'splash', 'slip'],
  chill: ['cryogen'],
  'cold-left': ['cryogen', 'asphyxiant'],
  'cold-in-room': ['asphyxiant'],
  'cold-in-water': ['cryogen', 'asphyxiant'],
  'closed-vessel': ['pressure', 'cryogen'],
  bang: ['loud'],
  dome: ['highVoltage'],
  'clear-zone': ['projectile'],
  'water-rocket': ['projectile', 'pressure'],
  'vacuum-launcher': ['projectile', 'pressure'],
  'popping-lid': ['projectile', 'pressure'],
  turning: ['volunteerMoved'],
  'sliding-magnet': ['strongMagnet'],
  'magnet-pipe': ['strongMagnet'],
  balloon: ['gasBalloons'],
  'steam-can': ['hot'],
  candle: ['openFlame'],
};

/** What of an item says what it may do. */
export type Hinting = Pick<Item, 'id' | 'name' | 'kind' | 'label' | 'cold'>;

/** What lesser hazard is covered by a greater one that is listed. */
const COVERED: Partial<Record<HazardKind, readonly HazardKind[]>> = {
  splash: ['corrosive', 'cryogen', 'oxidiser'],
  latex: ['allergen'],
  photosensitive: ['flashingLight'],
  compressedGas: ['gasBalloons'],
};

/** An item says the same for as long as it is the same; judging asks for every pair of slots. */
const said = new WeakMap<Hinting, [HazardKind, string][]>();

function fromItem(item: Hinting): [HazardKind, string][] {
  const known = said.get(item);
  if (known) return known;
  const found: HazardKind[] = [
    ...CODES.flatMap(([pattern, kind]) =>
      item.label.hazards.some((code) => pattern.test(code)) ? [kind] : [],
    ),
    ...NAMES.flatMap(([pattern, kind]) => (pattern.test(item.name) ? [kind] : [])),
    ...(item.cold ? (['cryogen', 'asphyxiant'] as const) : []),
  ];
  const hints = found.map((kind): [HazardKind, string] => [kind, lowerFirst(item.name)]);
  said.set(item, hints);
  return hints;
}

/** Every hazard that something of the method points to, with what does; those listed included. */
export function pointsTo(method: Method, items: readonly Hinting[]): Suggestion[] {
  const known = pointed.get(method);
  if (known?.items === items) return known.found;
  const found = hintsOf(method, items);
  pointed.set(method, { items, found });
  return found;
}

/** Of each method the last answer, with the items that it was for. */
const pointed = new WeakMap<Method, { items: readonly Hinting[]; found: Suggestion[] }>();

function hintsOf(method: Method, items: readonly Hinting[]): Suggestion[] {
  const used = new Set(method.kit.map(({ itemId }) => itemId));
  const found: [HazardKind, string][] = [
    ...items.filter(({ id, kind }) => used.has(id) && kind !== 'gear').flatMap(fromItem),
    ...method.leaves.flatMap(({ kind }): [HazardKind, string][] => {
      const hazard = LEFT[kind];
      return hazard ? [[hazard, `what it leaves: ${kind}`]] : [];
    }),
    ...method.calculators.flatMap(({ calculator }) =>
      (CALCULATED[calculator] ?? []).map((kind): [HazardKind, string] => [
        kind,
        `“${findCalculator(calculator)?.title ?? calculator}”`,
      ]),
    ),
    ...method.tasks.flatMap(({ name, cue, gearOn }) =>
      WORN.flatMap(([pattern, kind]): [HazardKind, string][] =>
        [cue, ...gearOn].some((words) => pattern.test(words)) ? [[kind, `“${name}”`]] : [],
      ),
    ),
    ...(method.needs.powerW === null
      ? []
      : [['trailingCables', 'it needs power'] as [HazardKind, string]]),
  ];
  const kinds = [...new Set(found.map(([kind]) => kind))];
  return kinds.map((kind) => ({
    kind,
    because: [...new Set(found.flatMap(([of, why]) => (of === kind ? [why] : [])))],
  }));
}

/** Those that are neither listed, nor covered by what is, nor said not to be there. */
export function suggestions(method: Method, items: readonly Hinting[]): Suggestion[] {
  const listed = new Set(method.hazards.map(({ kind }) => kind));
  const ruledOut = new Set(method.ruledOut.map(({ kind }) => kind));
  return pointsTo(method, items).filter(
    ({ kind }) =>
      !listed.has(kind) &&
      !ruledOut.has(kind) &&
      !(COVERED[kind] ?? []).some((greater) => listed.has(greater)),
  );
}

/** Those of any way of a demonstration, each once. */
export function suggestionsOf(
  { methods }: Pick<Demo, 'methods'>,
  items: readonly Hinting[],
): Suggestion[] {
  const all = methods.flatMap((method) => suggestions(method, items));
  return all.filter(({ kind }, i) => all.findIndex((one) => one.kind === kind) === i);
}

/** The hazards taken on by each of its ways that may have them. */
export const withTakenOn = (
  demo: Demo,
  kinds: readonly HazardKind[],
  items: readonly Hinting[],
): Demo => ({
  ...demo,
  methods: demo.methods.map((method) => {
    const open = suggestions(method, items).filter(({ kind }) => kinds.includes(kind));
    return {
      ...method,
      hazards: [...method.hazards, ...open.map(({ kind }) => blankHazard(kind))],
    };
  }),
});

export const becauseInWords = ({ because }: Suggestion): string => listInWords(because);
