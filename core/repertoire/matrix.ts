/** Likelihood times severity, as risk forms have it: five by five, and what a product counts as. */
import type { Rating } from './care';

export const RISK_LEVELS = ['low', 'medium', 'high', 'extreme'] as const;
export type RiskLevel = (typeof RISK_LEVELS)[number];

export const RISK_LEVEL_WORDS: Record<RiskLevel, string> = {
  low: 'low',
  medium: 'medium',
  high: 'high',
  extreme: 'extreme',
};

/** Of 1 to 5. */
export const LIKELIHOOD_WORDS = [
  'very unlikely',
  'unlikely',
  'possible',
  'likely',
  'very likely',
] as const;

/** Of 1 to 5. */
export const SEVERITY_WORDS = [
  'no more than a fright',
  'first aid',
  'treatment by a doctor',
  'lasting harm',
  'death',
] as const;

/** The least product of likelihood and severity that counts as each level; what is below the first is low. */
export interface RiskMatrix {
  medium: number;
  high: number;
  extreme: number;
}

/** The five-by-five form that safety authorities publish, with its usual steps (from memory); a house may set others. */
export const USUAL_MATRIX: RiskMatrix = { medium: 5, high: 10, extreme: 15 };

export function riskLevel({ likelihood, severity }: Rating, matrix: RiskMatrix): RiskLevel {
  const product = likelihood * severity;
  if (product >= matrix.extreme) return 'extreme';
  if (product >= matrix.high) return 'high';
  return product >= matrix.medium ? 'medium' : 'low';
}
