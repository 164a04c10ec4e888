/** What is asked of a line that can be understood in two ways, with the line as each answer would write it. */
import type { Line } from './lines';
import { COVER_EARS, type StepSaid } from './step';
import { quoted } from './quotes';
import type { ThingSaid } from './things';
import type { Question } from './types';

const put = (text: string, from: number, to: number, words: string): string =>
  (text.slice(0, from) + words + text.slice(to)).trim();

export function questionsOf(line: Line, said: StepSaid): Question[] {
  const { text, number } = line;
  const asked: Question[] = said.doubts.map(({ from, to, kind }): Question => {
    const place = { line: number, from, to };
    const words = text.slice(from, to);
    const drop = {
      label: 'No',
      text: put(text, from, to, words.replace(/\s*(?:cover )?(?:your )?ears\s*\?/i, '')),
    };
    switch (kind) {
      case 'ears':
        return {
          ...place,
          ask: `“${COVER_EARS}” as a cue?`,
          answers: [{ label: 'Yes', text: put(text, from, to, words.replace('?', '!')) }, drop],
        };
      case 'who':
        return {
          ...place,
          ask: `Is ${words} somebody who helps?`,
          answers: [
            { label: 'A helper', text: put(text, from, to, 'helper') },
            { label: 'Only a word', text: put(text, from, to, quoted(words)) },
          ],
        };
      case 'noUnit': {
        const figure = words.replace(/^\D+/, '');
        return {
          ...place,
          ask: `“${words}”: minutes or seconds?`,
          answers: [
            { label: `${figure} min`, text: put(text, from, to, `about ${figure} min`) },
            { label: `${figure} s`, text: put(text, from, to, `about ${figure} s`) },
          ],
        };
      }
      case 'manyTimes':
        return {
          ...place,
          ask: `Two times in one line. Is “${words}” a step of its own?`,
          answers: [
            {
              label: 'A line of its own',
              text: `${put(text, from, to, '').replace(/[,;]?\s*$/, '')}\n${words}`,
            },
            { label: 'Only words', text: put(text, from, to, `"${words}"`) },
          ],
        };
      case 'waitTime':
        return {
          ...place,
          ask: 'Wait for how long? 2 min are taken.',
          answers: ['1 min', '2 min', '5 min'].map((time) => ({
            label: time,
            text: put(text, to, to, `${text.slice(0, to).endsWith(' ') ? '' : ' '}${time}`),
          })),
        };
      case 'zero':
        return {
          ...place,
          ask: 'It takes no time?',
          answers: ['0:10', '0:30', '1:00'].map((time) => ({
            label: time,
            text: put(text, from, to, time),
          })),
        };
    }
  });
  const { strange } = line;
  const from = strange === null ? -1 : text.indexOf(strange);
  const isPerson = said.marks.some((mark) => mark.kind === 'person' && mark.from === from);
  // “Stand back: it is hot” is a sentence.
  if (strange !== null && !isPerson && !strange.includes(' ')) {
    const to = text.indexOf(':', from) + 1;
    asked.push({
      line: number,
      from,
      to,
      ask: `“${strange}:” is no word known here.`,
      answers: [
        { label: 'What is said', text: put(text, from, to, 'say:') },
        { label: 'What is done', text: put(text, from, to, '') },
        { label: 'A person’s part', text: put(text, from, to, 'helper:') },
      ],
    });
  }
  return asked;
}

/** A thing that may be one of the store, or another one. Places of the thing are those of the line. */
export function askWhich(line: Line, { written, maybe }: ThingSaid): Question[] {
  const { text, from, to } = written;
  if (maybe.length === 0) return [];
  const instead = (words: string): string => put(line.text, from, to, words);
  return [
    {
      ...{ line: line.number, from, to },
      ask: `Is “${text}” one of these in the store?`,
      answers: [
        ...maybe.slice(0, 3).map(({ name }) => ({
          label: name,
          text: instead(/[,;()"“”]/.test(name) ? quoted(name) : name),
        })),
        { label: 'Something else', text: instead(quoted(text)) },
      ],
    },
  ];
}
