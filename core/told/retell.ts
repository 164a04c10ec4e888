/**
 * A text that was typed, brought up to what the demonstration is by now. Lines that still say what is so stay as they
 * were typed, word for word; of the others only those change that must.
 */
import type { Demo, Method, Task } from '../repertoire/types';
import { align } from './align';
import { keywordTold, linesOf } from './lines';
import { readTold } from './read';
import { plainName } from '../repertoire/plainName';
import type { Knows, ToldMethod, ToldStep } from './types';
import { inToldOrder, isSameStep, pairMethods, weave } from './weave';
import {
  keepsOf,
  kitTold,
  type StepContext,
  stepContext,
  titleTold,
  writeDemo,
  writeMethod,
  writeStep,
} from './write';

/** Ids of what a text has and the demonstration doesn’t: they differ from all that are there. */
const nowhere = (): string => '-';

const isSaid = (text: string, demo: Demo, knows: Knows): boolean =>
  JSON.stringify(weave(readTold(text, knows), demo, nowhere)) === JSON.stringify(demo);

/** Lines to be put in place of those of a text, by their numbers; what is not named stays. */
class Lines {
  private readonly lines: string[];
  private readonly instead = new Map<number, string[]>();
  private readonly behind = new Map<number, string[]>();

  constructor(text: string) {
    this.lines = text.split(/\r\n|\r|\n/);
  }

  replace(number: number, by: readonly string[]): void {
    this.instead.set(number, [...(this.instead.get(number) ?? []), ...by]);
  }

  after(number: number, more: readonly string[]): void {
    this.behind.set(number, [...(this.behind.get(number) ?? []), ...more]);
  }

  get text(): string {
    return [
      ...(this.behind.get(0) ?? []),
      ...this.lines.flatMap((line, i) => [
        ...(this.instead.get(i + 1) ?? [line]),
        ...(this.behind.get(i + 1) ?? []),
      ]),
    ].join('\n');
  }
}

const SECTION = {
  prepare: 'before',
  settle: 'before',
  perform: 'show',
  reset: 'clear',
} as const;

/** A step as lines that say by themselves when it is done. */
function standing(task: Task, context: StepContext): string[] {
  const [first = '', ...more] = writeStep(task, context);
  return [
    task.phase === 'settle' ? first : `${keywordTold(SECTION[task.phase])} ${first}`,
    ...more,
  ];
}

/** Whether a step, as it was told, is still the task it became. */
function stillIs(told: ToldMethod, step: ToldStep, task: Task, method: Method): boolean {
  const one: ToldMethod = { ...told, steps: [{ ...step, keeps: null }], kit: [] };
  const only = { ...method, tasks: [{ ...task, after: [] }], kit: [] };
  const demo = { methods: [only] } as unknown as Demo;
  const [woven] = weave({ ...NOTHING, methods: [one] }, demo, nowhere).methods;
  return (
    JSON.stringify(woven?.tasks) === JSON.stringify(only.tasks) &&
    (keepsOf(method, task.id) ?? null) === step.keeps
  );
}

const NOTHING = {
  name: '',
  hook: null,
  idea: null,
  ages: null,
  energy: null,
  usualPosition: null,
  people: [],
  marks: [],
  questions: [],
};

function retellSteps(lines: Lines, told: ToldMethod, method: Method, context: StepContext): void {
  const shared = new Set(
    told.steps.flatMap(({ line }, i) => (told.steps[i - 1]?.line === line ? [line] : [])),
  );
  let last = told.line;
  for (const [step, task] of align(told.steps, inToldOrder(method.tasks), isSameStep)) {
    const own = task && { ...context, keeps: keepsOf(method, task.id) };
    if (step && task && own) {
      if (!stillIs(told, step, task, method)) {
        // A line that holds a step and a wait is written as two.
        if (
          shared.has(step.line) &&
          told.steps.some((one) => one !== step && one.line === step.line)
        )
          lines.replace(step.line, []);
        lines.replace(step.line, standing(task, own));
        for (const more of step.more) if (more !== step.line) lines.replace(more, []);
      }
      last = Math.max(step.line, ...step.more);
    } else if (step) {
      lines.replace(step.line, []);
      for (const more of step.more) lines.replace(more, []);
    } else if (task && own) lines.after(last, standing(task, own));
  }
}

function retellKit(
  lines: Lines,
  told: ToldMethod,
  method: Method,
  knows: Knows,
  text: string,
): void {
  const needs = linesOf(text).filter(({ keyword }) => keyword === 'needs');
  const own = needs.filter(({ number }) => told.kit.some(({ line }) => line === number));
  const missing = told.kit.filter(({ itemId }) => itemId === null);
  const kit = method.kit.flatMap((line) => {
    const thing = knows.things.find(({ id }) => id === line.itemId);
    return thing ? [{ line, thing }] : [];
  });
  const isTold = kit.every(({ line, thing }) =>
    told.kit.some(
      (one) =>
        one.itemId === thing.id &&
        one.amount === line.amount &&
        one.unit === line.unit &&
        one.basis === line.basis &&
        one.groupOf === line.groupOf,
    ),
  );
  if (isTold && told.kit.length - missing.length === kit.length) return;
  const names = new Set(kit.map(({ thing }) => plainName(thing.name)));
  const list = [
    ...kit.map(({ line, thing }) => kitTold(line, thing, knows.things)),
    ...missing
      .filter(({ name }) => !names.has(plainName(name)))
      .map(({ amount, name }) => `${amount} ${name}`),
  ];
  const [first, ...others] = own;
  const written = list.length === 0 ? [] : [`${keywordTold('needs')} ${list.join(', ')}`];
  if (first) lines.replace(first.number, written);
  else
    lines.after(
      Math.max(told.line, ...told.steps.map(({ line, more }) => Math.max(line, ...more))),
      written,
    );
  for (const { number } of others) lines.replace(number, []);
}

/** The text of a demonstration, as it was typed wherever that still holds. */
export function retell(text: string, demo: Demo, knows: Knows): string {
  if (text.trim() === '') return writeDemo(demo, knows);
  if (isSaid(text, demo, knows)) return text;
  const told = readTold(text, knows);
  const lines = new Lines(text);
  const [title] = linesOf(text);
  if (told.name !== demo.name && title) lines.replace(title.number, [titleTold(demo.name)]);
  const pairs = pairMethods(told.methods, demo.methods);
  for (const [one, method] of pairs) {
    if (!method) continue;
    const context = stepContext(method, knows);
    retellSteps(lines, one, method, context);
    retellKit(lines, one, method, knows, text);
  }
  const paired = new Set(pairs.map(([, method]) => method));
  const others = demo.methods.filter((method) => !paired.has(method));
  const whole = [
    lines.text,
    ...others.map((method) => ['', ...writeMethod(method, knows)].join('\n')),
  ].join('\n');
  // What those lines can’t say by themselves is written out anew, all of it.
  return isSaid(whole, demo, knows) ? whole : writeDemo(demo, knows);
}
