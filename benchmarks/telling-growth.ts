/** What reading a told demonstration costs with 320 lines over 40 lines, and choosing among 320 ways over 40. */
import { randomFrom } from '../core/chance/random';
import { type Choice, choose } from '../core/proposal/choose';
import { readTold } from '../core/told/read';
import { LIBRARY_ITEMS } from '../library/all';
import { median, round } from './growing';

const ROUNDS = 9;
const [FEW, MANY] = [40, 320];
const KNOWS = { things: LIBRARY_ITEMS, people: [{ id: 'jo', name: 'Jo' }], positions: [] };
const LINES = [
  '0:10 pour 12 mL tap water into the can',
  'put it on the hot plate, wait about 3 min',
  'when steam -> 70-85 s',
  'say: Call out when you see the steam.',
  'explain 1:20, Jo',
];

const textOf = (lines: number): string =>
  ['Demo', ...Array.from({ length: lines }, (_, i) => LINES[i % LINES.length] ?? '')].join('\n');

function choices(count: number): Choice[] {
  const random = randomFrom(count);
  return Array.from({ length: count }, (_, i) => ({
    group: String(i),
    family: String(i % 14),
    worth: 200 + random.next() * 500,
    weight: 60 + random.next() * 240,
  }));
}

function chosen(count: number): void {
  const all = choices(count);
  const search = choose(
    {
      choices: all,
      must: [],
      room: 1800,
      most: 12,
      isTooMuch: () => false,
      floor: () => 0,
      judge: (set) => ({ cost: 0, order: [...set], holds: true, proven: false }),
    },
    { judged: 10, parts: 1e6, kept: 4 },
  );
  while (!search.next().done);
}

function took(work: () => void): number {
  const from = performance.now();
  work();
  return performance.now() - from;
}

export function tellingGrowth(): object {
  const times = {
    readFew: [] as number[],
    readMany: [] as number[],
    few: [] as number[],
    many: [] as number[],
  };
  const [short, long] = [textOf(FEW), textOf(MANY)];
  for (let i = 0; i < ROUNDS; i++) {
    times.readFew.push(took(() => readTold(short, KNOWS)));
    times.readMany.push(took(() => readTold(long, KNOWS)));
    times.few.push(took(() => chosen(FEW)));
    times.many.push(took(() => chosen(MANY)));
  }
  return {
    reading: round(median(times.readMany) / median(times.readFew)),
    choosing: round(median(times.many) / median(times.few)),
    readFew: round(median(times.readFew)),
    few: round(median(times.few)),
  };
}
