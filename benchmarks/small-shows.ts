/** Small random shows, and the same as a mixed-integer program for a general-purpose solver. */
import { randomFrom } from '../core/chance/random';
import type { LineupInput, PlanSlot } from '../core/lineup/types';
import { input, slot, task } from '../core/testing/build';

const CREW = ['ines', 'jo'];
const PLACES = ['table', 'bench'];

/** A set-up, a performance and a clearing each, two people, two positions, little time. */
export function smallShow(seed: number, slots: number): LineupInput {
  const random = randomFrom(seed);
  const pick = <T>(values: readonly T[]): T => values[random.below(values.length)] as T;
  const seconds = (least: number, most: number): number =>
    10 * (least + random.below(most - least));
  const lengths = Array.from({ length: slots }, () => seconds(3, 12));
  return input(
    lengths.map((length, i): PlanSlot =>
      slot(
        `s${i}`,
        [
          task('set', 'prepare', seconds(2, 12)),
          task('show', 'perform', length),
          task('wipe', 'reset', seconds(2, 15)),
        ],
        { performerId: pick(CREW), positionId: pick(PLACES) },
      ),
    ),
    {
      arrival: -60,
      // Some can end in time, others can't.
      hardFinish: lengths.reduce((sum, length) => sum + length, 0) + 10 * random.below(12),
      crew: CREW.map((id) => ({ id, name: id, competences: [] })),
    },
  );
}

interface Work {
  name: string;
  slot: number;
  seconds: number;
  /** The one who has to do it; null when anybody may. */
  person: string | null;
}

/**
 * Least dead air and lateness over all orders, people and times, in the solver's own text format: an
 * order variable for each two slots, a choice of person for each task, and for each two tasks which
 * comes first if one person does both.
 */
export function asProgram(show: LineupInput, late: number, deadAir: number): string {
  const works: Work[] = show.slots.flatMap((s, i) =>
    s.tasks.map((t) => ({
      name: `${t.id}${i}`,
      slot: i,
      seconds: t.time.likely,
      person: t.phase === 'perform' ? s.performerId : null,
    })),
  );
  const big = works.reduce((sum, work) => sum + work.seconds, -show.arrival) + show.hardFinish;
  const rows: string[] = [];
  const bounds: string[] = [];
  const binaries: string[] = [];
  const lengths = show.slots.map((_, i) => works.find((w) => w.name === `show${i}`)?.seconds ?? 0);
  const filled = lengths.reduce((sum, length) => sum + length, 0);
  for (const work of works) {
    bounds.push(`${work.name} >= ${work.name.startsWith('show') ? 0 : show.arrival}`);
    if (work.person !== null) continue;
    rows.push(`${CREW.map((id) => `does_${work.name}_${id}`).join(' + ')} = 1`);
    binaries.push(...CREW.map((id) => `does_${work.name}_${id}`));
  }
  lengths.forEach((length, i) => {
    const set = works.find((w) => w.name === `set${i}`)?.seconds ?? 0;
    rows.push(`show${i} - set${i} >= ${set}`, `wipe${i} - show${i} >= ${length}`);
    rows.push(`finish - show${i} >= ${length}`);
  });
  show.slots.forEach((a, i) =>
    show.slots.slice(i + 1).forEach((b, k) => {
      const j = i + 1 + k;
      const first = `first${i}_${j}`;
      binaries.push(first);
      const wipe = (n: number): number => works.find((w) => w.name === `wipe${n}`)?.seconds ?? 0;
      // first = 1: i comes before j. Written as b − a ± M·first ≥ seconds (− M).
      rows.push(`show${j} - show${i} - ${big} ${first} >= ${(lengths[i] ?? 0) - big}`);
      rows.push(`show${i} - show${j} + ${big} ${first} >= ${lengths[j] ?? 0}`);
      if (a.positionId !== b.positionId) return;
      rows.push(`set${j} - wipe${i} - ${big} ${first} >= ${wipe(i) - big}`);
      rows.push(`set${i} - wipe${j} + ${big} ${first} >= ${wipe(j)}`);
    }),
  );
  works.forEach((a, i) =>
    works.slice(i + 1).forEach((b) => {
      if (a.slot === b.slot) return;
      const turn = `turn_${a.name}_${b.name}`;
      let used = false;
      for (const id of CREW) {
        const ways = [a, b].map((w) =>
          w.person === null ? `does_${w.name}_${id}` : w.person === id ? '' : null,
        );
        if (ways.includes(null)) continue;
        used = true;
        const choices = ways.filter((way) => way !== '');
        const loose = choices.map((way) => `- ${big} ${way}`).join(' ');
        const slack = choices.length * big;
        rows.push(`${b.name} - ${a.name} - ${big} ${turn} ${loose} >= ${a.seconds - big - slack}`);
        rows.push(`${a.name} - ${b.name} + ${big} ${turn} ${loose} >= ${b.seconds - slack}`);
      }
      if (used) binaries.push(turn);
    }),
  );
  rows.push(`late - finish >= ${-show.hardFinish}`);
  rows.push(`dead - finish = ${-filled}`);
  return [
    'Minimize',
    ` cost: ${late} late + ${deadAir} dead`,
    'Subject To',
    ...rows.map((row, i) => ` r${i}: ${row}`),
    'Bounds',
    ...bounds.map((bound) => ` ${bound}`),
    'Binary',
    ` ${binaries.join(' ')}`,
    'End',
    '',
  ].join('\n');
}
