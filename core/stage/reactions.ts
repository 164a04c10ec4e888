/** How an audience takes a slot, from 1 to 5. */
export const REACTIONS: readonly number[] = [1, 2, 3, 4, 5];

/** For the crew. */
const OWN_WORDS = [
  'nobody stirred',
  'a few looked up',
  'they watched',
  'they were with it',
  'the roof came off',
];
/** For the venue. */
const VENUE_WORDS = ['quietly', 'politely', 'with interest', 'warmly', 'loudly'];

export const reactionWords = (value: number): string => OWN_WORDS[value - 1] ?? '';

/** “taken warmly” */
export const takenWords = (value: number): string => `taken ${VENUE_WORDS[value - 1] ?? ''}`.trim();
