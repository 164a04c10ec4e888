import type { CheckPhoto } from '../../contract/api';
import { type Db, written } from '../db/open';
import { notFound, HttpError } from '../http/errors';

/** Photos of one check at the most. */
export const PHOTOS_MOST = 6;
/** Bytes of one; the interface sends it smaller. */
export const PHOTO_LIMIT = 3 * 1024 * 1024;

/** A removed photo can be brought back within this time, in ms. */
const UNDONE_WITHIN = 10 * 60 * 1000;

export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;
type PhotoType = (typeof PHOTO_TYPES)[number];

const startsWith = (bytes: Buffer, head: string, from = 0): boolean =>
  bytes.subarray(from, from + head.length).toString('latin1') === head;

/** What the bytes are, whatever they were sent as; null for no picture that is taken. */
function typeOf(bytes: Buffer): PhotoType | null {
  if (startsWith(bytes, '\xff\xd8\xff')) return 'image/jpeg';
  if (startsWith(bytes, '\x89PNG\r\n\x1a\n')) return 'image/png';
  return startsWith(bytes, 'RIFF') && startsWith(bytes, 'WEBP', 8) ? 'image/webp' : null;
}

/** Photos that go with a show's checks. */
export class PhotoStore {
  constructor(private readonly db: Db) {}

  of(showId: string): CheckPhoto[] {
    return this.db
      .prepare(
        'SELECT id, key, by, at FROM check_photo WHERE show_id = ? AND removed = 0 ORDER BY at, id',
      )
      .all(showId) as CheckPhoto[];
  }

  /** Throws Refusal for what is no picture, and for one too many. */
  add(showId: string, photo: CheckPhoto, bytes: Buffer): void {
    const type = typeOf(bytes);
    if (!type)
      throw new HttpError(422, 'no_picture', 'That is no picture: JPEG, PNG and WebP are taken.');
    written(this.db, () => {
      if (this.of(showId).filter((one) => one.key === photo.key).length >= PHOTOS_MOST)
        throw new HttpError(
          409,
          'too_many',
          `A check has ${PHOTOS_MOST} photos at the most. Remove one first.`,
        );
      this.db
        .prepare(
          `INSERT INTO check_photo (id, show_id, key, type, bytes, by, at)
           VALUES (@id, @showId, @key, @type, @bytes, @by, @at)`,
        )
        .run({ ...photo, showId, type, bytes });
    });
  }

  /** One that was removed is not told of any more. */
  read(showId: string, id: string): { type: PhotoType; bytes: Buffer } {
    const row = this.db
      .prepare('SELECT type, bytes FROM check_photo WHERE show_id = ? AND id = ? AND removed = 0')
      .get(showId, id) as { type: PhotoType; bytes: Buffer } | undefined;
    if (!row) throw notFound('photo');
    return row;
  }

  setRemoved(showId: string, id: string, removed: boolean): void {
    const { changes } = this.db
      .prepare('UPDATE check_photo SET removed = ?, removed_at = ? WHERE show_id = ? AND id = ?')
      .run(removed ? 1 : 0, removed ? Date.now() : null, showId, id);
    if (changes === 0) throw notFound('photo');
  }

  /** Takes those out of the file that were removed longer ago than anybody undoes it. */
  purge(): void {
    this.db
      .prepare('DELETE FROM check_photo WHERE removed = 1 AND coalesce(removed_at, 0) < ?')
      .run(Date.now() - UNDONE_WITHIN);
  }
}
