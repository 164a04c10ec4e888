import type { AllowedAtHome } from './judge';

/** Over what may be tried at home, as the hand-out says it. */
export const ALLOWED_WORDS: Readonly<Record<AllowedAtHome, string>> = {
  never: 'Not at home',
  unknown: 'Not at home',
  adult: 'Try it at home, with an adult',
  alone: 'Try it at home',
};

/** To whoever writes it. */
export const SAID_WORDS = {
  unknown: 'Nobody has said',
  never: 'Never at home',
  adult: 'With an adult',
  alone: 'By a child alone',
} as const;

/** Beneath the hand-out, always. */
export const HOME_CAUTION =
  'Only what is marked here is tried at home, in these amounts and with these things. The label on a bottle comes first. Goggles for everybody; nothing of it is eaten or drunk; hands washed afterwards.';

/** “60 mL vinegar”, “2 × clear bottle”, “deep tray”: of one it is enough to name it. */
export function thingWords({ amount, name }: { amount: string; name: string }): string {
  const thing = name.toLowerCase();
  if (amount === '1') return thing;
  return /^\d+$/.test(amount) ? `${amount} × ${thing}` : `${amount} ${thing}`;
}
