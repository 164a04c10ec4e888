import { timelineOf } from '../../core/lineup/timelineOf';
import { riskAssessment } from '../../core/ready/assessment/assess';
import type { RiskAssessment } from '../../core/ready/assessment/types';
import type { AppContext } from '../context';
import { readinessContext } from './readiness';

/** A show's risk assessment as it stands. Throws HttpError when anything it is drawn from can't be read. */
export function risksOf(context: AppContext, showId: string): RiskAssessment {
  const bundle = context.bundles.whole(showId);
  return riskAssessment(bundle, timelineOf(bundle), readinessContext(context, bundle));
}
