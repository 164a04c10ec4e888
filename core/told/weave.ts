/** What a text says, put into a demonstration. What it says nothing of stays as it is there. */
import { blankLine, blankMethod, blankTask } from '../repertoire/blank';
import type { After, Demo, KitLine, Method, Task } from '../repertoire/types';
import { align } from './align';
import type { Told, ToldMethod, ToldStep } from './types';
import { noteTold, oneLine } from './write';

const withoutGuess = ({ shortest, likely, longest }: ToldStep['time']): Task['time'] => ({
  shortest,
  likely,
  longest,
});

/** What was there stays as it was where only its line breaks couldn’t be told. */
const kept = (old: string | undefined, now: string, as = oneLine): string =>
  old !== undefined && as(old) === as(now) ? old : now;

function taskOf(step: ToldStep, old: Task | null, newId: () => string): Task {
  const { name, phase, time, hands, place, eachGo, say, cue, careful, gearOn, gearOff, sign } =
    step;
  const base = old ?? blankTask(newId(), name, phase, withoutGuess(time));
  return {
    ...base,
    name,
    phase,
    time: withoutGuess(time),
    hands,
    place,
    eachGo,
    do: kept(old?.do, step.do),
    say: kept(old?.say, say),
    cue: kept(old?.cue, cue),
    careful: kept(old?.careful, careful),
    gearOn,
    gearOff,
    sign,
  };
}

/** A wait comes after what was done before it, and what it made ready is used within its window. */
function linked(
  tasks: Task[],
  steps: readonly (ToldStep | null)[],
  fresh: ReadonlySet<string>,
): Task[] {
  const ids = new Set(tasks.map(({ id }) => id));
  const linkedTo = (after: readonly After[]): After[] => after.filter(({ task }) => ids.has(task));
  const all = tasks.map((task) => ({ ...task, after: linkedTo(task.after) }));
  all.forEach((task, i) => {
    const step = steps[i];
    if ((task.phase !== 'settle' && task.phase !== 'prepare') || !step) return;
    const before = all.slice(0, i).findLast(({ phase }) => phase === 'prepare');
    if (task.phase === 'settle' && fresh.has(task.id) && before)
      task.after = [{ task: before.id, least: 0, greatest: null }];
    const waits = all.filter(({ after }) => after.some((one) => one.task === task.id));
    for (const one of waits)
      one.after = one.after.map((lag) =>
        lag.task === task.id ? { ...lag, greatest: keptAtLeast(step.keeps, lag) } : lag,
      );
    const first = all.find(({ phase }) => phase === 'perform');
    if (waits.length === 0 && step.keeps !== null && first)
      first.after = [...first.after, { task: task.id, least: 0, greatest: step.keeps }];
  });
  return all;
}

/** The window of the one that ends first is told; longer ones beside it stay. */
function keptAtLeast(keeps: number | null, { least, greatest }: After): number | null {
  if (keeps === null) return null;
  return greatest === null ? Math.max(least, keeps) : Math.max(least, Math.min(greatest, keeps));
}

function kitOf(told: ToldMethod, kit: readonly KitLine[], newId: () => string): KitLine[] {
  const free = [...kit];
  const lines = told.kit.flatMap(
    ({ itemId, amount, unit, basis, groupOf, note }): [KitLine, number][] => {
      if (itemId === null) return [];
      const same = free.findIndex((line) => line.itemId === itemId && line.basis === basis);
      const at = same >= 0 ? same : free.findIndex((line) => line.itemId === itemId);
      const [old] = at >= 0 ? free.splice(at, 1) : [];
      const base = old ?? blankLine(newId(), itemId);
      const place = old ? kit.indexOf(old) : kit.length;
      // A range stays one only above what is told now.
      const most =
        base.most !== null && base.unit === unit && base.most > amount ? base.most : null;
      const line = { ...base, amount, most, unit, basis, groupOf };
      return [[{ ...line, note: kept(old?.note, note, noteTold) }, place]];
    },
  );
  // What was there keeps its place; what is new comes after it.
  return lines.sort((a, b) => a[1] - b[1]).map(([line]) => line);
}

/** Whether a step is the one that a task was, for all that is written of it. */
export const isSameStep = (step: ToldStep, task: Task): boolean =>
  step.name === task.name && (step.phase === task.phase || step.phaseGuessed);

function methodOf(told: ToldMethod, old: Method | null, newId: () => string): Method {
  const method = old ?? blankMethod(newId(), told.name ?? 'First method');
  const pairs = align(told.steps, inToldOrder(method.tasks), isSameStep);
  const fresh = new Set<string>();
  const steps: ToldStep[] = [];
  const tasks = pairs.flatMap(([step, task]): Task[] => {
    if (!step) return [];
    steps.push(step);
    const made = taskOf(step, task, newId);
    if (!task) fresh.add(made.id);
    return [made];
  });
  const woven = linked(tasks, steps, fresh);
  const ids = new Set(woven.map(({ id }) => id));
  const card = method.volunteerCard;
  return {
    ...method,
    name: told.name ?? method.name,
    summary: told.summary === null ? method.summary : kept(method.summary, told.summary),
    warning: told.warning === null ? method.warning : kept(method.warning, told.warning),
    volunteers: told.volunteers ?? method.volunteers,
    goesAllowed: told.goesAllowed ?? method.goesAllowed,
    oneShot: told.oneShot ?? method.oneShot,
    tasks: inOldOrder(woven, method.tasks),
    kit: kitOf(told, method.kit, newId),
    results: method.results.map((one) =>
      one.task !== null && !ids.has(one.task) ? { ...one, task: null } : one,
    ),
    figures: method.figures.filter(({ task }) => ids.has(task)),
    volunteerCard:
      card.fetchedIn !== null && !ids.has(card.fetchedIn) ? { ...card, fetchedIn: null } : card,
  };
}

const SECTION: Readonly<Record<Task['phase'], number>> = {
  prepare: 0,
  settle: 0,
  perform: 1,
  reset: 2,
};

/** As a text has them: before the show, in it, after it. */
export const inToldOrder = (tasks: readonly Task[]): Task[] =>
  tasks.toSorted((a, b) => SECTION[a.phase] - SECTION[b.phase]);

/** As they stood, where the text only sorted them by section. */
function inOldOrder(woven: Task[], old: readonly Task[]): Task[] {
  const before = old.map(({ id }) => id);
  const now = new Map(woven.map((task) => [task.id, task]));
  const isSame =
    before.length === woven.length &&
    before.every((id) => now.has(id)) &&
    inToldOrder(before.flatMap((id) => now.get(id) ?? [])).every(
      ({ id }, i) => id === woven[i]?.id,
    );
  return isSame ? before.flatMap((id) => now.get(id) ?? []) : woven;
}

/** Methods that go together: by name, else in their order. A text without a method’s name is of the first. */
export function pairMethods(
  told: readonly ToldMethod[],
  methods: readonly Method[],
): [ToldMethod, Method | null][] {
  const free = [...methods];
  const named = told.map((one): [ToldMethod, Method | null] => {
    const at = free.findIndex(({ name }) => name.toLowerCase() === one.name?.toLowerCase());
    return [one, at < 0 ? null : (free.splice(at, 1)[0] ?? null)];
  });
  return named.map(([one, method], i): [ToldMethod, Method | null] => {
    if (method) return [one, method];
    // Renamed in the text: the one in its place, unless another is called as that.
    const beside = methods[i];
    if (!beside || !free.includes(beside)) return [one, null];
    free.splice(free.indexOf(beside), 1);
    return [one, beside];
  });
}

/** The demonstration as the text has it. Things that the store doesn’t have are left out of its kit. */
export function weave(told: Told, demo: Demo, newId: () => string): Demo {
  const pairs = pairMethods(told.methods, demo.methods);
  const woven = new Map(
    pairs.flatMap(([one, method]) => (method ? [[method.id, one] as const] : [])),
  );
  const fresh = pairs.flatMap(([one, method]) => (method ? [] : [methodOf(one, null, newId)]));
  return {
    ...demo,
    name: told.name ? kept(demo.name, told.name) : demo.name,
    hook: told.hook === null ? demo.hook : kept(demo.hook, told.hook),
    idea: told.idea === null ? demo.idea : kept(demo.idea, told.idea),
    ageFrom: told.ages?.from ?? demo.ageFrom,
    ageTo: told.ages?.to ?? demo.ageTo,
    energy: told.energy ?? demo.energy,
    usualPosition: told.usualPosition ?? demo.usualPosition,
    methods: [
      ...demo.methods.map((method) => {
        const one = woven.get(method.id);
        return one ? methodOf(one, method, newId) : method;
      }),
      ...fresh,
    ],
  };
}
