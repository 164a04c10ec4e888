import Box from '@mui/material/Box';

/** Each go a small square: filled when it has come to something. Decorative beside its words. */
export const GoDots = ({ done, planned }: { done: number; planned: number }) => (
  <Box aria-hidden="true" sx={{ display: 'flex', flexWrap: 'wrap', gap: '2px' }}>
    {Array.from({ length: Math.min(planned, 72) }, (_, i) => (
      <Box
        key={i}
        sx={{
          width: 8,
          height: 10,
          borderRadius: '2px',
          border: '1px solid var(--control)',
          background: i < done ? 'var(--control)' : 'none',
        }}
      />
    ))}
  </Box>
);
