/** What was agreed with the host and the crew, and what is still asked. */

export const CREW_SAID = ['asked', 'yes', 'no'] as const;
export type CrewSaid = (typeof CREW_SAID)[number];

/** What one of the crew said to being in it; who is not named was not asked yet. */
export interface CrewAnswer {
  personId: string;
  said: CrewSaid;
}

/** A question to the host that no fact of the venue answers; its answer empty until there is one. */
export interface HostQuestion {
  id: string;
  ask: string;
  answer: string;
}

/** What somebody said; null where nobody asked. */
export const saidBy = (answers: readonly CrewAnswer[], personId: string): CrewSaid | null =>
  answers.find((one) => one.personId === personId)?.said ?? null;
