/** Random shows with every kind of demand, of any length. */
import { randomFrom } from '../core/chance/random';
import type { LineupInput, PlanSlot } from '../core/lineup/types';
import type { Competence, Hand, Task } from '../core/repertoire/types';
import { after, input, slot, task } from '../core/testing/build';

const PEOPLE = ['ines', 'jo', 'mara', 'piet'];
const PLACES = ['table', 'bench', 'floor'];
const SKILLS: readonly Competence[] = ['flame', 'cryogen'];
const STEP = 5;

/** Two to four people, one to three positions; more to do than hands where `tight`. */
export function richShow(seed: number, slots: number, tight = false): LineupInput {
  const random = randomFrom(seed);
  const pick = <T>(values: readonly T[]): T => values[random.below(values.length)] as T;
  const chance = (p: number): boolean => random.next() < p;
  const seconds = (least: number, most: number): number =>
    STEP * (least + random.below(most - least + 1));
  const crew = PEOPLE.slice(0, tight ? 2 : 2 + random.below(3)).map((id, i) => ({
    id,
    name: id,
    competences: SKILLS.filter((_, k) => (i + k) % 2 === 0 || chance(0.3)),
  }));
  const places = PLACES.slice(0, 1 + random.below(PLACES.length));
  const hand = (role: Hand['role'], competence: Competence | null = null): Hand => ({
    role,
    count: 1,
    competence,
  });
  const tasksOf = (): Task[] => {
    const fetched = chance(0.5);
    const cold = chance(0.4);
    const steps = [
      ...(fetched ? [task('fetch', 'prepare', seconds(2, 20), { place: 'wings' })] : []),
      task('set', 'prepare', seconds(4, 30), {
        place: pick(['stage', 'wings'] as const),
        after: fetched ? [after('fetch')] : [],
        hands: [hand('anyone', chance(0.2) ? pick(SKILLS) : null)],
      }),
      ...(cold
        ? [
            task('soak', 'settle', seconds(10, 60), { place: 'wings', after: [after('set')] }),
            task('lift', 'prepare', seconds(2, 8), {
              after: [after('soak', 0, seconds(12, 60))],
            }),
          ]
        : []),
      task('open', 'perform', seconds(4, 16)),
      task('show', 'perform', seconds(6, 30), {
        hands: [hand('performer'), ...(chance(0.35) ? [hand('helper')] : [])],
      }),
    ];
    const wipes = pick(['anyone', 'helper', 'anyone', 'performer'] as const);
    if (chance(0.7)) steps.push(task('wipe', 'reset', seconds(4, 24), { hands: [hand(wipes)] }));
    return steps;
  };
  const all = Array.from({ length: slots }, (_, i): PlanSlot => {
    const tasks = tasksOf();
    const wet = chance(0.3);
    if (wet) tasks.push(task('clear', 'reset', seconds(4, 16), { place: 'wings' }));
    return slot(`s${i}`, tasks, {
      performerId: pick(crew).id,
      positionId: pick(places),
      goes: chance(0.2) ? 2 : 1,
      uses: chance(0.4) ? [{ item: 'tongs', amount: 1 + random.below(2) }] : [],
      leaves: [
        ...(wet
          ? [{ kind: 'water' as const, where: 'position' as const, task: 'clear', seconds: 40 }]
          : []),
        ...(chance(0.2)
          ? [{ kind: 'smoke' as const, where: 'stage' as const, task: null, seconds: 90 }]
          : []),
      ],
      forbids: chance(0.4) ? ['water', 'smoke'] : [],
      leads: chance(0.15) ? [{ task: 'set', seconds: 30 }] : [],
    });
  });
  return input(all, {
    arrival: tight ? -60 : -seconds(0, 120),
    hardFinish: 100_000,
    crew,
    positions: places.map((id) => ({ id, name: id })),
    equipment: [{ id: 'tongs', name: 'Tongs', owned: 2 + random.below(2) }],
  });
}
