/** What trials found out that is to be told: on the demonstration, on stage, on the audience’s screen. */
import type { PinnedClaim } from '../../core/stage/plan';
import { analyse } from '../../core/trials/analyse';
import { type Claim, claimOf } from '../../core/trials/claim';
import { questionOf, readingsIn } from '../../core/trials/design';
import { evidenceWords } from '../../core/trials/evidence';
import type { TrialSeries } from '../../core/trials/series';
import { namingOf } from '../../core/trials/words';
import type { AppContext } from '../context';
import { readable } from '../entity';

type Stores = Pick<AppContext, 'trials' | 'trialGoes' | 'outcomes'>;

export interface ToldClaim {
  claim: Claim;
  /** In somebody’s words, or as the figures are. */
  evidence: string;
}

/** What a series says as it stands. */
export function claimAndEvidence(
  { trialGoes }: Pick<Stores, 'trialGoes'>,
  trial: TrialSeries,
): ToldClaim {
  const analysis = analyse(questionOf(trial), readingsIn(trialGoes.of(trial.id)));
  const naming = namingOf(trial);
  const claim = claimOf(analysis, naming);
  return { claim, evidence: trial.evidence || evidenceWords(analysis, claim, naming) };
}

/** Pinned claims of these demonstrations; a series that has too little to say is not told of. */
export function pinnedClaims(context: Stores, demoIds: readonly (string | null)[]): PinnedClaim[] {
  const { trials, outcomes } = context;
  outcomes.refresh();
  const wanted = new Set(demoIds);
  return readable(trials.list(), (trial): PinnedClaim[] => {
    const { id, demoId, methodId, pinned, reasoning } = trial;
    if (!pinned || demoId === null || !wanted.has(demoId)) return [];
    const { claim, evidence } = claimAndEvidence(context, trial);
    return claim.kind === 'thin'
      ? []
      : [{ trialId: id, demoId, methodId, words: claim.words, evidence, reasoning }];
  }).flat();
}
