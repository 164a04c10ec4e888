/** What is chosen on the line-up: a card, or one task of it. */
export interface Selection {
  slot: string;
  task: string | null;
}

const CARD = 'card-';
export const cardId = (slot: string): string => `${CARD}${slot}`;

/** Brings a card into view, and leaves the page where it is when it is seen already. */
export function showCard(slot: string): void {
  const calm = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
  document
    .getElementById(cardId(slot))
    ?.scrollIntoView({ block: 'nearest', behavior: calm ? 'auto' : 'smooth' });
}
