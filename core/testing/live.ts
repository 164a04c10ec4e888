/** Runs of small shows, pressed through in tests, and what the live plan makes of them. */
import type { ForecastSize, SlotPolicy } from '../lineup/forecast/types';
import { goesOf } from '../lineup/network';
import { schedule } from '../lineup/schedule';
import type { LineupInput } from '../lineup/types';
import type { RunPlan, RunSlot } from '../stage/types';
import { type Call, Caller, type Press } from '../stage/replan/caller';
import type { LiveShow } from '../stage/replan/types';
import { policy } from './policy';
import { Stage, START } from './stage';

/** A run of what the engine reads. */
export function liveShow(
  input: LineupInput,
  over: {
    slots?: Record<string, Partial<RunSlot>>;
    policies?: Record<string, Partial<SlotPolicy>>;
  } = {},
): LiveShow {
  const written = schedule(input);
  const slots = input.slots.map((slot): RunSlot => {
    const { first, clearing, closing } = goesOf(slot.tasks);
    const block = written.blocks.find((one) => one.slot === slot.id);
    return {
      id: slot.id,
      demoId: slot.id,
      methodId: 'm',
      name: slot.name,
      methodName: 'm',
      position: null,
      performer: '',
      performerId: null,
      sideBySide: null,
      claims: [],
      prediction: null,
      start: block?.start ?? 0,
      end: block?.end ?? 0,
      goes: slot.goes,
      goesAllowed: 9,
      oneShot: false,
      mayLeaveOut: true,
      worth: 3,
      steps: [...first, ...clearing, ...closing].map((task) => ({
        task: task.id,
        name: task.name,
        do: task.name,
        say: '',
        cue: '',
        warn: '',
        clear: '',
        brief: [],
        letGo: [],
        gearOn: [],
        gearOff: [],
        careful: '',
        sign: null,
        seconds: task.time.likely,
        eachGo: task.phase === 'perform' && task.eachGo,
        between: task.phase === 'reset',
        cues: [],
      })),
      results: [],
      ...over.slots?.[slot.id],
    };
  });
  const plan: RunPlan = {
    title: 'Show',
    startsAt: START,
    hardFinish: input.hardFinish,
    end: written.end,
    slots,
    jobs: [],
  };
  const policies = new Map(
    input.slots.map(({ id }) => {
      const { worth, mayLeaveOut } = slots.find((slot) => slot.id === id) ?? {};
      return [
        id,
        policy({
          ...(worth !== undefined && { worth }),
          ...(mayLeaveOut !== undefined && { mayLeaveOut }),
          ...over.policies?.[id],
        }),
      ];
    }),
  );
  return { plan, input, policies, written, known: true };
}

const SIZE: ForecastSize = { runs: 400, seed: 1, share: 0.9 };

/** A run that is pressed through, with what the show caller says at any moment. */
export class Night extends Stage {
  readonly caller: Caller;

  constructor(
    readonly show: LiveShow,
    size: Partial<ForecastSize> = {},
  ) {
    super(show.plan);
    this.caller = new Caller(show, 'performance', { ...SIZE, ...size });
  }

  /** What is said so many seconds of real time after the start, if these presses were made then. */
  call(seconds: number, presses: readonly Press[] = []): Call {
    this.caller.hear(this.events);
    return this.caller.at(START + seconds * 1000, presses);
  }

  /** Done, step by step as the plan has it, up to where a slot is over. */
  through(slotId: string, from: number): number {
    let clock = from;
    while (this.live().slot === slotId) {
      const { step } = this.live();
      const slot = this.of.slots.find(({ id }) => id === slotId);
      clock += slot?.steps[step]?.seconds ?? 0;
      this.at(clock, 'done');
    }
    return clock;
  }
}
