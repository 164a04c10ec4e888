/** A demonstration as a text that can be read back: every step a line, with its ends where they are not as guessed. */
import type { Demo, Estimate, Hand, KitLine, Method, Sign, Task } from '../repertoire/types';
import { formatDuration } from '../time/clock';
import { findTimes } from '../time/readTime';
import { writeAmount } from '../units/format';
import type { UnitId } from '../units/units';
import { familyOf, spreadOf } from './guess';
import { type Keyword, keywordTold, linesOf } from './lines';
import { quoted } from './quotes';
import { usualHands } from './read';
import { readStep } from './step';
import { basisTold, findThings, namedThings, readNeeds, usualBasis } from './things';
import { COMPETENCE_WORDS, type KnownThing, type Knows } from './types';

const told = (key: Keyword, words: string): string => `${keywordTold(key)} ${words}`.trim();

export const oneLine = (text: string): string => text.replace(/\s+/g, ' ').trim();

function timeTold(time: Estimate, task: Task): string {
  const family = familyOf(task.name, task.phase, task.say !== '' && /^say\b/i.test(task.name));
  const guess = spreadOf(time.likely, family);
  const likely = formatDuration(time.likely);
  if (guess.shortest === time.shortest && guess.longest === time.longest) return likely;
  return `${likely} (${formatDuration(time.shortest)}–${formatDuration(time.longest)})`;
}

const NAMED: Readonly<Record<Hand['role'], [string, string]>> = {
  performer: ['performer', 'performer'],
  helper: ['helper', 'helpers'],
  anyone: ['anyone', 'anyone'],
};

function handTold({ role, count, competence }: Hand): string {
  const [one, many] = NAMED[role];
  const words = count === 1 ? one : `${count} ${many}`;
  return competence === null ? words : `${words} (${COMPETENCE_WORDS[competence]})`;
}

const sameHands = (a: readonly Hand[], b: readonly Hand[]): boolean =>
  a.length === b.length &&
  a.every(
    (hand, i) =>
      hand.role === b[i]?.role && hand.count === b[i].count && hand.competence === b[i].competence,
  );

function signTold({ watchFor, waitLeast, waitMost }: Sign): string {
  const plain = oneLine(watchFor);
  const isPlain = /^[\p{L}\p{N} ’'-]+$/u.test(plain) && findTimes(plain).length === 0;
  const clear = isPlain ? plain : quoted(plain);
  if (waitLeast === 0 && waitMost === 0) return `when ${clear}, `;
  return `when ${clear} -> ${formatDuration(waitLeast)}–${formatDuration(waitMost)}, `;
}

/** What is understood of a line, but for where it stands in it. */
function understood(line: string, knows: Knows): string {
  const head = linesOf(line)[0];
  const {
    marks: _marks,
    parts: _parts,
    doubts,
    isLiteral: _literal,
    ...said
  } = readStep(head?.body ?? '', 0, knows);
  return JSON.stringify([head?.keyword, head?.strange, doubts.map(({ kind }) => kind), said]);
}

/** A line with this name, in quotes where part of it would be understood as something else, or as a thing to bring. */
function lineWith(
  write: (name: string) => string,
  name: string,
  { knows, isBrought }: StepContext,
): string {
  const plain = oneLine(name);
  const bare = write(plain);
  const safe = write(quoted(plain));
  return understood(bare, knows) === understood(safe, knows) && isBrought(plain) ? bare : safe;
}

export interface StepContext {
  knows: Knows;
  /** How long after it its work can be used; null for ever. */
  keeps: number | null;
  /** Whether all things that a name mentions are in the kit anyway. */
  isBrought: (name: string) => boolean;
}

/** The lines of one step. */
export function writeStep(task: Task, context: StepContext): string[] {
  const { keeps } = context;
  const { sign, hands, place, eachGo, phase } = task;
  const isUsualSign = sign !== null && task.name === `Watch for ${sign.watchFor}`;
  const parts = [
    timeTold(task.time, task),
    ...(hands.length === 0 && phase !== 'settle' ? ['by itself'] : []),
    ...(sameHands(hands, usualHands(phase)) ? [] : hands.map(handTold)),
    ...(eachGo === (phase === 'perform') ? [] : [eachGo ? 'each go' : 'once only']),
    ...(place === 'wings' ? ['off stage'] : []),
    ...(keeps === null ? [] : [`use within ${formatDuration(keeps)}`]),
  ];
  const head = `${phase === 'settle' ? 'wait: ' : ''}${sign ? signTold(sign) : ''}`;
  const rest = parts.join(', ');
  const first = isUsualSign
    ? head + rest
    : lineWith((name) => `${head}${name}, ${rest}`, task.name, context);
  const words: [Keyword, string][] = [
    [
      'do',
      task.do === '' || task.do === (phase === 'perform' ? task.name : '') ? '' : oneLine(task.do),
    ],
    ['wear', task.gearOn.join(', ')],
    ['say', oneLine(task.say)],
    ['cue', oneLine(task.cue)],
    ['careful', oneLine(task.careful)],
    ['takeOff', task.gearOff.join(', ')],
  ];
  return [first, ...words.flatMap(([key, text]) => (text === '' ? [] : [told(key, text)]))];
}

/** Units after which “of” is written, since they are words for things, too. */
const WITH_OF: readonly UnitId[] = [
  'cup',
  'drop',
  'squirt',
  'stroke',
  'pinch',
  'pair',
  'set',
  'pint',
  'quart',
  'gallon',
  'in',
  'ft',
  'm',
];

/** A note as a list can carry it. */
export const noteTold = (note: string): string => oneLine(note).replace(/[()]/g, '').trim();

export function kitTold(line: KitLine, thing: KnownThing, things: readonly KnownThing[]): string {
  const of = WITH_OF.includes(line.unit) ? 'of ' : '';
  const amount = `${writeAmount(line.amount, line.unit)} ${of}`;
  const basis = line.basis === usualBasis(thing.kind) ? '' : ` ${basisTold(line)}`;
  const note = noteTold(line.note);
  const written = (name: string): string => `${amount}${name}${basis}${note && ` (${note})`}`;
  const [read, ...others] = readNeeds(written(thing.name), things);
  const isRead =
    others.length === 0 &&
    read?.itemId === thing.id &&
    read.amount === line.amount &&
    read.unit === line.unit &&
    read.basis === line.basis &&
    read.groupOf === line.groupOf;
  return isRead
    ? written(thing.name)
    : `${amount}${quoted(thing.name)}${basis}${note && ` (${note})`}`;
}

const SECTION: readonly ['before' | 'show' | 'clear', readonly Task['phase'][]][] = [
  ['before', ['prepare', 'settle']],
  ['show', ['perform']],
  ['clear', ['reset']],
];

/** How long after a task its work can be used, as the tasks after it say. */
export function keepsOf(method: Pick<Method, 'tasks'>, id: string): number | null {
  const windows = method.tasks.flatMap(({ after }) =>
    after.flatMap((one) => (one.task === id && one.greatest !== null ? [one.greatest] : [])),
  );
  return windows.length === 0 ? null : Math.min(...windows);
}

/** What steps of a method are written with. */
export function stepContext(method: Method, knows: Knows): StepContext {
  const isBrought = (name: string): boolean => {
    const here = new Set(method.kit.map(({ itemId }) => itemId));
    return [...findThings(name, knows.things), ...namedThings(name, knows.things)].every(
      ({ itemId }) => itemId !== null && here.has(itemId),
    );
  };
  return { knows, isBrought, keeps: null };
}

/** One method, from its name to its kit. */
export function writeMethod(method: Method, knows: Knows): string[] {
  const { goesAllowed, oneShot } = method;
  const facts: [Keyword, string][] = [
    ['about', oneLine(method.summary)],
    ['warn', oneLine(method.warning)],
    ['volunteers', method.volunteers > 0 ? String(method.volunteers) : ''],
    ['goes', oneShot ? (goesAllowed === 1 ? 'once' : `once, ${goesAllowed}`) : String(goesAllowed)],
  ];
  const kit = method.kit.flatMap((line) => {
    const thing = knows.things.find(({ id }) => id === line.itemId);
    return thing ? [kitTold(line, thing, knows.things)] : [];
  });
  const context = stepContext(method, knows);
  return [
    told('method', method.name),
    ...facts.flatMap(([key, text]) => (text === '' ? [] : [told(key, text)])),
    ...SECTION.flatMap(([key, phases]) => {
      const tasks = method.tasks.filter(({ phase }) => phases.includes(phase));
      if (tasks.length === 0) return [];
      return [
        keywordTold(key),
        ...tasks.flatMap((task) =>
          writeStep(task, { ...context, keeps: keepsOf(method, task.id) }),
        ),
      ];
    }),
    ...(kit.length === 0 ? [] : [told('needs', kit.join(', '))]),
  ];
}

/** The whole of a demonstration that a text can say. */
export function writeDemo(demo: Demo, knows: Knows): string {
  const facts: [Keyword, string][] = [
    ['see', oneLine(demo.hook)],
    ['idea', oneLine(demo.idea)],
    ['place', demo.usualPosition],
    ['ages', `${demo.ageFrom} to ${demo.ageTo}`],
    ['energy', String(demo.energy)],
  ];
  return [
    titleTold(demo.name),
    ...facts.flatMap(([key, text]) => (text === '' ? [] : [told(key, text)])),
    ...demo.methods.flatMap((method) => ['', ...writeMethod(method, knows)]),
  ].join('\n');
}

/** A name as the first line; in quotes where a part of it would be understood. */
export function titleTold(name: string): string {
  const plain = oneLine(name);
  return /[:@"“]|\bwith\b|[,.]$/i.test(plain) ? quoted(plain) : plain;
}
