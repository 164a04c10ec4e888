/** What all that the audience is shown is made of. */
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { PublicScreen } from '../../core/stage/screen';
import { pinked } from '../parts/tapeShape';

/** The screen is drawn on this, and scaled to whatever there is. */
export const WIDTH = 1280;
export const HEIGHT = 720;

export const middle = {
  flex: 1,
  minHeight: 0,
  display: 'grid',
  placeItems: 'center',
  textAlign: 'center',
};

export const tapeOf = ({ slot }: PublicScreen): string =>
  slot?.mark ? `var(--tape-${slot.mark})` : 'var(--person-on-stage)';

/** Smaller the more there is of it, so that nothing is cut. */
const sizeFor = (words: string, most: number): number =>
  words.length < 22
    ? most
    : words.length < 44
      ? most * 0.74
      : words.length < 80
        ? most * 0.56
        : most * 0.42;

export const Big = ({ words, most = 150 }: { words: string; most?: number }) => (
  <Box
    component="h1"
    sx={{
      m: 0,
      font: `800 ${sizeFor(words, most)}px/1.05 Bricolage`,
      letterSpacing: '-0.02em',
      textWrap: 'balance',
      maxWidth: 1160,
    }}
  >
    {words}
  </Box>
);

export function Head({
  screen,
  named = true,
  children,
}: {
  screen: PublicScreen;
  /** Its name stands elsewhere, larger. */
  named?: boolean;
  children?: ReactNode;
}) {
  const { slot } = screen;
  if (!slot) return null;
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 2.5, height: 92 }}>
      <Box
        sx={{
          display: 'grid',
          placeItems: 'center',
          width: 104,
          height: 88,
          background: tapeOf(screen),
          color: 'var(--on-tape)',
          clipPath: pinked(5, 8),
          font: '800 60px Bricolage',
        }}
      >
        {slot.number}
      </Box>
      <Box sx={{ font: '400 46px Atkinson', color: 'var(--muted)' }}>of {slot.of}</Box>
      <Box
        sx={{
          flex: 1,
          minWidth: 0,
          font: `700 ${slot.name.length > 22 ? 44 : 60}px Bricolage`,
          overflow: 'hidden',
          textOverflow: 'ellipsis',
          whiteSpace: 'nowrap',
        }}
      >
        {named && slot.name}
      </Box>
      {children}
    </Box>
  );
}
