import type { Speaker } from '../../repertoire/script';
import type { ScriptLine } from './script';

const SPEAKER: Readonly<Record<Speaker, string>> = {
  performer: 'Performer',
  helper: 'Helper',
  volunteer: 'Volunteer',
  host: 'Host',
  room: 'Audience',
};

/** Who speaks a line: by name where somebody is there for it, else by what they are. */
export const speakerName = (
  { personId, speaker }: Pick<ScriptLine, 'personId' | 'speaker'>,
  nameOf: (personId: string) => string,
): string => (personId === null ? '' : nameOf(personId)) || SPEAKER[speaker];
