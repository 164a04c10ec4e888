/** Type on stage: a size for a table's distance, and one for a phone in the hand. */
export const wide = (size: number, phone: number, weight: number) => ({
  xs: `${weight} ${phone}px/${Math.round(phone * 1.1)}px Bricolage`,
  md: `${weight} ${size}px/${Math.round(size * 0.98)}px Bricolage`,
});

/** A phone on its side: hardly any height. */
export const LOW = '@media (max-height: 500px)';

/** Labels and what stands beside: read at two metres too. */
export const LABEL = { xs: '600 16px/22px Atkinson', md: '600 24px/32px Atkinson' };
