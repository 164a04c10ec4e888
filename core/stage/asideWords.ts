/** What was pressed and moved nothing, in one line. */
import { listInWords } from '../words';
import type { Aside } from './driving';
import type { EventKind, RunEvent, RunPlan } from './types';

const PRESSED: Partial<Record<EventKind, string>> = {
  start: 'Start',
  commence: 'Begin',
  part: 'Done',
  done: 'Done',
  again: 'Again',
  failed: 'Didn’t work',
  skip: 'Skip',
  leaveOut: 'Leave out',
  bringBack: 'Bring back',
  goTo: 'Go to',
  hold: 'Hold',
  resume: 'Go on',
  back: 'Back',
  sign: 'Sign seen',
  pass: 'Past the gate',
  moveFinish: 'Move the hard finish',
  finish: 'Finish',
  unfinish: 'Open it again',
};

/** “Done three times”, “Done and Skip”. */
function pressedWords(events: readonly RunEvent[]): string {
  const names = events.map(({ kind }) => PRESSED[kind] ?? 'something');
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return listInWords(
    [...counts].map(([name, n]) =>
      n === 1 ? name : n === 2 ? `${name} twice` : `${name} ${n} times`,
    ),
  );
}

/** `who`: whose presses they were. */
export function asideWords({ events }: Aside, plan: RunPlan, who: string): string {
  const slots = [...new Set(events.flatMap(({ slot }) => slot ?? []))];
  const names = slots.map((id) => plan.slots.find((slot) => slot.id === id)?.name ?? '');
  const at = names.filter(Boolean);
  return `${who} pressed ${pressedWords(events)}${at.length > 0 ? ` at ${listInWords(at)}` : ''}.`;
}
