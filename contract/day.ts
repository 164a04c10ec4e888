/** Marks on checks, and follow-ups. */
import type { Signature } from '../core/ready/assessment/types';
import type { Mark } from '../core/ready/go';
import { DayDate, Holds, Id, Num, OneOf, OrNull, Text, YesNo } from './fields';

export class MarkBody implements Omit<Mark, 'key' | 'at'> {
  @OneOf(['done', 'wrong', 'waived'])
  state!: Mark['state'];

  @Holds<MarkBody>((m) =>
    m.state !== 'done' && (typeof m.reason !== 'string' || m.reason.trim() === '')
      ? m.state === 'wrong'
        ? 'must say what is wrong'
        : 'must say why it is waived'
      : null,
  )
  @Text(300)
  reason!: string;

  @OrNull()
  @Num(-1_000_000, 1_000_000)
  value!: number | null;

  @OrNull()
  @Id()
  by!: string | null;
}

/** Who signs the risk assessment as it stands. */
export class SignatureBody {
  @Holds<SignatureBody>((s) =>
    typeof s.name === 'string' && s.name.trim() === '' ? 'must say who signs' : null,
  )
  @Text(80, 1)
  name!: string;

  @Text(80)
  role!: string;
}

/** The text of a signed version as Markdown, without its signatures. */
export interface SignedText {
  body: string;
}

/** A risk assessment that was signed, without its text. */
export interface SignedAssessment {
  /** 1 for the first of its show. */
  number: number;
  signatures: Signature[];
  /** Milliseconds since 1970. */
  at: number;
  /** Signed while only the day of the show could answer what was open. */
  draft: boolean;
}

/** What is said of a photo beside its bytes. */
export class PhotoBody {
  @Text(200, 1)
  key!: string;

  @OrNull()
  @Id()
  by!: string | null;
}

export interface FollowUp {
  id: string;
  showId: string | null;
  demoId: string | null;
  words: string;
  ownerId: string | null;
  /** Local date, YYYY-MM-DD, or null. */
  due: string | null;
  done: boolean;
}

export class FollowUpBody implements FollowUp {
  @Id()
  id!: string;

  @OrNull()
  @Id()
  showId!: string | null;

  @OrNull()
  @Id()
  demoId!: string | null;

  @Text(300, 1)
  words!: string;

  @OrNull()
  @Id()
  ownerId!: string | null;

  @OrNull()
  @DayDate()
  due!: string | null;

  @YesNo()
  done!: boolean;
}
