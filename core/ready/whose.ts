/** What is to be done next, and whose it is. */
import type { Check } from './checks';

/** What falls due first: of what is mine, then of all. Nobody’s is not mine where nobody has said who they are. */
export const nextCheck = (checks: readonly Check[], me: string | null): Check | undefined =>
  checks.toSorted(
    (a, b) =>
      (me === null ? 0 : Number(b.personId === me) - Number(a.personId === me)) || a.due - b.due,
  )[0];

export interface DueOf<P, F> {
  /** Null for what is nobody’s. */
  person: P | null;
  checks: readonly Check[];
  followUps: readonly F[];
}

/** People in the order of the crew, then others with something to follow up; who has nothing is left out, nobody comes last. */
export function dueBy<P extends { id: string }, F extends { ownerId: string | null }>(
  crew: readonly string[],
  people: readonly P[],
  checks: readonly Check[],
  followUps: readonly F[],
): DueOf<P, F>[] {
  const known = new Map(people.map((person) => [person.id, person]));
  const ids = new Set([...crew, ...followUps.flatMap(({ ownerId }) => ownerId ?? [])]);
  const named = [...ids].flatMap((id) => known.get(id) ?? []);
  const theirs = (id: string): Omit<DueOf<P, F>, 'person'> => ({
    checks: checks.filter(({ personId }) => personId === id),
    followUps: followUps.filter(({ ownerId }) => ownerId === id),
  });
  // Whoever is not known any more does nothing: it is nobody’s.
  const has = (id: string | null): boolean => id !== null && ids.has(id) && known.has(id);
  const nobody: DueOf<P, F> = {
    person: null,
    checks: checks.filter(({ personId }) => !has(personId)),
    followUps: followUps.filter(({ ownerId }) => !has(ownerId)),
  };
  return [...named.map((person) => ({ person, ...theirs(person.id) })), nobody].filter(
    (one) => one.checks.length + one.followUps.length > 0,
  );
}
