/**
 * The show file: an open JSON format that carries a show with everything needed to compute from it.
 * Documented in docs/formats/show-file.md; the JSON Schema beside it is written from these classes.
 */
import { methodKey } from '../core/keys';
import { EventNames } from '../core/stage/event';
import {
  type Known,
  MISSING_IN_FILE,
  type Named,
  strayInDemo,
  strayInItem,
  strayInLot,
  strayInShow,
  strayInTrial,
} from './references';
import type { Person, Show, ShowBundle, Venue } from '../core/brief/types';
import { readingFault } from '../core/repertoire/measure';
import type { Item } from '../core/repertoire/item';
import type { Demo } from '../core/repertoire/types';
import type { TrialGo, TrialSeries } from '../core/trials/series';
import { RUN_KINDS, type RunKind } from '../core/stage/types';
import { PersonBody, ShowBody } from './brief';
import { VenueBody } from './venue';
import { type BenchReading, ReadingBody } from './readings';
import { GoBody, GOES_MOST, TrialBody } from './trials';
import { Exactly, Holds, Id, Num, OneOf, OrNull, Part, PartList, Text, Whole } from './fields';
import { ItemBody } from './item';
import { DemoBody } from './repertoire';
import { BoxBody, HouseholdBody, PackMarkBody, RiskMatrixBody, StockedLotBody } from './inventory';
import { RunPlanBody } from './runPlan';
import { RUN_EVENTS_MOST, RunEventBody } from './stage';
import { upgraded } from './upgrade';
import { type Checked, type FieldFault, check } from './validate';

export const FILE_FORMAT = 'hearty-stage/show';
export const FILE_VERSION = 16;
/** Largest show file that is read, in bytes. */
export const FILE_LIMIT = 8 * 1024 * 1024;

class FileRunBody {
  @Id()
  id!: string;

  @OneOf(RUN_KINDS)
  kind!: RunKind;

  @Num(0, 9_000_000_000_000)
  createdAt!: number;

  @Part(() => RunPlanBody)
  plan!: RunPlanBody;

  @PartList(() => RunEventBody, RUN_EVENTS_MOST)
  events!: RunEventBody[];
}

/** What a go of a trial came to, with what was read first. */
class FileGoBody extends GoBody implements TrialGo {
  @Whole(1, GOES_MOST)
  go!: number;

  @OrNull()
  @Num(-1e12, 1e12)
  first!: number | null;

  @Num(0, 9_000_000_000_000)
  at!: number;

  @OrNull()
  @Text(250)
  source!: string | null;
}

class FileTrialBody {
  @Part(() => TrialBody)
  trial!: TrialSeries;

  @Holds<FileTrialBody>(({ goes }) =>
    Array.isArray(goes) && new Set(goes.map((one) => one?.go)).size < goes.length
      ? 'has two of the same number'
      : null,
  )
  @PartList(() => FileGoBody, GOES_MOST)
  goes!: FileGoBody[];
}

/** What was read of a method outside of shows. */
class FileReadingBody extends ReadingBody implements BenchReading {
  @Id()
  id!: string;

  @Id()
  demoId!: string;

  @Num(-1e12, 1e12)
  first!: number;
}

/** Runs in one file at the most: the latest. */
export const FILE_RUNS_MOST = 50;
/** Trial series, and readings outside of shows. */
export const FILE_TRIALS_MOST = 100;
export const FILE_READINGS_MOST = 5000;

export class ShowFile implements ShowBundle {
  @Exactly(FILE_FORMAT, `must be “${FILE_FORMAT}”: this is not a show file`)
  format!: typeof FILE_FORMAT;

  @Exactly(FILE_VERSION, `must be ${FILE_VERSION}`)
  version!: typeof FILE_VERSION;

  @Part(() => ShowBody)
  show!: Show;

  @OrNull()
  @Part(() => VenueBody)
  venue!: Venue | null;

  @PartList(() => PersonBody, 60)
  people!: Person[];

  @PartList(() => DemoBody, 60)
  demos!: Demo[];

  @PartList(() => ItemBody, 500)
  items!: Item[];

  @Part(() => HouseholdBody)
  household!: HouseholdBody;

  @Part(() => RiskMatrixBody)
  riskMatrix!: RiskMatrixBody;

  @PartList(() => BoxBody, 200)
  boxes!: BoxBody[];

  /** What the store held of the items when the file was written. */
  @PartList(() => StockedLotBody, 5000)
  lots!: StockedLotBody[];

  @PartList(() => PackMarkBody, 2000)
  packing!: PackMarkBody[];

  @PartList(() => FileRunBody, FILE_RUNS_MOST)
  runs!: FileRunBody[];

  /** Trial series of its demos, with what their goes came to. */
  @PartList(() => FileTrialBody, FILE_TRIALS_MOST)
  trials!: FileTrialBody[];

  @PartList(() => FileReadingBody, FILE_READINGS_MOST)
  readings!: FileReadingBody[];
}

/** References from one part of the file to another that lead nowhere. */
function strayReferences(file: ShowFile): FieldFault[] {
  const ids = (all: readonly { id: string }[]): Set<string> => new Set(all.map(({ id }) => id));
  const sets: Record<Named, Set<string>> = {
    venue: ids(file.venue ? [file.venue] : []),
    person: ids(file.people),
    demo: ids(file.demos),
    item: ids(file.items),
    box: ids(file.boxes),
  };
  const methods = new Set(
    file.demos.flatMap((demo) => demo.methods.map((method) => methodKey(demo.id, method.id))),
  );
  const known: Known = {
    has: (kind, id) => sets[kind].has(id),
    hasMethod: (demoId, methodId) => methods.has(methodKey(demoId, methodId)),
    missing: MISSING_IN_FILE,
  };
  return [
    // A venue in the file that the show does not name would belong to no show.
    ...(file.venue !== null && file.show.venueId === null
      ? [{ path: 'show.venueId', message: known.missing.venue }]
      : []),
    ...strayInShow(known, file.show, 'show.'),
    ...file.demos.flatMap((demo, i) => strayInDemo(known, demo, `demos[${i}].`)),
    ...file.items.flatMap((item, i) => strayInItem(known, item, `items[${i}].`)),
    ...file.lots.flatMap((lot, i) => strayInLot(known, lot, `lots[${i}].`)),
    ...file.runs.flatMap((run, i) => strayInRun(run, `runs[${i}].`)),
    ...file.trials.flatMap(({ trial }, i) => strayInTrial(known, trial, `trials[${i}].trial.`)),
    ...file.readings.flatMap((reading, i) =>
      strayInReading(file.demos, reading, `readings[${i}].`),
    ),
  ];
}

/** A reading of something that its method has not read. */
function strayInReading(
  demos: readonly Demo[],
  { demoId, methodId, result, value }: FileReadingBody,
  at: string,
): FieldFault[] {
  const method = demos.find(({ id }) => id === demoId)?.methods.find(({ id }) => id === methodId);
  const measure = method?.results.find(({ id }) => id === result);
  if (!measure) return [{ path: `${at}result`, message: 'is not read of a method in the file' }];
  const message = readingFault(measure, value);
  return message === null ? [] : [{ path: `${at}value`, message }];
}

/** Events that name what is not in the plan of their run. */
function strayInRun({ plan, events }: FileRunBody, at: string): FieldFault[] {
  const names = new EventNames(plan);
  return events.flatMap((event, i) => {
    const message = names.fault(event);
    return message === null ? [] : [{ path: `${at}events[${i}]`, message }];
  });
}

/** Checks a parsed show file: its version first, then every field, then its references. */
export function checkShowFile(plain: unknown): Checked<ShowFile> {
  const fault = (path: string, message: string): Checked<ShowFile> => ({
    ok: false,
    faults: [{ path, message }],
  });
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain))
    return fault('', 'file must be a show file: one JSON object');
  const head = plain as { format?: unknown; version?: unknown };
  // Of another kind of file, every field would be a fault: one says it all.
  if (head.format !== FILE_FORMAT)
    return fault('format', `must be “${FILE_FORMAT}”: this is not a show file`);
  if (typeof head.version === 'number' && head.version > FILE_VERSION)
    return fault(
      'version',
      `is ${head.version}, from a newer Hearty Stage; this one reads up to ${FILE_VERSION}`,
    );
  const checked = check(ShowFile, upgraded(plain));
  if (!checked.ok) return checked;
  const faults = strayReferences(checked.value);
  return faults.length > 0 ? { ok: false, faults } : checked;
}

/** Reads a show file from its text. */
export function readShowFile(text: string): Checked<ShowFile> {
  const broken = (message: string): Checked<ShowFile> => ({
    ok: false,
    faults: [{ path: '', message }],
  });
  if (text.length > FILE_LIMIT)
    return broken(`file must be at most ${FILE_LIMIT / 1024 / 1024} MB`);
  let plain: unknown;
  try {
    plain = JSON.parse(text);
  } catch (error) {
    const where = error instanceof Error ? ` (${error.message})` : '';
    return broken(
      text.trimStart().startsWith('{')
        ? `file is not complete JSON: it may have been cut short${where}`
        : `file must be a show file in JSON${where}`,
    );
  }
  return checkShowFile(plain);
}
