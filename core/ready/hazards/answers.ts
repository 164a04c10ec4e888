/** For each hazard of a slot, what answers it and what does not. */
import type { ShowBundle } from '../../brief/types';
import type { ResolvedSlot } from '../../lineup/fromBundle';
import type { Timeline } from '../../lineup/types';
import { HAZARD_FIGURES } from '../../repertoire/hazards';
import type { Hazard } from '../../repertoire/types';
import { formatAmount } from '../../units/format';
import { listInWords } from '../../words';
import { EXTINGUISHER_WORDS } from '../words';
import type { VerdictPlace } from '../verdict';
import { ANSWERS, type Answer, CALCULATED_BY, FLASHES_MOST, LASER, PUTS_OUT } from './needs';
import { holdersOf } from './holders';
import { type BodyPart, PART_WORDS, unprotected } from './protects';

export interface Context {
  bundle: ShowBundle;
  timeline: Timeline;
  resolved: ResolvedSlot;
  hazard: Hazard;
}

/** Something asked of a hazard: what answers it, or what to do about it. */
export type Finding =
  | { answered: string }
  | {
      open: string;
      remedy: string;
      place: VerdictPlace;
      /** Known to be wrong, and not only unsaid. */
      level?: 'fix' | 'stop';
    };

const ofDemo = (
  { resolved }: Context,
  part: Extract<VerdictPlace, { page: 'demo' }>['part'],
): VerdictPlace => ({ page: 'demo', id: resolved.demo.id, methodId: resolved.method.id, part });

const namesOf = ({ people }: ShowBundle, ids: readonly string[]): string =>
  listInWords(ids.map((id) => people.find((person) => person.id === id)?.name ?? 'somebody'));

function control(context: Context): Finding {
  const { control: words } = context.hazard;
  return words.trim() === ''
    ? {
        open: 'no control',
        remedy: 'say how it is kept down',
        place: ofDemo(context, 'hazards'),
      }
    : { answered: `control: ${words.replace(/\.$/, '')}` };
}

function gear(context: Context, part: BodyPart): Finding {
  const { bundle, timeline, resolved, hazard } = context;
  const without = unprotected(bundle, timeline, resolved, hazard.kind, part);
  const named = resolved.method.tasks.some((task) => task.gearOn.length > 0);
  if (without.length === 0 && bundle.show.crew.length > 0 && named)
    return { answered: `${PART_WORDS[part]} worn` };
  const who = without.length > 0 ? ` for ${namesOf(bundle, without)}` : '';
  return {
    open: `no ${PART_WORDS[part]}${who}`,
    remedy: `put ${PART_WORDS[part]} on before the steps in which it is there${who}`,
    place: ofDemo(context, 'steps'),
  };
}

function distance(context: Context): Finding {
  const { clearM } = context.resolved.method.needs;
  return clearM === null
    ? {
        open: 'no clear distance',
        remedy: 'say how far people keep off',
        place: ofDemo(context, 'needs'),
      }
    : { answered: `${formatAmount(clearM, 'm')} clear` };
}

function calculation(context: Context): Finding {
  const { bundle, resolved, hazard } = context;
  const does = CALCULATED_BY[hazard.kind] ?? [];
  if (resolved.method.calculators.some(({ calculator }) => does.includes(calculator)))
    return { answered: 'calculated with the day’s figures' };
  // What boils off is added up for the whole room.
  const cold = resolved.method.kit.some(({ itemId }) =>
    bundle.items.some((item) => item.id === itemId && item.cold !== null),
  );
  if (hazard.kind === 'asphyxiant' && cold) return { answered: 'counted in the air of the room' };
  return {
    open: 'nothing calculated',
    remedy: 'bind a calculation to it',
    place: ofDemo(context, 'calculations'),
  };
}

const isAnswered = (found: Finding): found is { answered: string } => 'answered' in found;
const either = (first: Finding, second: Finding): Finding =>
  isAnswered(first) || !isAnswered(second) ? first : second;

/** Things in the kit that something hot is held with. */
const HOLDS = /tong|holder|mitt|oven|cloth|clamp|peg/i;

function held(context: Context): Finding {
  const { bundle, resolved } = context;
  const item = bundle.items.find(
    ({ id, name }) => HOLDS.test(name) && resolved.method.kit.some((line) => line.itemId === id),
  );
  if (item) return { answered: item.name.toLowerCase() };
  const words = context.hazard.control;
  // What nobody touches needs nothing to hold it with.
  if (/not touched|nobody touches|not be touched|until it is cold|until cool/i.test(words))
    return { answered: 'not touched' };
  return either(gear(context, 'hands'), {
    open: 'nothing to hold it with',
    remedy: 'tongs or heat gloves in the kit, or say that it is not touched',
    place: ofDemo(context, 'kit'),
  });
}

/** The extinguisher is of the right kind, and somebody who is there then holds it. */
function extinguisher(context: Context): Finding {
  const { bundle, timeline, resolved, hazard } = context;
  const { extinguisher: kind, heldBy } = resolved.method.care;
  const place = ofDemo(context, 'care');
  if (kind === 'none')
    return { open: 'no extinguisher', remedy: 'name it, and who holds it', place };
  const does = PUTS_OUT[hazard.kind] ?? [];
  if (!does.includes(kind))
    return {
      open: `${EXTINGUISHER_WORDS[kind]} is not for burning liquid`,
      remedy: `take ${listInWords(does.slice(0, 3).map((one) => EXTINGUISHER_WORDS[one]))}`,
      place,
      level: 'fix',
    };
  if (heldBy === null)
    return { open: 'nobody holds the extinguisher', remedy: 'say who stands beside it', place };
  const { personIds, alone } = holdersOf(bundle, timeline, resolved, hazard.kind);
  if (alone)
    return {
      open: `nobody is there to hold the ${EXTINGUISHER_WORDS[kind]}`,
      remedy: 'add a helper to every step with a flame',
      place: ofDemo(context, 'steps'),
    };
  return { answered: `${EXTINGUISHER_WORDS[kind]}, held by ${namesOf(bundle, personIds)}` };
}

function words(context: Context): Finding {
  return context.resolved.method.warning.trim() === ''
    ? {
        open: 'nothing said to the room',
        remedy: 'write the warning that is said before it',
        place: ofDemo(context, 'hazards'),
      }
    : { answered: 'said to the room before' };
}

function volunteerCard(context: Context): Finding {
  const { volunteerCard: card, volunteers } = context.resolved.method;
  const place = ofDemo(context, 'volunteers');
  if (volunteers === 0) return { answered: 'one of the crew' };
  const lacks = [
    ...(card.suits.trim() === '' ? ['who suits'] : []),
    ...(card.mustNot.length === 0 ? ['who must not'] : []),
    ...(card.letGo.trim() === '' ? ['how it is stopped'] : []),
    ...(card.wayOff.trim() === '' ? ['the way off'] : []),
  ];
  return lacks.length === 0
    ? { answered: 'volunteer card' }
    : { open: `volunteer card without ${listInWords(lacks)}`, remedy: 'fill the card in', place };
}

const HEART = /heart|pacemaker|implant/i;

/** Crew, volunteers and the nearest rows are all asked about heart devices. */
function heartDevices(context: Context): Finding[] {
  const { bundle, resolved } = context;
  const { method } = resolved;
  const crew = bundle.people.filter(({ id }) => bundle.show.crew.includes(id));
  const has = crew.filter(({ heartDevice }) => heartDevice === 'yes');
  const unasked = crew.filter(({ heartDevice }) => heartDevice === 'unknown');
  const people: VerdictPlace = { page: 'people', id: (has[0] ?? unasked[0])?.id ?? '' };
  const found: Finding[] = [];
  if (has.length > 0)
    found.push({
      open: `${listInWords(has.map(({ name }) => name))} of the crew has a heart device`,
      remedy: 'somebody else in the crew, or leave it out',
      place: people,
      level: 'fix',
    });
  if (unasked.length > 0)
    found.push({
      open: `${listInWords(unasked.map(({ name }) => name))} not asked about a heart device`,
      remedy: 'ask, and put the answer in under People',
      place: people,
    });
  if (method.volunteers > 0 && !method.volunteerCard.mustNot.includes('heartDevice'))
    found.push({
      open: 'volunteers are not asked about a heart device',
      remedy: 'put it on the volunteer card',
      place: ofDemo(context, 'volunteers'),
    });
  if (!HEART.test(method.warning))
    found.push({
      open: 'the nearest rows are not asked about heart devices',
      remedy: 'put it into the warning',
      place: ofDemo(context, 'hazards'),
    });
  return found.length > 0 ? found : [{ answered: 'crew, volunteers and rows asked' }];
}

/** The figure that decides: flashes a second, class of a laser. */
function figure(context: Context): Finding {
  const { kind, figure: value } = context.hazard;
  const counted = HAZARD_FIGURES[kind];
  const place = ofDemo(context, 'hazards');
  if (!counted) return { answered: '' };
  if (value === null)
    return { open: `${counted.label.toLowerCase()} not said`, remedy: 'put it in', place };
  if (kind === 'laser') {
    if (value >= LASER.never)
      return { open: `class ${value}`, remedy: 'not for a show', place, level: 'stop' };
    if (value > LASER.audience)
      return {
        open: `class ${value}`,
        remedy: 'class 1 or 2, or somebody trained in lasers decides',
        place,
        level: 'fix',
      };
    return { answered: `class ${value}` };
  }
  return value > FLASHES_MOST
    ? {
        open: `${value} flashes a second, ${FLASHES_MOST} at the most`,
        remedy: 'slower, or leave it out',
        place,
        level: 'fix',
      }
    : { answered: `${value} flashes a second` };
}

const FINDERS: Record<Answer, (context: Context) => Finding[]> = {
  eyes: (context) => [gear(context, 'eyes')],
  hands: (context) => [gear(context, 'hands')],
  ears: (context) => [gear(context, 'ears')],
  held: (context) => [held(context)],
  eyesOrDistance: (context) => [either(distance(context), gear(context, 'eyes'))],
  distance: (context) => [distance(context)],
  calculation: (context) => [calculation(context)],
  calculationOrDistance: (context) => [either(calculation(context), distance(context))],
  extinguisher: (context) => [extinguisher(context)],
  words: (context) => [words(context)],
  volunteerCard: (context) => [volunteerCard(context)],
  heartDevices,
  figure: (context) => [figure(context)],
};

/** Everything that answers a hazard, and everything that is still open of it. */
export const findingsOf = (context: Context): Finding[] => [
  control(context),
  ...ANSWERS[context.hazard.kind].flatMap((asked) => FINDERS[asked](context)),
];
