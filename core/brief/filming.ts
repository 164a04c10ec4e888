import type { Camera } from '../repertoire/pictures';

/** Who holds a camera through a show. */
export interface Filming {
  camera: Camera;
  /** Null for one on a stand. */
  personId: string | null;
}
