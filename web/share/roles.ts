/** Roles in the words of the crew. */
import type { DeviceRole } from '../../contract/share';

export const ROLE_WORDS: Record<DeviceRole, { name: string; may: string }> = {
  presenter: { name: 'presenter', may: 'may drive, and change the show' },
  crew: { name: 'crew', may: 'own tasks, checks, packing' },
  screen: { name: 'looks on', may: 'sees the stage, changes nothing' },
  audience: { name: 'audience screen', may: 'title, question, cues' },
};
