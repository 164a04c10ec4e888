/** Pictograms of the harmonised system, as a label carries them by its hazard codes. */
import Box from '@mui/material/Box';
import { PICTOGRAM_WORDS, pictogramsOf } from '../../core/kit/pictograms';
import { PICTOGRAM_FRAME, PICTOGRAM_RED, PICTOGRAM_SHAPES } from '../../core/kit/pictogramShapes';

const PAINT = { symbol: '#000', paper: '#fff', none: 'none' } as const;

export function Pictograms({ hazards, size }: { hazards: readonly string[]; size: number }) {
  const shown = pictogramsOf(hazards);
  if (shown.length === 0) return null;
  return (
    <Box component="span" sx={{ display: 'inline-flex', gap: 0.5, verticalAlign: 'middle' }}>
      {shown.map((one) => (
        <svg
          key={one}
          viewBox="0 0 100 100"
          width={size}
          height={size}
          role="img"
          aria-label={PICTOGRAM_WORDS[one]}
        >
          <path d={PICTOGRAM_FRAME} fill="#fff" stroke={PICTOGRAM_RED} strokeWidth={6} />
          {PICTOGRAM_SHAPES[one].map(({ d, fill, line }) => (
            <path
              key={d}
              d={d}
              fill={PAINT[fill]}
              stroke={line > 0 ? '#000' : 'none'}
              strokeWidth={line}
            />
          ))}
        </svg>
      ))}
    </Box>
  );
}
