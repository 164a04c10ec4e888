/** Sounds and pictures that cues play and show. */
import { Text } from './fields';

export const MEDIA_KINDS = ['sound', 'picture'] as const;
export type MediaKind = (typeof MEDIA_KINDS)[number];

/** Bytes of one at the most. */
export const MEDIA_LIMIT = 12 * 1024 * 1024;

export interface MediaTold {
  id: string;
  name: string;
  kind: MediaKind;
  /** Media type of its bytes. */
  type: string;
  bytes: number;
}

/** What is said of a file beside its bytes. */
export class MediaQuery {
  @Text(60, 1)
  name!: string;
}
