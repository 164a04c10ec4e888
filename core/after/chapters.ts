/**
 * Chapters of a recording, from what was pressed on stage: one for each time a slot was on. Written as WebVTT
 * (W3C), which players show as chapters of a film.
 */
import type { Live, RunPlan } from '../stage/types';

/** In milliseconds of the recording; it ends after it begins. */
export interface Chapter {
  from: number;
  until: number;
  title: string;
}

/**
 * `recordedFrom`: when the recording began, in milliseconds since 1970. What was over by then is left out, and what
 * was on then begins with it. A slot that is on for a second time says so; what nobody ended is left out.
 */
export function chaptersOf(
  plan: Pick<RunPlan, 'slots'>,
  live: Pick<Live, 'visits' | 'finishedAt'>,
  recordedFrom: number,
): Chapter[] {
  const seen = new Set<string>();
  return live.visits
    .toSorted((a, b) => a.from - b.from)
    .flatMap((visit): Chapter[] => {
      const at = plan.slots.findIndex(({ id }) => id === visit.slot);
      const until = visit.until ?? live.finishedAt;
      const name = plan.slots[at]?.name;
      if (name === undefined || until === null) return [];
      const again = seen.has(visit.slot);
      seen.add(visit.slot);
      const chapter = {
        from: Math.max(0, visit.from - recordedFrom),
        until: until - recordedFrom,
        title: `${at + 1}. ${name}${again ? ', again' : ''}`,
      };
      return chapter.until > chapter.from ? [chapter] : [];
    });
}

const two = (n: number): string => String(n).padStart(2, '0');

/** “00:01:02.345”. */
function timestamp(ms: number): string {
  const whole = Math.round(ms);
  const seconds = Math.floor(whole / 1000);
  return `${two(Math.floor(seconds / 3600))}:${two(Math.floor(seconds / 60) % 60)}:${two(seconds % 60)}.${String(whole % 1000).padStart(3, '0')}`;
}

/** A line break would end a title, and “-->” can’t stand in it; these characters begin markup. */
const inVtt = (title: string): string =>
  title
    .replaceAll(/\s+/gu, ' ')
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .trim();

export const chaptersVtt = (chapters: readonly Chapter[]): string =>
  [
    'WEBVTT',
    ...chapters.map(
      ({ from, until, title }, i) =>
        `${i + 1}\n${timestamp(from)} --> ${timestamp(until)}\n${inVtt(title)}`,
    ),
  ].join('\n\n') + '\n';
