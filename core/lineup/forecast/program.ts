/** A timeline as a program that can be run many times over: what is drawn, and what waits for what. */

/** A time to be drawn: low + width · table(even); fixed when there is no table. */
export interface Draw {
  low: number;
  width: number;
  table: Float64Array | null;
}

/** What a node waits for: the start or end of another, and so many seconds more. */
export interface Wait {
  node: number;
  of: 'start' | 'end';
  seconds: number;
}

export interface Node {
  /** What it is of, the same in every order of the show; null for a moment that takes no time. */
  of: string | null;
  /** Whether the audience watches it. */
  watched: boolean;
  /** Where it is in the plan; work is done in this sequence. */
  planned: number;
  /** Not before this, whatever it waits for. */
  earliest: number;
  time: Draw;
  waits: Wait[];
  /** Further goes: what is drawn when the planned ones fail. */
  goes: Goes | null;
}

/** The goes of a slot: how they may turn out, and what a further one takes. */
export interface Goes {
  planned: number;
  again: number;
  fallback: number;
  chance: Float64Array;
  /** Steps of one further go. */
  steps: Draw[];
  slot: number;
}

export interface Program {
  /** In an order in which everything comes after what it waits for. */
  nodes: Node[];
  /** Of each slot: its first and its last node in focus. */
  blocks: { slot: string; first: number; last: number }[];
  /** Windows: from the end of one node to the start of another, at most. */
  windows: {
    slot: string;
    task: string;
    after: string;
    from: number;
    to: number;
    greatest: number;
  }[];
  slots: number;
}
