/** Lines by speaker, and how long they take to say. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  countWords,
  cueWords,
  cutsFor,
  type Line,
  linesOf,
  onLines,
  sayOf,
  sentencesOf,
  SPEAKERS,
  speakingTime,
  withoutCuts,
} from './script';

const word = fc.constantFrom('foam', 'rises', 'why', 'ten', 'o’clock', 'yes');
const sentence = fc
  .array(word, { minLength: 1, maxLength: 9 })
  .map((words) => `F${words.join(' ')}.`);
const text = fc.array(sentence, { minLength: 1, maxLength: 4 }).map((all) => all.join(' '));
const line: fc.Arbitrary<Line> = fc.record({ speaker: fc.constantFrom(...SPEAKERS), text });

describe('lines', () => {
  test('what stands before the first name is the performer’s; each name begins a part, on a new line or not', () => {
    expect(
      linesOf('This one is peroxide. And that one? Helper: Yeast.\nRoom: Ooh!\nHost: Thank you.'),
    ).toEqual([
      { speaker: 'performer', text: 'This one is peroxide. And that one?' },
      { speaker: 'helper', text: 'Yeast.' },
      { speaker: 'room', text: 'Ooh!' },
      { speaker: 'host', text: 'Thank you.' },
    ]);
    expect(linesOf('HELPER: Blue it is. presenter: Stand back.')).toEqual([
      { speaker: 'helper', text: 'Blue it is.' },
      { speaker: 'performer', text: 'Stand back.' },
    ]);
  });

  test('a word that only ends or begins like a name is no name, nor is one without its colon', () => {
    expect(
      linesOf('My co-host: nobody. A ballroom: empty. Ask the helper, then the room.'),
    ).toHaveLength(1);
    expect(linesOf('')).toEqual([]);
    expect(linesOf('Helper: Room:')).toEqual([]);
  });

  test('written and read again, they are the same lines, also once all is on one line', () => {
    fc.assert(
      fc.property(fc.array(line, { maxLength: 8 }), (lines) => {
        // Two parts of the performer at the beginning would be one.
        const one = lines.filter(({ speaker }, i) => i === 0 || speaker !== lines[i - 1]?.speaker);
        expect(linesOf(sayOf(one))).toEqual(one);
        expect(linesOf(sayOf(one).replaceAll('\n', ' '))).toEqual(one);
      }),
      { seed: 1810 },
    );
  });

  test('put on lines of their own, they are the same lines', () => {
    fc.assert(
      fc.property(fc.array(line, { maxLength: 8 }), (lines) => {
        const say = sayOf(lines);
        expect(onLines(say.replaceAll('\n', ' '))).toBe(say);
        expect(linesOf(onLines(say))).toEqual(linesOf(say));
      }),
    );
  });

  test('the cue is the last words of who spoke before', () => {
    expect(cueWords('Two cups. And that one over there, Jo?')).toBe('one over there, Jo?');
    expect(cueWords('Yes.')).toBe('Yes.');
  });
});

describe('time', () => {
  // Arithmetic.
  test('150 words at 150 a minute are 60 s; at 120 they are 75 s', () => {
    const words = Array.from({ length: 150 }, () => 'word').join(' ');
    expect(speakingTime(words)).toBe(60);
    expect(speakingTime(words, 120)).toBe(75);
    expect(speakingTime('')).toBe(0);
  });

  test('dashes and dots between words are not spoken', () => {
    expect(countWords('Three, two, one … — foam!')).toBe(4);
  });

  test('sentences joined are the text', () => {
    fc.assert(fc.property(text, (said) => expect(sentencesOf(said).join('')).toBe(said)));
    expect(sentencesOf('Who? You. Now!').length).toBe(3);
  });
});

describe('what to leave out', () => {
  const pace = (): number => 60;
  const lines: Line[] = [
    { speaker: 'performer', text: 'One two three. One two three four five. One.' },
    { speaker: 'helper', text: 'Only this.' },
  ];

  test('the shortest sentence that is long enough', () => {
    expect(cutsFor(lines, 2, pace)).toEqual([
      { line: 0, sentence: 0, text: 'One two three.', seconds: 3 },
    ]);
    expect(cutsFor(lines, 4, pace).map(({ text: said }) => said)).toEqual([
      'One two three four five.',
    ]);
  });

  test('several where one is not enough; nothing where all that may go is not, and where nothing must', () => {
    expect(cutsFor(lines, 7, pace).map(({ sentence: which }) => which)).toEqual([0, 1]);
    expect(cutsFor(lines, 20, pace)).toEqual([]);
    expect(cutsFor(lines, 0, pace)).toEqual([]);
  });

  test('what is left out is enough, takes nobody’s whole line and nothing of the room', () => {
    fc.assert(
      fc.property(
        fc.array(line, { maxLength: 6 }),
        fc.double({ min: 0.1, max: 60, noNaN: true }),
        (all, excess) => {
          const cuts = cutsFor(all, excess, pace);
          if (cuts.length === 0) return;
          expect(cuts.reduce((sum, { seconds }) => sum + seconds, 0)).toBeGreaterThanOrEqual(
            excess - 1e-9,
          );
          const left = withoutCuts(all, cuts);
          const time = (of: readonly Line[]): number =>
            of.reduce((sum, { text: said }) => sum + speakingTime(said, 60), 0);
          expect(time(all) - time(left)).toBeGreaterThanOrEqual(excess - 1e-9);
          left.forEach((one, i) => {
            expect(one.text).not.toBe('');
            if (one.speaker === 'room') expect(one).toEqual(all[i]);
          });
        },
      ),
      { seed: 1811 },
    );
  });
});
