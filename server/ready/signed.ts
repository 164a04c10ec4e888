import type { SignedAssessment } from '../../contract/day';
import type { Signature } from '../../core/ready/assessment/types';
import type { Db } from '../db/open';
import { bit, flag, json, type Row } from '../db/rows';
import { notFound } from '../http/errors';

/** What is kept when somebody signs: word for word, and as it was printed. */
export interface Signing {
  signatures: Signature[];
  at: number;
  draft: boolean;
  /** Without the signatures: what they stand under. */
  body: string;
  markdown: string;
  pdf: Buffer;
}

/** What can't be read of a signature is left out; the text that was signed carries them all. */
const signaturesIn = (value: unknown): Signature[] => {
  const plain: unknown = JSON.parse(String(value));
  return Array.isArray(plain)
    ? (plain as unknown[]).filter(
        (one): one is Signature =>
          typeof one === 'object' &&
          one !== null &&
          ['name', 'role', 'when'].every((key) => typeof (one as Row)[key] === 'string'),
      )
    : [];
};

/** Signed risk assessments of shows. They are never changed. */
export class SignedStore {
  constructor(private readonly db: Db) {}

  /** The newest first. */
  of(showId: string): SignedAssessment[] {
    const rows = this.db
      .prepare(
        'SELECT number, signatures, at, draft FROM signed_assessment WHERE show_id = ? ORDER BY number DESC',
      )
      .all(showId) as Row[];
    return rows.map(({ number, signatures, at, draft }) => ({
      number: Number(number),
      signatures: signaturesIn(signatures),
      at: Number(at),
      draft: flag(draft),
    }));
  }

  /** The text of one without its signatures. Throws HttpError when there is no such version. */
  body(showId: string, number: number): string {
    return String(this.read(showId, number).body);
  }

  /** The same of the last one; null before the first. */
  lastBody(showId: string): string | null {
    const found = this.db
      .prepare('SELECT body FROM signed_assessment WHERE show_id = ? ORDER BY number DESC LIMIT 1')
      .pluck()
      .get(showId) as string | undefined;
    return found ?? null;
  }

  add(showId: string, { signatures, at, draft, body, markdown, pdf }: Signing): void {
    this.db
      .prepare(
        `INSERT INTO signed_assessment (show_id, number, signatures, at, draft, body, markdown, pdf)
         SELECT @showId, coalesce(max(number), 0) + 1, @signatures, @at, @draft, @body, @markdown, @pdf
         FROM signed_assessment WHERE show_id = @showId`,
      )
      .run({ showId, signatures: json(signatures), at, draft: bit(draft), body, markdown, pdf });
  }

  /** Throws HttpError when there is no such version. */
  markdown(showId: string, number: number): string {
    return String(this.read(showId, number).markdown);
  }

  /** Throws HttpError when there is no such version. */
  pdf(showId: string, number: number): Buffer {
    return this.read(showId, number).pdf as Buffer;
  }

  private read(showId: string, number: number): Row {
    const row = this.db
      .prepare('SELECT body, markdown, pdf FROM signed_assessment WHERE show_id = ? AND number = ?')
      .get(showId, number) as Row | undefined;
    if (!row) throw notFound('signed version');
    return row;
  }
}
