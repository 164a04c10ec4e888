/**
 * `npm run plan -- FILE`: timeline, kit and verdicts of a show file as JSON, with no server. With `--order`,
 * a better running order too; `--arc` says how its energy should run. With `--forecast N` what comes of
 * N simulated shows. `--seed` makes both repeat.
 */
import { readFileSync, statSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { FILE_LIMIT, readShowFile, type ShowFile } from '../contract/showFile';
import { type FieldFault, faultInWords } from '../contract/validate';
import { type Arc, ARCS } from '../core/brief/wishes';
import { recordsOf } from '../core/after/review';
import { withOwned } from '../core/inventory/owned';
import { kitList } from '../core/kit/kit';
import { sharesOf } from '../core/kit/shares';
import { wholeForecast } from '../core/lineup/forecast/forecast';
import { policiesOf } from '../core/lineup/forecast/fromBundle';
import { lineupInput } from '../core/lineup/fromBundle';
import { fixFinder } from '../core/lineup/suggestFixes';
import { traitsOf } from '../core/lineup/order/fromBundle';
import { suggestedOrder } from '../core/lineup/order/suggest';
import { schedule } from '../core/lineup/schedule';
import { EFFORT } from '../core/lineup/effort';
import { Budget } from '../core/solver/budget';
import { judge } from '../core/ready/judge';

const USAGE = `Usage: npm run plan -- FILE [--order] [--arc ${ARCS.join('|')}] [--forecast NUMBER] [--seed NUMBER]`;
/** Simulated shows at the most. */
const MOST_SHOWS = 1_000_000;
/** Orders timed at the most. */
const MOST_ORDERS = 20_000;

function refuse(lines: string[]): never {
  for (const line of lines) console.error(line);
  process.exit(2);
}

interface Asked {
  file: string;
  order: boolean;
  /** Instead of the one the show wishes. */
  arc: Arc | null;
  /** Shows to simulate; null for none. */
  forecast: number | null;
  seed: number;
}

function asked(): Asked {
  try {
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: {
        order: { type: 'boolean', default: false },
        arc: { type: 'string' },
        forecast: { type: 'string' },
        seed: { type: 'string', default: '1' },
      },
    });
    const [file, ...more] = positionals;
    const arc = ARCS.find((known) => known === values.arc) ?? null;
    const seed = Number(values.seed);
    if (file === undefined || more.length > 0) return refuse([USAGE]);
    if (values.arc !== undefined && !arc)
      return refuse([`--arc must be one of: ${ARCS.join(', ')}`, USAGE]);
    if (!/^\d{1,9}$/.test(values.seed))
      return refuse(['--seed must be a whole number of at most nine figures', USAGE]);
    const forecast = values.forecast === undefined ? null : Number(values.forecast);
    if (
      forecast !== null &&
      !(Number.isInteger(forecast) && forecast > 0 && forecast <= MOST_SHOWS)
    )
      return refuse([`--forecast must be a whole number from 1 to ${MOST_SHOWS}`, USAGE]);
    return { file, order: values.order, arc, forecast, seed };
  } catch {
    return refuse([USAGE]);
  }
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

function answer(file: ShowFile, { order, arc, forecast, seed }: Asked): object {
  // There are as many of each thing as the file's store has on the day.
  const show = { ...file, items: withOwned(file.items, file.lots, file.show.date) };
  const records = recordsOf(show.demos, show.runs);
  const input = lineupInput(show);
  const timeline = schedule(input, new Budget(EFFORT.thorough));
  const others = show.people.filter((person) => !show.show.crew.includes(person.id));
  const fix = fixFinder(input, timeline, others);
  return {
    timeline: {
      ...timeline,
      gaps: timeline.gaps.map((gap) => ({ ...gap, fixes: fix(gap) })),
      conflicts: timeline.conflicts.map((conflict) => ({ ...conflict, fixes: fix(conflict) })),
      tasks: timeline.tasks.map(({ people, ...task }) => ({
        ...task,
        person: people[0] ?? null,
        people,
      })),
    },
    kit: kitList(show, timeline, { records }),
    // The file's own store is all there is; what was waived or ticked is not in it.
    verdicts: judge(show, timeline, {
      records,
      shares: sharesOf(show, timeline, file.lots, { records }),
    }).map(({ slotIds, ...verdict }) => ({ ...verdict, slots: slotIds })),
    ...(order && {
      order: suggestedOrder(
        input,
        traitsOf(show),
        { ...show.show.wishes, ...(arc && { arc }) },
        { seed, most: MOST_ORDERS },
      ),
    }),
    ...(forecast !== null && {
      forecast: wholeForecast(input, timeline, policiesOf(show, records), {
        runs: forecast,
        seed,
      }),
    }),
  };
}

const wanted = asked();
const read = readShowFile(textOf(wanted.file));
if (!read.ok) refuse(read.faults.map((fault: FieldFault) => faultInWords(fault)));
console.log(JSON.stringify(answer(read.value, wanted), null, 2));
