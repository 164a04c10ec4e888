/** What one of the crew has to do, out of what the show caller says or, before the show, of the plan. */
import type { LineupInput, Timeline } from '../lineup/types';
import type { TaskTold, Telling, WindowTold } from './replan/tell';
import type { Live } from './types';

/** Work of one person: a task, or a slot to present. */
export interface Duty {
  kind: 'task' | 'present';
  slot: string;
  /** Null for a slot to present. */
  task: string | null;
  name: string;
  /** What it is for: the slot’s name. */
  of: string;
  /** Milliseconds since 1970. */
  from: number;
  to: number;
  state: 'toCome' | 'underWay' | 'blocked';
  /** Somebody said so; otherwise it is taken to go by the plan. */
  said: boolean;
}

/** How near what comes next is, and what is to be told of it. */
export type Urgency = 'later' | 'soon' | 'now' | 'late';

/** With less time than this to go, one gets ready; in ms. */
export const GET_READY = 60_000;
const NOW = 5000;
/** Begun so much later than planned, it is late. */
const LATE = 30_000;

export function urgencyOf({ state, from }: Duty, now: number): Urgency {
  if (state !== 'toCome') return 'later';
  const wait = from - now;
  if (wait > GET_READY) return 'later';
  if (wait > NOW) return 'soon';
  return wait > -LATE ? 'now' : 'late';
}

export interface CrewView {
  /** Under way or next, what is under way first. */
  duty: Duty | null;
  /** What comes after that. */
  then: Duty | null;
  /** What was made ready, or is getting ready by itself, in slots that are this person’s to prepare. */
  background: WindowTold[];
  /** Called to it by the presenter, and not begun since; null for not. */
  called: { duty: Duty; at: number; by: string | null } | null;
}

/** A slot that is somebody’s to present. */
export interface Presents {
  slot: string;
  name: string;
  performerId: string | null;
}

const isOf = ({ people }: TaskTold, person: string): boolean =>
  people.some(({ id }) => id === person);

const ORDER: Record<Duty['state'], number> = { underWay: 0, blocked: 1, toCome: 1 };

/** Everything that is still somebody’s to do, what is under way first, then by its time. */
export function dutiesOf(
  { tasks, blocks }: Pick<Telling, 'tasks' | 'blocks'>,
  presents: readonly Presents[],
  person: string,
): Duty[] {
  const own = tasks.flatMap((task): Duty[] => {
    const { slot, name, of, from, to, state, said } = task;
    if (state === 'done' || task.phase === 'settle' || !isOf(task, person)) return [];
    return [{ kind: 'task', slot, task: task.task, name, of, from, to, state, said }];
  });
  const stage = blocks.flatMap(({ slot, kind, from, to }): Duty[] => {
    const shown = presents.find((one) => one.slot === slot);
    if (shown?.performerId !== person || (kind !== 'on' && kind !== 'toCome')) return [];
    const state = kind === 'on' ? 'underWay' : 'toCome';
    const { name } = shown;
    return [{ kind: 'present', slot, task: null, name, of: name, from, to, state, said: true }];
  });
  return [...own, ...stage].sort(
    (a, b) => ORDER[a.state] - ORDER[b.state] || a.from - b.from || a.name.localeCompare(b.name),
  );
}

/** What one of the crew sees. `now` in ms since 1970. */
export function crewView(
  telling: Telling,
  presents: readonly Presents[],
  live: Pick<Live, 'calls' | 'jobs'>,
  person: string,
  now: number,
): CrewView {
  const duties = dutiesOf(telling, presents, person);
  const [duty = null, then = null] = duties;
  const prepares = new Set(
    telling.tasks.flatMap((task) =>
      task.phase === 'prepare' && isOf(task, person) ? [task.slot] : [],
    ),
  );
  const background = telling.windows
    .filter(({ slot, at }) => prepares.has(slot) && at !== null && at >= now)
    .sort((a, b) => a.until - b.until);
  const last = live.calls.findLast((call) =>
    duties.some(({ slot, task }) => slot === call.slot && task === call.task),
  );
  const to = last && duties.find(({ slot, task }) => slot === last.slot && task === last.task);
  const answered = to?.state === 'underWay';
  const called = last && to && !answered ? { duty: to, at: last.at, by: last.by } : null;
  return { duty, then, background, called };
}

/** Later than this a show is not late: it was called off, or played without this application. In ms. Our own mark. */
const LATE_MOST = 12 * 3_600_000;

/** Whether a show that nobody has begun can’t be waited for any more. Times in ms since 1970. */
export const isMissed = (startsAt: number, now: number): boolean => now - startsAt > LATE_MOST;

/**
 * The plan before anything was pressed, told as the show caller would tell it. `startsAt` in ms since 1970. Past its time
 * and not begun, the show can begin now at the earliest: nothing of it is over yet. Of a show that was missed nothing is
 * left to do.
 */
export function plannedTelling(
  input: LineupInput,
  { blocks, tasks }: Timeline,
  startsAt: number,
  now: number,
): Pick<Telling, 'tasks' | 'blocks'> {
  const wait = isMissed(startsAt, now) ? 0 : Math.max(0, now - startsAt);
  const at = (seconds: number): number => startsAt + seconds * 1000 + (seconds >= 0 ? wait : 0);
  const slotOf = (id: string) => input.slots.find((slot) => slot.id === id);
  return {
    blocks: blocks.map(({ slot, start, end }) => ({
      slot,
      kind: 'toCome',
      from: at(start),
      to: at(end),
    })),
    tasks: tasks
      .filter(({ phase }) => phase !== 'perform')
      .map(({ slot, task, phase, people, start, end }) => ({
        slot,
        task,
        phase,
        name: slotOf(slot)?.tasks.find(({ id }) => id === task)?.name ?? '',
        of: slotOf(slot)?.name ?? '',
        people: people.map((id) => ({
          id,
          name: input.crew.find((one) => one.id === id)?.name ?? '',
        })),
        from: at(start),
        to: at(start) + (end - start) * 1000,
        // Nobody has said anything: what should be over by now is taken to be.
        state:
          at(start) + (end - start) * 1000 <= now
            ? 'done'
            : at(start) <= now
              ? 'underWay'
              : 'toCome',
        said: false,
      })),
  };
}

/** What each of the crew has now, or next. */
export interface Has {
  id: string;
  name: string;
  duty: Duty | null;
}

export const whoHasWhat = (
  telling: Pick<Telling, 'tasks' | 'blocks'>,
  presents: readonly Presents[],
  crew: readonly { id: string; name: string }[],
): Has[] =>
  crew.map(({ id, name }) => ({ id, name, duty: dutiesOf(telling, presents, id)[0] ?? null }));
