import Box from '@mui/material/Box';
import type { PublicScreen, PublicWords } from '../../core/stage/screen';
import { Big, Head, middle } from './ScreenParts';

const line = { font: '400 34px/1.2 Atkinson', textAlign: 'left', overflow: 'hidden' } as const;

/** Smaller the more there is of it: what was found is read from the last row, what it rests on nearer. */
const sizeOf = (words: string): number => (words.length < 120 ? 34 : words.length < 260 ? 27 : 22);

/** What a trial found out, what it rests on, and why it is so. */
export function Claim({
  screen,
  says: { words, evidence, reasoning },
}: {
  screen: PublicScreen;
  says: Extract<PublicWords, { kind: 'claim' }>;
}) {
  const below = [
    ['We saw', evidence],
    ['We think', reasoning],
  ].filter(([, text]) => text !== '');
  return (
    <>
      <Head screen={screen} />
      <Box sx={middle}>
        <Big words={words} most={below.length > 0 ? 120 : 150} />
      </Box>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: '150px 1fr' }}>
        {below.map(([label = '', text = '']) => (
          <Box key={label} sx={{ display: 'contents' }}>
            <Box sx={{ ...line, color: 'var(--muted)' }}>{label}</Box>
            <Box sx={{ ...line, fontSize: sizeOf(text) }}>{text}</Box>
          </Box>
        ))}
      </Box>
    </>
  );
}
