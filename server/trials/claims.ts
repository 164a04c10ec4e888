/** What trials found out that is to be told: on the demonstration, on stage, on the audience’s screen. */
import type { SideBySide, Slot } from '../../core/brief/types';
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

/** What a slot of a show, or of a run, is about. */
type About = Pick<Slot, 'demoId'> & { sideBySide: Pick<SideBySide, 'kind' | 'trialId'> | null };

/**
 * Claims that are told at these slots: what is pinned to their demonstrations, and what is tried in one of them. A series
 * that has too little to say is not told of.
 */
export function toldClaims(context: Stores, slots: readonly About[]): PinnedClaim[] {
  const { trials, outcomes } = context;
  outcomes.refresh();
  const wanted = new Set(slots.map(({ demoId }) => demoId));
  const tried = new Set(
    slots.flatMap(({ sideBySide }) => (sideBySide?.kind === 'series' ? [sideBySide.trialId] : [])),
  );
  return readable(trials.list(), (trial): PinnedClaim[] => {
    const { id, demoId, methodId, pinned, reasoning } = trial;
    if (demoId === null || !wanted.has(demoId) || !(pinned || tried.has(id))) return [];
    const { claim, evidence } = claimAndEvidence(context, trial);
    return claim.kind === 'thin'
      ? []
      : [{ trialId: id, demoId, methodId, words: claim.words, evidence, reasoning }];
  }).flat();
}
