import { counted } from '../words';
import type { Check } from './checks';

/** What somebody said of a check. */
export interface Mark {
  key: string;
  state: 'done' | 'waived';
  reason: string;
  by: string | null;
  /** Milliseconds since 1970. */
  at: number;
}

export interface GoNoGo {
  go: boolean;
  holding: Check[];
  open: Check[];
  done: number;
  words: string;
}

/** Whether the show may start: no check that holds it is open. Marks of checks long gone don't count. */
export function goNoGo(checks: readonly Check[], marks: readonly Mark[]): GoNoGo {
  const marked = new Set(marks.map((mark) => mark.key));
  const open = checks.filter((check) => !marked.has(check.key));
  const holding = open.filter((check) => check.holds);
  const done = checks.length - open.length;
  const words =
    holding.length > 0
      ? `${counted(holding.length, 'check')} ${holding.length === 1 ? 'holds' : 'hold'} the show`
      : open.length > 0
        ? `Go, with ${counted(open.length, 'check')} still open`
        : checks.length > 0
          ? 'Go: every check is done'
          : 'No checks: the line-up is empty';
  return { go: holding.length === 0, holding, open, done, words };
}
