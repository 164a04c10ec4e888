/** A row of the lists beside what is to be ordered. */
export const lineRow = {
  display: 'flex',
  gap: 1.5,
  flexWrap: 'wrap',
  alignItems: 'baseline',
  borderTop: '1px solid var(--line)',
  py: 0.75,
} as const;
