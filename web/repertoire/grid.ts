/** Fields side by side, as many as fit, none narrower than `min` px. */
export const grid = (min: number) => ({
  display: 'grid',
  gap: 1.5,
  gridTemplateColumns: `repeat(auto-fit, minmax(min(100%, ${min}px), 1fr))`,
});
