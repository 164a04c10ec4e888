/** Type on stage: a size for a table's distance, and one for a phone in the hand. */
export const wide = (size: number, phone: number, weight: number) => ({
  xs: `${weight} ${phone}px/${Math.round(phone * 1.1)}px Bricolage`,
  md: `${weight} ${size}px/${Math.round(size * 0.98)}px Bricolage`,
});
