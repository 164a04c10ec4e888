/** Devices and their roles in the words of the crew. */
import type { DeviceRole, DeviceTold } from '../../contract/share';
import { sayDuration } from '../../core/time/clock';
import { timeOf } from '../brief/dates';

export const ROLE_WORDS: Record<DeviceRole, { name: string; may: string }> = {
  presenter: { name: 'presenter', may: 'may drive, and change the show' },
  crew: { name: 'crew', may: 'own tasks, checks, packing' },
  screen: { name: 'looks on', may: 'sees the stage, changes nothing' },
  audience: { name: 'audience screen', may: 'title, question, cues' },
};

/** Since when a device is here, or for how long it is gone. */
export function hereWords({ connected, heardAt, joinedAt }: DeviceTold, now: number): string {
  if (connected) return `since ${timeOf(joinedAt)}`;
  const gone = (now - (heardAt ?? joinedAt)) / 1000;
  return gone < 3600 ? `gone for ${sayDuration(Math.max(1, Math.round(gone)))}` : 'not here';
}
