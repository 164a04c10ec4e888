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

/** What the steps of the matrix count: likelihood times severity. */
export const riskProduct = ({ likelihood, severity }: Rating): number => likelihood * severity;

export function riskLevel(rating: Rating, matrix: RiskMatrix): RiskLevel {
  const product = riskProduct(rating);
  if (product >= matrix.extreme) return 'extreme';
  if (product >= matrix.high) return 'high';
  return product >= matrix.medium ? 'medium' : 'low';
}

/** “3 × 4 = 12, high”, or “not rated”. */
export function ratingText(rating: Rating | null, matrix: RiskMatrix): string {
  if (rating === null) return 'not rated';
  const level = RISK_LEVEL_WORDS[riskLevel(rating, matrix)];
  return `${rating.likelihood} × ${rating.severity} = ${riskProduct(rating)}, ${level}`;
}
