/**
 * `npm run plan -- FILE`: timeline, outlook, kit and verdicts of a show file as JSON, with no server. With
 * `--order`, a better running order too; `--arc` says how its energy should run. With `--forecast N` all
 * that comes of N simulated shows, `--sure` says against how many its end is held, `--seed` makes both
 * repeat. With `--live` what a run has come to and how the rest of it goes from there, at a moment of show
 * time. It takes no longer than `--seconds`, tells how far it is, and gives the best it has by then.
 */
import { readFileSync, statSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { FORECAST_RUNS } from '../contract/api';
import { FILE_LIMIT, readShowFile, type ShowFile } from '../contract/showFile';
import { type FieldFault, faultInWords } from '../contract/validate';
import { type Arc, ARCS } from '../core/brief/wishes';
import { recordsOf } from '../core/after/review';
import { withOwned } from '../core/inventory/owned';
import { kitList } from '../core/kit/kit';
import { sharesOf } from '../core/kit/shares';
import { foreseer, leaveOutTable } from '../core/lineup/forecast/forecast';
import { policiesOf } from '../core/lineup/forecast/fromBundle';
import { fixFinder } from '../core/lineup/suggestFixes';
import { traitsOf } from '../core/lineup/order/fromBundle';
import { suggestOrder } from '../core/lineup/order/suggest';
import {
  endingOf,
  forecastSize,
  SURENESS,
  type Sureness,
  USUAL_SURENESS,
} from '../core/lineup/outlook';
import { prospectOf } from '../core/lineup/prospect';
import { EFFORT } from '../core/lineup/effort';
import { Budget, type TimeLimit } from '../core/solver/budget';
import { parseClock } from '../core/time/clock';
import { judge } from '../core/ready/judge';
import { liveAnswer, readRunFile } from './planLive';

const USAGE = `Usage: npm run plan -- FILE [--order] [--arc ${ARCS.join('|')}] [--forecast NUMBER] [--sure ${SURENESS.join('|')}] [--seed NUMBER] [--seconds NUMBER] [--live RUN.json [--at SECONDS]]`;
/** Simulated shows at the most. */
const MOST_SHOWS = 1_000_000;
/** Orders timed at the most. */
const MOST_ORDERS = 20_000;
/** Seconds that it may take, where none are given, and at the most. */
const USUAL_SECONDS = 60;
const MOST_SECONDS = 86_400;
/** Share of the time that may go into the clock itself. */
const FOR_CLOCK = 0.4;
/** Milliseconds between two lines about how far it is. */
const TOLD_EVERY = 1000;

function refuse(lines: string[]): never {
  for (const line of lines) console.error(line);
  process.exit(2);
}

interface Asked {
  file: string;
  order: boolean;
  /** Instead of the one the show wishes. */
  arc: Arc | null;
  /** Shows to simulate; null where only the outlook is wanted. */
  forecast: number | null;
  sure: Sureness;
  seed: number;
  seconds: number;
  /** A file of events; null for none. */
  live: string | null;
  /** Seconds of show time; null for the last event’s moment. */
  at: number | null;
}

function asked(): Asked {
  try {
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: {
        order: { type: 'boolean', default: false },
        arc: { type: 'string' },
        forecast: { type: 'string' },
        sure: { type: 'string', default: USUAL_SURENESS },
        seed: { type: 'string' },
        seconds: { type: 'string', default: String(USUAL_SECONDS) },
        live: { type: 'string' },
        at: { type: 'string' },
      },
    });
    const [file, ...more] = positionals;
    const arc = ARCS.find((known) => known === values.arc) ?? null;
    const { seed: seedText = '1' } = values;
    const seed = Number(seedText);
    const sure = SURENESS.find((known) => known === values.sure);
    const seconds = Number(values.seconds);
    if (file === undefined || more.length > 0) return refuse([USAGE]);
    if (values.arc !== undefined && !arc)
      return refuse([`--arc must be one of: ${ARCS.join(', ')}`, USAGE]);
    if (!sure) return refuse([`--sure must be one of: ${SURENESS.join(', ')}`, USAGE]);
    if (!(seconds > 0 && seconds <= MOST_SECONDS))
      return refuse([`--seconds must be more than 0 and at most ${MOST_SECONDS}`, USAGE]);
    const at = values.at === undefined ? null : Number(values.at);
    if (at !== null && !(at >= 0 && at <= MOST_SECONDS))
      return refuse([`--at must be from 0 to ${MOST_SECONDS} seconds of show time`, USAGE]);
    if (at !== null && values.live === undefined) return refuse(['--at goes with --live', USAGE]);
    if (!/^\d{1,9}$/.test(seedText))
      return refuse(['--seed must be a whole number of at most nine figures', USAGE]);
    const forecast = values.forecast === undefined ? null : Number(values.forecast);
    if (
      forecast !== null &&
      !(Number.isInteger(forecast) && forecast > 0 && forecast <= MOST_SHOWS)
    )
      return refuse([`--forecast must be a whole number from 1 to ${MOST_SHOWS}`, USAGE]);
    const { order, live = null } = values;
    return { file, order, arc, forecast, sure, seed, seconds, live, at };
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

/** Runs a search to its end or until the time is up, telling now and then how far it is. */
function bestOf<T>(search: Generator<T, T, void>, until: number, say: (soFar: T) => string): T {
  let told = performance.now();
  for (;;) {
    const { done, value } = search.next();
    const now = performance.now();
    if (done || now >= until) return value;
    if (now - told < TOLD_EVERY) continue;
    told = now;
    console.error(say(value));
  }
}

function answer(file: ShowFile, wanted: Asked): object {
  const { order, arc, forecast, sure, seed, seconds } = wanted;
  const began = performance.now();
  const by = (share: number): TimeLimit => ({
    now: () => performance.now(),
    until: began + share * seconds * 1000,
  });
  const show = stocked(file);
  const records = recordsOf(show.demos, show.runs);
  const size = { ...forecastSize(forecast ?? FORECAST_RUNS, sure), seed };
  const budget = new Budget(EFFORT.thorough, by(FOR_CLOCK));
  const { input, timeline, forecast: plain, outlook } = prospectOf(show, records, size, budget);
  const policies = policiesOf(show, records);
  if (performance.now() - began > TOLD_EVERY)
    console.error(
      timeline.proven ? 'the clock is timed and proven' : 'the clock is the best found',
    );
  const others = show.people.filter((person) => !show.show.crew.includes(person.id));
  const fix = fixFinder(input, timeline, {
    others,
    foresee: foreseer(policies, size),
    limit: by(order ? 2 * FOR_CLOCK : 1),
  });
  const wishes = { ...show.show.wishes, ...(arc && { arc }) };
  const { until } = by(1);
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
    // Seconds from the start, and the same in words.
    outlook: {
      ...outlook,
      words: endingOf(outlook, parseClock(show.show.start), timeline.blocks.length),
    },
    kit: kitList(show, timeline, { records }),
    // The file's own store is all there is; what was waived or ticked is not in it.
    verdicts: judge(show, timeline, {
      records,
      shares: sharesOf(show, timeline, file.lots, { records }),
    }).map(({ slotIds, ...verdict }) => ({ ...verdict, slots: slotIds })),
    ...(order && {
      order: bestOf(
        suggestOrder(input, traitsOf(show), wishes, { seed, most: MOST_ORDERS }, policies),
        until,
        ({ tried }) => `${tried} orders timed`,
      ),
    }),
    ...(forecast !== null && {
      forecast: {
        ...plain,
        leaveOut: bestOf(
          leaveOutTable(input, policies, plain, 'pairs'),
          until,
          (rows) => `${rows.length} ways to leave something out tried`,
        ),
      },
    }),
  };
}

/** The show of a file, with as many of each thing as the file’s store has on the day. */
const stocked = (file: ShowFile): ShowFile => ({
  ...file,
  items: withOwned(file.items, file.lots, file.show.date),
});

function liveOf(
  file: ShowFile,
  { live, at, sure, seed, forecast }: Asked & { live: string },
): object {
  const run = readRunFile(textOf(live));
  const told = (faults: readonly FieldFault[]): never =>
    refuse(faults.map((fault) => `${live}: ${faultInWords(fault)}`));
  if ('faults' in run) return told(run.faults);
  const size = { ...forecastSize(forecast ?? FORECAST_RUNS, sure), seed };
  const found = liveAnswer(stocked(file), recordsOf(file.demos, file.runs), run.run, size, at);
  return 'faults' in found ? told(found.faults) : found;
}

const wanted = asked();
const read = readShowFile(textOf(wanted.file));
if (!read.ok) refuse(read.faults.map((fault: FieldFault) => faultInWords(fault)));
const { live } = wanted;
const found = live === null ? answer(read.value, wanted) : liveOf(read.value, { ...wanted, live });
console.log(JSON.stringify(found, null, 2));
