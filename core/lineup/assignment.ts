/** Who takes which hand, once the times stand; or what is in whose way. */
import { Availability } from './availability';
import type { Assignment, Graph } from './graph';

/** An assignment, and the one that keeps its people busy. */
export interface AssignmentConflict {
  assignment: Assignment;
  other: Assignment;
}

export type AssignmentResult = (
  { ok: true; people: string[] } | { ok: false; conflicts: AssignmentConflict[] }
) & {
  /** What it took, in steps of the search. */
  steps: number;
};

/** What it costs to look whether somebody is free, in steps of the search. */
const STEPS_A_LOOK = 8;
/** Steps back while sharing people out, before it is given up. */
const STEPS_BACK = 100;
/** Conflicts gathered for the search to choose from. */
const MOST_CONFLICTS = 12;

interface Placed {
  assignment: number;
  start: number;
  end: number;
}

/**
 * Shares people out among the assignments at these starts, by time, the most suitable first, stepping back
 * where a later assignment has no candidate left.
 */
export function assignPeople(graph: Graph, starts: Float64Array): AssignmentResult {
  const { assignments, input } = graph;
  const inTime = (numbers: readonly number[]): Placed[] =>
    numbers
      .map((i): Placed => {
        const assignment = assignments[i];
        const start = (starts[assignment?.activity ?? 0] ?? 0) + (assignment?.offset ?? 0);
        return { assignment: i, start, end: start + (assignment?.duration ?? 0) };
      })
      .sort((a, b) => a.start - b.start || a.assignment - b.assignment);
  const calendar = Availability.empty(input.crew);
  const people: string[] = assignments.map(() => '');
  const conflicts: AssignmentConflict[] = [];
  const take = (entry: Placed, person: string): void => {
    people[entry.assignment] = person;
    calendar.add(person, {
      slot: '',
      task: String(entry.assignment),
      start: entry.start,
      end: entry.end,
    });
  };
  let looks = assignments.length;
  const fits = (entry: Placed, person: string): boolean => {
    looks += STEPS_A_LOOK;
    return (
      calendar.isFree(person, entry.start, entry.end) &&
      // Hands of one task overlap, but for those that take no time at all.
      (entry.end > entry.start || !sameTask(assignments, people, entry.assignment, person))
    );
  };
  /** Other work that keeps people from this assignment, or from those beside it in the same task. */
  const inTheWay = ({ assignment: number, start, end }: Placed): void => {
    const wanted = assignments[number];
    looks += assignments.length;
    for (const beside of assignments) {
      if (conflicts.length >= MOST_CONFLICTS) return;
      if (beside.activity !== wanted?.activity || beside.offset !== wanted.offset) continue;
      for (const person of beside.people)
        for (const busy of calendar.overlapping(person, start, end)) {
          const other = assignments[Number(busy.task)];
          if (other && other.activity !== beside.activity)
            conflicts.push({ assignment: beside, other });
        }
    }
  };

  // Assignments of one person first: they leave no choice.
  for (const entry of inTime(graph.fixedAssignments)) {
    const [only] = assignments[entry.assignment]?.people ?? [];
    if (only === undefined) continue;
    if (fits(entry, only)) take(entry, only);
    else inTheWay(entry);
  }
  if (conflicts.length > 0) return { ok: false, conflicts, steps: looks };

  const open = inTime(graph.openAssignments);
  let steps = 0;
  let deepest = -1;
  // By hand and not by recursion: a long show has more assignments than a program may nest calls.
  const tried: { options: readonly string[]; next: number }[] = [];
  while (tried.length < open.length || tried.length === 0) {
    const entry = open[tried.length];
    if (!entry) return { ok: true, people, steps: looks };
    const options = (assignments[entry.assignment]?.people ?? []).filter((person) =>
      fits(entry, person),
    );
    if (options.length === 0 && tried.length > deepest) {
      deepest = tried.length;
      conflicts.length = 0;
      inTheWay(entry);
    }
    tried.push({ options, next: 0 });
    // On with the next option of the latest assignment that has one left.
    for (;;) {
      const latest = tried.at(-1);
      const assignment = open[tried.length - 1];
      if (!latest || !assignment) return { ok: false, conflicts, steps: looks };
      const held = people[assignment.assignment];
      if (held) {
        people[assignment.assignment] = '';
        calendar.remove(held, String(assignment.assignment));
        if (++steps > STEPS_BACK) return { ok: false, conflicts, steps: looks };
      }
      const person = latest.options[latest.next++];
      if (person !== undefined) {
        take(assignment, person);
        break;
      }
      tried.pop();
    }
  }
  return { ok: true, people, steps: looks };
}

/** Each two assignments that one person would have at the same time, the earlier first. */
export function clashes(
  { assignments }: Graph,
  starts: Float64Array,
  people: readonly string[],
): [Assignment, Assignment][] {
  const at = (of: Assignment): number => (starts[of.activity] ?? 0) + of.offset;
  const inTime = [...assignments].sort((a, b) => at(a) - at(b) || a.number - b.number);
  const busy = new Map<string, Assignment[]>();
  const found: [Assignment, Assignment][] = [];
  for (const assignment of inTime) {
    const person = people[assignment.number] ?? '';
    const mine = (busy.get(person) ?? []).filter(
      (other) => at(other) + other.duration > at(assignment) || areHands(other, assignment),
    );
    for (const other of mine)
      if (assignment.duration > 0 || areHands(other, assignment)) found.push([other, assignment]);
    busy.set(person, [...mine, assignment]);
  }
  return found;
}

/** Two hands of one task and go, which different people have even where it takes no time. */
const areHands = (a: Assignment, b: Assignment): boolean =>
  a.activity === b.activity && a.task.task === b.task.task && a.go === b.go;

/** True when the person has another hand of the same task and go already. */
function sameTask(
  assignments: readonly Assignment[],
  people: readonly string[],
  index: number,
  person: string,
): boolean {
  const assignment = assignments[index];
  return assignments.some(
    (other, i) => i !== index && people[i] === person && assignment && areHands(other, assignment),
  );
}
