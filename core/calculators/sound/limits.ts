/**
 * Limits of noise. Action values of EU Directive 2003/10/EC are what reaches the ear without regard to
 * protectors; its limit is what gets past them. The peaks for adults and children are from the WHO
 * Guidelines for Community Noise 1999 (from memory).
 */
export const PEAK = {
  /** dB(C): plugs are offered. */
  first: 135,
  /** dB(C): plugs are worn. */
  second: 137,
  /** dB(C), behind the plugs of who works there; and for any adult in the audience. */
  limit: 140,
  /** dB, for anybody who is not grown up. */
  children: 120,
} as const;

/** Years from which the limit for adults holds. */
export const GROWN_UP = 18;

/** The peak that nobody in the audience may meet, dB. */
export const audienceLimit = (youngest: number): number =>
  youngest < GROWN_UP ? PEAK.children : PEAK.limit;

export const NOISE_SOURCE =
  'EU Directive 2003/10/EC; NIOSH REL; WHO Guidelines for Community Noise 1999 (source not checked)';
