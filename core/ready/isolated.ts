import { type Verdict, verdict } from './verdict';

/**
 * Verdicts of one source. A source that fails is not known, with its reason, and takes no other down:
 * what is not known never passes.
 */
export function isolated(
  of: Pick<Verdict, 'key' | 'kind' | 'title' | 'slotIds'>,
  judged: () => Verdict[],
): Verdict[] {
  try {
    return judged();
  } catch (error) {
    const reason = error instanceof Error ? error.message : String(error);
    return [
      verdict({
        ...of,
        level: 'unknown',
        message: `This could not be judged: ${reason}.`,
        remedy: 'Look at the figures that go into it, and judge it yourself.',
      }),
    ];
  }
}
