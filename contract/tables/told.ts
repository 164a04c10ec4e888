/** A running order, or the steps of a demonstration, out of a table: told as lines, which the screen then reads as typed. */
import { formatDuration } from '../../core/time/clock';
import { findTimes } from '../../core/time/readTime';
import { keywordTold, type Keyword } from '../../core/told/lines';
import { quoted } from '../../core/told/quotes';
import { figureOf, markOf } from './figures';
import { type Rows, cellText } from './file';
import { headingOf, rowsOf } from './layout';
import { type Column, guessMapping } from './table';

/** What people call how long something takes. */
const LENGTH = [
  'length',
  'duration',
  'min',
  'mins',
  'minutes',
  'how long',
  'sec',
  'secs',
  'seconds',
] as const;

type OrderKey = 'number' | 'clock' | 'name' | 'length' | 'place' | 'who' | 'goes' | 'method';

export const ORDER_COLUMNS: readonly Column<OrderKey>[] = [
  { key: 'number', title: 'No.', also: ['nr', 'number', 'order', 'item no'] },
  {
    key: 'clock',
    title: 'Begins',
    also: ['time', 'start', 'starts', 'start time', 'at', 'from', 'clock'],
  },
  {
    key: 'name',
    title: 'Demo',
    also: [
      'name',
      'demonstration',
      'experiment',
      'item',
      'what',
      'act',
      'title',
      'slot',
      'part',
      'piece',
    ],
  },
  {
    key: 'length',
    title: 'Takes',
    also: [...LENGTH, 'run time'],
  },
  { key: 'place', title: 'Where', also: ['place', 'position', 'spot', 'table'] },
  { key: 'who', title: 'Who', also: ['person', 'performer', 'by', 'presenter', 'lead'] },
  { key: 'goes', title: 'Goes', also: ['times', 'repeats'] },
  { key: 'method', title: 'Method', also: ['way', 'version'] },
];

type StepKey =
  'number' | 'part' | 'step' | 'length' | 'who' | 'say' | 'cue' | 'careful' | 'do' | 'needs';

export const STEP_COLUMNS: readonly Column<StepKey>[] = [
  { key: 'number', title: 'No.', also: ['nr', 'number', 'order', 'step no'] },
  { key: 'part', title: 'When', also: ['part', 'phase', 'stage', 'section'] },
  { key: 'step', title: 'Step', also: ['steps', 'what', 'action', 'task', 'name', 'description'] },
  {
    key: 'length',
    title: 'Takes',
    also: ['time', ...LENGTH],
  },
  { key: 'who', title: 'Who', also: ['by', 'person', 'hands', 'role'] },
  { key: 'say', title: 'Say', also: ['words', 'script', 'text', 'line', 'lines', 'patter'] },
  { key: 'cue', title: 'Cue', also: ['audience'] },
  {
    key: 'careful',
    title: 'Careful',
    also: ['caution', 'care', 'safety', 'risk', 'warning', 'mind'],
  },
  { key: 'do', title: 'How', also: ['notes', 'note', 'detail', 'details', 'exactly'] },
  { key: 'needs', title: 'Needs', also: ['kit', 'equipment', 'material', 'materials', 'bring'] },
];

/** A heading that names fewer columns than this is none: then every row is one of the table. */
const FEWEST_NAMED = 2;

type Told<K extends string> = Partial<Record<K, string>>;

interface Table<K extends string> {
  /** What stands above the heading, where that is anything. */
  title: string;
  rows: Told<K>[];
}

/** “mm:ss” of what a workbook holds as a time of day: 0:04:30, and 4:30:00, which was typed as 4:30. */
function lengthOf(text: string, unit: 'min' | 's', mark: '.' | ','): string {
  const clock = /^(\d{1,2}):(\d{2}):(\d{2})$/.exec(text);
  if (clock) {
    const [h, m, s] = [Number(clock[1]), Number(clock[2]), Number(clock[3])];
    return formatDuration(h > 0 && s === 0 ? h * 60 + m : h * 3600 + m * 60 + s);
  }
  const figure = figureOf(text, mark);
  if (figure === null) return text;
  return figure > 0 ? formatDuration(Math.round(unit === 'min' ? figure * 60 : figure)) : '';
}

/** “14:02”: a workbook’s time of day may carry its seconds. */
const clockOf = (text: string): string => /^(\d{1,2}:\d{2}):00$/.exec(text)?.[1] ?? text;

/** Columns by what stands in them, for a table without headings: a time of day, a length, and words. */
function byLook<K extends string>(
  rows: Rows,
  keys: { clock: K | null; length: K; name: K },
): (K | null)[] {
  const width = Math.max(0, ...rows.map((row) => row.length));
  const cellsAt = (at: number): string[] =>
    rows.map((row) => cellText(row[at])).filter((text) => text !== '');
  const most = (at: number, is: (text: string) => boolean): boolean => {
    const cells = cellsAt(at);
    return cells.length > 0 && cells.filter(is).length > cells.length / 2;
  };
  const mapping = Array<K | null>(width).fill(null);
  const first = (free: (at: number) => boolean, key: K | null): void => {
    const at = mapping.findIndex((taken, i) => taken === null && free(i));
    if (at >= 0 && key !== null) mapping[at] = key;
  };
  const isRanked = (at: number): boolean =>
    cellsAt(at).every((text, i) => Number(text.replace(/[.)]$/, '')) === i + 1);
  first(
    (at) =>
      !isRanked(at) &&
      most(
        at,
        (text) =>
          /^([01]?\d|2[0-3])[:.]\d{2}$/.test(clockOf(text)) && Number.parseInt(text, 10) >= 7,
      ),
    keys.clock,
  );
  first(
    (at) =>
      !isRanked(at) &&
      most(
        at,
        (text) =>
          figureOf(text, '.') !== null ||
          findTimes(text).some(({ from, to }) => from === 0 && to === text.length),
      ),
    keys.length,
  );
  first((at) => most(at, (text) => /\p{L}{2}/u.test(text)), keys.name);
  return mapping;
}

function tableOf<K extends string>(
  sheet: Rows,
  columns: readonly Column<K>[],
  keys: { clock: K | null; length: K; name: K },
): Table<K> {
  const at = headingOf(sheet, columns);
  const heading = (sheet[at] ?? []).map(cellText);
  const guessed = guessMapping(heading, columns);
  const isHeading = guessed.filter((key) => key !== null).length >= FEWEST_NAMED;
  const mapping = isHeading ? guessed : byLook(sheet, keys);
  const { rows } = rowsOf(sheet, isHeading ? at : -1, mapping.indexOf(keys.name));
  const lengthAt = mapping.indexOf(keys.length);
  const unit = /\bs(?:ec(?:ond)?s?)?\b/i.test(isHeading ? (heading[lengthAt] ?? '') : '')
    ? 's'
    : 'min';
  const { mark } = markOf(rows.map(({ cells }) => cellText(cells[lengthAt])));
  const above = isHeading
    ? sheet
        .slice(0, at)
        .flat()
        .map(cellText)
        .find((text) => text !== '')
    : '';
  return {
    title: above ?? '',
    rows: rows.map(({ cells }) => {
      const told: Told<K> = {};
      mapping.forEach((key, i) => {
        const text = cellText(cells[i]).replace(/\s+/g, ' ');
        if (key === null || text === '') return;
        told[key] =
          key === keys.length
            ? lengthOf(text, unit, mark)
            : key === keys.clock
              ? clockOf(text)
              : text;
      });
      return told;
    }),
  };
}

/** As it stands where nothing in it could be taken for anything else; otherwise in quotes. */
const asName = (text: string): string =>
  /[,;@"“”()\d×→]|->/.test(text) || findTimes(text).length > 0 ? quoted(text) : text;

/** What an order is told for. */
export interface OrderWho {
  people: readonly { name: string }[];
  /** Names of stage positions. */
  positions: readonly string[];
}

const isOne = (text: string, names: readonly string[]): boolean =>
  names.some((name) =>
    [name, name.split(' ')[0] ?? name].some((one) => one.toLowerCase() === text.toLowerCase()),
  );

/** A running order as lines. `strangers` are the names of people and places that are not known, and left out. */
export function orderFrom(sheet: Rows, who: OrderWho): { text: string; strangers: string[] } {
  const { rows } = tableOf(sheet, ORDER_COLUMNS, {
    clock: 'clock',
    length: 'length',
    name: 'name',
  });
  const strangers = new Set<string>();
  const known = (text: string | undefined, names: readonly string[]): string | undefined => {
    if (text === undefined || isOne(text, names)) return text;
    strangers.add(text);
    return undefined;
  };
  const lines = rows.flatMap((row) => {
    if (row.name === undefined) return [];
    const place = known(row.place, who.positions);
    const person = known(
      row.who,
      who.people.map(({ name }) => name),
    );
    const goes = /^\D*(\d{1,2})\D*$/.exec(row.goes ?? '')?.[1];
    const line = [
      row.clock,
      asName(row.name),
      row.method && `(${row.method.replace(/[()]/g, '')})`,
      row.length,
      goes && `× ${goes}`,
      place && `@${place}`,
    ].filter(Boolean);
    // A quoted name takes nothing beside it.
    const [first = '', ...others] = line;
    const text = line.some((part) => part?.startsWith('"'))
      ? line.join(', ')
      : [first, ...others].join(' ');
    return [person ? `${text}, ${person}` : text];
  });
  return { text: lines.join('\n'), strangers: [...strangers] };
}

const PARTS: readonly (readonly [RegExp, Keyword])[] = [
  [/^(?:before|prep|set ?up|ready)/i, 'before'],
  [/^(?:after|clear|clean|strike|end)/i, 'clear'],
  [/^(?:show|on stage|perform|during|main)/i, 'show'],
];

/** The steps of a demonstration as lines, `name` first where the table itself says none. */
export function stepsFrom(sheet: Rows, name: string): string {
  const { title, rows } = tableOf(sheet, STEP_COLUMNS, {
    clock: null,
    length: 'length',
    name: 'step',
  });
  const needs: string[] = [];
  const lines = rows.flatMap((row) => {
    if (row.needs) needs.push(...row.needs.split(/[;,\n]/).map((one) => one.trim()));
    if (row.step === undefined) return [];
    const part = PARTS.find(([word]) => word.test(row.part ?? ''))?.[1];
    const said = (key: 'say' | 'cue' | 'careful' | 'do'): string[] =>
      row[key] ? [`${keywordTold(key)} ${row[key]}`] : [];
    const step = [row.step, row.length, row.who].filter(Boolean).join(', ');
    return [
      part ? `${keywordTold(part)} ${step}` : step,
      ...said('do'),
      ...said('say'),
      ...said('cue'),
      ...said('careful'),
    ];
  });
  const kit = needs.filter((one) => one !== '');
  return [
    title || name,
    ...lines,
    ...(kit.length > 0 ? [`${keywordTold('needs')} ${[...new Set(kit)].join(', ')}`] : []),
  ].join('\n');
}

/** True for pasted text that is a table with headings of ours, and not lines that somebody wrote. */
export const isTable = (rows: Rows, columns: readonly Column[]): boolean =>
  rows.length > 1 &&
  guessMapping((rows[headingOf(rows, columns)] ?? []).map(cellText), columns).filter(
    (key) => key !== null,
  ).length >= FEWEST_NAMED;
