/** Small builders for tests: a valid thing by default, with the given parts replaced. */
import { blankTask } from '../repertoire/blank';
import type { Task } from '../repertoire/types';
import type { LineupInput, PlanSlot } from '../lineup/types';

export function task(
  id: string,
  phase: Task['phase'],
  seconds: number,
  over: Partial<Task> = {},
): Task {
  const time = { shortest: seconds, likely: seconds, longest: seconds };
  return {
    ...blankTask(id, id, phase, time),
    hands:
      phase === 'settle'
        ? []
        : [{ role: phase === 'perform' ? 'performer' : 'anyone', count: 1, competence: null }],
    eachGo: phase === 'perform',
    ...over,
  };
}

export const after = (
  id: string,
  least = 0,
  greatest: number | null = null,
): Task['after'][number] => ({
  task: id,
  least,
  greatest,
});

export function slot(id: string, tasks: Task[], over: Partial<PlanSlot> = {}): PlanSlot {
  return {
    id,
    name: id,
    performerId: 'ines',
    positionId: 'table',
    goes: 1,
    pinned: false,
    tasks,
    uses: [],
    leaves: [],
    forbids: [],
    leads: [],
    ...over,
  };
}

export function input(slots: PlanSlot[], over: Partial<LineupInput> = {}): LineupInput {
  return {
    arrival: -3600,
    hardFinish: 2400,
    margin: 0,
    crew: [
      { id: 'ines', name: 'Ines', competences: [] },
      { id: 'jo', name: 'Jo', competences: [] },
    ],
    positions: [
      { id: 'table', name: 'Table' },
      { id: 'bench', name: 'Bench' },
    ],
    equipment: [],
    slots,
    ...over,
  };
}
