/**
 * The script of a show: who says what when, at their own pace, against the time of the step it is said in; and what
 * gets in the way of saying it.
 */
import { blankPerson, blankShow } from '../../brief/blank';
import { plainSlot } from '../../brief/freshSlot';
import type { Person, ShowBundle } from '../../brief/types';
import { type ResolvedSlot, resolveSlots } from '../../lineup/fromBundle';
import type { PlacedTask, Timeline } from '../../lineup/types';
import { workOf } from '../../lineup/workOf';
import {
  countWords,
  type Cut,
  cutsFor,
  cueWords,
  type Line,
  linesOf,
  type Speaker,
  speakingTime,
  USUAL_PACE,
} from '../../repertoire/script';
import { USUAL_MATRIX } from '../../repertoire/matrix';
import type { Demo, Method, Task } from '../../repertoire/types';
import { HOUSEHOLD } from '../../units/household';
import { familyOf } from '../../told/guess';
import type { GearPlan } from '../gear';
import { gearPlansOf, protects, wornAt } from '../hazards/protects';

/**
 * hands: they are at work in this step, and hold no card. ears: covered while they wait for somebody else’s words.
 * elsewhere: the plan has them at another slot then.
 */
export type LineFlag = 'hands' | 'ears' | 'elsewhere';

export interface ScriptLine extends Line {
  /** Null for the room, the host and a volunteer, and where nobody is there for it. */
  personId: string | null;
  seconds: number;
  /** Seconds from the step’s begin at which it is begun, everything before it said at its pace. */
  at: number;
  /** The last words of somebody else before it; empty where the step itself is the cue. */
  cue: string;
  flags: LineFlag[];
  /** Where else they are; empty unless they are. */
  elsewhere: string;
}

export interface ScriptStep {
  taskId: string;
  name: string;
  /** Seconds from the show’s start, and how long the step is likely to take. */
  at: number;
  length: number;
  lines: ScriptLine[];
  /** Words to the audience on the cue strip; empty for none. */
  cueToRoom: string;
  /** Seconds of speech, and by how much it is longer than the step; 0 where it fits. */
  speech: number;
  over: number;
  /** What to leave out to fit; empty where it does, and where that is not enough. */
  cuts: Cut[];
}

export interface ScriptSlot {
  slotId: string;
  /** In the order of the show, from 1. */
  number: number;
  name: string;
  positionId: string | null;
  steps: ScriptStep[];
  words: number;
  speech: number;
  length: number;
}

const paceOf = (people: readonly Person[], personId: string | null): number =>
  people.find(({ id }) => id === personId)?.wordsPerMinute ?? USUAL_PACE;

/** Whoever else works in the step; else in the slot; else the first other of the crew. */
function helperOf(
  { show }: ShowBundle,
  { slot }: ResolvedSlot,
  placed: PlacedTask | undefined,
  timeline: Timeline,
): string | null {
  const other = (ids: readonly string[]): string | undefined =>
    ids.find((id) => id !== slot.performerId);
  return (
    other(placed?.people ?? []) ??
    other(timeline.tasks.filter((task) => task.slot === slot.id).flatMap(({ people }) => people)) ??
    other(show.crew) ??
    null
  );
}

/** Nothing but talk leaves the hands free. */
const isTalk = ({ name, phase, say, do: doing }: Task): boolean =>
  familyOf(name, phase, say !== '' && doing === '') === 'talk';

interface Around {
  bundle: ShowBundle;
  timeline: Timeline;
  plans: readonly GearPlan[];
  names: ReadonlyMap<string, string>;
  /** What each has to do. */
  work: ReadonlyMap<string, readonly PlacedTask[]>;
}

function stepScript(
  { bundle, timeline, plans, names, work }: Around,
  of: ResolvedSlot,
  task: Task,
  placed: PlacedTask | undefined,
  before: Line | undefined,
): ScriptStep {
  const { slot } = of;
  const personOf = (speaker: Speaker): string | null =>
    speaker === 'performer'
      ? slot.performerId
      : speaker === 'helper'
        ? helperOf(bundle, of, placed, timeline)
        : null;
  const pace = (speaker: Speaker): number => paceOf(bundle.people, personOf(speaker));
  const start = placed?.start ?? 0;
  const lines = linesOf(task.say);
  let at = 0;
  const spoken = lines.map((line, i): ScriptLine => {
    const personId = personOf(line.speaker);
    const seconds = speakingTime(line.text, pace(line.speaker));
    const last = lines[i - 1] ?? before;
    const cue = last && last.speaker !== line.speaker ? cueWords(last.text) : '';
    // What is too long is still said in its step, only faster or not at all.
    const from = start + Math.min(at, Math.max(0, task.time.likely - 1));
    const until = Math.min(from + seconds, start + task.time.likely);
    const away =
      placed &&
      work
        .get(personId ?? '')
        ?.find((other) => other.slot !== slot.id && other.start < until && other.end > from);
    const isBusy = personId !== null && !isTalk(task) && (placed?.people ?? []).includes(personId);
    const isDeaf =
      cue !== '' && personId !== null && protects(wornAt(plans, personId, from), 'ears');
    const one: ScriptLine = {
      ...line,
      personId,
      seconds,
      at,
      cue,
      flags: [
        ...(isBusy ? ['hands' as const] : []),
        ...(isDeaf ? ['ears' as const] : []),
        ...(away ? ['elsewhere' as const] : []),
      ],
      elsewhere: away ? (names.get(away.slot) ?? '') : '',
    };
    at += seconds;
    return one;
  });
  const length = task.time.likely;
  const over = Math.max(0, at - length);
  return {
    taskId: task.id,
    name: task.do || task.name,
    at: start,
    length,
    lines: spoken,
    cueToRoom: task.cue,
    speech: at,
    over,
    cuts: cutsFor(lines, over, pace),
  };
}

/** Slots in their order, each with the steps that the audience sees; grows with the lines times what one person does. */
export function scriptOf(bundle: ShowBundle, timeline: Timeline): ScriptSlot[] {
  const slots = resolveSlots(bundle);
  const around: Around = {
    work: workOf(timeline),
    bundle,
    timeline,
    plans: gearPlansOf(bundle, timeline),
    names: new Map(slots.map(({ slot, demo }) => [slot.id, demo.name])),
  };
  return slots.map((of): ScriptSlot => {
    const { slot, demo, method, position } = of;
    const placed = timeline.tasks.filter((one) => one.slot === slot.id && one.go === 1);
    let before: Line | undefined;
    const steps = method.tasks
      .filter(({ phase }) => phase === 'perform')
      .map((task) => {
        const step = stepScript(
          around,
          of,
          task,
          placed.find((one) => one.task === task.id),
          before,
        );
        before = step.lines.at(-1) ?? before;
        return step;
      });
    const sum = (figure: (step: ScriptStep) => number): number =>
      steps.reduce((total, step) => total + figure(step), 0);
    return {
      slotId: slot.id,
      number: bundle.show.slots.findIndex(({ id }) => id === slot.id) + 1,
      name: demo.name,
      positionId: position?.id ?? null,
      steps,
      words: sum((step) => step.lines.reduce((words, { text }) => words + countWords(text), 0)),
      speech: sum(({ speech }) => speech),
      length: sum(({ length }) => length),
    };
  });
}

const ALONE: readonly Person[] = [
  blankPerson('performer', 'Performer'),
  blankPerson('helper', 'Helper'),
];

/** The script of one method by itself: a performer and a helper at the usual pace, its steps one after another. */
export function scriptOfMethod(demo: Demo, method: Method): ScriptSlot {
  const slot = {
    ...plainSlot('alone'),
    demoId: demo.id,
    methodId: method.id,
    performerId: 'performer',
  };
  const bundle: ShowBundle = {
    show: {
      ...blankShow('alone', '', '2000-01-01', 'Etc/UTC'),
      crew: ['performer', 'helper'],
      slots: [slot],
    },
    venue: null,
    people: [...ALONE],
    demos: [{ ...demo, methods: [method] }],
    items: [],
    household: HOUSEHOLD,
    riskMatrix: USUAL_MATRIX,
  };
  let at = 0;
  const tasks = method.tasks
    .filter(({ phase }) => phase === 'perform')
    .map((task): PlacedTask => {
      const people = task.hands.some(({ role }) => role === 'helper')
        ? ['performer', 'helper']
        : ['performer'];
      const start = at;
      at += task.time.likely;
      return {
        slot: slot.id,
        task: task.id,
        go: 1,
        phase: 'perform',
        start,
        end: at,
        people,
        position: null,
        buffer: 0,
      };
    });
  const timeline: Timeline = {
    arrival: 0,
    hardFinish: at,
    end: at,
    deadAir: 0,
    proven: true,
    blocks: [{ slot: slot.id, start: 0, end: at }],
    tasks,
    gaps: [],
    conflicts: [],
  };
  const [script] = scriptOf(bundle, timeline);
  if (!script) throw new Error('A method is one slot of its own show');
  return script;
}
