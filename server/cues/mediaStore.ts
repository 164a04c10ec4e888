/** Sounds and pictures of the house, for cues. What a file is, its bytes say, whatever it is called. */
import { randomUUID } from 'node:crypto';
import type { MediaKind, MediaTold } from '../../contract/media';
import { type Db, written } from '../db/open';
import { HttpError, notFound } from '../http/errors';

/** Files at one time. */
export const MEDIA_MOST = 600;

const startsWith = (bytes: Buffer, head: string, from = 0): boolean =>
  bytes.subarray(from, from + head.length).toString('latin1') === head;

/** What the bytes are; null for nothing that a browser plays or shows. SVG may carry programs, and is none. */
export function kindOfBytes(bytes: Buffer): { kind: MediaKind; type: string } | null {
  const is = (kind: MediaKind, type: string) => ({ kind, type });
  if (startsWith(bytes, '\xff\xd8\xff')) return is('picture', 'image/jpeg');
  if (startsWith(bytes, '\x89PNG\r\n\x1a\n')) return is('picture', 'image/png');
  if (startsWith(bytes, 'RIFF') && startsWith(bytes, 'WEBP', 8)) return is('picture', 'image/webp');
  if (startsWith(bytes, 'RIFF') && startsWith(bytes, 'WAVE', 8)) return is('sound', 'audio/wav');
  if (startsWith(bytes, 'OggS')) return is('sound', 'audio/ogg');
  if (startsWith(bytes, 'fLaC')) return is('sound', 'audio/flac');
  if (startsWith(bytes, 'ID3')) return is('sound', 'audio/mpeg');
  if (startsWith(bytes, 'ftyp', 4)) return is('sound', 'audio/mp4');
  // A frame of MPEG audio: eleven bits set.
  return bytes[0] === 0xff && ((bytes[1] ?? 0) & 0xe0) === 0xe0 ? is('sound', 'audio/mpeg') : null;
}

export class MediaStore {
  constructor(
    private readonly db: Db,
    private readonly now: () => number,
  ) {}

  list(): MediaTold[] {
    return this.db
      .prepare(
        `SELECT id, name, kind, type, length(bytes) AS bytes FROM media
         WHERE removed = 0 ORDER BY name, id`,
      )
      .all() as MediaTold[];
  }

  add(name: string, bytes: Buffer): MediaTold {
    const found = kindOfBytes(bytes);
    if (!found)
      throw new HttpError(
        422,
        'no_media',
        'That is no sound or picture that can be played: WAV, MP3, Ogg, FLAC, M4A, JPEG, PNG and WebP are taken.',
      );
    return written(this.db, () => {
      if (this.list().length >= MEDIA_MOST)
        throw new HttpError(409, 'too_many', `${MEDIA_MOST} files at the most. Remove one first.`);
      const id = randomUUID();
      this.db
        .prepare(
          `INSERT INTO media (id, name, kind, type, bytes, at)
           VALUES (@id, @name, @kind, @type, @bytes, @at)`,
        )
        .run({ id, name, ...found, bytes, at: Math.round(this.now()) });
      return { id, name, ...found, bytes: bytes.length };
    });
  }

  read(id: string): { type: string; bytes: Buffer } {
    const row = this.db
      .prepare('SELECT type, bytes FROM media WHERE id = ? AND removed = 0')
      .get(id) as { type: string; bytes: Buffer } | undefined;
    if (!row) throw notFound('sound or picture');
    return row;
  }

  setRemoved(id: string, removed: boolean): void {
    const { changes } = this.db
      .prepare('UPDATE media SET removed = ? WHERE id = ?')
      .run(removed ? 1 : 0, id);
    if (changes === 0) throw notFound('sound or picture');
  }
}
