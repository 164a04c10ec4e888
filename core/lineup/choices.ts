/**
 * What a graph leaves open, as choices of the solver: who takes a hand, and which of two pieces of work
 * comes first. A choice is made up when two are first in each other's way; most never are.
 */
import { type PairKey, pairKey } from '../keys';
import type { Solver } from '../solver/solver';
import { type Assignment, before, type Edge, type Graph } from './graph';

/** People are decided before turns, and the unlikely turn, which is tried as “no”, before the likely. */
const WEIGHT = { person: 2, unlikely: 1, likely: 0 } as const;

/** An edge that holds where a choice is made. */
interface Turn {
  edge: Edge;
  choice: number;
  /** Numbers of the two assignments; null for equipment, whoever uses it. */
  of: readonly [number, number] | null;
}

export class Choices {
  private readonly turns: Turn[] = [];
  private readonly known = new Set<PairKey>();
  /** By assignment: a choice for each who may take it; none while there is only one way to see it. */
  private readonly takers: (number[] | null)[];
  /** Of equipment, by the activities that give and take. */
  private readonly handed = new Map<PairKey, number>();

  constructor(
    private readonly solver: Solver,
    graph: Graph,
  ) {
    this.takers = graph.assignments.map(() => null);
  }

  /** The person the solver has chosen; the most suitable where it had no need to choose. */
  takerOf({ number, people }: Assignment): string {
    const choices = this.takers[number];
    const at = choices?.findIndex((choice) => this.solver.isTrue(choice)) ?? 0;
    return people[Math.max(0, at)] ?? '';
  }

  /** Turns that the solver has decided on, and of those only the ones that are wanted. */
  decided(wanted: (of: Turn['of']) => boolean = () => true): Edge[] {
    return this.turns
      .filter(({ choice, of }) => this.solver.isTrue(choice) && wanted(of))
      .map(({ edge }) => edge);
  }

  private isKnown(a: Assignment, b: Assignment): boolean {
    return this.known.has(pairKey(a.number, b.number));
  }

  /** Whoever has both of these does one after the other, the first one likely first. */
  apart(first: Assignment, second: Assignment): void {
    if (this.isKnown(first, second)) return;
    this.known.add(pairKey(first.number, second.number));
    const { solver } = this;
    // Hands of one task are wanted at the same time.
    const turns =
      first.activity === second.activity
        ? []
        : [
            this.turn(before(first, second), WEIGHT.likely, [first.number, second.number]),
            this.turn(before(second, first), WEIGHT.unlikely, [first.number, second.number]),
          ];
    if (turns.length > 0) solver.clause(turns.map((choice) => ({ choice, wanted: false })));
    const open = turns.map((choice) => ({ choice, wanted: true }));
    for (const person of first.people) {
      if (!second.people.includes(person)) continue;
      const not = [first, second].flatMap((assignment) => {
        const choice = this.taking(assignment, person);
        return choice === null ? [] : [{ choice, wanted: false }];
      });
      solver.clause([...not, ...open]);
    }
  }

  /** Of these, each a use that might have to wait for another, one does. */
  handOver(edges: readonly Edge[]): void {
    this.solver.clause(
      edges.map((edge) => {
        const key = pairKey(edge.from, edge.to);
        const choice = this.handed.get(key) ?? this.turn(edge, WEIGHT.likely, null);
        this.handed.set(key, choice);
        return { choice, wanted: true };
      }),
    );
  }

  private turn(edge: Edge, weight: number, of: Turn['of']): number {
    const choice = this.solver.choice(false, weight);
    this.solver.difference(edge.from, edge.to, edge.weight, choice);
    this.turns.push({ edge, choice, of });
    return choice;
  }

  /** The choice that this person takes it; null when nobody else may. */
  private taking({ number, people }: Assignment, person: string): number | null {
    if (people.length === 1) return null;
    let choices = this.takers[number];
    if (!choices) {
      const { solver } = this;
      choices = people.map((_, i) => solver.choice(i === 0, WEIGHT.person));
      this.takers[number] = choices;
      solver.clause(choices.map((choice) => ({ choice, wanted: true })));
      choices.forEach((a, i) =>
        choices
          ?.slice(0, i)
          .forEach((b) => solver.clause([a, b].map((choice) => ({ choice, wanted: false })))),
      );
    }
    return choices[people.indexOf(person)] ?? null;
  }
}
