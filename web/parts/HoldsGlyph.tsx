/** Two posts and a bar of tape: it must be done before the start. */
export const HoldsGlyph = ({ size = 14, label }: { size?: number; label?: string }) => (
  <svg
    width={size}
    height={size}
    viewBox="0 0 16 16"
    fill="none"
    stroke="currentColor"
    style={{ flex: 'none' }}
    {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
  >
    <path d="M1.600 3V14M14.400 3V14" strokeWidth={1.9} />
    <path d="M1.600 5.300H14.400V9.900H1.600z" strokeWidth={1.2} />
    <path
      d="M3 9.900 5.600 5.300H8.200L5.600 9.900zM8.600 9.900 11.200 5.300H13.800L11.200 9.900z"
      fill="currentColor"
      stroke="none"
    />
  </svg>
);
