/** `npm run plan -- FILE`: the timeline and kit of a show file as JSON, with no server. */
import { readFileSync, statSync } from 'node:fs';
import { FILE_LIMIT, readShowFile } from '../contract/showFile';
import { type FieldFault, faultInWords } from '../contract/validate';
import { kitList } from '../core/kit/kit';
import { lineupInput } from '../core/lineup/fromBundle';
import { mender } from '../core/lineup/mend';
import { schedule } from '../core/lineup/schedule';
import { EFFORT } from '../core/lineup/search';

function refuse(lines: string[]): never {
  for (const line of lines) console.error(line);
  process.exit(2);
}

function textOf(file: string): string {
  try {
    if (statSync(file).size > FILE_LIMIT)
      refuse([`${file} is larger than ${FILE_LIMIT / 1024 / 1024} MB.`]);
    return readFileSync(file, 'utf8');
  } catch (error) {
    const code = (error as NodeJS.ErrnoException).code;
    return refuse([
      code === 'ENOENT'
        ? `There is no file ${file}.`
        : code === 'EISDIR'
          ? `${file} is a folder.`
          : `${file} can’t be read.`,
    ]);
  }
}

const files = process.argv.slice(2);
const [file] = files;
if (file === undefined || files.length > 1) refuse(['Usage: npm run plan -- FILE']);
const read = readShowFile(textOf(file));
if (!read.ok) refuse(read.faults.map((fault: FieldFault) => faultInWords(fault)));
const input = lineupInput(read.value);
const timeline = schedule(input, EFFORT.thorough);
const mend = mender(input, timeline);
const answer = {
  timeline: {
    ...timeline,
    gaps: timeline.gaps.map((gap) => ({ ...gap, mend: mend(gap) })),
    tasks: timeline.tasks.map(({ people, ...task }) => ({
      ...task,
      person: people[0] ?? null,
      people,
    })),
  },
  kit: kitList(read.value, timeline),
};
console.log(JSON.stringify(answer, null, 2));
