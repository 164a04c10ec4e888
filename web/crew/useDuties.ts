/** What the holder of this device has to do at a show: live while a run is on, by the plan before. */
import { useMemo } from 'react';
import { resolveSlots } from '../../core/lineup/fromBundle';
import type { Telling, WindowTold } from '../../core/stage/replan/tell';
import {
  crewView,
  type CrewView,
  dutiesOf,
  isMissed,
  plannedTelling,
  type Presents,
} from '../../core/stage/crew';
import { instantOf } from '../brief/dates';
import type { OpenShow } from '../brief/useShow';
import { serverNow } from '../app/live';
import { useLiveRun, type LiveRun, useNow } from '../stage/liveRun';
import { useCaller } from '../stage/useCaller';
import { useOpenRunId, usePerformed } from '../stage/useOpenRun';
import { facesOf, type SlotFace } from './faces';

export interface Duties {
  live: LiveRun;
  /** A run is under way; before that nothing can be said of work. */
  isLive: boolean;
  /** Its time is long past, and nobody has begun it. */
  missed: boolean;
  view: CrewView;
  told: Pick<Telling, 'tasks' | 'blocks'> | null;
  presents: readonly Presents[];
  faceOf: (slot: string) => SlotFace | null;
  now: number;
}

const NOTHING: CrewView = { duty: null, then: null, background: [] as WindowTold[], called: null };

export function useDuties(open: OpenShow | null, person: string | null): Duties {
  const now = useNow(serverNow);
  const runId = useOpenRunId(open?.show.id ?? null);
  const live = useLiveRun(runId);
  const performed = usePerformed(open?.show.id ?? null);
  const { telling } = useCaller(open, open !== null, live.run, live.events);
  const slots = useMemo(() => (open ? resolveSlots(open.bundle) : []), [open]);
  const presents = useMemo<Presents[]>(
    () =>
      slots.map(({ slot, demo, performer }) => ({
        slot: slot.id,
        name: demo.name,
        performerId: performer?.id ?? null,
      })),
    [slots],
  );
  const faceOf = useMemo(
    () =>
      facesOf(
        slots.map(({ slot, demo, position }) => ({
          id: slot.id,
          name: demo.name,
          position: position && { name: position.name, mark: position.mark },
        })),
      ),
    [slots],
  );
  const isLive = live.live !== null && live.run !== null && telling !== null;
  const startsAt = open ? instantOf(open.show.date, open.show.start, open.show.zone) : 0;
  const ahead = open !== null && !runId && !performed;
  const told = isLive
    ? telling
    : ahead
      ? plannedTelling(open.input, open.timeline, startsAt, now)
      : null;
  const missed = ahead && !isLive && isMissed(startsAt, now);
  let view = NOTHING;
  if (person !== null && told) {
    if (isLive && telling && live.live) view = crewView(telling, presents, live.live, person, now);
    else {
      const [duty = null, then = null] = dutiesOf(told, presents, person);
      view = { ...NOTHING, duty, then };
    }
  }
  return { live, isLive, missed, view, told, presents, faceOf, now };
}
