/**
 * Words as they are spoken. What is said in a step is one text; where somebody else speaks in it, their part begins
 * with who it is and a colon: “Helper: And this one is warm.” What stands before the first of these is the performer’s.
 */

export const SPEAKERS = ['performer', 'helper', 'volunteer', 'host', 'room'] as const;
/** Room: all of the audience together. Host: who introduces the show, and asks. */
export type Speaker = (typeof SPEAKERS)[number];

export interface Line {
  speaker: Speaker;
  text: string;
}

/** So many characters are kept of a step’s words, all voices together. */
export const SAY_MOST = 1500;

/** Words a minute of somebody whose own pace nobody has measured; common practice before a hall is 120 to 150. */
export const USUAL_PACE = 150;

const NAMES: Readonly<Record<string, Speaker>> = {
  performer: 'performer',
  presenter: 'performer',
  helper: 'helper',
  volunteer: 'volunteer',
  host: 'host',
  room: 'room',
  audience: 'room',
};

/** A speaker’s name begins a line, or follows what was said before it. */
const TAG = new RegExp(String.raw`(?<![\p{L}\p{N}’'-])(${Object.keys(NAMES).join('|')}):`, 'giu');

const BEFORE_TAG = new RegExp(String.raw`\s+(?=(?:${Object.keys(NAMES).join('|')}):)`, 'giu');

/** The same words, each speaker’s part on a line of its own. */
export const onLines = (say: string): string => say.replaceAll(BEFORE_TAG, '\n').trim();

/** The lines of a step’s words, in order. Nobody’s empty line is a line; two of one speaker in a row stay two. */
export function linesOf(say: string): Line[] {
  const tags = [...say.matchAll(TAG)];
  const parts = [
    { speaker: 'performer' as Speaker, from: 0 },
    ...tags.map((tag) => ({
      speaker: NAMES[(tag[1] ?? '').toLowerCase()] ?? 'performer',
      from: tag.index + tag[0].length,
    })),
  ];
  return parts.flatMap(({ speaker, from }, i): Line[] => {
    const text = say.slice(from, tags[i]?.index ?? say.length).trim();
    return text === '' ? [] : [{ speaker, text }];
  });
}

const TITLE: Readonly<Record<Speaker, string>> = {
  performer: 'Performer',
  helper: 'Helper',
  volunteer: 'Volunteer',
  host: 'Host',
  room: 'Room',
};

/** The lines as one text again, each of them on its own line; the performer is named only where somebody spoke before. */
export const sayOf = (lines: readonly Line[]): string =>
  lines
    .filter(({ text }) => text.trim() !== '')
    .map(({ speaker, text }, i) =>
      speaker === 'performer' && i === 0 ? text.trim() : `${TITLE[speaker]}: ${text.trim()}`,
    )
    .join('\n');

/** Words that are spoken: dashes and dots between them are none. */
export const countWords = (text: string): number =>
  text.split(/\s+/u).filter((word) => /[\p{L}\p{N}]/u.test(word)).length;

/** Seconds to say this, at so many words a minute. */
export const speakingTime = (text: string, pace = USUAL_PACE): number =>
  (countWords(text) / pace) * 60;

/** So many words at the end of a line tell another speaker that it is theirs. */
const CUE_WORDS = 4;

/** The last words of a line, as a cue for who speaks next. */
export const cueWords = (text: string): string =>
  text.trim().split(/\s+/u).slice(-CUE_WORDS).join(' ');

/** A text’s sentences, each with the space behind it: joined, they are the text. */
export function sentencesOf(text: string): string[] {
  const segmenter = new Intl.Segmenter('en', { granularity: 'sentence' });
  return [...segmenter.segment(text)].map(({ segment }) => segment);
}

export interface Cut {
  /** Of the lines, and of the sentences in it, from 0. */
  line: number;
  sentence: number;
  text: string;
  seconds: number;
}

/**
 * What to leave out of lines that take `excess` seconds too long: the shortest single sentence that is long enough;
 * where none is, the longest ones together. What the room says is not cut, nor the only sentence of a line. Empty
 * where nothing needs to go, and where all that may go is not enough.
 */
export function cutsFor(
  lines: readonly Line[],
  excess: number,
  paceOf: (speaker: Speaker) => number,
): Cut[] {
  if (excess <= 0) return [];
  const may = lines.flatMap(({ speaker, text }, line): Cut[] => {
    const sentences = sentencesOf(text);
    if (speaker === 'room' || sentences.length < 2) return [];
    return sentences
      .map((one, sentence) => ({
        line,
        sentence,
        text: one.trim(),
        seconds: speakingTime(one, paceOf(speaker)),
      }))
      .filter(({ seconds }) => seconds > 0);
  });
  const alone = may
    .filter(({ seconds }) => seconds >= excess)
    .sort((a, b) => a.seconds - b.seconds)[0];
  if (alone) return [alone];
  const taken: Cut[] = [];
  const kept = new Map<number, number>();
  for (const { line } of may) kept.set(line, (kept.get(line) ?? 0) + 1);
  let left = excess;
  for (const one of may.toSorted((a, b) => b.seconds - a.seconds)) {
    const stay = kept.get(one.line) ?? 0;
    if (left <= 0 || stay < 2) continue;
    kept.set(one.line, stay - 1);
    taken.push(one);
    left -= one.seconds;
  }
  return left > 0 ? [] : taken.sort((a, b) => a.line - b.line || a.sentence - b.sentence);
}

/** The lines without these sentences. */
export const withoutCuts = (lines: readonly Line[], cuts: readonly Cut[]): Line[] =>
  lines.map(({ speaker, text }, line) => ({
    speaker,
    text: sentencesOf(text)
      .filter((_, sentence) => !cuts.some((cut) => cut.line === line && cut.sentence === sentence))
      .join('')
      .trim(),
  }));
