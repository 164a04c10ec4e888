/** What a run needs to know of the show, taken from the plan at the moment it begins. */
import type { ShowBundle, Slot } from '../brief/types';
import { lineupInput, resolveSlots } from '../lineup/fromBundle';
import { goesOf } from '../lineup/network';
import { readyWindow } from '../lineup/readyWindow';
import type { Timeline } from '../lineup/types';
import type { MethodResult } from '../repertoire/measure';
import type { Method, Task } from '../repertoire/types';
import { briefingLines, lettingGoLines } from '../repertoire/volunteerCard';
import type { Job, RunClaim, RunPlan, RunSlot, RunStep } from './types';

type Around = Pick<RunStep, 'warn' | 'clear' | 'brief' | 'letGo'>;

const stepOf = (task: Task, around: Around): RunStep => ({
  task: task.id,
  name: task.name,
  do: task.do || task.name,
  say: task.say,
  cue: task.cue,
  ...around,
  gearOn: task.gearOn,
  gearOff: task.gearOff,
  careful: task.careful,
  sign: task.sign,
  seconds: task.time.likely,
  eachGo: task.phase === 'perform' && task.eachGo,
  between: task.phase === 'reset',
  cues: task.cues,
});

const LINE_CLEAR = 'Look along the line of fire: nobody in it, nothing that must not be hit.';

/** Whether something flies in this step, and not in one before it already. */
function flies({ hazards, tasks }: Method, task: Task): boolean {
  if (!hazards.some(({ kind }) => kind === 'projectile')) return false;
  const named = tasks.filter((one) => one.hazards.includes('projectile'));
  const performed = tasks.filter(({ phase }) => phase === 'perform');
  // One that no task names is there in all of them: it is looked for before the first.
  return named.length > 0 ? named.includes(task) : task === performed[0];
}

function jobsOf(bundle: ShowBundle, timeline: Timeline): Job[] {
  const input = lineupInput(bundle);
  const person = (id: string): string => bundle.people.find((p) => p.id === id)?.name ?? '';
  return timeline.tasks.flatMap((placed): Job[] => {
    if (placed.phase === 'perform') return [];
    const slot = input.slots.find((s) => s.id === placed.slot);
    const task = slot?.tasks.find((t) => t.id === placed.task);
    if (!slot || !task) return [];
    const use = placed.phase === 'settle' ? readyWindow(slot, timeline, placed) : null;
    const { start, end } = placed;
    return [
      {
        slot: slot.id,
        task: task.id,
        name: task.name,
        // By name: two of the same name are told once, and both see it as theirs.
        people: [...new Set(placed.people.map(person))],
        start,
        end,
        use,
      },
    ];
  });
}

/** What is read, and where: with several side by side, at each of them. */
function besideOf(
  { sideBySide }: Slot,
  { results }: Method,
): Pick<RunSlot, 'results' | 'sideBySide'> {
  if (!sideBySide) return { results, sideBySide: null };
  const { kind, trialId, stations, measure } = sideBySide;
  return {
    results: measure
      ? stations.map(({ id, label }): MethodResult => ({
          ...measure,
          id,
          name: `${measure.name}, ${label}`.slice(0, RESULT_NAME_MOST),
          task: null,
          within: null,
          becomes: null,
        }))
      : [],
    sideBySide: {
      kind,
      trialId,
      stations: stations.map(({ id, label, levelId }) => ({ id, label, levelId })),
    },
  };
}

/** Letters of a result’s name, and of a method’s with how many there are of it, at the most. */
const RESULT_NAME_MOST = 60;
const METHOD_NAME_MOST = 80;

/** A claim of a demonstration, or of one method of it. */
export interface PinnedClaim extends RunClaim {
  demoId: string;
  methodId: string | null;
}

/** What is told of a slot: of its demonstration, or of the method that it is done by. */
export const claimsOf = (
  slot: Pick<RunSlot, 'demoId' | 'methodId'>,
  claims: readonly PinnedClaim[],
): RunClaim[] =>
  claims
    .filter(
      ({ demoId, methodId }) =>
        demoId === slot.demoId && (methodId === null || methodId === slot.methodId),
    )
    .map(({ trialId, words, evidence, reasoning }) => ({ trialId, words, evidence, reasoning }));

/** `startsAt` is the planned start in milliseconds since 1970: the core knows no time zones. */
export function runPlanOf(
  bundle: ShowBundle,
  timeline: Timeline,
  startsAt: number,
  claims: readonly PinnedClaim[] = [],
): RunPlan {
  const slots = resolveSlots(bundle).map(({ slot, demo, method, performer, position }): RunSlot => {
    const block = timeline.blocks.find((b) => b.slot === slot.id);
    const { first, clearing, closing } = goesOf(method.tasks);
    return {
      id: slot.id,
      demoId: slot.demoId,
      methodId: slot.demoId === null ? null : method.id,
      name: demo.name,
      methodName: method.name.slice(0, METHOD_NAME_MOST),
      position: position ? { name: position.name, mark: position.mark } : null,
      performer: performer?.name ?? '',
      performerId: performer?.id ?? null,
      prediction: method.prediction,
      ...besideOf(slot, method),
      claims: claimsOf({ demoId: slot.demoId, methodId: method.id }, claims),
      start: block?.start ?? 0,
      end: block?.end ?? 0,
      goes: slot.goes,
      goesAllowed: method.goesAllowed,
      oneShot: method.oneShot,
      mayLeaveOut: slot.mayLeaveOut,
      worth: slot.worth,
      // Clearing between goes is a step too: the audience waits for it.
      steps: [...first, ...clearing, ...closing].map((task, i) =>
        stepOf(task, {
          // What is warned of comes after it, whatever the step.
          warn: i === 0 ? method.warning : '',
          clear: flies(method, task) ? LINE_CLEAR : '',
          brief:
            method.volunteers > 0 && task.id === method.volunteerCard.fetchedIn
              ? briefingLines(method.volunteerCard, method.volunteers)
              : [],
          letGo:
            method.volunteers > 0 && task === (closing.at(-1) ?? first.at(-1))
              ? lettingGoLines(method.volunteerCard, method.volunteers)
              : [],
        }),
      ),
    };
  });
  return {
    title: bundle.show.title,
    startsAt,
    hardFinish: timeline.hardFinish,
    end: timeline.end,
    // A slot without steps has nothing to show on stage.
    slots: slots.filter((slot) => slot.steps.some((step) => !step.between)),
    jobs: jobsOf(bundle, timeline),
  };
}
