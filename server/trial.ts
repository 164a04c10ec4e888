/**
 * `npm run trial -- FILE.csv`: what the readings of a trial series say, as JSON, with no server. The file has one row
 * a reading, and names its columns; `--factor` and `--response` say which of them was changed and which was read.
 */
import { readFileSync, statSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { numberIn, trialFromTable } from '../core/trials/fromTable';
import { trialReport } from '../core/trials/report';
import { BETTER, type Better } from '../core/repertoire/measure';
import { csvRows } from './http/csv';

const USAGE = `Usage: npm run trial -- FILE.csv [--factor NAME] [--response NAME] [--better ${BETTER.join('|')}] [--target NUMBER] [--matters NUMBER] [--resolution NUMBER] [--reference LEVEL]`;
/** Largest file that is read, in bytes. */
const FILE_LIMIT = 8 * 1024 * 1024;
/** Readings at the most: pairs of them are compared. */
const READINGS_MOST = 50_000;

function refuse(lines: string[]): never {
  for (const line of lines) console.error(line);
  process.exit(2);
}

function asked() {
  try {
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: {
        factor: { type: 'string' },
        response: { type: 'string' },
        better: { type: 'string', default: 'more' },
        target: { type: 'string' },
        matters: { type: 'string' },
        resolution: { type: 'string' },
        reference: { type: 'string' },
      },
    });
    const [file] = positionals;
    if (file === undefined || positionals.length > 1) refuse([USAGE]);
    return { file, ...values };
  } catch (error) {
    refuse([error instanceof Error ? error.message : String(error), USAGE]);
  }
}

/** A number that was asked for by name; null where it was not. */
function numberFor(name: string, text: string | undefined, least: number): number | null {
  if (text === undefined) return null;
  const value = numberIn(text);
  if (value === null || value < least)
    refuse([`--${name} must be a number${least === 0 ? ' of 0 or more' : ''}, not “${text}”.`]);
  return value;
}

function rowsOf(file: string): string[][] {
  try {
    if (statSync(file).size > FILE_LIMIT)
      refuse([`${file} is larger than ${FILE_LIMIT / 1024 / 1024} MB.`]);
    return csvRows(readFileSync(file, 'utf8'));
  } catch (error) {
    refuse([`${file} can’t be read: ${error instanceof Error ? error.message : String(error)}`]);
  }
}

const { file, factor, response, better, ...rest } = asked();
if (!BETTER.includes(better as Better)) refuse([`--better must be one of ${BETTER.join(', ')}.`]);
const target = numberFor('target', rest.target, -Infinity);
if (better === 'near' && target === null) refuse(['--better near needs a --target.']);
const answer = trialFromTable(rowsOf(file), { factor, response });
if (!answer.ok) refuse(answer.faults);
const { table } = answer;
if (table.readings.length > READINGS_MOST)
  refuse([`There are more than ${READINGS_MOST} readings in ${file}.`]);
const reference =
  rest.reference === undefined
    ? null
    : table.levels.find(({ id, value }) =>
        value === null ? id === rest.reference : value === numberIn(rest.reference ?? ''),
      );
if (reference === undefined)
  refuse([
    `There is no level “${rest.reference}”: there are ${table.levels.map(({ label }) => label).join(', ')}.`,
  ]);
const report = trialReport(
  {
    levels: table.levels,
    better: better as Better,
    target,
    matters: numberFor('matters', rest.matters, 0),
    resolution: numberFor('resolution', rest.resolution, 0),
    yesNo: table.yesNo,
    reference: reference?.id ?? null,
  },
  table.readings,
  { factor: table.factor, levelUnit: '', unit: '', better: better as Better, target },
);
console.log(
  JSON.stringify(
    {
      factor: table.factor,
      response: table.response,
      readings: table.readings.length,
      notRead: table.notRead,
      ...report,
    },
    null,
    2,
  ),
);
