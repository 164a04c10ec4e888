/**
 * Whether a demonstration may be tried at home, with household amounts, by the same judging as on stage. The author says
 * first; what is judged can only be stricter, and what is not known is not handed out.
 */
import type { BindingContext } from '../../calculators/bind';
import { massShare } from '../../kit/strength';
import {
  type HandOut,
  hasHomeVersion,
  homeMethod,
  type HomeThing,
  NO_HAND_OUT,
} from '../../repertoire/handOut';
import { HAZARD_WORDS } from '../../repertoire/hazards';
import { labelledFrom } from '../../repertoire/mixtures';
import { SUBSTANCES } from '../../repertoire/substances';
import type { Item } from '../../repertoire/item';
import type { Demo, Method, Setting } from '../../repertoire/types';
import { HOUSEHOLD, type HouseholdSizes } from '../../units/household';
import { dimensionOf, toBase } from '../../units/units';
import { lowerFirst } from '../../words';
import { judgedAlone } from '../methodAlone';
import type { Verdict } from '../verdict';
import {
  HAZARD_AT_HOME,
  type HomeRule,
  KITCHEN,
  LABELLED_MOST,
  ROOM_CEILING,
  ROOM_CLEAR,
  stricter,
} from './rules';

/** unknown: something that decides is not known, and it is not handed out. */
export type AllowedAtHome = HomeRule | 'unknown';

/** Something that was held against it: by what, with what result, and what would change that. */
export interface HomeReason {
  allows: AllowedAtHome;
  words: string;
  remedy: string;
}

export interface HomeJudged {
  allowed: AllowedAtHome;
  /** What is in the way of what the author said; empty where nothing is. */
  reasons: HomeReason[];
  /** What it asks of the place: “outdoors”, “2 m clear all round”. */
  conditions: string[];
}

type Told = Pick<Demo, 'handOut' | 'methods' | 'ageFrom'>;

/** Its settings with the household’s figures in them. */
export const homeSettings = (method: Method, { figures }: Pick<HandOut, 'figures'>): Setting[] =>
  method.settings.map((setting) => {
    const own = figures.find(({ settingId }) => settingId === setting.id);
    return own ? { ...setting, value: own.value, most: null } : setting;
  });

const never = (words: string, remedy = ''): HomeReason => ({ allows: 'never', words, remedy });
const unknown = (words: string, remedy: string): HomeReason => ({
  allows: 'unknown',
  words,
  remedy,
});

function hazardReasons(method: Method, { without }: Pick<HandOut, 'without'>): HomeReason[] {
  if (!method.hazardsReviewed)
    return [
      unknown(
        'Nobody has gone through its hazards yet.',
        'Go through them on the demo’s page, and say that they are complete.',
      ),
    ];
  return method.hazards
    .filter(({ kind }) => !without.includes(kind) && HAZARD_AT_HOME[kind] !== 'alone')
    .map(({ kind }) => {
      const allows = HAZARD_AT_HOME[kind];
      return allows === 'never'
        ? never(
            `${HAZARD_WORDS[kind]}: not for a kitchen.`,
            'Smaller or otherwise, so that it is not there; then say so.',
          )
        : { allows, words: `${HAZARD_WORDS[kind]}: only with an adult.`, remedy: '' };
    });
}

/** Too strong at home; null where it is weak enough, or has no such limit. */
function strengthReason(item: Item): HomeReason | null {
  const limit = item.substance && labelledFrom(item.substance);
  if (!item.substance || limit === null) return null;
  const { name } = SUBSTANCES[item.substance];
  const { strength } = item;
  if (!strength)
    return unknown(
      `How strong ${lowerFirst(item.name)} is, is not known.`,
      'Put its strength in with the thing.',
    );
  // Without a density that of water stands in: the share it gives is no smaller than the true one.
  const share = massShare({ substance: item.substance, strength, density: item.density ?? 1 });
  if (share === null)
    return unknown(
      `How strong ${lowerFirst(item.name)} is, can’t be worked out.`,
      'Write its strength in per cent.',
    );
  return share < limit - 1e-9
    ? null
    : never(
        `${item.name}: ${name} carries a hazard statement from ${limit * 100} % on.`,
        'Take a weaker one.',
      );
}

function thingReasons(
  { itemId, amount, unit }: HomeThing,
  items: ReadonlyMap<string, Item>,
  sizes: HouseholdSizes,
): HomeReason[] {
  const item = items.get(itemId);
  if (!item) return [unknown('A thing it takes is not there any more.', 'Choose another.')];
  if (item.cold) return [never(`${item.name}: not for a kitchen.`)];
  if (item.label.signal === 'danger')
    return [never(`${item.name}: its label says Danger.`, 'Take something weaker.')];
  const strength = strengthReason(item);
  if (strength) return [strength];
  if (item.label.signal !== 'warning') return [];
  const isPoured = dimensionOf(unit) === 'volume' || dimensionOf(unit) === 'mass';
  if (isPoured && toBase(amount, unit, sizes) > LABELLED_MOST)
    return [
      never(
        `${item.name}: its label says Warning, and that is more than ${LABELLED_MOST} mL or g.`,
        'Take less.',
      ),
    ];
  return [
    {
      allows: 'adult',
      words: `${item.name}: its label says Warning; only with an adult.`,
      remedy: '',
    },
  ];
}

function careReasons({ care, tasks }: Method): HomeReason[] {
  const trained = tasks.some(
    ({ phase, hands }) =>
      phase !== 'reset' &&
      hands.some(({ competence }) => competence !== null && competence !== 'driver'),
  );
  return [
    ...(care.never.length > 0 ? [never('It is never done at all.')] : []),
    ...(trained
      ? [
          never(
            'It takes somebody who is trained for it.',
            'Make a way of doing it that takes nobody trained, and choose that one.',
          ),
        ]
      : []),
  ];
}

const REFUSES: Readonly<Record<Verdict['level'], AllowedAtHome | null>> = {
  stop: 'never',
  fix: 'never',
  unknown: 'unknown',
  watch: 'adult',
  ok: null,
};

/** What its calculators say of the household’s figures. */
function calculatorReasons(
  demo: Pick<Demo, 'id' | 'name'> & Told,
  method: Method,
  sizes: HouseholdSizes,
): HomeReason[] {
  const context: BindingContext = {
    settings: homeSettings(method, demo.handOut),
    facts: { ...KITCHEN, youngest: demo.ageFrom },
    sizes,
  };
  return method.calculators.flatMap((binding) => {
    return judgedAlone(demo, method, binding, context).flatMap(
      ({ level, message, remedy }): HomeReason[] => {
        const allows = REFUSES[level];
        return allows === null ? [] : [{ allows, words: message, remedy }];
      },
    );
  });
}

/** What it asks of the place. */
function conditionsOf({ needs }: Method): string[] {
  const clear = needs.clearM ?? 0;
  const isOutside =
    needs.where === 'outdoors' || clear > ROOM_CLEAR || (needs.ceilingM ?? 0) > ROOM_CEILING;
  return [
    ...(isOutside ? ['outdoors'] : []),
    ...(clear > 0 ? [`${clear} m clear all round`] : []),
    ...(needs.where !== 'outdoors' && (needs.ceilingM ?? 0) > ROOM_CEILING
      ? [`nothing above it for ${needs.ceilingM} m`]
      : []),
  ];
}

const rank = (allows: AllowedAtHome): number =>
  ['never', 'unknown', 'adult', 'alone'].indexOf(allows);

/** By what the author said, held against everything that is known. */
export function judgeAtHome(
  demo: Pick<Demo, 'id' | 'name'> & Told,
  items: readonly Item[],
  sizes: HouseholdSizes = HOUSEHOLD,
): HomeJudged {
  const { handOut } = demo;
  const none = { reasons: [], conditions: [] };
  if (handOut.atHome === 'unknown') return { allowed: 'unknown', ...none };
  if (handOut.atHome === 'never') return { allowed: 'never', ...none };
  const method = homeMethod(demo);
  if (!method)
    return {
      allowed: 'unknown',
      reasons: [unknown('The way it is done at home is not there any more.', 'Choose another.')],
      conditions: [],
    };
  const byId = new Map(items.map((item) => [item.id, item]));
  const said = handOut.atHome;
  const reasons = [
    ...(handOut.steps.trim() === ''
      ? [unknown('How it is done at home is not written down.', 'Write the steps.')]
      : []),
    ...(handOut.things.length === 0
      ? [unknown('What it takes at home is not said.', 'Say the things, with household amounts.')]
      : []),
    ...careReasons(method),
    ...hazardReasons(method, handOut),
    ...handOut.things.flatMap((thing) => thingReasons(thing, byId, sizes)),
    ...calculatorReasons(demo, method, sizes),
  ].sort((a, b) => rank(a.allows) - rank(b.allows));
  const [worst] = reasons;
  const allowed: AllowedAtHome =
    worst?.allows === 'never' || worst?.allows === 'unknown'
      ? worst.allows
      : reasons.reduce<HomeRule>(
          (found, { allows }) => (allows === 'unknown' ? found : stricter(found, allows)),
          said,
        );
  return { allowed, reasons, conditions: conditionsOf(method) };
}

/**
 * Whether pupils may do it in class, with their teacher: in household amounts where the hand-out has them for this way of
 * doing it, else with all that its kit takes.
 */
export function judgeInClass(
  demo: Pick<Demo, 'id' | 'name'> & Told,
  method: Method,
  items: readonly Item[],
  sizes: HouseholdSizes = HOUSEHOLD,
): HomeJudged {
  if (hasHomeVersion(demo, method.id)) return judgeAtHome(demo, items, sizes);
  const things = method.kit.map(({ id, itemId, amount, unit }) => ({ id, itemId, amount, unit }));
  const handOut: HandOut = {
    ...NO_HAND_OUT,
    atHome: 'adult',
    methodId: method.id,
    steps: method.tasks.map(({ name }) => name).join('\n'),
    things,
  };
  return judgeAtHome({ ...demo, handOut }, items, sizes);
}
