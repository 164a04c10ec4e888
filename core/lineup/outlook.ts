/**
 * When a show ends: one figure, from the forecast, told the same everywhere. The clock as written is
 * what it would be if every step took just its likely time and everything worked at once; hardly any
 * show goes so.
 */
import type { Show } from '../brief/types';
import {
  aboutMinute,
  byMinute,
  formatClock,
  formatDuration,
  parseClock,
  sayDuration,
} from '../time/clock';
import { counted, listInWords } from '../words';
import type { Forecast, ForecastSize, SlotPolicy } from './forecast/types';
import { ofHundred } from './forecast/words';
import type { LineupInput, Timeline } from './types';

/** What an end is held against: so many shows of so many have ended by then. */
export const SURENESS = ['8of10', '9of10', '19of20'] as const;
export type Sureness = (typeof SURENESS)[number];
export const SURENESS_WORDS: Record<Sureness, string> = {
  '8of10': '8 of 10',
  '9of10': '9 of 10',
  '19of20': '19 of 20',
};
const SHARES: Record<Sureness, number> = { '8of10': 0.8, '9of10': 0.9, '19of20': 0.95 };
export const USUAL_SURENESS: Sureness = '9of10';

/** Every forecast that is told of begins with the same random numbers, so that all tell the same. */
const SEED = 1;

export const forecastSize = (runs: number, sureness: Sureness): ForecastSize => ({
  runs,
  seed: SEED,
  share: SHARES[sureness],
});

/** “9 of 10” */
export const shareWords = (share: number): string => {
  const known = SURENESS.find((one) => SHARES[one] === share);
  return known ? SURENESS_WORDS[known] : `${Math.round(share * 100)} of 100`;
};

/** All times in seconds from the show's start. */
export interface Outlook {
  hardFinish: number;
  /** The end if everything goes as written. */
  written: number;
  /** One show in two has ended by then, and the share by that. */
  about: number;
  by: number;
  share: number;
  /** Chance to end by the hard finish. */
  chance: number;
  /** Expected seconds of further goes after failed ones. */
  again: number;
  /** Expected seconds by which the rest runs over. */
  over: number;
  /** Conflicts of single slots: until they are settled it can't go like this. */
  conflicts: number;
  /** Names of slots whose times are guesses, because they were never performed. */
  guesses: string[];
}

export function outlookOf(
  input: LineupInput,
  timeline: Timeline,
  forecast: Forecast,
  policies: ReadonlyMap<string, SlotPolicy>,
): Outlook {
  const longer = Math.round(forecast.end.mean) - timeline.end;
  return {
    hardFinish: timeline.hardFinish,
    written: timeline.end,
    about: forecast.end.p50,
    by: forecast.by,
    share: forecast.share,
    chance: forecast.chance,
    again: forecast.again,
    over: longer - forecast.again,
    conflicts: timeline.conflicts.filter((conflict) => conflict.slot !== '').length,
    guesses: input.slots.flatMap(({ id, name }) =>
      policies.get(id)?.performed === false ? [name] : [],
    ),
  };
}

/** Less than this to spare is called tight, in seconds. */
const TIGHT = 60;
/** Less than this is not worth telling, in seconds. */
const TOLD = 15;

export interface Ending {
  level: 'fits' | 'tight' | 'over' | 'conflict';
  /** “Ends about 14:41” */
  headline: string;
  /** “by 14:43 in 9 of 10” */
  by: string;
  /** “14 of 100 by the finish at 14:40” */
  odds: string;
  /** “2:55 to spare before the hard finish at 14:40”, held against the share. */
  spare: string;
  /** “14:38 if everything goes as written” */
  written: string;
  /** “Retries add 1:20, running over 1:25.”; empty where neither does. */
  why: string;
  /** “The times of Foam fountain are guesses: it was never performed.”; empty where there are none. */
  guesses: string;
}

function spareOf({ by, share, hardFinish, conflicts }: Outlook, finish: string): string {
  if (conflicts > 0)
    return `if ${counted(conflicts, 'conflict')} ${conflicts === 1 ? 'is' : 'are'} settled; hard finish ${finish}`;
  const over = by - hardFinish;
  if (over > 0) return `${sayDuration(over)} too long to end by ${finish} in ${shareWords(share)}`;
  if (over === 0) return `nothing to spare before the hard finish at ${finish}`;
  return `${formatDuration(-over)} to spare before the hard finish at ${finish}`;
}

function whyOf({ again, over }: Outlook): string {
  const parts = [
    ...(again >= TOLD ? [`retries add ${formatDuration(again)}`] : []),
    ...(over >= TOLD
      ? [`running over ${again >= TOLD ? '' : 'adds '}${formatDuration(over)}`]
      : []),
  ];
  const words = parts.join(', ');
  return words && `${words[0]?.toUpperCase()}${words.slice(1)}.`;
}

/** How much of what is forecast rests on guesses; empty where nothing does. `all` slots there are. */
export function guessWords(names: readonly string[], all: number): string {
  if (names.length === 0) return '';
  if (names.length === 1) return `The times of ${names[0]} are guesses: it was never performed.`;
  if (names.length > 2)
    return `The times of ${names.length} of ${all} slots are guesses: they were never performed.`;
  return `The times of ${listInWords(names)} are guesses: they were never performed.`;
}

/** Less than this is no room for another demonstration, in seconds. Our own mark. */
const ROOM = 180;

/** Whole minutes that are left to be filled, in seconds, at the share that the end is held against; 0 where it is full. */
export function freeSeconds(
  show: Pick<Show, 'start' | 'hardFinish'>,
  slots: number,
  outlook: Pick<Outlook, 'by'> | undefined,
): number {
  const whole = parseClock(show.hardFinish) - parseClock(show.start);
  if (slots === 0) return whole;
  const left = outlook ? whole - outlook.by : 0;
  return left >= ROOM ? Math.floor(left / 60) * 60 : 0;
}

/** An outlook in words. `startOfDay` is the show's start in seconds from midnight, of `slots` slots. */
/** What is left of the time, held against the share, where nobody has said when it begins. */
export function leftOf({ by, share, hardFinish }: Outlook): { isOver: boolean; words: string } {
  const left = hardFinish - by;
  const words = left < 0 ? `${sayDuration(-left)} too long` : `${sayDuration(left)} to spare`;
  return { isOver: left < 0, words: `${words} in ${shareWords(share)}` };
}

/** Less than this share of the time is not filled by what goes into it. Our own mark. */
const FILLED = 0.75;

export const fillsTime = ({ by, hardFinish }: Outlook): boolean => by >= hardFinish * FILLED;

export function endingOf(outlook: Outlook, startOfDay: number, slots: number): Ending {
  const clock = (seconds: number): string => formatClock(startOfDay + seconds);
  const { hardFinish, written, about, by, share, chance, conflicts } = outlook;
  const finish = clock(hardFinish);
  const spare = hardFinish - by;
  return {
    level: conflicts > 0 ? 'conflict' : spare < 0 ? 'over' : spare < TIGHT ? 'tight' : 'fits',
    headline: `Ends about ${clock(aboutMinute(about))}`,
    by: `by ${clock(byMinute(by))} in ${shareWords(share)}`,
    odds: `${ofHundred(chance)} by the finish at ${finish}`,
    spare: spareOf(outlook, finish),
    written: `${clock(written)} if everything goes as written`,
    why: whyOf(outlook),
    guesses: guessWords(outlook.guesses, slots),
  };
}
