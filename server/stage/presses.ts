/** Presses as they come in, over HTTP or over the socket that a page holds: sorted, fired, stored, told. */
import { type EventsAnswer, EventsBody, RUN_EVENTS_MOST } from '../../contract/stage';
import { isAtLeast } from '../../contract/share';
import { needsDriving, type Settled, settle } from '../../core/stage/driving';
import type { EventKind } from '../../core/stage/types';
import type { AppContext } from '../context';
import { body } from '../http/errors';
import { type Caller, nameFor } from '../share/caller';
import { type Sender, sortEvents } from './receive';
import type { RunStore } from './runs';

/** What somebody of the crew says of their own work. */
const OF_CREW: ReadonlySet<EventKind> = new Set<EventKind>([
  'begin',
  'ready',
  'late',
  'spoiled',
  'blocked',
  'unmark',
  'note',
  'tally',
]);

export const drivingOf = (runs: RunStore, runId: string): Settled =>
  settle(runs.events(runId, 0, RUN_EVENTS_MOST));

function senderOf(runs: RunStore, caller: Caller, runId: string): Sender {
  const device = caller.device?.id ?? null;
  const crew = !isAtLeast(caller.role, 'presenter');
  let drove: boolean | null = null;
  /** What a helper pressed while driving was theirs counts, or is kept, whenever it comes in. */
  const hasDriven = (): boolean =>
    (drove ??= drivingOf(runs, runId).stints.some((stint) => stint.device === device));
  return {
    device,
    by: (said) => nameFor(caller, said),
    refuses: ({ kind }) => {
      if (kind === 'drive') return 'Driving is handed over or taken, not pressed.';
      if (!crew || OF_CREW.has(kind)) return null;
      return needsDriving({ kind }) && hasDriven() ? null : 'Only who drives the show moves it on.';
    },
  };
}

/** Whoever calls has the right to press. Throws HttpError where nothing of it can be taken. */
export function takePresses(
  { runs, outcomes, live, cues, now }: AppContext,
  caller: Caller,
  runId: string,
  plain: unknown,
  /** Throws where nothing can be stored; asked after cues have gone out. */
  mayStore: () => void = () => undefined,
): EventsAnswer {
  const received = now();
  const device = caller.device?.id ?? null;
  // Light and sound go before everything else: the stage is lit when it is pressed.
  if (isAtLeast(caller.role, 'presenter'))
    cues.engine.early(runId, device, (plain as { events?: unknown } | null)?.events);
  mayStore();
  const sent = body(EventsBody, plain);
  const run = runs.head(runId);
  const { fit, refused } = sortEvents(sent, run, received, senderOf(runs, caller, run.id));
  cues.engine.take(
    run,
    fit.map(({ event }) => event),
  );
  runs.append(run.id, fit);
  // Whoever has the series open sees what is read on stage as it comes.
  if (
    fit.some(({ event }) => event.kind === 'reading') &&
    run.plan.slots.some(({ sideBySide }) => sideBySide?.kind === 'series')
  )
    outcomes.refresh();
  // What counts of it has changed, or something was taken for a press that is none.
  if (refused.length > 0 || fit.some(({ event }) => event.kind === 'take')) cues.engine.again(run);
  // The others see it before the device that pressed has its answer.
  live.publish();
  return { events: runs.events(run.id, sent.known), seq: runs.lastSeq(run.id), refused };
}
