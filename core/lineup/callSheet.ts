/** The running order for the wings: when what is on, and who does what behind it. */
import type { ShowBundle } from '../brief/types';
import { aboutMinute, formatClock, formatDuration, parseClock } from '../time/clock';
import { listInWords } from '../words';
import { resolveSlots } from './fromBundle';
import { namesOf } from './names';
import { type Ending, endingOf } from './outlook';
import type { Prospect } from './prospect';
import type { PlacedTask } from './types';

/** Work that a person begins at a time. */
export interface Call {
  /** “14:05”. */
  time: string;
  /** Seconds from the show's start. */
  at: number;
  who: string;
  what: string;
  /** The demonstration it is for. */
  forSlot: string;
  minutes: string;
}

export interface SheetSlot {
  number: number;
  time: string;
  name: string;
  method: string;
  length: string;
  position: string;
  performer: string;
  /** What begins while it is on, or in the dead air before it. */
  calls: Call[];
  deadAir: string;
}

export interface CallSheet {
  title: string;
  before: Call[];
  slots: SheetSlot[];
  after: Call[];
  /** When it ends, in words and by the clock; the times above are as written. */
  ending: Ending;
  end: string;
  hardFinish: string;
}

export function callSheet(
  bundle: ShowBundle,
  { input, timeline, outlook }: Pick<Prospect, 'input' | 'timeline' | 'outlook'>,
): CallSheet {
  const { show } = bundle;
  const names = namesOf(input);
  const startOfDay = parseClock(show.start);
  const clock = (seconds: number): string => formatClock(startOfDay + seconds);
  const call = (task: PlacedTask): Call => ({
    time: clock(task.start),
    at: task.start,
    who: listInWords(task.people.map((id) => names.person(id))) || 'by itself',
    what: names.task(task),
    forSlot: names.slot(task.slot),
    minutes: formatDuration(task.end - task.start),
  });
  const behind = timeline.tasks.filter((task) => task.phase !== 'perform' && task.end > task.start);
  const within = (from: number, to: number): Call[] =>
    behind.filter((task) => task.start >= from && task.start < to).map(call);
  const blocks = timeline.blocks;
  const resolved = resolveSlots(bundle);
  return {
    title: show.title,
    before: within(-Infinity, 0),
    slots: blocks.map((block, i): SheetSlot => {
      const own = resolved.find(({ slot }) => slot.id === block.slot);
      const slot = input.slots.find((s) => s.id === block.slot);
      const gap = timeline.gaps.find((g) => g.slot === block.slot);
      return {
        number: i + 1,
        time: clock(block.start),
        name: names.slot(block.slot),
        method: own?.slot.talk ? '' : (own?.method.name ?? ''),
        length: formatDuration(block.end - block.start),
        position: slot?.positionId ? names.position(slot.positionId) : '',
        performer: slot?.performerId ? names.person(slot.performerId) : '',
        calls: within(i === 0 ? 0 : (blocks[i - 1]?.end ?? 0), block.end),
        deadAir: gap ? formatDuration(gap.seconds) : '',
      };
    }),
    after: within(timeline.end, Infinity),
    ending: endingOf(outlook, startOfDay, blocks.length),
    end: clock(aboutMinute(outlook.about)),
    hardFinish: clock(timeline.hardFinish),
  };
}

/** The sheet as rows of text, the heading first. */
export function sheetTable(sheet: CallSheet): string[][] {
  const callRow = (c: Call): string[] => [c.time, '', c.what, c.forSlot, c.who, '', c.minutes];
  return [
    ['Time', 'Number', 'What', 'For', 'Who', 'Where', 'Length'],
    ...sheet.before.map(callRow),
    ...sheet.slots.flatMap((slot) => [
      [
        slot.time,
        String(slot.number),
        slot.method ? `${slot.name}, ${slot.method}` : slot.name,
        '',
        slot.performer,
        slot.position,
        slot.length,
      ],
      ...slot.calls.map(callRow),
    ]),
    ...sheet.after.map(callRow),
    [sheet.end, '', `${sheet.ending.headline}, ${sheet.ending.by}`, '', '', '', ''],
    ['', '', sheet.ending.written, '', '', '', ''],
  ];
}
