/** The shot list of a show: which camera sees what when, who films it, and what is in the way of that. */
import type { Filming } from '../../brief/filming';
import type { ShowBundle } from '../../brief/types';
import { resolveSlots } from '../../lineup/fromBundle';
import type { PlacedTask, Timeline } from '../../lineup/types';
import { workOf } from '../../lineup/workOf';
import {
  type Camera,
  CAMERAS,
  type CameraView,
  FLICKER_ABOVE,
  replaySeconds,
  stopsDarker,
} from '../../repertoire/pictures';

/**
 * nobody: no one is named for the camera; gone: who was named is not of the show any more; busy: the plan has them at
 * work then; both: they hold another camera then, too; long: more is filmed than the step is likely to take; replay: it
 * takes longer to be shown than there is until the next slot begins.
 */
export type ShotFault = 'nobody' | 'gone' | 'busy' | 'both' | 'long' | 'replay';

export interface Shot {
  slotId: string;
  /** In the order of the show, from 1. */
  number: number;
  demo: string;
  taskId: string;
  /** What is done in the step. */
  step: string;
  view: CameraView;
  /** Seconds from the show’s start; of the first go. */
  start: number;
  end: number;
  /** Null for one on a stand, and while nobody is named. */
  personId: string | null;
  isOnStand: boolean;
  faults: ShotFault[];
  /** What they are busy with; empty unless they are. */
  busyWith: string;
  /** Seconds it takes to be shown, and those there are for it; null where it is shown as it happens. */
  replay: { takes: number; has: number } | null;
}

export interface CameraShots {
  camera: Camera;
  /** Null while nobody has said who films. */
  filming: Filming | null;
  shots: Shot[];
}

/** Said of a slow shot beforehand: how much darker it gets, and whether lamps will flicker in it. */
export interface SlowNeeds {
  stops: number;
  flickers: boolean;
}

export const needsOfSlow = (view: CameraView): SlowNeeds | null =>
  view.slow && { stops: stopsDarker(view.slow), flickers: view.slow.rate > FLICKER_ABOVE };

const overlaps = (a: { start: number; end: number }, b: { start: number; end: number }): boolean =>
  a.start < b.end && b.start < a.end;

interface Around {
  filming: readonly Filming[];
  /** Of the show. */
  people: ReadonlySet<string>;
  work: ReadonlyMap<string, readonly PlacedTask[]>;
  /** What a placed task is called. */
  nameOf: (task: PlacedTask) => string;
}

function faultsOf(
  shot: Pick<Shot, 'view' | 'start' | 'end' | 'replay'>,
  length: number,
  { filming, people, work, nameOf }: Around,
): Pick<Shot, 'personId' | 'isOnStand' | 'faults' | 'busyWith'> {
  const by = filming.find(({ camera }) => camera === shot.view.camera);
  const person = by?.personId ?? null;
  const known = person !== null && people.has(person) ? person : null;
  const busy = known === null ? undefined : work.get(known)?.find((task) => overlaps(task, shot));
  return {
    personId: known,
    isOnStand: by !== undefined && person === null,
    busyWith: busy ? nameOf(busy) : '',
    faults: [
      ...(by ? [] : ['nobody' as const]),
      ...(person !== known ? ['gone' as const] : []),
      ...(busy ? ['busy' as const] : []),
      ...((shot.view.slow?.seconds ?? 0) > length ? ['long' as const] : []),
      ...(shot.replay && shot.replay.takes > shot.replay.has ? ['replay' as const] : []),
    ],
  };
}

/** Marks those during which their person holds another camera. In one pass over shots by when they begin. */
function markBoth(shots: readonly Shot[]): void {
  const last = new Map<string, Map<Camera, Shot>>();
  for (const shot of shots) {
    const { personId, view } = shot;
    if (personId === null) continue;
    const held = last.get(personId) ?? new Map<Camera, Shot>();
    last.set(personId, held);
    for (const [camera, other] of held) {
      if (camera === view.camera || other.end <= shot.start) continue;
      for (const one of [other, shot]) if (!one.faults.includes('both')) one.faults.push('both');
    }
    const own = held.get(view.camera);
    if (!own || own.end < shot.end) held.set(view.camera, shot);
  }
}

/**
 * By camera, each in the order of the show; cameras that see nothing are left out. Time grows with the shots times what
 * one person does.
 */
export function shotsOf(bundle: ShowBundle, timeline: Timeline): CameraShots[] {
  const { show } = bundle;
  const slots = resolveSlots(bundle);
  const names = new Map(
    slots.flatMap(({ slot, demo, method }) =>
      method.tasks.map((task) => [`${slot.id} ${task.id}`, `${task.name}, ${demo.name}`]),
    ),
  );
  const around: Around = {
    filming: show.filming,
    people: new Set(show.crew),
    work: workOf(timeline),
    nameOf: ({ slot, task }) => names.get(`${slot} ${task}`) ?? '',
  };
  const ends = timeline.blocks.map(({ start }) => start).sort((a, b) => a - b);
  const shots = slots.flatMap(({ slot, demo, method }): Shot[] => {
    const placed = timeline.tasks.filter((one) => one.slot === slot.id && one.go === 1);
    const number = show.slots.findIndex(({ id }) => id === slot.id) + 1;
    return method.tasks.flatMap((task) => {
      const on = placed.find((one) => one.task === task.id);
      if (!on) return [];
      const next = ends.find((start) => start >= on.end) ?? timeline.end;
      return task.views.map((view): Shot => {
        const replay = view.slow && {
          takes: replaySeconds(view.slow),
          has: Math.max(0, next - on.end),
        };
        const shot = { view, start: on.start, end: on.end, replay };
        return {
          slotId: slot.id,
          number,
          demo: demo.name,
          taskId: task.id,
          step: task.do || task.name,
          ...shot,
          ...faultsOf(shot, task.time.likely, around),
        };
      });
    });
  });
  const inOrder = shots.sort((a, b) => a.start - b.start || a.number - b.number);
  markBoth(inOrder);
  return CAMERAS.map((camera) => ({
    camera,
    filming: show.filming.find((one) => one.camera === camera) ?? null,
    shots: inOrder.filter(({ view }) => view.camera === camera),
  })).filter((one) => one.shots.length > 0);
}

/** Of the crew, those who could hold a camera through all it sees, without anything else to do then. */
export function freeToFilm(
  shots: readonly Pick<Shot, 'start' | 'end'>[],
  people: readonly string[],
  timeline: Timeline,
): string[] {
  return people.filter(
    (person) =>
      !timeline.tasks.some(
        (task) => task.people.includes(person) && shots.some((shot) => overlaps(task, shot)),
      ),
  );
}
