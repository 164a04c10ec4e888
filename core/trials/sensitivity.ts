/** How much a claim hangs on single readings and on what drifted: said again without them. */
import { listInWords, upperFirst } from '../words';
import { analyse, type Analysis } from './analyse';
import { type Claim, claimOf, type Naming } from './claim';
import { questionOf, readingsIn } from './design';
import { evenedBy } from './evened';
import type { TrialGo, TrialSeries } from './series';

export interface Sensitivity {
  /** What was changed without changing the answer: “with or without go 10”, “evened out for room”. */
  same: string[];
  /** What changes it, and what it would say. */
  otherwise: { when: string; says: string }[];
}

type Asked = Pick<
  TrialSeries,
  'levels' | 'measure' | 'matters' | 'referenceId' | 'conditions' | 'variable'
>;

/**
 * The claim once more without each reading that is far from its others, with each that was left out, and evened out for
 * each figure that was taken down beside the readings. Both empty where there is nothing of the kind.
 */
export function sensitivityOf(
  trial: Asked,
  goes: readonly TrialGo[],
  { analysis, claim, naming }: { analysis: Analysis; claim: Claim; naming: Naming },
): Sensitivity {
  const question = questionOf(trial);
  const same: string[] = [];
  const otherwise: Sensitivity['otherwise'] = [];
  const look = (when: { same: string; otherwise: string }, other: Analysis): void => {
    const then = claimOf(other, naming);
    if (then.kind === claim.kind && then.level === claim.level) same.push(when.same);
    else otherwise.push({ when: when.otherwise, says: then.words });
  };
  for (const { go } of analysis.outliers)
    look(
      { same: `with or without go ${go}`, otherwise: `without go ${go}` },
      analyse(question, readingsIn(goes.filter((one) => one.go !== go))),
    );
  for (const { go, value } of goes.filter(({ state }) => state === 'leftOut')) {
    if (value === null) continue;
    look(
      { same: `with or without go ${go}`, otherwise: `with go ${go}` },
      analyse(
        question,
        readingsIn(goes.map((one) => (one.go === go ? { ...one, state: 'read' } : one))),
      ),
    );
  }
  for (const { id, name } of trial.conditions) {
    const evened = evenedBy(question, goes, id);
    const words = `evened out for ${name.toLowerCase()}`;
    if (evened) look({ same: words, otherwise: words }, evened.analysis);
  }
  return { same, otherwise };
}

/** “The same with or without go 10 and evened out for room. Without go 3 it would say: …” */
export const sensitivityWords = ({ same, otherwise }: Sensitivity): string =>
  [
    ...(same.length > 0 ? [`The same ${listInWords(same)}.`] : []),
    ...otherwise.map(({ when, says }) => `${upperFirst(when)} it would say: ${says}`),
  ].join(' ');
